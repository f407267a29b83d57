package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Everything saved in a file and put back, looked at before and undone after; deleted cards brought back. */
@FreshHouse
class SafeKeepingTest extends Browsing {

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    private int cardsInTheCopy() {
        Matcher has = Pattern.compile("has (\\d+) cards").matcher(dialog().innerText());
        assertThat(has.find()).isTrue();
        return Integer.parseInt(has.group(1));
    }

    @Test
    void everythingIsSavedAndPutBackAndThatIsUndone() throws Exception {
        page.navigate(house.at("/safe-keeping"));
        Download saved = page.waitForDownload(
                () -> page.getByText("Save everything in a file").click());
        assertThat(saved.suggestedFilename()).matches("vantbreeze-\\d{4}-\\d\\d-\\d\\d\\.zip");
        Path file = cards.resolve("saved.zip");
        saved.saveAs(file);

        page.navigate(house.at("/"));
        take("Gate for the mayor");
        page.getByLabel("Name of the card").fill("Gate, spoiled");
        page.getByLabel("Name of the card").press("Enter");
        assertThat(kept().get("name").getAsString()).isEqualTo("Gate, spoiled");

        page.navigate(house.at("/safe-keeping"));
        page.getByLabel("Backup file").setInputFiles(file);
        assertThat(dialog()).containsText("1 card becomes what it was then: Gate for the mayor");
        assertThat(dialog()).containsText((cardsInTheCopy() - 1) + " cards stay as they are");
        page.keyboard().press("Escape");
        page.navigate(house.at("/"));
        assertThat(tile("Gate, spoiled")).isVisible();

        page.navigate(house.at("/safe-keeping"));
        page.getByLabel("Backup file").setInputFiles(file);
        button("Put it back").click();
        assertThat(dialog()).containsText("1 card became what it was then");
        button("Undo that…").click();
        assertThat(dialog()).containsText("1 card becomes what it was then: Gate, spoiled");
        button("Leave everything as it is").click();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Drawer").setExact(true))
                .click();
        assertThat(tile("Gate for the mayor")).isVisible();
    }

    @Test
    void whatIsNoBackupIsToldInWords() {
        page.navigate(house.at("/safe-keeping"));
        page.getByLabel("Backup file")
                .setInputFiles(
                        new FilePayload("diary.zip", "application/zip", "dear diary".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("diary.zip: That file is no backup")).isVisible();
        assertThat(dialog()).hasCount(0);
    }

    @Test
    void aDeletedCardIsLookedAtAndBroughtBackByKeyboard() {
        tile("How the kite got its tail")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("More for"))
                .click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Delete"))
                .click();
        assertThat(tile("How the kite got its tail")).hasCount(0);
        page.navigate(house.at("/safe-keeping"));
        tabTo("Look at How the kite got its tail");
        page.keyboard().press("Enter");
        assertThat(dialog().locator("svg")).isVisible();
        page.keyboard().press("Escape");
        tabTo("Bring back How the kite got its tail");
        page.keyboard().press("Enter");
        assertThat(page.getByText("“How the kite got its tail” is back in the drawer."))
                .isVisible();
        page.navigate(house.at("/"));
        assertThat(tile("How the kite got its tail")).isVisible();
    }

    @Test
    void onAPhoneNothingScrollsSideways() {
        page.setViewportSize(390, 780);
        page.navigate(house.at("/safe-keeping"));
        assertThat(page.getByText("Save everything in a file")).isVisible();
        page.getByText("the first use of that day").waitFor();
        assertThat(page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                .isEqualTo(0);
    }
}
