package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The same on a tablet of 1024 × 768, by touch. */
@FreshHouse
class BenchByTouchTest extends Browsing {

    @BeforeEach
    void tablet() {
        onATablet();
    }

    private void open(String card) {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Open " + card).setExact(true))
                .tap();
        figures().waitFor();
    }

    @Test
    void viewsAreLitAndMoved() {
        open("Kite festival invitation");
        button("Card base, score 1").first().tap();
        assertThat(page.locator("section[aria-label^='Card base, open'] line.stroke-picked")
                        .first())
                .isAttached();
        page.keyboard().press("Escape");
        button("Open it").tap();
        assertThat(button("Close it")).isVisible();
    }

    @Test
    void aScoreIsDraggedWithAFinger() {
        open("Kite festival invitation");
        BoundingBox box = handle("SCORE", 0, 0).boundingBox();
        swipe(box.x + box.width / 2, box.y + 60, box.x + box.width / 2 - 60, box.y + 60);
        assertThat(page.getByLabel("What moved")).containsText(Pattern.compile("Leg \\d+ mm"));
        assertThat(figure("Leg")).not().hasAccessibleName("Leg: 74 mm. Press to change.");
        button("Undo").tap();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
        Locator grip = button("Card base, score 1").first();
        org.assertj.core.api.Assertions.assertThat(grip.boundingBox().height).isGreaterThanOrEqualTo(44);
    }

    @Test
    void aFreeCardIsDrawnWithAFinger() {
        open("Kite tail, forty folds");
        button("slit").tap();
        BoundingBox sheet = page.locator("[data-drawing='0']").boundingBox();
        swipe(
                sheet.x + 12 + (sheet.width - 24) / 40,
                sheet.y + sheet.height / 2,
                sheet.x + 12 + (sheet.width - 24) / 20,
                sheet.y + sheet.height / 2);
        button("slit").tap();
        assertThat(figures().getByText("Marks")).isVisible();
        button("Undo").tap();
        assertThat(figures().getByText("Marks")).hasCount(0);
    }

    @Test
    void aRecipeIsMendedByTapping() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("A recipe"))
                .tap();
        page.getByLabel("Figures without a unit are in").selectOption("mm");
        page.getByLabel("Recipe").fill("240 x 120, score at 60, 120, 18, fold v m v");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("180 for 18"))
                .first()
                .tap();
        assertThat(page.getByLabel("Recipe")).hasValue("240 x 120, score at 60, 120, 180, fold v m v");
        button("Take it to the bench").tap();
        assertThat(handle("SCORE", 0, 2)).isAttached();
    }

    @Test
    void theCardIsTurnedAndFilledByTapping() {
        open("Kite theatre for the bandstand");
        button("Make it upright").tap();
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 150 mm. Press to change.");
        button("Undo").tap();
        page.getByLabel("Ruler").selectOption("mm-half");
        button("Keep every length, read it there").tap();
        assertThat(page.getByLabel("Ruler")).hasValue("mm-half");
        button("Undo").tap();
    }

    @Test
    void stockIsPutAwayAndOfferedAgain() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Tools and papers"))
                .tap();
        button("Hide Poster offcuts").tap();
        button("Show Poster offcuts").tap();
        assertThat(button("Hide Poster offcuts")).isVisible();
    }

    @Test
    void theTableIsWalkedByTapping() {
        open("Kite festival invitation");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("At the table"))
                .tap();
        page.getByText("Step 1 of").waitFor();
        for (int i = 0; i < 60 && button("Next").isVisible(); i++) {
            button("Next").tap();
        }
        button("Done: the card is made").tap();
        org.assertj.core.api.Assertions.assertThat(button("That was the last").boundingBox().height)
                .isGreaterThanOrEqualTo(90);
    }
}
