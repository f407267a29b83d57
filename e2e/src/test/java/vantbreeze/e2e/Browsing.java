package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
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
import com.microsoft.playwright.Request;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ElementState;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.io.TempDir;
import vantbreeze.trials.House;

/**
 * Debian's Chromium, without a screen, in front of a running house with the demo's cards: one that all such classes
 * share and leave as it is, or one of its own for a class that is marked {@link FreshHouse}.
 */
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

    private static @Nullable Browser shared;

    /** What the browser says by itself: of requests that did not succeed, which tests cause, and of its graphics. */
    private static final Pattern OF_THE_BROWSER =
            Pattern.compile("Failed to load resource.*|WebSocket connection to .*|\\[\\.WebGL-.*", Pattern.DOTALL);

    private Browser browser;
    BrowserContext context;
    private final List<String> broken = new ArrayList<>();
    private @Nullable Pattern expected;
    private final AtomicInteger asked = new AtomicInteger();
    private final AtomicInteger answers = new AtomicInteger();
    private String unchanged = "";
    House house;
    Page page;

    @TempDir
    static Path cards;

    @BeforeAll
    void open() throws IOException, InterruptedException {
        // shared machines can be slow; what is right shows sooner or later, what is wrong never
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
        house = changesItsHouse() ? Houses.fresh(cards) : Houses.shared();
        unchanged = everythingIn(house);
        browser = browser();
    }

    private boolean changesItsHouse() {
        return getClass().isAnnotationPresent(FreshHouse.class);
    }

    /** All that such a test may not change. */
    private static String everythingIn(House house) throws IOException, InterruptedException {
        return house.get("/api/cards").body()
                + house.get("/api/cards/deleted").body()
                + house.get("/api/stock").body();
    }

    /** One browser for all tests of this process; each test has a profile of its own in it. */
    static synchronized Browser browser() {
        if (shared == null) {
            Playwright playwright = Playwright.create();
            Runtime.getRuntime().addShutdownHook(new Thread(playwright::close));
            shared = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium"))
                            .setArgs(CHROMIUM));
        }
        return shared;
    }

    @BeforeEach
    void newPage() {
        expected = null;
        newPage(new Browser.NewContextOptions().setViewportSize(1280, 800).setAcceptDownloads(true));
    }

    private void newPage(Browser.NewContextOptions options) {
        context = browser.newContext(options.setLocale("en-GB"));
        context.onPage(this::watch);
        page = context.newPage();
        asked.set(0);
        answers.set(0);
        countQuestions(page);
        page.navigate(house.at("/"));
    }

    /** Notes what the page throws, and what it or its policy complains of. */
    private void watch(Page page) {
        page.onPageError(broken::add);
        page.onConsoleMessage(message -> {
            if (List.of("error", "warning").contains(message.type())
                    && !OF_THE_BROWSER.matcher(message.text()).matches()) {
                broken.add(message.type() + ": " + message.text());
            }
        });
    }

    /** Counts what the hand asks, over its line or, until that stands, by requests. */
    private void countQuestions(Page page) {
        page.onWebSocket(line -> {
            line.onFrameSent(question -> asked.incrementAndGet());
            line.onFrameReceived(answer -> answers.incrementAndGet());
        });
        page.onRequest(request -> count(request, asked));
        page.onRequestFinished(request -> count(request, answers));
        page.onRequestFailed(request -> count(request, answers));
    }

    private static void count(Request request, AtomicInteger questions) {
        if (request.url().endsWith("/hand")) {
            questions.incrementAndGet();
        }
    }

    /** The page may complain of this, since the test breaks something of it. */
    void expectComplaint(String words) {
        expected = Pattern.compile(words);
    }

    @AfterEach
    void nothingBroke() {
        context.close();
        List<String> errors = broken.stream()
                .filter(said -> expected == null || !expected.matcher(said).find())
                .toList();
        broken.clear();
        assertThat(errors).as("the page threw or complained").isEmpty();
    }

    @AfterAll
    void close() throws IOException, InterruptedException {
        if (changesItsHouse()) {
            house.close();
        } else {
            assertThat(everythingIn(house))
                    .as("a class that changes something says @FreshHouse")
                    .isEqualTo(unchanged);
        }
    }

    /** axe-core's rules for WCAG 2.2 A and AA: nothing serious or critical may be found. */
    void nothingSerious() {
        nothingSeriousIn("body");
    }

    /** The same in a part of the page, like a slip that has just opened on what was looked at before. */
    void nothingSeriousIn(String part) {
        AxeRunOptions options = new AxeRunOptions();
        options.setResultTypes(List.of("violations"));
        var results = new AxeBuilder(page)
                // of what is in order one element is enough: else most of the time goes into listing it
                .options(options)
                // there are no frames: without this each look opens a page of its own to put them together
                .setLegacyMode(true)
                .include(part)
                .withTags(List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"))
                .analyze();
        assertThat(results.getPasses()).isNotEmpty();
        assertThat(results.getViolations().stream()
                        .filter(found -> List.of("serious", "critical").contains(found.getImpact()))
                        .map(found ->
                                found.getId() + ": " + found.getNodes().get(0).getHtml()))
                .isEmpty();
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator figure(String label) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Figures"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(label + ":"));
    }

    /** A piece in the strip above the board. */
    Locator piece(String name) {
        return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
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
            return JsonParser.parseString(house.get("/api/cards/" + id).body()).getAsJsonObject();
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
        newPage(new Browser.NewContextOptions().setViewportSize(1024, 768).setHasTouch(true));
    }

    /** Waits until what has happened by now is on the page: two of its frames, however long they take. */
    void painted() {
        page.evaluate("() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))");
    }

    /** Waits until every question of the hand that drags a line has its answer, and that is on the page. */
    void answered() {
        painted();
        page.waitForCondition(() -> asked.get() == answers.get());
        painted();
    }

    /** Waits until something stands where it is going to stay, and says where. */
    BoundingBox place(Locator thing) {
        thing.elementHandle().waitForElementState(ElementState.STABLE);
        return thing.boundingBox();
    }

    /** A finger that goes down, moves and is lifted. */
    void swipe(double fromX, double fromY, double toX, double toY) {
        CDPSession touch = context.newCDPSession(page);
        touch(touch, "touchStart", fromX, fromY);
        for (int step = 1; step <= 6; step++) {
            touch(touch, "touchMove", fromX + (toX - fromX) * step / 6, fromY + (toY - fromY) * step / 6);
            painted();
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
