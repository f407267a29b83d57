package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Panel;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.Layer;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.BarePlan;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Suggestion;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
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
        Plan bare = Plan.of(
                        "Kite tail",
                        concertina.id(),
                        concertina.proportioned(finished, Ruler.SIXTEENTHS),
                        Ruler.SIXTEENTHS)
                .choosing(concertina, "panels", "12");
        LayerChoice mat = LayerChoice.of("paper-120", Length.ofInches(0, 1, 16));
        List<Dressed> mats = WORKSHOP.work(bare).pieces().stream()
                .flatMap(piece -> piece.panels().all().stream())
                .flatMap(panel -> Stream.of(Side.FACE, Side.BACK)
                        .map(side -> Dressed.of(new FaceName(0, panel.name(), side), List.of(mat))))
                .toList();
        CutList list = WORKSHOP.work(bare.withDressing(new Dressing(mats))).cuts();
        List<Cut> cuts = list.cuts();
        assertThat(cuts).extracting(Cut::count).containsExactly(24);
        assertThat(list.pieces()).isEqualTo(24);
        assertThat(cuts.get(0).size())
                .isEqualTo(new Size(Length.ofInches(0, sixteenths - 2, 16), Length.ofInches(4, 7, 8)));
    }

    private static Plan plan(String structure) {
        return BarePlan.of(WORKSHOP.structure(structure));
    }

    private static Dressed mat(String panel, Side side, String paper, long border) {
        return Dressed.of(new FaceName(0, panel, side), List.of(LayerChoice.of(paper, Length.ofMillimetres(border))));
    }

    /** The paper of which most is cut first, of each the largest piece; numbered in that order, on the map too. */
    @Test
    void whatIsLargestIsCutFirst() {
        Plan dressed = plan("z-fold")
                .withDressing(new Dressing(List.of(
                        mat("Leg", Side.FACE, "paper-120", 2),
                        mat("Leg", Side.BACK, "paper-160", 20),
                        mat("Second leg", Side.BACK, "paper-160", 9),
                        mat("Back", Side.FACE, "paper-160", 3))));
        CutList list = WORKSHOP.work(dressed).cuts();
        assertThat(list.cuts()).extracting(Cut::number).containsExactly(1, 2, 3, 4);
        assertThat(list.cuts())
                .extracting(Cut::paperId)
                .containsExactly("paper-160", "paper-160", "paper-160", "paper-120");
        // 152 × 108 less 3 all round, then 76 × 108 less 9 and less 20
        assertThat(list.cuts())
                .extracting(Cut::size)
                .containsExactly(
                        Size.ofMillimetres(146, 102),
                        Size.ofMillimetres(58, 90),
                        Size.ofMillimetres(36, 68),
                        Size.ofMillimetres(72, 104));
        Map<Layer, Integer> numbers = list.numbers();
        assertThat(numbers).hasSize(4);
        list.cuts().forEach(cut -> cut.layers()
                .forEach(layer -> assertThat(numbers).containsEntry(layer, cut.number())));
    }

    /** Reflection is an involution (elementary): who is my mirror image has me for his; rectangles have none. */
    @Test
    void mirrorImagesNameEachOther() {
        int pairs = 0;
        for (Structure structure : WORKSHOP.catalogue().all()) {
            Plan bare = BarePlan.of(structure);
            List<Dressed> mats = new ArrayList<>();
            WorkedPlan worked = WORKSHOP.work(bare);
            for (int piece = 0; piece < worked.pieces().size(); piece++) {
                for (Panel panel : worked.pieces().get(piece).panels().all()) {
                    for (Side side : Side.values()) {
                        mats.add(Dressed.of(
                                new FaceName(piece, panel.name(), side),
                                List.of(LayerChoice.of("paper-120", Length.ofMillimetres(2)))));
                    }
                }
            }
            List<Cut> cuts =
                    WORKSHOP.work(bare.withDressing(new Dressing(mats))).cuts().cuts();
            for (Cut cut : cuts) {
                List<Cut> images = cuts.stream()
                        .filter(other -> other.number() != cut.number()
                                && cut.shape().mirrored().like(other.shape(), cut.paper())
                                && !cut.shape().mirrored().like(cut.shape(), cut.paper()))
                        .toList();
                assertThat(cut.mirror())
                        .as("%s, cut %d", structure.name(), cut.number())
                        .isEqualTo(images.isEmpty() ? 0 : images.get(0).number());
                if (cut.mirror() > 0) {
                    pairs++;
                    assertThat(cut.shape().isRectangle()).isFalse();
                    assertThat(cuts.get(cut.mirror() - 1).mirror()).isEqualTo(cut.number());
                }
            }
        }
        assertThat(pairs).isGreaterThan(10);
    }

    /**
     * By hand: the sixteen ends of a gabled concertina are right triangles of one size, whatever each leans when seen.
     */
    @Test
    void gableEndsOfDirectionalPaperAreOfOneSize() {
        Cardstock kites = new Cardstock(
                "kites",
                160,
                Length.ofMicrometres(200),
                Cardstock.Grain.LONG,
                Cardstock.Pattern.DIRECTIONAL,
                "#ffeecc");
        Workshop standard = Workshop.standard();
        Workshop workshop = new Workshop(
                standard.catalogue(),
                standard.wraps(),
                standard.envelopes(),
                standard.sheets(),
                standard.cardstocks().and(Map.of("kites", kites)),
                standard.tools());
        WorkedPlan bare = workshop.work(BarePlan.of(workshop.structure("gabled-concertina")));
        WorkedPlan dressed = workshop.work(bare.plan()
                .withDressing(new Suggestion(workshop, bare)
                        .dressing(List.of(LayerChoice.of("kites", Length.ofMillimetres(2))))));
        List<Cut> ends = dressed.cuts().cuts().stream()
                .filter(cut -> cut.shape().polygon().getNumPoints() == 4)
                .toList();
        assertThat(ends.stream().mapToInt(Cut::count).sum()).isGreaterThan(8);
        assertThat(ends.stream().map(Cut::size).distinct()).hasSize(1);
        // either hand, and either end up
        assertThat(ends).hasSizeLessThanOrEqualTo(4);
    }
}
