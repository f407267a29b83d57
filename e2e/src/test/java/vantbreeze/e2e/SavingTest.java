package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Route;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is said of saving is true: saving, saved, or not saved, with why and a way to try again. */
@FreshHouse
class SavingTest extends Browsing {

    private String state() {
        return page.locator("[data-saving]").getAttribute("data-saving");
    }

    @Test
    void sayingSavedWaitsForTheHouse() {
        take("Kite festival invitation");
        List<Route> held = new ArrayList<>();
        page.route("**/changes", held::add);
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        assertThat(page.locator("[data-saving=saving]")).hasText("Saving…");
        page.waitForCondition(() -> !held.isEmpty());
        painted();
        assertThat(state()).isEqualTo("saving");
        held.get(0).resume();
        assertThat(page.locator("[data-saving=saved]")).isVisible();
        assertThat(keptMeasure("Leg")).isEqualTo("75 mm");
    }

    @Test
    void whatDidNotArriveIsToldAndDoneAgain() {
        take("Thank-you for the helpers");
        String before = keptMeasure("Leg");
        List<Route> refused = new ArrayList<>();
        page.route("**/changes", route -> {
            refused.add(route);
            route.abort();
        });
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        page.getByLabel("Name of the card").fill("Thank-you, all of you");
        page.getByLabel("Name of the card").press("Enter");
        assertThat(page.getByText("Not saved: your last 2 steps.")).isVisible();
        assertThat(page.getByLabel("Name of the card")).hasValue("Thank-you, all of you");
        int once = refused.size();
        button("Try again").click();
        // what is said stays while it is tried: only when it was refused once more may the house be heard again
        page.waitForCondition(() -> refused.size() > once);
        assertThat(button("Try again")).isEnabled();
        assertThat(page.getByText("Not saved: your last 2 steps.")).isVisible();
        page.unroute("**/changes");
        button("Try again").click();
        assertThat(page.locator("[data-saving=saved]")).isVisible();
        assertThat(keptMeasure("Leg")).isNotEqualTo(before);
        assertThat(kept().get("name").getAsString()).isEqualTo("Thank-you, all of you");
    }

    @Test
    void whatIsLeftOutIsAsItWas() {
        take("Prize card, longest tail");
        String before = keptMeasure("Leg");
        page.route(
                "**/changes",
                route -> route.fulfill(new Route.FulfillOptions()
                        .setStatus(507)
                        .setContentType("application/problem+json")
                        .setBody("{\"detail\":\"The disk is full, so this was not saved.\"}")));
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        assertThat(page.getByText("The disk is full, so this was not saved.").first())
                .isVisible();
        button("Leave it out").click();
        assertThat(page.locator("[data-saving=saved]")).isVisible();
        assertThat(keptMeasure("Leg")).isEqualTo(before);
    }

    @Test
    void leavingWithSomethingUnsavedAsksAndOtherwiseDoesNot() {
        List<String> asked = new ArrayList<>();
        page.onDialog((Dialog dialog) -> {
            asked.add(dialog.type());
            dialog.accept();
        });
        take("Programme of the two days");
        figure("Finished height").focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.locator("[data-saving=saved]")).isVisible();
        page.reload();
        figures().waitFor();
        assertThat(asked).isEmpty();
        page.route("**/changes", Route::abort);
        figure("Finished height").focus();
        page.keyboard().press("ArrowDown");
        assertThat(page.getByText("Not saved: your last step.")).isVisible();
        page.reload();
        figures().waitFor();
        assertThat(asked).containsExactly("beforeunload");
    }

    @Test
    void aNameThatIsTypedAndNotYetSentAsksToo() {
        List<String> asked = new ArrayList<>();
        page.onDialog(dialog -> {
            asked.add(dialog.type());
            dialog.accept();
        });
        take("Gate for the mayor");
        page.getByLabel("Name of the card").click();
        page.keyboard().type("!");
        page.evaluate("window.left = true; location.reload()");
        page.waitForCondition(() -> !asked.isEmpty());
        // a window that is closed while it is being left may never say that it is closed
        page.waitForFunction("() => !window.left");
        assertThat(asked).containsExactly("beforeunload");
    }
}
