package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/**
 * Takes the pictures of the main views from the demo's cards; {@code ./vantbreeze pictures} keeps them in docs. No test
 * by its name, so that only that command runs it.
 */
@FreshHouse
class Pictures extends Browsing {

    private static final Path FOLDER = Path.of(System.getProperty("vantbreeze.pictures", "target/pictures"));

    private void picture(String name) throws Exception {
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.evaluate("() => document.fonts.ready");
        // while a line is held it stays coarse
        if (page.locator("output.absolute[aria-label='What moved']").count() == 0) {
            page.waitForFunction("() => !document.querySelector('[data-drawn=coarsely]')");
        }
        painted();
        Path file = FOLDER.resolve(name + ".png");
        Files.createDirectories(FOLDER);
        page.screenshot(new Page.ScreenshotOptions().setPath(file));
        assertThat(file).isNotEmptyFile();
    }

    @Test
    void theDrawer() throws Exception {
        page.getByText("from one A4").first().waitFor();
        picture("drawer");
    }

    @Test
    void theBench() throws Exception {
        take("Kite festival invitation");
        page.locator("canvas").waitFor();
        button("Second leg, width").focus();
        picture("bench");
    }

    @Test
    void whatCanBeSetOnACard() throws Exception {
        take("Kite festival invitation");
        page.locator("canvas").waitFor();
        button("Set something on it…").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Spring mount"))
                .click();
        picture("set-on");
    }

    @Test
    void theLayers() throws Exception {
        take("Kite festival invitation");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Layers").setExact(true))
                .click();
        page.locator("canvas").waitFor();
        page.getByRole(AriaRole.CHECKBOX).first().click();
        page.getByText("One more layer").waitFor();
        picture("layers");
    }

    @Test
    void howItIsCut() throws Exception {
        take("Kite theatre for the bandstand");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Cut").setExact(true))
                .click();
        page.locator("canvas").waitFor();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Awning stripes"))
                .click();
        button("First cut").click();
        button("Next").click();
        picture("cut");
    }

    @Test
    void theTheatreAtTheCounter() throws Exception {
        take("Kite theatre for the bandstand");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Send").setExact(true))
                .click();
        page.getByLabel("From", new Page.GetByLabelOptions().setExact(true)).selectOption("de");
        page.getByText("No one or two changes")
                .or(page.getByText("it goes"))
                .first()
                .waitFor();
        picture("send");
    }

    @Test
    void theBenchWithSomethingWrong() throws Exception {
        take("Workshop for twelve, practice card");
        page.locator("canvas").waitFor();
        figure("Leg").click();
        field("Leg").fill("78 1/");
        page.keyboard().press("Enter");
        page.getByText("The fraction has no lower figure").waitFor();
        picture("bench-wrong");
    }

    @Test
    void aStandingCardOnTheBench() throws Exception {
        take("Kite theatre for the bandstand");
        page.locator("canvas").waitFor();
        button("Left wall, width").focus();
        picture("bench-stage");
    }

    @Test
    void theBenchInInchesOnATablet() throws Exception {
        page.setViewportSize(1024, 768);
        take("Prize card, longest tail");
        page.locator("canvas").waitFor();
        picture("bench-tablet");
    }

    @Test
    void theShelf() throws Exception {
        page.navigate(house.at("/shelf"));
        page.getByText("30 structures").waitFor();
        picture("shelf");
    }

    @Test
    void whatTheTheatreGoesIn() throws Exception {
        take("Kite theatre for the bandstand");
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Wrap").setExact(true))
                .click();
        page.locator("canvas").waitFor();
        picture("wrap");
    }

    @Test
    void aFreeCardWithALineHeld() throws Exception {
        take("Kite theatre for the bandstand");
        page.locator("canvas").waitFor();
        button("Make it free").click();
        button("Flip score 1").waitFor();
        var score = handle("SCORE", 0, 1).boundingBox();
        page.mouse().move(score.x + score.width / 2, score.y + 60);
        page.mouse().down();
        page.mouse().move(score.x + score.width / 2 + 24, score.y + 60, new Mouse.MoveOptions().setSteps(4));
        page.locator("output.absolute[aria-label='What moved']").waitFor();
        answered();
        picture("bench-free");
        page.keyboard().press("Escape");
        page.mouse().up();
        button("Undo").click();
        figure("Finished width").waitFor();
    }

    @Test
    void aRecipeThatDoesNotClose() throws Exception {
        page.navigate(house.at("/recipe"));
        page.getByLabel("Figures without a unit are in").selectOption("mm");
        page.getByLabel("Recipe")
                .fill("Kite train: 36 x 11 cm, score on the long side at 6, 12, 18, 24 and 29, "
                        + "concertina fold.\nMats 5.5 x 10.5, windsock 4 x 9 cm");
        page.getByText("It does not close").waitFor();
        picture("recipe");
    }

    @Test
    void versionsSideBySide() throws Exception {
        take("Thank-you for the helpers");
        button("Versions").click();
        page.getByLabel("Keep it as it is now").fill("With the narrow leg");
        button("Keep this version").click();
        page.getByText("Nothing differs.").waitFor();
        button("Back to the bench").click();
        button("Work out Leg").click();
        page.getByText("in its usual proportion").first().waitFor();
        button("Versions").click();
        button("With the narrow leg").click();
        page.getByText("Go back to").waitFor();
        picture("versions");
    }

    @Test
    void toolsAndStock() throws Exception {
        page.navigate(house.at("/tools"));
        page.getByText("Poster offcuts").waitFor();
        picture("tools");
    }

    @Test
    void allowances() throws Exception {
        page.navigate(house.at("/tools/allowances"));
        page.getByText("Sliver off a tube").first().waitFor();
        picture("allowances");
    }

    @Test
    void safeKeeping() throws Exception {
        page.getByLabel("More for How the kite got its tail").click();
        page.getByText("Delete", new Page.GetByTextOptions().setExact(true)).click();
        page.getByText("Deleted “How the kite got its tail”").waitFor();
        page.navigate(house.at("/safe-keeping"));
        page.getByText("the first use of that day").waitFor();
        page.locator("main svg path").first().waitFor();
        picture("safe-keeping");
        page.getByLabel("Bring back How the kite got its tail").click();
        page.getByText("is back in the drawer").waitFor();
    }

    @Test
    void atTheTable() throws Exception {
        take("Kite theatre for the bandstand");
        page.getByText("At the table").click();
        page.getByText("Step 1 of").waitFor();
        Locator heading = page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2));
        for (int i = 0; i < 80 && !heading.innerText().startsWith("Glue"); i++) {
            page.keyboard().press("PageDown");
        }
        page.locator("main svg path").first().waitFor();
        picture("table");
    }

    /** All of the catalogue in one picture, drawn from the engine's frames by a script of the tests. */
    @Test
    void everyStructureDisplayedHalfWayAndClosed() throws Exception {
        page.setViewportSize(1720, 1660);
        String script =
                new String(getClass().getResourceAsStream("/contact-sheet.js").readAllBytes(), StandardCharsets.UTF_8);
        page.evaluate(
                script
                        + """
                ; const style = document.createElement('style')
                style.textContent = 'body{background:#cbb48f;font:16px Literata Variable,serif;padding:16px}'
                  + 'h1{font-size:24px;margin:0 0 12px}'
                  + 'main{display:grid;grid-template-columns:repeat(4,1fr);gap:14px 22px}'
                  + 'figure{margin:0}figure div{display:flex;height:150px;'
                  + 'align-items:end;border-bottom:5px solid #8a7350}'
                  + 'figure svg{width:33%;height:140px;stroke:#1e2a33;stroke-width:1;stroke-linejoin:round}'
                  + 'path{vector-effect:non-scaling-stroke}figcaption{padding-top:3px}'
                document.head.append(style)
                contactSheet('/')""");
        page.getByText("Threaded double concertina").waitFor();
        assertThat(page.locator("figure").count()).isEqualTo(30);
        picture("structures");
    }
}
