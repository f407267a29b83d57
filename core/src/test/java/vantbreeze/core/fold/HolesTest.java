package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.fold.bulk.Added;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.fold.bulk.EndView;
import vantbreeze.core.fold.bulk.Weight;
import vantbreeze.core.fold.motion.Motion;
import vantbreeze.core.fold.motion.Standing;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.fold.sight.InSight;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Cardstock;

/** Windows, doors and rings: paper that is not there weighs nothing, hides nothing and holds nothing apart. */
class HolesTest {

    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final Cardstock CARD = Cardstock.of("card", 300);
    private static final double CALIPER = CARD.caliper().millimetres();

    private static Spot at(double x, double y) {
        return Spot.nearest(x, y);
    }

    private static List<Spot> box(double x1, double y1, double x2, double y2) {
        return List.of(at(x1, y1), at(x2, y1), at(x2, y2), at(x1, y2));
    }

    private static Stretch line(double x1, double y1, double x2, double y2) {
        return new Stretch(at(x1, y1), at(x2, y2));
    }

    private static Crease score(double x1, double y1, double x2, double y2, Fold fold) {
        return new Crease(line(x1, y1, x2, y2), fold);
    }

    private static Piece sheet(List<Crease> creases, List<Stretch> slits) {
        return new Piece("Sheet", box(0, 0, 200, 100), creases, slits, List.of());
    }

    /** A side fold of two panels of 100 × 100 mm with a window of 60 × 60 mm in the left one, which is the cover. */
    private static FoldGraph windowed() {
        return FoldGraph.of(Panels.of(sheet(List.of(score(100, 0, 100, 100, Fold.MOUNTAIN)), List.of())
                .withOpening(box(20, 20, 80, 80))));
    }

    /** A door of 40 × 60 mm in one panel, slit on three sides and scored on the fourth. */
    private static FoldGraph doored(Fold fold) {
        return FoldGraph.of(Panels.of(sheet(
                List.of(score(60, 20, 60, 80, fold)),
                List.of(line(60, 20, 100, 20), line(100, 20, 100, 80), line(100, 80, 60, 80)))));
    }

    private static double grams(FoldGraph graph) {
        return Weight.of(graph, List.of(CARD), List.of()).grams();
    }

    private static BulkMap bulk(FoldGraph graph, Pose pose, List<Added> added) {
        return BulkMap.of(
                FoldedForm.of(graph, pose),
                List.of(CARD),
                added,
                LayerOrders.of(graph, pose).first().orElseThrow());
    }

    /** By hand: (200 × 100 − 60 × 60) mm² × 300 g/m² = 4.92 g. */
    @Test
    void aWindowWeighsNothing() {
        Piece piece = sheet(List.of(), List.of()).withOpening(box(70, 20, 130, 80));
        assertThat(grams(FoldGraph.of(Panels.of(piece)))).isCloseTo(4.92, within(1e-9));
    }

    /** By hand: an annulus of 64 corners has 64 / 2 · sin(2π/64) · (R² − r²). */
    @Test
    void aRingHasTheAreaOfARing() {
        List<Spot> outer = round(30);
        List<Spot> inner = round(18);
        Piece ring = new Piece("Ring", outer, List.of(), List.of(), List.of()).withOpening(inner);
        Panel panel = Panels.of(ring).all().get(0);
        assertThat(panel.holes()).hasSize(1);
        assertThat(panel.area()).isCloseTo(32 * Math.sin(Math.PI / 32) * (30 * 30 - 18 * 18), within(0.05));
    }

    private static List<Spot> round(double radius) {
        return IntStream.range(0, 64)
                .mapToObj(i -> at(50 + radius * Math.cos(Math.PI * i / 32), 50 + radius * Math.sin(Math.PI * i / 32)))
                .toList();
    }

    @Test
    void aDoorInsideAPanelIsAPanelOnAHinge() {
        FoldGraph door = doored(Fold.VALLEY);
        assertThat(Faults.of(door.assembly().pieces().get(0)).all()).isEmpty();
        assertThat(door.panels()).hasSize(2);
        assertThat(door.panels().get(0).holes()).hasSize(1);
        assertThat(door.hinges()).hasSize(1);
        assertThat(door.panels().get(0).area()).isCloseTo(20_000 - 2_400, within(1e-6));
        assertThat(door.panels().get(1).area()).isCloseTo(2_400, within(1e-6));
        // the paper of a door is not lost
        assertThat(grams(door)).isCloseTo(6, within(1e-9));
    }

    /** By hand: turned over its hinge at 60 mm, the door lies from 20 to 60 mm, and its hole is open. */
    @Test
    void aDoorFoldedBackLiesOnItsWallAndLeavesItsHole() {
        for (Fold fold : List.of(Fold.VALLEY, Fold.MOUNTAIN)) {
            FoldGraph door = doored(fold);
            FoldedForm form = FoldedForm.of(door, Pose.closed());
            assertThat(form.placed().get(1).shadow().getEnvelopeInternal().equals(new Envelope(20, 60, 20, 80)))
                    .isTrue();
            assertThat(LayerOrders.of(door).count(10)).isEqualTo(1);
            assertThat(LayerOrders.of(door).first().orElseThrow().isBelow(0, 1)).isEqualTo(fold == Fold.VALLEY);
            BulkMap bulk = bulk(door, Pose.closed(), List.of());
            assertThat(bulk.worst().thickness()).isCloseTo(2 * CALIPER, within(1e-9));
            assertThat(bulk.worst().shape().getArea()).isCloseTo(40 * 60, within(1e-6));
            assertThat(form.outline().getArea()).isCloseTo(20_000 - 2_400, within(1e-6));
            assertThat(bulk.cells().stream()
                            .mapToDouble(cell -> cell.shape().getArea() * cell.thickness())
                            .sum())
                    .isCloseTo(20_000 * CALIPER, within(1e-6));
        }
    }

    @Test
    void aDoorSwingsThroughItsHoleWithoutMeetingTheWall() {
        FoldGraph door = doored(Fold.VALLEY);
        Motion motion = Motion.between(door, Pose.open(), Pose.closed(), 16);
        assertThat(motion.passings()).isEmpty();
        assertThat(motion.isRigid()).isTrue();
    }

    /** By hand: where the window is, only the back lies; the cover's frame has (100² − 60²) mm². */
    @Test
    void aClosedCardIsThinnerInItsWindow() {
        BulkMap bulk = bulk(windowed(), Pose.closed(), List.of());
        double twice = bulk.cells().stream()
                .filter(cell -> cell.panels().size() == 2)
                .mapToDouble(cell -> cell.shape().getArea())
                .sum();
        assertThat(twice).isCloseTo(10_000 - 3_600, within(1e-6));
        assertThat(EndView.of(bulk).layers()).isNotEmpty();
    }

    @Test
    void oneLooksThroughAWindow() {
        FoldGraph card = windowed();
        FoldedForm form = FoldedForm.of(card, Pose.closed());
        BulkMap bulk = bulk(card, Pose.closed(), List.of());
        // the cover is turned behind the back, so it is from below that one looks through it
        assertThat(InSight.fromBelow(form, bulk).panels()).containsExactly(0, 1);
        assertThat(InSight.fromAbove(form, bulk).panels()).containsExactly(1);
        Pose ajar = Pose.partly(0.9);
        Motion motion = Motion.between(card, ajar, ajar, 1);
        assertThat(InSight.from(card, motion.frame(0), new Vector3D(0, 0, -1)).panels())
                .containsExactly(0, 1);
    }

    /** A frame 3 mm wide has paper at no point of a coarse grid, and is seen all the same. */
    @Test
    void aNarrowFrameIsSeen() {
        Piece frame = sheet(List.of(), List.of()).withOpening(box(3, 3, 197, 97));
        FoldGraph card = FoldGraph.of(Panels.of(frame));
        assertThat(InSight.from(
                                card,
                                Motion.between(card, Pose.open(), Pose.open(), 1)
                                        .frame(0),
                                new Vector3D(0, 0, 1))
                        .panels())
                .containsExactly(0);
    }

    /** Film laid over a window holds there what the paper does not: it lies in its panel's place. */
    @Test
    void whatIsLaidOverAWindowIsThickThereToo() {
        Polygon film = (Polygon) FACTORY.toGeometry(new Envelope(10, 90, 10, 90));
        Added pane = new Added("film", 0, Side.BACK, film, Length.ofMicrometres(100), 0.8);
        BulkMap bulk = bulk(windowed(), Pose.closed(), List.of(pane));
        assertThat(bulk.cells().stream()
                        .mapToDouble(cell -> cell.shape().getArea() * cell.thickness())
                        .sum())
                .isCloseTo((20_000 - 3_600) * CALIPER + 6_400 * 0.1, within(1e-6));
    }

    @Test
    void aScoreFromTheEdgeToAWindowDividesNothing() {
        Piece piece =
                sheet(List.of(score(0, 50, 70, 50, Fold.VALLEY)), List.of()).withOpening(box(70, 20, 130, 80));
        assertThat(Faults.of(piece).has(Fault.Kind.LOOSE_CREASE)).isTrue();
        Piece across = sheet(
                        List.of(score(0, 50, 70, 50, Fold.VALLEY), score(130, 50, 200, 50, Fold.VALLEY)), List.of())
                .withOpening(box(70, 20, 130, 80));
        assertThat(Faults.of(across).all()).isEmpty();
        assertThat(Panels.of(across).hinges()).hasSize(2);
    }

    /** By hand: the frame of 200 × 100 mm, standing on its foot, has its middle above the line it stands on. */
    @Test
    void aWindowMovesTheCentreOfMass() {
        Piece piece = sheet(List.of(), List.of()).withOpening(box(100, 0.5, 199.5, 99.5));
        FoldGraph card = FoldGraph.of(Panels.of(piece));
        double hole = 99.5 * 99;
        double middle = (20_000 * 100 - hole * (100 + 99.5 / 2)) / (20_000 - hole);
        Standing standing = Standing.of(
                card, Motion.between(card, Pose.open(), Pose.open(), 1).frame(0), List.of(300.0));
        assertThat(standing.centre().getX()).isCloseTo(middle, within(1e-6));
    }

    /** The areas of all panels are what JTS leaves of the sheet less its windows, whatever scores cross them. */
    @Property(tries = 200)
    void panelsHaveTheAreaThatIsLeft(@ForAll long seed) {
        Random random = new Random(seed);
        Geometry left = FACTORY.toGeometry(new Envelope(0, 200, 0, 100));
        List<Crease> creases = new ArrayList<>();
        for (int i = 0; i < random.nextInt(4); i++) {
            double x = 5 + random.nextInt(190);
            creases.add(score(x, 0, x, 100, Fold.VALLEY));
        }
        Piece piece = sheet(creases, List.of());
        for (int i = 0; i < random.nextInt(4); i++) {
            double x = 50.0 * i + 4 + random.nextInt(20);
            double y = 4 + random.nextInt(40);
            Envelope window = new Envelope(x, x + 2 + random.nextInt(22), y, y + 2 + random.nextInt(50));
            piece = piece.withOpening(box(window.getMinX(), window.getMinY(), window.getMaxX(), window.getMaxY()));
            left = left.difference(FACTORY.toGeometry(window));
        }
        Panels panels = Panels.of(piece);
        assertThat(panels.all().stream().mapToDouble(Panel::area).sum()).isCloseTo(left.getArea(), within(1e-6));
        for (Panel panel : panels.all()) {
            assertThat(panel.shape().isValid()).isTrue();
            for (List<Spot> ring : panel.rings()) {
                Coordinate[] corners = ring.stream().map(Spot::millimetres).toArray(Coordinate[]::new);
                assertThat(corners.length).isGreaterThanOrEqualTo(3);
            }
        }
    }
}
