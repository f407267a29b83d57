package vantbreeze.core.recipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Crease;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Piece;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Stretch;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.WorkedPlan;
import vantbreeze.core.plan.Workshop;

/** What a recipe says of a card and what its plan says are one: it closes, or it does not. */
class OneMeaningOfClosesTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    private static Spot at(double x, double y) {
        return Spot.nearest(x, y);
    }

    private static Crease score(double x, double y1, double y2, Fold fold) {
        return new Crease(new Stretch(at(x, y1), at(x, y2)), fold);
    }

    /**
     * A Z-fold whose middle folds elsewhere, its last inner score off by so much: by hand, the two ways across the
     * sheet then differ by twice that.
     */
    private static FreeCard offBy(double millimetres) {
        double second = 95 + millimetres;
        return FreeCard.of(Assembly.of(new Piece(
                "Card base",
                List.of(at(0, 0), at(180, 0), at(180, 90), at(0, 90)),
                List.of(
                        score(40, 0, 30, Fold.MOUNTAIN),
                        score(80, 0, 30, Fold.VALLEY),
                        score(55, 30, 60, Fold.MOUNTAIN),
                        score(second, 30, 60, Fold.VALLEY),
                        score(40, 60, 90, Fold.MOUNTAIN),
                        score(80, 60, 90, Fold.VALLEY)),
                List.of(new Stretch(at(40, 30), at(second, 30)), new Stretch(at(40, 60), at(second, 60))),
                List.of())));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.001, 0.002, 0.005, 0.009, 0.0099, 0.0101, 0.011, 0.02, 0.1, 1})
    void aRecipeClosesWhenItsPlanDoes(double off) {
        FreeCard card = offBy(off);
        Misfit misfit = Misfit.of(card, null);
        WorkedPlan worked = WORKSHOP.work(Plan.of("Kite", card, Ruler.MM_1));
        assertThat(misfit.gap()).isCloseTo(2 * off, within(0.0005));
        boolean closes =
                worked.findings().stream().noneMatch(finding -> finding.text().contains("does not close"));
        assertThat(misfit.closes()).isEqualTo(closes).isEqualTo(2 * off < 0.02);
        assertThat(worked.findings()).noneMatch(finding -> finding.text().contains("gap of 0.00 mm"));
        if (closes) {
            assertThat(worked.findings()).noneMatch(finding -> finding.text().contains("panels must bend"));
        }
    }

    /** A piece may be glued at any angle; what is written of it is read back as that angle. */
    @Test
    void aTurnIsWrittenAndReadExactly() {
        for (double degrees : new double[] {22.5, 33.690_067_5, 0.25, 359.9, -12.75, 90, 180}) {
            Piece kite = FreeCard.sheet("Kite", Size.ofMillimetres(30, 20));
            Assembly assembly = new Assembly(
                    List.of(FreeCard.sheet("Sky", Size.ofMillimetres(150, 120)), kite),
                    List.of(Join.of(
                            new PanelRef(0, "Panel 1"),
                            Side.FACE,
                            new PanelRef(1, "Panel 2"),
                            Side.BACK,
                            new Attachment(at(60, 50), at(0, 0), degrees))));
            WorkedPlan worked = WORKSHOP.work(Plan.of("Kite", FreeCard.of(assembly), Ruler.MM_1));
            RecipeReading reading =
                    Recipes.on(Ruler.MM_1).read(RecipeWriter.write(worked, Ruler.MM_1, RecipeStyle.FULL));
            double read = reading.card().assembly().joins().get(0).at().turnDegrees();
            assertThat(Math.IEEEremainder(read - degrees, 360))
                    .as("%s", degrees)
                    .isCloseTo(0, within(1e-7));
        }
    }
}
