package vantbreeze.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import vantbreeze.core.build.BuildStep.Line;
import vantbreeze.core.build.BuildStep.LineKind;
import vantbreeze.core.build.BuildStep.OfPieces;
import vantbreeze.core.build.BuildStep.Reading;
import vantbreeze.core.build.BuildStep.Shown;
import vantbreeze.core.check.Words;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.DrawnMark;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.PieceId;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.tool.Board;

/**
 * What is done to pieces alike while they lie open: scored, slit and folded.
 *
 * <p>A fold is crisp when it goes away from the side on which it was scored, so that the dent is outside (common
 * practice, no source). What folds away from the face is scored there, what folds towards it from the back; where a
 * piece has both, all of it is scored from the face, and then those that fold the other way once more from behind.
 */
final class BaseSteps {

    static final String UP = "↑";
    private static final String ACROSS = "→";
    private static final String BLADE = "Cut away from your hand, along a metal rule, and cap the blade.";

    /** Usual times of a line and of a fold, seconds; from memory. */
    private static final int A_LINE = 15;

    private static final int A_SLIT = 30;
    private static final int A_FOLD = 20;

    private final WorkedPlan card;
    private final List<Integer> numbers;
    private final WorkedPiece piece;
    private final String name;
    private final String of;
    private final List<BuildStep> steps = new ArrayList<>();

    /**
     * @param ids of the card's pieces
     * @param numbers which of them are worked on together
     */
    BaseSteps(WorkedPlan card, List<PieceId> ids, List<Integer> numbers) {
        this.card = card;
        this.numbers = List.copyOf(numbers);
        this.piece = card.pieces().get(numbers.get(0));
        this.of = ids.get(numbers.get(0)).inWords();
        this.name = numbers.size() == 1
                ? of
                : String.format(
                        Locale.ROOT,
                        "%d × %s",
                        numbers.size(),
                        ids.get(numbers.get(0)).name());
    }

    /** In the order in which they can be done. */
    List<BuildStep> steps() {
        scores();
        slits();
        folds();
        return List.copyOf(steps);
    }

    /** The lines of one kind that are scored on a side. */
    private record OneWay(LineKind kind, List<BoardScore> scores) {

        boolean upright() {
            return kind == LineKind.SCORE;
        }
    }

    private void scores() {
        List<OneWay> ways =
                List.of(new OneWay(LineKind.SCORE, piece.scores()), new OneWay(LineKind.LEVEL, piece.turned()));
        List<Fold> folds = Stream.concat(
                        ways.stream().flatMap(way -> way.scores().stream()).map(BoardScore::fold),
                        slanted().stream().flatMap(mark -> Optional.ofNullable(mark.fold()).stream()))
                .toList();
        if (folds.isEmpty()) {
            return;
        }
        boolean hasMountain = folds.stream().anyMatch(fold -> fold != Fold.VALLEY);
        boolean hasValley = folds.stream().anyMatch(fold -> fold != Fold.MOUNTAIN);
        Side first = hasMountain ? Side.FACE : Side.BACK;
        for (OneWay way : ways) {
            score(StepKind.SCORE, way, first, way.scores());
        }
        slantedScores(StepKind.SCORE, first, slanted());
        if (hasMountain && hasValley) {
            for (OneWay way : ways) {
                score(
                        StepKind.SCORE_AGAIN,
                        way,
                        Side.BACK,
                        way.scores().stream()
                                .filter(score -> score.fold() != Fold.MOUNTAIN)
                                .toList());
            }
            slantedScores(
                    StepKind.SCORE_AGAIN,
                    Side.BACK,
                    slanted().stream()
                            .filter(mark -> mark.fold() != Fold.MOUNTAIN)
                            .toList());
        }
    }

    private void score(StepKind kind, OneWay way, Side up, List<BoardScore> scores) {
        if (scores.isEmpty()) {
            return;
        }
        boolean upright = way.upright();
        String edge = upright ? "left edge" : "foot";
        String how = up == Side.FACE
                ? "This side up, %s at the fence.".formatted(edge)
                : "Turned over %s, so that the %s stays at the fence."
                        .formatted(upright ? "top to bottom" : "left to right", edge);
        steps.add(BuildStep.of(
                id(kind, upright ? "" : ", level"),
                scored(kind) + (upright ? "" : ", the level lines"),
                how,
                StepTool.BOARD,
                new OfPieces(numbers, up),
                Stretches.byDistance(scores).stream()
                        .map(along -> reading(way, along, kind == StepKind.SCORE))
                        .toList(),
                List.of(),
                A_LINE * scores.size() * numbers.size()));
    }

    private String scored(StepKind kind) {
        return kind == StepKind.SCORE ? "Score %s".formatted(name) : "Score %s again from behind".formatted(name);
    }

    /** All that is scored with the fence at one place. */
    private Reading reading(OneWay way, Stretches along, boolean tellsFold) {
        boolean upright = way.upright();
        Board board = card.tools().board(card.ruler());
        List<Shown> figures = new ArrayList<>(List.of(new Shown(along.fromLeft(), null)));
        List<String> notes = new ArrayList<>();
        if (tellsFold) {
            notes.add(along.folds().stream().map(PieceWords::words).collect(Collectors.joining(" and ")));
        }
        List<BoardScore.Part> parts = along.parts(piece.panels().piece(), upright);
        for (BoardScore.Part part : parts) {
            figures.add(new Shown(part.from(), upright ? UP : ACROSS));
            figures.add(new Shown(part.to(), "–"));
        }
        if (parts.size() == 1) {
            notes.add(only(parts, upright));
        } else if (!parts.isEmpty()) {
            notes.add("only these stretches, from %s".formatted(begins(upright)));
        }
        if (!board.hasGrooveAt(along.fromLeft(), along.fromRight())) {
            notes.add("between two grooves, so along a rule");
        }
        figure(along.fromLeft()).exactly().ifPresent(exactly -> notes.add("exactly " + exactly));
        return new Reading(figures, String.join("; ", notes), lines(way.kind(), along));
    }

    private List<Line> lines(LineKind kind, Stretches along) {
        List<BoardScore> all = kind == LineKind.SCORE ? piece.scores() : piece.turned();
        return along.scores().stream()
                .map(score -> new Line(kind, all.indexOf(score)))
                .toList();
    }

    private String only(List<BoardScore.Part> parts, boolean upright) {
        return "only from %s from %s"
                .formatted(
                        Words.list(parts.stream()
                                .map(part -> "%s to %s".formatted(write(part.from()), write(part.to())))
                                .toList()),
                        begins(upright));
    }

    /** The edge that is measured from along a line. */
    private static String begins(boolean upright) {
        return upright ? "foot" : "left";
    }

    private List<DrawnMark> slanted() {
        return DrawnMark.of(piece.panels().piece()).stream()
                .filter(mark -> mark.fold() != null)
                .toList();
    }

    private void slantedScores(StepKind kind, Side up, List<DrawnMark> marks) {
        if (marks.isEmpty()) {
            return;
        }
        steps.add(BuildStep.of(
                id(kind, ", slanted"),
                scored(kind) + ", the slanted lines",
                "%s Mark both ends of each line, from left and from foot."
                        .formatted(up == Side.FACE ? "This side up." : "Turned over top to bottom."),
                StepTool.RULE,
                new OfPieces(numbers, up),
                marks.stream().map(this::reading).toList(),
                List.of(),
                2 * A_LINE * marks.size() * numbers.size()));
    }

    private void slits() {
        List<DrawnMark> slits = DrawnMark.of(piece.panels().piece()).stream()
                .filter(mark -> mark.fold() == null)
                .toList();
        if (slits.isEmpty()) {
            return;
        }
        steps.add(BuildStep.of(
                id(StepKind.SLIT, ""),
                "Slit %s".formatted(name),
                card.tools().stopsInside()
                        ? "Set the blade down on one mark and lift it at the other."
                        : "Mark both ends, stop short, finish with a knife at the point.",
                StepTool.KNIFE,
                new OfPieces(numbers, Side.FACE),
                slits.stream().map(this::reading).toList(),
                List.of(BLADE),
                A_SLIT * slits.size() * numbers.size()));
    }

    private Reading reading(DrawnMark mark) {
        Spot from = fromCorner(mark.from());
        Spot to = fromCorner(mark.to());
        Line line = new Line(LineKind.MARK, DrawnMark.of(piece.panels().piece()).indexOf(mark));
        Fold fold = mark.fold();
        String way = fold == null ? "" : PieceWords.words(fold) + "; ";
        boolean upright = from.x().equals(to.x());
        if (!upright && !from.y().equals(to.y())) {
            return new Reading(
                    List.of(
                            new Shown(from.x(), null),
                            new Shown(from.y(), UP),
                            new Shown(to.x(), ACROSS),
                            new Shown(to.y(), UP)),
                    way + "from left and from foot, to the same",
                    List.of(line));
        }
        Length one = upright ? from.y() : from.x();
        Length other = upright ? to.y() : to.x();
        return new Reading(
                List.of(
                        new Shown(upright ? from.x() : from.y(), upright ? null : UP),
                        new Shown(one.min(other), upright ? UP : ACROSS),
                        new Shown(one.max(other), "–")),
                "%sfrom %s; start and stop from %s".formatted(way, begins(!upright), begins(upright)),
                List.of(line));
    }

    private void folds() {
        List<Reading> readings = new ArrayList<>();
        for (LineKind kind : List.of(LineKind.SCORE, LineKind.LEVEL)) {
            boolean upright = kind == LineKind.SCORE;
            List<BoardScore> scores = upright ? piece.scores() : piece.turned();
            FoldLook look = new FoldLook(piece, upright, card.ruler());
            for (Stretches along : Stretches.byFold(scores)) {
                List<BoardScore.Part> parts = along.parts(piece.panels().piece(), upright);
                String only = parts.isEmpty() ? "" : "; " + only(parts, upright);
                String meets = look.of(along.scores().get(0))
                        .map(words -> "; look: " + words)
                        .orElse("");
                readings.add(new Reading(
                        List.of(new Shown(along.fromLeft(), upright ? null : UP)),
                        PieceWords.words(along.folds().get(0)) + only + meets,
                        lines(kind, along)));
            }
        }
        List<DrawnMark> marks = DrawnMark.of(piece.panels().piece());
        for (int i = 0; i < marks.size(); i++) {
            Fold fold = marks.get(i).fold();
            if (fold != null) {
                readings.add(new Reading(
                        List.of(),
                        "%s, slanted".formatted(PieceWords.words(fold)),
                        List.of(new Line(LineKind.MARK, i))));
            }
        }
        if (!readings.isEmpty()) {
            crosses().ifPresent(readings::add);
            steps.add(BuildStep.of(
                    id(StepKind.FOLD, ""),
                    "Fold %s".formatted(name),
                    "Burnish one fold at a time and open it again. Valley: towards you; mountain: away from you.",
                    StepTool.FOLDER,
                    new OfPieces(numbers, Side.FACE),
                    readings,
                    List.of(),
                    A_FOLD * readings.size() * numbers.size()));
        }
    }

    /** So that no layer is laid on the wrong panel (common practice, no source). */
    private Optional<Reading> crosses() {
        long dressed = card.layers().faces().stream()
                .filter(face -> numbers.contains(card.form().graph().pieceOf().get(face.panel())))
                .count();
        return dressed == 0
                ? Optional.empty()
                : Optional.of(Reading.of(
                        dressed == 1
                                ? "a small X in pencil on the panel that gets a layer; the layer covers it"
                                : String.format(
                                        Locale.ROOT,
                                        "a small X in pencil on each of the %d panels that get a layer;"
                                                + " the layer covers it",
                                        dressed)));
    }

    private StepId id(StepKind kind, String which) {
        return new StepId(kind, of + which);
    }

    /** As it is measured from the left edge and the foot of the piece. */
    private Spot fromCorner(Spot spot) {
        return piece.panels().piece().extent().fromCorner(spot);
    }

    private Figure figure(Length length) {
        return Figure.of(length, card.ruler());
    }

    private String write(Length length) {
        return figure(length).inWords();
    }
}
