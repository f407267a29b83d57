package vantbreeze.core.extra;

import java.util.List;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/** A figure that stands up from a panel on a tab, and is folded down with it. */
final class FigureKind extends OnOneFace {

    static final String FIGURE = "figure";

    private static final Choice HINGE = Choice.of(
            "hinge",
            "Tab",
            "before the figure's fold or behind it",
            new Choice.Alternative("before", "to the left, or below"),
            new Choice.Alternative("behind", "to the right, or above"));
    private static final Choice LIES = Choice.of(
            "lies",
            "Folded down",
            "which way the figure lies then",
            new Choice.Alternative("away", "away from its tab"),
            new Choice.Alternative("over", "over its tab"));

    @Override
    public String id() {
        return "figure";
    }

    @Override
    public String name() {
        return "Figure on a tab";
    }

    @Override
    public String meaning() {
        return "a picture that stands up when the card opens";
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of(FIGURE, "Figure", "how far it stands up", "figure"),
                Measure.of(BREADTH, "Breadth", "along its fold").ofThePiece(),
                Measure.of(TAB, "Tab", "glued on the panel", "tab"),
                Measure.across("where its fold, or the tab, is"),
                Measure.up("where the tab, or its fold, is"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(RUNS, HINGE, LIES);
    }

    private static boolean tabBehind(Fitted at) {
        return at.isChosen(HINGE, "behind");
    }

    @Override
    public Length usual(String key, Fitted at) {
        Length along = along(at);
        return switch (key) {
            case TAB -> at.tab(along.dividedBy(3));
            case FIGURE -> at.atLeast(Allowance.NARROWEST_PANEL, along.dividedBy(3));
            case BREADTH -> at.atLeast(Allowance.NARROWEST_SPRING, aside(at).dividedBy(2));
            case Measure.ACROSS, Measure.UP ->
                key.equals(startKey(at)) ? centred(at, along, Length.ZERO) : centred(at, aside(at), at.get(BREADTH));
            default -> throw unknown(key);
        };
    }

    @Override
    public Limits limits(String key, Fitted at) {
        Length along = along(at);
        Length start = at.get(startKey(at));
        Length tab = at.get(TAB);
        return switch (key) {
            case TAB -> Edges.tab(at, tabBehind(at) ? along.minus(start) : start, Edges.BEYOND);
            case FIGURE -> Edges.free(at.allowed(Allowance.NARROWEST_PANEL), Edges.TOO_NARROW);
            case BREADTH ->
                new Limits(
                        at.allowed(Allowance.NARROWEST_SPRING),
                        Edges.TOO_SMALL,
                        aside(at).minus(at.said(asideKey(at), Length.ZERO)),
                        Edges.BEYOND);
            case Measure.ACROSS, Measure.UP -> {
                if (!key.equals(startKey(at))) {
                    yield Edges.place(Length.ZERO, aside(at).minus(at.get(BREADTH)));
                }
                yield tabBehind(at) ? Edges.place(Length.ZERO, along.minus(tab)) : Edges.place(tab, along);
            }
            default -> throw unknown(key);
        };
    }

    @Override
    public Body body(Fitted at) {
        Body.Part tab = new Body.Part("tab", at.get(TAB), Fold.VALLEY);
        Body.Part figure = new Body.Part("figure", at.get(FIGURE), Fold.VALLEY);
        boolean behind = tabBehind(at);
        return new Body(
                behind ? List.of(figure, tab) : List.of(tab, figure),
                at.get(BREADTH),
                List.of(Body.Glue.of(
                        behind ? 1 : 0, behind, Side.BACK, at.on(), at.get(startKey(at)), at.get(asideKey(at)))),
                runsUp(at));
    }

    @Override
    public double[] standing(Fitted at, double degrees) {
        return new double[] {90};
    }

    @Override
    public List<double[]> lying(Fitted at) {
        return List.of(new double[] {at.isChosen(LIES, "over") ? 180 : 0});
    }
}
