package vantbreeze.core.made;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.core.build.BuildPlan;
import vantbreeze.core.build.BuildStep;
import vantbreeze.core.build.StepKind;
import vantbreeze.core.cutting.Blank;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.hand.Handle;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.made.MadeFigure.Where;
import vantbreeze.core.plan.WorkedPlan;

/** What of a card can be measured, step by step: both sides of what is cut, and where its straight scores lie. */
public final class MadeFigures {

    private final WorkedPlan card;
    private final FoldGraph graph;
    private final List<PieceId> ids;

    private MadeFigures(WorkedPlan card) {
        this.card = card;
        this.graph = card.form().graph();
        this.ids = PieceId.all(graph.assembly().pieces());
    }

    /** Of all steps, by the id of the step; steps without any are left out. */
    public static Map<String, List<MadeFigure>> of(BuildPlan building) {
        MadeFigures figures = new MadeFigures(building.card());
        Map<String, List<MadeFigure>> all = new LinkedHashMap<>();
        for (BuildStep step : building.steps()) {
            List<MadeFigure> of = figures.of(step);
            if (!of.isEmpty()) {
                all.put(step.id().text(), of);
            }
        }
        return all;
    }

    private List<MadeFigure> of(BuildStep step) {
        if (step.subject() instanceof BuildStep.OfPaper paper) {
            return card.blanks().byStock().getOrDefault(paper.stockId(), List.of()).stream()
                    .flatMap(this::sides)
                    .toList();
        }
        if (step.id().kind() == StepKind.CHECK) {
            return closed();
        }
        return step.id().kind() == StepKind.SCORE && step.subject() instanceof BuildStep.OfPieces pieces
                ? lines(step, pieces.pieces())
                : List.of();
    }

    private List<MadeFigure> closed() {
        return Stream.of(MadeFigure.Way.values())
                .map(way -> {
                    String words = "Closed, " + way.name().toLowerCase(Locale.ROOT);
                    return new MadeFigure(words, words, planned(way), new MadeFigure.OfClosed(way), Set.of());
                })
                .toList();
    }

    private Length planned(MadeFigure.Way way) {
        return switch (way) {
            case WIDTH -> card.footprint().width();
            case HEIGHT -> card.footprint().height();
            case THICKNESS ->
                Figure.estimate(card.closedCard().thickness(), card.ruler()).length();
        };
    }

    private Stream<MadeFigure> sides(Blank blank) {
        String name = name(blank, card);
        String id = key(blank.uses().get(0));
        Set<String> among = blank.uses().stream().map(MadeFigures::key).collect(Collectors.toSet());
        return Stream.of(true, false)
                .map(across -> new MadeFigure(
                        id + (across ? ", width" : ", height"),
                        name + (across ? ", width" : ", height"),
                        across ? blank.size().width() : blank.size().height(),
                        where(blank, across),
                        among));
    }

    private Where where(Blank blank, boolean across) {
        Blank.Use use = blank.uses().get(0);
        if (use instanceof Blank.OfPiece) {
            return new MadeFigure.OfLine(blank.uses().stream()
                    .map(Blank.OfPiece.class::cast)
                    .map(one ->
                            new Handle(Handle.Kind.EDGE, ids.indexOf(one.piece()), across ? 0 : 1, Handle.End.WHOLE))
                    .toList());
        }
        return use instanceof Blank.OfLayer layer
                ? new MadeFigure.OfLayer(layer.face(), layer.level(), across)
                : new MadeFigure.Alone();
    }

    private List<MadeFigure> lines(BuildStep step, List<Integer> pieces) {
        List<MadeFigure> lines = new ArrayList<>();
        Ruler ruler = card.ruler();
        for (int i = 0; i < step.readings().size(); i++) {
            BuildStep.Reading reading = step.readings().get(i);
            for (BuildStep.Line line : reading.lines()) {
                if (line.kind() != BuildStep.LineKind.SCORE && line.kind() != BuildStep.LineKind.LEVEL) {
                    continue;
                }
                boolean upright = line.kind() == BuildStep.LineKind.SCORE;
                Length planned = reading.figures().get(0).length();
                lines.add(new MadeFigure(
                        String.format(Locale.ROOT, "%s, line %d", step.id().text(), line.index()),
                        "%s, score %s from %s"
                                .formatted(
                                        ids.get(pieces.get(0)).inWords(),
                                        Figure.of(planned, ruler).inWords(),
                                        upright ? "left" : "foot"),
                        planned,
                        new MadeFigure.OfLine(pieces.stream()
                                .map(piece -> new Handle(
                                        upright ? Handle.Kind.SCORE : Handle.Kind.LEVEL,
                                        piece,
                                        line.index(),
                                        Handle.End.WHOLE))
                                .toList()),
                        Set.of(Remaining.key(step, i))));
            }
        }
        return lines;
    }

    /** As a maker knows what is cut: a layer by its number and where it goes. */
    static String name(Blank blank, WorkedPlan card) {
        if (blank.uses().get(0) instanceof Blank.OfLayer layer) {
            return layer.face()
                    .find(card.form().graph())
                    .map(face ->
                            "%s, on %s".formatted(blank.name(), card.faceWords().inSentence(face)))
                    .orElse(blank.name());
        }
        return blank.name();
    }

    /** How something that is cut is known, whatever else is cut. */
    static String key(Blank.Use use) {
        if (use instanceof Blank.OfPiece one) {
            return one.piece().inWords();
        }
        if (use instanceof Blank.OfPart part) {
            return String.format(Locale.ROOT, "%s, part %d", part.piece().inWords(), part.part());
        }
        if (use instanceof Blank.OfLayer layer) {
            FaceName face = layer.face();
            return String.format(
                    Locale.ROOT,
                    "layer %d on %d, %s, %s",
                    layer.level(),
                    face.piece(),
                    face.panel(),
                    face.side().name().toLowerCase(Locale.ROOT));
        }
        return "run of "
                + ((Blank.OfRun) use).parts().stream().map(MadeFigures::key).toList();
    }
}
