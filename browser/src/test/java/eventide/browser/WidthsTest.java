package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** On a phone, a large one and a tablet nothing lies off the screen: every place, sheet, step and end. */
public class WidthsTest extends InTheDemoSalon {
    /** What lies beside the screen and cannot be scrolled to. */
    private static final String BESIDE =
            """
            () => {
              const wide = window.innerWidth
              const scrolls = (el) => el.closest('.overflow-x-auto,.overflow-x-scroll,.overflow-auto') !== null
              const unseen = (el) => {
                for (let p = el; p; p = p.parentElement) {
                  const s = getComputedStyle(p)
                  if (s.display === 'none' || s.visibility === 'hidden' || s.opacity === '0') return true
                  if (p.classList.contains('sr-only')) return true
                }
                return false
              }
              const found = []
              if (document.documentElement.scrollWidth > wide) found.push(`the page, ${document.documentElement.scrollWidth} px`)
              for (const el of document.querySelectorAll(
                'a,button,input,select,textarea,[role=radio],[role=slider],[role=tab],[role=checkbox],p,h1,h2,h3,li,label,td,th')) {
                const box = el.getBoundingClientRect()
                if (box.width < 2 || box.height < 2 || (box.right <= wide + 1 && box.left >= -1)) continue
                if (!unseen(el) && !scrolls(el))
                  found.push(`${el.tagName} "${(el.getAttribute('aria-label') ?? el.textContent).trim().slice(0, 40)}" ${Math.round(box.left)}–${Math.round(box.right)}`)
              }
              return found
            }
            """;

    /** Buttons in sight, by name, in the order of the page; of a list or a table those of the first rows, for the others are like them. */
    private static final String BUTTONS =
            """
            () => [...document.querySelectorAll('button,[role=tab]')]
              .filter((b) => !b.disabled && b.getClientRects().length > 0)
              .filter((b) => {
                const row = b.closest('li,tr')
                return row === null || [...row.parentElement.children].indexOf(row) < 3
              })
              .map((b) => (b.getAttribute('aria-label') ?? b.textContent).trim())
            """;

    private static final String PRESS =
            """
            (name) => {
              const one = [...document.querySelectorAll('button,[role=tab]')]
                .find((b) => !b.disabled && b.getClientRects().length > 0 && (b.getAttribute('aria-label') ?? b.textContent).trim() === name)
              one?.dispatchEvent(new MouseEvent('mousedown', { bubbles: true, button: 0 }))
              one?.click()
              return one !== undefined
            }
            """;

    /** Would leave the place, or take away what the rest of the walk looks at. */
    private static final Pattern LEFT_ALONE = Pattern.compile(
            "(?i).*(to the chair|night chart|remove|erase|take .* out|put it away|print|keep it|save).*");

    /**
     * @param px at which everything is pressed
     * @param wider at which each place is looked at too, the same screen a little wider
     */
    private record Width(int px, int wider) {
        @Override
        public String toString() {
            return px + " and " + wider;
        }
    }

    @DataProvider
    public Object[] widths() {
        return new Object[] {new Width(320, 390), new Width(768, 820)};
    }

    /** Whatever a test leaves in work would stand in the next one's way. */
    @AfterMethod(alwaysRun = true)
    public void clearTheChairs() {
        for (JsonNode head : browsing.server().get("/api/chair/running").body()) {
            happened(
                    head.get("washDayId").asLong(),
                    "{\"id\":\"cleared\",\"at\":\"2099-01-01T00:00:00Z\",\"kind\":\"FINISH\"}");
        }
    }

    private void happened(long day, String event) {
        browsing.server().post("/api/wash-days/" + day + "/events", "{\"events\":[" + event + "]}");
    }

    private static void assertNothingBeside(Page page, Width width, String what) {
        assertNothingBeside(page, what + " at " + width.px());
        page.setViewportSize(width.wider(), HEIGHT);
        assertNothingBeside(page, what + " at " + width.wider());
        page.setViewportSize(width.px(), HEIGHT);
    }

    private static final int HEIGHT = 844;

    @SuppressWarnings("unchecked")
    private static void assertNothingBeside(Page page, String what) {
        page.evaluate("() => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn)))");
        List<String> beside = (List<String>) page.evaluate(BESIDE);
        assertEquals(String.join("\n", beside), "", what);
    }

    private Page open(BrowserContext context, String path) {
        Page page = browsing.open(context, path);
        Browsing.settled(page);
        return page;
    }

    /** Presses everything in sight that opens something here, once each, and looks after each; how many there were. */
    @SuppressWarnings("unchecked")
    private int walk(Page page, String path, Width width, String what) {
        Set<String> pressed = new TreeSet<>();
        assertNothingBeside(page, width, what);
        for (int turn = 0; turn < 80; turn++) {
            List<String> inSight = (List<String>) page.evaluate(BUTTONS);
            String next = inSight.stream()
                    .filter(name -> !name.isEmpty() && !LEFT_ALONE.matcher(name).matches() && !pressed.contains(name))
                    .findFirst()
                    .orElse(null);
            if (next == null) {
                break;
            }
            pressed.add(next);
            page.evaluate(PRESS, next);
            // What opens is as wide as the screen lets it: the narrower of the two is where it would not fit.
            assertNothingBeside(page, what + ", after " + next + " at " + width.px());
            page.keyboard().press("Escape");
            if (!page.url().endsWith(path)) {
                page.navigate(browsing.server().url(path));
                Browsing.settled(page);
            }
        }
        return pressed.size();
    }

    @Test(dataProvider = "widths")
    public void placesAndTheirSheets(Width width) {
        BrowserContext context = browsing.fresh(width.px(), HEIGHT);
        int pressed = 0;
        for (String path : List.of(
                "/",
                "/new",
                "/clients",
                "/shelf",
                "/clients/1/consult",
                "/clients/4/consult",
                "/clients/1/log",
                "/clients/4/log")) {
            Page page = open(context, path);
            assertThat(page.getByRole(AriaRole.MAIN).getByRole(AriaRole.HEADING).first())
                    .isVisible();
            pressed += walk(page, path, width, path);
            page.close();
        }
        assertTrue(pressed > 40, "much was pressed: " + pressed);
        browsing.assertNoErrors();
        context.close();
    }

    @Test(dataProvider = "widths")
    public void thePlanAndAllThatOpensOnIt(Width width) {
        BrowserContext context = browsing.fresh(width.px(), HEIGHT);
        Page page = open(context, "/clients/1/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        int pressed = walk(page, "/clients/1/plan", width, "the plan");
        assertTrue(pressed > 30, "much was pressed: " + pressed);
        browsing.assertNoErrors();
        context.close();
    }

    private static Locator big(Page page) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^(Begin|Done|Go on)( |$|s)")))
                .last();
    }

    @Test(dataProvider = "widths")
    public void theChairWithFiveHeadsEveryStepAndTheEnd(Width width) {
        for (int client = 2; client <= 5; client++) {
            JsonNode of = browsing.server()
                    .get("/api/clients/" + client + "/wash-days")
                    .body();
            JsonNode plan = (of.isEmpty()
                            ? browsing.server().get("/api/clients/1/wash-days").body()
                            : of)
                    .get(0);
            JsonNode added = browsing.server()
                    .post(
                            "/api/clients/" + client + "/wash-days",
                            "{\"name\":\"Beside\",\"hair\":" + plan.get("hair") + ",\"goal\":" + plan.get("goal")
                                    + ",\"air\":" + plan.get("air") + ",\"routine\":" + plan.get("routine") + "}")
                    .body();
            happened(added.get("id").asLong(), "{\"id\":\"b\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"BEGIN\"}");
        }
        BrowserContext context = browsing.fresh(width.px(), HEIGHT);
        Page page = open(context, "/clients/1/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        button(page, "Take it to the chair").click();
        assertThat(big(page)).containsText("Begin");
        assertThat(page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Other heads")))
                .isVisible();
        assertNothingBeside(page, width, "before the beginning");
        big(page).click();
        for (String tool : List.of("Look", "Note")) {
            inReach(page, tool).click();
            assertNothingBeside(page, width, tool);
            page.keyboard().press("Escape");
        }
        button(page, "Pause").click();
        assertThat(inReach(page, "End here")).isVisible();
        assertNothingBeside(page, width, "paused");
        page.keyboard().press("Escape");
        big(page).click();
        for (int turn = 0; turn < 120 && !heading(page, "Done").isVisible(); turn++) {
            assertNothingBeside(page, width, "turn " + turn);
            Locator where = page.getByText(Pattern.compile("^Step \\d+ of"));
            String before = said(where) + big(page).innerText();
            big(page).click();
            page.waitForCondition(() -> heading(page, "Done").isVisible()
                    || !(said(where) + big(page).innerText()).equals(before));
        }
        assertThat(page.getByText("The record is kept.")).isVisible();
        assertThat(page.getByText("Log how it came out")).isVisible();
        Browsing.settled(page);
        assertNothingBeside(page, width, "the end");
        page.getByText("Log how it came out").click();
        assertThat(heading(page, "Wash days")).isVisible();
        assertNothingBeside(page, width, "the log after it");
        context.close();
    }

    /** In sight, or behind the one button that holds the rest. */
    private static Locator inReach(Page page, String tool) {
        if (!button(page, tool).isVisible()) {
            button(page, "More").click();
        }
        return button(page, tool);
    }

    private static String said(Locator where) {
        return where.innerText().split("\n")[0].replaceAll("of (\\d+).*", "of $1");
    }
}
