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
