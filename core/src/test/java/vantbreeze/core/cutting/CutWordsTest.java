package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.die.DieShape;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.BarePlan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** Shapes that are no rectangle, as makers call them and cut them. */
class CutWordsTest {

    private static final Workshop WORKSHOP = Workshop.standard();
    private static final WorkedPlan CARD = WORKSHOP.work(BarePlan.of(WORKSHOP.structure("side-fold")));

    private static Polygon polygon(double... corners) {
        Coordinate[] ring = new Coordinate[corners.length / 2 + 1];
        for (int i = 0; i < ring.length - 1; i++) {
            ring[i] = new Coordinate(corners[2 * i], corners[2 * i + 1]);
        }
        ring[ring.length - 1] = ring[0].copy();
        return new GeometryFactory().createPolygon(ring);
    }

    private static Cut cut(Polygon shape) {
        LayerChoice choice = LayerChoice.of("paper-160", Length.ofMillimetres(3));
        Layer layer = new Layer(
                0,
                0,
                0,
                new Face(0, Side.FACE),
                choice,
                WORKSHOP.cardstock("paper-160"),
                shape,
                choice.border(),
                choice.border(),
                90);
        return new Cut(1, "paper-160", layer.paper(), false, CutShape.of(layer), List.of(layer), 0, List.of());
    }

    private static String notes(Polygon shape) {
        return new CutWords(CARD.faceWords(), Ruler.MM_1, Dies.NONE).notes(cut(shape));
    }

    @ParameterizedTest
    @CsvSource({
        "0 0 60 0 30 40, triangle, cut from both foot corners to the middle of the top",
        "0 0 60 0 20 40, triangle, cut from both foot corners to 20 mm along the top",
        "0 0 60 20 0 40, triangle, cut from both left corners to the middle of the right edge",
        "60 0 60 40 0 10, triangle, cut from both right corners to 10 mm up the left edge",
        "0 40 60 40 30 0, triangle, cut from both top corners to the middle of the foot",
        "0 0 60 0 60 40, triangle, 'two come from one rectangle, by its diagonal'",
        "0 0 60 0 0 40, triangle, 'two come from one rectangle, by its diagonal'",
        "0 0 60 0 50 40 10 40, trapezium, 'cut straight from the right foot corner to 50 mm along the top, and "
                + "from the left foot corner to 10 mm along the top; border 3 mm'",
        "0 0 60 10 60 40 0 30, trapezium, 'cut straight from the left foot corner to 10 mm up the right edge, "
                + "and from 30 mm up the left edge to the right top corner'",
        "30 0 60 30 30 60 0 30, trapezium, 'a square of ≈ 42.5 mm, standing on its corner'",
        "0 0 60 0 50 40 10 30, shaped, draw it round its panel and cut it smaller by the border",
        "0 0 60 0 60 40 0 40, rectangle, border 3 mm",
        "0 0 60 0 60 40 30 40 30 20 0 20, shaped, draw it round its panel"
    })
    void aShapeIsCalledAndCutAsMakersDo(String corners, String kind, String notes) {
        double[] places = List.of(corners.split(" ")).stream()
                .mapToDouble(Double::parseDouble)
                .toArray();
        Polygon shape = polygon(places);
        assertThat(CutShape.of(cut(shape).layers().get(0)).kind().label()).isEqualTo(kind);
        assertThat(notes(shape)).startsWith(notes);
    }

    /** The fan's leaves and triangle are spoken of by their rectangles; an exploding insert's too. */
    @Test
    void trianglesOfTheCatalogueAreToldByTheirRectangles() {
        for (String structure : List.of("concertina-fan", "exploding-gatefold")) {
            WorkedPlan bare = WORKSHOP.work(BarePlan.of(WORKSHOP.structure(structure)));
            WorkedPlan worked = WORKSHOP.work(bare.plan()
                    .withDressing(new Suggestion(WORKSHOP, bare)
                            .dressing(List.of(LayerChoice.of("paper-160", Length.ofMillimetres(3))))));
            CutWords words = new CutWords(worked.faceWords(), worked.ruler(), Dies.NONE);
            assertThat(worked.cuts().cuts().stream()
                            .filter(cut -> cut.shape().kind() == CutKind.TRIANGLE)
                            .map(words::notes))
                    .as(structure)
                    .isNotEmpty()
                    .allMatch(notes -> notes.contains("diagonal") || notes.contains("corners to"));
        }
    }

    /** Both parts of a wing are one flat paper for what lies on it, and its layer is called after the wing. */
    @Test
    void whatLiesAcrossABendIsCalledAfterBothItsParts() {
        WorkedPlan bare = WORKSHOP.work(BarePlan.of(WORKSHOP.structure("threaded-concertina")));
        Suggestion suggestion = new Suggestion(WORKSHOP, bare);
        WorkedPlan dressed = bare.withDressing(suggestion.dressing(suggestion.usualStack()));
        CutWords words = new CutWords(dressed.faceWords(), Ruler.MM_1, Dies.NONE);
        assertThat(dressed.cuts().cuts())
                .anyMatch(cut -> words.where(cut).contains("front: Left wing (2), Right wing (2)"))
                .noneMatch(cut ->
                        words.where(cut).contains("Outer") || words.where(cut).contains("Inner"));
    }

    @Test
    void whatHasAHoleOfItsShapeIsARing() {
        for (Size size : List.of(Size.ofMillimetres(60, 60), Size.ofMillimetres(60, 40))) {
            Polygon outer = DieShape.OVAL.outline(size);
            Coordinate middle = outer.getCentroid().getCoordinate();
            Polygon inner = (Polygon) AffineTransformation.scaleInstance(0.8, 0.8, middle.x, middle.y)
                    .transform(outer);
            Layer ring = cut((Polygon) outer.difference(inner)).layers().get(0);
            assertThat(CutShape.of(ring).kind()).isEqualTo(CutKind.RING);
        }
    }
}
