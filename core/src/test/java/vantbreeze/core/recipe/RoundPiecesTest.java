package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Panels;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

/** Circles, and holes in them, as people tell them: by how wide they are. */
class RoundPiecesTest {

    private static Piece last(RecipeReading reading) {
        var pieces = reading.card().assembly().pieces();
        return pieces.get(pieces.size() - 1);
    }

    /** Its area is that of the circle, π r², but for what 48 corners leave out: 0.3 %. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a circle of 40 | 40",
                "Disc 40 across | 40",
                "Disc: circle 4 cm in diameter | 40",
                "Ring 60 x 60, cut it round | 60",
                "a 5 cm circle | 50"
            })
    void aCircleIsToldByHowWideItIs(String told, double across) {
        Piece piece = last(Recipes.on(Ruler.MM_1).read("Base 200 x 100, score at 100. " + told));
        assertThat(piece.cutSize()).isEqualTo(Size.ofMillimetres((int) across, (int) across));
        double area = Panels.of(piece).all().get(0).shape().getArea();
        assertThat(area / (Math.PI * across * across / 4)).isBetween(0.996, 1.0);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Ring 60 across with a hole 40 across",
                "Ring: a 6 cm circle with a 4 cm hole in the middle",
                "Ring 60 x 60, round; hole 40 across in the middle"
            })
    void aHoleIsInTheMiddleOfIt(String told) {
        Piece piece = last(Recipes.on(Ruler.MM_1).read("Base 200 x 100, score at 100. " + told));
        var ring = Panels.of(piece).all().get(0).shape();
        assertThat(ring.getArea() / (Math.PI * (900 - 400))).isBetween(0.996, 1.0);
        assertThat(ring.getCentroid().getX()).isBetween(29.99, 30.01);
        assertThat(ring.getCentroid().getY()).isBetween(29.99, 30.01);
    }

    @Test
    void aHoleThatLeavesNothingIsTold() {
        RecipeReading reading =
                Recipes.on(Ruler.MM_1).read("Base 200 x 100, score at 100. Ring 40 x 40 with a hole 70 across.");
        assertThat(reading.card()).isNull();
        assertThat(reading.verdict()).isEqualTo("Nothing is left of Ring but its hole. Write a smaller hole.");
    }

    @Test
    void anOblongPieceIsNoCircle() {
        RecipeReading reading = Recipes.on(Ruler.MM_1).read("Base 200 x 100, round, score at 100.");
        assertThat(last(reading).outline()).hasSize(4);
        assertThat(reading.notUnderstood())
                .extracting(Passage::words)
                .containsExactly("What is round is as wide as it is high.");
    }

    @Test
    void aSlitStartsAndStopsSeveralTimes() {
        Piece piece = last(Recipes.on(Ruler.MM_1).read("100 x 80. Slits at 20 and 80 from 0 to 10 and from 70 to 80."));
        assertThat(piece.slits()).hasSize(4);
        assertThat(piece.slits())
                .allSatisfy(slit -> assertThat(slit.millimetres()).isEqualTo(10));
    }

    /** Written as forty-eight corners it could not be read, nor cut, by anybody. */
    @Test
    void aCircleIsWrittenAsOne() {
        Structure ringLock = Workshop.standard().catalogue().find("ring-lock").orElseThrow();
        var worked = Workshop.standard()
                .work(Plan.of(
                        "Kite day",
                        "ring-lock",
                        ringLock.proportioned(Size.ofMillimetres(150, 105), Ruler.MM_1),
                        Ruler.MM_1));
        String written = RecipeWriter.write(worked, Ruler.MM_1, RecipeStyle.SHORT);
        assertThat(written).contains("; round; hole ").doesNotContain("orners");
    }
}
