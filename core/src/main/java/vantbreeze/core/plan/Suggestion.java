package vantbreeze.core.plan;

import static java.util.Objects.requireNonNullElse;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.sight.Sights;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Ground;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Cardstocks;
import vantbreeze.core.paper.Look;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Dresses a card: the same stack on every panel that shows from before, and one plain pale layer on the largest that
 * shows only inside or from behind, to write on. What does not show, or is glued over, gets nothing.
 */
public record Suggestion(Workshop workshop, WorkedPlan worked) {

    /**
     * A mat of the first plain paper of one's own and a layer of the first printed one; of white paper where there is
     * none.
     */
    public List<LayerChoice> usualStack() {
        Length border = allowances().of(Allowance.BORDER, worked.plan().ruler());
        String mat = paper(paper -> paper.look().print() == Look.Print.NONE
                        && !paper.colour().equals(Cardstock.WHITE))
                .orElse("paper-160");
        String layer = paper(paper -> paper.look().print() != Look.Print.NONE).orElse("paper-120");
        return List.of(LayerChoice.of(mat, border), LayerChoice.of(layer, border));
    }

    private Optional<String> paper(Predicate<Cardstock> wanted) {
        return workshop.cardstocks().byId().entrySet().stream()
                .filter(entry -> !entry.getKey().equals(worked.plan().cardstockId()))
                .filter(entry -> wanted.test(entry.getValue()))
                .map(Map.Entry::getKey)
                .findFirst();
    }

    /** Faces that show and can be dressed, those seen from before first. */
    public List<Face> showing() {
        Sights sights = worked.sights();
        return worked.grounds().free().stream()
                .filter(face -> sights.of(face).isPresent())
                .sorted(Comparator.comparing(
                        face -> sights.of(face).orElseThrow().behind()))
                .toList();
    }

    /** The card dressed so. What the maker dressed already stays. */
    public Dressing dressing(List<LayerChoice> stack) {
        FoldGraph graph = worked.form().graph();
        Sights sights = worked.sights();
        Grounds grounds = worked.grounds();
        Dressing dressing = worked.plan().dressing();
        List<Face> showing = showing();
        Optional<Face> writing = showing.stream()
                .filter(face -> sights.of(face).orElseThrow().behind())
                .max(Comparator.comparingDouble(face -> grounds.of(face).area()));
        List<Dressed> more = new ArrayList<>();
        for (Face face : showing) {
            FaceName name = FaceName.of(face, graph);
            if (dressing.on(name).isEmpty() && fits(grounds.of(face), stack)) {
                boolean writes = writing.isPresent() && writing.get().equals(face);
                more.add(Dressed.of(
                        name,
                        writes ? List.of(LayerChoice.of(pale(), stack.get(0).border())) : stack));
            }
        }
        for (Dressed one : more) {
            dressing = dressing.with(one);
        }
        return dressing;
    }

    private String pale() {
        return workshop.cardstocks().byId().containsKey("paper-120")
                ? "paper-120"
                : requireNonNullElse(worked.plan().cardstockId(), Cardstocks.USUAL);
    }

    /** A panel too small for the borders is left as it is. */
    private boolean fits(Ground ground, List<LayerChoice> stack) {
        double borders = stack.stream()
                .mapToDouble(choice -> choice.border().millimetres())
                .sum();
        return ground.leaves(
                borders + allowances().of(Allowance.NARROWEST_LAYER).millimetres() / 2);
    }

    private Allowances allowances() {
        return workshop.tools().allowances();
    }
}
