package vantbreeze.core.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.algorithm.MinimumAreaRectangle;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Point;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Precision;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/**
 * Lays a card's layers: each drawn in from what lies beneath it by its border, rectangles brought to the ruler's marks.
 *
 * @param graph the card's panels
 * @param grounds where they can be dressed
 * @param ruler the ruler the layers are cut by
 * @param flats the poses in which the card lies flat, the closed one first; a paper runs across panels as they lie in
 *     one
 * @param up which way is up on a face's sheet, degrees anticlockwise from across
 * @param papers a paper by its id
 */
public record Dresser(
        FoldGraph graph,
        Grounds grounds,
        Ruler ruler,
        List<FoldedForm> flats,
        ToDoubleFunction<Face> up,
        Function<String, Optional<Cardstock>> papers) {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Cardstock STAND_IN = Cardstock.of("White card", 220);
    /** A layer is in the middle to so much, mm. */
    private static final double CENTRED = 1e-3;
    /** Overlaps smaller than this are rounding, mm². */
    private static final double NOTHING = 0.05;

    /** The layers of {@code dressing}. */
    public Layers lay(Dressing dressing) {
        List<Layer> layers = new ArrayList<>();
        List<Added> raised = new ArrayList<>();
        List<Trouble> troubles = new ArrayList<>();
        for (int i = 0; i < dressing.all().size(); i++) {
            Dressed dressed = dressing.all().get(i);
            List<Face> faces = dressed.faces().stream()
                    .flatMap(name -> name.find(graph).stream())
                    .toList();
            if (faces.size() < dressed.faces().size()) {
                troubles.add(new Trouble.Aside(dressed));
            } else if (dressed.runs()) {
                new Run(graph, grounds, flats, faces).lay(this, i, dressed, layers, troubles);
            } else {
                one(i, dressed, faces.get(0), layers, raised, troubles);
            }
        }
        return new Layers(layers, raised, troubles);
    }

    private void one(
            int index, Dressed dressed, Face face, List<Layer> layers, List<Added> raised, List<Trouble> troubles) {
        Ground ground = grounds.of(face);
        if (!ground.isFree()) {
            troubles.add(new Trouble.NoGround(face, ground.glued()));
            return;
        }
        List<LineString> folds = grounds.folds(face.panel());
        Polygon uppermost = ground.parts().get(0);
        for (int part = 0; part < ground.parts().size(); part++) {
            Polygon beneath = ground.parts().get(part);
            for (int level = 0; level < dressed.layers().size(); level++) {
                LayerChoice choice = dressed.layers().get(level);
                Layer layer = layer(index, level, part, face, choice, beneath, folds, troubles);
                if (layer == null) {
                    troubles.add(new Trouble.Eaten(face, level, choice.border()));
                    break;
                }
                if (choice.own() != null) {
                    judge(layer, troubles);
                }
                layers.add(layer);
                beneath = layer.shape();
            }
            uppermost = part == 0 ? beneath : uppermost;
        }
        Point middle = uppermost.getInteriorPoint();
        for (Embellishment one : dressed.embellishments()) {
            boolean sideways = squareUp(face) % 180 == 0;
            Size size = sideways ? one.size().turned() : one.size();
            raised.add(new Added(
                    one.name(),
                    face.panel(),
                    face.side(),
                    (Polygon) FACTORY.toGeometry(new Envelope(
                            middle.getX() - size.width().millimetres() / 2,
                            middle.getX() + size.width().millimetres() / 2,
                            middle.getY() - size.height().millimetres() / 2,
                            middle.getY() + size.height().millimetres() / 2)),
                    one.height(),
                    one.weight()));
        }
    }

    private @Nullable Layer layer(
            int index,
            int level,
            int part,
            Face face,
            LayerChoice choice,
            Polygon beneath,
            List<LineString> folds,
            List<Trouble> troubles) {
        Cardstock paper = paper(face, choice, troubles);
        double upwards = squareUp(face);
        Upright upright = Upright.of(beneath);
        if (choice.own() != null) {
            Polygon shape = choice.die() == null
                    ? own(choice.own(), beneath, upwards)
                    : cutOut(choice.die(), choice.own(), beneath, upwards);
            Length border =
                    choice.die() == null ? Length.nearest(over(shape, beneath)) : left(choice.die(), shape, beneath);
            return new Layer(index, level, part, face, choice, paper, shape, border, border, upwards);
        }
        if (upright != null) {
            Upright inset = upright.inset(choice.border(), ruler, folds);
            if (inset == null) {
                return null;
            }
            List<Length> borders = upright.borders(inset);
            return new Layer(
                    index,
                    level,
                    part,
                    face,
                    choice,
                    paper,
                    inset.polygon(beneath),
                    borders.stream().reduce(Length::min).orElseThrow(),
                    borders.stream().reduce(Length::max).orElseThrow(),
                    upwards);
        }
        Round round = Round.of(beneath);
        if (round != null) {
            Round inset = round.inset(choice.border(), ruler);
            if (inset == null) {
                return null;
            }
            Length border = round.across().minus(inset.across()).dividedBy(2);
            return new Layer(index, level, part, face, choice, paper, inset.polygon(), border, border, upwards);
        }
        List<Polygon> left = Inset.of(beneath, choice.border().millimetres());
        return left.stream()
                .reduce((one, other) -> one.getArea() >= other.getArea() ? one : other)
                .map(shape -> new Layer(
                        index, level, part, face, choice, paper, shape, choice.border(), choice.border(), upwards))
                .orElse(null);
    }

    /**
     * Up on a face by quarter turns of its sheet: a pattern is cut square to its panel, not to how the panel happens to
     * lean when it is seen (common practice, no source). So equal panels get equal pieces.
     */
    private double squareUp(Face face) {
        return square(up.applyAsDouble(face));
    }

    static double square(double up) {
        return Math.rint(up / 90) * 90;
    }

    Cardstock paper(Face face, LayerChoice choice, List<Trouble> troubles) {
        return papers.apply(choice.paper()).orElseGet(() -> {
            troubles.add(new Trouble.NoPaper(face, choice.paper()));
            return STAND_IN;
        });
    }

    /**
     * A layer of a size of its own, upright as it is seen, in the middle of what lies beneath: a rectangle or, on a
     * triangle or another slanted shape of up to four corners, the same shape so wide and high.
     */
    private static Polygon own(Size size, Polygon beneath, double up) {
        if (Upright.of(beneath) == null && isSlanted(beneath)) {
            return alike(size, beneath, up);
        }
        Coordinate middle = Upright.of(beneath) == null
                ? beneath.getInteriorPoint().getCoordinate()
                : beneath.getCentroid().getCoordinate();
        double turn = Math.toRadians(up - 90);
        double[][] corners = {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}, {-1, -1}};
        Coordinate[] ring = new Coordinate[corners.length];
        for (int i = 0; i < ring.length; i++) {
            double x = corners[i][0] * size.width().millimetres() / 2;
            double y = corners[i][1] * size.height().millimetres() / 2;
            ring[i] = new Coordinate(
                    middle.x + x * Math.cos(turn) - y * Math.sin(turn),
                    middle.y + x * Math.sin(turn) + y * Math.cos(turn));
        }
        return beneath.getFactory().createPolygon(ring);
    }

    /** What a die cuts out, upright as it is seen, in the middle of what lies beneath. */
    static Polygon cutOut(DieShape die, Size size, Polygon beneath, double up) {
        Coordinate middle = middle(beneath);
        Polygon shape = die.outline(size);
        AffineTransformation placed = AffineTransformation.translationInstance(
                -size.width().millimetres() / 2, -size.height().millimetres() / 2);
        placed.rotate(Math.toRadians(up - 90));
        placed.translate(middle.x, middle.y);
        return (Polygon) placed.transform(shape);
    }

    /** The middle of a rectangle, or of the largest circle that goes into another shape. */
    private static Coordinate middle(Polygon shape) {
        return Upright.of(shape) != null
                ? shape.getCentroid().getCoordinate()
                : MaximumInscribedCircle.getCenter(shape, CENTRED).getCoordinate();
    }

    private static boolean isSlanted(Polygon shape) {
        int corners = DouglasPeuckerSimplifier.simplify(shape, Precision.ALIKE).getNumPoints() - 1;
        return corners <= 4 && shape.getNumInteriorRing() == 0 && isWithoutUprightSquare(shape);
    }

    /** A rectangle that leans is no slanted shape. */
    private static boolean isWithoutUprightSquare(Polygon shape) {
        return shape.getArea()
                < (1 - Precision.ON_LINE)
                        * MinimumAreaRectangle.getMinimumRectangle(shape).getArea();
    }

    /** The middles of the largest circles that go into both lie on one another: so equal shapes leave equal borders. */
    private static Polygon alike(Size size, Polygon beneath, double up) {
        double turn = Math.toRadians(90 - up);
        Geometry upright = AffineTransformation.rotationInstance(turn).transform(beneath);
        Envelope box = upright.getEnvelopeInternal();
        Geometry scaled = AffineTransformation.scaleInstance(
                        size.width().millimetres() / box.getWidth(),
                        size.height().millimetres() / box.getHeight())
                .transform(upright);
        Geometry turned = AffineTransformation.rotationInstance(-turn).transform(scaled);
        Point middle = MaximumInscribedCircle.getCenter(beneath, CENTRED);
        Point own = MaximumInscribedCircle.getCenter(turned, CENTRED);
        return (Polygon)
                AffineTransformation.translationInstance(middle.getX() - own.getX(), middle.getY() - own.getY())
                        .transform(turned);
    }

    /** How far within {@code beneath} the shape's edge lies at the nearest; negative by how far it reaches over. */
    private static double over(Polygon shape, Geometry beneath) {
        double within = shape.getBoundary().distance(beneath.getBoundary());
        if (beneath.covers(shape)) {
            return within;
        }
        double out = 0;
        for (Coordinate corner : shape.getCoordinates()) {
            out = Math.max(out, beneath.distance(beneath.getFactory().createPoint(corner)));
        }
        return -out;
    }

    /** The border that a die leaves: of its own shape half of what it is smaller. */
    private static Length left(DieShape die, Polygon shape, Polygon beneath) {
        Envelope inner = shape.getEnvelopeInternal();
        Envelope outer = beneath.getEnvelopeInternal();
        boolean isInAnother = beneath.covers(shape)
                && inner.centre().distance(outer.centre()) < CENTRED
                && DieShape.of(beneath).filter(die::isAkin).isPresent();
        return isInAnother
                ? Length.nearest(
                        Math.min(outer.getWidth() - inner.getWidth(), outer.getHeight() - inner.getHeight()) / 2)
                : Length.nearest(over(shape, beneath));
    }

    /** What is amiss with a layer that reaches beyond what it lies on. */
    private void judge(Layer layer, List<Trouble> troubles) {
        Face face = layer.face();
        Geometry panel = grounds.shape(face.panel());
        double out = layer.shape().difference(panel).getArea();
        boolean overFold = grounds.folds(face.panel()).stream().anyMatch(fold -> crosses(layer.shape(), fold));
        if (out > NOTHING && overFold) {
            troubles.add(new Trouble.OverFold(face, layer.level()));
        } else if (out > NOTHING) {
            troubles.add(new Trouble.OverEdge(face, layer.level(), Length.nearest(-over(layer.shape(), panel))));
        }
        if (grounds.glueOn(face).stream()
                .anyMatch(area -> area.intersection(layer.shape()).getArea() > NOTHING)) {
            troubles.add(new Trouble.OnGlue(face, layer.level()));
        }
        if (grounds.slidesOver(face).stream()
                .anyMatch(area -> area.intersection(layer.shape()).getArea() > NOTHING)) {
            troubles.add(new Trouble.InTheWay(face, layer.level()));
        }
    }

    private static boolean crosses(Geometry shape, LineString fold) {
        return shape.intersection(fold).getLength() > Precision.ALIKE;
    }
}
