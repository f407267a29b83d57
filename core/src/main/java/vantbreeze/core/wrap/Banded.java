package vantbreeze.core.wrap;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Bounds;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Parameter;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/** What goes once round a card and is glued to itself: a band, a sleeve. */
abstract class Banded extends WrapStructure {

    /** Id of how much longer than the way round it is. */
    public static final String EASE = "ease";
    /** Id of how high the strip is. */
    public static final String STRIP = "strip";
    /** Id of the width of its front. */
    public static final String FRONT = "front";
    /** Id of how deep its walls are. */
    public static final String WALL = "wall";
    /** Id of the length of its inner end. */
    public static final String INNER = "inner";
    /** Id of how far its ends lie over one another. */
    public static final String OVERLAP = "overlap";

    private final String word;

    /** @param word what its piece is called */
    Banded(String word, Allowances allowances) {
        super(allowances);
        this.word = word;
    }

    @Override
    List<Parameter> own() {
        return List.of(
                Parameter.of(STRIP, word + " height", "up the strip")
                        .ofPieces(word)
                        .following(),
                Parameter.of(EASE, "Ease", "how much longer it is than the way round")
                        .following(),
                Parameter.of(WALL, "Wall", "between its two scores at each edge; nil for one fold at each")
                        .following(),
                Parameter.of(FRONT, "Front", "across the front", Loop.FRONT).following(),
                Parameter.of(INNER, "Inner end", "how far the end beneath reaches", Loop.INNER)
                        .following(),
                Parameter.of(OVERLAP, "Overlap", "how far its ends lie over one another")
                        .following());
    }

    /** How high the strip usually is. */
    abstract Length usualStrip(Measures measures);

    /** What is cut out of its upper edge, from the right. */
    List<Spot> notch(Length front, Length begins, Length height, Measures measures) {
        return List.of();
    }

    /** On the marks above, so that it is never too short; twice the front and twice the wall go round with the ease. */
    @Override
    Length ownUsual(String parameter, Measures measures) {
        return switch (parameter) {
            case STRIP -> usualStrip(measures);
            case EASE -> usual(Allowance.BAND_EASE, measures);
            case WALL -> {
                Length thick = of(HALF_ACROSS, measures).minus(measures.get(Parameter.WIDTH));
                yield thick.isShorterThan(allowed(Allowance.BAND_WALL)) ? Length.ZERO : measures.markedAbove(thick);
            }
            case FRONT ->
                measures.markedAbove(of(HALF_ACROSS, measures)
                        .plus(of(EASE, measures).dividedBy(2))
                        .minus(of(WALL, measures))
                        .max(measures.get(Parameter.WIDTH)));
            case INNER -> measures.marked(of(FRONT, measures).dividedBy(2));
            case OVERLAP -> usual(Allowance.TAB, measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    Limits ownLimits(String parameter, Measures measures) {
        Length least = bounds.narrowest();
        Length front = of(FRONT, measures);
        Length inner = of(INNER, measures);
        return switch (parameter) {
            case STRIP -> bounds.height();
            case EASE -> new Limits(Length.ZERO, GOES_NOT_ROUND, front, "it would hang loose");
            case WALL -> new Limits(Length.ZERO, Bounds.TOO_NARROW, front, "the wall would be wider than the front");
            case FRONT ->
                new Limits(
                        measures.get(Parameter.WIDTH).max(measures.says(INNER) ? inner : least),
                        GOES_NOT_ROUND,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case INNER -> new Limits(least.max(of(OVERLAP, measures)), Bounds.TOO_NARROW, front, "it would poke out");
            case OVERLAP -> new Limits(Length.ZERO, "its ends would not meet", inner, "it would reach round the edge");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    final Loop loop(Measures measures) {
        Length front = of(FRONT, measures);
        Length wall = of(WALL, measures);
        Length inner = of(INNER, measures);
        Length height = of(STRIP, measures);
        return new Loop(
                front, wall, inner, of(OVERLAP, measures), height, notch(front, inner.plus(wall), height, measures));
    }

    @Override
    public Assembly assemble(Measures measures) {
        return loop(measures).assembly(word);
    }

    @Override
    public final boolean isOpenBelow() {
        return true;
    }

    @Override
    public final Inside inside(Measures measures) {
        double wall = of(WALL, measures).millimetres();
        return new Inside(of(FRONT, measures).millimetres() + wall, 0, wall);
    }

    /** Pressed flat. */
    @Override
    public Size finished(Measures measures) {
        return new Size(of(FRONT, measures).plus(of(WALL, measures)), of(STRIP, measures));
    }

    @Override
    public Pose opened(Measures measures) {
        return stations(measures).get(0).pose();
    }

    @Override
    public Pose closed(Measures measures) {
        return loop(measures).flat();
    }

    @Override
    public List<Station> stations(Measures measures) {
        return loop(measures).stations();
    }

    @Override
    public double showing() {
        return 0;
    }
}
