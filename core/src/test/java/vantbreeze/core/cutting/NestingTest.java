package vantbreeze.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.util.AffineTransformation;
import vantbreeze.core.cutting.Lot.InLot;
import vantbreeze.core.paper.Cardstock;
import vantbreeze.core.paper.Size;

/** Outlines that share a rectangle. */
class NestingTest {

    private static final List<Size> A4 = List.of(Size.ofMillimetres(210, 297));

    private static List<List<Lot>> ways(Blanks blanks) {
        List<List<Lot>> ways = new Nesting(blanks.all(), A4)
                .ways(blanks.all().stream().mapToInt(Blank::count).toArray());
        ways.forEach(way -> {
            assertThat(Lot.counted(way, blanks.all().size()))
                    .containsExactly(
                            blanks.all().stream().mapToInt(Blank::count).toArray());
            way.forEach(NestingTest::noneOverlap);
        });
        return ways;
    }

    private static void noneOverlap(Lot lot) {
        Envelope box = new Envelope(
                -1e-3,
                lot.size().width().millimetres() + 1e-3,
                -1e-3,
                lot.size().height().millimetres() + 1e-3);
        List<InLot> parts = lot.parts();
        for (int i = 0; i < parts.size(); i++) {
            assertThat(box.covers(parts.get(i).outline().getEnvelopeInternal())).isTrue();
            for (InLot other : parts.subList(i + 1, parts.size())) {
                assertThat(parts.get(i).outline().intersection(other.outline()).getArea())
                        .isLessThan(0.01 * parts.get(i).outline().getLength());
            }
        }
    }

    /** The least paper that each takes in any way. */
    private static double least(Blanks blanks) {
        return ways(blanks).stream()
                .mapToDouble(way -> way.stream()
                        .mapToDouble(lot -> lot.area() * lot.copies())
                        .sum())
                .min()
                .orElseThrow();
    }

    @Test
    void twoRightTrianglesComeFromOneRectangle() {
        Blanks two = CutCases.outlined("Sail", 2, CutCases.PLAIN, 0, 0, 800, 0, 0, 600);
        assertThat(least(two)).isEqualTo(80 * 60, within(1e-6));
    }

    /** A row of triangles base on base and head to tail grows by half a base for each. */
    @Test
    void trianglesLieHeadToTail() {
        Blanks five = CutCases.outlined("Pennant", 5, CutCases.PLAIN, 0, 0, 400, 0, 200, 600);
        assertThat(least(five)).isEqualTo((40 + 4 * 20) * 60, within(1e-6));
    }

    /** What may not be turned does not lie head to tail; a slanted strip still lies in the next. */
    @Test
    void aPatternKeepsItsUpperEnd() {
        Blanks kept = CutCases.outlined("Pennant", 5, CutCases.PRINTED, 0, 0, 400, 0, 200, 600);
        assertThat(least(kept)).isEqualTo(5 * 40 * 60, within(1e-6));
        Blanks slanted = CutCases.outlined("Ribbon", 4, CutCases.PRINTED, 0, 0, 200, 0, 500, 400, 300, 400);
        assertThat(least(slanted)).isEqualTo((4 * 20 + 30) * 40, within(1e-6));
    }

    /**
     * Rows of circles lie in the gaps of the row below, √3/2 of their width higher (the closest way: Lagrange 1773):
     * eight rows of five and four, where a grid has seven of five.
     */
    @Test
    void circlesAreStaggered() {
        int sides = 96;
        int[] corners = IntStream.range(0, sides)
                .flatMap(i -> IntStream.of((int) Math.round(200 + 200 * Math.cos(2 * Math.PI * i / sides)), (int)
                        Math.round(200 + 200 * Math.sin(2 * Math.PI * i / sides))))
                .toArray();
        Blanks suns = CutCases.outlined("Sun", 36, CutCases.PLAIN, corners);
        double staggered = 5 * 40 * 40 * (1 + 7 * Math.sqrt(3) / 2);
        assertThat(least(suns)).isLessThan(staggered * 1.01);
        assertThat(CutCases.plan(CutCases.order(suns, CutChoices.NONE))
                        .solution()
                        .patterns())
                .hasSize(1);
    }

    /** What is cut off beside a point is two other parts: both leaves come out of the triangle's rectangle. */
    @Test
    void cornersCutOffAreOtherParts() {
        Blanks fan = CutCases.outlined("Fan", 1, CutCases.PLAIN, 0, 600, 400, 0, 800, 600)
                .and(CutCases.outlined("Left leaf", 1, CutCases.PLAIN, 0, 0, 380, 0, 0, 560))
                .and(CutCases.outlined("Right leaf", 1, CutCases.PLAIN, 0, 0, 380, 0, 380, 560));
        assertThat(least(fan)).isEqualTo(80 * 60, within(1e-6));
    }

    /** Two chains of kites in a row, each a whole piece: one A4 takes both, nested, that it would not take beside. */
    @Test
    void twoChainsOfSilhouettesComeFromOneSheet() {
        int[] chain = {
            0, 0, 2100, 0, 2100, 600, 1800, 600, 1500, 1700, 1200, 600, 900, 1700, 600, 600, 300, 1700, 0, 600
        };
        Blanks two = CutCases.outlined("Chain", 2, CutCases.PLAIN, chain);
        PaperPlan plan = CutCases.plan(CutCases.order(two, CutChoices.NONE, CutCases.sheet("a4", 210, 297, 9)));
        assertThat(two.all().get(0).size()).isEqualTo(Size.ofMillimetres(210, 170));
        assertThat(plan.solution().patterns()).hasSize(1);
        assertThat(plan.isProven()).isTrue();
    }

    @Property(tries = 60)
    void whateverIsLaidTogetherLiesApart(@ForAll @IntRange(max = 100_000) int seed) {
        Random random = new Random(seed);
        int[] corners = star(random);
        Cardstock stock = random.nextBoolean() ? CutCases.PLAIN : CutCases.PRINTED;
        Blanks some = CutCases.outlined("Star", 2 + random.nextInt(6), stock, corners);
        ways(some.and(CutCases.outlined("Speck", 3, stock, 0, 0, 60, 0, 0, 60)));
    }

    /** A star with corners at any distance about its middle. */
    private static int[] star(Random random) {
        int count = 3 + random.nextInt(6);
        int[] corners = new int[2 * count];
        for (int i = 0; i < count; i++) {
            double angle = 2 * Math.PI * (i + 0.8 * random.nextDouble()) / count;
            double far = 80 + random.nextInt(300);
            corners[2 * i] = (int) Math.round(400 + far * Math.cos(angle));
            corners[2 * i + 1] = (int) Math.round(400 + far * Math.sin(angle));
        }
        return corners;
    }

    /** Slid from far out in small steps, the first contact is where it is said to be. */
    @Property(tries = 60)
    void slidingStopsWhereTheyTouch(@ForAll @IntRange(max = 100_000) int seed) {
        Random random = new Random(seed);
        Polygon still = CutCases.outlined("A", 1, CutCases.PLAIN, star(random))
                .all()
                .get(0)
                .outline();
        Polygon moved = CutCases.outlined("B", 1, CutCases.PLAIN, star(random))
                .all()
                .get(0)
                .outline();
        double right = Sliding.right(still, moved);
        var there = AffineTransformation.translationInstance(right, 0).transform(moved);
        assertThat(there.intersection(still).getArea()).isLessThan(1e-6);
        var nearer = AffineTransformation.translationInstance(right - 0.05, 0).transform(moved);
        assertThat(nearer.intersection(still).getArea()).isPositive();
        for (double far = right + 0.5; far < right + 60; far += 0.5) {
            var farther = AffineTransformation.translationInstance(far, 0).transform(moved);
            assertThat(farther.intersection(still).getArea()).isLessThan(1e-6);
        }
    }
}
