package vantbreeze.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Over;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Choice;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.ThreadedConcertina;

/** Slots that strips go through, and seams of cards that are pieced. */
class JointJudgeTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    private static List<Finding> joints(WorkedPlan card) {
        return card.findings().stream()
                .filter(finding -> List.of("slot-too-short", "slot-without-ease", "seam-shows")
                        .contains(finding.kind().id()))
                .toList();
    }

    private static WorkedPlan work(Structure structure, Measures measures) {
        return WORKSHOP.work(Plan.of("Kite day", structure.id(), measures, Ruler.MM_1));
    }

    @ParameterizedTest
    @MethodSource("structures")
    void nothingIsAmissWithTheJointsOfAUsualCard(Structure structure) {
        for (Size size : List.of(Size.ofMillimetres(144, 106), Size.ofMillimetres(112, 158))) {
            assertThat(joints(work(structure, structure.proportioned(size, Ruler.MM_1))))
                    .isEmpty();
        }
    }

    /** A strip of 26 mm, in a slot of other lengths; an ease of 2 mm is usual. */
    @ParameterizedTest
    @CsvSource({
        "28, ''",
        "27, has no ease in its slot on Card base: it binds and tears. Cut the slot 28 mm.",
        "26, has no ease in its slot on Card base: it binds and tears. Cut the slot 28 mm.",
        "24, 'is 26 mm high and does not go through its slot on Card base, which is 24 mm: cut the slot 28 mm.'"
    })
    void aSlotIsAsLongAsItsStripIsHighAndEase(int slot, String told) {
        Structure structure = new ThreadedConcertina();
        Measures measures = structure
                .proportioned(Size.ofMillimetres(180, 120), Ruler.MM_1)
                .with(ThreadedConcertina.STRIP, Length.ofMillimetres(26));
        FreeCard card = Loosening.of(structure, measures);
        List<Piece> pieces = new ArrayList<>(card.assembly().pieces());
        Piece base = pieces.get(0);
        List<Stretch> slits = base.slits().stream()
                .map(slit -> new Stretch(
                        new Spot(slit.from().x(), slit.foot()),
                        new Spot(slit.from().x(), slit.foot().plus(Length.ofMillimetres(slot)))))
                .toList();
        pieces.set(0, new Piece(base.name(), base.outline(), base.creases(), slits, base.panelNames()));
        FreeCard other = new FreeCard(
                new Assembly(pieces, card.assembly().joins())
                        .laid(card.assembly().overs().toArray(new Over[0])),
                card.stances(),
                card.showing(),
                card.lean(),
                card.lies());
        List<Finding> found = joints(WORKSHOP.work(Plan.of("Kite day", other, Ruler.MM_1)));
        if (told.isEmpty()) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found).hasSize(2).allMatch(finding -> finding.text().endsWith(told));
        }
    }

    @Test
    void theSeamOfAPiecedGateIsTold() {
        Structure gate = WORKSHOP.structure("fold-back-gate");
        Measures usual = gate.proportioned(Size.ofMillimetres(150, 100), Ruler.MM_1);
        List<Finding> found = joints(work(gate, gate.rechosen(usual, Choice.MADE, "pieced", Ruler.MM_1)));
        assertThat(found).hasSize(2);
        assertThat(found.get(0).text())
                .isEqualTo("The seam where Left front is glued on shows on Left wing: hide it under a mat that "
                        + "reaches over both, or cut the card from a longer sheet.");
    }
}
