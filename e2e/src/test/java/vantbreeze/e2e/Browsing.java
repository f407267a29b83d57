package vantbreeze.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;

/** Debian's Chromium, without a screen, in front of a running house with the demo's cards. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
abstract class Browsing {

    /** WebGL in software; pages are put together without it, which takes a fraction of the time. */
    static final List<String> CHROMIUM = List.of(
            "--no-sandbox",
            "--use-angle=swiftshader",
            "--enable-unsafe-swiftshader",
            "--disable-gpu-compositing",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            "--no-first-run");

    private Playwright playwright;
    private Browser browser;
    BrowserContext context;
    private final List<String> broken = new ArrayList<>();
    Path cards;
    RunningHouse house;
    Page page;

    @BeforeAll
    void open() throws IOException {
        // shared machines can be slow; what is right shows sooner or later, what is wrong never
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
        cards = Files.createTempDirectory("vantbreeze-e2e");
        house = RunningHouse.start(cards, true);
        playwright = Playwright.create();
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(CHROMIUM));
    }

    @BeforeEach
    void newPage() {
        context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setLocale("en-GB")
                .setAcceptDownloads(true));
        page = context.newPage();
        watch();
        page.navigate(house.at("/"));
    }

    /** Notes what the page throws, and what it asks for that its policy does not allow. */
    private void watch() {
        page.onPageError(broken::add);
        page.onConsoleMessage(message -> {
            if (message.text().contains("Content Security Policy")) {
                broken.add(message.text());
            }
        });
    }

    @AfterEach
    void nothingBroke() {
        context.close();
        List<String> errors = List.copyOf(broken);
        broken.clear();
        if (!errors.isEmpty()) {
            throw new AssertionError("the page threw: " + errors);
        }
    }

    @AfterAll
    void close() {
        browser.close();
        playwright.close();
        house.close();
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator figure(String label) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(label + ":"));
    }

    Locator field(String label) {
        return page.getByRole(
                AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(label).setExact(true));
    }

    /** The card that is open, as the store has it once all is said to be saved. */
    JsonObject kept() {
        PlaywrightAssertions.assertThat(page.locator("[data-saving=saved]")).isVisible();
        String id = page.url().replaceAll(".*/card/([^/]*).*", "$1");
        try {
            return JsonParser.parseString(
                            new String(house.fetch("/api/cards/" + id).body(), StandardCharsets.UTF_8))
                    .getAsJsonObject();
        } catch (IOException | InterruptedException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** A measure of the card that is open, as the store has it. */
    String keptMeasure(String label) {
        for (JsonElement measure : kept().getAsJsonArray("measures")) {
            if (measure.getAsJsonObject().get("label").getAsString().equals(label)) {
                return measure.getAsJsonObject()
                        .getAsJsonObject("figure")
                        .get("text")
                        .getAsString();
            }
        }
        throw new AssertionError("no measure " + label);
    }

    Locator tile(String card) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions()
                        .setHas(page.getByRole(
                                AriaRole.LINK,
                                new Page.GetByRoleOptions()
                                        .setName("Open " + card)
                                        .setExact(true))));
    }

    /** Opens a card of the demo. */
    void take(String card) {
        page.getByRole(
                        AriaRole.LINK,
                        new Page.GetByRoleOptions().setName("Open " + card).setExact(true))
                .click();
        figures().waitFor();
    }

    Locator figures() {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"));
    }

    /** Where a line of a sheet is taken hold of: the first kind, like SCORE, its piece and its place. */
    Locator handle(String kind, int piece, int index) {
        return page.locator("[data-handle='%s-%d-%d']".formatted(kind, piece, index))
                .first();
    }

    /** Presses Tab until what is focused is called so. */
    void tabTo(String name) {
        for (int i = 0; i < 150; i++) {
            page.keyboard().press("Tab");
            String focused = (String) page.evaluate("(() => { const e = document.activeElement; return (e.ariaLabel || "
                    + "e.labels?.[0]?.textContent || e.textContent || '').trim() })()");
            if (focused.startsWith(name)) {
                return;
            }
        }
        throw new AssertionError("no Tab leads to " + name);
    }

    /** A tablet that is touched and has no mouse, in place of the laptop. */
    void onATablet() {
        context.close();
        context = browser.newContext(new Browser.NewContextOptions()
                .setViewportSize(1024, 768)
                .setLocale("en-GB")
                .setHasTouch(true));
        page = context.newPage();
        watch();
        page.navigate(house.at("/"));
    }

    /** A finger that goes down, moves and is lifted. */
    void swipe(double fromX, double fromY, double toX, double toY) {
        CDPSession touch = context.newCDPSession(page);
        touch(touch, "touchStart", fromX, fromY);
        for (int step = 1; step <= 6; step++) {
            touch(touch, "touchMove", fromX + (toX - fromX) * step / 6, fromY + (toY - fromY) * step / 6);
            page.waitForTimeout(40);
        }
        touch(touch, "touchEnd", 0, 0);
    }

    private static void touch(CDPSession session, String type, double x, double y) {
        JsonObject event = new JsonObject();
        event.addProperty("type", type);
        JsonArray points = new JsonArray();
        if (!type.equals("touchEnd")) {
            JsonObject point = new JsonObject();
            point.addProperty("x", x);
            point.addProperty("y", y);
            points.add(point);
        }
        event.add("touchPoints", points);
        session.send("Input.dispatchTouchEvent", event);
    }
}
