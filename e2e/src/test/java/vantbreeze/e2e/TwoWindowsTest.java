package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** One card in two windows: the second to save is told, and offered both. */
@FreshHouse
class TwoWindowsTest extends Browsing {

    private void changedElsewhere(String card) {
        take(card);
        Page other = context.newPage();
        other.navigate(page.url());
        other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Leg:"))
                .focus();
        other.keyboard().press("ArrowUp");
        assertThat(other.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo")))
                .isEnabled();
        other.close();
        figure("Finished height").focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.getByText("This card was changed in another window")).isVisible();
    }

    @Test
    void mineIsDoneOnTheirs() {
        changedElsewhere("Kite festival invitation");
        button("Do my step there").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 75 mm. Press to change.");
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 103 mm. Press to change.");
    }

    @Test
    void theirsIsTaken() {
        changedElsewhere("Thank-you for the helpers");
        button("Take it as it is there").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 57 mm. Press to change.");
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 98 mm. Press to change.");
    }

    @Test
    void mineIsKeptAsASecondCard() {
        changedElsewhere("Prize card, longest tail");
        String theirs = page.url();
        button("Keep mine as a second card").click();
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 4⅜ in. Press to change.");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 3 in. Press to change.");
        org.assertj.core.api.Assertions.assertThat(page.url()).isNotEqualTo(theirs);
    }
}
