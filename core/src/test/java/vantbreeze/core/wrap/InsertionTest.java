package vantbreeze.core.wrap;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.ClosedCard;
import vantbreeze.core.plan.KiteCards;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowances;

/** Whether a card goes into its wrap and comes out: by boxes in boxes, and by hand. */
class InsertionTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Polygon box(double left, double foot, double right, double head) {
        return (Polygon) FACTORY.toGeometry(new Envelope(left, right, foot, head));
    }

    private static BulkCell cell(Polygon shape, double thickness) {
        return new BulkCell(shape, List.of(0), List.of(thickness));
    }

    /** A kite card of 148 × 104 mm that is 1.2 mm thick, with a kite of 60 × 40 mm standing up on it. */
    private static BulkMap kite(double proud) {
        Polygon kite = box(44, 30, 104, 70);
        Polygon rest = (Polygon) box(0, 0, 148, 104).difference(kite);
        return new BulkMap(List.of(cell(rest, 1.2), cell(kite, 1.2 + proud)));
    }

    private static Insertion inserted(BulkMap bulk, Inside inside) {
        double width = 0;
        double height = 0;
        for (BulkCell cell : bulk.cells()) {
            width = Math.max(width, cell.shape().getEnvelopeInternal().getMaxX());
            height = Math.max(height, cell.shape().getEnvelopeInternal().getMaxY());
        }
        return Insertion.of(Closed.of(width, height, bulk), inside, Allowances.usual());
    }

    /** By hand: half the way round 148 × 1.2 is 149.2; round the kite it goes over two slopes of 44 along and 3 up. */
    @Test
    void aBumpInTheMiddleTakesLittle() {
        assertThat(inserted(kite(0), new Inside(152, 0, 0)).slack()).isCloseTo(152 - 149.2, within(1e-9));
        double slope = Math.hypot(44, 3);
        Insertion proud = inserted(kite(3), new Inside(152, 0, 0));
        assertThat(proud.slack()).isCloseTo(152 - (148 + 2 * 1.2 + 2 * slope + 60) / 2, within(1e-9));
        assertThat(proud.tightest()).isBetween(30.0, 70.0);
        assertThat(proud.goesIn()).isTrue();
        assertThat(proud.slackUp()).isInfinite();
    }

    /**
     * A rounded stack and a square one: half the way round a half-disc of radius r that lies on its flat is (π + 2)r/2,
     * round a box as wide and as high it is 3r (by geometry).
     */
    @Test
    void aRoundStackTakesLessThanASquareOne() {
        double r = 24;
        List<BulkCell> strips = new ArrayList<>();
        int count = 480;
        for (int i = 0; i < count; i++) {
            double from = 2 * r * i / count;
            double to = 2 * r * (i + 1) / count;
            double middle = (from + to) / 2 - r;
            strips.add(cell(box(from, 0, to, 80), Math.sqrt(r * r - middle * middle)));
        }
        double half = 100 - inserted(new BulkMap(strips), new Inside(100, 0, 0)).slack();
        assertThat(half).isCloseTo((Math.PI + 2) * r / 2, within(0.05));
        BulkMap square = new BulkMap(List.of(cell(box(0, 0, 2 * r, 80), r)));
        assertThat(inserted(square, new Inside(100, 0, 0)).slack()).isCloseTo(100 - 3 * r, within(1e-9));
    }

    /**
     * A mat of 0.3 mm slides under; a kite on foam does not: its lower edge as the card goes in, its upper on the way
     * out.
     */
    @Test
    void whatStandsProudCatches() {
        assertThat(inserted(kite(0.3), new Inside(152, 0, 0)).catching()).isEmpty();
        List<Insertion.Edge> edges = inserted(kite(3), new Inside(152, 0, 0)).catching();
        assertThat(edges).hasSize(2);
        assertThat(edges.get(0).up()).isCloseTo(30, within(0.1));
        assertThat(edges.get(0).isOnTheWayOut()).isFalse();
        assertThat(edges.get(1).up()).isCloseTo(70, within(0.1));
        assertThat(edges.get(1).isOnTheWayOut()).isTrue();
        assertThat(edges).allSatisfy(edge -> assertThat(edge.rises()).isCloseTo(3, within(1e-9)));
    }

    /** A foot that is narrower than the card tightens nothing; a kite on it does, by hand: two slopes and its top. */
    @Test
    void onlyWhatIsThickTightens() {
        Polygon foot = box(40, 0, 108, 12);
        Insertion shaped =
                inserted(new BulkMap(List.of(cell(foot, 1.2), cell(box(0, 12, 148, 104), 1.2))), new Inside(152, 0, 0));
        assertThat(shaped.tightens()).isCloseTo(0, within(1e-9));
        assertThat(inserted(kite(3), new Inside(152, 0, 0)).tightens())
                .isCloseTo((148 + 2 * 1.2 + 2 * Math.hypot(44, 3) + 60) / 2 - 149.2, within(1e-9));
    }

    /** Boxes in boxes: what goes in as a whole box goes in; what is wider than the mouth does not. */
    @Test
    void boxesGoIntoBoxes() {
        Random random = new Random(1883);
        for (int i = 0; i < 300; i++) {
            double half = 120 + random.nextDouble() * 60;
            List<BulkCell> cells = new ArrayList<>();
            double thickest = 0;
            double foot = 0;
            double widest = 0;
            for (int row = 0; row < 1 + random.nextInt(4); row++) {
                double head = foot + 5 + random.nextInt(40);
                double right = 60 + random.nextInt(110);
                double thick = 0.3 + random.nextDouble() * 8;
                cells.add(cell(box(0, foot, right, head), thick));
                thickest = Math.max(thickest, thick);
                widest = Math.max(widest, right);
                foot = head;
            }
            Insertion told = inserted(new BulkMap(cells), new Inside(half, foot + thickest + 1, 0));
            if (widest + thickest <= half) {
                assertThat(told.goesIn()).isTrue();
            }
            if (widest > half) {
                assertThat(told.goesIn()).isFalse();
            }
            // row by row each is a box of its own
            double tightest = cells.stream()
                    .mapToDouble(one -> half - one.shape().getEnvelopeInternal().getWidth() - one.thickness())
                    .min()
                    .orElseThrow();
            assertThat(told.slack()).isCloseTo(tightest, within(1e-6));
        }
    }

    /** Round every card of the catalogue, thin, thick and uneven ones: each wrap lets its card in and out. */
    @TestFactory
    Stream<DynamicTest> everyWrapLetsItsCardIn() {
        return KiteCards.eachStructure(structure -> {
            ClosedCard card = KiteCards.dressed(structure).closedCard();
            for (Structure wrap : Wraps.all().all()) {
                Measures measures = Closed.round(wrap, card, new Measures(Map.of()), Set.of());
                assertThat(wrap.allows(measures)).as(wrap.name()).isTrue();
                Insertion told = Insertion.of(card, ((WrapStructure) wrap).inside(measures), Allowances.usual());
                assertThat(told.goesIn()).as("%s: %s", wrap.name(), told).isTrue();
                // made for it: it does not hang about it either
                if (((WrapStructure) wrap).holds()) {
                    assertThat(told.slack()).as(wrap.name()).isLessThan(16);
                }
            }
        });
    }
}
