package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** Takes the pictures of the main views from the demo's cards; {@code ./vantbreeze pictures} keeps them in docs. */
class PicturesTest extends Browsing {

    private static final Path FOLDER = Path.of(System.getProperty("vantbreeze.pictures", "target/pictures"));

    private void picture(String name) throws Exception {
        page.waitForTimeout(500);
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
}
