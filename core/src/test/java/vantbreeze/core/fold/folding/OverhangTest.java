package vantbreeze.core.fold.folding;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import vantbreeze.core.check.Finding;
import vantbreeze.core.fold.Assembly;
import vantbreeze.core.fold.Attachment;
import vantbreeze.core.fold.Fold;
import vantbreeze.core.fold.Join;
import vantbreeze.core.fold.PanelRef;
import vantbreeze.core.fold.Side;
import vantbreeze.core.fold.Spot;
import vantbreeze.core.fold.Strip;
import vantbreeze.core.free.FreeCard;
import vantbreeze.core.free.Loosening;
import vantbreeze.core.length.Length;
import vantbreeze.core.length.Ruler;
import vantbreeze.core.paper.Size;
import vantbreeze.core.plan.BarePlan;
import vantbreeze.core.plan.Plan;
import vantbreeze.core.plan.Workshop;
import vantbreeze.core.structure.Catalogue;
import vantbreeze.core.structure.Structure;

/** What reaches past a free card when it is closed is told; what is the card's own shape is not. */
class OverhangTest {

    private static final Workshop WORKSHOP = Workshop.standard();

    static List<Structure> structures() {
        return Catalogue.full().all();
    }

    private static List<String> told(FreeCard card, Ruler ruler) {
        return WORKSHOP.work(Plan.of("Kite", card, ruler)).findings().stream()
                .filter(finding -> finding.severity() != Finding.Severity.TIP)
                .map(Finding::text)
                .filter(text -> text.contains("in the closed card"))
                .toList();
    }

    private static FreeCard zed(Length leg, Length second) {
        Length back = Length.ofInches(11, 0, 1).minus(leg).minus(second);
        return FreeCard.of(Assembly.of(Strip.ofHeight("Card base", Length.ofInches(4, 1, 4))
                .panel("Leg", leg)
                .fold(Fold.MOUNTAIN)
                .panel("Second", second)
                .fold(Fold.VALLEY)
                .panel("Back", back)
                .piece()));
    }

    /** By hand: scored at 3 and 5½ of 11 in, the leg of 3 comes back over the second of 2½, ½ past the fold. */
    @Test
    void aLegThatStandsPastTheFoldIsTold() {
        FreeCard card = zed(Length.ofInches(3, 0, 1), Length.ofInches(2, 1, 2));
        assertThat(told(card, Ruler.EIGHTHS))
                .singleElement()
                .asString()
                .contains("Leg")
                .contains("½ in past Back");
        assertThat(told(zed(Length.ofInches(2, 3, 4), Length.ofInches(2, 3, 4)), Ruler.EIGHTHS))
                .isEmpty();
        assertThat(told(zed(Length.ofInches(2, 1, 2), Length.ofInches(3, 0, 1)), Ruler.EIGHTHS))
                .isEmpty();
    }

    private static FreeCard tagged(double width, double height) {
        Spot middle = Spot.nearest(25 - width / 2, 40 - height / 2);
        return FreeCard.of(new Assembly(
                List.of(
                        FreeCard.sheet("Panel", Size.ofMillimetres(50, 80)),
                        FreeCard.sheet("Tag", new Size(Length.nearest(width), Length.nearest(height)))),
                List.of(Join.of(
                        new PanelRef(0, "Panel 1"),
                        Side.FACE,
                        new PanelRef(1, "Panel 2"),
                        Side.BACK,
                        Attachment.at(middle, new Spot(Length.ZERO, Length.ZERO))))));
    }

    /** By hand: a tag of 60 mm in the middle of a panel of 50 reaches 5 mm past either side. */
    @Test
    void aTagThatIsWiderThanItsPanelIsTold() {
        assertThat(told(tagged(60, 30), Ruler.MM_1))
                .singleElement()
                .asString()
                .contains("Tag")
                .contains("5 mm past");
        assertThat(told(tagged(50, 30), Ruler.MM_1)).isEmpty();
        assertThat(told(tagged(30, 82), Ruler.MM_1)).singleElement().asString().contains("1 mm past");
    }

    /** The structures of the catalogue drawn free: what is theirs reaches past nothing. */
    @ParameterizedTest
    @MethodSource("structures")
    void whatIsTheCardsOwnShapeIsNotTold(Structure structure) {
        Plan plan = BarePlan.of(structure);
        assertThat(told(Loosening.of(structure, plan.measures()), Ruler.MM_1)).isEmpty();
    }
}
