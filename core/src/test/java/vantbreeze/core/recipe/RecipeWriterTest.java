package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Structure;

class RecipeWriterTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static Stream<Arguments> cards() {
        return WORKSHOP.catalogue().all().stream().flatMap(structure -> Stream.of(Ruler.MM_1, Ruler.SIXTEENTHS)
                .flatMap(ruler -> Stream.of(RecipeStyle.values()).map(style -> Arguments.of(structure, ruler, style))));
    }

    private static WorkedPlan worked(Structure structure, Ruler ruler) {
        return WORKSHOP.work(
                Plan.of("Kite day", structure.id(), structure.proportioned(Size.ofMillimetres(150, 106), ruler), ruler)
                        .withNotes("Fly high: 3 x 2."));
    }

    /**
     * What is written is read back, word for word, as the same pieces, scores, slits and joins: for every structure.
     */
    @ParameterizedTest
    @MethodSource("cards")
    void aRecipeWrittenFromACardReadsBackAsThatCard(Structure structure, Ruler ruler, RecipeStyle style) {
        WorkedPlan worked = worked(structure, ruler);
        RecipeReading reading = Recipes.on(ruler).read(RecipeWriter.write(worked, ruler, style));
        assertThat(reading.notUnderstood()).isEmpty();
        assertThat(reading.name()).isEqualTo("Kite day");
        assertThat(reading.notes()).endsWith("Fly high: 3 x 2.");
        List<Piece> pieces = reading.card().assembly().pieces();
        assertThat(pieces).hasSameSizeAs(worked.pieces());
        for (int i = 0; i < pieces.size(); i++) {
            Piece was = worked.pieces().get(i).panels().piece();
            assertThat(creases(pieces.get(i))).isEqualTo(creases(was));
            assertThat(slits(pieces.get(i))).isEqualTo(slits(was));
            assertThat(Set.copyOf(pieces.get(i).outline())).isEqualTo(Set.copyOf(was.outline()));
        }
        assertThat(reading.card().assembly().joins())
                .hasSameSizeAs(worked.form().graph().assembly().joins());
        for (int i = 0; i < reading.card().assembly().joins().size(); i++) {
            Attachment is = reading.card().assembly().joins().get(i).at();
            Attachment was = worked.form().graph().assembly().joins().get(i).at();
            assertThat(is.on()).isEqualTo(was.on());
            assertThat(is.glued()).isEqualTo(was.glued());
            assertThat(Math.abs(is.turnDegrees() - was.turnDegrees()) % 360).isZero();
        }
    }

    private static Set<String> creases(Piece piece) {
        return piece.creases().stream()
                .filter(crease -> !crease.line().isNothing())
                .map(RecipeWriterTest::key)
                .collect(Collectors.toSet());
    }

    private static String key(Crease crease) {
        return key(crease.line()) + crease.fold();
    }

    private static Set<String> slits(Piece piece) {
        return piece.slits().stream().map(RecipeWriterTest::key).collect(Collectors.toSet());
    }

    /** A line and the same line drawn the other way are one. */
    private static String key(Stretch line) {
        return Stream.of(line.from(), line.to())
                .sorted(Comparator.comparing(Spot::x).thenComparing(Spot::y))
                .toList()
                .toString();
    }

    @Test
    void itIsWrittenInPlainWordsInEitherSchool() {
        WorkedPlan worked = worked(WORKSHOP.structure("z-fold"), Ruler.MM_1);
        assertThat(RecipeWriter.write(worked, Ruler.MM_1, RecipeStyle.FULL))
                .contains("Card base: 300 mm × 106 mm.")
                .contains("Score at 75 mm, 150 mm. Fold m, v.");
        Structure zFold = WORKSHOP.structure("z-fold");
        WorkedPlan inches = WORKSHOP.work(Plan.of(
                "Kite day",
                "z-fold",
                zFold.proportioned(new Size(Length.ofInches(6), Length.ofInches(4)), Ruler.EIGHTHS),
                Ruler.EIGHTHS));
        assertThat(RecipeWriter.write(inches, Ruler.EIGHTHS, RecipeStyle.FULL))
                .contains(" in.")
                .doesNotContain(" mm.");
    }
}
