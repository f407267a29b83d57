package vantbreeze.core.plan;

import static java.util.Objects.requireNonNullElse;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.sight.Sights;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Ground;
import vantbreeze.core.layer.Grounds;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Preset;
import vantbreeze.core.layer.Role;
import vantbreeze.core.length.Ruler;
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
        return Preset.BORDER_ON_BORDER.stack(usualMat(), usualPattern(), allowances(), ruler());
    }

    private String usualMat() {
        return paper(paper -> paper.look().print() == Look.Print.NONE
                        && !paper.colour().equals(Cardstock.WHITE))
                .orElse("paper-160");
    }

    private String usualPattern() {
        return paper(paper -> paper.look().print() != Look.Print.NONE).orElse("paper-120");
    }

    private Ruler ruler() {
        return worked.plan().ruler();
    }

    /** What most mats are of; none where there is no mat. */
    public Optional<String> mats() {
        return most(Role.MAT);
    }

    /** What most patterns are of; none where there is no pattern. */
    public Optional<String> patterns() {
        return most(Role.PATTERN);
    }

    private Optional<String> most(Role role) {
        return most(worked.plan().dressing().all().stream()
                .flatMap(dressed -> IntStream.range(0, dressed.layers().size())
                        .filter(level -> role(dressed, level) == role)
                        .mapToObj(level -> dressed.layers().get(level).paper())));
    }

    private Role role(Dressed dressed, int level) {
        return Preset.role(dressed.layers(), level, allowances(), ruler());
    }

    /** The commonest; of equally common ones the first. */
    private static <T> Optional<T> most(Stream<T> things) {
        return things
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .reduce((one, other) -> other.getValue() > one.getValue() ? other : one)
                .map(Map.Entry::getKey);
    }

    /** All mats, or all patterns, of one paper, but for the pale one to write on. */
    public Dressing inPaper(Role role, String paper) {
        String mat = mats().orElse("");
        Dressing other = worked.plan().dressing();
        for (Dressed dressed : worked.plan().dressing().all()) {
            boolean writes = dressed.layers().size() == 1
                    && !mat.equals(pale())
                    && dressed.layers().get(0).paper().equals(pale());
            if (!writes) {
                other = other.with(
                        dressed.layered(IntStream.range(0, dressed.layers().size())
                                .mapToObj(level -> role(dressed, level) == role
                                        ? dressed.layers().get(level).from(paper)
                                        : dressed.layers().get(level))
                                .toList()));
            }
        }
        return other;
    }

    /** The way in which most of the card is dressed, if that is one of the usual ones. */
    public Optional<Preset> preset() {
        return most(worked.plan().dressing().all().stream()
                .flatMap(dressed -> Preset.of(dressed.layers(), allowances(), ruler()).stream()));
    }

    /**
     * The whole card dressed in one way, in the papers that it wears. What the maker gave sizes of their own, set
     * something on or ran a paper across stays as it is.
     */
    public Dressing dressing(Preset preset) {
        Dressing own = worked.plan().dressing().keeping(dressed -> dressed.isOwn());
        String mat = mats().orElseGet(this::usualMat);
        String pattern = patterns().orElseGet(this::usualPattern);
        return new Suggestion(workshop, worked.withDressing(own))
                .dressing(preset.stack(mat, pattern, allowances(), ruler()));
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

    /** What one writes on. */
    public String pale() {
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
