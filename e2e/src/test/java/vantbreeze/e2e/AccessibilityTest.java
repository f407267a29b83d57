package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;

/** axe-core's rules for WCAG 2.2 A and AA on the views, with what opens in them; others are where they are changed. */
class AccessibilityTest extends Browsing {

    @Test
    void theDrawer() {
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit"))
                .waitFor();
        nothingSerious();
    }

    @Test
    void safeKeeping() {
        page.navigate(house.at("/safe-keeping"));
        page.getByText("the first use of that day").waitFor();
        nothingSerious();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put back the copy of"))
                .first()
                .click();
        page.getByRole(AriaRole.DIALOG)
                .getByText("The copy is of")
                .or(page.getByText("Everything is as it was"))
                .first()
                .waitFor();
        nothingSeriousIn("[role=dialog]");
    }

    @Test
    void theBenchThatCannotSave() {
        take("Workshop for twelve, practice card");
        page.route("**/changes", route -> route.abort());
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        page.getByText("Not saved").waitFor();
        nothingSerious();
        button("Leave it out").click();
    }

    @Test
    void theShelf() {
        page.navigate(house.at("/shelf"));
        page.getByText("30 structures").waitFor();
        nothingSerious();
        page.getByLabel("For envelope").selectOption("c6");
        page.getByText("Largest").waitFor();
        nothingSerious();
    }

    @Test
    void theBenchWithChoicesGlueAndPoses() {
        take("Programme of the two days");
        page.locator("canvas").waitFor();
        nothingSerious();
        page.navigate(house.at("/"));
        take("How the kite got its tail");
        page.locator("canvas").waitFor();
        nothingSerious();
    }

    @Test
    void theBench() {
        take("Workshop for twelve, practice card");
        page.locator("canvas").waitFor();
        nothingSerious();
        figure("Leg").click();
        field("Leg").fill("abc");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.ALERT).waitFor();
        nothingSeriousIn("[aria-label=Figures]");
        page.keyboard().press("Escape");
        button("Print, write, save").click();
        nothingSeriousIn("[role=dialog]");
    }

    @Test
    void theFreeCardAndItsSlips() {
        take("Kite tail, forty folds");
        page.locator("canvas").waitFor();
        nothingSerious();
        button("glue…").click();
        nothingSeriousIn("[role=dialog]");
        page.keyboard().press("Escape");
        button("all 40 panels").click();
        nothingSeriousIn("[aria-label=Figures]");
    }

    @Test
    void theRecipeTheToolsAndTheTable() {
        page.navigate(house.at("/recipe"));
        page.getByLabel("Recipe").fill("12 in x 4 in, scroe at 3 in, score at 3, 6, 8 in, fold v m v, mat 6 x 7 in");
        page.getByText("It does not close").waitFor();
        page.getByText("It may also be").waitFor();
        nothingSerious();
        page.getByLabel("Recipe").fill("10 in x 7 in base, scroe at 2 in and 5 in, fold m v");
        page.getByText("Is one of these figures misread?").waitFor();
        nothingSerious();
        page.navigate(house.at("/tools"));
        page.getByText("Poster offcuts").waitFor();
        nothingSerious();
        page.navigate(house.at("/tools/allowances"));
        page.getByText("Sliver off a tube").waitFor();
        nothingSerious();
        page.navigate(house.at("/"));
        take("Kite festival invitation");
        page.getByLabel("Ruler").selectOption("eighths");
        page.getByText("No figure moves by more than").waitFor();
        nothingSerious();
        page.keyboard().press("Escape");
        page.getByText("At the table").click();
        page.getByText("All steps").waitFor();
        nothingSerious();
        page.getByText("All steps").click();
        page.getByText("Layers are added").waitFor();
        nothingSerious();
    }

    @Test
    void howItIsCut() {
        take("Gate for the mayor");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cut").setExact(true))
                .click();
        page.getByText("First cut").click();
        page.getByText("Other sizes").click();
        nothingSerious();
        page.getByText("Cut by cut, at the table").click();
        page.getByText("All steps").waitFor();
        nothingSerious();
    }

    @Test
    void theLayersWithPanelsTicked() {
        take("Gate for the mayor");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Layers").setExact(true))
                .click();
        page.getByRole(AriaRole.CHECKBOX).first().click();
        page.getByText("One more layer").waitFor();
        nothingSerious();
        page.getByText("own size").first().click();
        nothingSeriousIn("[role=dialog]");
    }

    @Test
    void theBenchOnASmallTablet() {
        page.setViewportSize(1024, 768);
        take("Kite festival invitation");
        Object overflow = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(overflow).isEqualTo(0);
        nothingSerious();
    }

    @Test
    void everyControlIsReachedByTab() {
        take("Kite festival invitation");
        page.locator("canvas").waitFor();
        for (String wanted : List.of("Leg, width", "Finished height", "How far it is closed", "Envelope")) {
            boolean found = false;
            for (int i = 0; i < 40 && !found; i++) {
                page.keyboard().press("Tab");
                String name = (String) page.evaluate("(() => { const e = document.activeElement; return e.ariaLabel || "
                        + "e.labels?.[0]?.textContent || e.textContent })()");
                found = name != null && name.startsWith(wanted);
            }
            assertThat(found).as("%s reached by Tab", wanted).isTrue();
        }
        assertThat(kept().get("revision").getAsInt())
                .as("going round changes nothing")
                .isZero();
    }
}
