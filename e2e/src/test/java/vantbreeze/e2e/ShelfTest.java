package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class ShelfTest extends Browsing {

    @BeforeEach
    void atTheShelf() {
        page.navigate(house.at("/shelf"));
        page.getByText("30 structures").waitFor();
    }

    private Locator model(String name) {
        return page.getByRole(
                AriaRole.RADIO, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private void filter(String label, String value) {
        page.getByLabel(label).selectOption(value);
    }

    @Test
    void modelsAreFoundBySearchAndFilters() {
        page.getByLabel("Look for").fill("scene shelf");
        assertThat(model("Stage")).isVisible();
        assertThat(model("Z-fold")).hasCount(0);
        page.getByLabel("Look for").fill("no such card");
        assertThat(page.getByText("Nothing on the shelf is all of that.")).isVisible();
        button("Show all").click();
        assertThat(model("Z-fold")).isVisible();
        filter("On the table", "lies");
        assertThat(page.getByText("3 of 30 structures.")).isVisible();
        filter("Pieces", "one");
        assertThat(model("Never-ending card")).hasCount(0);
        button("Show all").click();
        filter("How hard", "EASY");
        assertThat(model("Side fold")).isVisible();
        assertThat(model("Pillar card")).hasCount(0);
        filter("Folds", "FEW");
        assertThat(model("Z-fold")).isVisible();
    }

    @Test
    void anEnvelopeAndASheetLeaveWhatFitsThem() {
        filter("For envelope", "c6");
        filter("From sheet", "a4");
        model("Z-fold").click();
        assertThat(page.getByText(Pattern.compile("Largest"))).isVisible();
        assertThat(page.getByText(Pattern.compile("\\d+ of 30 structures|30 structures")))
                .isVisible();
    }

    @Test
    void aModelMovesWhilePointedAtAndRestsOtherwise() {
        Locator drawing = model("Gatefold").locator("path").first();
        String atRest = drawing.getAttribute("d");
        model("Gatefold").hover();
        assertThat(drawing).not().hasAttribute("d", atRest);
        page.mouse().move(5, 5);
        assertThat(drawing).hasAttribute("d", atRest);
    }

    @Test
    void aCardIsBegunByKeyboardAlone() {
        model("Z-fold").focus();
        page.keyboard().press("ArrowRight");
        assertThat(model("Double Z-fold")).isFocused();
        page.keyboard().press("ArrowRight");
        assertThat(model("Side fold")).isFocused();
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Side fold")))
                .isVisible();
        button("Begin this card").focus();
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("Structure")).hasValue("side-fold");
    }
}
