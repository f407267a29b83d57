package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
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
 * Spring mount: a strip of tab, spring, seat, spring, tab that lifts a topper off a side fold's back, or, over its
 * fold, pops it out as the card opens. Over the fold the seat is two springs wide: to and fro, its path comes out even.
 */
public final class SpringMount extends CatalogueStructure {

    /** Id of the width of each spring. */
    public static final String SPRING = "spring";
    /** Id of the width of the seat. */
    public static final String SEAT = "seat";
    /** Id of the width of each tab. */
    public static final String TAB = "tab";
    /** Id of the height of the strip. */
    public static final String MOUNT = "mount";
    /** Where the mount is. */
    public static final Choice PLACE = Choice.of(
            "place",
            "Mount",
            "on the back, or over the fold",
            new Choice.Alternative("back", "on the back"),
            new Choice.Alternative("fold", "over the fold"));

    private final CrossPiece strip = new CrossPiece("mount", bounds);

    /** With the usual allowances of the trade. */
    public SpringMount() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public SpringMount(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "spring-mount",
                "Spring mount",
                "A side fold whose topper stands off on a folded strip of springs.",
                "Toppers that should float without foam.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back", "Cover"),
                Parameter.height(),
                Parameter.of(SPRING, "Spring", "how far the seat stands off", "First spring", "Second spring"),
                Parameter.of(SEAT, "Seat", "the panel that carries the topper", "Seat")
                        .when(PLACE, "back"),
                Parameter.of(TAB, "Tab", "glued on the card", "First tab", "Second tab"),
                Parameter.of(MOUNT, "Mount", "how high the strip is").ofPieces("Mount"));
    }

    @Override
    public List<Choice> choices() {
        return List.of(PLACE);
    }

    private static boolean overFold(Measures measures) {
        return measures.isChosen(PLACE, "fold");
    }

    private static Length seat(Measures measures) {
        return overFold(measures) ? measures.get(SPRING).times(2) : measures.get(SEAT);
    }

    /**
     * From the fold to where the mount is hinged, one spring and a half: then it stands at 60 degrees when the card
     * lies open.
     */
    private static Length reach(Measures measures) {
        return measures.get(SPRING).times(3).dividedBy(2);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length spring = measures.get(SPRING);
        Length tab = measures.get(TAB);
        String pokes = "the mount would poke out of the closed card";
        String under = "the tabs would not lie under the seat";
        Length taken = overFold(measures)
                ? reach(measures).plus(spring.max(tab))
                : seat(measures).plus(spring);
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.covering(taken, pokes);
            case Parameter.HEIGHT -> strip.cardHeight(measures.get(MOUNT));
            case SPRING ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "a narrower spring does not fold",
                        overFold(measures)
                                ? width.times(2)
                                        .dividedBy(5)
                                        .min(width.minus(tab).times(2).dividedBy(3))
                                : width.minus(measures.get(SEAT)),
                        pokes);
            case SEAT -> new Limits(tab.times(2).max(bounds.narrowest()), under, width.minus(spring), pokes);
            case TAB ->
                new Limits(
                        bounds.leastTab(),
                        Bounds.TAB_TOO_NARROW,
                        overFold(measures)
                                ? width.minus(reach(measures))
                                : measures.get(SEAT).dividedBy(2),
                        overFold(measures) ? pokes : under);
            case MOUNT -> strip.itsHeight(measures.get(Parameter.HEIGHT));
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length height = measures.get(Parameter.HEIGHT);
        Length spring = measures.get(SPRING);
        Length seat = seat(measures);
        Length tab = measures.get(TAB);
        Length end = tab.plus(spring.times(2)).plus(seat);
        Length foot = height.minus(measures.get(MOUNT)).dividedBy(2);
        boolean overFold = overFold(measures);
        Fold ends = overFold ? Fold.VALLEY : Fold.MOUNTAIN;
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Cover", width)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .piece();
        Piece mount = Strip.ofHeight("Mount", measures.get(MOUNT))
                .panel("First tab", tab)
                .fold(ends)
                .panel("First spring", spring)
                .fold(Fold.MOUNTAIN)
                .panel("Seat", seat)
                .fold(overFold ? Fold.VALLEY : Fold.MOUNTAIN)
                .panel("Second spring", spring)
                .fold(ends)
                .panel("Second tab", tab)
                .piece();
        Length left = overFold
                ? width.minus(reach(measures))
                : width.plus(width.minus(seat).minus(spring).dividedBy(2));
        Length right = overFold ? width.plus(reach(measures)) : left.plus(seat);
        Side side = overFold ? Side.BACK : Side.FACE;
        return new Assembly(
                List.of(base, mount),
                List.of(
                        Join.of(
                                new PanelRef(0, overFold ? "Cover" : "Back"),
                                Side.FACE,
                                new PanelRef(1, "First tab"),
                                side,
                                Attachment.at(new Spot(left, foot), new Spot(tab, Length.ZERO))),
                        Join.of(
                                new PanelRef(0, "Back"),
                                Side.FACE,
                                new PanelRef(1, "Second tab"),
                                side,
                                Attachment.at(new Spot(right, foot), new Spot(end, Length.ZERO)))));
    }

    /** On the back the seat is sheared to the right; over the fold it lies to and fro. */
    @Override
    public Pose closed(Measures measures) {
        return overFold(measures)
                ? Pose.closed().but("Second spring", "Second tab", 0)
                : Pose.closed().but("First spring", "Seat", 0).but("Second spring", "Second tab", 0);
    }

    @Override
    public Pose opened(Measures measures) {
        Pose open = Pose.open();
        return overFold(measures)
                ? open.but("First tab", "First spring", 60)
                        .but("First spring", "Seat", -60)
                        .but("Seat", "Second spring", -60)
                        .but("Second spring", "Second tab", 60)
                : open.but("First tab", "First spring", -90)
                        .but("First spring", "Seat", -90)
                        .but("Seat", "Second spring", -90)
                        .but("Second spring", "Second tab", -90);
    }

    /** Over the fold the seat tips to one side as the card closes; the first spring is nearly shut from half-way on. */
    @Override
    public List<Station> stations(Measures measures) {
        Station open = new Station("Open", opened(measures));
        Station closed = new Station("Closed", closed(measures));
        return overFold(measures)
                ? List.of(
                        open,
                        new Station("Half-way", tipped(90, 150)),
                        new Station("Nearly closed", tipped(30, 170)),
                        closed)
                : List.of(open, closed);
    }

    /**
     * The cover {@code wedge} degrees off the back, the first spring folded by {@code first}: seat and second spring
     * are the two sides of a triangle over what is left. In springs: hinges at 1½ from the fold, the seat 2.
     */
    private static Pose tipped(double wedge, double first) {
        double cover = Math.toRadians(wedge);
        double spring = Math.toRadians(wedge + first - 180);
        double x = 1.5 * Math.cos(cover) + Math.cos(spring);
        double y = 1.5 * Math.sin(cover) + Math.sin(spring);
        double gap = Math.hypot(1.5 - x, y);
        double toHinge = Math.toDegrees(Math.atan2(-y, 1.5 - x));
        double seat = toHinge - Math.toDegrees(Math.acos((4 + gap * gap - 1) / (4 * gap)));
        double second = toHinge + Math.toDegrees(Math.acos((1 + gap * gap - 4) / (2 * gap)));
        return Pose.open()
                .but("Cover", "Back", 180 - wedge)
                .but("First tab", "First spring", first)
                .but("First spring", "Seat", seat - (wedge + first - 180))
                .but("Seat", "Second spring", second - seat)
                .but("Second spring", "Second tab", -second);
    }

    /** Springs of ½ in, a seat of two fifths of the width. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length half = ruler.nearest(allowed(Allowance.TAB, ruler))
                .length()
                .max(ruler.above(bounds.leastTab()).length());
        Length seat =
                ruler.nearest(finished.width().times(2).dividedBy(5)).length().max(half.times(2));
        return Measures.of(finished, ruler)
                .with(SPRING, half)
                .with(SEAT, seat)
                .with(TAB, half)
                .with(
                        MOUNT,
                        ruler.nearest(finished.height().dividedBy(3)).length().max(bounds.narrowest()));
    }

    @Override
    public double showing() {
        return 0.3;
    }
}
