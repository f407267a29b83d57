package vantbreeze.core.edit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import vantbreeze.core.check.Finding;
import vantbreeze.core.cutting.CutWords;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/** What changed between two plans, in the figures of the second one's ruler. */
public record Comparison(List<Difference> differences) {

    public Comparison {
        differences = List.copyOf(differences);
    }

    /** Sets {@code before} beside {@code after}; what is alike in both is left out. */
    public static Comparison of(WorkedPlan before, WorkedPlan after) {
        Ruler ruler = after.plan().ruler();
        Map<String, String> was = figures(before, ruler);
        Map<String, String> is = figures(after, ruler);
        Set<String> all = new LinkedHashSet<>(is.keySet());
        all.addAll(was.keySet());
        List<Difference> differences = new ArrayList<>();
        for (String what : all) {
            String one = was.getOrDefault(what, "");
            String other = is.getOrDefault(what, "");
            if (!one.equals(other)) {
                differences.add(new Difference(what, one, other));
            }
        }
        return new Comparison(differences);
    }

    private static Map<String, String> figures(WorkedPlan worked, Ruler ruler) {
        Plan plan = worked.plan();
        Map<String, String> figures = new LinkedHashMap<>();
        figures.put(Decision.NAME.label(), plan.name());
        figures.put("Structure", worked.structure().name());
        worked.structure()
                .asked(plan.measures())
                .forEach(parameter -> figures.put(
                        parameter.label(), write(worked.structure().measure(parameter.id(), plan.measures()), ruler)));
        worked.structure()
                .choices()
                .forEach(choice -> figures.put(
                        choice.label(), choice.labelOf(plan.measures().chosen(choice))));
        figures.put("Closed", write(worked.footprint(), ruler));
        figures.put(
                "Thickness",
                Figure.estimate(worked.closedCard().thickness(), ruler).inWords());
        figures.put(
                "Weight",
                String.format(
                        Locale.ROOT, "%.0f g", worked.closedCard().weight().grams()));
        List<PieceId> ids = PieceId.all(worked.of(Stages.ASSEMBLY).pieces());
        for (int i = 0; i < ids.size(); i++) {
            piece(ids.get(i).inWords(), worked.pieces().get(i), ruler, figures);
        }
        layers(worked, ruler, figures);
        Decision.ALL.forEach(decision -> figures.put(decision.label(), decision.shown(worked)));
        plan.supplies()
                .ofPieces()
                .forEach((piece, stock) -> figures.put(
                        "Cardstock of %s".formatted(piece.inWords()),
                        worked.workshop().cardstock(stock).name()));
        plan.supplies()
                .slides()
                .forEach((piece, slide) -> figures.put(
                        "Print of %s".formatted(piece.inWords()),
                        "begins %s from left, %s from foot"
                                .formatted(write(slide.across(), ruler), write(slide.up(), ruler))));
        figures.put(
                "Must be fixed",
                String.valueOf(worked.findings().stream()
                        .filter(finding -> finding.severity() == Finding.Severity.MUST_FIX)
                        .count()));
        return figures;
    }

    private static void piece(String name, WorkedPiece piece, Ruler ruler, Map<String, String> figures) {
        figures.put(name + ", cut", write(piece.cut(), ruler));
        figures.put(name + ", scores", scores(piece.scores(), ruler));
        figures.put(name + ", level scores", scores(piece.turned(), ruler));
        figures.put(
                name + ", slits and slants",
                DrawnMark.of(piece.panels().piece()).stream()
                        .map(mark -> "%s from left and %s from foot to %s and %s"
                                .formatted(
                                        write(mark.from().x(), ruler),
                                        write(mark.from().y(), ruler),
                                        write(mark.to().x(), ruler),
                                        write(mark.to().y(), ruler)))
                        .collect(Collectors.joining("; ")));
    }

    private static void layers(WorkedPlan worked, Ruler ruler, Map<String, String> figures) {
        CutWords words = new CutWords(
                worked.faceWords(), ruler, worked.workshop().tools().dies());
        worked.layers()
                .all()
                .forEach(layer -> figures.merge(
                        "Layers on " + words.name(layer.face()),
                        "%s, %s".formatted(layer.paper().name(), words.border(layer)),
                        (lower, upper) -> lower + "; " + upper));
    }

    private static String scores(List<BoardScore> scores, Ruler ruler) {
        return scores.stream()
                .map(score -> "%s %s"
                        .formatted(
                                write(score.fromLeft(), ruler),
                                switch (score.fold()) {
                                    case MOUNTAIN -> "mountain";
                                    case VALLEY -> "valley";
                                    default -> "";
                                })
                        .strip())
                .collect(Collectors.joining(", "));
    }

    private static String write(Size size, Ruler ruler) {
        return Figure.of(size.width(), ruler).by(Figure.of(size.height(), ruler));
    }

    private static String write(Length length, Ruler ruler) {
        return Figure.of(length, ruler).inWords();
    }
}
