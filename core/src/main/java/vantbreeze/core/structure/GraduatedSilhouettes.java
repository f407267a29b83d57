package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.outline.Silhouette;
import vantbreeze.core.outline.Silhouettes;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Graduated silhouettes: copies of one outline, each lower and narrower, feet on one line, joined side to side by short
 * upright hinges and folded as a concertina. The hinge is what the straight runs of two neighbours have in common.
 */
public final class GraduatedSilhouettes extends CatalogueStructure {

    /** Id of how much lower each outline is than the last. */
    public static final String FALL = "fall";
    /** What the ids of the heights of single outlines begin with; behind it which, from 1. */
    public static final String ONE_HEIGHT = "height-";
    /** What the ids of the widths of single outlines begin with; behind it which, from 1. */
    public static final String ONE_WIDTH = "width-";

    private static final int MOST = 8;

    /** How many outlines there are. */
    public static final Choice COUNT = Choice.count("count", "Outlines", "how many hang together", 2, MOST, 4);
    /** Which outline. */
    public static final Choice OUTLINE = outline();

    /** The outlines of the house, or an SVG path. */
    static Choice outline() {
        return new Choice(
                "outline",
                "Outline",
                "one of these, or an SVG path of your own",
                List.of(
                        new Choice.Alternative("arch", "arch"),
                        new Choice.Alternative("gable", "gable"),
                        new Choice.Alternative("egg", "egg"),
                        new Choice.Alternative("bottle", "bottle"),
                        new Choice.Alternative("heart", "heart")),
                true);
    }

    /** With the usual allowances of the trade. */
    public GraduatedSilhouettes() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public GraduatedSilhouettes(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "graduated-silhouettes",
                "Graduated silhouettes",
                "A row of outlines, each smaller than the last, folded one behind the other.",
                "Families of anything: houses, eggs, bottles; standing rows for windowsills.");
    }

    @Override
    public List<Parameter> parameters() {
        List<Parameter> all = new ArrayList<>(List.of(
                Parameter.width("Outline 1"),
                Parameter.height(),
                Parameter.of(FALL, "Each lower by", "how much lower each outline is")));
        for (int outline = 2; outline <= MOST; outline++) {
            int which = outline;
            String name = "Outline " + outline;
            all.add(Parameter.of(ONE_HEIGHT + outline, name + " height", "how high it is; those behind it follow")
                    .whenCounting(COUNT, count -> count >= which)
                    .following());
            all.add(Parameter.of(ONE_WIDTH + outline, name + " width", "across it", name)
                    .whenCounting(COUNT, count -> count >= which)
                    .following());
        }
        return all;
    }

    @Override
    public List<Choice> choices() {
        return List.of(COUNT, OUTLINE);
    }

    /** Each outline is lower by the fall, and narrower in proportion; none is wider than the one before it. */
    @Override
    public Length usual(String parameter, Measures measures) {
        int before = before(parameter);
        if (parameter.startsWith(ONE_HEIGHT)) {
            return heights(measures).get(before - 1).minus(measures.get(FALL));
        }
        Length whole = measures.get(Parameter.HEIGHT);
        Length wide = measures.get(Parameter.WIDTH);
        Length height = of(ONE_HEIGHT + (before + 1), measures);
        Length half = Length.nearest(wide.millimetres() / 2 * height.millimetres() / whole.millimetres());
        return measures.marked(half).times(2).min(before == 1 ? wide : of(ONE_WIDTH + before, measures));
    }

    private int before(String parameter) {
        if (!parameter.startsWith(ONE_HEIGHT) && !parameter.startsWith(ONE_WIDTH)) {
            throw Bounds.unknown(this, parameter);
        }
        return Integer.parseInt(parameter.substring(parameter.indexOf('-') + 1)) - 1;
    }

    private static final String HINGE = "the last hinge would be too short to hold";
    private static final String POKES = "an outline would poke out of the closed card";

    @Override
    public Limits limits(String parameter, Measures measures) {
        if (parameter.startsWith(ONE_WIDTH)) {
            return oneWidth(parameter, measures);
        }
        if (parameter.startsWith(ONE_HEIGHT)) {
            return oneHeight(parameter, measures);
        }
        return switch (parameter) {
            case Parameter.WIDTH ->
                bounds.widthBeside(bounds.narrowest().times(2), "outlines can't be cut cleanly on a narrower card");
            case Parameter.HEIGHT -> {
                // with heights of one's own it is they that say how far they hang together
                Length said = highestSaid(measures);
                yield said.isPositive()
                        ? bounds.covering(said, POKES)
                        : new Limits(
                                Halving.last(
                                        Bounds.LONGEST,
                                        bounds.narrowest(),
                                        tried -> hangs(measures.with(Parameter.HEIGHT, tried))),
                                HINGE,
                                Bounds.LONGEST,
                                Bounds.TOO_LONG);
            }
            case FALL -> {
                // beside an outline of its own height a neighbour may be too high as well as too low
                Predicate<Length> hangs = tried -> hangs(measures.with(FALL, tried));
                Length step = allowed(Allowance.LEAST_STEP);
                Length fall = measures.get(FALL).max(step);
                Length good = hangs.test(fall) ? fall : step;
                Length least = Halving.last(good, step, hangs);
                yield new Limits(
                        least,
                        least.equals(step) ? "the outlines would hardly differ" : HINGE,
                        Halving.last(good, measures.get(Parameter.HEIGHT), hangs),
                        HINGE);
            }
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** How high one outline may be, from a height at which all hang together; only as usual where there is none. */
    private Limits oneHeight(String parameter, Measures measures) {
        Predicate<Length> hangs = tried -> hangs(measures.with(parameter, tried));
        Length whole = measures.get(Parameter.HEIGHT);
        Length good = good(parameter, measures, whole, hangs);
        Length most = Halving.last(good, whole, hangs);
        return new Limits(Halving.last(good, Length.ZERO, hangs), HINGE, most, most.equals(whole) ? POKES : HINGE);
    }

    /** How wide one outline may be for all to hide behind the first. */
    private Limits oneWidth(String parameter, Measures measures) {
        Predicate<Length> hides = tried -> new Zigzag(widths(measures.with(parameter, tried))).isHidden();
        Length whole = measures.get(Parameter.WIDTH);
        Length good = good(parameter, measures, whole, hides);
        Length narrowest = bounds.narrowest();
        Length least = Halving.last(good, narrowest.min(good), hides);
        return new Limits(
                least,
                least.isLongerThan(narrowest) ? POKES : "so narrow an outline can't be cut cleanly",
                Halving.last(good, whole, hides),
                POKES);
    }

    /** A length for which something holds: as it is, or usually is, or as the whole; as usual where there is none. */
    private Length good(String parameter, Measures measures, Length whole, Predicate<Length> holds) {
        Length usual = usual(parameter, measures);
        return List.of(of(parameter, measures), usual, whole).stream()
                .filter(holds)
                .findFirst()
                .orElse(usual);
    }

    private static Length highestSaid(Measures measures) {
        return IntStream.rangeClosed(2, measures.count(COUNT))
                .mapToObj(outline -> measures.said(ONE_HEIGHT + outline, Length.ZERO))
                .reduce(Length.ZERO, Length::max);
    }

    /**
     * Whether every two neighbours have a straight run in common that is long enough, and the last outline is at least
     * a third as high as the card.
     */
    private boolean hangs(Measures measures) {
        Silhouette outline = Silhouettes.find(measures.chosen(OUTLINE));
        List<Length> heights = heights(measures);
        Length last = heights.get(heights.size() - 1);
        boolean holds = last.isPositive() && !last.times(3).isShorterThan(measures.get(Parameter.HEIGHT));
        for (int i = 1; holds && i < heights.size(); i++) {
            holds = !run(outline, heights.get(i - 1), heights.get(i)).isShorterThan(bounds.leastTab());
        }
        return holds;
    }

    /** How long the hinge is between neighbours of these heights. */
    private static Length run(Silhouette outline, Length one, Length other) {
        return at(outline.runTo(), one.min(other)).minus(at(outline.runFrom(), one.max(other)));
    }

    private List<Length> heights(Measures measures) {
        List<Length> heights = new ArrayList<>(List.of(measures.get(Parameter.HEIGHT)));
        for (int outline = 2; outline <= measures.count(COUNT); outline++) {
            heights.add(
                    measures.said(ONE_HEIGHT + outline, heights.get(outline - 2).minus(measures.get(FALL))));
        }
        return heights;
    }

    private List<Length> widths(Measures measures) {
        List<Length> widths = new ArrayList<>(List.of(measures.get(Parameter.WIDTH)));
        for (int outline = 2; outline <= measures.count(COUNT); outline++) {
            widths.add(of(ONE_WIDTH + outline, measures));
        }
        return widths;
    }

    @Override
    public Assembly assemble(Measures measures) {
        Silhouette outline = Silhouettes.find(measures.chosen(OUTLINE));
        int count = measures.count(COUNT);
        List<Spot> below = new ArrayList<>();
        List<Spot> above = new ArrayList<>();
        List<Crease> creases = new ArrayList<>();
        List<PanelName> names = new ArrayList<>();
        Length left = Length.ZERO;
        List<Length> heights = heights(measures);
        List<Length> widths = widths(measures);
        for (int i = 0; i < count; i++) {
            Length height = heights.get(i);
            Length half = widths.get(i).dividedBy(2);
            Length axis = left.plus(half);
            append(below, reversed(outline.below()), axis, half.negated(), height);
            append(below, outline.below(), axis, half, height);
            append(above, outline.above(), axis, half.negated(), height);
            append(above, reversed(outline.above()), axis, half, height);
            names.add(new PanelName(new Spot(axis, height.dividedBy(2)), "Outline " + (i + 1)));
            left = axis.plus(half);
            if (i + 1 < count) {
                Length next = heights.get(i + 1);
                creases.add(new Crease(
                        new Stretch(
                                new Spot(left, at(outline.runFrom(), height.max(next))),
                                new Spot(left, at(outline.runTo(), height.min(next)))),
                        i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN));
            }
        }
        Collections.reverse(above);
        below.addAll(above);
        return Assembly.of(new Piece("Silhouettes", below.stream().distinct().toList(), creases, List.of(), names));
    }

    private static Length at(double part, Length height) {
        return Length.nearest(part * height.millimetres());
    }

    private static List<Coordinate> reversed(List<Coordinate> chain) {
        List<Coordinate> turned = new ArrayList<>(chain);
        Collections.reverse(turned);
        return turned;
    }

    /** The right half's chain, or with a negative {@code half} the left one's. */
    private static void append(List<Spot> line, List<Coordinate> chain, Length axis, Length half, Length height) {
        for (Coordinate c : chain) {
            line.add(new Spot(axis.plus(Length.nearest(2 * c.x * half.millimetres())), at(c.y, height)));
        }
    }

    /** Each outline four fifths to nine tenths of the last. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length fall = ruler.nearest(finished.height().dividedBy(12))
                .length()
                .max(ruler.above(allowed(Allowance.LEAST_STEP)).length());
        return Measures.of(finished, ruler).with(FALL, fall);
    }

    @Override
    public double showing() {
        return 0.5;
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
