package vantbreeze.core.structure;

import java.util.List;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;

/**
 * Stage card: walls come forward from a back, wings turn outwards from the walls, a band joins the wings across the
 * front. Back, walls and front are a parallelogram that shears flat: closed, it is as wide as back, wall and wing.
 */
public final class Stage implements Structure {

    /** Id of the depth of each wall. */
    public static final String WALL = "wall";
    /** Id of the width of each wing. */
    public static final String WING = "wing";
    /** Id of the height of the band. */
    public static final String BAND = "band";

    /** Glue at each end of the band: about ½ in, common practice, no source. */
    private static final Length GLUE = Length.ofInches(0, 1, 2);
    private static final CrossPiece ACROSS = new CrossPiece("band");

    @Override
    public Title title() {
        return new Title("stage", "Stage",
                "Walls come forward, wings face front, a band crosses between them. It stands like a small theatre and shears flat.",
                "Scenes with some depth that stand on a shelf.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(Parameter.width(),
                Parameter.height(),
                Parameter.of(WALL, "Wall", "how deep the stage is", "Left wall", "Right wall"),
                Parameter.of(WING, "Wing", "the flaps that face front", "Left wing", "Right wing"),
                Parameter.of(BAND, "Band", "how high the band across the front is").ofPieces("Band"));
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length width = measures.get(Parameter.WIDTH);
        Length wall = measures.get(WALL);
        Length wing = measures.get(WING);
        return switch (parameter) {
            case Parameter.WIDTH -> Bounds.widthBeside(wall.plus(wing).max(wall.times(2).plus(wing)),
                    "no back would be left beside wall and wing");
            case Parameter.HEIGHT -> ACROSS.cardHeight(measures.get(BAND));
            case WALL -> new Limits(wing.max(Bounds.NARROWEST), "the wing would stick out of the closed card",
                    width.minus(wing).minus(Bounds.NARROWEST).dividedBy(2), "no back would be left beside wall and wing");
            case WING -> new Limits(GLUE, "the band would have nothing to hold on", wall, "the wing would stick out of the closed card");
            case BAND -> ACROSS.itsHeight(measures.get(Parameter.HEIGHT));
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
                .panel("Left wing", wing).fold(Fold.MOUNTAIN).panel("Left wall", wall).fold(Fold.VALLEY)
                .panel("Back", back).fold(Fold.VALLEY)
                .panel("Right wall", wall).fold(Fold.MOUNTAIN).panel("Right wing", wing).piece();
        Piece across = Strip.ofHeight("Band", band).panel("Band", length).piece();
        return new Assembly(List.of(base, across), List.of(
                CrossPiece.glued("Left wing", Side.FACE, "Band", new Spot(Length.ZERO, Length.ZERO), Length.ZERO, Length.ZERO, GLUE, band),
                CrossPiece.glued("Right wing", Side.FACE, "Band", new Spot(end, Length.ZERO), length, end.minus(GLUE), GLUE, band)));
    }

    /** Sheared to the left: the left wing and wall lie beside the back, the right ones fold over it. */
    @Override
    public Pose closed(Measures measures) {
        return Pose.of(new double[] {0, 0, 180, -180});
    }

    /** Standing square. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.of(new double[] {-90, 90, 90, -90});
    }

    /** Wall and wing each five parts of twenty-two of the width, as 1¼ of 5½ (common practice, no source); a band of a third. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Length wall = ruler.nearest(finished.width().times(5).dividedBy(22)).length().max(GLUE);
        return Measures.of(finished)
                .with(WALL, wall).with(WING, wall)
                .with(BAND, ruler.nearest(finished.height().dividedBy(3)).length().max(Bounds.NARROWEST));
    }

    @Override
    public double showing() {
        return 0.12;
    }
}
