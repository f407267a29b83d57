package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** A browser without WebGL, and parts that do not arrive or break: the rest goes on. */
@FreshHouse
class BrokenPartsTest extends Browsing {

    static final String NO_WEBGL =
            """
            HTMLCanvasElement.prototype.getContext = ((own) => function (kind, ...rest) {
              return /webgl/.test(kind) ? null : own.call(this, kind, ...rest)
            })(HTMLCanvasElement.prototype.getContext)""";

    private Locator drawnFlat() {
        return page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("The card part-open, drawn flat"));
    }

    private void everythingElseWorks() {
        assertThat(drawnFlat().locator("svg > g > path")).hasCount(3);
        String before = drawnFlat().innerHTML();
        page.getByLabel("How far it is closed").fill("90");
        assertThat(drawnFlat().innerHTML()).isNotEqualTo(before);
        String leg = keptMeasure("Leg");
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        assertThat(button("Undo")).isEnabled();
        assertThat(keptMeasure("Leg")).isNotEqualTo(leg);
        page.getByText("Layers", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(button("Add mats to all that shows")).isVisible();
        assertThat(drawnFlat()).isVisible();
    }

    @Test
    void withoutWebGlTheCardIsDrawnFlat() {
        expectComplaint("WebGL");
        page.addInitScript(NO_WEBGL);
        page.navigate(house.at("/"));
        take("Kite festival invitation");
        everythingElseWorks();
        page.navigate(house.at("/recipe"));
        page.getByLabel("Recipe").fill("11 x 4 1/4 in, score at 2 3/4 and 5 1/2, fold m v");
        assertThat(drawnFlat()).isVisible();
        page.getByLabel("Recipe").fill("");
    }

    @Test
    void wherePartsForDrawingInSpaceDoNotArriveItIsDrawnFlatToo() {
        expectComplaint("Failed to fetch dynamically imported module");
        page.route("**/assets/FoldedObject-*.js", Route::abort);
        take("Thank-you for the helpers");
        everythingElseWorks();
    }

    @Test
    void wherePixelsAreLostItIsDrawnFlatFromThenOn() {
        take("Prize card, longest tail");
        // three tells how it is taken away once there is nothing left to draw with
        expectComplaint("WEBGL_lose_context|Context Lost");
        page.locator("canvas[data-engine]").waitFor();
        painted();
        page.evaluate("document.querySelector('canvas').getContext('webgl2')"
                + ".getExtension('WEBGL_lose_context').loseContext()");
        assertThat(drawnFlat()).isVisible();
    }

    /** An answer of another shape than the place expects stands for any fault of ours in it. */
    @Test
    void aPlaceThatBreaksSaysSoAndTheOthersWork() {
        expectComplaint("is not a function");
        page.route(
                "**/api/copies",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("application/json")
                        .setBody("{\"not\":\"a list\"}")));
        page.navigate(house.at("/safe-keeping"));
        assertThat(page.getByText("This place can’t be shown")).isVisible();
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Drawer").setExact(true))
                .click();
        assertThat(tile("Gate for the mayor")).isVisible();
        page.unroute("**/api/copies");
        page.navigate(house.at("/safe-keeping"));
        assertThat(page.getByText("Save everything in a file")).isVisible();
    }
}
