package vantbreeze.core.fold;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.order.LayerOrders;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;

class GlueTest {

    private static Length mm(long millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static FoldGraph graph(Structure structure) {
        return FoldGraph.of(structure.assemble(structure.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_1)));
    }

    static List<Structure> all() {
        return Catalogue.full().all();
    }

    /** Glue lies inside both panels, equally large on each; areas by JTS. */
    @ParameterizedTest
    @MethodSource("all")
    void glueLiesWithinTheTwoPanelsItJoins(Structure structure) {
        FoldGraph graph = graph(structure);
        List<GlueArea> areas = GlueArea.of(graph);
        assertThat(areas.size() / 2).isGreaterThanOrEqualTo((int)
                graph.joins().stream().filter(join -> !join.join().slides()).count());
        for (int i = 0; i < areas.size(); i += 2) {
            assertThat(areas.get(i).shape().getArea())
                    .isCloseTo(areas.get(i + 1).shape().getArea(), within(1e-6));
            for (GlueArea area : areas.subList(i, i + 2)) {
                assertThat(graph.panels()
                                .get(area.panel())
                                .shape()
                                .buffer(0.001)
                                .covers(area.shape()))
                        .as("%s", graph.name(area.panel()))
                        .isTrue();
            }
        }
    }

    /** A 40 × 20 patch glued in the middle of a 100 × 80 panel: 30 across and up, 70 across and 50 up. */
    @Test
    void aPieceInTheMiddleIsMarkedAtTwoCornersAndOneInTheCornerNotThere() {
        Piece base = Strip.ofHeight("Base", mm(80)).panel("Base", mm(100)).piece();
        Piece patch = Strip.ofHeight("Patch", mm(20)).panel("Patch", mm(40)).piece();
        Join middle = Join.of(
                new PanelRef(0, "Base"),
                Side.FACE,
                new PanelRef(1, "Patch"),
                Side.BACK,
                Attachment.at(new Spot(mm(30), mm(30)), new Spot(mm(0), mm(0))));
        assertThat(PencilMark.of(FoldGraph.of(new Assembly(List.of(base, patch), List.of(middle)))))
                .extracting(PencilMark::at)
                .containsExactly(new Spot(mm(30), mm(30)), new Spot(mm(70), mm(50)));
        Join corner = Join.of(
                new PanelRef(0, "Base"),
                Side.FACE,
                new PanelRef(1, "Patch"),
                Side.BACK,
                Attachment.at(new Spot(mm(0), mm(0)), new Spot(mm(0), mm(0))));
        assertThat(PencilMark.of(FoldGraph.of(new Assembly(List.of(base, patch), List.of(corner)))))
                .extracting(PencilMark::at)
                .containsExactly(new Spot(mm(40), mm(20)));
    }

    @Test
    void whatIsThreadedSlidesAndTheFormFollows() {
        Piece base = Strip.ofHeight("Base", mm(80)).panel("Base", mm(100)).piece();
        Piece strip = Strip.ofHeight("Strip", mm(20)).panel("Strip", mm(40)).piece();
        Join threaded = Join.of(
                        new PanelRef(0, "Base"),
                        Side.FACE,
                        new PanelRef(1, "Strip"),
                        Side.BACK,
                        Attachment.at(new Spot(mm(70), mm(30)), new Spot(mm(0), mm(0))))
                .sliding();
        FoldGraph graph = FoldGraph.of(new Assembly(List.of(base, strip), List.of(threaded)));
        assertThat(FoldedForm.of(graph, Pose.open()).footprint().width()).isEqualTo(mm(110));
        assertThat(FoldedForm.of(graph, Pose.open().slid("Strip", 15))
                        .footprint()
                        .width())
                .isEqualTo(mm(125));
        assertThat(GlueArea.of(graph)).isEmpty();
    }

    @Test
    void aHoleIsNoPanelAndLevelScoresAreReadFromTheFoot() {
        Piece framed = new Piece(
                        "Frame",
                        List.of(
                                new Spot(mm(0), mm(0)),
                                new Spot(mm(60), mm(0)),
                                new Spot(mm(60), mm(90)),
                                new Spot(mm(0), mm(90))),
                        List.of(
                                new Crease(new Stretch(new Spot(mm(0), mm(30)), new Spot(mm(20), mm(30))), Fold.VALLEY),
                                new Crease(
                                        new Stretch(new Spot(mm(40), mm(30)), new Spot(mm(60), mm(30))), Fold.VALLEY)),
                        List.of(),
                        List.of())
                .withOpening(List.of(
                        new Spot(mm(20), mm(20)),
                        new Spot(mm(40), mm(20)),
                        new Spot(mm(40), mm(40)),
                        new Spot(mm(20), mm(40))));
        Panels panels = Panels.of(framed);
        assertThat(panels.all().stream().mapToDouble(Panel::area).sum()).isCloseTo(60 * 90 - 20 * 20, within(1e-9));
        assertThat(BoardScore.turned(panels)).extracting(BoardScore::fromLeft).containsExactly(mm(30), mm(30));
        assertThat(BoardScore.turned(panels).get(0).fromRight()).isEqualTo(mm(60));
        assertThat(BoardScore.of(panels)).isEmpty();
        assertThat(DrawnMark.of(framed)).isEmpty();
    }

    /** Disc and ring pass through each other only where the disc is snipped: the engine finds no order without. */
    @Test
    void aRingAndADiscThatAreNotSnippedCannotPassThroughEachOther() {
        Structure lock = Catalogue.full().find("ring-lock").orElseThrow();
        Assembly snipped = lock.assemble(lock.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_1));
        assertThat(LayerOrders.of(FoldGraph.of(snipped)).first()).isPresent();
        Piece disc = snipped.pieces().get(2);
        Length radius = disc.cutSize().width().dividedBy(2);
        Piece whole = new Piece(
                "Disc",
                disc.outline(),
                List.of(new Crease(
                        new Stretch(new Spot(radius, Length.ZERO), new Spot(radius, radius.times(2))), Fold.BEND)),
                List.of(),
                disc.panelNames());
        Assembly unsnipped = new Assembly(
                List.of(snipped.pieces().get(0), snipped.pieces().get(1), whole),
                snipped.joins(),
                snipped.overs(),
                0,
                null);
        assertThat(LayerOrders.of(FoldGraph.of(unsnipped)).first()).isEmpty();
    }
}
