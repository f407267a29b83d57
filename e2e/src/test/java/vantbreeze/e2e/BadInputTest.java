package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BadInputTest extends Browsing {

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "5 1/ | The fraction has no lower figure. Finish it, like 5 1/2.",
            "-3 | A measure can't be less than nothing. Write it without the minus sign.",
            "abc | This is not a measure I can read. Write it like 5 1/2, 5.5 in, 140 mm or 14 cm.",
            "9999 in | That is longer than 5 m. Check the figure and its unit (in).",
            "'' | Nothing is written here. Type a measure, like 5 1/2 in or 140 mm.",
            "149 | Leg can't be over 148 mm: the leg would be wider than the finished card and stick out."})
    void aFieldSaysWhatIsWrongAndKeepsWhatWasThere(String typed, String words) {
        take("Kite festival invitation");
        figure("Leg").click();
        field("Leg").fill(typed);
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.ALERT)).hasText(words);
        assertThat(field("Leg")).hasValue(typed);
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"))).containsText("148 mm");
        page.keyboard().press("Escape");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '~', value = {
            "dear diary | This file is not a Vantbreeze plan.",
            "{\"format\":\"vantbreeze-plan\",\"version\":99} | This plan is from a newer Vantbreeze"})
    void aFileThatIsNoPlanIsRefusedInWords(String content, String words) {
        page.getByLabel("Plan file").setInputFiles(
                new FilePayload("diary.json", "application/json", content.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByRole(AriaRole.STATUS)).containsText(words);
        assertThat(tile("Kite festival invitation")).isVisible();
    }

    @Test
    void aFinishedSizeThatCannotBeReadIsSaidBesideItsField() {
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("A finished size")).click();
        page.getByLabel("Width", new Page.GetByLabelOptions().setExact(true)).fill("5 1/");
        page.getByLabel("Height", new Page.GetByLabelOptions().setExact(true)).fill("100");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("no lower figure");
        page.getByLabel("Width", new Page.GetByLabelOptions().setExact(true)).fill("5 1/2 in");
        assertThat(page.getByRole(AriaRole.ALERT)).hasCount(0);
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Cards that fit"))
                .getByRole(AriaRole.BUTTON)).hasCount(1);
    }

    @Test
    void twoWindowsOnOneCardDoNotOverwriteEachOther() {
        take("Kite festival invitation");
        Page other = page.context().newPage();
        other.navigate(page.url());
        other.getByLabel("Name of the card").fill("Kite festival, second window");
        other.getByLabel("Name of the card").press("Enter");
        assertThat(other.getByText("Saved")).isVisible();
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("changed in another window");
        assertThat(page.getByLabel("Name of the card")).hasValue("Kite festival, second window");
        page.getByLabel("Name of the card").fill("Kite festival invitation");
        page.getByLabel("Name of the card").press("Enter");
        assertThat(page.getByText("Saved")).isVisible();
    }

    @Test
    void addressesThatLeadNowhereShowTheWayBack() throws Exception {
        page.navigate(house.at("/card/00000000-0000-0000-0000-000000000000"));
        assertThat(page.getByText("This card is not in the drawer any more.")).isVisible();
        page.getByText("Back to the drawer").click();
        assertThat(tile("Kite festival invitation")).isVisible();
        HttpResponse<byte[]> nonsense = house.fetch("/api/cards/nonsense");
        assertThat(nonsense.statusCode()).isEqualTo(404);
        assertThat(nonsense.headers().firstValue("content-type")).hasValue("application/problem+json");
    }
}
