package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.RequestOptions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** At the table: step by step from bare sheets to the finished card, by mouse, keyboard and pedal. */
@FreshHouse
class TableTest extends Browsing {

    /** From its first step. */
    private void atTheTable(String card) {
        take(card);
        page.request().post(house.at("/api/cards/" + id() + "/building/anew"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("At the table"))
                .click();
        page.getByText("Step 1 of").waitFor();
    }

    private String id() {
        return page.url().replaceAll(".*/card/([^/?]+).*", "$1");
    }

    private Locator heading() {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2));
    }

    private Locator steps() {
        return page.getByRole(AriaRole.DIALOG);
    }

    /** On until a step is about something, as a pedal does. */
    private void pedalTo(String what) {
        for (int i = 0; i < 120 && !heading().first().innerText().startsWith(what); i++) {
            page.keyboard().press("PageDown");
        }
        assertThat(heading().first()).containsText(what);
    }

    @Test
    void oneThingAtATimeBySpaceAndArrowsAndBack() {
        atTheTable("Kite theatre for the bandstand");
        assertThat(button("Back")).isDisabled();
        pedalTo("Score Card base");
        assertThat(page.getByText("This side up, left edge at the fence.")).isVisible();
        assertThat(page.locator("main svg > line.stroke-picked")).hasCount(1);
        page.keyboard().press("Space");
        assertThat(page.getByText(", 2 of 4")).isVisible();
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText(", 3 of 4")).isVisible();
        page.keyboard().press("ArrowLeft");
        assertThat(page.getByText(", 2 of 4")).isVisible();
        button("Next").click();
        assertThat(page.getByText(", 3 of 4")).isVisible();
        button("Back").click();
        page.keyboard().press("PageUp");
        assertThat(page.getByText(", 1 of 4")).isVisible();
    }

    /** Every step to the last, each with something to read, and what is done is told. */
    @Test
    void toTheEnd() {
        atTheTable("Prize card, longest tail");
        for (int i = 0; i < 200 && !button("That was the last").isVisible(); i++) {
            Assertions.assertThat(heading().first().innerText()).isNotBlank();
            page.keyboard().press("PageDown");
        }
        assertThat(button("That was the last")).isVisible();
        assertThat(heading()).hasText("Write it and send it");
        button("All steps").click();
        assertThat(steps().getByText("— done").first()).isVisible();
    }

    /** The last step can be done too, by hand. */
    @Test
    void theLastStepIsDone() {
        atTheTable("Programme of the two days");
        button("All steps").click();
        steps().getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions()
                                .setName("Write it and send it")
                                .setExact(true))
                .click();
        for (int i = 0; i < 3 && !button("Done: the card is made").isVisible(); i++) {
            button("Next").click();
        }
        button("Done: the card is made").click();
        assertThat(button("That was the last")).isDisabled();
        button("All steps").click();
        assertThat(steps().getByRole(AriaRole.LISTITEM).last()).containsText("— done");
    }

    @Test
    void aFingerDrawnAcrossGoesOnAndBack() {
        atTheTable("Kite theatre for the bandstand");
        pedalTo("Score Card base");
        draw(900, 300, 500);
        assertThat(page.getByText(", 2 of 4")).isVisible();
        draw(500, 310, 900);
        assertThat(page.getByText(", 1 of 4")).isVisible();
        // too short, or down the page: no swipe
        draw(500, 300, 460);
        assertThat(page.getByText(", 1 of 4")).isVisible();
    }

    /** As the browser tells a finger. */
    private void draw(int from, int height, int to) {
        for (Map.Entry<String, Integer> one : List.of(Map.entry("pointerdown", from), Map.entry("pointerup", to))) {
            page.locator("main")
                    .dispatchEvent(
                            one.getKey(),
                            Map.of(
                                    "bubbles",
                                    true,
                                    "pointerType",
                                    "touch",
                                    "clientX",
                                    one.getValue(),
                                    "clientY",
                                    height));
        }
    }

    /** What the browser would say, told to the page instead: there is no voice in a test. */
    @Test
    void eachStepIsReadAloudWhenWanted() {
        page.addInitScript(
                """
                window.said = []
                window.speechSynthesis.speak = (words) => window.said.push(words.text)
                """);
        atTheTable("Kite theatre for the bandstand");
        page.reload();
        pedalTo("Score Card base");
        Assertions.assertThat(said()).isZero();
        button("Read aloud").click();
        page.waitForCondition(() -> said() == 1);
        Assertions.assertThat((String) page.evaluate("said[0]"))
                .startsWith("Score Card base. ")
                .contains("34 mm");
        page.keyboard().press("PageDown");
        page.waitForCondition(() -> said() == 2);
        button("Stop reading aloud").click();
        page.keyboard().press("PageDown");
        assertThat(page.getByText(", 3 of 4")).isVisible();
        Assertions.assertThat(said()).isEqualTo(2);
    }

    private int said() {
        return ((Number) page.evaluate("said.length")).intValue();
    }

    @Test
    void whatCameOutOtherwiseIsToldAndFollowed() {
        atTheTable("Instructions for young pilots");
        button("It came out otherwise").click();
        Locator width = steps().getByLabel("Card base, height:");
        width.click();
        page.keyboard().type("45");
        page.keyboard().press("Enter");
        assertThat(steps().getByText("too far off")).isVisible();
        page.keyboard().press("Escape");
        width.press("ArrowDown");
        assertThat(steps().getByText("1 mm less than planned")).isVisible();
        assertThat(page.getByText("Not as planned: Card base, height 145 mm")).isVisible();
        steps().getByText("Make the rest fit this").click();
        assertThat(page.getByText("Not as planned")).hasCount(0);
        assertThat(width).containsText("145");
        steps().getByLabel("As planned: Card base, height").click();
        page.keyboard().press("Escape");
        assertThat(steps()).hasCount(0);
        page.keyboard().press("Control+z");
        button("It came out otherwise").click();
        assertThat(width).containsText("146");
    }

    @Test
    void itGoesOnWhereItStopped() {
        atTheTable("Kite theatre for the bandstand");
        pedalTo("Fold Card base");
        page.waitForResponse(answer -> answer.url().endsWith("/progress"), () -> page.keyboard()
                .press("Space"));
        page.reload();
        assertThat(heading()).hasText("Fold Card base");
        assertThat(page.getByText(", 2 of 5")).isVisible();
    }

    @Test
    void whatIsGluedIsGivenTimeToSet() {
        atTheTable("Kite theatre for the bandstand");
        pedalTo("Glue Band on Right wing");
        assertThat(page.locator("main svg path[fill^='url']").first()).isVisible();
        Locator sets = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What sets"));
        assertThat(sets).containsText("Glue Band on Left wing");
        // it goes on when one walks ahead, and after a reload
        page.keyboard().press("PageDown");
        page.reload();
        assertThat(sets).containsText("Glue Band on Left wing");
        page.getByLabel("Skip: Glue Band on Left wing").click();
        assertThat(sets).hasCount(0);
    }

    /** However many set, one is told, and the step keeps its room; the others are a press away. */
    @Test
    void ofManyThatSetOneIsTold() {
        atTheTable("Crowd on the hill");
        for (String glued : List.of("Tier 1 left tab on Backdrop", "Tier 2 left tab on Tier 1 front")) {
            page.request()
                    .post(
                            house.at("/api/cards/" + id() + "/building/setting"),
                            RequestOptions.create().setData(Map.of("step", "GLUE: " + glued, "on", true)));
        }
        page.reload();
        Locator sets = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("What sets"))
                .getByRole(AriaRole.LISTITEM);
        assertThat(sets).hasCount(1);
        button("1 more").click();
        assertThat(sets).hasCount(2);
        nothingSerious();
        button("only the next").click();
        assertThat(sets).hasCount(1);
    }

    @Test
    void aStepIsMovedAndWhereItMayNotGoIsTold() {
        atTheTable("Kite theatre for the bandstand");
        button("All steps").click();
        Locator order = steps().getByRole(AriaRole.LISTITEM);
        int before = places(order).indexOf("Add 2 layers to the front of Left wall");
        steps().getByLabel("Later: Add 2 layers to the front of Left wall").click();
        assertThat(order.nth(before + 1)).containsText("Add 2 layers to the front of Left wall");
        assertThat(steps().getByText("Put moved steps back")).isVisible();
        steps().getByLabel("Earlier: Score Card base again from behind").click();
        assertThat(steps().getByText("what was scored shows where to go over it"))
                .isVisible();
        // and what stands in the way is seen
        assertThat(steps().getByRole(AriaRole.IMG, new Locator.GetByRoleOptions().setName("What stands in the way")))
                .isVisible();
        steps().getByText("Leave it where it is").click();
        assertThat(steps().getByText("what was scored shows where to go over it"))
                .hasCount(0);
        steps().getByText("Put moved steps back").click();
        assertThat(order.nth(before)).containsText("Add 2 layers to the front of Left wall");
        steps().getByLabel("Layers are added").selectOption("AFTER_ASSEMBLY");
        assertThat(order.nth(before)).not().containsText("Add 2 layers to the front of Left wall");
        // as it was, for the tests after
        steps().getByLabel("Layers are added").selectOption("FLAT_FIRST");
        assertThat(order.nth(before)).containsText("Add 2 layers to the front of Left wall");
    }

    @Test
    void aStepIsDraggedElsewhere() {
        atTheTable("Kite theatre for the bandstand");
        button("All steps").click();
        Locator order = steps().getByRole(AriaRole.LISTITEM);
        int from = places(order).indexOf("Add 2 layers to the front of Left wall");
        order.nth(from).dragTo(order.nth(from + 3));
        assertThat(order.nth(from + 2)).containsText("Add 2 layers to the front of Left wall");
        steps().getByText("Put moved steps back").click();
        assertThat(order.nth(from)).containsText("Add 2 layers to the front of Left wall");
    }

    private static List<String> places(Locator order) {
        return order.allInnerTexts().stream()
                .map(text -> text.lines()
                        .filter(line -> line.startsWith("Add") || line.startsWith("Score"))
                        .findFirst()
                        .orElse(text))
                .toList();
    }

    @Test
    void whatWasDoneIsToldWhenThePlanChanges() {
        atTheTable("Kite theatre for the bandstand");
        String card = "/api/cards/" + id();
        pedalTo("Fold Card base");
        page.waitForResponse(answer -> answer.url().endsWith("/progress"), () -> page.keyboard()
                .press("Space"));
        int revision = Integer.parseInt(
                page.request().get(house.at(card)).text().replaceAll("(?s).*\"revision\":(\\d+).*", "$1"));
        Assertions.assertThat(page.request()
                        .post(
                                house.at(card + "/changes"),
                                RequestOptions.create()
                                        .setData(Map.of("revision", revision, "field", "height", "text", "111 mm")))
                        .ok())
                .isTrue();
        page.reload();
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Mind")))
                .containsText("was done at");
    }

    @Test
    void nothingScrollsSidewaysOnAPhone() {
        atTheTable("Kite theatre for the bandstand");
        page.setViewportSize(390, 844);
        for (int i = 0; i < 60 && !button("That was the last").isVisible(); i++) {
            Assertions.assertThat(page.evaluate(
                            "document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                    .isEqualTo(0);
            page.keyboard().press("PageDown");
        }
    }

    @Test
    void aJointIsGluedWithSomethingElse() {
        atTheTable("Kite theatre for the bandstand");
        pedalTo("Glue Band on Left wing");
        page.getByLabel("Glued with").selectOption("strong-tape");
        assertThat(page.getByText("Strong double-sided tape is what you chose")).isVisible();
        assertThat(page.getByText("Strong double-sided tape on Band")).isVisible();
        page.getByLabel("Glued with").selectOption("construction-glue");
        assertThat(page.getByText("Construction glue on Band")).isVisible();
    }

    @Test
    void itIsTriedInScrapFirst() {
        atTheTable("Kite theatre for the bandstand");
        button("All steps").click();
        steps().getByText("Try it in scrap first, half as large").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .hasText("Trial: Kite theatre for the bandstand");
        pedalTo("Glue Band on Left wing");
    }

    /** The file alone, with no house to ask: it opens, and the card folds. */
    @Test
    void stepsAndMeasurementsArePrinted() {
        atTheTable("Kite theatre for the bandstand");
        button("All steps").click();
        for (String what : List.of("Steps with pictures, Letter", "Card of measurements, index card")) {
            Download file = page.waitForDownload(() -> steps().getByLabel(what).click());
            Assertions.assertThat(file.suggestedFilename())
                    .startsWith("Kite theatre for the bandstand, ")
                    .endsWith(".pdf");
            Assertions.assertThat(file.failure()).isNull();
        }
    }

    @Test
    void theHandoutOpensByItself() throws IOException {
        atTheTable("Kite theatre for the bandstand");
        button("All steps").click();
        Download file = page.waitForDownload(
                () -> steps().getByText("Handout, one page for a phone").click());
        Assertions.assertThat(file.suggestedFilename()).isEqualTo("Kite theatre for the bandstand, handout.html");
        Path alone = Files.createTempDirectory("handout").resolve("handout.html");
        file.saveAs(alone);
        page.setViewportSize(390, 844);
        page.navigate(alone.toUri().toString());
        assertThat(page.getByText("Glue Band on Left wing").first()).isVisible();
        Locator shown = page.locator("svg.now");
        assertThat(shown).hasAttribute("aria-label", "Folding, 13 of 25");
        page.locator("#fold").fill("24");
        assertThat(shown).hasAttribute("aria-label", "Folding, 25 of 25");
        Assertions.assertThat(
                        page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth"))
                .isEqualTo(0);
        nothingSerious();
    }

    private Locator drawn() {
        return page.locator("main figure svg");
    }

    /** What is put together by then is looked at from all sides: by a press, by the keyboard, by the mouse. */
    @Test
    void thePictureIsTurned() {
        atTheTable("Kite theatre for the bandstand");
        pedalTo("Score Card base");
        // what lies open on the board is not
        assertThat(button("Turn it")).hasCount(0);
        pedalTo("Glue Band");
        String first = drawn().innerHTML();
        button("Turn it").press("Enter");
        button("Seen more from right").press("Enter");
        assertThat(button("As it was")).isVisible();
        page.waitForCondition(() -> !drawn().innerHTML().equals(first));
        nothingSeriousIn("main");
        String right = drawn().innerHTML();
        button("Seen more from above").press("Space");
        page.waitForCondition(() -> !drawn().innerHTML().equals(right));
        button("As it was").click();
        String straight = drawn().innerHTML();
        var box = drawn().boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 120, box.y + box.height / 2 + 30);
        page.mouse().up();
        page.waitForCondition(() -> !drawn().innerHTML().equals(straight));
        assertThat(heading().first()).containsText("Glue Band");
        // the next step is seen first from where the hand works
        page.keyboard().press("PageDown");
        assertThat(button("Turn it")).isVisible();
    }
}
