package vantbreeze.core.structure;

import java.util.ArrayList;
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
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Stage card: walls come forward from a back, wings turn outwards from the walls, a band joins the wings across the
 * front. Back, walls and front are a parallelogram that shears flat: closed, it is as wide as the back and two wings,
 * or back, wing and wall where the wall is deeper than its wing.
 */
public final class StageCard extends CatalogueStructure {

    /** Id of the depth of each wall. */
    public static final String WALL = "wall";
    /** Id of the width of each wing. */
    public static final String WING = "wing";
    /** Id of the height of the band. */
    public static final String BAND = "band";

    /** Id of how far up the band is. */
    public static final String BAND_UP = "band-up";
    /** Id of the length of the band. */
    public static final String BAND_LENGTH = "band-length";
    /** Id of how much of each end of the band is glued. */
    public static final String BAND_GLUE = "band-glue";

    /** Id of how far before the back the swing inserts stand. */
    public static final String DEPTH = "depth";
    /** Id of the width of the planes of the swing inserts. */
    public static final String PLANE = "plane";
    /** Id of the height of the swing inserts. */
    public static final String INSERT_HEIGHT = "insert-height";
    /** Id of how far up the swing inserts are. */
    public static final String INSERT_UP = "insert-up";
    /** Id of the width of the tabs of the swing inserts. */
    public static final String INSERT_TAB = "insert-tab";
    /** How many swing inserts there are. */
    public static final Choice INSERTS = Choice.of(
            "inserts",
            "Swing inserts",
            "planes between front and back",
            new Choice.Alternative("none", "none"),
            new Choice.Alternative("left", "one, on the left"),
            new Choice.Alternative("both", "one on each side"));

    /** With the usual allowances of the trade. */
    public StageCard() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public StageCard(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "stage",
                "Stage",
                "Walls come forward, wings face front, a band crosses between them. It stands like a "
                        + "small theatre and shears flat.",
                "Scenes with some depth that stand on a shelf.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width(),
                Parameter.height(),
                Parameter.of(WALL, "Wall", "how deep the stage is", "Left wall", "Right wall"),
                Parameter.of(WING, "Wing", "the flaps that face front", "Left wing", "Right wing"),
                Parameter.of(BAND, "Band height", "how high the band across the front is")
                        .ofPieces("Band"),
                Parameter.of(
                                DEPTH,
                                "Insert depth",
                                "how far before the back the inserts stand",
                                "Left arm",
                                "Right arm")
                        .when(INSERTS, "left", "both"),
                Parameter.of(PLANE, "Insert width", "how wide the inserts are", "Left plane", "Right plane")
                        .when(INSERTS, "left", "both"),
                Parameter.of(BAND_UP, "Band from foot", "how far above the foot the band is")
                        .following(),
                Parameter.of(BAND_LENGTH, "Band length", "how long the band across the front is", "Band")
                        .following(),
                Parameter.of(BAND_GLUE, "Band glued by", "how much of each of its ends is glued")
                        .following(),
                Parameter.of(INSERT_HEIGHT, "Insert height", "how high the inserts are")
                        .ofPieces("Left insert", "Right insert")
                        .when(INSERTS, "left", "both")
                        .following(),
                Parameter.of(INSERT_UP, "Insert from foot", "how far above the foot the inserts are")
                        .when(INSERTS, "left", "both")
                        .following(),
                Parameter.of(
                                INSERT_TAB,
                                "Insert tab",
                                "how wide the tabs of the inserts are",
                                "Left wall tab",
                                "Left back tab",
                                "Right wall tab",
                                "Right back tab")
                        .when(INSERTS, "left", "both")
                        .following());
    }

    @Override
    public List<Choice> choices() {
        return List.of(INSERTS);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length wall = measures.get(WALL);
        Length wing = measures.get(WING);
        return switch (parameter) {
            case Parameter.WIDTH -> bounds.widthBeside(wing.plus(wing.max(wall)).max(insertsTake(measures)), NO_BACK);
            case Parameter.HEIGHT ->
                bounds.covering(
                        of(BAND_UP, measures).plus(measures.get(BAND)).max(insertHead(measures)),
                        "the band would be higher than the card");
            case WALL ->
                new Limits(
                        wallHolds(measures).max(bounds.narrowest()),
                        Bounds.TOO_NARROW,
                        width.minus(wing).minus(leastBack(measures)),
                        NO_BACK);
            case WING ->
                new Limits(
                        leastGlue(measures).max(bounds.narrowest()),
                        "the band would have nothing to hold on",
                        mostWing(width.minus(leastBack(measures)), wall),
                        NO_BACK);
            case BAND ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        measures.get(Parameter.HEIGHT).minus(of(BAND_UP, measures)),
                        "the band would be higher than the card");
            case BAND_UP ->
                new Limits(
                        Length.ZERO,
                        "the band would hang below the foot",
                        measures.get(Parameter.HEIGHT).minus(measures.get(BAND)),
                        "the band would be higher than the card");
            case BAND_LENGTH ->
                new Limits(
                        back(measures).plus(leastGlue(measures).times(2)),
                        "the band would have nothing to hold on",
                        back(measures).plus(wing.times(2)),
                        "the band would stick out of the closed card");
            case BAND_GLUE ->
                new Limits(
                        bounds.leastTab(),
                        Bounds.TAB_TOO_NARROW,
                        onWings(measures),
                        "the band does not lie on more of the wings");
            case DEPTH ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "the insert would lie on the back",
                        wall.minus(of(INSERT_TAB, measures)),
                        "its tab would not find room on the wall");
            case PLANE ->
                new Limits(
                        measures.get(DEPTH).max(bounds.narrowest()),
                        "its arm would poke through the wall",
                        room(measures).minus(of(INSERT_TAB, measures)),
                        "its tab would not find room on its half of the back");
            case INSERT_HEIGHT ->
                new Limits(
                        bounds.narrowest(),
                        Bounds.TOO_NARROW,
                        measures.get(Parameter.HEIGHT).minus(of(INSERT_UP, measures)),
                        INSERT_TOO_HIGH);
            case INSERT_UP ->
                new Limits(
                        Length.ZERO,
                        "the insert would hang below the foot",
                        measures.get(Parameter.HEIGHT).minus(of(INSERT_HEIGHT, measures)),
                        INSERT_TOO_HIGH);
            case INSERT_TAB ->
                new Limits(
                        bounds.leastTab(),
                        Bounds.TAB_TOO_NARROW,
                        wall.minus(measures.get(DEPTH)).min(room(measures).minus(measures.get(PLANE))),
                        "its tab would not find room on wall and back");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static final String NO_BACK = "no back would be left beside wall and wing";
    private static final String INSERT_TOO_HIGH = "the insert would be higher than the card";

    @Override
    public Length usual(String parameter, Measures measures) {
        return switch (parameter) {
            case BAND_UP, INSERT_UP -> Length.ZERO;
            case BAND_LENGTH -> back(measures).plus(measures.get(WING).times(2));
            case BAND_GLUE -> usual(Allowance.TAB, measures).min(onWings(measures));
            case INSERT_HEIGHT -> measures.marked(measures.get(Parameter.HEIGHT).dividedBy(2));
            case INSERT_TAB -> usual(Allowance.TAB, measures);
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /** How much of each end of the band lies on its wing. */
    private Length onWings(Measures measures) {
        return of(BAND_LENGTH, measures).minus(back(measures)).dividedBy(2);
    }

    private Length leastGlue(Measures measures) {
        return measures.said(BAND_GLUE, allowed(Allowance.TAB));
    }

    /** The widest wing when back, wings and what of the wall is deeper than its wing take this much. */
    private static Length mostWing(Length taken, Length wall) {
        Length half = taken.dividedBy(2);
        return half.isShorterThan(wall) ? taken.minus(wall) : half;
    }

    /** What the back is at least, so that inserts find room. */
    private Length leastBack(Measures measures) {
        return measures.isChosen(INSERTS, "none")
                ? bounds.narrowest()
                : measures.get(PLANE).plus(of(INSERT_TAB, measures)).times(2).max(bounds.narrowest());
    }

    /** What wings, walls and inserts take of the width, but for the narrowest panel. */
    private Length insertsTake(Measures measures) {
        Length beside = measures.get(WING).plus(measures.get(WING).max(measures.get(WALL)));
        return beside.plus(leastBack(measures)).minus(bounds.narrowest());
    }

    /** As deep as the wall must be for the inserts. */
    private Length wallHolds(Measures measures) {
        return measures.isChosen(INSERTS, "none")
                ? Length.ZERO
                : measures.get(DEPTH).plus(of(INSERT_TAB, measures));
    }

    /** How far up the inserts reach, if somebody said so. */
    private Length insertHead(Measures measures) {
        boolean said = measures.says(INSERT_HEIGHT) || measures.says(INSERT_UP);
        return measures.isChosen(INSERTS, "none") || !said
                ? Length.ZERO
                : of(INSERT_UP, measures).plus(of(INSERT_HEIGHT, measures));
    }

    private static Length room(Measures measures) {
        return back(measures).dividedBy(2);
    }

    private static Length back(Measures measures) {
        Length wing = measures.get(WING);
        return measures.get(Parameter.WIDTH).minus(wing).minus(wing.max(measures.get(WALL)));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length wall = measures.get(WALL);
        Length wing = measures.get(WING);
        Length back = back(measures);
        Length height = measures.get(Parameter.HEIGHT);
        Length band = measures.get(BAND);
        Length length = of(BAND_LENGTH, measures);
        Length glue = of(BAND_GLUE, measures);
        Length inset = back.plus(wing.times(2)).minus(length).dividedBy(2);
        Length up = of(BAND_UP, measures);
        Length end = back.plus(wall.times(2)).plus(wing.times(2));
        Piece base = Strip.ofHeight("Card base", height)
                .panel("Left wing", wing)
                .fold(Fold.MOUNTAIN)
                .panel("Left wall", wall)
                .fold(Fold.VALLEY)
                .panel("Back", back)
                .fold(Fold.VALLEY)
                .panel("Right wall", wall)
                .fold(Fold.MOUNTAIN)
                .panel("Right wing", wing)
                .piece();
        Piece across = Strip.ofHeight("Band", band).panel("Band", length).piece();
        List<Piece> pieces = new ArrayList<>(List.of(base, across));
        List<Join> joins = new ArrayList<>(List.of(
                CrossPiece.glued("Left wing", Side.FACE, "Band", new Spot(inset, up), Length.ZERO, inset, glue, band),
                CrossPiece.glued(
                        "Right wing",
                        Side.FACE,
                        "Band",
                        new Spot(end.minus(inset), up),
                        length,
                        end.minus(inset).minus(glue),
                        glue,
                        band)));
        if (!measures.isChosen(INSERTS, "none")) {
            insert(measures, true, wing.plus(wall), pieces, joins);
        }
        if (measures.isChosen(INSERTS, "both")) {
            insert(measures, false, wing.plus(wall).plus(back), pieces, joins);
        }
        return new Assembly(pieces, joins);
    }

    /** In the corner at the fold of back and wall that is at {@code corner} on the base. */
    private void insert(Measures measures, boolean left, Length corner, List<Piece> pieces, List<Join> joins) {
        Length depth = measures.get(DEPTH);
        Length plane = measures.get(PLANE);
        Length tab = of(INSERT_TAB, measures);
        Length up = of(INSERT_UP, measures);
        String side = left ? "Left" : "Right";
        List<String> names = List.of(side + " wall tab", side + " plane", side + " arm", side + " back tab");
        List<Length> widths = List.of(tab, plane, depth, tab);
        Strip strip = Strip.ofHeight(side + " insert", of(INSERT_HEIGHT, measures));
        for (int i = 0; i < names.size(); i++) {
            int at = left ? i : names.size() - 1 - i;
            strip.panel(names.get(at), widths.get(at)).fold(i == 1 ? Fold.MOUNTAIN : Fold.VALLEY);
        }
        Length end = tab.plus(plane).plus(depth);
        int piece = pieces.size();
        pieces.add(strip.piece());
        joins.add(tab(
                side + " wall",
                piece,
                names.get(0),
                left ? corner.minus(depth) : corner.plus(depth),
                left ? tab : end,
                up));
        joins.add(tab(
                "Back", piece, names.get(3), left ? corner.plus(plane) : corner.minus(plane), left ? end : tab, up));
    }

    private static Join tab(String on, int piece, String tab, Length fold, Length glued, Length up) {
        return Join.of(
                new PanelRef(0, on),
                Side.FACE,
                new PanelRef(piece, tab),
                Side.BACK,
                Attachment.at(new Spot(fold, up), new Spot(glued, Length.ZERO)));
    }

    /** Sheared to the left: the left wing and wall lie beside the back, the right ones fold over it. */
    @Override
    public Pose closed(Measures measures) {
        return Pose.open()
                .but("Back", "Right wall", 180)
                .but("Right wall", "Right wing", -180)
                .but("Right back tab", "Right arm", 180)
                .but("Right arm", "Right plane", -180)
                .but("Right plane", "Right wall tab", 180);
    }

    /** Standing square. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.partly(0.5);
    }

    /**
     * Wall and wing each five parts of twenty-two of the width, as 1¼ of 5½ (common practice, no source); a band of a
     * third.
     */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length wall =
                ruler.nearest(finished.width().times(5).dividedBy(22)).length().max(allowed(Allowance.TAB));
        return Measures.of(finished, ruler)
                .with(WALL, wall)
                .with(WING, wall)
                .with(
                        BAND,
                        ruler.nearest(finished.height().dividedBy(3)).length().max(bounds.narrowest()))
                .with(DEPTH, ruler.nearest(wall.dividedBy(2)).length())
                .with(PLANE, ruler.nearest(finished.width().dividedBy(6)).length());
    }

    @Override
    public double showing() {
        return 0.12;
    }
}
