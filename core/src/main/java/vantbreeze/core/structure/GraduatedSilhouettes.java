package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
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
    /** How many outlines there are. */
    public static final Choice COUNT = Choice.count("count", "Outlines", "how many hang together", 2, 8, 4);
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
        return List.of(
                Parameter.width("Outline 1"),
                Parameter.height(),
                Parameter.of(FALL, "Fall", "how much lower each outline is"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(COUNT, OUTLINE);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        String hinge = "the last hinge would be too short to hold";
        return switch (parameter) {
            case Parameter.WIDTH ->
                bounds.widthBeside(bounds.narrowest().times(2), "outlines can't be cut cleanly on a narrower card");
            case Parameter.HEIGHT -> new Limits(leastHeight(measures), hinge, Bounds.LONGEST, Bounds.TOO_LONG);
            case FALL ->
                new Limits(
                        allowed(Allowance.LEAST_STEP),
                        "the outlines would hardly differ",
                        mostFall(measures, measures.get(Parameter.HEIGHT)),
                        hinge);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /**
     * The last hinge runs from where the last outline but one begins to run straight to where the last one ceases to.
     */
    private Length mostFall(Measures measures, Length height) {
        int steps = measures.count(COUNT) - 1;
        Silhouette outline = Silhouettes.find(measures.chosen(OUTLINE));
        double lost = steps * outline.runTo() - (steps - 1) * outline.runFrom();
        double room = height.millimetres() * (outline.runTo() - outline.runFrom())
                - bounds.leastTab().millimetres();
        return Length.nearest(room / lost).min(height.times(2).dividedBy(3L * steps));
    }

    /** By halving, so that it agrees with {@link #mostFall} to the unit. */
    private Length leastHeight(Measures measures) {
        long low = 0;
        long high = Bounds.LONGEST.units();
        while (high - low > 1) {
            long middle = (low + high) / 2;
            boolean holds = !mostFall(measures, Length.ofUnits(middle)).isShorterThan(measures.get(FALL));
            high = holds ? middle : high;
            low = holds ? low : middle;
        }
        return Length.ofUnits(high);
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
        for (int i = 0; i < count; i++) {
            Length height =
                    measures.get(Parameter.HEIGHT).minus(measures.get(FALL).times(i));
            Length half = half(measures, height);
            Length axis = left.plus(half);
            append(below, reversed(outline.below()), axis, half.negated(), height);
            append(below, outline.below(), axis, half, height);
            append(above, outline.above(), axis, half.negated(), height);
            append(above, reversed(outline.above()), axis, half, height);
            names.add(new PanelName(new Spot(axis, height.dividedBy(2)), "Outline " + (i + 1)));
            left = axis.plus(half);
            if (i + 1 < count) {
                Length next = height.minus(measures.get(FALL));
                creases.add(new Crease(
                        new Stretch(
                                new Spot(left, at(outline.runFrom(), height)),
                                new Spot(left, at(outline.runTo(), next))),
                        i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN));
            }
        }
        Collections.reverse(above);
        below.addAll(above);
        return Assembly.of(new Piece("Silhouettes", below.stream().distinct().toList(), creases, List.of(), names));
    }

    /** Half of how wide an outline of this height is: the first as wide as the card, the others on a mark. */
    private static Length half(Measures measures, Length height) {
        Length whole = measures.get(Parameter.HEIGHT);
        Length width = measures.get(Parameter.WIDTH);
        return height.equals(whole)
                ? width.dividedBy(2)
                : measures.marked(Length.nearest(width.millimetres() / 2 * height.millimetres() / whole.millimetres()));
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
