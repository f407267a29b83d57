package vantbreeze.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.core.fit.EnvelopeFit.Verdict;
import vantbreeze.core.fold.bulk.BulkCell;
import vantbreeze.core.fold.bulk.BulkMap;
import vantbreeze.core.length.Length;
import vantbreeze.core.paper.Size;
import vantbreeze.core.tool.Allowances;

/** What an envelope has to go round, by hand, and what it says of a card that is too thick for it. */
class GirthTest {

    private static BulkCell cell(double x1, double y1, double x2, double y2, double thickness) {
        Polygon shape = (Polygon) new GeometryFactory().toGeometry(new Envelope(x1, x2, y1, y2));
        return new BulkCell(shape, List.of(0), List.of(thickness));
    }

    /** A card of 100 × 60 mm, half a millimetre thick, with a place that is 3 mm thicker. */
    private static Girth bumped(double x1, double y1, double x2, double y2) {
        List<BulkCell> cells = new ArrayList<>(List.of(cell(x1, y1, x2, y2, 3.5)));
        cells.add(cell(0, 0, 100, 60, 0.5));
        return Girth.of(new BulkMap(cells));
    }

    /** A stack that is equally thick all over takes its thickness of the envelope each way. */
    @Test
    void anEvenStackTakesItsThicknessEachWay() {
        Girth girth = Girth.of(new BulkMap(List.of(cell(0, 0, 100, 60, 2))));
        assertThat(girth.across()).isCloseTo(102, within(1e-9));
        assertThat(girth.up()).isCloseTo(62, within(1e-9));
        assertThat(girth.where()).isEqualTo("all over");
    }

    /** Half of 100 along the back, half a millimetre up, on the slant to the bump, 20 over it, and down again. */
    @Test
    void aBumpInTheMiddleTakesLessThanOneAtAnEdge() {
        double slant = Math.hypot(40, 3);
        assertThat(bumped(40, 20, 60, 40).across()).isCloseTo((100 + 1 + 2 * slant + 20) / 2, within(1e-9));
        double steep = Math.hypot(80, 3);
        assertThat(bumped(80, 20, 100, 40).across()).isCloseTo((100 + 3.5 + 20 + steep + 0.5) / 2, within(1e-9));
        assertThat(bumped(40, 20, 60, 40).across())
                .isLessThan(bumped(80, 20, 100, 40).across());
    }

    @ParameterizedTest
    @CsvSource({
        "40, 20, 60, 40, in the middle",
        "80, 20, 100, 40, at the right",
        "0, 20, 20, 40, at the left",
        "40, 45, 60, 60, at the head",
        "40, 0, 60, 12, at the foot",
        "85, 0, 100, 12, at the foot and right",
        "2, 2, 98, 58, all over"
    })
    void whereItIsThickIsSaid(double x1, double y1, double x2, double y2, String where) {
        assertThat(bumped(x1, y1, x2, y2).where()).isEqualTo(where);
    }

    /**
     * By hand: an envelope of 102 × 63 mm goes round the bump in the middle (100.6), not round one at an edge (102.03).
     */
    @Test
    void anEnvelopeThatDoesNotGoRoundIsToldSo() {
        Size card = Size.ofMillimetres(100, 60);
        vantbreeze.core.paper.Envelope envelope = new vantbreeze.core.paper.Envelope(
                "own", "My envelope", Size.ofMillimetres(102, 65), vantbreeze.core.paper.Envelope.Source.OWN);
        assertThat(EnvelopeFit.of(card, bumped(40, 20, 60, 40), envelope, Allowances.usual())
                        .verdict())
                .isEqualTo(Verdict.FITS);
        EnvelopeFit edge = EnvelopeFit.of(card, bumped(80, 20, 100, 40), envelope, Allowances.usual());
        assertThat(edge.verdict()).isEqualTo(Verdict.TOO_THICK);
        assertThat(edge.goesIn()).isFalse();
        assertThat(edge.slackRound()).isNegative();
        assertThat(edge.slackAcross()).isEqualTo(Length.ofMillimetres(2));
        assertThat(EnvelopeFit.of(card, envelope).verdict()).isEqualTo(Verdict.FITS);
        Girth thick = Girth.of(new BulkMap(List.of(cell(0, 0, 100, 60, 5.5))));
        vantbreeze.core.paper.Envelope large = new vantbreeze.core.paper.Envelope(
                "own", "My envelope", Size.ofMillimetres(110, 70), vantbreeze.core.paper.Envelope.Source.OWN);
        assertThat(EnvelopeFit.of(card, thick, large, Allowances.usual()).verdict())
                .isEqualTo(Verdict.TOO_THICK);
    }

    /** Upright cards lie on their side in an envelope that lies, with their girth. */
    @Test
    void aCardThatIsTurnedTakesItsGirthAlong() {
        Girth girth = Girth.of(new BulkMap(List.of(cell(0, 0, 60, 100, 1), cell(0, 0, 60, 10, 3))));
        vantbreeze.core.paper.Envelope lying = new vantbreeze.core.paper.Envelope(
                "own", "My envelope", Size.ofMillimetres(104, 64), vantbreeze.core.paper.Envelope.Source.OWN);
        EnvelopeFit fit = EnvelopeFit.of(Size.ofMillimetres(60, 100), girth, lying, Allowances.usual());
        assertThat(fit.slackRound()).isCloseTo(Math.min(104 - girth.up(), 64 - girth.across()), within(1e-9));
    }
}
