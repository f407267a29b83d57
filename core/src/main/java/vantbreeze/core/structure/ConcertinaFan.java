package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/**
 * Fan on a concertina: shallow steps, and on every step's face a triangle in the middle and a right triangle at each
 * side. A strip as high as the fan and twice as long as a triangle, scored in half and cut from the middle of each foot
 * to the two top corners, gives a pair of triangles and, of its offcuts, four side leaves.
 */
public final class ConcertinaFan extends CatalogueStructure {

    /** Id of the depth and height of each step. */
    public static final String STEP = "step";
    /** Id of the width of the triangles. */
    public static final String LEAF = "leaf";
    /** How many steps there are. */
    public static final Choice STEPS = Choice.count("steps", "Steps", "how many faces carry leaves", 2, 6, 4);
    /** Which way round the side leaves stand. */
    public static final Choice LEAVES = Choice.of(
            "leaves",
            "Side leaves",
            "their right angle outwards, or inwards",
            new Choice.Alternative("square", "square"),
            new Choice.Alternative("steep", "steep"));

    /** With the usual allowances of the trade. */
    public ConcertinaFan() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public ConcertinaFan(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "concertina-fan",
                "Fan on a concertina",
                "Shallow steps, each with three pointed leaves, that spread like a fan.",
                "Festive table cards; uses every offcut.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width().ofPieces("Card base"),
                Parameter.height().ofPieces("Triangle", "Left leaf", "Right leaf"),
                Parameter.of(STEP, "Step", "how deep and high each step is"),
                Parameter.of(LEAF, "Triangle", "across the large triangles", "Triangle"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(STEPS, LEAVES);
    }

    /**
     * On its face of the base, as high as a step, a leaf must leave its neighbour room to be glued down. With the right
     * angle outside the two slant alike and meet where the card is as wide as the triangle. Steep ones stand upright
     * beside a triangle that widens: at height v of the card's height h it reaches leaf / 2 · v / h to either side, so
     * that on a step s the card must be leaf · (1 + s / h) wide.
     */
    @Override
    public Limits limits(String parameter, Measures measures) {
        Length leaf = measures.get(LEAF);
        Length step = measures.get(STEP);
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        boolean steep = !measures.isChosen(LEAVES, "square");
        String overlap = "the leaves would lie on each other";
        String low = "the leaves would be lower than their steps";
        // the part of the height that the step may be, for the leaves to keep clear of each other
        double room = steep ? (double) width.minus(leaf).units() / leaf.units() : 1;
        return switch (parameter) {
            case Parameter.WIDTH ->
                bounds.covering(
                        steep ? upwards(leaf.units() * (1 + (double) step.units() / height.units())) : leaf, overlap);
            case Parameter.HEIGHT -> {
                Length clear = room >= 1 ? step : room > 0 ? upwards(step.units() / room) : Bounds.LONGEST;
                yield new Limits(
                        clear.max(bounds.narrowest()).min(Bounds.LONGEST),
                        clear.isLongerThan(step) ? overlap : low,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            }
            case STEP -> {
                Length clear = Length.ofUnits((long) Math.floor(height.units() * room));
                yield new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        height.min(clear),
                        clear.isShorterThan(height) ? overlap : low);
            }
            case LEAF ->
                new Limits(
                        bounds.narrowest().times(2),
                        "so slim a triangle can't be cut cleanly",
                        steep
                                ? Length.ofUnits(
                                        (long) Math.floor(width.units() / (1 + (double) step.units() / height.units())))
                                : width,
                        overlap);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static Length upwards(double units) {
        return Length.ofUnits((long) Math.ceil(units));
    }

    /** The base lies with its lowest tread on the left, as its scores run straight up the board. */
    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length step = measures.get(STEP);
        Length leaf = measures.get(LEAF);
        Length half = leaf.dividedBy(2);
        Strip strip = Strip.ofHeight("Card base", width);
        int steps = measures.count(STEPS);
        for (int i = 1; i <= steps; i++) {
            strip.panel("Tread " + i, step)
                    .fold(Fold.VALLEY)
                    .panel("Face " + i, step)
                    .fold(Fold.MOUNTAIN);
        }
        boolean square = measures.isChosen(LEAVES, "square");
        Spot foot = new Spot(half, Length.ZERO);
        Spot corner = new Spot(Length.ZERO, Length.ZERO);
        Spot right = new Spot(half, Length.ZERO);
        Piece triangle = triangle("Triangle", foot, new Spot(leaf, height), new Spot(Length.ZERO, height));
        Piece outLeft = triangle("Left leaf", corner, right, new Spot(Length.ZERO, height));
        Piece outRight = triangle("Right leaf", corner, right, new Spot(half, height));
        List<Piece> pieces = new ArrayList<>(List.of(strip.piece()));
        List<Join> joins = new ArrayList<>();
        for (int i = 1; i <= steps; i++) {
            Length at = step.times(2L * i - 1);
            String face = "Face " + i;
            glue(pieces, joins, triangle, face, new Spot(at, width.dividedBy(2)), foot);
            glue(pieces, joins, square ? outLeft : outRight, face, new Spot(at, width), corner);
            glue(pieces, joins, square ? outRight : outLeft, face, new Spot(at, Length.ZERO), right);
        }
        return new Assembly(pieces, joins).turned(1);
    }

    private static void glue(List<Piece> pieces, List<Join> joins, Piece leaf, String face, Spot on, Spot glued) {
        joins.add(Join.of(
                new PanelRef(0, face),
                Side.FACE,
                new PanelRef(pieces.size(), leaf.name()),
                Side.BACK,
                new Attachment(on, glued, -90)));
        pieces.add(leaf);
    }

    private static Piece triangle(String name, Spot a, Spot b, Spot c) {
        Spot middle = new Spot(
                Length.ofUnits((a.x().units() + b.x().units() + c.x().units()) / 3),
                Length.ofUnits((a.y().units() + b.y().units() + c.y().units()) / 3));
        return new Piece(name, List.of(a, b, c), List.of(), List.of(), List.of(new PanelName(middle, name)));
    }

    /**
     * Steps a quarter as high as the fan, triangles of five sevenths of the width, as 1 in and 5 of 7 × 4 (common
     * practice, no source).
     */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length step = ruler.nearest(finished.height().dividedBy(4))
                .length()
                .max(ruler.above(bounds.narrowest()).length());
        return Measures.of(finished, ruler)
                .with(STEP, step)
                .with(
                        LEAF,
                        Measures.centred(
                                ruler.below(finished.width().times(5).dividedBy(7))
                                        .length(),
                                Length.ZERO,
                                ruler));
    }

    @Override
    public double showing() {
        return 2.0 / 3;
    }

    /** It stands on its lower folds, the faces leaning as far back as the treads lean forward. */
    @Override
    public double lean() {
        return 90;
    }
}
