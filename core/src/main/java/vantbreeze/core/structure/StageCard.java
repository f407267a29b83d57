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
 * front. Back, walls and front are a parallelogram that shears flat: closed, it is as wide as back, wall and wing.
 */
public final class StageCard extends CatalogueStructure {

    /** Id of the depth of each wall. */
    public static final String WALL = "wall";
    /** Id of the width of each wing. */
    public static final String WING = "wing";
    /** Id of the height of the band. */
    public static final String BAND = "band";

    /** Id of how far before the back the swing inserts stand. */
    public static final String DEPTH = "depth";
    /** Id of the width of the planes of the swing inserts. */
    public static final String PLANE = "plane";
    /** How many swing inserts there are. */
    public static final Choice INSERTS = Choice.of(
            "inserts",
            "Swing inserts",
            "planes between front and back",
            new Choice.Alternative("none", "none"),
            new Choice.Alternative("left", "one, on the left"),
            new Choice.Alternative("both", "one on each side"));

    private final CrossPiece across = new CrossPiece("band", bounds);

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
                Parameter.of(BAND, "Band", "how high the band across the front is")
                        .ofPieces("Band"),
                Parameter.of(
                                DEPTH,
                                "Insert depth",
                                "how far before the back the inserts stand",
                                "Left arm",
                                "Right arm")
                        .when(INSERTS, "left", "both"),
                Parameter.of(PLANE, "Insert", "how wide the inserts are", "Left plane", "Right plane")
                        .when(INSERTS, "left", "both"));
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
            case Parameter.WIDTH ->
                bounds.widthBeside(
                        wall.plus(wing).max(wall.times(2).plus(wing)), "no back would be left beside wall and wing");
            case Parameter.HEIGHT -> across.cardHeight(measures.get(BAND));
            case WALL ->
                new Limits(
                        wing.max(bounds.narrowest()),
                        "the wing would stick out of the closed card",
                        width.minus(wing).minus(bounds.narrowest()).dividedBy(2),
                        "no back would be left beside wall and wing");
            case WING ->
                new Limits(
                        allowed(Allowance.TAB),
                        "the band would have nothing to hold on",
                        wall,
                        "the wing would stick out of the closed card");
            case BAND -> across.itsHeight(measures.get(Parameter.HEIGHT));
            case DEPTH ->
                new Limits(
                        allowed(Allowance.NARROWEST_SPRING),
                        "the insert would lie on the back",
                        wall.minus(usual(Allowance.TAB, measures)),
                        "its tab would not find room on the wall");
            case PLANE ->
                new Limits(
                        measures.get(DEPTH).max(bounds.narrowest()),
                        "its arm would poke through the wall",
                        back(measures).dividedBy(2).minus(usual(Allowance.TAB, measures)),
                        "its tab would not find room on its half of the back");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    private static Length back(Measures measures) {
        return measures.get(Parameter.WIDTH).minus(measures.get(WALL)).minus(measures.get(WING));
    }

    @Override
    public Assembly assemble(Measures measures) {
        Length wall = measures.get(WALL);
        Length wing = measures.get(WING);
        Length back = back(measures);
        Length height = measures.get(Parameter.HEIGHT);
        Length band = measures.get(BAND);
        Length length = back.plus(wing.times(2));
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
                CrossPiece.glued(
                        "Left wing",
                        Side.FACE,
                        "Band",
                        new Spot(Length.ZERO, Length.ZERO),
                        Length.ZERO,
                        Length.ZERO,
                        allowed(Allowance.TAB),
                        band),
                CrossPiece.glued(
                        "Right wing",
                        Side.FACE,
                        "Band",
                        new Spot(end, Length.ZERO),
                        length,
                        end.minus(allowed(Allowance.TAB)),
                        allowed(Allowance.TAB),
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
        Length tab = usual(Allowance.TAB, measures);
        String side = left ? "Left" : "Right";
        List<String> names = List.of(side + " wall tab", side + " plane", side + " arm", side + " back tab");
        List<Length> widths = List.of(tab, plane, depth, tab);
        Strip strip = Strip.ofHeight(
                side + " insert", measures.marked(measures.get(Parameter.HEIGHT).dividedBy(2)));
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
                left ? tab : end));
        joins.add(tab("Back", piece, names.get(3), left ? corner.plus(plane) : corner.minus(plane), left ? end : tab));
    }

    private static Join tab(String on, int piece, String tab, Length fold, Length glued) {
        return Join.of(
                new PanelRef(0, on),
                Side.FACE,
                new PanelRef(piece, tab),
                Side.BACK,
                Attachment.at(new Spot(fold, Length.ZERO), new Spot(glued, Length.ZERO)));
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
