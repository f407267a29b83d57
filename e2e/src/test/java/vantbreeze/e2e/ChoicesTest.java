package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** Variants, outlines and poses on the bench. */
@FreshHouse
class ChoicesTest extends Browsing {

    @Test
    void aVariantIsChosenOnTheBenchAndTakenBack() {
        take("Programme of the two days");
        assertThat(piece("Second half")).isVisible();
        page.getByLabel("Made of").selectOption("one");
        assertThat(piece("Second half")).hasCount(0);
        assertThat(page.getByText("too long for a sheet of A4")).isVisible();
        button("Make it of two halves with a tab").click();
        assertThat(piece("Second half")).isVisible();
        button("Undo").click();
        assertThat(page.getByText("too long for a sheet of A4")).isVisible();
    }

    @Test
    void anOutlineOfOnesOwnIsTakenOrRefusedWithTheReason() {
        take("Row of kites for the window");
        Locator path = page.getByLabel("Its SVG path");
        path.fill("M 0 0 L 40 0 L 60 60 L 0 60 Z");
        path.blur();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not the same left and right");
        assertThat(path).hasValue("M 0 0 L 40 0 L 60 60 L 0 60 Z");
        path.fill("M 0 0 L 40 0 L 40 60 L 0 60 Z");
        path.blur();
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        page.getByLabel("Outline", new Page.GetByLabelOptions().setExact(true)).selectOption("heart");
        assertThat(path).hasCount(0);
    }

    @Test
    void theFacesOfTheNeverEndingCardAreGoneTo() {
        take("How the kite got its tail");
        Locator poses = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Poses"));
        assertThat(poses.getByRole(AriaRole.BUTTON)).hasCount(4);
        poses.getByText("Second face").click();
        assertThat(poses.getByText("Second face")).hasAttribute("aria-pressed", "true");
    }

    @Test
    void theSameCardInAnotherSizeAndBack() {
        take("Kite theatre for the bandstand");
        button("Fill the envelope").click();
        assertThat(figure("Finished width")).hasAccessibleName("Finished width: 155 mm. Press to change.");
        button("Make it upright").click();
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 155 mm. Press to change.");
        page.getByText("Same card, another size").click();
        page.getByLabel("New width").fill("6 in");
        page.getByLabel("New height").fill("six");
        button("Resize").click();
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        assertThat(page.getByLabel("New width")).hasValue("6 in");
        page.getByLabel("New height").fill("4 in");
        page.keyboard().press("Enter");
        assertThat(figure("Finished width")).hasAccessibleName("Finished width: 152 mm. Press to change.");
        assertThat(page.getByText("It closes")).isVisible();
        button("Undo").click();
        button("Undo").click();
        button("Undo").click();
        assertThat(figure("Finished width")).hasAccessibleName("Finished width: 150 mm. Press to change.");
    }
}
