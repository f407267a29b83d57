package vantbreeze.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPOutputStream;

/** Work by hand on the bench: a dragged line, the card in space in motion, a newcomer's story, the first load. */
final class HandBench {

    private static final int MOVES = 120;
    private static final String BARE = "Never-ending card for measuring";
    /**
     * Takes hold of a line and moves it to and fro; each time is from the pointer's move to the frame that shows its
     * answer in every view. Between two moves the last frame is left to end, as it is between two moves of a hand. At
     * the end the line is put back, so that no run begins where the one before it came up against a limit and there is
     * nothing to draw.
     */
    private static final String DRAG =
            """
            async (moves) => {
              const line = document.querySelector('[data-handle="SCORE-0-1"]')
                ?? document.querySelector('[data-handle^=SCORE], [data-handle^=LEVEL]');
              const box = line.getBoundingClientRect();
              const [x, y] = [box.left + box.width / 2, box.top + Math.min(60, box.height / 2)];
              const point = (type, dx, dy) => line.dispatchEvent(new PointerEvent(type,
                { bubbles: true, clientX: x + dx, clientY: y + dy,
                  pointerId: 1, button: 0, buttons: 1, isPrimary: true }));
              line.setPointerCapture = () => {};
              const said = document.querySelector('output[aria-label="What moved"]');
              const drawn = () => new Promise((done) => requestAnimationFrame(() => {
                const after = new MessageChannel();
                after.port1.onmessage = done;
                after.port2.postMessage(0);
              }));
              const times = [];
              point('pointerdown', 0, 0);
              for (let i = 0; i < moves; i++) {
                const by = (i % 2 ? 14 : -14) + (i % 4) * 6;
                const begun = performance.now();
                const answered = new Promise((done) => {
                  const watch = new MutationObserver(() => { watch.disconnect(); done(true); });
                  watch.observe(said, { subtree: true, childList: true, characterData: true });
                  setTimeout(() => { watch.disconnect(); done(false); }, 1000);
                });
                point('pointermove', by, by);
                if (await answered) {
                  await drawn();
                  times.push(performance.now() - begun);
                }
                await new Promise((done) => setTimeout(done, 40));
              }
              window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape' }));
              point('pointerup', 0, 0);
              return times;
            }""";
    /** Plays the motion and notes how long each frame takes while it runs. */
    private static final String PLAY =
            """
            async () => {
              const play = [...document.querySelectorAll('button')]
                .find((b) => /^(Open|Close) it$/.test(b.textContent));
              const times = [];
              play.click();
              let last = performance.now();
              const end = last + 1500;
              while (last < end) {
                await new Promise(requestAnimationFrame);
                const now = performance.now();
                times.push(now - last);
                last = now;
              }
              return times;
            }""";

    private HandBench() {}

    static List<Row> run(String address, Browser browser) throws IOException, InterruptedException {
        begin(address);
        return List.of(
                drag(address, browser, BARE, "drag to all views redrawn, never-ending card"),
                drag(
                        address,
                        browser,
                        "How the kite got its tail",
                        "the same card dressed with 40 printed layers (no limit set)",
                        Double.POSITIVE_INFINITY),
                drag(address, browser, "Kite tail, forty folds", "drag to all views redrawn, concertina of 40 panels"),
                play(address, browser),
                scripts(address));
    }

    /** A never-ending card as it is begun, without layers. */
    private static void begin(String address) throws IOException, InterruptedException {
        String card =
                "{\"name\":\"%s\",\"structure\":\"never-ending\",\"ruler\":\"mm\",\"width\":\"120\",\"height\":\"120\"}"
                        .formatted(BARE);
        HttpClient.newHttpClient()
                .send(
                        HttpRequest.newBuilder(URI.create(address + "/api/cards"))
                                .header("Content-Type", "application/json")
                                .POST(HttpRequest.BodyPublishers.ofString(card))
                                .build(),
                        HttpResponse.BodyHandlers.discarding());
    }

    private static Row drag(String address, Browser browser, String card, String what) {
        return drag(address, browser, card, what, 32);
    }

    private static Row drag(String address, Browser browser, String card, String what, double most) {
        try (Page page = onTheBench(address, browser, card)) {
            page.evaluate(DRAG, MOVES);
            List<?> times = (List<?>) page.evaluate(DRAG, MOVES);
            return Row.median(
                    what,
                    times.stream()
                            .mapToDouble(time -> ((Number) time).doubleValue())
                            .toArray(),
                    most);
        }
    }

    private static Row play(String address, Browser browser) {
        try (Page page = onTheBench(address, browser, "How the kite got its tail")) {
            page.evaluate(PLAY);
            List<?> times = (List<?>) page.evaluate(PLAY);
            return Row.median(
                    "one frame of the card in motion, never-ending card (30 a second are 33 ms)",
                    times.stream()
                            .skip(5)
                            .mapToDouble(time -> ((Number) time).doubleValue())
                            .toArray(),
                    1000 / 30.0);
        }
    }

    private static Page onTheBench(String address, Browser browser, String card) {
        Page page = browser.newPage(new Browser.NewPageOptions().setViewportSize(1280, 800));
        page.navigate(address);
        page.getByLabel("Open " + card).click();
        page.locator("canvas").waitFor();
        page.waitForTimeout(1_500);
        return page;
    }

    /** The scripts that the first page names, without those of the card in space, gzipped. */
    private static Row scripts(String address) throws IOException, InterruptedException {
        HttpClient client = HttpClient.newHttpClient();
        String page = client.send(
                        HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString())
                .body();
        Matcher scripts =
                Pattern.compile("(?:src|href)=\"(/assets/[^\"]+\\.js)\"").matcher(page);
        double kilobytes = 0;
        while (scripts.find()) {
            byte[] script = client.send(
                            HttpRequest.newBuilder(URI.create(address + scripts.group(1)))
                                    .build(),
                            HttpResponse.BodyHandlers.ofByteArray())
                    .body();
            ByteArrayOutputStream zipped = new ByteArrayOutputStream();
            try (GZIPOutputStream gzip = new GZIPOutputStream(zipped)) {
                gzip.write(script);
            }
            kilobytes += zipped.size() / 1000.0;
        }
        return Row.of("first load without the card in space, gzipped script", kilobytes, 250, "kB");
    }
}
