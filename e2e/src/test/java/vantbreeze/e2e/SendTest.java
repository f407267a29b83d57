package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The card at the counter: which service takes it, in what, and a change that lets a cheaper one. */
@FreshHouse
class SendTest extends Browsing {

    private void counterOf(String card) {
        take(card);
        page.keyboard().press("Alt+6");
        services().first().waitFor();
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).selectOption("de");
        assertThat(service("Compact letter")).isVisible();
    }

    private Locator services() {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Services"))
                .getByRole(AriaRole.LISTITEM);
    }

    private Locator service(String name) {
        return services().filter(new Locator.FilterOptions().setHasText(name)).first();
    }

    /** What stands in the way is told with by how much; the area is remembered for the next card. */
    @Test
    void theTheatreIsWeighed() {
        counterOf("Kite theatre for the bandstand");
        assertThat(service("Standard letter")).containsText(Pattern.compile("No: .*g too heavy"));
        assertThat(service("Compact letter")).containsText("Takes it.");
        assertThat(service("Compact letter")).hasAttribute("aria-current", "true");
        assertThat(page.getByRole(
                        AriaRole.IMG,
                        new Page.GetByRoleOptions().setName("The card in its envelope from a square, shut")))
                .isVisible();
        nothingSerious();
        page.getByLabel("In", new Page.GetByLabelOptions().setExact(true)).selectOption("");
        assertThat(page.getByText("It has no envelope")).isVisible();
        page.navigate(house.at("/"));
        take("Prize card, longest tail");
        page.keyboard().press("Alt+6");
        assertThat(service("Compact letter")).isVisible();
    }

    /** A price is typed once, by keyboard, and told at the counter; the shipped table is back at a press. */
    @Test
    void whatTheCounterSaysIsTyped() {
        page.navigate(house.at("/tools/post"));
        Locator germany = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Germany"));
        germany.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Change Compact letter"))
                .press("Enter");
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Change Compact letter"));
        form.getByLabel("Price").fill("free");
        form.getByLabel("Price").press("Enter");
        assertThat(form.getByRole(AriaRole.ALERT)).containsText("no price");
        form.getByLabel("Price").fill("1.10");
        form.getByLabel("Price").press("Enter");
        assertThat(germany.getByText("1.10 EUR")).isVisible();
        nothingSerious();
        page.navigate(house.at("/"));
        counterOf("Prize card, longest tail");
        assertThat(service("Compact letter")).containsText("1.10 EUR");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Change limits and prices"))
                .click();
        germany.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("As it came again"))
                .click();
        assertThat(germany.getByText("1.10 EUR")).hasCount(0);
    }

    /** At one press a stack of layers is off, the cheaper service takes it; undone, it does not. */
    @Test
    void aCheaperServiceAtOnePress() {
        counterOf("Kite festival invitation");
        page.getByLabel("In", new Page.GetByLabelOptions().setExact(true)).selectOption("");
        Locator standard = service("Standard letter");
        Locator way = standard.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("it goes$")));
        assertThat(standard).containsText("No:");
        way.first().click();
        assertThat(standard).containsText("Takes it.");
        button("Undo").click();
        assertThat(standard).containsText("No:");
    }
}
