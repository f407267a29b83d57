package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The same, by keyboard alone: nothing is clicked. */
@FreshHouse
class BenchByKeyboardTest extends Browsing {

    private void open(String card) {
        tabTo("Open " + card);
        page.keyboard().press("Enter");
        figures().waitFor();
    }

    private void type(String text) {
        page.keyboard().press("Control+a");
        page.keyboard().type(text);
    }

    @Test
    void viewsAreLitAndMoved() {
        open("Kite festival invitation");
        tabTo("Card base, score 1");
        assertThat(page.locator("section[aria-label^='Card base, open'] line.stroke-picked")
                        .first())
                .isAttached();
        tabTo("How far it is closed");
        page.keyboard().press("End");
        assertThat(page.getByLabel("How far it is closed")).hasValue("100");
        tabTo("envelope on top");
        page.keyboard().press("Space");
        assertThat(button("envelope on top")).hasAttribute("aria-pressed", "true");
    }

    @Test
    void linesMoveByMarksAndFiguresAreTypedOver() {
        open("Kite festival invitation");
        tabTo("Card base, score 1");
        page.keyboard().press("ArrowRight");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 75 mm. Press to change.");
        page.keyboard().press("Enter");
        type("7 cm");
        page.keyboard().press("Enter");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 70 mm. Press to change.");
        tabTo("Lock Leg");
        page.keyboard().press("Space");
        assertThat(button("Lock Leg")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
    }

    @Test
    void aFreeCardIsBegunAndDrawn() {
        tabTo("A bare sheet");
        page.keyboard().press("Enter");
        page.keyboard().type("200 mm");
        page.keyboard().press("Tab");
        page.keyboard().type("90 mm");
        page.keyboard().press("Enter");
        figures().waitFor();
        tabTo("by figures…");
        page.keyboard().press("Enter");
        // one figure is enough for a score that runs straight up
        tabTo("Start, from left");
        page.keyboard().type("100 mm");
        page.keyboard().press("Enter");
        assertThat(handle("SCORE", 0, 0)).isAttached();
        tabTo("Card base, score 1");
        page.keyboard().press("f");
        assertThat(button("Flip score 1, now mountain")).isVisible();
        tabTo("Card base, score 1");
        page.keyboard().press("Delete");
        assertThat(handle("SCORE", 0, 0)).hasCount(0);
    }

    /** What each key does is listed at a question mark, and told where the score is that it works on. */
    @Test
    void keysAreTold() {
        open("Kite festival invitation");
        tabTo("Card base, score 1");
        assertThat(page.getByText("arrows move it").locator("visible=true")).hasCount(1);
        page.keyboard().press("?");
        Locator list = page.getByRole(AriaRole.DIALOG, new Page.GetByRoleOptions().setName("Keys"));
        assertThat(list).containsText("fold it the other way");
        nothingSeriousIn("[role=dialog]");
        page.keyboard().press("Escape");
        assertThat(list).hasCount(0);
        assertThat(page.locator(":focus")).hasAccessibleName(Pattern.compile("^Card base, score 1"));
        page.keyboard().press("Alt+2");
        assertThat(page).hasURL(Pattern.compile("/layers$"));
    }

    /** A slot in a panel, moved as a whole both ways; a piece that is glued on, moved by its corner. */
    @Test
    void slitsAndGluedPiecesAreMoved() {
        tabTo("A bare sheet");
        page.keyboard().press("Enter");
        page.keyboard().type("200 mm");
        page.keyboard().press("Tab");
        page.keyboard().type("90 mm");
        page.keyboard().press("Enter");
        figures().waitFor();
        tabTo("by figures…");
        page.keyboard().press("Enter");
        page.getByLabel("What", new Page.GetByLabelOptions().setExact(true)).selectOption("SLIT");
        for (String[] end : new String[][] {
            {"Start, from left", "50 mm"},
            {"Start, from foot", "40 mm"},
            {"End, from left", "80 mm"},
            {"End, from foot", "40 mm"}
        }) {
            tabTo(end[0]);
            page.keyboard().type(end[1]);
        }
        page.keyboard().press("Enter");
        assertThat(page.getByText("a slot to tuck something into")).isVisible();
        tabTo("Line 1, slit");
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowUp");
        assertThat(button("Line 1, start, from left: 51 mm")).isVisible();
        assertThat(button("Line 1, end, from foot: 42 mm")).isVisible();
        tabTo("another piece…");
        page.keyboard().press("Enter");
        tabTo("Width");
        page.keyboard().type("40 mm");
        tabTo("Height");
        page.keyboard().type("30 mm");
        page.keyboard().press("Enter");
        assertThat(button("its corner, from left: 80 mm").first()).isVisible();
        button("its corner, from left: 80 mm").first().focus();
        page.keyboard().press("ArrowLeft");
        assertThat(button("its corner, from left: 79 mm").first()).isVisible();
    }

    @Test
    void aRecipeIsTypedAndTakenToTheBench() {
        tabTo("A recipe");
        page.keyboard().press("Enter");
        page.getByLabel("Recipe").waitFor();
        page.keyboard().type("30 x 10 cm, score at 10 and 20, fold v m");
        assertThat(page.getByText("It closes, to 100 mm × 100 mm.").first()).isVisible();
        page.keyboard().press("Shift+Tab");
        page.keyboard().press("Enter");
        assertThat(handle("SCORE", 0, 1)).isAttached();
    }

    @Test
    void anotherRulerIsChosen() {
        open("Thank-you for the helpers");
        tabTo("Ruler");
        page.keyboard().press("i");
        assertThat(page.getByText("No figure moves by more than")).isVisible();
        tabTo("Bring every figure to its mark");
        page.keyboard().press("Enter");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 2¼ in. Press to change.");
        page.keyboard().press("Control+z");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 56 mm. Press to change.");
    }

    @Test
    void stockIsKept() {
        tabTo("Tools and papers");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Tools and papers"))
                .waitFor();
        tabTo("Name of the card");
        page.keyboard().type("Chalk white");
        page.keyboard().press("Tab");
        page.keyboard().type("260");
        page.keyboard().press("Enter");
        assertThat(page.getByText("260 g/m², 0.31 mm, grain unknown, plain")).isVisible();
    }
}
