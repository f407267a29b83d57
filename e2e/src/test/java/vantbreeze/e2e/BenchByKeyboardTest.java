package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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
        for (String figure : new String[] {
            "Start, from left",
            "100 mm",
            "Start, from foot",
            "0 mm",
            "End, from left",
            "100 mm",
            "End, from foot",
            "90 mm"
        }) {
            if (figure.contains(",")) {
                tabTo(figure);
            } else {
                page.keyboard().type(figure);
            }
        }
        page.keyboard().press("Enter");
        assertThat(handle("SCORE", 0, 0)).isAttached();
        tabTo("Card base, score 1");
        page.keyboard().press("f");
        assertThat(button("Flip score 1, now mountain")).isVisible();
        tabTo("Card base, score 1");
        page.keyboard().press("Delete");
        assertThat(handle("SCORE", 0, 0)).hasCount(0);
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
