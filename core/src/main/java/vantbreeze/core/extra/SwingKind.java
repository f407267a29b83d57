package vantbreeze.core.extra;

import java.util.List;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/**
 * A plane that swings out parallel to one panel, hung on the next: tab, plane, spring, tab. Its spring is as wide as
 * the plane stands off, so that it is a parallelogram that shears as the fold closes.
 */
final class SwingKind extends OverAFold {

    static final String PLANE = "plane";
    static final String DEPTH = "depth";

    @Override
    public String id() {
        return "swing";
    }

    @Override
    public String name() {
        return "Swinging plane";
    }

    @Override
    public String meaning() {
        return "a plane that comes forward from one panel with the next one, as in a stage";
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of(DEPTH, "Depth", "how far forward it stands, and how wide its spring is", "spring"),
                Measure.of(PLANE, "Plane", "how wide it is", "plane"),
                tab(),
                breadth(),
                alongTheFold());
    }

    @Override
    public Length usual(String key, Fitted at) {
        return switch (key) {
            case TAB -> at.tab(room(at).min(otherRoom(at)).dividedBy(2));
            case DEPTH -> at.atLeast(Allowance.NARROWEST_SPRING, room(at).dividedBy(2));
            case PLANE -> at.atLeast(Allowance.NARROWEST_PANEL, otherRoom(at).dividedBy(2));
            case BREADTH, ALONG -> usualAlong(key, at);
            default -> throw unknown(key);
        };
    }

    @Override
    public Limits limits(String key, Fitted at) {
        Length tab = at.get(TAB);
        return switch (key) {
            case DEPTH -> Edges.spring(at, room(at).minus(tab), Edges.BEYOND);
            case PLANE -> Edges.panel(at, otherRoom(at).minus(tab), Edges.BEYOND);
            case TAB ->
                Edges.tab(at, room(at).minus(at.get(DEPTH)).min(otherRoom(at).minus(at.get(PLANE))), Edges.BEYOND);
            case BREADTH, ALONG -> limitsAlong(key, at);
            default -> throw unknown(key);
        };
    }

    @Override
    public Body body(Fitted at) {
        return new Body(
                List.of(
                        new Body.Part("first tab", at.get(TAB), Fold.UNASSIGNED),
                        new Body.Part("plane", at.get(PLANE), Fold.VALLEY),
                        new Body.Part("spring", at.get(DEPTH), Fold.MOUNTAIN),
                        new Body.Part("second tab", at.get(TAB), Fold.VALLEY)),
                at.get(BREADTH),
                List.of(
                        Body.Glue.of(0, false, Side.BACK, at.on(), onFirst(at, at.get(DEPTH)), aside(at, at.on())),
                        Body.Glue.of(
                                3, true, Side.BACK, at.other(), onSecond(at, at.get(PLANE)), aside(at, at.other()))),
                !at.between().isUpright());
    }

    /** A parallelogram on the fold: every corner turns as far as it does. */
    @Override
    public double[] standing(Fitted at, double degrees) {
        return new double[] {degrees, -degrees, degrees};
    }

    @Override
    public List<double[]> lying(Fitted at) {
        return List.of(new double[] {180, -180, 180}, new double[3]);
    }
}
