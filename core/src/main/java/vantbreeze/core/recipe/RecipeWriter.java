package vantbreeze.core.recipe;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Collectors;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Circle;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Link;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Figure;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.NumberWords;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.WorkedPlan;

/**
 * Writes a card down as a recipe, in our own plain style. What it writes, {@link Recipes} reads back as the same card.
 */
public final class RecipeWriter {

    private final WorkedPlan worked;
    private final Ruler ruler;
    private final RecipeStyle style;
    private final boolean tellsTogether;

    private RecipeWriter(WorkedPlan worked, Ruler ruler, RecipeStyle style, boolean tellsTogether) {
        this.worked = worked;
        this.ruler = ruler;
        this.style = style;
        this.tellsTogether = tellsTogether;
    }

    /**
     * The recipe of {@code worked}, in the figures of {@code ruler}; one that is not on a mark of it is written
     * exactly, in millimetres. With all that is glued, whatever the style.
     */
    public static String write(WorkedPlan worked, Ruler ruler, RecipeStyle style) {
        return new RecipeWriter(worked, ruler, style, true).recipe();
    }

    /** Only its pieces and mats, one line each. */
    public static String pieces(WorkedPlan worked, Ruler ruler) {
        return new RecipeWriter(worked, ruler, RecipeStyle.SHORT, false).recipe();
    }

    private String recipe() {
        List<String> lines = new ArrayList<>();
        lines.add("Name: " + worked.plan().name());
        lines.add("");
        List<Panels> pieces =
                worked.pieces().stream().map(piece -> piece.panels()).toList();
        boolean several = pieces.size() > 1;
        for (int i = 0; i < pieces.size(); i++) {
            List<String> told = piece(pieces.get(i), several ? i + 1 : 0);
            if (style == RecipeStyle.SHORT) {
                lines.add(told.get(0)
                        + told.stream().skip(1).map(RecipeWriter::within).collect(Collectors.joining())
                        + ".");
            } else {
                told.forEach(sentence -> lines.add(sentence + "."));
                lines.add("");
            }
        }
        List<String> mats = new WrittenMats(worked, style, this::figures, this::panel).lines();
        lines.addAll(mats);
        if (style == RecipeStyle.SHORT || !mats.isEmpty()) {
            lines.add("");
        }
        List<String> together = tellsTogether ? together() : List.of();
        if (!together.isEmpty()) {
            lines.addAll(together);
            lines.add("");
        }
        lines.add(String.format(
                Locale.ROOT,
                "Note: %s, %s closed, %s thick; %s.",
                worked.structure().name(),
                Figure.of(worked.footprint().width(), ruler)
                        .by(Figure.of(worked.footprint().height(), ruler)),
                Figure.estimate(worked.closedCard().thickness(), ruler).inWords(),
                worked.cardstock().name()));
        worked.plan()
                .notes()
                .lines()
                .filter(line -> !line.isBlank())
                .forEach(line -> lines.add("Note: " + line.strip()));
        return String.join("\n", lines) + "\n";
    }

    /** A sentence that goes on in its line. */
    private static String within(String sentence) {
        return "; " + sentence.substring(0, 1).toLowerCase(Locale.ROOT) + sentence.substring(1);
    }

    /** Its sentences, without full stops. */
    private List<String> piece(Panels panels, int number) {
        List<String> told = new ArrayList<>();
        Piece piece = panels.piece();
        Size cut = piece.cutSize();
        String name = piece.name()
                .replaceAll("[^\\p{L}\\p{N} ]", " ")
                .replaceAll("\\s+", " ")
                .strip();
        told.add("%s: %s"
                .formatted(
                        number > 0 && !name.matches(".* \\d+") ? name + " " + number(number) : name,
                        figures(List.of(cut.width(), cut.height()), style == RecipeStyle.ALOUD ? " by " : " × ")));
        Spot middle = new Spot(cut.width().dividedBy(2), cut.height().dividedBy(2));
        if (Circle.isOne(piece.outline(), middle)) {
            told.add("Round");
        } else if (!isSheet(piece)) {
            told.add("Corners: %s".formatted(spots(piece.outline())));
        }
        piece.openings()
                .forEach(hole -> told.add(
                        Circle.isOne(hole, middle)
                                ? "Hole of %s in the middle"
                                        .formatted(figures(
                                                List.of(Extent.of(hole).size().width()), ""))
                                : "Hole: %s".formatted(spots(hole))));
        List<Crease> upright = piece.creases().stream()
                .filter(crease -> isWhole(piece, crease) && crease.line().isUpright())
                .toList();
        List<Crease> level = piece.creases().stream()
                .filter(crease -> isWhole(piece, crease) && crease.line().isLevel())
                .toList();
        whole("", upright, crease -> crease.line().from().x(), told);
        whole("level ", level, crease -> crease.line().from().y(), told);
        piece.creases().stream()
                .filter(crease -> !upright.contains(crease) && !level.contains(crease))
                .forEach(crease -> told.add("Score between %s%s"
                        .formatted(
                                line(crease.line()),
                                crease.fold() == Fold.UNASSIGNED ? "" : ", " + fold(crease.fold()))));
        piece.slits().forEach(slit -> told.add("Slit between %s".formatted(line(slit))));
        return told;
    }

    /** Whether a score runs right across a rectangular piece and folds one way. */
    private static boolean isWhole(Piece piece, Crease crease) {
        Length side = crease.line().isUpright()
                ? piece.cutSize().height()
                : piece.cutSize().width();
        return isSheet(piece)
                && crease.fold().sign() != 0
                && Length.nearest(crease.line().millimetres()).equals(side);
    }

    private void whole(String how, List<Crease> creases, Function<Crease, Length> place, List<String> told) {
        if (!creases.isEmpty()) {
            List<Crease> sorted =
                    creases.stream().sorted(Comparator.comparing(place)).toList();
            String scores = "Score %sat %s"
                    .formatted(how, figures(sorted.stream().map(place).toList(), ", "));
            String folds = sorted.stream().map(crease -> fold(crease.fold())).collect(Collectors.joining(", "));
            told.add(scores + (style == RecipeStyle.SHORT ? ", fold " : ". Fold ") + folds);
        }
    }

    private static boolean isSheet(Piece piece) {
        Size cut = piece.cutSize();
        return piece.outline().size() == 4
                && piece.outline().containsAll(FreeCard.sheet("", cut).outline());
    }

    private List<String> together() {
        List<String> lines = new ArrayList<>();
        FoldGraph graph = worked.form().graph();
        for (Join join : graph.assembly().joins()) {
            Attachment at = join.at();
            String turned = at.turnDegrees() == 0 ? "" : ", turned %s degrees".formatted(degrees(at.turnDegrees()));
            String within = join.area().isEmpty() ? "" : ", within " + spots(join.area());
            lines.add("%s %s by its %s to the %s of %s, with its %s at %s%s%s."
                    .formatted(
                            join.slides() ? "Thread" : "Glue",
                            panel(join.glued()),
                            side(join.gluedSide()),
                            side(join.onSide()),
                            panel(join.on()),
                            spot(at.glued()),
                            spot(at.on()),
                            turned,
                            within));
        }
        for (Over over : graph.assembly().overs()) {
            lines.add("Lay %s over %s.".formatted(panel(over.above()), panel(over.below())));
        }
        int eighths = graph.assembly().eighthTurns();
        if (eighths != 0) {
            lines.add(
                    eighths % 2 != 0
                            ? "Turned %s eighths.".formatted(number(eighths))
                            : "Turned %s quarter%s.".formatted(number(eighths / 2), eighths == 2 ? "" : "s"));
        }
        if (graph.assembly().base() != null) {
            lines.add("Moves from %s."
                    .formatted(panel(new PanelRef(0, graph.assembly().base()))));
        }
        for (Link.Folded hinge : graph.hinges()) {
            if (worked.form().flat().degreesAt(hinge) == 0 && hinge.hinge().fold() != Fold.BEND) {
                int piece = graph.pieceOf().get(hinge.from());
                lines.add("Panel %s and panel %s of piece %s stay open."
                        .formatted(
                                number(hinge.hinge().left().index() + 1),
                                number(hinge.hinge().right().index() + 1),
                                number(piece + 1)));
            }
        }
        return lines;
    }

    private String panel(PanelRef ref) {
        Panel panel =
                worked.pieces().get(ref.piece()).panels().named(ref.panel()).orElseThrow();
        return panel(panel.index(), ref.piece());
    }

    /** A panel of a piece, both from 0. */
    private String panel(int panel, int piece) {
        return "panel %s of piece %s".formatted(number(panel + 1), number(piece + 1));
    }

    private String number(int number) {
        return style == RecipeStyle.ALOUD ? NumberWords.said(number) : String.valueOf(number);
    }

    /** Between 0 and 360, to a ten-millionth: a metre of paper is turned by less than it can be measured. */
    private String degrees(double turn) {
        BigDecimal within = BigDecimal.valueOf(((turn % 360) + 360) % 360).setScale(7, RoundingMode.HALF_EVEN);
        String degrees =
                within.signum() == 0 ? "0" : within.stripTrailingZeros().toPlainString();
        return style == RecipeStyle.ALOUD ? SaidFigures.said(degrees) : degrees;
    }

    private static String side(Side side) {
        return side == Side.FACE ? "face" : "back";
    }

    private String fold(Fold fold) {
        boolean words = style == RecipeStyle.ALOUD;
        return switch (fold) {
            case MOUNTAIN -> words ? "mountain" : "m";
            case VALLEY -> words ? "valley" : "v";
            case BEND -> "bend";
            case UNASSIGNED -> "either way";
        };
    }

    private String line(Stretch line) {
        return spot(line.from()) + ", and " + spot(line.to());
    }

    private String spots(List<Spot> spots) {
        return spots.stream().map(this::spot).collect(Collectors.joining(", "));
    }

    private String spot(Spot spot) {
        return "%s from left and %s from foot".formatted(write(spot.x()), write(spot.y()));
    }

    private String write(Length length) {
        String figure = Figure.of(length.abs(), ruler).text();
        return (length.isNegative() ? "minus " : "") + (style == RecipeStyle.ALOUD ? SaidFigures.said(figure) : figure);
    }

    /** Several lengths; in short, a unit stands only behind the last of those that share it. */
    private String figures(List<Length> lengths, String joint) {
        List<String> written = lengths.stream().map(this::write).collect(Collectors.toCollection(ArrayList::new));
        for (int i = 0; style == RecipeStyle.SHORT && i + 1 < written.size(); i++) {
            if (unit(written.get(i)).equals(unit(written.get(i + 1)))) {
                written.set(i, written.get(i).substring(0, written.get(i).lastIndexOf(' ')));
            }
        }
        return String.join(joint, written);
    }

    private static String unit(String figure) {
        return figure.substring(figure.lastIndexOf(' '));
    }
}
