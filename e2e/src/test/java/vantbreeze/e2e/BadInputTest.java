package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is typed, opened or drawn wrongly is told in words, and nothing of it is lost. */
@FreshHouse
class BadInputTest extends Browsing {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "5 1/ | The fraction has no lower figure. Finish it, like 5 1/2.",
                "-3 | A measure can't be less than nothing. Write it without the minus sign.",
                "abc | This is not a measure I can read. Write it like 5 1/2, 5.5 in, 140 mm or 14 cm.",
                "9999 in | That is longer than 5 m. Check the figure and its unit (in).",
                "'' | Nothing is written here. Type a measure, like 5 1/2 in or 140 mm.",
                "149 | Leg can't be over 148 mm: the leg would be wider than the finished card and stick out."
            })
    void aFieldSaysWhatIsWrongAndKeepsWhatWasThere(String typed, String words) {
        take("Kite festival invitation");
        figure("Leg").click();
        field("Leg").fill(typed);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText(words);
        assertThat(field("Leg")).hasValue(typed);
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures")))
                .containsText("148 mm");
        page.keyboard().press("Escape");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '~',
            value = {
                "dear diary | This file is not a Vantbreeze plan.",
                "{\"format\":\"vantbreeze-plan\",\"version\":99} | This plan is from a newer Vantbreeze"
            })
    void aFileThatIsNoPlanIsRefusedInWords(String content, String words) {
        page.getByLabel("Plan file")
                .setInputFiles(
                        new FilePayload("diary.json", "application/json", content.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText(words);
        assertThat(tile("Kite festival invitation")).isVisible();
    }

    @Test
    void aFinishedSizeThatCannotBeReadIsSaidBesideItsField() {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("A finished size"))
                .click();
        page.getByLabel("Width", new Page.GetByLabelOptions().setExact(true)).fill("5 1/");
        page.getByLabel("Height", new Page.GetByLabelOptions().setExact(true)).fill("100");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("no lower figure");
        page.getByLabel("Width", new Page.GetByLabelOptions().setExact(true)).fill("5 1/2 in");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit"))
                        .getByRole(AriaRole.BUTTON))
                .hasCount(1);
    }

    @Test
    void twoWindowsOnOneCardDoNotOverwriteEachOther() {
        take("Kite festival invitation");
        Page other = page.context().newPage();
        other.navigate(page.url());
        other.getByLabel("Name of the card").fill("Kite festival, second window");
        other.getByLabel("Name of the card").press("Enter");
        assertThat(other.locator("[data-saving=saved]")).isVisible();
        assertThat(kept().get("name").getAsString()).isEqualTo("Kite festival, second window");
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        assertThat(page.getByText("This card was changed in another window")).isVisible();
        button("Take it as it is there").click();
        assertThat(page.getByLabel("Name of the card")).hasValue("Kite festival, second window");
        page.getByLabel("Name of the card").fill("Kite festival invitation");
        page.getByLabel("Name of the card").press("Enter");
        assertThat(kept().get("name").getAsString()).isEqualTo("Kite festival invitation");
    }

    @Test
    void addressesThatLeadNowhereShowTheWayBack() throws Exception {
        page.navigate(house.at("/card/00000000-0000-0000-0000-000000000000"));
        assertThat(page.getByText("This card is not in the drawer any more.")).isVisible();
        page.getByText("Back to the drawer").click();
        assertThat(tile("Kite festival invitation")).isVisible();
        HttpResponse<String> nonsense = house.get("/api/cards/nonsense");
        assertThat(nonsense.statusCode()).isEqualTo(404);
        assertThat(nonsense.headers().firstValue("content-type")).hasValue("application/problem+json");
    }

    @Test
    void aRecipeOfAnythingGetsWordsAndStaysAsItWasWritten() {
        page.navigate(house.at("/recipe"));
        Locator outcome = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What comes of it"));
        for (String anything : new String[] {
            "\u0001\u0002 \u200e ½½½ 0 x 0",
            "Бумажный змей, 12 ровно",
            "Dear aunt,\nthe kite came back from the tree. Yours, the nephew",
            "9 ".repeat(5_000)
        }) {
            page.getByLabel("Recipe").fill(anything);
            assertThat(outcome).containsText(Pattern.compile("Not understood|I find no card in this"));
            assertThat(page.getByLabel("Recipe")).hasValue(anything);
        }
        page.reload();
        assertThat(page.getByLabel("Recipe")).hasValue("9 ".repeat(5_000));
        page.getByLabel("Recipe").fill("");
    }

    @Test
    void aLineThatCannotBeDrawnStaysInItsFieldsWithTheReason() {
        take("Prize card, longest tail");
        button("Make it free").click();
        button("by figures…").click();
        for (String field : new String[] {"Start, from left", "Start, from foot", "End, from left", "End, from foot"}) {
            page.getByLabel(field).fill(field.equals("End, from foot") ? "four and a bit" : "1");
        }
        button("Draw it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not a measure I can read");
        assertThat(page.getByLabel("End, from foot")).hasValue("four and a bit");
        page.getByLabel("End, from foot").fill("1");
        button("Draw it").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("two ends");
        page.keyboard().press("Escape");
        button("Undo").click();
        assertThat(figure("Finished width")).isVisible();
    }

    @Test
    void aScoreTypedBeyondItsLimitsSaysHowFarItGoes() {
        take("Kite festival invitation");
        button("Card base, score 1: 74 mm").first().click();
        page.keyboard().press("Control+a");
        page.keyboard().type("9 m");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).isVisible();
        page.keyboard().press("Control+a");
        page.keyboard().type("200 cm");
        page.keyboard().press("Enter");
        assertThat(page.getByLabel("What moved")).containsText("as far as it goes");
        button("Undo").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
    }
}
