package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Cut;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.Structure;

/** Which pieces of a card are cut together. */
class CutListTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    /** Equal panels get equal mats, whatever mark of the ruler they are on (elementary). */
    @ParameterizedTest
    @ValueSource(ints = {47, 49, 56, 63, 65, 71, 79, 80})
    void theMatsOfAConcertinaAreOneCut(int sixteenths) {
        Structure concertina = WORKSHOP.structure("concertina");
        Size finished = new Size(Length.ofInches(0, sixteenths, 16), Length.ofInches(5));
        Plan bare = new Plan(
                        "Kite tail",
                        concertina.id(),
                        concertina.proportioned(finished, Ruler.SIXTEENTHS),
                        Ruler.SIXTEENTHS,
                        null,
                        null,
                        "")
                .choosing(concertina, "panels", "12");
        LayerChoice mat = LayerChoice.of("paper-120", Length.ofInches(0, 1, 16));
        List<Dressed> mats = WORKSHOP.work(bare).pieces().stream()
                .flatMap(piece -> piece.panels().all().stream())
                .flatMap(panel -> Stream.of(Side.FACE, Side.BACK)
                        .map(side -> Dressed.of(new FaceName(0, panel.name(), side), List.of(mat))))
                .toList();
        List<Cut> cuts = WORKSHOP.work(bare.dressed(new Dressing(mats))).cuts().cuts();
        assertThat(cuts).extracting(Cut::count).containsExactly(24);
        assertThat(cuts.get(0).size())
                .isEqualTo(new Size(Length.ofInches(0, sixteenths - 2, 16), Length.ofInches(4, 7, 8)));
    }
}
