package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.LinkedHashSet;
import java.util.Set;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** A card found on the shelf, made to fit, dressed, cut and built to its last step: nothing is clicked. */
@FreshHouse
class StoryByKeyboardTest extends Browsing {

    /** More steps and figures than any card has. */
    private static final int FAR = 300;

    private void enter(String name) {
        tabTo(name);
        page.keyboard().press("Enter");
    }

    /** On by Tab until something in there has the focus. */
    private void tabInto(Locator part) {
        part.first().waitFor();
        for (int i = 0; i < FAR; i++) {
            page.keyboard().press("Tab");
            if ((boolean) part.first().evaluate("part => part.contains(document.activeElement)")) {
                return;
            }
        }
        throw new AssertionError("no Tab leads into " + part);
    }

    private Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2))
                .first();
    }

    @Test
    void fromTheShelfToTheLastStep() {
        enter("Look on the shelf");
        Locator stage = page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName("Stage").setExact(true));
        tabInto(page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Structures")));
        Locator focused = page.locator(":focus");
        for (String at = focused.innerText(); !at.equals("Stage"); at = focused.innerText()) {
            page.keyboard().press("ArrowRight");
            assertThat(focused).not().hasText(at);
        }
        page.keyboard().press("Enter");
        assertThat(stage).isChecked();
        enter("Begin this card");

        tabInto(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit")));
        page.keyboard().press("Enter");
        assertThat(page.getByText("Ready to cut.")).isVisible();

        page.keyboard().press("Alt+2");
        enter("Add mats to all that shows");
        assertThat(page.getByText("Every layer lies where it can")).isVisible();

        page.keyboard().press("Alt+3");
        page.getByRole(
                        AriaRole.REGION,
                        new Page.GetByRoleOptions().setName("Sheets").setExact(true))
                .waitFor();
        enter("First cut");
        Locator now = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Now"));
        assertThat(now).containsText("Sheet 1, ");
        String first = now.innerText();
        enter("Next");
        assertThat(now).not().hasText(first);

        page.keyboard().press("Alt+4");
        page.getByText("Step 1 of").waitFor();
        Set<String> told = new LinkedHashSet<>();
        for (int i = 0; i < FAR && !button("That was the last").isVisible(); i++) {
            told.add(heading().innerText());
            page.keyboard().press("PageDown");
        }
        assertThat(heading()).hasText("Write it and send it");
        Assertions.assertThat(told)
                .anyMatch(step -> step.contains("at the fence"))
                .anyMatch(step -> step.startsWith("Score"))
                .anyMatch(step -> step.startsWith("Add"))
                .anyMatch(step -> step.startsWith("Glue"))
                .contains("Try the card");
        assertThat(button("That was the last")).isDisabled();
    }
}
