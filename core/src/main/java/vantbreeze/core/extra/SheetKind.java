package vantbreeze.core.extra;

import java.util.List;
import java.util.Map;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.DieOffer;
import vantbreeze.core.structure.Limits;
import vantbreeze.core.tool.Allowance;

/** A sheet glued on a panel: all of it, a strip of it only, or on foam. */
final class SheetKind extends OnOneFace {

    static final String WIDTH = "width";
    static final String HEIGHT = "height";
    static final String GLUE = "glue";
    static final String FOAM = "foam";

    private static final Choice GLUED = Choice.of(
            "glued",
            "Glued",
            "over all of it, or by a strip of it so that the rest lifts",
            new Choice.Alternative("all", "over all of it"),
            new Choice.Alternative("left", "by its left edge"));

    /** A round one that is as wide as high is a circle. */
    private static final Choice SHAPE = Choice.of(
            "shape",
            "Shape",
            "with square corners, round, or a label with scooped corners",
            new Choice.Alternative("rectangle", "square corners"),
            new Choice.Alternative("oval", "round"),
            new Choice.Alternative("label", "label"));

    private final boolean topper;

    private SheetKind(boolean topper) {
        this.topper = topper;
    }

    /** A sheet to write on, or a flap. */
    static SheetKind insert() {
        return new SheetKind(false);
    }

    /** A main decoration that stands proud. */
    static SheetKind topper() {
        return new SheetKind(true);
    }

    @Override
    public String id() {
        return topper ? "topper" : "insert";
    }

    @Override
    public String name() {
        return topper ? "Topper on foam" : "Insert";
    }

    @Override
    public String meaning() {
        return topper
                ? "a decoration that stands proud of the panel, and may reach over its edge"
                : "a sheet to write on, or a flap that lifts";
    }

    @Override
    public List<Measure> measures() {
        Measure last = topper
                ? Measure.of(FOAM, "Foam", "how thick it is under the topper")
                : Measure.of(GLUE, "Glue", "how wide the strip is that is glued")
                        .when(GLUED, "left");
        return List.of(
                Measure.of(WIDTH, "Width", "how wide it is", ""),
                Measure.of(HEIGHT, "Height", "how high it is").ofThePiece(),
                Measure.across("where it begins"),
                Measure.up("where it begins"),
                last);
    }

    @Override
    public List<Choice> choices() {
        return List.of(topper ? SHAPE : GLUED);
    }

    @Override
    boolean isUpright(Fitted at) {
        return false;
    }

    private boolean isLoose(Fitted at) {
        return topper || at.isChosen(GLUED, "left");
    }

    @Override
    public Length usual(String key, Fitted at) {
        Length borders = at.allowed(Allowance.BORDER).times(topper ? 4 : 2);
        return switch (key) {
            case WIDTH ->
                at.marked(at.on().width().minus(borders).max(at.on().width().dividedBy(2)));
            case HEIGHT ->
                at.marked(at.on().height().minus(borders).max(at.on().height().dividedBy(2)));
            case Measure.ACROSS -> middle(at, at.on().width(), at.get(WIDTH));
            case Measure.UP -> middle(at, at.on().height(), at.get(HEIGHT));
            case GLUE -> at.tab(at.get(WIDTH));
            case FOAM -> at.marked(Length.ofMillimetres(2));
            default -> throw unknown(key);
        };
    }

    /** In the middle; what is larger than the panel begins at its edge. */
    private static Length middle(Fitted at, Length whole, Length part) {
        return part.isLongerThan(whole) ? Length.ZERO : centred(at, whole, part);
    }

    @Override
    public Limits limits(String key, Fitted at) {
        Length wide = at.on().width();
        Length high = at.on().height();
        Length least = at.allowed(Allowance.NARROWEST_SPRING);
        Length across = at.said(Measure.ACROSS, Length.ZERO);
        Length up = at.said(Measure.UP, Length.ZERO);
        return switch (key) {
            case WIDTH -> isLoose(at) ? Edges.free(least, Edges.TOO_SMALL) : within(least, wide.minus(across));
            case HEIGHT -> topper ? Edges.free(least, Edges.TOO_SMALL) : within(least, high.minus(up));
            case Measure.ACROSS -> Edges.place(Length.ZERO, most(at, wide, WIDTH));
            case Measure.UP -> Edges.place(Length.ZERO, most(at, high, HEIGHT));
            case GLUE -> Edges.tab(at, at.get(WIDTH).min(wide.minus(at.get(Measure.ACROSS))), Edges.BEYOND);
            case FOAM ->
                new Limits(
                        Length.ofMicrometres(500),
                        "thinner foam does not lift it",
                        Length.ofMillimetres(20),
                        "no card goes into an envelope with it");
            default -> throw unknown(key);
        };
    }

    private static Limits within(Length least, Length most) {
        return new Limits(least, Edges.TOO_SMALL, most, Edges.BEYOND);
    }

    /** How far in it may begin: so far that what is glued is still on the panel. */
    private Length most(Fitted at, Length whole, String size) {
        Length held = at.allowed(Allowance.LEAST_TAB);
        if (topper) {
            return whole.minus(held.min(whole));
        }
        return whole.minus(size.equals(WIDTH) && isLoose(at) ? at.get(GLUE) : at.get(size));
    }

    @Override
    public Body body(Fitted at) {
        Length across = at.get(Measure.ACROSS);
        Body.Glue glue = Body.Glue.of(0, true, Side.BACK, at.on(), across, at.get(Measure.UP));
        if (topper) {
            glue = glue.raised(at.get(FOAM));
        } else if (isLoose(at)) {
            glue = glue.only(across, across.plus(at.get(GLUE)));
        }
        Body body = new Body(
                List.of(new Body.Part("", at.get(WIDTH), Fold.UNASSIGNED)), at.get(HEIGHT), List.of(glue), false);
        return topper ? body.cutOut(shape(at)) : body;
    }

    private static DieShape shape(Fitted at) {
        return at.isChosen(SHAPE, "oval")
                ? DieShape.OVAL
                : at.isChosen(SHAPE, "label") ? DieShape.LABEL : DieShape.RECTANGLE;
    }

    @Override
    public boolean takesDies() {
        return topper;
    }

    /** All of its shape. */
    @Override
    public List<DieOffer> offers(Dies dies, Fitted at) {
        return !topper
                ? List.of()
                : dies.all().stream()
                        .filter(die -> die.shape().isAkin(shape(at)))
                        .map(die -> new DieOffer(
                                List.of(new DieOffer.Part(at.extra().name(), die)),
                                Map.of(
                                        at.extra().key(WIDTH), die.size().width(),
                                        at.extra().key(HEIGHT), die.size().height())))
                        .toList();
    }

    @Override
    public double[] standing(Fitted at, double degrees) {
        return new double[0];
    }

    @Override
    public List<double[]> lying(Fitted at) {
        return List.of(new double[0]);
    }
}
