package vantbreeze.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vantbreeze.core.edit.Comparison;
import vantbreeze.core.edit.Difference;
import vantbreeze.core.fold.Face;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.Embellishment;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Look;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.OwnStock;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.tool.Allowance;
import vantbreeze.core.tool.Allowances;
import vantbreeze.core.tool.Tools;

class LayerJudgeTest {

    private static final Workshop WORKSHOP =
            Workshop.standard().with(new OwnStock(Tools.usual(), List.of(), List.of(), papers(), Set.of()));
    private static final Length BORDER = Length.ofMillimetres(3);

    private static Map<String, Cardstock> papers() {
        Map<String, Cardstock> papers = new LinkedHashMap<>();
        papers.put(
                "own-night",
                new Cardstock(
                        "Night blue",
                        160,
                        Length.ofMicrometres(200),
                        Cardstock.Grain.UNKNOWN,
                        Cardstock.Pattern.PLAIN,
                        "#1b2a4a"));
        papers.put(
                "own-kites",
                new Cardstock(
                                "Small kites",
                                120,
                                Length.ofMicrometres(150),
                                Cardstock.Grain.UNKNOWN,
                                Cardstock.Pattern.DIRECTIONAL,
                                "#f3e9d2")
                        .printed(Look.of(Look.Print.KITES, "#b0492f")));
        return papers;
    }

    private static Dressed on(String panel, Side side, LayerChoice... layers) {
        return Dressed.of(new FaceName(0, panel, side), List.of(layers));
    }

    /** By hand: the band of a stage lies on both wings; on their mats the card is thicker there by a mat, 0.2 mm. */
    @Test
    void whatIsGluedOnALayerHoldsAsWellAsThatDoes() {
        LayerChoice mat = LayerChoice.of("own-night", BORDER);
        WorkedPlan bare = work("stage");
        WorkedPlan dressed = work("stage", on("Left wing", Side.FACE, mat), on("Right wing", Side.FACE, mat));
        assertThat(bare.findings()).noneMatch(finding -> finding.kind().id().equals("glued-on-mats"));
        assertThat(work("stage", on("Back", Side.FACE, mat)).findings())
                .noneMatch(finding -> finding.kind().id().equals("glued-on-mats"));
        assertThat(dressed.findings())
                .filteredOn(finding -> finding.kind().id().equals("glued-on-mats"))
                .extracting(Finding::text)
                .containsExactly("Band is glued on mats, and holds only as well as those do: "
                        + "glue the mats down all over first.");
        assertThat(dressed.closedCard().thickness() - bare.closedCard().thickness())
                .isCloseTo(0.2, within(0.001));
        assertThat(work("tiered-stage", on("Backdrop", Side.FACE, mat), on("Tier 1 front", Side.FACE, mat))
                        .findings())
                .noneMatch(finding -> finding.severity() == Finding.Severity.MUST_FIX);
    }

    private static LayerChoice kites() {
        return LayerChoice.of("own-kites", BORDER);
    }

    private static WorkedPlan work(String id, Dressed... dressed) {
        Structure structure = WORKSHOP.structure(id);
        return WORKSHOP.work(
                Plan.of("Kite day", id, structure.proportioned(Size.ofMillimetres(150, 110), Ruler.MM_1), Ruler.MM_1)
                        .withDressing(new Dressing(List.of(dressed))));
    }

    private static List<String> about(WorkedPlan worked, String what) {
        return worked.findings().stream()
                .filter(finding -> finding.about().equals(what))
                .map(Finding::text)
                .toList();
    }

    private static void says(WorkedPlan worked, String... parts) {
        assertThat(about(worked, "layers")).anySatisfy(text -> assertThat(text).contains(parts));
    }

    @Test
    void aBorderThatEatsThePanelIsTold() {
        WorkedPlan worked = work("z-fold", on("Leg", Side.FACE, LayerChoice.of("paper-160", Length.ofMillimetres(40))));
        says(worked, "A border of 40 mm leaves nothing of the front of Leg");
        assertThat(worked.layers().all()).isEmpty();
        says(
                work("z-fold", on("Leg", Side.FACE, kites(), LayerChoice.of("paper-160", Length.ofMillimetres(36)))),
                "above the layer beneath");
    }

    @Test
    void aLayerOverAFoldIsWrong() {
        says(
                work("z-fold", on("Leg", Side.FACE, kites().sized(Size.ofMillimetres(90, 50)))),
                "Layer 1 on the front of Leg reaches over a fold");
    }

    @Test
    void aLayerWhereGlueGoesIsWrong() {
        Dressed band = Dressed.of(
                new FaceName(1, "Band front", Side.BACK), List.of(kites().sized(Size.ofMillimetres(149, 20))));
        says(work("double-z-fold", band), "lies where another part is glued");
    }

    @Test
    void aLayerOverAnEdgeIsNotedWithByHowMuch() {
        says(
                work("side-fold", on("Back", Side.FACE, kites().sized(Size.ofMillimetres(100, 120)))),
                "reaches over the edge by 5 mm");
    }

    @Test
    void aLayerOnWhatSlidesIsRefused() {
        WorkedPlan bare = work("threaded-concertina");
        var slide = bare.form().graph().joins().stream()
                .filter(link -> link.join().slides())
                .findFirst()
                .orElseThrow();
        says(
                work(
                        "threaded-concertina",
                        Dressed.of(
                                FaceName.of(
                                        new Face(slide.to(), Side.FACE),
                                        bare.form().graph()),
                                List.of(kites()))),
                "slides over it");
    }

    @Test
    void onePaperAcrossPanelsThatNeverLieSideBySideIsWrong() {
        Dressed apart = new Dressed(
                List.of(new FaceName(0, "Leg", Side.FACE), new FaceName(0, "Back", Side.BACK)),
                List.of(kites()),
                List.of());
        says(work("z-fold", apart), "side by side in no pose");
    }

    /** In a side fold the two inner faces lie on one another. */
    @Test
    void raisedPartsThatMeetAreTold() {
        LayerChoice onFoam = kites().raised(Length.ofMillimetres(2));
        says(
                work("side-fold", on("Cover", Side.FACE, onFoam), on("Back", Side.FACE, onFoam)),
                "Raised parts on",
                "meet face to face");
        assertThat(about(work("side-fold", on("Cover", Side.FACE, onFoam), on("Back", Side.FACE, kites())), "layers"))
                .isEmpty();
        assertThat(about(work("side-fold", on("Cover", Side.BACK, onFoam), on("Back", Side.FACE, onFoam)), "layers"))
                .isEmpty();
    }

    /** By hand: on the inside of both panels 8 sheets of 0.2 mm are 3.2 mm between the sides of the fold. */
    @Test
    void thinLayersThatAddUpSpringTheCardOpen() {
        LayerChoice[] eight = Collections.nCopies(8, LayerChoice.of("own-night", Length.ofMillimetres(1)))
                .toArray(LayerChoice[]::new);
        says(
                work("side-fold", on("Cover", Side.FACE, eight), on("Back", Side.FACE, eight)),
                "layers add up to 3.5 mm: the closed card springs open");
        assertThat(about(work("side-fold", on("Cover", Side.FACE, kites()), on("Back", Side.FACE, kites())), "layers"))
                .isEmpty();
    }

    @Test
    void aMatWithoutABorderIsTold() {
        LayerChoice whole = LayerChoice.of("own-kites", Length.ZERO);
        says(work("side-fold", on("Cover", Side.BACK, whole)), "A mat lies on the front of Cover with no border");
    }

    @Test
    void aLayerThatNoSheetHasRoomForIsTold() {
        Structure side = WORKSHOP.structure("side-fold");
        Plan large = Plan.of(
                        "Kite day",
                        "side-fold",
                        side.proportioned(Size.ofMillimetres(450, 310), Ruler.MM_1),
                        Ruler.MM_1)
                .withDressing(new Dressing(List.of(on("Cover", Side.BACK, kites()))));
        // A3 is 297 × 420
        says(WORKSHOP.work(large), "A layer of 444 × 304 mm comes from no sheet of Small kites");
    }

    @Test
    void anEmbellishmentAddsItsHeight() {
        Embellishment bow = new Embellishment("Paper bow", Size.ofMillimetres(30, 20), Length.ofMillimetres(6));
        WorkedPlan worked = work("side-fold", on("Cover", Side.BACK, kites()).embellished(List.of(bow)));
        WorkedPlan without = work("side-fold", on("Cover", Side.BACK, kites()));
        assertThat(worked.closedCard().thickness())
                .isCloseTo(without.closedCard().thickness() + 6, within(1e-9));
        assertThatThrownBy(() -> new Embellishment(" ", Size.ofMillimetres(3, 3), Length.ofMillimetres(1)))
                .hasMessageContaining("Say what it is");
    }

    @Test
    void aPlaceToWriteIsKept() {
        Dressed[] printed = {
            on("Cover", Side.FACE, kites()),
            on("Cover", Side.BACK, kites()),
            on("Back", Side.FACE, kites()),
            on("Back", Side.BACK, kites())
        };
        assertThat(about(work("side-fold", printed), "writing"))
                .singleElement()
                .asString()
                .contains("nowhere to write");
        printed[2] = on("Back", Side.FACE, kites(), LayerChoice.of("paper-120", BORDER));
        assertThat(about(work("side-fold", printed), "writing")).isEmpty();
        printed[2] = on("Back", Side.FACE, kites(), LayerChoice.of("own-night", BORDER));
        assertThat(about(work("side-fold", printed), "writing"))
                .as("too dark to write on")
                .isNotEmpty();
    }

    @Test
    void aPaperThatIsGoneIsStoodInFor() {
        WorkedPlan worked = work("z-fold", on("Leg", Side.FACE, LayerChoice.of("own-lost", BORDER)));
        says(worked, "\"own-lost\" on the front of Leg is not among your papers");
        assertThat(worked.layers().all()).hasSize(1);
    }

    @Test
    void theSuggestionUsesOnesOwnPapersAndLeavesSomewhereToWrite() {
        WorkedPlan bare = work("gatefold");
        Suggestion suggestion = new Suggestion(WORKSHOP, bare);
        assertThat(suggestion.usualStack()).extracting(LayerChoice::paper).containsExactly("own-night", "own-kites");
        WorkedPlan dressed = WORKSHOP.work(bare.plan().withDressing(suggestion.dressing(suggestion.usualStack())));
        assertThat(about(dressed, "writing")).isEmpty();
        assertThat(dressed.layers().troubles()).isEmpty();
        assertThat(Allowances.usual().of(Allowance.BORDER, Ruler.EIGHTHS)).isEqualTo(Length.ofInches(0, 1, 8));
    }

    /** By hand: a square turned over on a diagonal of 45° has its up a quarter turn from where it lay. */
    @Test
    void aPatternStaysUprightOnWhatIsTurnedOver() {
        WorkedPlan worked = work("corner-flip", on("Corner", Side.FACE, kites()), on("Back", Side.FACE, kites()));
        double corner = worked.layers()
                .on(new Face(panel(worked, "Corner"), Side.FACE))
                .get(0)
                .up();
        double back = worked.layers()
                .on(new Face(panel(worked, "Back"), Side.FACE))
                .get(0)
                .up();
        assertThat(Math.abs(Math.sin(Math.toRadians(back)))).isCloseTo(1, within(1e-9));
        assertThat(Math.abs(Math.cos(Math.toRadians(corner)))).isCloseTo(1, within(1e-9));
        assertThat(worked.cuts().cuts()).hasSize(2);
    }

    /** On a strip that is folded lengthwise every panel is upright as it lies, whichever side is seen. */
    @Test
    void aPatternStaysUprightOnAStrip() {
        WorkedPlan worked = work(
                "z-fold",
                on("Leg", Side.FACE, kites()),
                on("Leg", Side.BACK, kites()),
                on("Second leg", Side.BACK, kites()));
        assertThat(worked.layers().all()).hasSize(3).allSatisfy(layer -> assertThat(layer.up())
                .isCloseTo(90, within(1e-6)));
        assertThat(worked.cuts().cuts()).hasSize(1);
    }

    @Test
    void versionsDifferInTheirLayersToo() {
        WorkedPlan plain = work("z-fold");
        WorkedPlan dressed = work("z-fold", on("Leg", Side.FACE, kites(), LayerChoice.of("paper-120", BORDER)));
        assertThat(Comparison.of(plain, dressed).differences())
                .contains(new Difference(
                        "Layers on Leg, front", "", "Small kites, border 3 mm; 120 g/m² paper, border 3 mm"));
    }

    /** ⅛ in is 3.175 mm: the nearest mark is 3 mm. On a ruler of 5 mm a border is never lost. */
    @Test
    void bordersComeToTheMarksOfAnotherRuler() {
        Dressing eighth =
                new Dressing(List.of(on("Leg", Side.FACE, LayerChoice.of("paper-120", Length.ofInches(0, 1, 8)))));
        assertThat(eighth.on(Ruler.MM_1).all().get(0).layers().get(0).border()).isEqualTo(Length.ofMillimetres(3));
        Dressing thin = new Dressing(List.of(on(
                "Leg",
                Side.FACE,
                LayerChoice.of("paper-120", Length.ofMillimetres(1)).sized(Size.ofMillimetres(41, 22)))));
        assertThat(thin.on(Ruler.MM_5).all().get(0).layers().get(0))
                .isEqualTo(LayerChoice.of("paper-120", Length.ofMillimetres(5)).sized(Size.ofMillimetres(40, 20)));
    }

    private static int panel(WorkedPlan worked, String name) {
        var panels = worked.form().graph().panels();
        return (int)
                panels.stream().takeWhile(panel -> !panel.name().equals(name)).count();
    }

    @Test
    void aFaceIsDressedOnce() {
        assertThatThrownBy(
                        () -> new Dressing(Arrays.asList(on("Leg", Side.FACE, kites()), on("Leg", Side.FACE, kites()))))
                .hasMessageContaining("dressed twice");
        Dressing one = new Dressing(List.of(on("Leg", Side.FACE, kites())))
                .with(on("Leg", Side.FACE, LayerChoice.of("paper-120", BORDER)));
        assertThat(one.all()).hasSize(1);
        assertThat(one.without(List.of(new FaceName(0, "Leg", Side.FACE))).all())
                .isEmpty();
    }
}
