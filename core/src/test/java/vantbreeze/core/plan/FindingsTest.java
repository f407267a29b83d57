package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vantbreeze.core.check.Finding;
import vantbreeze.core.check.Finding.Severity;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.PlacedPanel;
import vantbreeze.core.fold.Pose;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.fold.motion.Frame;
import vantbreeze.core.fold.motion.StandingLaps;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.MeasureReader;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.Tent;

class FindingsTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Length mm(long millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static Plan plan(String id, long width, long height, Ruler ruler) {
        return Plan.of(
                "Kite day", id, WORKSHOP.structure(id).proportioned(Size.ofMillimetres(width, height), ruler), ruler);
    }

    private static List<Finding> of(Plan plan) {
        return WORKSHOP.work(plan).findings();
    }

    /** What is found about a card that a test builds. */
    private static List<Finding> of(Tent tent, long width, long height) {
        Workshop workshop = new Workshop(
                new Catalogue(List.of(tent)),
                WORKSHOP.wraps(),
                WORKSHOP.envelopes(),
                WORKSHOP.sheets(),
                WORKSHOP.cardstocks(),
                WORKSHOP.tools());
        return workshop.work(Plan.of(
                        "Kite day",
                        "tent",
                        tent.proportioned(Size.ofMillimetres(width, height), Ruler.MM_1),
                        Ruler.MM_1))
                .findings();
    }

    private static Plan with(Plan plan, String parameter, String length) {
        return plan.changing(
                WORKSHOP.structure(plan.structureId()),
                parameter,
                MeasureReader.of(plan.ruler()).read(length));
    }

    private static Plan choosing(Plan plan, String choice, String value) {
        return plan.choosing(WORKSHOP.structure(plan.structureId()), choice, value);
    }

    private static Finding only(List<Finding> findings, String words) {
        assertThat(findings)
                .filteredOn(finding -> finding.text().contains(words))
                .as("%s in %s", words, findings)
                .hasSize(1);
        return findings.stream()
                .filter(finding -> finding.text().contains(words))
                .findFirst()
                .orElseThrow();
    }

    /** The finding goes away when its mend is taken. */
    private static void mends(Plan plan, Finding finding, String words) {
        Structure structure = WORKSHOP.structure(plan.structureId());
        Plan mended = finding.mends().get(0).chosen() == null
                ? plan.changing(
                        structure,
                        finding.mends().get(0).parameter(),
                        finding.mends().get(0).length())
                : plan.choosing(
                        structure,
                        finding.mends().get(0).parameter(),
                        finding.mends().get(0).chosen());
        assertThat(of(mended)).noneMatch(left -> left.text().contains(words));
    }

    @Test
    void aRingTooThinToHold() {
        Plan plan = with(plan("ring-lock", 150, 110, Ruler.MM_1), "band", "5");
        Finding finding = only(of(plan), "does not hold");
        assertThat(finding.text()).isEqualTo("The ring is only 5 mm wide: one under 7 mm does not hold.");
        mends(plan, finding, "does not hold");
    }

    @Test
    void flapsThatDoNotMeet() {
        Plan plan = with(plan("gatefold", 150, 110, Ruler.MM_1), "flap", "70");
        Finding finding = only(of(plan), "do not meet");
        assertThat(finding.text()).contains("a gap of 6 mm");
        mends(plan, finding, "do not meet");
    }

    @Test
    void aTabTooNarrowForGlue() {
        Plan plan = with(choosing(plan("concertina", 100, 110, Ruler.MM_1), "made", "chained"), "tab", "8");
        Finding finding = only(of(plan), "glued over only 8 mm");
        assertThat(finding.severity()).isEqualTo(Severity.TIP);
        mends(plan, finding, "glued over only");
    }

    /** ISO/IEC 7810 ID-1: 85.60 × 53.98 mm. */
    @ParameterizedTest
    @CsvSource({"60, 100, does not go in", "70, 80, 'stands 19 mm above'", "70, 110, ''", "120, 80, ''"})
    void aGiftCardThatWillNotGoIn(long width, long height, String words) {
        Plan plan = plan("pocket", width, height, Ruler.MM_1);
        if (words.isEmpty()) {
            assertThat(of(plan)).noneMatch(finding -> finding.text().contains("gift card"));
        } else {
            mends(plan, only(of(plan), words), words);
        }
    }

    @Test
    void aGiftCardThatWillNotComeOut() {
        Plan plan = with(plan("pocket", 108, 140, Ruler.MM_1), "edge", "90");
        Finding finding = only(of(plan), "can't be pulled out");
        assertThat(finding.about()).isEqualTo("edge");
    }

    @Test
    void anEnvelopeTooTightForTheBulk() {
        Plan plan = choosing(plan("concertina", 159, 111, Ruler.MM_1), "panels", "12")
                .withEnvelope("c6");
        // by hand: 12 cards of 0.36 mm are 4.32 mm, all round; C6 leaves 3 mm of 162 × 114 either way
        assertThat(only(of(plan), "to go round it").text())
                .startsWith(
                        "The closed card is 4.5 mm thick all over, and the envelope C6 lacks 1.5 mm to go round it");
        assertThat(only(of(choosing(plan, "panels", "16")), "box envelope").text())
                .contains("6 mm thick");
        assertThat(of(choosing(plan, "panels", "3")))
                .noneMatch(finding -> finding.text().contains("to go round it"));
    }

    @Test
    void aStripTooLongIsPieced() {
        Plan plan = plan("fold-back-gate", 140, 100, Ruler.MM_1).withSheet("a4");
        Finding finding = only(of(plan), "too long for a sheet of A4");
        assertThat(finding.mends().get(0).label()).isEqualTo("Make it of pieced fronts");
        mends(plan, finding, "too long for a sheet of A4");
    }

    /** By hand: a Z-fold's strip is twice as long as the card; A4 is 297 × 210. */
    @ParameterizedTest
    @CsvSource({"100, 148", "210, 148", "211, 105"})
    void aCardTooWideForItsSheetIsMadeAsWideAsComesOut(long height, long widest) {
        Plan plan = plan("z-fold", 160, height, Ruler.MM_1).withSheet("a4");
        Finding finding = only(of(plan), "too long for a sheet");
        assertThat(finding.mends().get(0).length()).isEqualTo(mm(widest));
        mends(plan, finding, "too long for a sheet");
    }

    @Test
    void whatBoardAndTrimmerDoNotReachIsToldOnceForBoth() {
        // 2 × 320 mm: the score, in the middle, is 20 mm beyond the board of 300 from either end
        Finding finding = only(of(plan("side-fold", 320, 110, Ruler.MM_1)), "does not reach");
        assertThat(finding.severity()).isEqualTo(Severity.TIP);
        assertThat(finding.text())
                .isEqualTo("The 30 cm board, 300 mm long, does not reach all scores of the card from either end: mark "
                        + "those at both edges and score along a rule. The trimmer cuts 304.5 mm at a time: cut "
                        + "the long "
                        + "sides of the card with a knife along a metal rule, in two goes.");
    }

    @Test
    void scoresThatTheBoardReachesFromOneEndAreNotToldOf() {
        assertThat(of(plan("side-fold", 150, 110, Ruler.MM_1)))
                .noneMatch(finding -> finding.about().equals("board"));
        assertThat(of(plan("side-fold", 103, 140, Ruler.MM_1)))
                .noneMatch(finding -> finding.about().equals("board"));
    }

    @Test
    void anEnvelopeThatSuitsBetterIsOffered() {
        Plan plan = plan("side-fold", 140, 100, Ruler.MM_1).withEnvelope("c5");
        Finding finding = only(of(plan), "slides about");
        assertThat(finding.severity()).isEqualTo(Severity.TIP);
        assertThat(finding.mends()).singleElement().satisfies(mend -> assertThat(of(plan.withEnvelope(mend.chosen())))
                .noneMatch(left -> left.about().equals("envelope")));
        assertThat(of(plan("side-fold", 200, 200, Ruler.MM_1).withEnvelope("c4")))
                .as("none suits better, nothing to be done")
                .noneMatch(left -> left.text().contains("slides about"));
    }

    @Test
    void aTightEnvelopeSaysByHowMuchTheCardIsTooHigh() {
        Plan plan = plan("side-fold", 150, 113, Ruler.MM_1).withEnvelope("c6");
        // by hand: C6 is 114 high; 1/16 in, 1.5875 mm, is to be left: 113 is 0.5875 too high, on a mark 1
        assertThat(only(of(plan), "is tight").text())
                .isEqualTo("The envelope C6 is tight: with 1 mm less height the card slides in.");
        mends(plan, only(of(plan), "is tight"), "is tight");
    }

    @Test
    void aCardTooLargeForItsEnvelopeCanBeMadeAllTheSame() {
        Plan plan = plan("side-fold", 180, 113, Ruler.MM_1).withEnvelope("c6");
        assertThat(only(of(plan), "too long").severity()).isEqualTo(Severity.CHECK);
    }

    @Test
    void cardTooLightOrTooHeavyOrFoldedAcrossTheGrain() {
        Plan stage = plan("stage", 150, 105, Ruler.MM_1);
        assertThat(only(of(stage.withCardstock("paper-160")), "too light").about())
                .isEqualTo("cardstock");
        assertThat(of(stage)).noneMatch(finding -> finding.about().equals("cardstock"));
        assertThat(only(
                                of(choosing(plan("concertina", 100, 100, Ruler.MM_1), "panels", "8")
                                        .withCardstock("card-350")),
                                "heavy for 7 folds")
                        .severity())
                .isEqualTo(Severity.CHECK);
        // 2 × 148 along the long side of A4: the folds run across it
        assertThat(only(of(plan("z-fold", 148, 104, Ruler.MM_1).withSheet("a4")), "across the grain")
                        .severity())
                .isEqualTo(Severity.TIP);
        assertThat(of(plan("side-fold", 100, 140, Ruler.MM_1).withSheet("a4")))
                .noneMatch(finding -> finding.text().contains("across the grain"));
    }

    @Test
    void nothingLargeEnoughToWriteOn() {
        assertThat(only(of(plan("side-fold", 50, 38, Ruler.MM_1)), "nowhere to write")
                        .severity())
                .isEqualTo(Severity.CHECK);
        assertThat(of(plan("side-fold", 60, 40, Ruler.MM_1)))
                .noneMatch(finding -> finding.about().equals("writing"));
    }

    @Test
    void heavyCardForASpring() {
        Plan plan = plan("spring-mount", 150, 110, Ruler.MM_1);
        assertThat(of(plan)).noneMatch(finding -> finding.about().equals("cardstock"));
        assertThat(only(of(plan.withCardstock("card-350")), "narrow between two folds")
                        .severity())
                .isEqualTo(Severity.CHECK);
    }

    @Test
    void aNestWantsRelief() {
        assertThat(only(of(plan("w-fold", 130, 130, Ruler.MM_1)), "inside the fold")
                        .text())
                .isEqualTo("Strip lies inside the fold between Cover and Back: cut it 1.5 mm shorter, or score "
                        + "that fold twice, as "
                        + "far apart.");
    }

    @Test
    void flapsWithoutAHairBetweenThem() {
        Tent tent = Tent.built((width, height) -> Assembly.of(Strip.ofHeight("Card", height)
                .panel("Left flap", width.dividedBy(2))
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right flap", width.dividedBy(2))
                .piece()));
        assertThat(only(of(tent, 100, 90), "no hair").text())
                .isEqualTo("Left flap and Right flap meet with no hair between them: trim one by 1 mm, or they catch.");
    }

    /** By hand: walls stand square on a back of 100; wings of 60 turned in from both lie over each other by 20. */
    @Test
    void wingsThatOverlapWhenTheCardStands() {
        Tent tent = Tent.built(
                Pose.closed(),
                (width, height) -> Assembly.of(Strip.ofHeight("Card", height)
                        .panel("Left wing", mm(60))
                        .fold(Fold.VALLEY)
                        .panel("Left wall", mm(40))
                        .fold(Fold.VALLEY)
                        .panel("Back", width)
                        .fold(Fold.VALLEY)
                        .panel("Right wall", mm(40))
                        .fold(Fold.VALLEY)
                        .panel("Right wing", mm(60))
                        .piece()));
        FoldGraph graph = FoldGraph.of(tent.assemble(tent.proportioned(Size.ofMillimetres(100, 90), Ruler.MM_1)));
        assertThat(graph.hinges()).hasSize(4);
        Frame frame = new Frame(
                List.of(90.0, 90.0, 90.0, 90.0),
                FoldedForm.of(
                                graph,
                                Pose.open()
                                        .but("Left wing", "Left wall", 90)
                                        .but("Left wall", "Back", 90)
                                        .but("Back", "Right wall", 90)
                                        .but("Right wall", "Right wing", 90))
                        .placed()
                        .stream()
                        .map(PlacedPanel::motion)
                        .toList(),
                0);
        assertThat(new StandingLaps(graph, frame).all()).singleElement().satisfies(lap -> {
            assertThat(graph.name(lap.one())).isEqualTo("Left wing");
            assertThat(graph.name(lap.other())).isEqualTo("Right wing");
            assertThat(lap.width()).isCloseTo(20, within(1e-6));
        });
        for (Structure structure : Catalogue.full().all()) {
            assertThat(of(plan(structure.id(), 150, 110, Ruler.MM_1)))
                    .as(structure.name())
                    .noneMatch(finding -> finding.text().contains("When the card stands"));
        }
    }

    /** By hand: a strip of 297 scored 50 and 100 from each end leaves a back of 97; two wings of 50 lap by 3. */
    @Test
    void wingsOfABridgeThatLap() {
        Plan plan = with(plan("bridge", 147, 105, Ruler.MM_1), "wing", "50");
        assertThat(only(of(plan), "When the card stands").text())
                .isEqualTo(
                        "When the card stands, Left wing and Right wing overlap by 3 mm: make one of them narrower by "
                                + "that.");
    }

    @Test
    void readyToCutIsSaidWhenEnvelopeSheetAndStructureWereChecked() {
        Plan plan = plan("side-fold", 104, 150, Ruler.MM_1);
        assertThat(WORKSHOP.work(plan).readiness())
                .contains("It closes. Not checked yet: no envelope and no sheet are chosen.");
        assertThat(WORKSHOP.work(plan.withEnvelope("c6")).readiness())
                .contains("It closes and goes in its envelope. Not checked yet: no sheet is chosen.");
        assertThat(WORKSHOP.work(plan.withEnvelope("c6").withSheet("a3")).readiness())
                .contains("It closes, goes in its envelope and comes from its sheet. Ready to cut.");
        assertThat(WORKSHOP.work(plan.withEnvelope("c7").withSheet("a3")).readiness())
                .isEmpty();
    }

    /** Two slits from the same two scores, so far apart. */
    private static Tent slit(long apart) {
        return Tent.built((width, height) -> {
            Piece plain = Strip.ofHeight("Card", height)
                    .panel("Back", width)
                    .fold(Fold.VALLEY)
                    .panel("Middle", mm(20))
                    .fold(Fold.MOUNTAIN)
                    .panel("Cover", width)
                    .piece();
            return Assembly.of(new Piece(
                    "Card",
                    plain.outline(),
                    plain.creases(),
                    List.of(
                            new Stretch(new Spot(width, mm(30)), new Spot(width.plus(mm(20)), mm(30))),
                            new Stretch(new Spot(width, mm(30 + apart)), new Spot(width.plus(mm(20)), mm(30 + apart)))),
                    plain.panelNames()));
        });
    }

    @Test
    void aNarrowBridgeBetweenTwoSlits() {
        assertThat(only(of(slit(5), 100, 90), "bridge").text())
                .isEqualTo("Between two slits there is a bridge of only 5 mm on the card: it tears. Move one of the "
                        + "slits so that 7 mm is left.");
        assertThat(of(slit(7), 100, 90)).noneMatch(finding -> finding.text().contains("bridge"));
    }

    @Test
    void aLineThatChangesDirection() {
        Finding finding =
                only(of(choosing(plan("slit-tower", 120, 160, Ruler.MM_1), "outer", "set-back")), "changes direction");
        assertThat(finding.severity()).isEqualTo(Severity.TIP);
        assertThat(finding.text()).contains("on the card at ").contains(" mm from left");
        assertThat(of(plan("side-fold", 150, 110, Ruler.MM_1)))
                .noneMatch(left -> left.text().contains("changes direction"));
    }

    @Test
    void flapsThatLieOnEachOther() {
        Tent tent = Tent.built((width, height) -> Assembly.of(Strip.ofHeight("Card", height)
                .panel("Left flap", mm(52))
                .fold(Fold.VALLEY)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Right flap", mm(51))
                .piece()));
        assertThat(only(of(tent, 100, 90), "overlap").text())
                .isEqualTo("Left flap and Right flap overlap by 3 mm: make one of them narrower by that.");
        for (Structure structure : Catalogue.full().all()) {
            assertThat(of(plan(structure.id(), 150, 110, Ruler.MM_1)))
                    .as(structure.name())
                    .noneMatch(finding -> finding.text().contains("overlap by"));
        }
    }

    @Test
    void aPanelThatPokesOut() {
        Tent tent = Tent.built((width, height) -> Assembly.of(Strip.ofHeight("Card", height)
                .panel("Back", width)
                .fold(Fold.VALLEY)
                .panel("Wing", width.plus(mm(7)))
                .piece()));
        Finding finding = only(of(tent, 100, 90), "pokes out");
        assertThat(finding.severity()).isEqualTo(Severity.MUST_FIX);
        assertThat(finding.text()).contains("by 7 mm");
    }

    @Test
    void aSlitThatDoesNotEndOnAScore() {
        Tent tent = Tent.built((width, height) -> {
            Piece plain = Strip.ofHeight("Card", height)
                    .panel("Back", width)
                    .fold(Fold.VALLEY)
                    .panel("Cover", width)
                    .piece();
            return Assembly.of(new Piece(
                    "Card",
                    plain.outline(),
                    plain.creases(),
                    List.of(new Stretch(new Spot(width, mm(30)), new Spot(width.plus(mm(20)), mm(30)))),
                    plain.panelNames()));
        });
        assertThat(only(of(tent, 100, 90), "does not end on a score").severity())
                .isEqualTo(Severity.MUST_FIX);
    }

    /** What touches nothing is a slot, and nothing is wrong with it. */
    @Test
    void aSlitInsideAPanelIsASlot() {
        Tent tent = Tent.built((width, height) -> {
            Piece plain = Strip.ofHeight("Card", height)
                    .panel("Back", width)
                    .fold(Fold.VALLEY)
                    .panel("Cover", width)
                    .piece();
            return Assembly.of(new Piece(
                    "Card",
                    plain.outline(),
                    plain.creases(),
                    List.of(new Stretch(new Spot(width.plus(mm(15)), mm(30)), new Spot(width.plus(mm(45)), mm(30)))),
                    plain.panelNames()));
        });
        List<Finding> findings = of(tent, 100, 90);
        assertThat(only(findings, "slot to tuck").severity()).isEqualTo(Severity.TIP);
        assertThat(findings).noneMatch(finding -> finding.text().contains("does not end on a score"));
    }

    @Test
    void aTubeWithoutItsSliver() {
        Tent tent = Tent.built(
                Pose.closed().but("Two", "Three", 0).but("Four", "Five", 0),
                (width, height) -> Assembly.of(
                        Strip.ofHeight("Tube", height)
                                .panel("One", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Two", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Three", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Four", mm(50))
                                .fold(Fold.MOUNTAIN)
                                .panel("Five", mm(50))
                                .piece(),
                        Join.of(
                                new PanelRef(0, "One"),
                                Side.BACK,
                                new PanelRef(0, "Five"),
                                Side.FACE,
                                Attachment.at(new Spot(mm(0), mm(0)), new Spot(mm(200), mm(0))))));
        assertThat(only(of(tent, 100, 90), "will not square").text()).startsWith("Five is as wide as One");
    }

    @Test
    void aCardThatDoesNotClose() {
        assertThat(of(Tent.gaping(), 100, 90)).anySatisfy(finding -> {
            assertThat(finding.severity()).isEqualTo(Severity.MUST_FIX);
            assertThat(finding.text()).contains("does not close").contains("One");
        });
    }

    @Test
    void aCardThatRocksOrTips() {
        Tent rocks = Tent.built((width, height) -> {
            Piece base = Strip.ofHeight("Card", height)
                    .panel("Back", width)
                    .fold(Fold.VALLEY)
                    .panel("Cover", width)
                    .piece();
            Piece prop = Strip.ofHeight("Prop", mm(50))
                    .panel("Prop tab", mm(20))
                    .fold(Fold.VALLEY)
                    .panel("Prop", mm(30))
                    .piece();
            return new Assembly(
                    List.of(base, prop),
                    List.of(Join.of(
                            new PanelRef(0, "Back"),
                            Side.FACE,
                            new PanelRef(1, "Prop tab"),
                            Side.BACK,
                            Attachment.at(new Spot(mm(20), mm(2)), new Spot(mm(0), mm(0))))));
        });
        assertThat(of(rocks, 100, 90))
                .anyMatch(finding -> finding.text().startsWith("Prop hangs 2 mm above the table"));
        Tent flat = Tent.built((width, height) ->
                Assembly.of(Strip.ofHeight("Card", height).panel("Back", width).piece()));
        assertThat(only(of(flat, 100, 90), "it tips").severity()).isEqualTo(Severity.CHECK);
    }

    @Test
    void theWorstComesFirstAndNothingIsSaidTwice() {
        for (Structure structure : Catalogue.full().all()) {
            List<Finding> findings = of(plan(structure.id(), 150, 110, Ruler.MM_1)
                    .withEnvelope("c6")
                    .withSheet("a4"));
            assertThat(findings).extracting(Finding::severity).isSorted();
            assertThat(findings).extracting(Finding::text).doesNotHaveDuplicates();
            assertThat(findings).as(structure.name()).noneMatch(finding -> finding.about()
                    .equals("stand"));
        }
    }
}
