package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Pocket: three panels mounted in a side fold; the last is folded over the middle and sealed on two edges, the first
 * closes over it. Slanted, the pocket's edge runs from part way up its side to the top of its fold; plain, straight
 * across. What goes in is a card of ISO/IEC 7810 ID-1 size, 85.60 × 53.98 mm.
 */
public final class Pocket extends CatalogueStructure {

    /** Id of the border round the pocket. */
    public static final String BORDER = "border";
    /** Id of how far up its side the pocket's edge begins. */
    public static final String EDGE = "edge";
    /** Id of the width of the seal. */
    public static final String SEAL = "seal";
    /** Id of the width of the pocket. */
    public static final String WIDE = "pocket-width";
    /** Id of the height of the pocket. */
    public static final String HIGH = "pocket-height";
    /** Id of how far the pocket is from the card's fold. */
    public static final String FROM_FOLD = "from-fold";
    /** Id of how far above the foot the pocket is. */
    public static final String UP = "up";
    /** Id of how far up its fold the pocket's edge ends. */
    public static final String AT_FOLD = "at-fold";
    /** Id of the width of the seal along the foot. */
    public static final String FOOT_SEAL = "foot-seal";
    /** How the pocket is cut. */
    public static final Choice CUT = Choice.of(
            "cut",
            "Pocket",
            "its upper edge",
            new Choice.Alternative("slanted", "slanted"),
            new Choice.Alternative("plain", "plain"));

    /** ISO/IEC 7810:2019, ID-1. */
    static final Length ID1_LONG = Length.ofMicrometres(85_600);
    /** ISO/IEC 7810:2019, ID-1. */
    static final Length ID1_SHORT = Length.ofMicrometres(53_980);

    /** With the usual allowances of the trade. */
    public Pocket() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public Pocket(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "pocket",
                "Pocket",
                "A folded pocket in a side fold, slanted or plain, that holds a gift card or a ticket.",
                "Gifts of money and thanks to helpers.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back", "Cover"),
                Parameter.height(),
                Parameter.of(BORDER, "Border", "round the pocket"),
                Parameter.of(EDGE, "Front's height at the side", "how far up its side the pocket begins"),
                Parameter.of(SEAL, "Seal width", "how wide its sealed edges are"),
                Parameter.of(WIDE, "Pocket width", "across the pocket", "Pocket back", "Pocket cover")
                        .following(),
                Parameter.of(HIGH, "Pocket height", "up the pocket, its cover and its back")
                        .ofPieces("Pocket")
                        .following(),
                Parameter.of(FROM_FOLD, "Pocket from the fold", "how far from the card's fold it is")
                        .following(),
                Parameter.of(UP, "Pocket from foot", "how far above the foot it is")
                        .following(),
                Parameter.of(AT_FOLD, "Front's height at the fold", "how far up its fold the pocket's edge ends")
                        .when(CUT, "slanted")
                        .following(),
                Parameter.of(FOOT_SEAL, "Seal at the foot", "where it is another than at the side")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(CUT);
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        Length border = measures.get(BORDER);
        return switch (parameter) {
            case WIDE ->
                measures.get(Parameter.WIDTH)
                        .minus(measures.said(FROM_FOLD, border))
                        .minus(border);
            case HIGH ->
                measures.get(Parameter.HEIGHT).minus(measures.said(UP, border)).minus(border);
            case FROM_FOLD, UP -> border;
            case AT_FOLD -> of(HIGH, measures);
            case FOOT_SEAL -> measures.get(SEAL);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String NO_POCKET = "nothing would go into the pocket";
    private static final String POKES = "a pocket wider than the card would poke out";
    private static final String TOO_HIGH = "the pocket would stand out above the card";
    private static final String ABOVE = "the pocket's edge would begin above it";

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length border = measures.get(BORDER);
        Length least = bounds.narrowest();
        Length edge = measures.get(EDGE);
        Length across = least.plus(measures.get(SEAL));
        Length up = least.plus(of(FOOT_SEAL, measures));
        Length highest = measures.isChosen(CUT, "slanted") ? edge.max(measures.said(AT_FOLD, Length.ZERO)) : edge;
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        measures.said(FROM_FOLD, border)
                                .plus(measures.says(WIDE) ? measures.get(WIDE) : border.plus(across)),
                        measures.says(WIDE) ? POKES : NO_POCKET,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT ->
                new Limits(
                        measures.said(UP, border).plus(measures.says(HIGH) ? measures.get(HIGH) : border.plus(highest)),
                        measures.says(HIGH) ? TOO_HIGH : ABOVE,
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case BORDER ->
                new Limits(
                        Length.ZERO,
                        POKES,
                        mostBorder(width, FROM_FOLD, WIDE, across, measures)
                                .min(mostBorder(height, UP, HIGH, highest, measures)),
                        NO_POCKET);
            case WIDE -> new Limits(across, NO_POCKET, width.minus(of(FROM_FOLD, measures)), POKES);
            case FROM_FOLD ->
                new Limits(
                        Length.ZERO,
                        "the pocket would lie over the card's fold",
                        width.minus(measures.says(WIDE) ? measures.get(WIDE) : border.plus(across)),
                        measures.says(WIDE) ? POKES : NO_POCKET);
            case HIGH -> new Limits(highest, ABOVE, height.minus(of(UP, measures)), TOO_HIGH);
            case UP ->
                new Limits(
                        Length.ZERO,
                        "the pocket would hang below the foot",
                        height.minus(measures.says(HIGH) ? measures.get(HIGH) : border.plus(highest)),
                        measures.says(HIGH) ? TOO_HIGH : ABOVE);
            case EDGE -> new Limits(up, NO_POCKET, of(HIGH, measures), ABOVE);
            case AT_FOLD -> new Limits(up, NO_POCKET, of(HIGH, measures), ABOVE);
            case SEAL ->
                new Limits(
                        allowed(Allowance.LEAST_SEAL),
                        NO_SEAL,
                        (measures.says(FOOT_SEAL)
                                        ? of(WIDE, measures)
                                        : of(WIDE, measures).min(lowest(measures)))
                                .minus(least),
                        NO_POCKET);
            case FOOT_SEAL ->
                new Limits(
                        allowed(Allowance.LEAST_SEAL), NO_SEAL, lowest(measures).minus(least), NO_POCKET);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String NO_SEAL = "a narrower seal does not hold";

    /** The lower end of the pocket's edge. */
    private Length lowest(Measures measures) {
        return measures.isChosen(CUT, "plain")
                ? measures.get(EDGE)
                : measures.get(EDGE).min(of(AT_FOLD, measures));
    }

    /** How wide a border may be along one side of the card, where the pocket's place or size follow from it. */
    private static Length mostBorder(Length whole, String place, String size, Length least, Measures measures) {
        if (measures.says(size)) {
            return measures.says(place) ? Bounds.LONGEST : whole.minus(measures.get(size));
        }
        return measures.says(place)
                ? whole.minus(measures.get(place)).minus(least)
                : whole.minus(least).dividedBy(2);
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length panel = of(WIDE, measures);
        Length high = of(HIGH, measures);
        Length edge = measures.get(EDGE);
        Length seal = measures.get(SEAL);
        Length fold = panel.times(2);
        Length end = panel.times(3);
        boolean plain = measures.isChosen(CUT, "plain");
        Length atFold = plain ? edge : of(AT_FOLD, measures);
        Length footSeal = of(FOOT_SEAL, measures);
        List<Spot> outline = new ArrayList<>(
                List.of(new Spot(Length.ZERO, Length.ZERO), new Spot(end, Length.ZERO), new Spot(end, edge)));
        if (!atFold.equals(high)) {
            outline.add(new Spot(fold, atFold));
        }
        outline.add(new Spot(fold, high));
        outline.add(new Spot(Length.ZERO, high));
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Cover", width)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .piece();
        Length low = bounds.narrowest().dividedBy(2);
        Piece pocket = new Piece(
                "Pocket",
                outline,
                List.of(
                        Lines.score(panel, Length.ZERO, high, Fold.VALLEY),
                        Lines.score(fold, Length.ZERO, atFold, Fold.VALLEY)),
                List.of(),
                List.of(
                        new PanelName(new Spot(panel.dividedBy(2), low), "Pocket cover"),
                        new PanelName(new Spot(panel.plus(fold).dividedBy(2), low), "Pocket back"),
                        new PanelName(new Spot(end.minus(low), low), "Pocket front")));
        // sealed along the foot and the side away from the fold: on the middle panel that is its left side
        List<Spot> sealed = List.of(
                new Spot(panel, Length.ZERO),
                new Spot(fold, Length.ZERO),
                new Spot(fold, footSeal),
                new Spot(panel.plus(seal), footSeal),
                new Spot(panel.plus(seal), edge),
                new Spot(panel, edge));
        return new Assembly(
                        List.of(base, pocket),
                        List.of(
                                Join.of(
                                        new PanelRef(0, "Back"),
                                        Side.FACE,
                                        new PanelRef(1, "Pocket back"),
                                        Side.BACK,
                                        Attachment.at(
                                                new Spot(width.plus(of(FROM_FOLD, measures)), of(UP, measures)),
                                                new Spot(panel, Length.ZERO))),
                                Join.of(
                                                new PanelRef(1, "Pocket back"),
                                                Side.FACE,
                                                new PanelRef(1, "Pocket front"),
                                                Side.FACE,
                                                Attachment.at(new Spot(panel, Length.ZERO), new Spot(end, Length.ZERO)))
                                        .onlyOn(sealed)))
                .laid(new Over(new PanelRef(1, "Pocket cover"), new PanelRef(1, "Pocket front")));
    }

    /** Card and pocket open, the pocket itself sealed. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.open().but("Pocket back", "Pocket front", 180).but("Pocket cover", "Pocket back", 20);
    }

    /** The pocket is covered before the card is closed. */
    @Override
    public List<Station> stations(Measures measures) {
        return List.of(
                new Station("Open", opened(measures)),
                new Station("Pocket shut", Pose.closed().but("Cover", "Back", 0)),
                new Station("Closed", closed(measures)));
    }

    /**
     * A border of ⅛ in, the pocket's edge beginning at two fifths of its height, as 2 of 5¼ in (common practice, no
     * source).
     */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length border = ruler.nearest(allowed(Allowance.BORDER)).length();
        Length edge = ruler.nearest(
                        finished.height().minus(border.times(2)).times(8).dividedBy(21))
                .length();
        return Measures.of(finished, ruler)
                .with(BORDER, border)
                .with(EDGE, edge)
                .with(SEAL, ruler.above(allowed(Allowance.LEAST_TAB)).length());
    }

    @Override
    public double showing() {
        return 0.12;
    }

    @Override
    public boolean lies() {
        return true;
    }

    /** A gift card goes in upright or lying, shows enough to be pulled out, and does not stand above the pocket. */
    @Override
    public List<Advice> advice(Measures measures) {
        Length panel = of(WIDE, measures);
        Length high = of(HIGH, measures);
        Length seal = measures.get(SEAL);
        Length foot = of(FOOT_SEAL, measures);
        Length room = panel.minus(seal).minus(allowed(Allowance.POCKET_EASE));
        boolean lying = !room.isShorterThan(ID1_LONG);
        boolean upright = !room.isShorterThan(ID1_SHORT) && !high.minus(foot).isShorterThan(ID1_LONG);
        if (!lying && !upright) {
            boolean narrow = room.isShorterThan(ID1_SHORT);
            Length needed = narrow ? ID1_SHORT.plus(seal).plus(allowed(Allowance.POCKET_EASE)) : ID1_LONG.plus(foot);
            return List.of(
                    narrow
                            ? new Advice(
                                    measures.says(WIDE) ? WIDE : Parameter.WIDTH,
                                    measures.says(WIDE)
                                            ? needed
                                            : needed.plus(measures.get(Parameter.WIDTH)
                                                    .minus(panel)),
                                    "A gift card, which is of bank-card size, does not go in: beside the seal "
                                            + "the pocket "
                                            + "is %s wide, and it wants %s.",
                                    List.of(
                                            Amount.measure(panel.minus(seal)),
                                            Amount.least(ID1_SHORT.plus(allowed(Allowance.POCKET_EASE)))))
                            : new Advice(
                                    measures.says(HIGH) ? HIGH : Parameter.HEIGHT,
                                    measures.says(HIGH)
                                            ? needed
                                            : needed.plus(measures.get(Parameter.HEIGHT)
                                                    .minus(high)),
                                    "A gift card put in upright stands %s above the pocket.",
                                    List.of(Amount.difference(
                                            ID1_LONG.plus(foot).minus(high)))));
        }
        Length top = foot.plus(upright ? ID1_LONG : ID1_SHORT);
        return top.minus(measures.get(EDGE)).isShorterThan(allowed(Allowance.POCKET_GRIP))
                ? List.of(new Advice(
                        EDGE,
                        top.minus(allowed(Allowance.POCKET_GRIP)),
                        "A gift card can't be pulled out: only %s of it shows above the pocket's edge.",
                        List.of(Amount.difference(top.minus(measures.get(EDGE))))))
                : List.of();
    }
}
