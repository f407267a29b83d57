package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;

/** What goes round a card: chosen on the shelf, pulled out by hand, worked on at a bench of its own, put aside. */
@FreshHouse
class WrapTest extends Browsing {

    private void wrapsOf(String card) {
        take(card);
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Wrap").setExact(true))
                .click();
        shelf().waitFor();
    }

    private Locator shelf() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Wraps to make"));
    }

    private Locator offered(String wrap) {
        return shelf().getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + wrap)));
    }

    private Locator worn(String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    /** Made at one press, pulled by hand, put aside and brought back. */
    @Test
    void aSleeveIsMadeAndTheCardPulledOutOfIt() {
        wrapsOf("Programme of the two days");
        offered("Sleeve").click();
        Locator sleeve = worn("Sleeve for Programme of the two days");
        sleeve.waitFor();
        assertThat(sleeve).containsText("It goes in with");
        Locator slider = sleeve.getByRole(AriaRole.SLIDER);
        sleeve.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it in"))
                .or(sleeve.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Pull it out")))
                .click();
        Locator drawn = sleeve.getByRole(AriaRole.IMG);
        BoundingBox box = drawn.boundingBox();
        int before = Integer.parseInt(slider.inputValue());
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 + 60);
        page.mouse().up();
        Assertions.assertThat(Integer.parseInt(slider.inputValue())).isGreaterThan(before);
        nothingSerious();
        sleeve.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Put it aside"))
                .click();
        assertThat(sleeve).hasCount(0);
        button("Bring it back").click();
        assertThat(sleeve).isVisible();
    }

    /** By keyboard alone: to the place, on the shelf, made, to its bench and back to the card. */
    @Test
    void anEnvelopeByKeyboard() {
        take("Instructions for young pilots");
        page.keyboard().press("Alt+5");
        shelf().waitFor();
        offered("Envelope from a square").focus();
        page.keyboard().press("Enter");
        Locator envelope = worn("Envelope from a square for Instructions for young pilots");
        envelope.waitFor();
        Locator bench = envelope.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("To its bench"));
        bench.focus();
        page.keyboard().press("Enter");
        Locator back = page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName("goes round Instructions for young pilots"));
        back.waitFor();
        page.getByText("More measures").click();
        assertThat(figure("Square")).isVisible();
        assertThat(page.getByText("No envelope chosen")).hasCount(0);
        page.locator("canvas").waitFor();
        nothingSerious();
        back.focus();
        page.keyboard().press("Enter");
        envelope.waitFor();
    }

    /** The envelope in the drawer comes first and is taken at a press; a tag hangs on the card and is not pulled. */
    @Test
    void anEnvelopeFromTheDrawerAndATag() {
        wrapsOf("Thank-you for the helpers");
        Locator goesIn = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Envelopes it goes in"));
        Locator first = goesIn.getByRole(AriaRole.BUTTON).first();
        assertThat(goesIn).containsText("In the drawer");
        assertThat(first).containsText("left");
        first.click();
        assertThat(first).hasAttribute("aria-pressed", "true");
        offered("Tag").click();
        Locator tag = worn("Tag for Thank-you for the helpers");
        tag.waitFor();
        assertThat(tag.getByRole(AriaRole.SLIDER)).hasCount(0);
        nothingSerious();
    }

    /** A box is measured on the shelf: what goes in is left there, with how much it leaves for layers. */
    @Test
    void whatGoesInABox() {
        page.navigate(house.at("/shelf"));
        page.getByLabel("For envelope or box").selectOption("measured");
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("One more envelope"));
        form.getByLabel("Name").fill("Shallow kite tin");
        form.getByLabel("Width").fill("17 cm");
        form.getByLabel("Height").fill("12 cm");
        form.getByLabel("Depth").fill("deep");
        form.getByLabel("Depth").press("Enter");
        assertThat(form.getByRole(AriaRole.ALERT)).isVisible();
        form.getByLabel("Depth").fill("2 mm");
        form.getByLabel("Depth").press("Enter");
        assertThat(form).hasCount(0);
        Locator picked = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Picked"));
        assertThat(picked).containsText("for layers");
        // what folds into many panels is thicker than that
        assertThat(page.getByRole(AriaRole.STATUS).first()).containsText(Pattern.compile("\\d+ of 30 structures"));
        nothingSerious();
    }

    /** The festival's theatre has its band and its envelope, the band first; neither stands in the drawer. */
    @Test
    void theTheatreIsWrapped() {
        assertThat(page.getByText("Belly band for Kite theatre for the bandstand"))
                .hasCount(0);
        wrapsOf("Kite theatre for the bandstand");
        Locator wraps = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2));
        assertThat(wraps.nth(0)).hasText("Belly band");
        assertThat(wraps.nth(1)).hasText("Envelope from a square");
    }
}
