package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.tab;
import static org.testng.Assert.assertEquals;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** A walk over all places and their states: by axe with its best practices, and by width, on all screens and charts. */
public class WalkTest extends InTheDemoSalon {
    private record Size(int width, int height) {
        @Override
        public String toString() {
            return width + "×" + height;
        }
    }

    /**
     * @param opened where a state is opened, and looked at by axe as well, which takes longest: what it finds hardly hangs on the width
     * @param turned what the same state is then seen at, as by who turns the phone or draws the window smaller
     */
    private record Screen(Size opened, List<Size> turned) {
        @Override
        public String toString() {
            return opened + ", then " + turned;
        }
    }

    private record State(String name, String path, Consumer<Page> then) {}

    private long running;
    private long waiting;

    @DataProvider
    public Object[] screens() {
        return new Object[] {
            // 640×400 is 1280×800 at twice its size.
            new Screen(new Size(390, 844), List.of(new Size(320, 568), new Size(640, 400), new Size(640, 800))),
            new Screen(new Size(1280, 800), List.of(new Size(1024, 768))),
        };
    }

    /** Six heads in work, one of them paused, and one that was taken and not begun. */
    @BeforeClass
    public void sixHeads() {
        for (int client = 2; client <= 7; client++) {
            running = taken(client);
            happened(running, "BEGIN", "2026-05-01T09:00:00Z");
        }
        waiting = taken(9);
    }

    private long taken(int client) {
        JsonNode plan = browsing.server().get("/api/clients/1/wash-days").body().get(0);
        return browsing.server()
                .post(
                        "/api/clients/" + client + "/wash-days",
                        "{\"name\":\"In work\",\"hair\":" + plan.get("hair") + ",\"goal\":" + plan.get("goal")
                                + ",\"air\":" + plan.get("air") + ",\"routine\":" + plan.get("routine") + "}")
                .body()
                .get("id")
                .asLong();
    }

    private void happened(long day, String kind, String at) {
        browsing.server()
                .post(
                        "/api/wash-days/" + day + "/events",
                        "{\"events\":[{\"id\":\"" + kind + "\",\"at\":\"" + at + "\",\"kind\":\"" + kind + "\"}]}");
    }

    private static Consumer<Page> pressing(String... names) {
        return page -> {
            for (String name : names) {
                button(page, name).first().click();
            }
        };
    }

    private static Consumer<Page> atTab(String name) {
        return page -> tab(page, name).click();
    }

    private List<State> states() {
        Consumer<Page> none = page -> {};
        Consumer<Page> firstStep = page -> page.locator("[data-line]").first().click();
        String chair = "/clients/7/chair?day=" + running;
        return List.of(
                new State("today", "/", none),
                new State("the salon's hours", "/", page -> page.getByText("The salon’s hours")
                        .click()),
                new State("aftercare", "/clients/1/aftercare", none),
                new State("something moved", "/clients/1/aftercare", page -> page.getByText("move")
                        .first()
                        .click()),
                new State("keys", "/", page -> page.keyboard().press("?")),
                new State("a new client", "/new", none),
                new State("clients", "/clients", none),
                new State("files", "/clients", pressing("A file out, a file in")),
                new State("more of one", "/clients", page -> page.getByText(
                                "more", new Page.GetByTextOptions().setExact(true))
                        .first()
                        .click()),
                new State("shelf", "/shelf", none),
                new State("a bottle", "/shelf?open=3", none),
                new State("a new bottle", "/shelf?open=new", none),
                new State("shelf files", "/shelf?open=files", none),
                new State("consult", "/clients/1/consult", none),
                new State("tests", "/clients/1/consult", atTab("Guided tests")),
                new State("condition", "/clients/1/consult", atTab("Condition")),
                new State("hair now", "/clients/1/consult", atTab("Hair now")),
                new State("wishes", "/clients/1/consult", atTab("Wishes")),
                new State("ways", "/clients/1/consult", atTab("Ways")),
                new State("kept", "/clients/1/consult", atTab("Kept")),
                new State("plan", "/clients/1/plan", none),
                new State("a step", "/clients/1/plan", firstStep),
                new State("limits", "/clients/1/plan", page -> page.getByRole(
                                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Limits")))
                        .click()),
                new State("schools", "/clients/1/plan", atTab("Schools")),
                new State("air", "/clients/1/plan", atTab("Air")),
                new State("templates", "/clients/1/plan", atTab("Templates")),
                new State("take along", "/clients/1/plan", atTab("Take along")),
                new State("not begun", "/clients/9/chair?day=" + waiting, none),
                new State("at the chair", chair, none),
                new State("a look", chair, tool("Look")),
                new State("a note", chair, tool("Note")),
                new State("nothing at the chair", "/clients/1/chair", none),
                new State("log", "/clients/1/log", none),
                new State("nothing in the log", "/clients/4/log", none),
                new State("nothing worn", "/clients/4/aftercare", none),
                new State("what works", "/clients/1/learn", none),
                new State("practice", "/practice", none),
                new State("a fault to find", "/practice", page -> {
                    page.getByLabel("Name").fill("Hester");
                    button(page, "Begin").click();
                    button(page, "Show it").click();
                }),
                new State("nowhere", "/nowhere", none));
    }

    /** In sight, or behind the one button that holds the rest. */
    private static Consumer<Page> tool(String name) {
        return page -> {
            assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pause")))
                    .isVisible();
            if (!button(page, name).isVisible()) {
                button(page, "More").click();
            }
            button(page, name).click();
        };
    }

    /** Under 44 px in either direction at the chair, where hands are wet, or out of reach; what is scrolled to is in reach. */
    private static final String SMALL =
            """
            () => [...document.querySelectorAll('[data-chair] a, [data-chair] button')]
              .filter((b) => b.getClientRects().length > 0)
              .map((b) => [b, b.getBoundingClientRect()])
              .filter(([b, box]) => box.width < 43.5 || box.height < 43.5 || box.right > window.innerWidth + 1 || (box.bottom > window.innerHeight + 1 && b.closest('.overflow-y-auto') === null))
              .map(([b, box]) => `${b.ariaLabel ?? b.textContent} ${Math.round(box.width)}×${Math.round(box.height)} to ${Math.round(box.right)},${Math.round(box.bottom)}`)
            """;

    @Test(dataProvider = "screens")
    public void everyPlaceAndStateIsWhole(Screen screen) {
        BrowserContext context =
                browsing.fresh(screen.opened().width(), screen.opened().height());
        List<String> wrong = new ArrayList<>();
        Page page = browsing.open(context, "/");
        for (State state : states()) {
            page.setViewportSize(screen.opened().width(), screen.opened().height());
            page.navigate(browsing.server().url(state.path()));
            Browsing.settled(page);
            state.then().accept(page);
            Browsing.settled(page);
            Browsing.strictlyAccessible(page).forEach(found -> wrong.add(state.name() + ": " + found));
            look(page, state.name() + " at " + screen.opened(), wrong);
            for (Size turned : screen.turned()) {
                page.setViewportSize(turned.width(), turned.height());
                Browsing.settled(page);
                look(page, state.name() + " turned to " + turned, wrong);
            }
        }
        assertEquals(String.join("\n", wrong), "", screen.toString());
        browsing.assertNoErrors();
        context.close();
    }

    @SuppressWarnings("unchecked")
    private static void look(Page page, String where, List<String> wrong) {
        int over = (int) page.evaluate("() => document.documentElement.scrollWidth - window.innerWidth");
        if (over > 0) {
            wrong.add(where + ": wider than the screen by " + over);
        }
        ((List<String>) page.evaluate(SMALL)).forEach(small -> wrong.add(where + ": " + small));
    }
}
