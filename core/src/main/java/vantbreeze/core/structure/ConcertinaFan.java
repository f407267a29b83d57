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
    /** Id of the height of the triangles. */
    public static final String TRIANGLE = "triangle";
    /** Id of the width of the side leaves. */
    public static final String SIDE = "side";
    /** Id of the height of the side leaves. */
    public static final String REACH = "reach";
    /** Id of how far above the foot of its face a leaf is. */
    public static final String UP = "up";
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
                Parameter.of(STEP, "Depth of each step", "how deep and high each step is"),
                Parameter.of(LEAF, "Triangle width", "across the large triangles", "Triangle"),
                Parameter.of(TRIANGLE, "Triangle height", "from their tips to their heads")
                        .ofPieces("Triangle")
                        .following(),
                Parameter.of(SIDE, "Side leaf width", "across the leaves at the sides", "Left leaf", "Right leaf")
                        .following(),
                Parameter.of(REACH, "Side leaf height", "how far they reach up")
                        .ofPieces("Left leaf", "Right leaf")
                        .following(),
                Parameter.of(UP, "Leaves above the fold", "how far above the foot of its face each is glued")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(STEPS, LEAVES);
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case UP -> Length.ZERO;
            case TRIANGLE -> measures.get(Parameter.HEIGHT).minus(of(UP, measures));
            case SIDE -> measures.get(LEAF).dividedBy(2);
            case REACH -> measures.get(Parameter.HEIGHT).minus(of(UP, measures));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String OVERLAP = "the leaves would lie on each other";
    private static final String LOW = "the leaves would be lower than their steps";
    private static final String STANDS_OUT = "the leaves would stand out above the closed card";

    /** On its face of the base a leaf must leave its neighbour room to be glued down. */
    @Override
    public Limits limits(String parameter, Measures measures) {
        Length step = measures.get(STEP);
        Length height = measures.get(Parameter.HEIGHT);
        Length up = of(UP, measures);
        Length least = bounds.narrowest();
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        Halving.last(Bounds.LONGEST, least, tried -> isClear(measures.with(Parameter.WIDTH, tried))),
                        OVERLAP,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT -> {
                Length covered = step.max(measures.said(TRIANGLE, Length.ZERO)
                                .max(measures.said(REACH, Length.ZERO))
                                .plus(up))
                        .max(up.plus(least))
                        .max(least);
                // where leaves have measures of their own, it is they that say how far they keep clear
                boolean follow = List.of(TRIANGLE, REACH, SIDE, UP).stream().noneMatch(measures::says);
                Length clear = follow
                        ? Halving.last(
                                Bounds.LONGEST, covered, tried -> isClear(measures.with(Parameter.HEIGHT, tried)))
                        : covered;
                yield new Limits(
                        clear,
                        clear.isLongerThan(covered) ? OVERLAP : covered.isLongerThan(step) ? STANDS_OUT : LOW,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            }
            case STEP -> {
                Length from = up.plus(bounds.leastTab()).max(least);
                Length clear = Halving.last(from, height, tried -> isClear(measures.with(STEP, tried)));
                yield new Limits(
                        from,
                        up.isPositive() ? NOT_GLUED : Bounds.TOO_NARROW,
                        clear,
                        clear.isShorterThan(height) ? OVERLAP : LOW);
            }
            case LEAF ->
                new Limits(
                        least.times(2),
                        "so slim a triangle can't be cut cleanly",
                        Halving.last(
                                least.times(2),
                                measures.get(Parameter.WIDTH),
                                tried -> isClear(measures.with(LEAF, tried))),
                        OVERLAP);
            case UP ->
                new Limits(
                        Length.ZERO,
                        "the leaves would hang below the foot of their faces",
                        step.minus(bounds.leastTab())
                                .min(height.minus(measures.said(TRIANGLE, least).max(measures.said(REACH, least)))),
                        NOT_GLUED);
            case TRIANGLE, REACH -> {
                String other = parameter.equals(TRIANGLE) ? REACH : TRIANGLE;
                Length high = height.minus(up);
                Length clear = Halving.last(high, least, tried -> isClear(measures.with(parameter, tried)));
                boolean isHighest = of(other, measures).isShorterThan(high);
                yield new Limits(
                        isHighest ? high : clear,
                        isHighest
                                ? "the whole fan would be lower; make its finished height less"
                                : clear.isLongerThan(least) ? OVERLAP : "so low a leaf can't be cut cleanly",
                        high,
                        STANDS_OUT);
            }
            case SIDE ->
                new Limits(
                        least,
                        "so slim a triangle can't be cut cleanly",
                        Halving.last(
                                least, measures.get(Parameter.WIDTH), tried -> isClear(measures.with(SIDE, tried))),
                        OVERLAP);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String NOT_GLUED = "too little of the leaves would lie on their faces";

    /**
     * Whether triangle and side leaves lie clear of one another on a face, up to its head. At v above its foot the
     * triangle, leaf wide and h high, reaches leaf / 2 · v / h to either side; a square leaf, side wide and r high,
     * reaches in side · (1 − v / r), a steep one all of its width. Both run straight, so foot and head tell.
     */
    private boolean isClear(Measures measures) {
        double half = measures.get(Parameter.WIDTH).units() / 2.0;
        double leaf = measures.get(LEAF).units() / 2.0;
        double side = of(SIDE, measures).units();
        double high = of(TRIANGLE, measures).units();
        double reach = of(REACH, measures).units();
        boolean square = measures.isChosen(LEAVES, "square");
        double head = Math.min(
                (double) measures.get(STEP).minus(of(UP, measures)).units(), square ? Math.min(high, reach) : high);
        double atHead = leaf * head / high + (square ? side * (1 - head / reach) : side);
        return side <= half && atHead <= half;
    }

    /** The base lies with its lowest tread on the left, as its scores run straight up the board. */
    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length step = measures.get(STEP);
        Length leaf = measures.get(LEAF);
        Length high = of(TRIANGLE, measures);
        Length side = of(SIDE, measures);
        Length reach = of(REACH, measures);
        Strip strip = Strip.ofHeight("Card base", width);
        int steps = measures.count(STEPS);
        for (int i = 1; i <= steps; i++) {
            strip.panel("Tread " + i, step)
                    .fold(Fold.VALLEY)
                    .panel("Face " + i, step)
                    .fold(Fold.MOUNTAIN);
        }
        boolean square = measures.isChosen(LEAVES, "square");
        Spot foot = new Spot(leaf.dividedBy(2), Length.ZERO);
        Spot corner = new Spot(Length.ZERO, Length.ZERO);
        Spot right = new Spot(side, Length.ZERO);
        Piece triangle = triangle("Triangle", foot, new Spot(leaf, high), new Spot(Length.ZERO, high));
        Piece outLeft = triangle("Left leaf", corner, right, new Spot(Length.ZERO, reach));
        Piece outRight = triangle("Right leaf", corner, right, new Spot(side, reach));
        List<Piece> pieces = new ArrayList<>(List.of(strip.piece()));
        List<Join> joins = new ArrayList<>();
        for (int i = 1; i <= steps; i++) {
            Length at = step.times(2L * i - 1).plus(of(UP, measures));
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
