package vantbreeze.core.structure;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelName;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.folding.Station;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.outline.Silhouette;
import vantbreeze.core.outline.Silhouettes;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;

/**
 * Shaped fold-back gate: three copies of a symmetrical outline. The outer two are scored down their axis and near one
 * side; beside that score each is glued on the back, and its far half folds back on itself, so that the two halves make
 * up the outline again. The score must leave enough to glue.
 */
public final class ShapedGate extends CatalogueStructure {

    /** Id of the width of the glued strip. */
    public static final String GLUED = "glued";
    /** Id of the width of the strip glued at the right. */
    public static final String RIGHT = "glued-right";
    /** Which outline. */
    public static final Choice OUTLINE = GraduatedSilhouettes.outline();

    /** With the usual allowances of the trade. */
    public ShapedGate() {
        this(Allowances.usual());
    }

    /** With a maker's allowances. */
    public ShapedGate(Allowances allowances) {
        super(allowances);
    }

    @Override
    public Title title() {
        return new Title(
                "shaped-gate",
                "Shaped fold-back gate",
                "A gate in the shape of an egg, a heart or an arch, whose halves fold back on themselves.",
                "Cards cut to a shape, for those who like scissors.");
    }

    @Override
    public List<Parameter> parameters() {
        return List.of(
                Parameter.width("Back"),
                Parameter.height().ofPieces("Back"),
                Parameter.of(GLUED, "Glued strip", "beside the score at each side", "Left strip"),
                Parameter.of(RIGHT, "Glued strip at the right", "where it is another than at the left", "Right strip")
                        .following());
    }

    @Override
    public Length usual(String parameter, Measures measures) {
        if (!parameter.equals(RIGHT)) {
            throw Bounds.unknown(this, parameter);
        }
        return measures.get(GLUED);
    }

    @Override
    public List<Choice> choices() {
        return List.of(OUTLINE);
    }

    @Override
    public Limits limits(String parameter, Measures measures) {
        Length glued = measures.get(GLUED);
        Length width = measures.get(Parameter.WIDTH);
        String toGlue = "the score would leave too little to glue";
        return switch (parameter) {
            case Parameter.WIDTH ->
                new Limits(
                        glued.max(of(RIGHT, measures)).plus(bounds.narrowest()).times(2),
                        "the wings would be too narrow to fold back",
                        Bounds.LONGEST,
                        Bounds.TOO_LONG);
            case Parameter.HEIGHT -> new Limits(leastHeight(measures), toGlue, Bounds.LONGEST, Bounds.TOO_LONG);
            case GLUED, RIGHT ->
                new Limits(
                        leastStrip(measures),
                        toGlue,
                        width.dividedBy(2).minus(bounds.narrowest()),
                        "the wings would be too narrow to fold back");
            default -> throw Bounds.unknown(this, parameter);
        };
    }

    /**
     * The least strip that leaves the least area, taking only the side's straight run: what lies beyond it is extra.
     */
    private Length leastStrip(Measures measures) {
        Silhouette outline = Silhouettes.find(measures.chosen(OUTLINE));
        double run = (outline.runTo() - outline.runFrom())
                * measures.get(Parameter.HEIGHT).millimetres();
        return Length.nearest(allowances.of(Allowance.WING_GLUE) / run).max(bounds.leastTab());
    }

    private Length leastHeight(Measures measures) {
        Silhouette outline = Silhouettes.find(measures.chosen(OUTLINE));
        double run = allowances.of(Allowance.WING_GLUE)
                / measures.get(GLUED).min(of(RIGHT, measures)).millimetres();
        return Length.nearest(run / (outline.runTo() - outline.runFrom()))
                .plus(Length.ofUnits(8))
                .max(bounds.narrowest());
    }

    @Override
    public Assembly assemble(Measures measures) {
        Silhouette outline = Silhouettes.find(measures.chosen(OUTLINE));
        Length width = measures.get(Parameter.WIDTH);
        Length half = width.dividedBy(2);
        Length height = measures.get(Parameter.HEIGHT);
        Length glued = measures.get(GLUED);
        List<Spot> corners = corners(outline, half, height);
        Length middle = height.times(Math.round(1000 * (outline.runFrom() + outline.runTo()) / 2))
                .dividedBy(1000);
        Spot inner = new Spot(half.minus(Length.ofMillimetres(1)), middle);
        Spot outer = new Spot(half.plus(Length.ofMillimetres(1)), middle);
        Piece back = new Piece(
                "Back", corners, List.of(), List.of(), List.of(new PanelName(new Spot(half, middle), "Back")));
        Piece left = new Piece(
                "Left wing",
                corners,
                List.of(across(corners, glued, Fold.VALLEY), across(corners, half, Fold.VALLEY)),
                List.of(),
                List.of(
                        new PanelName(new Spot(Length.ofMillimetres(1), middle), "Left strip"),
                        new PanelName(inner, "Left wing"),
                        new PanelName(outer, "Left front")));
        Piece right = new Piece(
                "Right wing",
                corners,
                List.of(
                        across(corners, half, Fold.VALLEY),
                        across(corners, width.minus(of(RIGHT, measures)), Fold.VALLEY)),
                List.of(),
                List.of(
                        new PanelName(new Spot(width.minus(Length.ofMillimetres(1)), middle), "Right strip"),
                        new PanelName(outer, "Right wing"),
                        new PanelName(inner, "Right front")));
        Attachment onTop = Attachment.at(new Spot(half, Length.ZERO), new Spot(half, Length.ZERO));
        return new Assembly(
                List.of(back, left, right),
                List.of(
                        Join.of(new PanelRef(0, "Back"), Side.FACE, new PanelRef(1, "Left strip"), Side.BACK, onTop),
                        Join.of(new PanelRef(0, "Back"), Side.FACE, new PanelRef(2, "Right strip"), Side.BACK, onTop)));
    }

    private static List<Spot> corners(Silhouette outline, Length half, Length height) {
        List<Spot> right = new ArrayList<>();
        for (Coordinate c : outline.below()) {
            right.add(new Spot(
                    half.plus(Length.nearest(2 * c.x * half.millimetres())),
                    Length.nearest(c.y * height.millimetres())));
        }
        for (Coordinate c : outline.above()) {
            right.add(new Spot(
                    half.plus(Length.nearest(2 * c.x * half.millimetres())),
                    Length.nearest(c.y * height.millimetres())));
        }
        List<Spot> all = new ArrayList<>(right);
        for (int i = right.size() - 1; i >= 0; i--) {
            all.add(new Spot(half.times(2).minus(right.get(i).x()), right.get(i).y()));
        }
        return all.stream().distinct().toList();
    }

    /** A score from where the outline's foot lies under {@code x} to where its head lies over it. */
    private Crease across(List<Spot> corners, Length x, Fold fold) {
        List<Double> heights = new ArrayList<>();
        double at = x.millimetres();
        for (int i = 0; i < corners.size(); i++) {
            Spot a = corners.get(i);
            Spot b = corners.get((i + 1) % corners.size());
            double ax = a.x().millimetres();
            double bx = b.x().millimetres();
            if (ax == at) {
                heights.add(a.y().millimetres());
            } else if (ax < at != bx < at && bx != at) {
                heights.add(a.y().millimetres() + (at - ax) / (bx - ax) * (b.y().millimetres() - a.y().millimetres()));
            }
        }
        return new Crease(
                new Stretch(
                        new Spot(x, Length.nearest(Collections.min(heights))),
                        new Spot(x, Length.nearest(Collections.max(heights)))),
                fold);
    }

    /** The wings lie on the back, their far halves folded over. */
    @Override
    public Pose closed(Measures measures) {
        return Pose.closed().but("Left strip", "Left wing", 0).but("Right wing", "Right strip", 0);
    }

    /** The wings swung out. */
    @Override
    public Pose opened(Measures measures) {
        return Pose.open().but("Left strip", "Left wing", 150).but("Right wing", "Right strip", 150);
    }

    /** The fronts reach beyond the scores by which the wings turn, so they are folded up before the gate opens. */
    @Override
    public List<Station> stations(Measures measures) {
        Pose up = closed(measures).but("Left wing", "Left front", 90).but("Right wing", "Right front", 90);
        return List.of(
                new Station("Open", opened(measures)),
                new Station("Fronts up", up),
                new Station("Closed", closed(measures)));
    }

    /** A glued strip of a tenth of the width. */
    @Override
    public Measures proportioned(Size finished, Ruler ruler) {
        Measures measures = Measures.of(finished, ruler)
                .with(GLUED, ruler.nearest(finished.width().dividedBy(10)).length());
        return measures.with(
                GLUED, measures.get(GLUED).max(ruler.above(leastStrip(measures)).length()));
    }

    @Override
    public double showing() {
        return 0.25;
    }

    @Override
    public Length widthStep(Length division) {
        return division.times(2);
    }
}
