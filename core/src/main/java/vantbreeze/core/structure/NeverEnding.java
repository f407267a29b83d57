package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/**
 * Never-ending card: two pieces upright and two across them, each half as wide as the card, glued at the four corners.
 * It turns inside out through four faces, each of which lies flat.
 */
public final class NeverEnding extends CatalogueStructure {

    /** Whether it stays square. */
    public static final Choice SHAPE = Choice.of(
            "shape",
            "Shape",
            "square, of four equal pieces, or wider or higher, of two pairs",
            new Choice.Alternative("square", "square"),
            new Choice.Alternative("oblong", "as wide and high as I say"));

    private static final List<String> UPRIGHT = List.of("Left", "Right");
    private static final List<String> ACROSS = List.of("Foot", "Head");

    /** With the usual allowances of the trade. */
    public NeverEnding() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public NeverEnding(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "never-ending",
                "Never-ending card",
                "Four pieces glued at their corners turn inside out through four faces.",
                "Stories in four pictures; a toy as much as a card.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(), Parameter.of(Parameter.HEIGHT, "Finished height", "up the closed card"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(SHAPE);
    }

    /** A square one is as high as wide. */
    @Override
    public Measures rechosen(Measures before, String choice, String value, Ruler ruler) {
        Measures after = before.choosing(choice, value);
        return after.isChosen(SHAPE, "square") ? after.with(Parameter.HEIGHT, after.get(Parameter.WIDTH)) : after;
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        return switch (parameter) {
            case Parameter.WIDTH, Parameter.HEIGHT ->
                new Limits(bounds.narrowest().times(4), Bounds.TOO_NARROW, Bounds.LONGEST, Bounds.TOO_LONG);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** A square one stays square: its pieces are twice as long as wide. */
    @Override
    public Measures changed(Measures before, String parameter, Length length) {
        if (!before.isChosen(SHAPE, "square")) {
            return before.with(parameter, length);
        }
        return before.with(Parameter.WIDTH, length).with(Parameter.HEIGHT, length);
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length halfWidth = width.dividedBy(2);
        Length halfHeight = height.dividedBy(2);
        Length zero = Length.ZERO;
        return new Assembly(
                List.of(
                        piece("Left", halfWidth, height),
                        piece("Right", halfWidth, height),
                        piece("Foot", halfHeight, width),
                        piece("Head", halfHeight, width)),
                List.of(
                        across(0, "Left 1", 2, "Foot 2", zero, zero, halfHeight, zero),
                                across(0, "Left 5", 3, "Head 1", zero, height, zero, zero),
                        across(1, "Right 2", 2, "Foot 6", halfWidth, zero, halfHeight, width),
                                across(1, "Right 6", 3, "Head 5", halfWidth, height, zero, width)));
    }

    /** Laid on an upright piece, turned by a quarter. */
    private static Join across(
            int on, String onPanel, int glued, String gluedPanel, Length x, Length y, Length fromX, Length fromY) {
        return Join.of(
                new PanelRef(on, onPanel),
                Side.FACE,
                new PanelRef(glued, gluedPanel),
                Side.BACK,
                new Attachment(new Spot(x, y), new Spot(fromX, fromY), -90));
    }

    /**
     * Scored down the middle and a quarter from each end; its panels are counted from the foot, left and right in turn.
     */
    private static Piece piece(String name, Length width, Length length) {
        Length quarter = length.dividedBy(4);
        Length half = width.dividedBy(2);
        List<PanelName> names = new ArrayList<>();
        for (int row = 0; row < 3; row++) {
            Length y = quarter.dividedBy(2).times(row == 0 ? 1 : row == 1 ? 4 : 7);
            names.add(new PanelName(new Spot(half.dividedBy(2), y), name + " " + (2 * row + 1)));
            names.add(new PanelName(new Spot(half.dividedBy(2).times(3), y), name + " " + (2 * row + 2)));
        }
        return new Piece(
                name,
                Patch.sheet(width, length),
                List.of(
                        score(new Spot(half, Length.ZERO), new Spot(half, length)),
                        score(new Spot(Length.ZERO, quarter), new Spot(width, quarter)),
                        score(new Spot(Length.ZERO, length.minus(quarter)), new Spot(width, length.minus(quarter)))),
                List.of(),
                names);
    }

    /** Every score is folded both ways in turn. */
    private static Crease score(Spot from, Spot to) {
        return new Crease(new Stretch(from, to), Fold.VALLEY);
    }

    /** Shut, on its first face. */
    @Override
    public Pose closed(Measures measures) {
        return Pose.open();
    }

    /**
     * From the fourth face back to the first, in which it is posted: on the second the front pieces' flaps are turned
     * out, on the third the strips above and below are folded behind, on the fourth the back pieces' halves are turned
     * out.
     */
    @Override
    public List<Station> stations(Measures measures) {
        Pose first = Pose.open();
        Pose second = lengthwise(first, ACROSS, 180, 180);
        Pose third = second;
        for (String piece : UPRIGHT) {
            for (int column = 1; column <= 2; column++) {
                third = third.but(piece + " " + column, piece + " " + (column + 2), -180)
                        .but(piece + " " + (column + 2), piece + " " + (column + 4), -180);
            }
        }
        Pose fourth = lengthwise(third, UPRIGHT, 180, -180);
        return List.of(
                new Station("Fourth face", fourth),
                new Station("Third face", third),
                new Station("Second face", second),
                new Station("First face", first));
    }

    @Override
    public Pose opened(Measures measures) {
        return stations(measures).get(0).pose();
    }

    /** The scores down the middle of {@code pieces}, in their middle and at their ends. */
    private static Pose lengthwise(Pose pose, List<String> pieces, double middle, double ends) {
        for (String piece : pieces) {
            pose = pose.but(piece + " 1", piece + " 2", ends)
                    .but(piece + " 3", piece + " 4", middle)
                    .but(piece + " 5", piece + " 6", ends);
        }
        return pose;
    }

    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length step = widthStep(ruler.division());
        Length side = step.times(finished.shortSide().timesContaining(step)).max(step);
        return Measures.of(new Size(side, side), ruler);
    }

    @Override
    public double showing() {
        return 0.86;
    }

    @Override
    public boolean lies() {
        return true;
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(4);
    }
}
