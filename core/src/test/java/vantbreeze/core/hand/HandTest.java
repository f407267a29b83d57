package vantbreeze.core.hand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.ValidationException;
import vantbreeze.core.edit.DragBy;
import vantbreeze.core.fold.BoardScore;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.hand.Handle.End;
import vantbreeze.core.hand.Handle.Kind;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Edited;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

class HandTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static List<Structure> catalogue() {
        return WORKSHOP.catalogue().all();
    }

    private static Plan plan(String id) {
        return Plan.of(
                        "Kite day",
                        id,
                        WORKSHOP.structure(id).proportioned(Size.ofMillimetres(140, 100), Ruler.MM_1),
                        Ruler.MM_1)
                .withEnvelope("c6")
                .withSheet("a4");
    }

    private static Plan strip(long... places) {
        Plan plan = Drafting.bare("Kite tail", Size.ofMillimetres(places[places.length - 1], 90), Ruler.MM_1);
        for (int i = 0; i < places.length - 1; i++) {
            plan = new Drafting(WORKSHOP, plan)
                    .scored(0, upright(places[i], 0, 90), i % 2 == 0 ? Fold.VALLEY : Fold.MOUNTAIN);
        }
        return plan;
    }

    private static Stretch upright(long x, long from, long to) {
        return new Stretch(new Spot(mm(x), mm(from)), new Spot(mm(x), mm(to)));
    }

    private static Length mm(long millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Move to(Kind kind, int index, double across, Snap snap, boolean pushes) {
        return new Move(
                new Handle(kind, 0, index, End.WHOLE),
                Length.nearest(across),
                Length.nearest(across),
                null,
                snap,
                pushes);
    }

    private static Edited moved(Plan plan, Move move) {
        return new Hand(WORKSHOP, plan).moved(move);
    }

    private static List<Long> scores(Plan plan) {
        Piece piece =
                WORKSHOP.structure(plan).assemble(plan.measures()).pieces().get(0);
        return BoardScore.of(Panels.of(piece)).stream()
                .map(score -> Math.round(score.fromLeft().millimetres()))
                .toList();
    }

    private static Length width(Plan plan) {
        return WORKSHOP.structure(plan)
                .assemble(plan.measures())
                .pieces()
                .get(0)
                .cutSize()
                .width();
    }

    @Test
    void aScoreOfAStructureMovesTheMeasureThatItFollows() {
        Edited moved = moved(plan("z-fold"), to(Kind.SCORE, 0, 62.4, Snap.MARKS, false));
        assertThat(moved.plan().measures().get("leg")).isEqualTo(mm(62));
        assertThat(moved.words()).isEqualTo("Leg 62 mm");
        assertThat(WORKSHOP.work(moved.plan()).form().ordering().verdict()).isEqualTo(Ordering.Verdict.FOUND);
    }

    @ParameterizedTest
    @CsvSource({"GROOVES, 60", "MARKS, 62", "FREE, 62"})
    void aScoreSnapsToGroovesOrMarks(Snap snap, long expected) {
        assertThat(moved(plan("z-fold"), to(Kind.SCORE, 0, 62.1, snap, false))
                        .plan()
                        .measures()
                        .get("leg"))
                .isEqualTo(mm(expected));
    }

    @Test
    void theFreeSnapIsHalfAMillimetre() {
        assertThat(moved(plan("z-fold"), to(Kind.SCORE, 0, 62.4, Snap.FREE, false))
                        .plan()
                        .measures()
                        .get("leg"))
                .isEqualTo(Length.ofMicrometres(62_500));
    }

    @Test
    void draggedTooFarItStopsAtTheLimitAndSaysWhy() {
        Edited moved = moved(plan("z-fold"), to(Kind.SCORE, 0, 300, Snap.MARKS, false));
        assertThat(moved.words()).contains("as far as it goes");
        assertThat(WORKSHOP.work(moved.plan()).findings())
                .noneMatch(finding -> finding.about().equals("fold"));
    }

    @Test
    void whatIsLockedHolds() {
        Plan locked = plan("z-fold").withLock("leg", true);
        assertThat(moved(locked, to(Kind.SCORE, 0, 62, Snap.MARKS, false))
                        .plan()
                        .measures()
                        .get("leg"))
                .isEqualTo(locked.measures().get("leg"));
        Plan both = locked.withLock("width", true).withLock("height", true);
        assertThatThrownBy(() -> moved(both, to(Kind.SCORE, 0, 62, Snap.MARKS, false)))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("locked");
        assertThatThrownBy(() -> locked.changing(WORKSHOP.structure("z-fold"), "leg", mm(50)))
                .hasMessageContaining("Unlock it");
    }

    /**
     * Whatever the structure, every line of every piece of it moves a measure to one hand at least, and the card still
     * closes.
     */
    @ParameterizedTest
    @MethodSource("catalogue")
    void everyLineOfEveryStructureCanBeTakenHoldOf(Structure structure) {
        Plan plan = plan(structure.id());
        List<Piece> pieces = structure.assemble(plan.measures()).pieces();
        for (int piece = 0; piece < pieces.size(); piece++) {
            int lines = BoardScore.of(Panels.of(pieces.get(piece))).size();
            for (int line = 0; line < lines; line++) {
                Handle handle = new Handle(Kind.SCORE, piece, line, End.WHOLE);
                Plan left = moved(plan, new Move(handle, null, null, -2, Snap.MARKS, false))
                        .plan();
                Plan right = moved(plan, new Move(handle, null, null, 2, Snap.MARKS, true))
                        .plan();
                assertThat(left.measures().equals(plan.measures())
                                && right.measures().equals(plan.measures()))
                        .as("%s does not move", handle)
                        .isFalse();
                for (Plan moved : List.of(left, right)) {
                    assertThat(WORKSHOP.work(moved).form().closed().closureError())
                            .isLessThan(0.001);
                }
            }
        }
    }

    @Test
    void onAFreeCardNeighboursAreKeptOrPushed() {
        Plan strip = strip(50, 100, 150, 200);
        assertThat(scores(
                        moved(strip, to(Kind.SCORE, 1, 110, Snap.MARKS, false)).plan()))
                .containsExactly(50L, 110L, 150L);
        Plan pushed = moved(strip, to(Kind.SCORE, 1, 110, Snap.MARKS, true)).plan();
        assertThat(scores(pushed)).containsExactly(50L, 110L, 160L);
        assertThat(width(pushed)).isEqualTo(mm(210));
    }

    @Test
    void onAFreeCardALineStopsBeforeTheNext() {
        Edited moved = moved(strip(50, 100, 150, 200), to(Kind.SCORE, 1, 180, Snap.MARKS, false));
        assertThat(scores(moved.plan())).containsExactly(50L, 149L, 150L);
        assertThat(moved.words()).contains("the next line is there");
    }

    @Test
    void edgesAndSlitsMove() {
        Plan strip = new Drafting(WORKSHOP, strip(50, 100, 150))
                .slit(0, new Stretch(new Spot(mm(50), mm(40)), new Spot(mm(100), mm(40))));
        assertThat(width(moved(strip, to(Kind.EDGE, 0, 162, Snap.MARKS, false)).plan()))
                .isEqualTo(mm(162));
        Move slit = new Move(new Handle(Kind.MARK, 0, 0, End.WHOLE), null, null, 5, Snap.MARKS, false);
        Piece after = moved(strip, slit).plan().drawn().assembly().pieces().get(0);
        assertThat(after.slits().get(0).from().y()).isEqualTo(mm(45));
        // a slit that ends on a score goes with it
        Piece along = moved(strip, to(Kind.SCORE, 0, 60, Snap.MARKS, false))
                .plan()
                .drawn()
                .assembly()
                .pieces()
                .get(0);
        assertThat(along.slits().get(0).from().x()).isEqualTo(mm(60));
    }

    /** All of a slit, or one end of it, either way by marks of the ruler. */
    @Test
    void slitsAreNudgedBothWays() {
        Plan strip = new Drafting(WORKSHOP, strip(50, 100, 150))
                .slit(0, new Stretch(new Spot(mm(60), mm(40)), new Spot(mm(90), mm(40))));
        assertThat(slit(new DragBy(new Handle(Kind.MARK, 0, 0, End.WHOLE), 3, 0, false), strip))
                .isEqualTo(new Stretch(new Spot(mm(63), mm(40)), new Spot(mm(93), mm(40))));
        assertThat(slit(new DragBy(new Handle(Kind.MARK, 0, 0, End.WHOLE), 0, -4, false), strip))
                .isEqualTo(new Stretch(new Spot(mm(60), mm(36)), new Spot(mm(90), mm(36))));
        assertThat(slit(new DragBy(new Handle(Kind.MARK, 0, 0, End.TO), 0, 2, false), strip))
                .isEqualTo(new Stretch(new Spot(mm(60), mm(40)), new Spot(mm(90), mm(42))));
        assertThatThrownBy(() -> new DragBy(new Handle(Kind.MARK, 0, 7, End.TO), 0, 2, false).on(strip, WORKSHOP))
                .hasMessageContaining("not there any more");
    }

    private static Stretch slit(DragBy nudge, Plan plan) {
        return nudge.on(plan, WORKSHOP)
                .plan()
                .drawn()
                .assembly()
                .pieces()
                .get(0)
                .slits()
                .get(0);
    }

    @Test
    void aLockedPanelOfAFreeCardKeepsItsWidth() {
        Plan locked = strip(50, 100, 150).withLock("Panel 1", true);
        assertThatThrownBy(() -> moved(locked, to(Kind.SCORE, 0, 60, Snap.MARKS, false)))
                .hasMessageContaining("locked at 50 mm");
    }

    @Test
    void foldsFlipLinesGoAndPiecesComeAndGo() {
        Drafting drafting = new Drafting(WORKSHOP, strip(50, 100, 150));
        Plan flipped = drafting.flipped(new Handle(Kind.SCORE, 0, 0, End.WHOLE));
        assertThat(flipped.drawn().assembly().pieces().get(0).creases().get(0).fold())
                .isEqualTo(Fold.MOUNTAIN);
        assertThat(scores(drafting.without(new Handle(Kind.SCORE, 0, 0, End.WHOLE))))
                .containsExactly(100L);
        Plan two = drafting.withPiece("Kite", Size.ofMillimetres(30, 40), "Panel 2");
        assertThat(two.drawn().assembly().joins()).hasSize(1);
        assertThat(WORKSHOP.work(two).form().ordering().verdict()).isEqualTo(Ordering.Verdict.FOUND);
        assertThatThrownBy(() -> new Drafting(WORKSHOP, two).unglued(0)).hasMessageContaining("hang on nothing");
        assertThat(new Drafting(WORKSHOP, two)
                        .withoutPiece(1)
                        .drawn()
                        .assembly()
                        .pieces())
                .hasSize(1);
        assertThatThrownBy(() -> drafting.withPiece("Kite", Size.ofMillimetres(0, 40), "Panel 2"))
                .isInstanceOf(ValidationException.class)
                .hasMessageContaining("has a width and a height");
        assertThatThrownBy(() -> drafting.withPiece("Kite", Size.ofMillimetres(30, 40), "Panel 9"))
                .hasMessageContaining("Its panels are");
    }

    @Test
    void aStripGluedByBothEndsClosesOnlyWhereItsMiddleAgrees() {
        // a base folded in half, and a strip in quarters: like a W
        Plan base = new Drafting(WORKSHOP, Drafting.bare("Kite day", Size.ofMillimetres(200, 100), Ruler.MM_1))
                .scored(0, upright(100, 0, 100), Fold.VALLEY);
        Plan strip = new Drafting(WORKSHOP, base).withPiece("Strip", Size.ofMillimetres(200, 40), "Panel 1");
        for (int i = 1; i <= 3; i++) {
            strip = new Drafting(WORKSHOP, strip)
                    .scored(1, upright(50L * i, 0, 40), i == 2 ? Fold.VALLEY : Fold.MOUNTAIN);
        }
        String first =
                Panels.of(strip.drawn().assembly().pieces().get(1)).all().get(0).name();
        String last =
                Panels.of(strip.drawn().assembly().pieces().get(1)).all().get(3).name();
        Drafting loose = new Drafting(WORKSHOP, strip);
        Plan glued = loose.glued(last, Side.BACK, "Panel 2", Side.FACE, new Spot(mm(150), mm(30)));
        glued = new Drafting(
                        WORKSHOP,
                        new Drafting(WORKSHOP, glued)
                                .glued(first, Side.BACK, "Panel 1", Side.FACE, new Spot(mm(0), mm(30))))
                .unglued(0);
        assertThat(WORKSHOP.work(glued).form().closed().closureError()).isLessThan(0.001);
        // one panel made wider: it gapes, and its own width is what the engine finds to close it
        String middle =
                Panels.of(glued.drawn().assembly().pieces().get(1)).all().get(1).name();
        Plan gaping = new Hand(WORKSHOP, glued).widened(middle, mm(57)).plan();
        assertThat(WORKSHOP.work(gaping).findings())
                .anyMatch(finding -> finding.text().contains("does not close"));
        Edited solved = new OpenMeasure(WORKSHOP, gaping).solved(middle);
        assertThat(WORKSHOP.work(solved.plan()).form().closed().closureError()).isLessThan(0.001);
        assertThat(solved.words()).contains("50 mm").contains("closes the card");
    }

    @Test
    void theMissingMeasureOfAStructureFollowsFromTheRest() {
        Plan narrow = plan("z-fold").changing(WORKSHOP.structure("z-fold"), "leg", mm(40));
        assertThat(new OpenMeasure(WORKSHOP, narrow)
                        .solved("leg")
                        .plan()
                        .measures()
                        .get("leg"))
                .isEqualTo(mm(70));
        assertThat(new OpenMeasure(WORKSHOP, narrow)
                        .solved("width")
                        .plan()
                        .measures()
                        .get("width"))
                .isGreaterThan(mm(150));
        assertThatThrownBy(() -> new OpenMeasure(WORKSHOP, narrow.withEnvelope((String) null)).solved("width"))
                .hasMessageContaining("Choose one first");
        assertThatThrownBy(() -> new OpenMeasure(WORKSHOP, narrow.withLock("leg", true)).solved("leg"))
                .hasMessageContaining("Unlock");
    }

    @Test
    void theOpenPanelOfAFreeCardIsTheWidestThatLiesWithinTheRest() {
        // a gate whose right flap is far too wide
        Plan gate = Drafting.bare("Gate", Size.ofMillimetres(260, 90), Ruler.MM_1);
        gate = new Drafting(WORKSHOP, gate).scored(0, upright(50, 0, 90), Fold.VALLEY);
        gate = new Drafting(WORKSHOP, gate).scored(0, upright(150, 0, 90), Fold.VALLEY);
        String flap =
                Panels.of(gate.drawn().assembly().pieces().get(0)).all().get(2).name();
        Plan solved = new OpenMeasure(WORKSHOP, gate).solved(flap).plan();
        // 150 mm would meet the other flap of 50 without a hair
        assertThat(width(solved)).isEqualTo(mm(199));
    }
}
