package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** What there is to glue with: kept, changed, put away, and what the table says then. */
@FreshHouse
class AdhesivesTest extends Browsing {

    private Locator form(String name) {
        return page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName(name));
    }

    private Locator adhesives() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Adhesives"));
    }

    @Test
    void anAdhesiveIsKeptChangedAndForgottenByKeyboard() {
        page.navigate(house.at("/tools"));
        form("One more adhesive").getByLabel("Name").fill("Kite paste");
        form("One more adhesive").getByLabel("Can be moved for").fill("2");
        form("One more adhesive").getByLabel("Sets in").fill("1 h");
        page.keyboard().press("Enter");
        assertThat(form("One more adhesive").getByRole(AriaRole.ALERT)).containsText("Type 2 s, 2 min or 2 h");
        form("One more adhesive").getByLabel("Can be moved for").fill("2 min");
        page.keyboard().press("Enter");
        assertThat(adhesives()).containsText("can be moved for 2 min, sets in 1 h");
        nothingSeriousIn("[aria-label='Adhesives']");
        button("Change Kite paste").press("Enter");
        assertThat(form("Change Kite paste").getByLabel("Name")).hasValue("Kite paste");
        form("Change Kite paste").getByLabel("Sets in").fill("30 min");
        form("Change Kite paste").getByLabel("Caution").fill("Wash the brush at once.");
        page.keyboard().press("Enter");
        assertThat(adhesives()).containsText("sets in 30 min");
        assertThat(adhesives()).containsText("Wash the brush at once.");
        button("Forget it: Kite paste").press("Enter");
        assertThat(adhesives().getByText("Kite paste")).hasCount(0);
    }

    /** Nothing on hand that holds a band: said at the table, in the list of what it may be glued with, and undone. */
    @Test
    void whatIsNotOnHandIsToldAtTheTable() {
        take("Kite theatre for the bandstand");
        String card = page.url();
        String[] hold = {"Wet glue", "Construction glue", "Strong double-sided tape"};
        page.navigate(house.at("/tools"));
        for (String one : hold) {
            button("Hide " + one).click();
            assertThat(button("Show " + one)).isVisible();
        }
        page.navigate(card.replaceAll("[?#].*", "") + "/table");
        Locator mind = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Mind"));
        assertThat(mind).containsText("is not on hand: get some, or choose something else, for “Glue ");
        page.navigate(house.at("/tools"));
        for (String one : hold) {
            button("Show " + one).click();
            assertThat(button("Hide " + one)).isVisible();
        }
    }
}
