package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;

/** From the envelope in hand to the plan on paper. */
@FreshHouse
class WholeStoryTest extends Browsing {

    @Test
    void fromEnvelopeToPaper() throws Exception {
        page.getByLabel("Envelope", new Page.GetByLabelOptions().setExact(true)).selectOption("a2");
        page.getByLabel("Cut from").selectOption("letter");
        page.getByLabel("Measured in").selectOption("eighths");
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit"))
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("5½ in"))
                .first()
                .waitFor();
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit"))
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();

        assertThat(figure("Finished width")).hasAccessibleName("Finished width: 5½ in. Press to change.");
        assertThat(page.getByText("Ready to cut.")).isVisible();

        figure("Leg").focus();
        page.keyboard().press("Enter");
        page.keyboard().type("2 1/4");
        page.keyboard().press("Enter");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 2¼ in. Press to change.");
        page.keyboard().press("ArrowUp");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 2⅜ in. Press to change.");
        assertThat(keptMeasure("Leg")).isEqualTo("2 3/8 in");
        // every view answered: the sheet's own figure, the running distance, the cut
        assertThat(button("Second leg, width: 2⅜ in")).isVisible();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures")))
                .containsText("4¾ in");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures")))
                .containsText("10¼");

        page.reload();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 2⅜ in. Press to change.");

        button("Print, write, save").click();
        String href = page.getByText("True-size PDF on Letter").getAttribute("href");
        HttpResponse<String> pdf = house.get(href);
        assertThat(pdf.headers().firstValue("content-type")).hasValue("application/pdf");
        assertThat(pdf.body()).startsWith("%PDF-");
    }

    @Test
    void aCardIsStillThereWhenTheHouseIsOpenedAgain() throws Exception {
        take("Prize card, longest tail");
        figure("Finished height").focus();
        page.keyboard().press("ArrowDown");
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 4⅜ in. Press to change.");
        house.close();
        house = Houses.start().with("--vantbreeze.demo=true").in(cards);
        page.navigate(house.at("/"));
        take("Prize card, longest tail");
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 4⅜ in. Press to change.");
    }

    @Test
    void aStepCanBeTakenBackAndForthByKey() {
        take("Thank-you for the helpers");
        figure("Leg").click();
        field("Leg").fill("50");
        page.keyboard().press("Enter");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 50 mm. Press to change.");
        page.keyboard().press("Control+z");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 56 mm. Press to change.");
        page.keyboard().press("Control+Shift+z");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 50 mm. Press to change.");
        button("Undo").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 56 mm. Press to change.");
        assertThat(button("Undo")).isDisabled();
    }

    @Test
    void aFindingIsMendedAtAStroke() {
        take("Workshop for twelve, practice card");
        assertThat(page.getByText("The card is 15 mm too long for a sheet of A4."))
                .isVisible();
        button("Make the finished width 148 mm").click();
        assertThat(page.getByText("Ready to cut.")).isVisible();
        button("Undo").click();
        assertThat(page.getByText("The card is 15 mm too long for a sheet of A4."))
                .isVisible();
    }

    @Test
    void anotherRulerShowsTheDriftAndRoundsWhenAsked() {
        take("Thank-you for the helpers");
        page.getByLabel("Ruler").selectOption("eighths");
        assertThat(page.getByText("No figure moves by more than")).isVisible();
        button("Keep every length, read it there").click();
        assertThat(figure("Finished width")).hasAccessibleName("Finished width: ≈ 5 21/32 in. Press to change.");
        assertThat(page.getByText("Between two marks of this ruler lie the finished width (144 mm)"))
                .isVisible();
        button("Round every measure to this ruler").click();
        assertThat(figure("Finished width")).hasAccessibleName("Finished width: 5⅝ in. Press to change.");
        button("Undo").click();
        button("Undo").click();
        assertThat(figure("Finished width")).hasAccessibleName("Finished width: 144 mm. Press to change.");
    }

    @Test
    void aStageIsPickedByLookingFittedAndKeptClosing() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look on the shelf"))
                .click();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Stage").setExact(true))
                .click();
        assertThat(page.getByText("It stands like a small theatre and shears flat."))
                .isVisible();
        button("Begin this card").click();
        assertThat(page.getByText("card from A4").first()).isVisible();
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit"))
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        assertThat(page.getByText("Ready to cut.")).isVisible();
        piece("Band").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Band, open, this side up")))
                .isVisible();
        figure("Wall").click();
        field("Wall").fill("5 mm");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText("a narrower panel can't be scored and burnished cleanly");
        page.keyboard().press("Escape");
        figure("Wing").focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.getByText("Ready to cut.")).isVisible();
        button("Close it").click();
        assertThat(button("Open it")).isVisible();
    }

    @Test
    void touchingAPanelInOneViewLightsItInTheOthers() {
        take("Kite festival invitation");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Back, width"))
                .focus();
        assertThat(page.locator("svg path.fill-picked-wash")).hasCount(2);
    }
}
