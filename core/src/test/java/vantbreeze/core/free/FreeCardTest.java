package vantbreeze.core.free;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.FoldGraph;
import vantbreeze.core.fold.FoldedForm;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.fold.order.Ordering;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

class FreeCardTest {

    private static final Workshop WORKSHOP = Workshop.standard();
    private static final Size SIZE = Size.ofMillimetres(146, 104);

    static List<Structure> catalogue() {
        return WORKSHOP.catalogue().all();
    }

    private static FreeCard loosened(Structure structure) {
        return Loosening.of(structure, structure.proportioned(SIZE, Ruler.MM_1));
    }

    private static FoldedForm closed(FreeCard card) {
        return FoldedForm.of(
                FoldGraph.of(card.assembly()),
                card.stances().get(card.stances().size() - 1).pose());
    }

    /** Loosening changes nothing but who decides: closed size, order, weight and poses stay. */
    @ParameterizedTest
    @MethodSource("catalogue")
    void aLoosenedStructureIsTheSameCard(Structure structure) {
        WorkedPlan bound =
                WORKSHOP.work(Plan.of("Bound", structure.id(), structure.proportioned(SIZE, Ruler.MM_1), Ruler.MM_1));
        WorkedPlan free = WORKSHOP.work(Plan.of("Free", loosened(structure), Ruler.MM_1));
        assertThat(free.footprint()).isEqualTo(bound.footprint());
        assertThat(free.form().ordering().verdict()).isEqualTo(Ordering.Verdict.FOUND);
        assertThat(free.closedCard().weight().grams())
                .isCloseTo(bound.closedCard().weight().grams(), within(1e-6));
        assertThat(free.closedCard().thickness()).isCloseTo(bound.closedCard().thickness(), within(1e-6));
        assertThat(free.form().stations().stream()
                        .map(station -> station.name())
                        .toList())
                .isEqualTo(bound.form().stations().stream()
                        .map(station -> station.name())
                        .toList());
        for (int i = 0; i < bound.form().motion().frames().size(); i += 5) {
            double[] was = bound.form().motion().frames().get(i).panels().get(0).columns();
            assertThat(free.form().motion().frames().get(i).panels().get(0).columns())
                    .containsExactly(was, within(1e-6));
        }
    }

    /** Every structure, loosened, made one and a half times as large: it closes as before. */
    @ParameterizedTest
    @MethodSource("catalogue")
    void aFreeCardIsMadeLargerAndStillCloses(Structure structure) {
        FreeCard card = loosened(structure);
        Size was = closed(card).footprint();
        Size wanted = new Size(
                was.width().times(3).dividedBy(2), was.height().times(3).dividedBy(2));
        FreeCard larger = new Rescaling(card).to(wanted);
        assertThat(closed(larger).closureError()).isLessThan(0.002);
        assertThat(closed(larger).footprint().width().millimetres())
                .isCloseTo(wanted.width().millimetres(), within(0.01));
        assertThat(closed(larger).footprint().height().millimetres())
                .isCloseTo(wanted.height().millimetres(), within(0.01));
    }

    /** Those whose parts, of halves and thirds that must agree, no rounding to sixteenths keeps closing. */
    private static final Set<String> OFF_THE_MARKS = Set.of("tiered-stage", "spring-mount");

    /** Every structure, loosened, from millimetres to inches: on the marks and closing, or refused. */
    @ParameterizedTest
    @MethodSource("catalogue")
    void aFreeCardIsBroughtToAnotherRulersMarksOnlyWhereItStillCloses(Structure structure) {
        FreeCard card = loosened(structure);
        Optional<FreeCard> brought = new Rescaling(card).on(Ruler.SIXTEENTHS);
        assertThat(brought.isEmpty()).isEqualTo(OFF_THE_MARKS.contains(structure.id()));
        // half millimetres are on the marks of millimetres of half the size: nothing stands in the way of any
        FreeCard ruled = brought.or(() -> new Rescaling(card).on(Ruler.MM_HALF)).orElseThrow();
        Ruler ruler = brought.isPresent() ? Ruler.SIXTEENTHS : Ruler.MM_HALF;
        assertThat(closed(ruled).closureError())
                .isLessThanOrEqualTo(Math.max(0.001, closed(card).closureError()));
        assertThat(ruled.assembly().pieces().get(0).outline()).allMatch(spot -> ruler.marks(spot.x()));
    }

    @Test
    void aZFoldGoesToInchesAndKeepsItsHalves() {
        FreeCard card = loosened(WORKSHOP.structure("z-fold"));
        FreeCard ruled = new Rescaling(card).on(Ruler.EIGHTHS).orElseThrow();
        // 73, 73 and 146 mm: 2 7/8, 2 7/8 and 5 3/4 in
        assertThat(ruled.assembly().pieces().get(0).cutSize().width()).isEqualTo(Length.ofInches(11, 1, 2));
        assertThat(closed(ruled).footprint().width()).isEqualTo(Length.ofInches(5, 3, 4));
    }

    @Test
    void whatCantBeWorkedOutIsSaidInWords() {
        FreeCard bare = FreeCard.bare(Size.ofMillimetres(200, 100));
        assertThat(bare.impossible()).isEmpty();
        assertThat(FreeCard.bare(Size.ofMillimetres(2_500, 100)).impossible())
                .hasValueSatisfying(words -> assertThat(words).contains("longer than 2 m"));
        FreeCard apart = FreeCard.of(
                new Assembly(List.of(FreeCard.sheet("One", SIZE), FreeCard.sheet("Other", SIZE)), List.of()));
        assertThat(apart.impossible())
                .hasValueSatisfying(words -> assertThat(words).contains("hang on nothing"));
        FreeCard cut = new Redrawing(bare)
                .slit(
                        0,
                        new Stretch(
                                new Spot(Length.ofMillimetres(50), Length.ZERO),
                                new Spot(Length.ofMillimetres(50), Length.ofMillimetres(100))));
        assertThat(cut.impossible())
                .hasValueSatisfying(words -> assertThat(words).contains("cut free"));
        FreeCard comb = bare;
        for (int i = 1; i < 130; i++) {
            Length x = Length.ofMillimetres(200).times(i).dividedBy(130);
            comb = new Redrawing(comb)
                    .scored(
                            0,
                            new Stretch(new Spot(x, Length.ZERO), new Spot(x, Length.ofMillimetres(100))),
                            vantbreeze.core.fold.Fold.VALLEY);
        }
        assertThat(comb.impossible())
                .hasValueSatisfying(words -> assertThat(words).contains("120 panels"));
    }
}
