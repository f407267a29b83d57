package vantbreeze.core.extra;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;
import static vantbreeze.core.extra.Carried.WORKSHOP;
import static vantbreeze.core.extra.Carried.card;
import static vantbreeze.core.extra.Carried.index;
import static vantbreeze.core.extra.Carried.mm;
import static vantbreeze.core.extra.Carried.put;
import static vantbreeze.core.extra.Carried.set;
import static vantbreeze.core.extra.Carried.wrong;

import java.util.Arrays;
import java.util.List;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.math.Vector3D;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.check.WayOut;
import vantbreeze.core.cutting.WorkedPiece;
import vantbreeze.core.edit.Carry;
import vantbreeze.core.edit.Draw;
import vantbreeze.core.edit.Resize;
import vantbreeze.core.edit.SetField;
import vantbreeze.core.edit.Together;
import vantbreeze.core.edit.TriedExtra;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Extent;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.JoinId;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.layer.Bed;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Stages;
import vantbreeze.core.plan.WorkedPlan;

/** What is set on a card closes with it, or it is said why not. */
class ExtrasTest {

    private static List<Length> scores(WorkedPiece piece) {
        return piece.scores().stream()
                .map(BoardScore::fromLeft)
                .distinct()
                .sorted()
                .toList();
    }

    private static WorkedPiece piece(WorkedPlan worked, String name) {
        return worked.pieces().stream()
                .filter(one -> one.panels().piece().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static WorkedPlan closes(Plan plan) {
        WorkedPlan worked = WORKSHOP.work(plan);
        assertThat(wrong(worked)).isEmpty();
        assertThat(worked.form().closed().closureError()).isLessThan(0.001);
        assertThat(worked.form().motion().isRigid()).isTrue();
        assertThat(worked.form().fromBelow())
                .hasSameSizeAs(worked.form().graph().panels());
        return worked;
    }

    /** Both mounts of the handbook's table, on the cover of a card. */
    @Test
    void mountsOfOneSpringAndOfTwoAreScoredAsWorkedByHand() {
        Plan one = set(
                put(card("side-fold", 120, 160), "spring-mount", "Mount", "Cover", null),
                "extra-1-tabs",
                "out",
                "extra-1-tab",
                "15",
                "extra-1-spring",
                "15",
                "extra-1-seat",
                "20",
                "extra-1-breadth",
                "20");
        WorkedPiece strip = piece(closes(one), "Mount");
        assertThat(strip.cut()).isEqualTo(Size.ofMillimetres(80, 20));
        assertThat(scores(strip)).isEqualTo(List.of(mm(15), mm(30), mm(50), mm(65)));
        Plan two = set(
                put(card("side-fold", 120, 160), "spring-mount", "Mount", "Cover", null),
                "extra-1-springs",
                "two",
                "extra-1-tab",
                "10",
                "extra-1-seat",
                "30",
                "extra-1-spring",
                "15",
                "extra-1-breadth",
                "30");
        strip = piece(closes(two), "Mount");
        assertThat(strip.cut()).isEqualTo(Size.ofMillimetres(110, 30));
        assertThat(scores(strip)).isEqualTo(List.of(mm(10), mm(25), mm(40), mm(70), mm(85), mm(100)));
    }

    /** Going along the strip and back by hand: a seat on one spring a side moves by a spring, either way. */
    @Test
    void aMountOfOneSpringIsShearedByASpring() {
        Plan plan = set(
                put(card("side-fold", 120, 160), "spring-mount", "Mount", "Back", null),
                "extra-1-spring",
                "14",
                "extra-1-seat",
                "40",
                "extra-1-across",
                "30");
        for (String way : List.of("on", "back")) {
            WorkedPlan worked = closes(set(plan, "extra-1-pressed", way));
            Coordinate[] seat = shadow(worked, "Mount seat");
            Coordinate[] back = shadow(worked, "Back");
            double moved = way.equals("on") ? 14 : -14;
            assertThat(left(seat) - left(back)).isCloseTo(30 + moved, within(0.001));
        }
    }

    private static Coordinate[] shadow(WorkedPlan worked, String panel) {
        PlacedPanel placed = worked.form().closed().placed().get(index(worked, panel));
        return placed.shadow().getCoordinates();
    }

    private static double left(Coordinate[] ring) {
        return Arrays.stream(ring).mapToDouble(corner -> corner.x).min().orElseThrow();
    }

    /** To and fro from one hinge to the other: +spring − seat + spring is the difference of their places. */
    @Test
    void aPopOutLiesToAndFro() {
        Plan plan = set(
                put(card("side-fold", 120, 160), "pop-out", "Mount", "Cover", "Back"),
                "extra-1-spring",
                "25",
                "extra-1-second",
                "20",
                "extra-1-reach",
                "35",
                "extra-1-other-reach",
                "30");
        WorkedPlan worked = closes(plan);
        List<Length> at = scores(piece(worked, "Mount"));
        double first = at.get(1).minus(at.get(0)).millimetres();
        double seat = at.get(2).minus(at.get(1)).millimetres();
        double second = at.get(3).minus(at.get(2)).millimetres();
        assertThat(List.of(first, second)).containsExactlyInAnyOrder(25.0, 20.0);
        assertThat(first - seat + second).isCloseTo(30 - 35, within(1e-9));
    }

    /** A swinging plane and its panels are a parallelogram in every step: opposite sides stay parallel. */
    @Test
    void aSwingingPlaneStaysParallel() {
        Plan plan = put(card("side-fold", 120, 160), "swing", "Cloud", "Cover", "Back");
        WorkedPlan worked = closes(plan);
        int plane = index(worked, "Cloud plane");
        int spring = index(worked, "Cloud spring");
        int cover = index(worked, "Cover");
        int back = index(worked, "Back");
        for (Frame frame : worked.form().motion().frames()) {
            assertThat(normal(frame, plane)).isCloseTo(normal(frame, back), within(1e-6));
            assertThat(normal(frame, spring)).isCloseTo(normal(frame, cover), within(1e-6));
        }
    }

    /** The angle of a panel about the upright axis, as a unit vector's inclination without its sense. */
    private static double normal(Frame frame, int panel) {
        Vector3D origin = frame.panels().get(panel).apply(0, 0, 0);
        Vector3D across = frame.panels().get(panel).apply(1, 0, 0).subtract(origin);
        return Math.abs(across.getX() * across.getX() - across.getZ() * across.getZ())
                + Math.signum(across.getX() * across.getZ()) * 1e-9;
    }

    /** A topper on foam may reach over the edge, and makes the card as much thicker as itself and its foam. */
    @Test
    void aTopperOnFoamIsThickerByItsFoam() {
        Plan bare = card("side-fold", 120, 160);
        Plan topped = put(bare, "topper", "Kite", "Cover", Side.BACK, null);
        WorkedPlan before = WORKSHOP.work(bare);
        WorkedPlan after = closes(topped);
        double card = WORKSHOP.cardstock(null).caliper().millimetres();
        assertThat(after.closedCard().thickness() - before.closedCard().thickness())
                .isCloseTo(2 + card, within(1e-6));
        WorkedPlan wide = WORKSHOP.work(set(topped, "extra-1-width", "150"));
        assertThat(wrong(wide)).isEmpty();
        assertThat(wide.findings()).anyMatch(finding -> finding.text().contains("Kite pokes out"));
        // what stands proud is hidden under no mat
        WorkedPlan narrow = WORKSHOP.work(set(topped, "extra-1-width", "30"));
        assertThat(narrow.grounds().couldLieUnder(0)).isFalse();
    }

    /** As long as the closed front, by the widths of the two wings: and only glued at its ends. */
    @Test
    void aBandReachesFromEdgeToEdge() {
        WorkedPlan worked =
                closes(put(set(card("stage", 160, 120), "band", "30"), "band", "Tail", "Left wing", "Right wing"));
        assertThat(piece(worked, "Tail").cut().width()).isEqualTo(Length.ofMillimetres(160));
    }

    @Test
    void aBandThatHoldsTheCardShutIsTold() {
        Plan gate = card("gatefold", 120, 150);
        WorkedPlan held = WORKSHOP.work(put(gate, "band", "Tail", "Left flap", Side.BACK, "Right flap"));
        assertThat(wrong(held)).singleElement().satisfies(text -> assertThat(text)
                .startsWith("Tail locks the card: on the way to \"Open\" its ends come 240 mm apart"));
    }

    /** A topper on the seat of a mount moves with it; taken off, the mount takes the topper along. */
    @Test
    void oneStandsOnAnother() {
        Plan mounted = put(card("side-fold", 120, 160), "pop-out", "Mount", "Cover", "Back");
        Plan topped = put(mounted, "topper", "Kite", "Mount seat", null);
        WorkedPlan worked = closes(topped);
        int kite = index(worked, "Kite");
        int seat = index(worked, "Mount seat");
        for (Frame frame : worked.form().motion().frames()) {
            Vector3D on = frame.panels().get(kite).apply(0, 0, 0);
            Vector3D seatLevel = frame.panels().get(seat).inverse().apply(on.getX(), on.getY(), on.getZ());
            assertThat(seatLevel.getZ()).isCloseTo(0, within(1e-6));
        }
        Plan off = new Carry.Take("extra-1").on(topped, WORKSHOP).plan();
        assertThat(off.extras().all()).isEmpty();
        assertThat(WORKSHOP.work(off).pieces()).hasSize(1);
    }

    /** What was typed of one that is taken off is forgotten, and the next takes its number with usual measures. */
    @Test
    void whatWasTypedGoesWithIt() {
        Plan typed = set(
                put(card("side-fold", 120, 160), "figure", "Kite", "Back", null),
                "extra-1-figure",
                "33",
                "extra-1-hinge",
                "behind");
        Plan off = new Carry.Take("extra-1").on(typed, WORKSHOP).plan();
        assertThat(off.measures().byId()).doesNotContainKey("extra-1-figure");
        assertThat(off.measures().choices()).doesNotContainKey("extra-1-hinge");
        Plan again = put(off, "figure", "Kite", "Back", null);
        assertThat(WORKSHOP.structure(again).measure("extra-1-figure", again.measures()))
                .isNotEqualTo(Length.ofMillimetres(33));
    }

    /** A choice that takes its panel away leaves it in the plan, says so, and builds it when the panel is back. */
    @Test
    void whatHasNothingToStandOnWaits() {
        Plan four = set(card("tiered-stage", 140, 160), "tiers", "4");
        Plan plan = put(four, "topper", "Kite", "Tier 4 front", null);
        Plan three = set(plan, "tiers", "3");
        WorkedPlan without = WORKSHOP.work(three);
        assertThat(without.pieces())
                .noneMatch(piece -> piece.panels().piece().name().equals("Kite"));
        assertThat(without.findings())
                .anyMatch(finding -> finding.text().startsWith("Kite has nothing to stand on: Tier 4 front is not"));
        assertThat(closes(set(three, "tiers", "4")).pieces())
                .anyMatch(piece -> piece.panels().piece().name().equals("Kite"));
    }

    /** Layers on it stay on it when pieces before it come or go. */
    @Test
    void itsLayersFollowIt() {
        Plan plan = put(card("tiered-stage", 140, 160), "topper", "Kite", "Tier 3 front", null);
        WorkedPlan worked = WORKSHOP.work(plan);
        FaceName face = FaceName.of(
                new Face(index(worked, "Kite"), Side.FACE), worked.form().graph());
        Plan dressed = plan.withDressing(
                plan.dressing().with(Dressed.of(face, List.of(LayerChoice.of("card-300", Length.ofMillimetres(3))))));
        WorkedPlan more = WORKSHOP.work(set(dressed, "tiers", "5"));
        assertThat(more.layers().aside()).isEmpty();
        assertThat(more.layers().all())
                .singleElement()
                .satisfies(layer -> assertThat(layer.face().panel()).isEqualTo(index(more, "Kite")));
    }

    /** On foam it lies on the mat, however much it covers; layers do not stand in the way of what is offered. */
    @Test
    void layersStayBeneathATopper() {
        Plan bare = card("side-fold", 120, 160);
        WorkedPlan worked = WORKSHOP.work(bare);
        Face inside = new Face(index(worked, "Back"), Side.FACE);
        FaceName back = FaceName.of(inside, worked.form().graph());
        Plan dressed = bare.withDressing(
                bare.dressing().with(Dressed.of(back, List.of(LayerChoice.of("paper-160", Length.ofMillimetres(3))))));
        WorkedPlan topped = closes(put(dressed, "topper", "Kite", "Back", null));
        assertThat(topped.layers().all())
                .singleElement()
                .satisfies(mat -> assertThat(mat.shape().getArea()).isCloseTo(114 * 154.0, within(1e-6)));
        assertThat(TriedExtra.on(inside, WORKSHOP.work(dressed), WORKSHOP))
                .allSatisfy(tried -> assertThat(tried.against()).isEmpty());
    }

    /**
     * Loosened, the same card lies as before, piece by piece; drawn on a free card it is the same as on a structure.
     */
    @Test
    void loosenedItIsTheSameCard() {
        Plan plan = put(card("stage", 160, 120), "swing", "Cloud", "Left wall", "Back");
        WorkedPlan before = closes(plan);
        WorkedPlan loose = WORKSHOP.work(new Draw.Loosen().on(plan, WORKSHOP).plan());
        assertThat(loose.form().closed().footprint())
                .isEqualTo(before.form().closed().footprint());
        Plan freeFirst = put(
                new Draw.Loosen().on(card("stage", 160, 120), WORKSHOP).plan(), "swing", "Cloud", "Left wall", "Back");
        assertThat(freeFirst.isFree()).isTrue();
        WorkedPlan drawn = WORKSHOP.work(freeFirst);
        assertThat(wrong(drawn)).isEmpty();
        for (int i = 0; i < before.form().graph().panels().size(); i++) {
            assertThat(drawn.form().closed().placed().get(i).corners())
                    .usingRecursiveComparison()
                    .withComparatorForType((one, other) -> Math.abs(one - other) < 1e-6 ? 0 : 1, Double.class)
                    .isEqualTo(before.form().closed().placed().get(i).corners());
        }
    }

    /** Resized, what somebody typed keeps its proportion, and it closes. */
    @Test
    void resizedItClosesAgain() {
        Plan plan = set(
                put(card("side-fold", 120, 160), "spring-mount", "Mount", "Cover", null),
                "extra-1-seat",
                "40",
                "extra-1-across",
                "30");
        Plan larger =
                new Resize.To(Size.ofMillimetres(150, 200)).on(plan, WORKSHOP).plan();
        WorkedPlan worked = closes(larger);
        Extent seat = Extent.of(
                worked.form().graph().panels().get(index(worked, "Mount seat")).corners());
        assertThat(seat.size().width()).isEqualTo(Length.ofMillimetres(50));
    }

    @Test
    void whatDoesNotGoIsRefusedWithTheReason() {
        Plan plan = card("side-fold", 120, 160);
        refused(() -> put(plan, "kite-string", "Kite", "Cover", null), "nothing called \"kite-string\"");
        refused(() -> put(plan, "topper", "Cover", "Cover", null), "There is a \"Cover\" on this card already");
        refused(() -> put(plan, "topper", "k".repeat(41), "Cover", null), "up to 40 characters");
        refused(() -> put(plan, "swing", "Kite", "Cover", Side.BACK, "Back"), "its two ends do not meet so");
        refused(() -> put(plan, "swing", "Kite", "Cover", null), "its two ends do not meet so");
        refused(
                () -> new Carry.Put("topper", "", new Face(9, Side.FACE), null).on(plan, WORKSHOP),
                "not there any more");
        refused(() -> new Carry.Take("extra-1").on(plan, WORKSHOP), "not on this card any more");
        Plan small = card("side-fold", 12, 40);
        refused(() -> put(small, "pop-out", "Kite", "Cover", "Back"), "does not go on");
        Plan mounted = put(plan, "spring-mount", "Mount", "Cover", null);
        refused(() -> set(mounted, "extra-1-tab", "100"), "Tab of Mount can't be over");
        refused(() -> set(mounted, "extra-1-across", "110"), "glued on beyond the edge");
        refused(() -> set(mounted, "extra-1-springs", "three"), "Springs of Mount can't be \"three\"");
    }

    /** A card whose panel becomes too small for what is on it: both are named, and a way out. */
    @Test
    void measuresThatExcludeOneAnotherAreNamed() {
        Plan plan = set(put(card("side-fold", 120, 160), "figure", "Kite", "Back", null), "extra-1-breadth", "150");
        ValidationException refused = catchThrowableOfType(ValidationException.class, () -> set(plan, "height", "100"));
        assertThat(refused)
                .hasMessageContaining("Finished height 100 mm and the breadth of Kite 150 mm exclude one another");
        assertThat(refused.ways())
                .extracting(WayOut::label)
                .containsExactly(
                        "Make the breadth of Kite 100 mm and the finished height 100 mm",
                        "Make the finished height 150 mm");
        for (WayOut way : refused.ways()) {
            closes(new Together(way.steps().stream()
                            .map(step -> SetField.to(step.field(), step.text()))
                            .toList())
                    .on(plan, WORKSHOP)
                    .plan());
        }
    }

    @Test
    void aCardCarriesTwelveThingsAtTheMost() {
        Plan plan = card("side-fold", 120, 160);
        for (int i = 0; i < Extras.MOST; i++) {
            plan = put(plan, "topper", "Kite " + (i + 1), "Cover", null);
        }
        Plan full = plan;
        refused(() -> put(full, "topper", "One more", "Cover", null), "12 such things at the most");
    }

    private static void refused(ThrowingCallable what, String because) {
        assertThatThrownBy(what).isInstanceOf(ValidationException.class).hasMessageContaining(because);
    }

    /** A figure hangs by one tab, and is glued on the mat all the same: nobody cuts half of it away. */
    @Test
    void whatIsSetOnADressedPanelIsGluedOnItsMat() {
        LayerChoice mat = LayerChoice.of("paper-160", mm(3));
        Plan figure = put(card("side-fold", 104, 144), "figure", "Paper kite", "Back", null);
        FaceName back = new FaceName(0, "Back", Side.FACE);
        Plan dressed = figure.withDressing(new Dressing(List.of(Dressed.of(back, List.of(mat)))));
        Envelope whole = WORKSHOP.work(dressed).layers().all().get(0).shape().getEnvelopeInternal();
        assertThat(whole.getWidth()).isCloseTo(98, within(1e-6));
        assertThat(whole.getHeight()).isCloseTo(138, within(1e-6));
        // on bare card where the maker says so
        JoinId join = JoinId.all(WORKSHOP.work(dressed).of(Stages.ASSEMBLY)).get(0);
        Plan bare = dressed.withDressing(dressed.dressing().bedding(join, Bed.CARD));
        assertThat(WORKSHOP.work(bare).layers().all().get(0).shape().getArea()).isLessThan(98 * 138 - 1);
    }
}
