package vantbreeze.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import vantbreeze.trials.House;

/**
 * The running house: how soon it serves its first page, and how soon every view answers an edit.
 *
 * <p>WebGL is drawn in software here, as the card in space is; the page itself is put together by Chromium's software
 * compositor, since doing that through software GL too costs 50 ms a frame whatever is on the page.
 */
final class HouseBench {

    private static final int EDITS = 60;
    private static final int STARTS = 3;
    private static final int VISITS = 5;
    /**
     * Presses a key on the leg's figure and waits until that figure has changed and the frame that shows it has been
     * made.
     */
    private static final String EDIT =
            """
            async (key) => {
              const region = document.querySelector('section[aria-label="Figures"]');
              const leg = [...region.querySelectorAll('button')].find((b) => b.ariaLabel?.startsWith('Leg:'));
              const before = leg.ariaLabel;
              leg.focus();
              const begun = performance.now();
              leg.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
              await new Promise((done) => new MutationObserver((_, watch) => {
                if (leg.ariaLabel !== before) { watch.disconnect(); done(); }
              }).observe(leg, { attributes: true }));
              await new Promise((done) => requestAnimationFrame(() => {
                const drawn = new MessageChannel();
                drawn.port1.onmessage = done;
                drawn.port2.postMessage(0);
              }));
              return performance.now() - begun;
            }""";

    private HouseBench() {}

    static List<Row> run(Path layout) throws Exception {
        List<Row> rows = new ArrayList<>();
        rows.addAll(Yardstick.JSON.besideAll(() -> {
            double[] starts = new double[STARTS];
            for (int i = 0; i < STARTS; i++) {
                starts[i] = inHouse(layout, address -> {});
            }
            return List.of(Row.median("start to first page served", starts, 8_000));
        }));
        inHouse(layout, address -> {
            try (Playwright playwright = playwright();
                    Browser browser = chromium(playwright)) {
                rows.addAll(onScreen(browser, () -> List.of(edit(address, browser))));
                rows.addAll(onScreen(browser, () -> List.of(shelf(address, browser))));
                rows.addAll(onScreen(browser, () -> HandBench.run(address, browser)));
            }
            rows.addAll(Yardstick.JSON.besideAll(() -> StoreBench.run(address)));
        });
        return rows;
    }

    private static List<Row> onScreen(Browser browser, Yardstick.RowsSource work) throws Exception {
        return Yardstick.PAGE.besideAll(work, () -> Yardstick.now(browser));
    }

    /** What is measured in a running house. */
    @FunctionalInterface
    private interface Work {
        void in(String address) throws Exception;
    }

    /** Starts a house with the demo's cards, measures in it and stops it; how long it took to serve its page, ms. */
    private static double inHouse(Path layout, Work work) throws Exception {
        Path cards = Files.createTempDirectory("vantbreeze-bench");
        long begun = System.nanoTime();
        try (House house = House.Start.ofLayout(layout.toAbsolutePath())
                .with("--vantbreeze.demo=true")
                .begin(cards)) {
            house.awaitAnswer("/");
            double started = (System.nanoTime() - begun) / 1e6;
            work.in(house.at(""));
            return started;
        }
    }

    static Playwright playwright() {
        return Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    }

    static Browser chromium(Playwright playwright) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--use-angle=swiftshader",
                                "--enable-unsafe-swiftshader",
                                "--disable-background-networking",
                                "--disable-gpu-compositing")));
    }

    /**
     * From the address to every model drawn and one pointed at that moves, in a browser that has not seen it before.
     */
    private static Row shelf(String address, Browser browser) {
        double[] times = new double[VISITS];
        for (int i = 0; i < VISITS; i++) {
            Page page = browser.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))
                    .newPage();
            long begun = System.nanoTime();
            page.navigate(address + "/shelf");
            page.locator("[role=radio]").nth(27).waitFor();
            String atRest = page.locator("[role=radio] svg").first().innerHTML();
            page.locator("[role=radio]").first().hover();
            page.waitForFunction("(was) => document.querySelector('[role=radio] svg').innerHTML !== was", atRest);
            times[i] = (System.nanoTime() - begun) / 1e6;
            page.context().close();
        }
        return Row.median("shelf opened, all models drawn, one moving", times, 2_000);
    }

    private static Row edit(String address, Browser browser) {
        try (Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800))) {
            page.navigate(address);
            page.getByLabel("Open Thank-you for the helpers").click();
            page.locator("canvas").waitFor();
            page.waitForTimeout(1_000);
            double[] times = new double[EDITS];
            for (int i = -EDITS; i < EDITS; i++) {
                double time = ((Number) page.evaluate(EDIT, i % 2 == 0 ? "ArrowUp" : "ArrowDown")).doubleValue();
                // the first half warms the house up
                if (i >= 0) {
                    times[i] = time;
                }
            }
            return Row.median("edit to all views redrawn", times, 50);
        }
    }
}
