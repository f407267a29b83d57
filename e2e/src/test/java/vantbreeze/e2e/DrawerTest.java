package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

@FreshHouse
class DrawerTest extends Browsing {

    private void choose(String card, String item) {
        button("More for " + card).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(item))
                .click();
    }

    @Test
    void cardsAreCopiedRenamedDeletedAndBroughtBack() {
        choose("Prize card, longest tail", "Duplicate");
        assertThat(tile("Prize card, longest tail (copy)")).isVisible();
        choose("Prize card, longest tail (copy)", "Rename");
        page.getByLabel("Name of Prize card, longest tail (copy)").fill("Prize card, bravest crash");
        page.keyboard().press("Enter");
        assertThat(tile("Prize card, bravest crash")).isVisible();
        choose("Prize card, bravest crash", "Delete");
        assertThat(tile("Prize card, bravest crash")).hasCount(0);
        button("Undo").click();
        assertThat(tile("Prize card, bravest crash")).isVisible();
        choose("Prize card, bravest crash", "Delete");
        assertThat(tile("Prize card, bravest crash")).hasCount(0);
    }

    @Test
    void aNameMayNotBeEmpty() {
        choose("Kite festival invitation", "Rename");
        page.getByLabel("Name of Kite festival invitation").fill(" ");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("A card needs a name.");
        page.keyboard().press("Escape");
        assertThat(tile("Kite festival invitation")).isVisible();
    }

    @Test
    void aPlanIsDownloadedAndOpenedAgain() {
        take("Thank-you for the helpers");
        button("Print, write, save").click();
        Download download =
                page.waitForDownload(() -> page.getByText("The plan as a file").click());
        Assertions.assertThat(download.suggestedFilename()).isEqualTo("Thank-you for the helpers.vantbreeze.json");
        page.keyboard().press("Escape");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Drawer"))
                .click();
        page.getByLabel("Plan file").setInputFiles(download.path());
        assertThat(figure("Leg")).hasAccessibleName("Leg: 56 mm. Press to change.");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Drawer"))
                .click();
        assertThat(tile("Thank-you for the helpers")).hasCount(2);
    }
}
