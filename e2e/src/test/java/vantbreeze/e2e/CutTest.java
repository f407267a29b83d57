package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.io.IOException;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** How a card is cut: looked at, walked through, moved by hand, kept. */
@FreshHouse
class CutTest extends Browsing {

    private void cutting(String card) {
        take(card);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cut").setExact(true))
                .click();
        sheets().waitFor();
    }

    private Locator sheets() {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("Sheets").setExact(true));
    }

    private Locator blank(String name) {
        return sheets().getByRole(
                        AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + ",")));
    }

    private void paper(String name) {
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name)).click();
    }

    @Test
    void thePlacesOfACardAreOnOneThread() {
        cutting("Kite theatre for the bandstand");
        Locator thread =
                page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Places of this card"));
        assertThat(thread.getByRole(AriaRole.LINK))
                .hasText(new String[] {"Bench", "Layers", "Cut", "At the table", "Wrap", "Send"});
        assertThat(thread.locator("[aria-current=page]")).hasText("Cut");
        page.keyboard().press("Alt+2");
        assertThat(thread.locator("[aria-current=page]")).hasText("Layers");
        page.keyboard().press("Alt+4");
        page.getByText("Step 1 of").waitFor();
        assertThat(thread.locator("[aria-current=page]")).hasText("At the table");
        page.keyboard().press("Alt+1");
        assertThat(thread.locator("[aria-current=page]")).hasText("Bench");
    }

    @Test
    void cutAfterCutIsShown() {
        cutting("Kite theatre for the bandstand");
        assertThat(sheets()).containsText("1 sheet of A4 (no plan takes less)");
        button("First cut").click();
        Locator now = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Now"));
        assertThat(now).containsText("Sheet 1, ");
        button("Next").click();
        assertThat(now).containsText("Strip A");
        assertThat(sheets().locator("[aria-current=step]")).hasCount(1);
        button("Back").click();
        assertThat(now).containsText("Sheet 1");
        button("Play them all").click();
        assertThat(now).containsText("Strip A");
        button("Hold on").click();
    }

    /** What is pointed at lights in the list too. */
    @Test
    void aPieceLightsWhereverItIs() {
        cutting("Kite theatre for the bandstand");
        blank("Band").hover();
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Pieces"))
                        .locator("[data-lit]"))
                .containsText("Band");
    }

    @Test
    void aPieceIsDraggedAndStays() {
        cutting("Kite theatre for the bandstand");
        BoundingBox from = blank("Card base").boundingBox();
        page.mouse().move(from.x + from.width / 2, from.y + from.height / 2);
        page.mouse().down();
        page.mouse()
                .move(from.x + from.width / 2 + 60, from.y + from.height / 2 - 40, new Mouse.MoveOptions().setSteps(6));
        page.mouse().up();
        assertThat(blank("Card base")).hasAttribute("aria-label", Pattern.compile("pinned$"));
        // what is dragged over is no text that is marked
        Assertions.assertThat(page.evaluate("getSelection().toString()")).isEqualTo("");
        BoundingBox to = blank("Card base").boundingBox();
        Assertions.assertThat(to.x - from.x).isBetween(50.0, 70.0);
        button("Undo").click();
        assertThat(blank("Card base")).hasAttribute("aria-label", Pattern.compile("(?<!pinned)$"));
    }

    @Test
    void aPieceIsMovedTurnedAndLetGoByKeys() {
        cutting("Kite theatre for the bandstand");
        blank("Band").focus();
        page.keyboard().press("Enter");
        assertThat(blank("Band")).hasAttribute("aria-pressed", "true");
        button("Pin it here").click();
        assertThat(blank("Band")).hasAttribute("aria-label", Pattern.compile("pinned$"));
        double before = blank("Band").boundingBox().height;
        button("Turn it").click();
        assertThat(sheets().getByText("Let it go")).isVisible();
        page.waitForCondition(() -> Math.abs(blank("Band").boundingBox().height - before) > 20);
        button("Let it go").click();
        assertThat(blank("Band")).hasAttribute("aria-label", Pattern.compile("(?<!pinned)$"));
    }

    @Test
    void aSheetIsLeftAloneAndAnotherTaken() {
        cutting("Kite theatre for the bandstand");
        page.getByLabel("How A4 is used").selectOption("not at all");
        assertThat(sheets()).containsText("Every sheet of it is left alone");
        page.getByText("Other sizes").click();
        page.getByLabel("How A3 is used").selectOption("for this paper too");
        assertThat(sheets()).containsText("1 sheet of A3");
        assertThat(sheets()).containsText("With nothing chosen by hand it takes 1 sheet of A4");
        button("Undo").click();
        button("Undo").click();
        assertThat(sheets()).containsText("1 sheet of A4 (no plan takes less)");
    }

    /** A piece is put on a kind of sheet that lies ready and that nothing is cut from yet. */
    @Test
    void aPieceGoesToAnotherKindOfSheet() {
        cutting("Kite theatre for the bandstand");
        page.getByText("Other sizes").click();
        page.getByLabel("How A3 is used").selectOption("for this paper too");
        assertThat(page.getByLabel("How A3 is used")).hasValue("ADDED");
        blank("Band").focus();
        page.keyboard().press("Enter");
        button("To A3").click();
        assertThat(blank("Band")).hasAttribute("aria-label", Pattern.compile("pinned$"));
        assertThat(sheets()).containsText("1 sheet of A3");
        button("Undo").click();
        assertThat(blank("Band")).hasAttribute("aria-label", Pattern.compile("(?<!pinned)$"));
        button("Undo").click();
        assertThat(sheets()).containsText("1 sheet of A4 (no plan takes less)");
    }

    /** What no sheet is large enough for is joined from parts, the seam moved, and all that undone. */
    @Test
    void aPieceLargerThanEverySheetIsJoined() {
        Object card = page.evaluate(
                """
                fetch('/api/cards', {
                  method: 'POST',
                  headers: { 'Content-Type': 'application/json' },
                  body: JSON.stringify({ structure: 'gatefold', ruler: 'mm', width: '320', height: '120' }),
                }).then((answer) => answer.json()).then(({ id }) => id)""");
        page.evaluate("id => location.assign(`/card/${id}/cut`)", card);
        assertThat(sheets()).containsText("is larger than every sheet");
        button("Join Card base from 3 parts").click();
        assertThat(blank("Part 3 of Card base")).isVisible();
        assertThat(sheets()).containsText("Card base is joined from 3 parts");
        Locator seam = button("Seam of Card base, from its left edge").first();
        String before = seam.textContent();
        seam.focus();
        page.keyboard().press("ArrowUp");
        assertThat(seam).not().hasText(before);
        button("Undo").click();
        assertThat(seam).hasText(before);
        button("Cut it whole").click();
        assertThat(sheets()).containsText("is larger than every sheet");
    }

    @Test
    void whatIsCutIsCountedAndTakenBack() {
        cutting("Gate for the mayor");
        Locator with = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("With this plan"));
        button("It is cut: count its sheets").click();
        assertThat(with).containsText("put in");
        assertThat(sheets()).containsText("from Gate for the mayor");
        with.getByText("Take that back").click();
        assertThat(sheets()).not().containsText("from Gate for the mayor");
        assertThat(with).not().containsText("Take that back");
    }

    @Test
    void thePlanGoesOnPaper() throws IOException {
        cutting("Gate for the mayor");
        Download pages =
                page.waitForDownload(() -> page.getByText("On paper (PDF)").click());
        Assertions.assertThat(pages.suggestedFilename()).isEqualTo("Gate for the mayor, cutting.pdf");
        Download table =
                page.waitForDownload(() -> page.getByText("Table (CSV)").click());
        Assertions.assertThat(Files.readString(table.path())).startsWith("paper,step,fence,");
    }

    @Test
    void cutByCutAtTheTable() {
        cutting("Kite theatre for the bandstand");
        page.getByText("Cut by cut, at the table").click();
        Locator now = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2));
        assertThat(now).containsText("Sheet 1");
        page.keyboard().press("Space");
        assertThat(now).containsText("Strip A");
    }

    @Test
    void nothingScrollsSidewaysOnAPhone() {
        cutting("Kite theatre for the bandstand");
        page.setViewportSize(390, 844);
        Object overflow = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        Assertions.assertThat(overflow).isEqualTo(0);
        page.setViewportSize(1024, 768);
        Assertions.assertThat(
                        page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                .isEqualTo(0);
        paper("Kites at night");
        assertThat(blank("Number 7")).isVisible();
    }
}
