package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A newcomer's whole story; how long it takes by the browser's clock is printed, and measured by the benchmarks. */
@FreshHouse
class NewcomerTest extends Browsing {

    @Test
    void aStructureIsFoundFittedMovedSeenToFailMendedAndWrittenOut() {
        double begun = ((Number) page.evaluate("Date.now()")).doubleValue();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Look on the shelf"))
                .click();
        page.getByRole(
                        AriaRole.RADIO,
                        new Page.GetByRoleOptions().setName("Gatefold").setExact(true))
                .click();
        button("Begin this card").click();
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit"))
                .getByRole(AriaRole.BUTTON)
                .first()
                .click();
        figures().waitFor();
        button("Make it free").click();
        assertThat(page.getByText("It closes")).isVisible();
        // the right flap made wider lies on the left one
        button("Card base, score 2, from the fence").focus();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("ArrowLeft");
        }
        assertThat(page.getByText("overlap by").first()).isVisible();
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        page.keyboard().press("Control+z");
        assertThat(page.getByText("overlap by")).hasCount(0);
        button("Print, write, save").click();
        button("Written out as a recipe").click();
        assertThat(page.getByLabel("The recipe")).hasValue(Pattern.compile(".*Fold v, v\\..*", Pattern.DOTALL));
        double took = ((Number) page.evaluate("Date.now()")).doubleValue() - begun;
        System.out.printf("a newcomer's whole story took %.1f s by the browser's clock%n", took / 1000);
    }
}
