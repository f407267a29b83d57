package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Dies and punches kept, and cards that take their sizes; a print slid; a piece taken up from the strip. */
@FreshHouse
class DiesTest extends Browsing {

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void diesAreKeptAndAskedWhichGoTogether() {
        page.navigate(house.at("/tools"));
        Locator dies = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Dies and punches"));
        assertThat(dies.getByText("Sun circles").first()).isVisible();
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("One more nest"));
        form.getByLabel("Name").fill("Balloon ovals");
        form.getByLabel("They cut").selectOption("oval");
        form.getByLabel("Width × height").fill("40");
        form.getByText("Keep it").click();
        assertThat(form.getByRole(AriaRole.ALERT)).containsText("tells one measure only");
        assertThat(form.getByLabel("Width × height")).hasValue("40");
        form.getByLabel("Width × height").fill("40 x 60 mm, 30 x 50 mm");
        page.keyboard().press("Enter");
        assertThat(dies.getByText("Balloon ovals")).isVisible();
        dies.getByLabel("A ring this wide").fill("5 mm");
        button("Which two leave it?").click();
        assertThat(dies.getByRole(AriaRole.STATUS)).containsText("Balloon ovals");
        button("Which three make an even frame?").click();
        assertThat(dies.getByRole(AriaRole.STATUS)).containsText("Sun circles");
        nothingSeriousIn("[aria-label='Dies and punches']");
    }

    @Test
    void aFrameIsLaidOnAPanelByKeyboardAndSaysWhichDiesCutIt() {
        take("Kite festival invitation");
        page.getByText("Layers", new Page.GetByTextOptions().setExact(true)).click();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Back, front, seen")))
                .first()
                .press("Space");
        button("From my dies…").press("Enter");
        assertThat(dialog()).containsText("Frames: one on another");
        nothingSeriousIn("[role=dialog]");
        dialog().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("Cloud labels: .*all round")))
                .first()
                .press("Enter");
        assertThat(dialog()).hasCount(0);
        Locator cut = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("To cut"));
        assertThat(cut).containsText("label of Cloud labels");
        nothingSeriousIn("main");
        button("Undo").click();
        assertThat(cut.getByText("label of Cloud labels")).hasCount(0);
    }

    @Test
    void aPieceIsTakenUpFromTheStripAndItsDieTold() {
        take("First flight of the season");
        assertThat(page.getByLabel("Card base, open, this side up")).isVisible();
        piece("Card base").press("ArrowRight");
        assertThat(page.getByLabel("Kite mount, open, this side up")).isVisible();
        button("Lay Kite on the board").press("Enter");
        assertThat(piece("Kite").last()).isFocused();
        assertThat(page.getByLabel("Kite, open, this side up")).isVisible();
        assertThat(page.getByText("with the 42 mm circle of Sun circles")).isVisible();
        page.getByText("From my dies").click();
        Locator offers = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What my dies cut"));
        assertThat(offers.locator("[aria-pressed=true]")).containsText("42");
        offers.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("34"))
                .click();
        assertThat(page.getByText("with the 34 mm circle of Sun circles")).isVisible();
        nothingSeriousIn("main");
    }

    @Test
    void aPrintIsSlidUnderTheScores() {
        take("Kite festival invitation");
        page.getByLabel("Cardstock", new Page.GetByLabelOptions().setExact(true))
                .selectOption("own-awning");
        Locator across = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Print of Card base begins from left: 0 mm"));
        across.press("ArrowUp");
        assertThat(page.getByLabel("Slide the print of Card base")).hasValue("");
        page.getByLabel("Slide the print of Card base").selectOption(new SelectOption().setIndex(2));
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Print of Card base begins from left: 74 mm")))
                .isVisible();
        nothingSeriousIn("[aria-label=Figures]");
    }

    @Test
    void aPlaceToWriteIsMadeAtAClick() {
        take("Kite festival invitation");
        page.getByLabel("Cardstock", new Page.GetByLabelOptions().setExact(true))
                .selectOption("own-dusk");
        page.getByText("Layers", new Page.GetByTextOptions().setExact(true)).click();
        button("Take all off").click();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Bench"))
                .click();
        assertThat(page.getByText("There is nowhere to write")).isVisible();
        button("Set a small folded card on one").click();
        assertThat(page.getByText("There is nowhere to write")).hasCount(0);
        assertThat(piece("Small folded card")).isVisible();
        button("Undo").click();
        assertThat(page.getByText("There is nowhere to write")).isVisible();
    }
}
