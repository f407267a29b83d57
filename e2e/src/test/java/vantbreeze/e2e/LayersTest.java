package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** Mats and layers: ticked on the picture, laid, changed, listed; by mouse, by keyboard and by touch. */
@FreshHouse
class LayersTest extends Browsing {

    private void layersOf(String card) {
        take(card);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Layers").setExact(true))
                .click();
        panels().waitFor();
    }

    private Locator panels() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Panels"));
    }

    private Locator face(String name) {
        return panels().getByRole(
                        AriaRole.CHECKBOX,
                        new Locator.GetByRoleOptions()
                                .setName(Pattern.compile("^" + name + ", (seen|glued|nothing|never)")));
    }

    private Locator toCut() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To cut"));
    }

    private Locator paper(int layer) {
        return page.getByLabel("Paper of layer " + layer);
    }

    @Test
    void allThatShowsIsDressedAtOnce() {
        layersOf("Kite theatre for the bandstand");
        button("Take all off").click();
        assertThat(toCut()).hasCount(0);
        assertThat(page.getByText("Nothing is laid yet.")).isVisible();
        button("Add mats to all that shows").click();
        assertThat(toCut()).containsText("pieces");
        assertThat(page.getByText("Every layer lies where it can")).isVisible();
        button("Undo").click();
        assertThat(toCut()).hasCount(0);
        button("Undo").click();
        assertThat(toCut()).isVisible();
    }

    /** Each way takes the place of the one before; mats go into another paper at one go; a joint goes on bare card. */
    @Test
    void theWholeCardIsDressedInOneWayAndItsJointsLieWhereOneLikes() {
        layersOf("Kite theatre for the bandstand");
        button("One mat").click();
        assertThat(button("One mat")).hasAttribute("aria-pressed", "true");
        button("Border on border").click();
        assertThat(button("One mat")).hasAttribute("aria-pressed", "false");
        page.getByLabel("All mats").selectOption(new SelectOption().setLabel("Sun yellow paper"));
        assertThat(toCut().getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setName("Sun yellow paper")))
                .isVisible();
        face("Left wing, front").click();
        Locator band = page.getByRole(
                AriaRole.GROUP, new Page.GetByRoleOptions().setName("Band").setExact(true));
        assertThat(band.getByText("on the mat")).hasAttribute("aria-pressed", "true");
        band.getByText("on bare card").click();
        assertThat(band.getByText("on bare card")).hasAttribute("aria-pressed", "true");
        button("as usual").click();
        assertThat(band.getByText("on the mat")).hasAttribute("aria-pressed", "true");
        nothingSerious();
    }

    @Test
    void aPanelIsTickedAndItsStackChanged() {
        layersOf("Thank-you for the helpers");
        face("Leg, front").click();
        assertThat(face("Leg, front")).isChecked();
        assertThat(paper(1)).hasValue("own-sun");
        paper(1).selectOption(new SelectOption().setLabel("Poppy red paper"));
        assertThat(toCut().getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setName("Poppy red paper")))
                .isVisible();
        button("Border 5 mm for layer 1").click();
        assertThat(button("Border of layer 1")).hasAccessibleName("Border of layer 1: 5 mm. Press to change.");
        button("Border of layer 1").focus();
        page.keyboard().press("ArrowUp");
        assertThat(button("Border of layer 1")).hasAccessibleName("Border of layer 1: 6 mm. Press to change.");
        button("Border of layer 1").click();
        field("Border of layer 1").fill("60");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What to know")))
                .containsText("leaves nothing of the front of Leg");
        button("Undo").click();
        button("Take off").click();
        assertThat(paper(1)).hasCount(0);
        button("Lay this on it").click();
        assertThat(paper(1)).isVisible();
        for (int back = 0; back < 5; back++) {
            button("Undo").click();
        }
    }

    @Test
    void whatIsTypedWronglyStaysWithTheReason() {
        layersOf("Prize card, longest tail");
        face("Back, front").click();
        button("Border of layer 2").click();
        field("Border of layer 2").fill("1/");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("fraction");
        assertThat(field("Border of layer 2")).hasValue("1/");
        page.keyboard().press("Escape");
        button("own size").first().click();
        field("Width").fill("20 in");
        field("Height").fill("2 in");
        button("Cut it so").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What to know")))
                .containsText("reaches over");
        button("Undo").click();
    }

    @Test
    void onePaperRunsAcrossTheGate() {
        layersOf("Gate for the mayor");
        assertThat(toCut()).containsText("then cut it into two");
        face("Left flap, front").click();
        assertThat(button("Take off")).isVisible();
        face("Right flap, front").click();
        button("One paper across them").click();
        assertThat(toCut()).containsText("then cut it into two");
        face("Right flap, front").click();
        face("Back, inside").click();
        button("One paper across them").click();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What to know")))
                .containsText("side by side in no pose");
        button("Undo").click();
        assertThat(toCut()).containsText("then cut it into two");
    }

    @Test
    void byKeyboardAlone() {
        layersOf("Kite festival invitation");
        tabTo("Leg, front, seen");
        page.keyboard().press("Space");
        assertThat(face("Leg, front")).isChecked();
        tabTo("Take off");
        page.keyboard().press("Enter");
        tabTo("Lay this on it");
        page.keyboard().press("Enter");
        assertThat(button("Take off")).isVisible();
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(button("Redo")).isEnabled();
    }

    @Test
    void byTouch() {
        onATablet();
        layersOf("Kite festival invitation");
        face("Second leg, inside").tap();
        assertThat(face("Second leg, inside")).isChecked();
        face("Second leg, inside").tap();
        assertThat(face("Second leg, inside")).not().isChecked();
    }

    @Test
    void onAPhoneAllOfTheListAndOfAStackIsInSight() {
        page.setViewportSize(390, 780);
        layersOf("Prize card, longest tail");
        toCut().waitFor();
        nothingScrollsSideways();
        face("Leg, front").click();
        assertThat(paper(1)).isVisible();
        nothingScrollsSideways();
    }

    private void nothingScrollsSideways() {
        Assertions.assertThat(
                        page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                .isEqualTo(0);
    }

    @Test
    void theListLeavesTheHouse() throws IOException {
        layersOf("Programme of the two days");
        Download table =
                page.waitForDownload(() -> page.getByText("As a table (CSV)").click());
        Assertions.assertThat(table.suggestedFilename()).isEqualTo("Programme of the two days, layers.csv");
        Download pages =
                page.waitForDownload(() -> page.getByText("List and map as PDF").click());
        Assertions.assertThat(pages.suggestedFilename()).endsWith("layers.pdf");
    }

    @Test
    void layersAreSeenOnTheBenchInTheClosedCardAndInTheDrawer() {
        assertThat(tile("Kite festival invitation").locator("pattern").first()).isAttached();
        take("Kite festival invitation");
        assertThat(page.locator("section[aria-label^='Card base, open'] pattern[patternTransform]")
                        .first())
                .isAttached();
        assertThat(page.locator("section[aria-label='Closed, in its envelope'] pattern[patternTransform]")
                        .first())
                .isAttached();
    }

    @Test
    void layersOfAPanelThatIsGoneAreKeptAsideAndPutBack() {
        take("Programme of the two days");
        page.getByLabel("Panels").selectOption("4");
        assertThat(figures()).containsText("is not there any more");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Layers").setExact(true))
                .click();
        Locator aside = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Kept aside"));
        assertThat(aside).isVisible();
        int kept = aside.getByRole(AriaRole.LISTITEM).count();
        aside.getByText("throw them away").first().click();
        assertThat(aside.getByRole(AriaRole.LISTITEM)).hasCount(kept - 1);
        button("Undo").click();
        assertThat(aside.getByRole(AriaRole.LISTITEM)).hasCount(kept);
        button("Undo").click();
        assertThat(aside).hasCount(0);
    }

    @Test
    void aPictureOfOnesOwnBecomesAPaper() throws IOException {
        page.navigate(house.at("/tools"));
        page.getByLabel("Printed with").selectOption("IMAGE");
        page.locator("input[type=file]")
                .setInputFiles(
                        new FilePayload("notes.png", "image/png", "no picture".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("no PNG or JPEG picture");
        ByteArrayOutputStream drawn = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(300, 200, BufferedImage.TYPE_INT_RGB), "png", drawn);
        page.locator("input[type=file]").setInputFiles(new FilePayload("scan.png", "image/png", drawn.toByteArray()));
        assertThat(page.getByText("The picture is kept.")).isVisible();
        field("Name of the card").fill("Scanned cloud paper");
        field("g/m²").fill("120");
        page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("One more cardstock"))
                .getByText("Keep it")
                .click();
        assertThat(page.getByLabel("Cardstocks and papers").getByText("Scanned cloud paper"))
                .isVisible();
    }
}
