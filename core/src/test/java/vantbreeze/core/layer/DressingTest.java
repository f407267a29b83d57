package vantbreeze.core.layer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.BarePlan;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** What lies on which faces, put on, changed and taken off; and what comes of it on a card. */
class DressingTest {

    private static final FaceName LEG = new FaceName(0, "Leg", Side.FACE);
    private static final FaceName BACK = new FaceName(0, "Back", Side.FACE);
    private static final FaceName INSIDE = new FaceName(0, "Back", Side.BACK);

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Plan plan(String structure) {
        return BarePlan.of(WORKSHOP.structure(structure));
    }

    private static LayerChoice paper(String id, long micrometres) {
        return LayerChoice.of(id, Length.ofMicrometres(micrometres));
    }

    private static Dressed on(FaceName face, LayerChoice... layers) {
        return Dressed.of(face, List.of(layers));
    }

    private static final Dressed LEG_IN_TWO = on(LEG, paper("paper-160", 3_000), paper("paper-120", 3_000));
    private static final Dressing BOTH = new Dressing(List.of(LEG_IN_TWO, on(BACK, paper("paper-120", 2_000))));

    @Test
    void aFaceIsFoundByItsName() {
        assertThat(BOTH.on(LEG)).contains(LEG_IN_TWO);
        assertThat(BOTH.on(INSIDE)).isEmpty();
        assertThat(BOTH.papers()).containsExactly("paper-160", "paper-120");
    }

    @Test
    void whatIsPutOnAFaceTakesThePlaceOfWhatWasThere() {
        Dressed plain = on(LEG, paper("paper-90", 1_000));
        assertThat(BOTH.with(plain).all()).containsExactly(plain, BOTH.all().get(1));
        Dressed inside = on(INSIDE, paper("paper-90", 1_000));
        assertThat(BOTH.with(inside).all())
                .containsExactly(BOTH.all().get(0), BOTH.all().get(1), inside);
        Dressed across = new Dressed(List.of(LEG, BACK), plain.layers(), plain.embellishments());
        assertThat(BOTH.with(across).all()).containsExactly(across);
    }

    @Test
    void facesAreTakenOffAndWhatRanAcrossThemToo() {
        assertThat(BOTH.without(List.of(LEG)).all()).containsExactly(BOTH.all().get(1));
        assertThat(BOTH.without(List.of(INSIDE))).isEqualTo(BOTH);
        Dressed across = new Dressed(List.of(LEG, BACK), LEG_IN_TWO.layers(), List.of());
        assertThat(new Dressing(List.of(across)).without(List.of(BACK)).all()).isEmpty();
        assertThatThrownBy(() -> new Dressing(List.of(across, LEG_IN_TWO))).hasMessageContaining("dressed twice");
    }

    @Test
    void papersGetOtherNamesAndBordersGoToTheMarks() {
        assertThat(BOTH.renaming(id -> "own-" + id).papers()).containsExactly("own-paper-160", "own-paper-120");
        Dressing inches = new Dressing(List.of(on(LEG, paper("paper-160", 3_100), paper("paper-120", 300)), on(BACK)))
                .on(Ruler.EIGHTHS);
        // 3.1 mm are nearest to ⅛ in; 0.3 mm are nearest to none, and one mark is left
        assertThat(inches.all().get(0).layers())
                .extracting(LayerChoice::border)
                .containsExactly(Length.ofInches(0, 1, 8), Length.ofInches(0, 1, 8));
        assertThat(inches.all().get(1).layers()).isEmpty();
    }

    @Test
    void aStackIsToldRoughlyAsOne() {
        Dressed nowhere = on(new FaceName(0, "Sail", Side.FACE), paper("paper-120", 2_000));
        WorkedPlan worked = WORKSHOP.work(plan("z-fold").withDressing(BOTH.with(nowhere)));
        Layers layers = worked.layers();
        assertThat(layers.added()).hasSize(3);
        assertThat(layers.roughly()).hasSize(2);
        assertThat(layers.roughly().get(0).height())
                .isEqualTo(layers.all()
                        .get(0)
                        .paper()
                        .caliper()
                        .plus(layers.all().get(1).paper().caliper()));
        assertThat(layers.roughly().get(0).grams())
                .isEqualTo(layers.added().get(0).grams() + layers.added().get(1).grams());
        assertThat(layers.roughly()
                        .get(0)
                        .shape()
                        .equalsExact(layers.added().get(0).shape()))
                .isTrue();
        assertThat(layers.faces()).hasSize(2);
        assertThat(layers.aside()).containsExactly(nowhere);
    }

    /** By hand: 20 × 10 mm, as wide and high as it is seen, round the middle of what lies beneath. */
    @Test
    void anEmbellishmentLiesRoundItsMiddle() {
        Dressing bow = new Dressing(List.of(new Dressed(
                BOTH.all().get(0).faces(),
                List.of(),
                List.of(new Embellishment("bow", Size.ofMillimetres(20, 10), Length.ofMillimetres(4))))));
        WorkedPlan worked = WORKSHOP.work(plan("z-fold").withDressing(bow));
        Envelope lies = worked.layers().raised().get(0).shape().getEnvelopeInternal();
        Coordinate middle = worked.grounds()
                .of(BOTH.all().get(0).faces().get(0).find(worked.form().graph()).orElseThrow())
                .parts()
                .get(0)
                .getInteriorPoint()
                .getCoordinate();
        assertThat(lies.equals(new Envelope(middle.x - 10, middle.x + 10, middle.y - 5, middle.y + 5)))
                .isTrue();
    }

    /** By hand: a bow of 20 × 10 × 4 mm has 0.8 cm³, at 0.2 g/cm³ 0.16 g; one that was weighed weighs what it does. */
    @Test
    void whatIsSetOnACardWeighs() {
        Size size = Size.ofMillimetres(20, 10);
        assertThat(new Embellishment("bow", size, Length.ofMillimetres(4)).weight())
                .isCloseTo(0.16, within(1e-9));
        assertThat(new Embellishment("bell", size, Length.ofMillimetres(4), 3.5).weight())
                .isEqualTo(3.5);
        assertThatThrownBy(() -> new Embellishment("anvil", size, Length.ofMillimetres(4), 1e6))
                .hasMessageContaining("in grams");
        assertThatThrownBy(() -> new Embellishment("kite", size, Length.ofMillimetres(4), -1.0))
                .hasMessageContaining("in grams");
    }

    /** By hand: on a back of 152 × 108, 40 × 120 reaches 6 mm over its head and foot; 200 × 20 over its fold. */
    @Test
    void howFarALayerOfItsOwnSizeReachesOverIsTold() {
        Layers high =
                WORKSHOP.work(plan("z-fold").withDressing(sized(BACK, 40, 120))).layers();
        assertThat(high.troubles()).hasSize(1);
        Trouble.OverEdge over = (Trouble.OverEdge) high.troubles().get(0);
        assertThat(over.by()).isEqualTo(Length.ofMillimetres(6));
        assertThat(WORKSHOP.work(plan("z-fold").withDressing(sized(BACK, 200, 20)))
                        .layers()
                        .troubles())
                .hasSize(1)
                .first()
                .isInstanceOf(Trouble.OverFold.class);
        assertThat(WORKSHOP.work(plan("z-fold").withDressing(sized(BACK, 152, 108)))
                        .layers()
                        .troubles())
                .isEmpty();
    }

    /**
     * A triangle stays one in the width and height that are typed. By hand: one of the same proportions, smaller by b
     * all round, has the inradius r − b, so it is (r − b) / r as wide and high; its border is b on every side.
     */
    @Test
    void aTypedSizeOnATriangleIsATriangle() {
        Plan fan = plan("concertina-fan");
        WorkedPlan bare = WORKSHOP.work(fan);
        int panel = IntStream.range(0, bare.form().graph().panels().size())
                .filter(i -> bare.form().graph().panels().get(i).name().equals("Triangle"))
                .findFirst()
                .orElseThrow();
        Face face = new Face(panel, Side.FACE);
        Polygon ground = bare.grounds().of(face).parts().get(0);
        double inradius = 2 * ground.getArea() / ground.getLength();
        double share = (inradius - 4) / inradius;
        Envelope box = ground.getEnvelopeInternal();
        Size size = new Size(Length.nearest(share * box.getWidth()), Length.nearest(share * box.getHeight()));
        WorkedPlan worked = WORKSHOP.work(fan.withDressing(new Dressing(List.of(on(
                FaceName.of(face, bare.form().graph()),
                paper("paper-160", 0).sized(size),
                paper("paper-120", 2_000),
                paper("paper-120", 0).sized(Size.ofMillimetres(20, 30)))))));
        assertThat(worked.layers().troubles()).isEmpty();
        Polygon laid = worked.layers().all().get(0).shape();
        assertThat(laid.getNumPoints() - 1).isEqualTo(3);
        assertThat(laid.getEnvelopeInternal().getWidth()).isCloseTo(size.width().millimetres(), within(0.001));
        assertThat(laid.getEnvelopeInternal().getHeight())
                .isCloseTo(size.height().millimetres(), within(0.001));
        assertThat(worked.layers().all().get(0).least().millimetres()).isCloseTo(4, within(0.02));
        // several typed sizes stack, each in the middle of what lies beneath
        assertThat(worked.layers().all()).hasSize(3);
        Polygon uppermost = worked.layers().all().get(2).shape();
        assertThat(uppermost.getNumPoints() - 1).isEqualTo(3);
        assertThat(uppermost.getEnvelopeInternal().getWidth()).isCloseTo(20, within(0.001));
        assertThat(worked.layers().all().get(1).shape().covers(uppermost)).isTrue();
    }

    private static Dressing sized(FaceName face, long width, long height) {
        return new Dressing(List.of(on(face, paper("paper-120", 0).sized(Size.ofMillimetres(width, height)))));
    }

    /**
     * Whichever way a panel lies on its sheet: it is cut in its size, upright as it is seen, from the panel's middle.
     */
    @Test
    void aLayerOfItsOwnSizeStandsUprightInTheMiddle() {
        int laid = 0;
        for (Structure structure : WORKSHOP.catalogue().all()) {
            WorkedPlan worked = WORKSHOP.work(BarePlan.of(structure));
            for (int piece = 0; piece < worked.pieces().size(); piece++) {
                for (Panel panel : worked.pieces().get(piece).panels().all()) {
                    Dressing dressing = sized(new FaceName(piece, panel.name(), Side.FACE), 6, 4);
                    for (Cut cut : WORKSHOP.work(BarePlan.of(structure).withDressing(dressing))
                            .cuts()
                            .cuts()) {
                        laid++;
                        assertThat(cut.size())
                                .as("%s, %s", structure.name(), panel.name())
                                .isEqualTo(Size.ofMillimetres(6, 4));
                        if (structure.id().equals("z-fold")) {
                            Coordinate middle =
                                    panel.shape().getEnvelopeInternal().centre();
                            assertThat(cut.layers()
                                            .get(0)
                                            .shape()
                                            .getCentroid()
                                            .getCoordinate()
                                            .distance(middle))
                                    .isCloseTo(0, within(0.01));
                        }
                    }
                }
            }
        }
        assertThat(laid).isGreaterThan(60);
    }
}
