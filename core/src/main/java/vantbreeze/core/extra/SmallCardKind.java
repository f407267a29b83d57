package vantbreeze.core.extra;

import java.util.List;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/** A small folded card whose back is glued on a panel. */
final class SmallCardKind extends OnOneFace {

    static final String WIDTH = "width";
    static final String HEIGHT = "height";

    private static final Choice FOLD = Choice.of(
            "fold",
            "Fold",
            "at which edge its cover opens",
            new Choice.Alternative("left", "at the left"),
            new Choice.Alternative("right", "at the right"),
            new Choice.Alternative("top", "at the top"),
            new Choice.Alternative("foot", "at the foot"));
    private static final Choice OPENS = Choice.of(
            "opens",
            "Cover",
            "whether it opens as the card does: then its fold lies on the card's",
            new Choice.Alternative("shut", "stays shut"),
            new Choice.Alternative("opens", "opens with the card"));

    @Override
    public String id() {
        return "small-card";
    }

    @Override
    public String name() {
        return "Small folded card";
    }

    @Override
    public String meaning() {
        return "a side fold glued on by its back: a place to write, or an insert in the fold";
    }

    @Override
    public List<Measure> measures() {
        return List.of(
                Measure.of(WIDTH, "Width", "how wide it is, folded"),
                Measure.of(HEIGHT, "Height", "how high it is, folded"),
                Measure.across("where it begins"),
                Measure.up("where it begins"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(FOLD, OPENS);
    }

    @Override
    boolean isUpright(Fitted at) {
        return at.isChosen(FOLD, "top") || at.isChosen(FOLD, "foot");
    }

    @Override
    public Length usual(String key, Fitted at) {
        Length wide = at.on().width();
        Length high = at.on().height();
        return switch (key) {
            case WIDTH -> at.atLeast(Allowance.NARROWEST_PANEL, wide.times(2).dividedBy(3));
            case HEIGHT -> at.atLeast(Allowance.NARROWEST_PANEL, high.times(2).dividedBy(3));
            case Measure.ACROSS -> centred(at, wide, at.get(WIDTH));
            case Measure.UP -> centred(at, high, at.get(HEIGHT));
            default -> throw unknown(key);
        };
    }

    @Override
    public Limits limits(String key, Fitted at) {
        Length wide = at.on().width();
        Length high = at.on().height();
        return switch (key) {
            case WIDTH -> Edges.panel(at, wide.minus(at.said(Measure.ACROSS, Length.ZERO)), Edges.BEYOND);
            case HEIGHT -> Edges.panel(at, high.minus(at.said(Measure.UP, Length.ZERO)), Edges.BEYOND);
            case Measure.ACROSS -> Edges.place(Length.ZERO, wide.minus(at.get(WIDTH)));
            case Measure.UP -> Edges.place(Length.ZERO, high.minus(at.get(HEIGHT)));
            default -> throw unknown(key);
        };
    }

    @Override
    public Body body(Fitted at) {
        boolean upright = isUpright(at);
        boolean coverFirst = at.isChosen(FOLD, "left") || at.isChosen(FOLD, "foot");
        Length deep = at.get(upright ? HEIGHT : WIDTH);
        Body.Part back = new Body.Part("back", deep, Fold.VALLEY);
        Body.Part cover = new Body.Part("cover", deep, Fold.VALLEY);
        return new Body(
                coverFirst ? List.of(cover, back) : List.of(back, cover),
                at.get(upright ? WIDTH : HEIGHT),
                List.of(Body.Glue.of(
                        coverFirst ? 1 : 0, true, Side.BACK, at.on(), at.get(startKey(at)), at.get(asideKey(at)))),
                upright);
    }

    @Override
    public double[] standing(Fitted at, double degrees) {
        return new double[] {at.isChosen(OPENS, "opens") ? 0 : 180};
    }

    @Override
    public List<double[]> lying(Fitted at) {
        return List.of(new double[] {180});
    }
}
