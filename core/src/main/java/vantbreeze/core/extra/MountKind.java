package vantbreeze.core.extra;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/** A seat that stands off a panel on springs: tab, one spring or two, seat, springs, tab. */
final class MountKind extends OnOneFace {

    static final String SPRING = "spring";
    static final String SEAT = "seat";

    private static final Choice SPRINGS = Choice.of(
            "springs",
            "Springs",
            "at each side of the seat",
            new Choice.Alternative("one", "one a side"),
            new Choice.Alternative("two", "two a side"));
    private static final Choice TABS = Choice.of(
            "tabs",
            "Tabs",
            "under the seat or out from it",
            new Choice.Alternative("in", "turned in"),
            new Choice.Alternative("out", "turned out"));
    private static final Choice PRESSED = Choice.of(
            "pressed",
            "Pressed flat",
            "which way the seat moves then",
            new Choice.Alternative("on", "to the right, or up"),
            new Choice.Alternative("back", "to the left, or down"));

    private static final String UNDER = "the tabs would meet under the seat";

    @Override
    public String id() {
        return "spring-mount";
    }

    @Override
    public String name() {
        return "Spring mount";
    }

    @Override
    public String meaning() {
        return "a seat for a topper that stands off the panel and is pressed flat";
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of(
                        SPRING,
                        "Spring",
                        "how far the seat stands off",
                        "first spring",
                        "second spring",
                        "first back spring",
                        "second back spring"),
                Measure.of(SEAT, "Seat", "the panel that carries the topper", "seat"),
                Measure.of(TAB, "Tab", "glued on the panel", "first tab", "second tab"),
                Measure.of(BREADTH, "Breadth", "along its scores").ofThePiece(),
                Measure.across("where its seat, or the strip, begins"),
                Measure.up("where the strip, or its seat, begins"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(SPRINGS, TABS, RUNS, PRESSED);
    }

    private static boolean isDouble(Fitted at) {
        return at.isChosen(SPRINGS, "two");
    }

    private static boolean tabsOut(Fitted at) {
        return at.isChosen(TABS, "out");
    }

    /** What a tab takes of the panel beside the seat. */
    private static Length beside(Fitted at) {
        return tabsOut(at) ? at.get(TAB) : Length.ZERO;
    }

    @Override
    public Length usual(String key, Fitted at) {
        Length along = along(at);
        return switch (key) {
            case TAB -> at.tab(along.dividedBy(4));
            case SPRING ->
                at.atLeast(Allowance.NARROWEST_SPRING, at.allowed(Allowance.TAB).min(along.dividedBy(6)));
            case SEAT -> {
                Length room = along.minus(beside(at).times(2)).dividedBy(2);
                yield at.atLeast(Allowance.NARROWEST_SPRING, underSeat(at).max(room));
            }
            case BREADTH ->
                at.atLeast(
                        Allowance.NARROWEST_SPRING, at.get(SEAT).min(aside(at).dividedBy(2)));
            case Measure.ACROSS, Measure.UP ->
                key.equals(startKey(at)) ? centred(at, along, at.get(SEAT)) : centred(at, aside(at), at.get(BREADTH));
            default -> throw unknown(key);
        };
    }

    /** What lies under the seat once it is flat. */
    private static Length underSeat(Fitted at) {
        Length springs = isDouble(at) ? at.get(SPRING).times(2) : Length.ZERO;
        Length tabs = tabsOut(at) ? Length.ZERO : at.get(TAB).times(2);
        return springs.max(tabs);
    }

    @Override
    public Limits limits(String key, Fitted at) {
        Length along = along(at);
        Length start = at.said(startKey(at), beside(at));
        Length seat = at.get(SEAT);
        // a seat that nobody typed gives way
        Length mostSeat = at.said(SEAT, along.minus(start).minus(beside(at)));
        return switch (key) {
            case SPRING ->
                isDouble(at)
                        ? Edges.spring(
                                at,
                                mostSeat.dividedBy(2),
                                at.says(SEAT) ? "the springs would meet under the seat" : Edges.BEYOND)
                        : Edges.free(at.allowed(Allowance.NARROWEST_SPRING), Edges.SPRING);
            case SEAT ->
                new Limits(
                        underSeat(at).max(at.allowed(Allowance.NARROWEST_SPRING)),
                        isDouble(at) ? "springs and tabs would meet under it" : UNDER,
                        along.minus(start).minus(beside(at)),
                        Edges.BEYOND);
            case TAB ->
                tabsOut(at)
                        ? Edges.tab(at, mostTab(at), Edges.BEYOND)
                        : Edges.tab(at, mostSeat.dividedBy(2), at.says(SEAT) ? UNDER : Edges.BEYOND);
            case BREADTH ->
                new Limits(
                        at.allowed(Allowance.NARROWEST_SPRING),
                        Edges.TOO_SMALL,
                        aside(at).minus(at.said(asideKey(at), Length.ZERO)),
                        Edges.BEYOND);
            case Measure.ACROSS, Measure.UP ->
                key.equals(startKey(at))
                        ? Edges.place(beside(at), along.minus(seat).minus(beside(at)))
                        : Edges.place(Length.ZERO, aside(at).minus(at.get(BREADTH)));
            default -> throw unknown(key);
        };
    }

    /** What there is of the panel beside the seat, in the middle of it where nobody said where that is. */
    private Length mostTab(Fitted at) {
        Length rest = along(at).minus(at.said(SEAT, underSeat(at).max(at.allowed(Allowance.NARROWEST_SPRING))));
        Length start = at.said(startKey(at), rest.dividedBy(2));
        return start.min(rest.minus(start));
    }

    @Override
    public Body body(Fitted at) {
        Fold ends = tabsOut(at) ? Fold.VALLEY : Fold.MOUNTAIN;
        Length tab = at.get(TAB);
        Length spring = at.get(SPRING);
        List<Body.Part> parts = new ArrayList<>();
        parts.add(new Body.Part("first tab", tab, Fold.UNASSIGNED));
        if (isDouble(at)) {
            parts.add(new Body.Part("first back spring", spring, ends));
            parts.add(new Body.Part("first spring", spring, Fold.VALLEY));
        } else {
            parts.add(new Body.Part("first spring", spring, ends));
        }
        parts.add(new Body.Part("seat", at.get(SEAT), Fold.MOUNTAIN));
        parts.add(new Body.Part("second spring", spring, Fold.MOUNTAIN));
        if (isDouble(at)) {
            parts.add(new Body.Part("second back spring", spring, Fold.VALLEY));
        }
        parts.add(new Body.Part("second tab", tab, ends));
        Side side = tabsOut(at) ? Side.BACK : Side.FACE;
        Length start = at.get(startKey(at));
        Length aside = at.get(asideKey(at));
        return new Body(
                parts,
                at.get(BREADTH),
                List.of(
                        Body.Glue.of(0, false, side, at.on(), start, aside),
                        Body.Glue.of(parts.size() - 1, true, side, at.on(), start.plus(at.get(SEAT)), aside)),
                runsUp(at));
    }

    @Override
    public double[] standing(Fitted at, double degrees) {
        double tab = tabsOut(at) ? 90 : -90;
        return isDouble(at) ? new double[] {tab, 0, -90, -90, 0, tab} : new double[] {tab, -90, -90, tab};
    }

    /** With one spring a side the seat moves by a spring; with two it lies on all four. */
    @Override
    public List<double[]> lying(Fitted at) {
        boolean out = tabsOut(at);
        if (isDouble(at)) {
            double tab = out ? 0 : -180;
            return List.of(new double[] {tab, 180, -180, -180, 180, tab});
        }
        double[] on = out ? new double[] {0, 0, -180, 180} : new double[] {-180, 0, -180, 0};
        double[] back = {on[3], on[2], on[1], on[0]};
        return List.of(at.isChosen(PRESSED, "back") ? back : on);
    }
}
