package vantbreeze.core.extra;

import java.util.List;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/**
 * A seat over a fold that pops out as it opens: tab, spring, seat, spring, tab. Closed, it lies to and fro, so that its
 * seat is as wide as both springs and the difference of their distances from the fold.
 */
final class PopOutKind extends OverAFold {

    static final String SPRING = "spring";
    static final String SECOND = "second";
    static final String REACH = "reach";
    static final String OTHER_REACH = "other-reach";

    private static final String NO_SEAT = "there would be no seat between the springs";
    private static final String TIGHT = "the fold could not be opened flat: the strip would be too short";

    @Override
    public String id() {
        return "pop-out";
    }

    @Override
    public String name() {
        return "Pop-out over a fold";
    }

    @Override
    public String meaning() {
        return "a seat that pops out as the fold opens";
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of(SPRING, "Spring", "from the first tab to the seat", "first spring"),
                Measure.of(SECOND, "Other spring", "from the seat to the other tab", "second spring"),
                Measure.of(REACH, "From the fold", "how far from the fold it is hinged on the first panel"),
                Measure.of(OTHER_REACH, "From the fold, other side", "the same on the other panel"),
                tab(),
                breadth(),
                alongTheFold());
    }

    @Override
    public Length usual(String key, Fitted at) {
        Length room = room(at).min(otherRoom(at));
        return switch (key) {
            case TAB -> at.tab(room.dividedBy(2));
            case SPRING -> at.atLeast(Allowance.NARROWEST_SPRING, room.dividedBy(5));
            case SECOND -> at.get(SPRING);
            case REACH ->
                at.atLeast(
                        Allowance.NARROWEST_SPRING,
                        at.get(SPRING).plus(at.get(SECOND)).times(3).dividedBy(4));
            case OTHER_REACH -> at.get(REACH);
            case BREADTH, ALONG -> usualAlong(key, at);
            default -> throw unknown(key);
        };
    }

    private static Length springs(Fitted at) {
        return at.get(SPRING).plus(at.get(SECOND));
    }

    private static Length seat(Fitted at) {
        return springs(at).plus(at.get(REACH)).minus(at.get(OTHER_REACH));
    }

    @Override
    public Limits limits(String key, Fitted at) {
        Length least = at.allowed(Allowance.NARROWEST_SPRING);
        Length reach = at.get(REACH);
        Length other = at.get(OTHER_REACH);
        return switch (key) {
            case SPRING, SECOND -> {
                Length rest = at.get(key.equals(SPRING) ? SECOND : SPRING);
                Length flat = other.minus(rest);
                Length seat = least.plus(other).minus(reach).minus(rest);
                Length limit = least.max(flat).max(seat);
                yield Edges.free(limit, limit.equals(least) ? Edges.SPRING : limit.equals(flat) ? TIGHT : NO_SEAT);
            }
            case REACH -> {
                Length seat = least.plus(other).minus(springs(at));
                yield new Limits(
                        least.max(seat),
                        seat.isLongerThan(least) ? NO_SEAT : NEAR,
                        room(at).minus(at.get(TAB)),
                        Edges.BEYOND);
            }
            case OTHER_REACH -> {
                Length edge = otherRoom(at).minus(at.get(TAB));
                Length flat = springs(at);
                Length seat = springs(at).plus(reach).minus(least);
                Length limit = edge.min(flat).min(seat);
                yield new Limits(
                        least, NEAR, limit, limit.equals(edge) ? Edges.BEYOND : limit.equals(flat) ? TIGHT : NO_SEAT);
            }
            case TAB -> Edges.tab(at, room(at).minus(reach).min(otherRoom(at).minus(other)), Edges.BEYOND);
            case BREADTH, ALONG -> limitsAlong(key, at);
            default -> throw unknown(key);
        };
    }

    @Override
    public Body body(Fitted at) {
        return new Body(
                List.of(
                        new Body.Part("first tab", at.get(TAB), Fold.UNASSIGNED),
                        new Body.Part("first spring", at.get(SPRING), Fold.VALLEY),
                        new Body.Part("seat", seat(at), Fold.MOUNTAIN),
                        new Body.Part("second spring", at.get(SECOND), Fold.VALLEY),
                        new Body.Part("second tab", at.get(TAB), Fold.VALLEY)),
                at.get(BREADTH),
                List.of(
                        Body.Glue.of(0, false, Side.BACK, at.on(), onFirst(at, at.get(REACH)), aside(at, at.on())),
                        Body.Glue.of(
                                4,
                                true,
                                Side.BACK,
                                at.other(),
                                onSecond(at, at.get(OTHER_REACH)),
                                aside(at, at.other()))),
                !at.between().isUpright());
    }

    /** Open flat a trapezium over the fold, from there evenly to how it lies closed. */
    @Override
    public double[] standing(Fitted at, double degrees) {
        double base = at.get(REACH).plus(at.get(OTHER_REACH)).millimetres();
        double springs = springs(at).millimetres();
        double cos = (base - seat(at).millimetres()) / springs;
        double lift = Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, cos))));
        double closed = Math.max(0, Math.min(1, degrees / 180));
        double[] open = {lift, -lift, -lift, lift};
        double[] shut = lying(at).get(0);
        double[] angles = new double[4];
        for (int i = 0; i < 4; i++) {
            angles[i] = open[i] + closed * (shut[i] - open[i]);
        }
        return angles;
    }

    @Override
    public List<double[]> lying(Fitted at) {
        return List.of(new double[] {180, -180, 180, 0});
    }
}
