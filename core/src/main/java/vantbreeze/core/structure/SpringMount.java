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
            "on the back, with one spring a side or two, or over the fold",
            new Choice.Alternative("back", "on the back"),
            new Choice.Alternative("fold", "over the fold"),
            new Choice.Alternative("double", "on the back, two springs a side"));
    /** Which way its tabs are turned. */
    public static final Choice TABS = Choice.of(
            "tabs",
            "Tabs",
            "under the seat or out from it",
            new Choice.Alternative("in", "turned in"),
            new Choice.Alternative("out", "turned out"));
    /** Id of how far from the fold a mount on the back begins. */
    public static final String ACROSS = "across";
    /** Id of how far up the mount is. */
    public static final String UP = "up";

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
                        .when(PLACE, "back", "double"),
                Parameter.of(TAB, "Tab width", "glued on the card", "First tab", "Second tab"),
                Parameter.of(MOUNT, "Mount height", "how high the strip is").ofPieces("Mount"),
                Parameter.of(ACROSS, "Mount from the fold", "how far from the fold its seat begins")
                        .when(PLACE, "back", "double")
                        .following(),
                Parameter.of(UP, "Mount from foot", "how far above the foot it is")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(PLACE, TABS);
    }

    private static boolean overFold(Measures measures) {
        return measures.isChosen(PLACE, "fold");
    }

    private static boolean isDouble(Measures measures) {
        return measures.isChosen(PLACE, "double");
    }

    /** Over the fold they always are. */
    private static boolean tabsOut(Measures measures) {
        return overFold(measures) || measures.isChosen(TABS, "out");
    }

    /** What a mount on the back takes to the left of where its seat begins, once it lies flat. */
    private static Length before(Measures measures) {
        return tabsOut(measures) ? measures.get(TAB) : Length.ZERO;
    }

    /** What it takes from there to the right. */
    private static Length beyond(Measures measures) {
        Length tab = before(measures);
        return measures.get(SEAT).plus(isDouble(measures) ? tab : tab.max(measures.get(SPRING)));
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
        Length height = measures.get(Parameter.HEIGHT);
        Length mount = measures.get(MOUNT);
        Length up = measures.said(UP, Length.ZERO);
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.covering(taken(measures), POKES);
            case Parameter.HEIGHT -> bounds.covering(up.plus(mount), TOO_HIGH);
            case SPRING ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "a narrower spring does not fold",
                        mostSpring(measures),
                        isDouble(measures) ? "the springs would meet under the seat" : POKES);
            case SEAT ->
                new Limits(
                        underSeat(measures).max(bounds.narrowest()),
                        UNDER,
                        width.minus(taken(measures)).plus(measures.get(SEAT)),
                        POKES);
            case TAB ->
                new Limits(
                        bounds.leastTab(), Bounds.TAB_TOO_NARROW, mostTab(measures), tabsOut(measures) ? POKES : UNDER);
            case MOUNT -> new Limits(bounds.narrowest(), Bounds.TOO_NARROW, height.minus(up), TOO_HIGH);
            case ACROSS -> new Limits(before(measures), POKES, width.minus(beyond(measures)), POKES);
            case UP -> new Limits(Length.ZERO, "the mount would poke out at the foot", height.minus(mount), TOO_HIGH);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String POKES = "the mount would poke out of the closed card";
    private static final String TOO_HIGH = "the mount would be higher than the card";
    private static final String UNDER = "the tabs would not lie under the seat";

    /** What of the width it takes. */
    private Length taken(Measures measures) {
        if (overFold(measures)) {
            return reach(measures).plus(measures.get(SPRING).max(measures.get(TAB)));
        }
        Length from = measures.said(ACROSS, before(measures));
        return from.plus(beyond(measures));
    }

    private Length mostSpring(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        if (overFold(measures)) {
            return width.times(2)
                    .dividedBy(5)
                    .min(width.minus(measures.get(TAB)).times(2).dividedBy(3));
        }
        if (isDouble(measures)) {
            return measures.get(SEAT).dividedBy(2);
        }
        Length from = measures.said(ACROSS, before(measures));
        return width.minus(from).minus(measures.get(SEAT));
    }

    private Length mostTab(Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        if (overFold(measures)) {
            return width.minus(reach(measures));
        }
        if (!tabsOut(measures)) {
            return measures.get(SEAT).dividedBy(2);
        }
        Length rest = width.minus(measures.get(SEAT));
        if (measures.says(ACROSS)) {
            return measures.get(ACROSS).min(rest.minus(measures.get(ACROSS)));
        }
        Length beside = isDouble(measures) ? Length.ZERO : measures.get(SPRING);
        return rest.dividedBy(2).isShorterThan(beside) ? rest.minus(beside) : rest.dividedBy(2);
    }

    /** What lies under the seat once it is flat. */
    private static Length underSeat(Measures measures) {
        Length springs = isDouble(measures) ? measures.get(SPRING).times(2) : Length.ZERO;
        Length tabs = tabsOut(measures) ? Length.ZERO : measures.get(TAB).times(2);
        return springs.max(tabs);
    }

    /** In the middle of the back as it lies flat, and of the card's height. */
    @Override
    public Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case ACROSS ->
                before(measures)
                        .plus(measures.markedBelow(measures.get(Parameter.WIDTH)
                                .minus(before(measures))
                                .minus(beyond(measures))
                                .dividedBy(2)));
            case UP ->
                measures.markedBelow(measures.get(Parameter.HEIGHT)
                        .minus(measures.get(MOUNT))
                        .dividedBy(2));
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
        boolean isDouble = isDouble(measures);
        Length end = tab.plus(spring.times(isDouble ? 4 : 2)).plus(seat);
        Length foot = of(UP, measures);
        boolean overFold = overFold(measures);
        boolean out = tabsOut(measures);
        Fold ends = out ? Fold.VALLEY : Fold.MOUNTAIN;
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Cover", width)
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .piece();
        Strip strip = Strip.ofHeight("Mount", measures.get(MOUNT))
                .panel("First tab", tab)
                .fold(ends);
        if (isDouble) {
            strip.panel("First back spring", spring).fold(Fold.VALLEY);
        }
        strip.panel("First spring", spring)
                .fold(Fold.MOUNTAIN)
                .panel("Seat", seat)
                .fold(overFold ? Fold.VALLEY : Fold.MOUNTAIN)
                .panel("Second spring", spring);
        if (isDouble) {
            strip.fold(Fold.VALLEY).panel("Second back spring", spring);
        }
        Piece mount = strip.fold(ends).panel("Second tab", tab).piece();
        Length left = overFold ? width.minus(reach(measures)) : width.plus(of(ACROSS, measures));
        Length right = overFold ? width.plus(reach(measures)) : left.plus(seat);
        Side side = out ? Side.BACK : Side.FACE;
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

    /**
     * With one spring a side the seat is sheared to the right, with two it lies on all four; over the fold it lies to
     * and fro.
     */
    @Override
    public Pose closed(Measures measures) {
        Pose closed = Pose.closed();
        if (overFold(measures)) {
            return closed.but("Second spring", "Second tab", 0);
        }
        if (isDouble(measures)) {
            return tabsOut(measures)
                    ? closed.but("First tab", "First back spring", 0).but("Second back spring", "Second tab", 0)
                    : closed;
        }
        Pose sheared = closed.but("First spring", "Seat", 0);
        return tabsOut(measures)
                ? sheared.but("First tab", "First spring", 0)
                : sheared.but("Second spring", "Second tab", 0);
    }

    @Override
    public Pose opened(Measures measures) {
        Pose open = Pose.open();
        double tabs = tabsOut(measures) ? 90 : -90;
        if (overFold(measures)) {
            return open.but("First tab", "First spring", 60)
                    .but("First spring", "Seat", -60)
                    .but("Seat", "Second spring", -60)
                    .but("Second spring", "Second tab", 60);
        }
        String back = isDouble(measures) ? " back spring" : " spring";
        return open.but("First tab", "First" + back, tabs)
                .but("First spring", "Seat", -90)
                .but("Seat", "Second spring", -90)
                .but("Second" + back, "Second tab", tabs);
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
