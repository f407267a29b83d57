package vantbreeze.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import vantbreeze.core.cutting.Cut;
import vantbreeze.core.cutting.CutShape;
import vantbreeze.core.cutting.CutWords;
import vantbreeze.core.die.Dies;
import vantbreeze.core.fold.Side;
import vantbreeze.core.layer.Dressed;
import vantbreeze.core.layer.Dressing;
import vantbreeze.core.layer.FaceName;
import vantbreeze.core.layer.LayerChoice;
import vantbreeze.core.layer.Trouble;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.structure.CornerFlip;
import vantbreeze.core.structure.DoubleZFold;
import vantbreeze.core.structure.Measures;
import vantbreeze.core.structure.Structure;
import vantbreeze.core.structure.WFold;

/** Layer sizes that the handbook marks as check values: common practice, no published source. */
class LayerValuesTest {

    private static final Workshop WORKSHOP = Workshop.standard();
    private static final Length EIGHTH = inches(0, 1, 8);
    private static final Length SIXTEENTH = inches(0, 1, 16);

    private static Length inches(int whole, int numerator, int denominator) {
        return Length.ofInches(whole, numerator, denominator);
    }

    private static Size size(Length width, Length height) {
        return new Size(width, height);
    }

    private static Dressed dressed(int piece, String panel, Side side, Length... borders) {
        return Dressed.of(
                new FaceName(piece, panel, side),
                Arrays.stream(borders)
                        .map(border -> LayerChoice.of("paper-120", border))
                        .toList());
    }

    private static WorkedPlan work(String structure, Measures measures, Ruler ruler, Dressed... dressed) {
        return WORKSHOP.work(
                Plan.of("Kite day", structure, measures, ruler).withDressing(new Dressing(List.of(dressed))));
    }

    private static List<Size> sizes(WorkedPlan worked) {
        List<Size> sizes = new ArrayList<>();
        for (Cut cut : worked.cuts().cuts()) {
            cut.layers().forEach(layer -> sizes.add(cut.size()));
        }
        return sizes;
    }

    @Test
    void doubleZFold() {
        Structure card = WORKSHOP.structure("double-z-fold");
        Measures measures = card.proportioned(size(inches(5, 1, 2), inches(4, 1, 4)), Ruler.EIGHTHS)
                .with(DoubleZFold.BAND, inches(1, 1, 4));
        WorkedPlan worked = work(
                card.id(),
                measures,
                Ruler.EIGHTHS,
                dressed(0, "Leg", Side.FACE, EIGHTH),
                dressed(0, "Second leg", Side.FACE, EIGHTH),
                dressed(0, "Back", Side.FACE, EIGHTH),
                dressed(1, "Band front", Side.FACE, EIGHTH),
                dressed(1, "Band middle", Side.FACE, EIGHTH),
                dressed(1, "Band end", Side.FACE, EIGHTH));
        Size leg = size(inches(2, 1, 2), inches(4, 0, 1));
        Size bandLeg = size(inches(2, 1, 2), inches(1, 0, 1));
        assertThat(sizes(worked))
                .containsExactlyInAnyOrder(
                        size(inches(5, 1, 4), inches(4, 0, 1)),
                        leg,
                        leg,
                        bandLeg,
                        bandLeg,
                        size(inches(5, 1, 4), inches(1, 0, 1)));
        assertThat(worked.layers().troubles()).isEmpty();
    }

    @Test
    void gatefoldFrontsAreOnePieceCutInTwo() {
        Structure card = WORKSHOP.structure("gatefold");
        // ticked the other way round: the pattern runs from left to right all the same
        Dressed front = new Dressed(
                List.of(new FaceName(0, "Right flap", Side.BACK), new FaceName(0, "Left flap", Side.BACK)),
                List.of(LayerChoice.of("paper-120", EIGHTH)),
                List.of());
        WorkedPlan inch = work(
                card.id(),
                card.proportioned(size(inches(4, 1, 4), inches(5, 1, 2)), Ruler.EIGHTHS),
                Ruler.EIGHTHS,
                front);
        assertThat(inch.cuts().cuts()).singleElement().satisfies(cut -> {
            assertThat(cut.size()).isEqualTo(size(inches(4, 0, 1), inches(5, 1, 4)));
            assertThat(cut.count()).isEqualTo(1);
            assertThat(cut.parts())
                    .extracting(CutShape::size)
                    .containsExactly(size(inches(2, 0, 1), inches(5, 1, 4)), size(inches(2, 0, 1), inches(5, 1, 4)));
            assertThat(cut.layers())
                    .extracting(layer -> layer.face().panel())
                    .as("in pattern order")
                    .containsExactly(0, 2);
        });
        assertThat(new CutWords(inch.faceWords(), Ruler.EIGHTHS, Dies.NONE)
                        .notes(inch.cuts().cuts().get(0)))
                .startsWith("then cut it into two of 2 × 5¼ in: the pattern runs on");
        Dressed metric = front.layered(List.of(LayerChoice.of("paper-120", Length.ofMicrometres(2500))));
        WorkedPlan millimetres = work(
                card.id(),
                card.proportioned(Size.ofMillimetres(105, 148), Ruler.MM_HALF)
                        .with("right", Length.ofMicrometres(52_500)),
                Ruler.MM_HALF,
                metric);
        assertThat(millimetres.cuts().cuts().get(0).parts())
                .extracting(CutShape::size)
                .containsOnly(Size.ofMillimetres(50, 143));
        assertThat(millimetres.cuts().cuts().get(0).size()).isEqualTo(Size.ofMillimetres(100, 143));
    }

    @Test
    void wFold() {
        Structure card = WORKSHOP.structure("w-fold");
        Measures measures = card.proportioned(size(inches(5, 0, 1), inches(5, 0, 1)), Ruler.SIXTEENTHS);
        assertThat(measures.get(WFold.STRIP)).isNotNull();
        WorkedPlan worked = work(
                card.id(),
                measures.with(WFold.STRIP, inches(1, 3, 4)),
                Ruler.SIXTEENTHS,
                dressed(0, "Back", Side.FACE, EIGHTH, SIXTEENTH));
        Length mat = inches(4, 3, 4);
        Length layer = inches(4, 5, 8);
        assertThat(sizes(worked)).containsExactlyInAnyOrder(size(mat, mat), size(layer, layer));
        assertThat(worked.layers().troubles()).isEmpty();
    }

    /** The squares on its strip are higher than the strip: they reach over its edges, but over no fold. */
    @Test
    void squaresOnTheStripOfAWFoldReachOverItsEdges() {
        Structure card = WORKSHOP.structure("w-fold");
        Measures measures = card.proportioned(size(inches(5, 0, 1), inches(5, 0, 1)), Ruler.EIGHTHS)
                .with(WFold.STRIP, inches(1, 3, 4));
        Length square = inches(2, 1, 4);
        String strip = WORKSHOP.work(Plan.of("Kite day", card.id(), measures, Ruler.EIGHTHS))
                .pieces()
                .get(1)
                .panels()
                .all()
                .get(1)
                .name();
        WorkedPlan worked = work(
                card.id(),
                measures,
                Ruler.EIGHTHS,
                Dressed.of(
                        new FaceName(1, strip, Side.FACE),
                        List.of(
                                LayerChoice.of("paper-120", EIGHTH).sized(size(square, square)),
                                LayerChoice.of("paper-120", SIXTEENTH))));
        Length inner = inches(2, 1, 8);
        assertThat(sizes(worked)).containsExactlyInAnyOrder(size(square, square), size(inner, inner));
        assertThat(worked.layers().troubles())
                .singleElement()
                .isInstanceOfSatisfying(
                        Trouble.OverEdge.class, over -> assertThat(over.by()).isEqualTo(inches(0, 1, 4)));
    }

    @Test
    void cornerFlip() {
        Structure card = WORKSHOP.structure("corner-flip");
        Measures measures = card.proportioned(size(inches(4, 1, 4), inches(5, 1, 2)), Ruler.EIGHTHS)
                .with(CornerFlip.SQUARE, inches(3, 0, 1))
                .with(CornerFlip.MARGIN, inches(0, 5, 8));
        WorkedPlan worked = work(
                card.id(),
                measures,
                Ruler.EIGHTHS,
                dressed(0, "Corner", Side.FACE, EIGHTH, EIGHTH),
                dressed(0, "Back", Side.FACE, EIGHTH, EIGHTH));
        Length mat = inches(2, 3, 4);
        Length layer = inches(2, 1, 2);
        assertThat(sizes(worked))
                .containsExactlyInAnyOrder(
                        size(mat, mat),
                        size(layer, layer),
                        size(inches(4, 0, 1), inches(5, 1, 4)),
                        size(inches(3, 3, 4), inches(5, 0, 1)));
    }

    /** The square that stands on its corner measures 5½ ÷ √2; a layer 3½ square leaves it a border of about 3/16 in. */
    @Test
    void explodingGatefold() {
        Structure card = WORKSHOP.structure("exploding-gatefold");
        Measures measures = card.proportioned(size(inches(5, 1, 2), inches(5, 1, 2)), Ruler.EIGHTHS);
        Length border = Length.nearest((5.5 / Math.sqrt(2) - 3.5) / 2 * 25.4);
        WorkedPlan bare = work(card.id(), measures, Ruler.EIGHTHS);
        var graph = bare.form().graph();
        int square = graph.panels().stream()
                .filter(panel -> Math.abs(panel.area() - Math.pow(5.5 * 25.4, 2) / 2) < 1
                        && graph.pieceOf().get(graph.panels().indexOf(panel)) == 1)
                .map(panel -> graph.panels().indexOf(panel))
                .findFirst()
                .orElseThrow();
        WorkedPlan worked = work(
                card.id(),
                measures,
                Ruler.EIGHTHS,
                dressed(1, graph.panels().get(square).name(), Side.FACE, border));
        assertThat(worked.layers().all()).singleElement().satisfies(layer -> assertThat(
                        layer.shape().getArea())
                .isCloseTo(Math.pow(3.5 * 25.4, 2), within(0.05)));
    }

    @Test
    void neverEndingCard() {
        Structure card = WORKSHOP.structure("never-ending");
        Measures measures = card.proportioned(size(inches(8, 0, 1), inches(8, 0, 1)), Ruler.EIGHTHS);
        Dressed square = new Dressed(
                List.of(new FaceName(2, "Foot 3", Side.FACE), new FaceName(2, "Foot 4", Side.FACE)),
                List.of(LayerChoice.of("paper-120", EIGHTH)),
                List.of());
        WorkedPlan worked = work(
                card.id(),
                measures,
                Ruler.EIGHTHS,
                square,
                dressed(3, "Head 3", Side.FACE, EIGHTH),
                dressed(3, "Head 2", Side.FACE, EIGHTH));
        Length wide = inches(3, 3, 4);
        Length narrow = inches(1, 3, 4);
        assertThat(worked.cuts().cuts().stream().filter(Cut::runs))
                .singleElement()
                .satisfies(cut -> {
                    assertThat(cut.size()).isEqualTo(size(wide, wide));
                    assertThat(cut.parts()).hasSize(2);
                });
        assertThat(worked.cuts().cuts().stream()
                        .filter(cut -> !cut.runs())
                        .map(cut -> size(
                                cut.size().shortSide(),
                                cut.size().width().max(cut.size().height()))))
                .containsExactlyInAnyOrder(size(narrow, wide), size(narrow, narrow));
    }
}
