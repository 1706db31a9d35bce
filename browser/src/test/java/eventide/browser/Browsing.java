package eventide.browser;

import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ForcedColors;
import com.microsoft.playwright.options.ReducedMotion;
import eventide.server.RunningServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The real screens of a real server in headless Chromium, spoken to by role and name as a person would. */
final class Browsing implements AutoCloseable {
    private static final Path AXE = Path.of("..", "web", "node_modules", "axe-core", "axe.min.js");

    private final RunningServer server;
    private final Playwright playwright;
    private final Browser browser;
    private final List<String> errors = new ArrayList<>();

    /** Text as it is seen: capitals as drawn, not as written. */
    static final LocatorAssertions.HasTextOptions AS_SEEN =
            new LocatorAssertions.HasTextOptions().setUseInnerText(true);

    /** The machine that tests may be a slow one; nothing here waits longer than it must. */
    private static final double PATIENCE_MS = 120_000;

    Browsing(boolean demo) {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
        server = new RunningServer(demo);
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        browser = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setHeadless(true)
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-background-networking",
                                "--no-first-run",
                                // A camera that shows a test picture, and is always allowed.
                                "--use-fake-device-for-media-stream",
                                "--use-fake-ui-for-media-stream")));
    }

    RunningServer server() {
        return server;
    }

    private BrowserContext patient(Browser.NewContextOptions options) {
        BrowserContext context = browser.newContext(options);
        context.setDefaultTimeout(PATIENCE_MS);
        return context;
    }

    /** A browser with nothing remembered. */
    BrowserContext fresh(int width, int height) {
        return patient(new Browser.NewContextOptions().setViewportSize(width, height));
    }

    BrowserContext with(Browser.NewContextOptions options) {
        return patient(options);
    }

    /** A reader with colours of their own. */
    BrowserContext forced() {
        return patient(
                new Browser.NewContextOptions().setViewportSize(1280, 800).setForcedColors(ForcedColors.ACTIVE));
    }

    /** A phone at the basin: narrow, and touched. */
    BrowserContext phone() {
        return patient(new Browser.NewContextOptions().setViewportSize(390, 844).setHasTouch(true));
    }

    /** A browser that asks for less motion, or does not. */
    BrowserContext calm(boolean less) {
        return patient(new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setReducedMotion(less ? ReducedMotion.REDUCE : ReducedMotion.NO_PREFERENCE));
    }

    Page open(BrowserContext context, String path) {
        Page page = context.newPage();
        page.onPageError(errors::add);
        page.navigate(server.url(path));
        return page;
    }

    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static Locator tab(Page page, String name) {
        return page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(name));
    }

    static Locator radio(Page page, String name) {
        return page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(name));
    }

    static Locator heading(Page page, String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    /** Nothing is being opened, worked out or drawn. */
    static void settled(Page page) {
        page.waitForFunction(
                """
                () => document.querySelector('main h1, main h2') !== null
                  && document.querySelector('[aria-busy=true]') === null
                  && ![...document.querySelectorAll('[role=status]')].some((said) => said.textContent.endsWith('…'))
                """);
        page.evaluate("() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
    }

    /** No rule of WCAG 2.2 A and AA that axe can check is broken here. */
    @SuppressWarnings("unchecked")
    static void assertAccessible(Page page, String what) {
        // Asked of the browser itself: a script put into the page would be refused by the page's own policy.
        page.evaluate(axe());
        Object found = page.evaluate(
                """
                async () => (await axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] }))
                  .violations.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ') + ' ' + n.failureSummary).join(' | ')}`)
                """);
        assertEquals(String.join("\n", (List<String>) found), "", what);
    }

    /** What axe finds with its best practices too, such as one heading of the first level and named table columns. */
    @SuppressWarnings("unchecked")
    static List<String> strictlyAccessible(Page page) {
        page.evaluate(axe());
        return (List<String>)
                page.evaluate(
                        """
                async () => (await axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] }))
                  .violations.map((v) => `${v.id}: ${v.nodes.slice(0, 3).map((n) => n.target.join(' ') + ' ' + n.failureSummary).join(' | ')}`)
                """);
    }

    private static String axe() {
        try {
            return Files.readString(AXE);
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    static void assertNothingOverflows(Page page, String what) {
        int over = (int) page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
        assertEquals(Math.max(0, over), 0, what + " is wider than the screen");
    }

    /** No script on any page has thrown. */
    void assertNoErrors() {
        assertEquals(errors, List.of());
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
        server.close();
    }
}
