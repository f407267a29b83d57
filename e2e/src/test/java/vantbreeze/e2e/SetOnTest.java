package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Mounts, figures and small cards set on a card at the bench. */
@FreshHouse
class SetOnTest extends Browsing {

    private Locator dialog() {
        return page.getByRole(AriaRole.DIALOG);
    }

    @Test
    void aFigureIsSetOnByKeyboardMeasuredAndTakenOff() {
        take("Kite festival invitation");
        button("Set something on it…").press("Enter");
        assertThat(dialog().getByText("Figure on a tab")).isVisible();
        nothingSeriousIn("[role=dialog]");
        assertThat(dialog().getByText("Set it on")).isDisabled();
        dialog().getByLabel("On", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("Back");
        dialog().getByLabel("What you call it, if you like").fill("Paper kite");
        dialog().getByRole(AriaRole.RADIO, new Locator.GetByRoleOptions().setName("Figure on a tab"))
                .press("Space");
        page.keyboard().press("Enter");
        assertThat(dialog()).hasCount(0);
        assertThat(button("Set something on it…")).isFocused();
        Locator rows = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Paper kite"));
        assertThat(rows).containsText("on Back");
        assertThat(page.getByLabel("Paper kite, open, this side up")).isVisible();
        figure("Breadth").click();
        field("Breadth").fill("30");
        page.keyboard().press("Enter");
        assertThat(figure("Breadth")).hasAccessibleName("Breadth: 30 mm. Press to change.");
        nothingSeriousIn("[aria-label=Figures]");
        button("take Paper kite off").click();
        assertThat(page.getByLabel("Paper kite, open, this side up")).hasCount(0);
        button("Undo").click();
        assertThat(figure("Breadth")).hasAccessibleName("Breadth: 30 mm. Press to change.");
    }

    /** What excludes another measure offers both ways out, and one is gone at a click. */
    @Test
    void aWayOutIsGone() {
        take("First flight of the season");
        figure("Finished height").click();
        field("Finished height").fill("70");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("exclude one another");
        nothingSeriousIn("[aria-label=Figures]");
        Locator way = page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the finished height"));
        way.last().click();
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        button("Undo").click();
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 144 mm. Press to change.");
    }

    @Test
    void whatDoesNotGoThereSaysWhy() {
        take("First flight of the season");
        button("Set something on it…").click();
        dialog().getByLabel("On", new Locator.GetByLabelOptions().setExact(true))
                .selectOption("Back");
        assertThat(dialog().getByText("Something else is in the way there when the card closes.")
                        .first())
                .isVisible();
        page.keyboard().press("Escape");
        assertThat(dialog()).hasCount(0);
    }
}
