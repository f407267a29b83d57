package vantbreeze.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The bench worked on with a mouse, one thing after another of what it is for. */
@FreshHouse
class BenchByMouseTest extends Browsing {

    private void drag(Locator line, double right, double down, boolean free) {
        BoundingBox box = place(line);
        double x = box.x + box.width / 2;
        double y = box.y + box.height / 3;
        page.mouse().move(x, y);
        page.mouse().down();
        if (free) {
            page.keyboard().down("Alt");
        }
        page.mouse().move(x + right, y + down, new Mouse.MoveOptions().setSteps(6));
        answered();
        page.mouse().up();
        if (free) {
            page.keyboard().up("Alt");
        }
    }

    @Test
    void pointingInOneViewLightsItInAll() {
        take("Kite theatre for the bandstand");
        page.locator("canvas").waitFor();
        // a panel on the sheet: lit there, in the closed card and in the stack's end
        page.locator("section[aria-label^='Card base, open'] path").nth(2).hover();
        assertThat(page.locator("section[aria-label='Closed, in its envelope'] path.fill-picked-wash"))
                .hasCount(1);
        assertThat(page.locator("section[aria-label='Closed, seen from its end'] rect.fill-picked")
                        .first())
                .isVisible();
        // a score in the figures: lit on the sheet
        button("Card base, score 2, from the fence").hover();
        assertThat(page.locator("section[aria-label^='Card base, open'] line.stroke-picked")
                        .first())
                .isAttached();
        // glue: both panels that it holds
        figures().getByText("Left wing, this side").hover();
        assertThat(page.locator("section[aria-label^='Card base, open'] path.fill-picked-wash"))
                .hasCount(1);
        assertThat(piece("Band").locator(".outline-picked")).isVisible();
        button("envelope on top").click();
        assertThat(button("envelope on top")).hasAttribute("aria-pressed", "true");
        button("where it is thickest").click();
        assertThat(page.locator("path[fill='url(#thick)']").first()).isAttached();
    }

    /** The card in space is turned by hand and by a press, and stands as it did again. */
    @Test
    void theCardIsTurned() {
        take("Kite theatre for the bandstand");
        BoundingBox box = place(page.locator("canvas").first());
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
        page.mouse().down();
        page.mouse().move(box.x + box.width / 2 + 90, box.y + box.height / 2 - 40, new Mouse.MoveOptions().setSteps(4));
        page.mouse().up();
        button("As it was").click();
        assertThat(button("As it was")).hasCount(0);
        button("Seen more from below").press("Enter");
        assertThat(button("As it was")).isVisible();
        nothingSeriousIn("[aria-label='Folded']");
    }

    @Test
    void aScoreIsDraggedAndEverythingAnswersMeanwhile() {
        take("Kite festival invitation");
        page.locator("canvas").waitFor();
        BoundingBox box = place(handle("SCORE", 0, 0));
        page.mouse().move(box.x + box.width / 2, box.y + 80);
        page.mouse().down();
        page.mouse().move(box.x - 30, box.y + 80, new Mouse.MoveOptions().setSteps(5));
        Locator said = page.getByLabel("What moved");
        assertThat(said).containsText("Leg ");
        answered();
        // both views say the same once the last answer is there, whatever it is
        page.waitForFunction(
                """
                () => {
                  const said = document.querySelector('[aria-label="What moved"]')?.textContent ?? ''
                  const leg = document.querySelector('[aria-label="Figures"] [aria-label^="Leg:"]')
                  return leg?.getAttribute('aria-label') === `Leg: ${said.replace('Leg ', '')}. Press to change.`
                }""");
        page.keyboard().press("Escape");
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
        page.mouse().up();
        button("grooves").click();
        drag(handle("SCORE", 0, 0), -40, 0, false);
        assertThat(figure("Leg")).hasAccessibleName(Pattern.compile("Leg: \\d*[05] mm.*"));
        button("Undo").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
    }

    /** Taken hold of beside it and moved by a hair, it stays where it is; what moved is not told once it is undone. */
    @Test
    void aLineKeepsItsDistanceToTheHand() {
        take("Kite festival invitation");
        page.locator("canvas").waitFor();
        BoundingBox box = place(handle("SCORE", 0, 0));
        double x = box.x + box.width / 2 + 13;
        page.mouse().move(x, box.y + 80);
        page.mouse().down();
        page.mouse().move(x + 1, box.y + 80);
        answered();
        assertThat(page.getByLabel("What moved")).hasText("Leg 74 mm");
        page.mouse().up();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
        drag(handle("SCORE", 0, 0), -30, 0, false);
        assertThat(page.getByLabel("What moved")).containsText("Leg ");
        button("Undo").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
        assertThat(page.getByLabel("What moved")).hasText("drag a score");
    }

    /** Escape puts a tool down, and in the middle of a stroke nothing is drawn. */
    @Test
    void escapePutsAToolDown() {
        take("Prize card, longest tail");
        button("Make it free").click();
        button("slit").click();
        BoundingBox sheet = place(page.locator("[data-drawing='0']"));
        page.mouse().move(sheet.x + 40, sheet.y + 40);
        page.mouse().down();
        page.mouse().move(sheet.x + 80, sheet.y + 60);
        page.keyboard().press("Escape");
        page.mouse().up();
        assertThat(page.locator("[data-drawing='0']")).hasCount(0);
        assertThat(button("slit")).hasAttribute("aria-pressed", "false");
        assertThat(handle("MARK", 0, 0)).hasCount(0);
    }

    @Test
    void theUpperEdgeStaysUnderTheHandThatDragsIt() {
        take("Kite festival invitation");
        page.locator("canvas").waitFor();
        BoundingBox edge = place(handle("EDGE", 0, 1));
        double x = edge.x + edge.width / 2;
        double y = edge.y + edge.height / 2;
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x, y + 30, new Mouse.MoveOptions().setSteps(4));
        Locator said = page.getByLabel("What moved");
        assertThat(said).containsText("height");
        answered();
        String held = said.textContent();
        for (int sideways = 1; sideways <= 6; sideways++) {
            page.mouse().move(x + sideways, y + 30);
            answered();
        }
        assertThat(said).hasText(held);
        page.keyboard().press("Escape");
        page.mouse().up();
    }

    @Test
    void aMeasureIsHeldAndAnotherWorkedOut() {
        take("Thank-you for the helpers");
        button("Work out Leg").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 72 mm. Press to change.");
        button("Lock Leg").click();
        assertThat(button("Lock Leg")).hasAttribute("aria-pressed", "true");
        figure("Leg").focus();
        page.keyboard().press("ArrowUp");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("locked");
        button("Undo").click();
        button("Undo").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 56 mm. Press to change.");
    }

    @Test
    void versionsAreKeptComparedAndGoneBackTo() {
        take("Gate for the mayor");
        button("Versions").click();
        page.getByLabel("Keep it as it is now").fill("first thought");
        button("Keep this version").click();
        assertThat(page.getByText("Nothing differs.")).isVisible();
        nothingSerious();
        button("Back to the bench").click();
        figure("Finished height").focus();
        page.keyboard().press("ArrowDown");
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 5⅞ in. Press to change.");
        button("Versions").click();
        button("first thought").click();
        Locator beside = page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName("first thought beside the card as it is now"));
        assertThat(beside.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Finished height")))
                .containsText("5⅞ in");
        button("Go back to").click();
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 6 in. Press to change.");
        button("Undo").click();
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 5⅞ in. Press to change.");
        button("Undo").click();
    }

    @Test
    void aCardMadeFreeKeepsThePieceOnTheBoard() {
        take("Kite theatre for the bandstand");
        assertThat(page.getByLabel("Card base, open, this side up")).isVisible();
        button("Make it free").click();
        assertThat(button("Flip score 1")).isVisible();
        assertThat(page.getByLabel("Card base, open, this side up")).isVisible();
        button("Undo").click();
        assertThat(button("Make it free")).isVisible();
    }

    @Test
    void aStructureIsLoosenedAndDrawnOn() {
        take("Prize card, longest tail");
        button("Make it free").click();
        assertThat(page.getByLabel("What it is")).containsText("This is a");
        button("Take it as one").first().click();
        assertThat(figure("Finished width")).isVisible();
        button("Undo").click();
        button("valley score").click();
        page.locator("[data-drawing='0']").click(new Locator.ClickOptions().setPosition(60, 100));
        assertThat(page.locator("[data-drawing='0']")).isVisible();
        button("valley score").click();
        assertThat(handle("SCORE", 0, 2)).isAttached();
        button("Flip score 1").click();
        button("another piece…").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Tag");
        page.getByLabel("Width", new Page.GetByLabelOptions().setExact(true)).fill("1 1/2");
        page.getByLabel("Height", new Page.GetByLabelOptions().setExact(true)).fill("two");
        button("Glue it on").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("not a measure I can read");
        page.getByLabel("Height", new Page.GetByLabelOptions().setExact(true)).fill("2");
        button("Glue it on").click();
        assertThat(page.getByLabel("Tag, open, this side up")).isVisible();
        button("take apart").first().click();
        assertThat(page.getByText("would hang on nothing")).isVisible();
        button("take it away").click();
        assertThat(page.getByLabel("Tag, open, this side up")).hasCount(0);
        for (int i = 0; i < 5; i++) {
            button("Undo").click();
        }
        assertThat(figure("Finished width")).isVisible();
    }

    @Test
    void aRecipeIsPastedMendedAndTakenToTheBench() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("A recipe"))
                .click();
        page.getByLabel("Figures without a unit are in").selectOption("eighths");
        page.getByLabel("Recipe").fill("12 x 4, scroe it, score at 3, 6, 8, fold v m v");
        Locator outcome = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What comes of it"));
        assertThat(outcome).containsText("It does not close: a panel pokes out by 1 in.");
        assertThat(outcome).containsText("“scroe”");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("9 for 8: it is a concertina"))
                .click();
        assertThat(page.getByLabel("Recipe")).hasValue("12 x 4, scroe it, score at 3, 6, 9, fold v m v");
        assertThat(outcome).containsText("It closes, to 3 in × 4 in.");
        button("Take it to the bench").click();
        assertThat(handle("SCORE", 0, 2)).isAttached();
        button("Print, write, save").click();
        button("Written out as a recipe").click();
        assertThat(page.getByLabel("The recipe"))
                .hasValue(Pattern.compile(".*Score at 3 in, 6 in, 9 in\\. Fold v, m, v\\..*", Pattern.DOTALL));
    }

    @Test
    void whatARecipeLeavesOpenIsToldAtAClickAndTakenBack() {
        page.navigate(house.at("/recipe"));
        page.getByLabel("Figures without a unit are in").selectOption("eighths");
        Locator recipe = page.getByLabel("Recipe");
        recipe.fill("9 x 6, scroe at 3 and 6");
        Locator outcome = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What comes of it"));
        assertThat(outcome).containsText("This is a Z-fold.");
        button("Write “score”").click();
        assertThat(recipe).hasValue("9 x 6, score at 3 and 6");
        assertThat(recipe).isFocused();
        button("Folded v v").first().click();
        assertThat(recipe).hasValue("9 x 6, score at 3 and 6, fold v v");
        page.keyboard().press("Control+z");
        assertThat(recipe).hasValue("9 x 6, score at 3 and 6");
        // another reading, as a small picture
        outcome.getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasText("This is a concertina."))
                .first()
                .click();
        assertThat(recipe).hasValue("Concertina.\n9 x 6, score at 3 and 6");
        assertThat(outcome).containsText("This is a concertina.");
    }

    @Test
    void anOddWordIsMendedWhereItStands() {
        page.navigate(house.at("/recipe"));
        page.getByLabel("Figures without a unit are in").selectOption("eighths");
        Locator recipe = page.getByLabel("Recipe");
        recipe.fill("12 x 4, score at 3, 6, 8, fold v m v");
        assertThat(page.getByText("It does not close")).isVisible();
        Locator atCaret = page.getByLabel("At the caret");
        assertThat(atCaret).hasCount(0);
        for (int i = 0; i < ", fold v m v".length(); i++) {
            page.keyboard().press("ArrowLeft");
        }
        atCaret.getByRole(AriaRole.BUTTON).first().click();
        assertThat(recipe).hasValue("12 x 4, score at 3, 6, 9, fold v m v");
        assertThat(page.getByText("It closes, to 3 in × 4 in.").first()).isVisible();
    }

    @Test
    void figuresGoToAnotherRulerAndSizeWithTheirDriftShown() {
        take("Thank-you for the helpers");
        page.getByLabel("Ruler").selectOption("sixteenths");
        Locator row = page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("Leg"));
        assertThat(row).containsText("2 3/16 in");
        assertThat(row).containsText("0.44 mm");
        button("Bring every figure to its mark").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 2 3/16 in. Press to change.");
        page.getByText("Same card, another size").click();
        page.getByLabel("New width").fill("6");
        page.getByLabel("New height").fill("6");
        button("Resize").click();
        assertThat(figure("Finished height")).hasAccessibleName("Finished height: 6 in. Press to change.");
        button("Undo").click();
        button("Undo").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 56 mm. Press to change.");
    }

    @Test
    void toolsAndStockAreKeptOnceAndUsedByEveryPlan() {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Tools and papers"))
                .click();
        Locator envelope = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("One more envelope"));
        envelope.getByLabel("Name").fill("Window envelope");
        envelope.getByLabel("Width").fill("ten");
        envelope.getByLabel("Height").fill("120 mm");
        envelope.getByText("Keep it").click();
        assertThat(envelope.getByRole(AriaRole.ALERT)).isVisible();
        assertThat(envelope.getByLabel("Name")).hasValue("Window envelope");
        envelope.getByLabel("Width").fill("168 mm");
        envelope.getByText("Keep it").click();
        assertThat(button("Hide Window envelope")).isVisible();
        Locator tools = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Board and trimmer"));
        tools.getByLabel("Grooves every").nth(1).fill("4 mm");
        tools.getByText("Keep these tools").click();
        assertThat(page.getByText("Every card is worked out with these tools")).isVisible();
        page.navigate(house.at("/"));
        take("Kite festival invitation");
        page.getByLabel("Envelope", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new SelectOption().setLabel("Window envelope (168 × 120 mm)"));
        assertThat(page.getByText("goes in").first()).isVisible();
        button("grooves").click();
        drag(handle("SCORE", 0, 0), -37, 0, false);
        int leg = Integer.parseInt(figure("Leg").getAttribute("aria-label").replaceAll("\\D", ""));
        org.assertj.core.api.Assertions.assertThat(leg % 4).isZero();
        button("Undo").click();
        button("Undo").click();
        assertThat(figure("Leg")).hasAccessibleName("Leg: 74 mm. Press to change.");
        page.navigate(house.at("/tools"));
        tools.getByLabel("Grooves every").nth(1).fill("5 mm");
        tools.getByText("Keep these tools").click();
        assertThat(page.getByText("Every card is worked out with these tools")).isVisible();
    }

    /** An allowance is set where it is told why, by mouse and by key, and goes back to the trade's. */
    @Test
    void anAllowanceOfOnesOwnIsSetAndTakenBack() {
        page.navigate(house.at("/tools"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Allowances"))
                .click();
        assertThat(page.getByText("full width, the tube will not square")).isVisible();
        assertThat(page).hasTitle("Allowances · Vantbreeze");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Allowances")))
                .isFocused();
        Locator sliver = button("Sliver off a tube:");
        sliver.click();
        page.keyboard().type("90 mm");
        page.keyboard().press("Enter");
        assertThat(page.getByText("Sliver off a tube is between 0 and 6 mm")).isVisible();
        page.keyboard().press("Escape");
        sliver.click();
        page.keyboard().type("2 mm");
        page.keyboard().press("Enter");
        assertThat(sliver).hasAccessibleName("Sliver off a tube: 2 mm. Press to change.");
        page.reload();
        assertThat(sliver).hasAccessibleName("Sliver off a tube: 2 mm. Press to change.");
        button("Back to the usual Sliver off a tube").click();
        assertThat(page.getByText("Sliver off a tube: as usual again.")).isVisible();
        assertThat(button("Back to the usual Sliver off a tube")).hasCount(0);
    }

    /** A measure that follows from the others is typed, excludes another, and goes back to what it usually is. */
    @Test
    void furtherMeasuresAreTypedAndGoBackToTheUsual() {
        take("Kite theatre for the bandstand");
        page.getByText("More measures").click();
        Locator up = button("Band from foot:");
        assertThat(button("Band from foot as usual")).hasCount(0);
        up.click();
        page.keyboard().type("12 mm");
        page.keyboard().press("Enter");
        assertThat(up).hasAccessibleName("Band from foot: 12 mm. Press to change.");
        button("Band length:").click();
        page.keyboard().type("900 mm");
        page.keyboard().press("Enter");
        assertThat(page.getByText("the band would stick out of the closed card"))
                .isVisible();
        page.keyboard().press("Escape");
        button("Band from foot as usual").click();
        assertThat(up).hasAccessibleName("Band from foot: 0 mm. Press to change.");
        button("Undo").click();
        assertThat(up).hasAccessibleName("Band from foot: 12 mm. Press to change.");
        button("Undo").click();
    }

    /** Sheets are of a paper and so many; a piece is of another cardstock than its card, and is seen to be. */
    @Test
    void aPieceIsOfACardstockOfItsOwn() {
        page.navigate(house.at("/tools"));
        Locator sheet = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("One more sheet"));
        sheet.getByLabel("Name").fill("Rest of the poster");
        sheet.getByLabel("Width").fill("210 mm");
        sheet.getByLabel("Height").fill("280 mm");
        sheet.getByLabel("Of which paper").selectOption(new SelectOption().setLabel("Sun yellow paper"));
        sheet.getByLabel("How many").fill("some");
        sheet.getByLabel("an offcut").check();
        sheet.getByText("Keep it").click();
        assertThat(sheet.getByRole(AriaRole.ALERT)).containsText("no number of sheets");
        assertThat(sheet.getByLabel("Name")).hasValue("Rest of the poster");
        sheet.getByLabel("How many").fill("3");
        sheet.getByText("Keep it").click();
        assertThat(page.getByText("3 of Sun yellow paper, an offcut")).isVisible();
        page.navigate(house.at("/"));
        take("Gift-card pocket for the helpers");
        piece("Pocket").click();
        Locator cardstock = page.getByLabel("Cardstock of Pocket");

        cardstock.selectOption(new SelectOption().setLabel("Sun yellow paper"));
        Locator yellow = page.locator("[fill='#e9b44c']");
        assertThat(yellow.first()).isVisible();
        button("Undo").click();
        assertThat(cardstock).hasValue("");
        assertThat(yellow).hasCount(0);
    }
}
