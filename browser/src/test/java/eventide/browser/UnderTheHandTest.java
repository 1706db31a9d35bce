package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;
import static eventide.browser.Browsing.radio;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertNotEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Where a new user would stop: nothing typed is lost, nothing is made twice, focus and the address know where one is. */
public class UnderTheHandTest extends InTheDemoSalon {
    private static final String FOCUSED = "() => document.activeElement.innerText ?? document.activeElement.tagName";

    private static Locator steps(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps in order"));
    }

    private static Locator line(Page page, int index) {
        return steps(page).getByRole(AriaRole.LISTITEM).nth(index).locator("[data-line]");
    }

    private Page plan(BrowserContext context, int client) {
        Page page = browsing.open(context, "/clients/" + client + "/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        Browsing.settled(page);
        return page;
    }

    private int washDays(int client) {
        return browsing.server()
                .get("/api/clients/" + client + "/wash-days")
                .body()
                .size();
    }

    @Test
    public void oneHistoryForWishesLimitsEditsAndSuggestions() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = plan(context, 3);
        String suggested = steps(page).innerText();
        radio(page, "Definition: above all").click();
        Browsing.settled(page);
        String wished = steps(page).innerText();
        line(page, 1).click();
        button(page, "Leave out").first().click();
        assertThat(steps(page)).not().hasText(wished, Browsing.AS_SEEN);
        Browsing.settled(page);
        String less = steps(page).innerText();
        button(page, "Less time").click();
        Browsing.settled(page);
        page.keyboard().press("Control+z");
        Browsing.settled(page);
        assertThat(steps(page)).hasText(less, Browsing.AS_SEEN);
        page.keyboard().press("Control+z");
        assertThat(steps(page)).hasText(wished, Browsing.AS_SEEN);
        // The panel is open again on the step that had been left out.
        assertThat(line(page, 1)).hasAttribute("aria-pressed", "true");
        page.keyboard().press("Control+z");
        Browsing.settled(page);
        assertThat(steps(page)).hasText(suggested, Browsing.AS_SEEN);
        assertThat(button(page, "Undo")).isDisabled();
        page.keyboard().press("Control+Shift+z");
        Browsing.settled(page);
        assertThat(steps(page)).hasText(wished, Browsing.AS_SEEN);
        assertThat(radio(page, "Definition: above all")).isChecked();
        context.close();
    }

    @Test
    public void thePanelGoesWithItsStepWhenItsMoveIsUndone() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = plan(context, 3);
        String second = line(page, 1).innerText().split("\n")[1];
        line(page, 1).press("Alt+ArrowDown");
        assertThat(line(page, 2)).containsText(second);
        assertThat(line(page, 2)).hasAttribute("aria-pressed", "true");
        page.keyboard().press("Control+z");
        assertThat(line(page, 1)).containsText(second);
        assertThat(line(page, 1)).hasAttribute("aria-pressed", "true");
        context.close();
    }

    @Test
    public void aStepIsNearItsPanelByKeysAndFocusIsNeverLost() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = plan(context, 3);
        line(page, 0).focus();
        page.keyboard().press("ArrowDown");
        page.keyboard().press("ArrowDown");
        assertEquals(page.evaluate(FOCUSED), line(page, 2).innerText());
        page.keyboard().press("Enter");
        Locator panel = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("In hand"));
        assertThat(panel).isVisible();
        int tabs = 0;
        while (!isWithin(panel) && tabs < 9) {
            page.keyboard().press("Tab");
            tabs++;
        }
        assertTrue(tabs <= 8, "tabs from a step to its panel: " + tabs);
        page.keyboard().press("Escape");
        assertThat(panel).hasCount(0);
        assertEquals(page.evaluate(FOCUSED), line(page, 2).innerText());
        page.keyboard().press("Enter");
        String after = line(page, 3).innerText().split("\n")[1];
        button(page, "Leave out").first().click();
        assertThat(line(page, 2)).containsText(after);
        assertThat(line(page, 2)).isFocused();
        context.close();
    }

    private static boolean isWithin(Locator place) {
        return (boolean) place.evaluate("(own) => own.contains(document.activeElement)");
    }

    @Test
    public void placesTellTheirNameTakeFocusAndCanBeSkippedTo() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/");
        assertThat(heading(page, "Today")).isVisible();
        assertEquals(page.title(), "Today · Even Tide");
        page.keyboard().press("Tab");
        assertEquals(page.evaluate(FOCUSED), "Skip to the work");
        page.keyboard().press("Enter");
        assertEquals(page.evaluate("() => document.activeElement.tagName"), "MAIN");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New client"))
                .click();
        assertThat(page.getByLabel("Name")).isFocused();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Clients"))
                .click();
        assertThat(heading(page, "Clients").first()).isFocused();
        page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Clients"))
                .getByRole(AriaRole.LINK)
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(1)))
                .isFocused();
        assertTrue(page.title().startsWith("Log · "), page.title());
        page.navigate(browsing.server().url("/a/place/nobody/made"));
        assertThat(heading(page, "Off the chart")).isVisible();
        assertAccessible(page, "an unknown address");
        page.navigate(browsing.server().url("/clients/987654/plan"));
        assertThat(page.getByText("There is no client 987654")).isVisible();
        assertAccessible(page, "an unknown client");
        context.close();
    }

    @Test
    public void aSheetGivesFocusBackToWhatOpenedIt() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients");
        button(page, "A file out, a file in").click();
        assertThat(page.getByRole(AriaRole.DIALOG)).isVisible();
        page.keyboard().press("Escape");
        assertThat(button(page, "A file out, a file in")).isFocused();
        context.close();
    }

    @Test
    public void aNewBottleStaysAsTyped() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/shelf");
        button(page, "Add a product").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Half a bottle");
        page.getByLabel("Ingredients, pasted or typed as they stand").fill("Aqua, Glycerin, Panthenol");
        page.reload();
        Locator label = page.getByLabel("Ingredients, pasted or typed as they stand");
        assertThat(label).hasValue("Aqua, Glycerin, Panthenol");
        page.locator("[data-rove]").first().click();
        assertThat(label).not().hasValue("Aqua, Glycerin, Panthenol");
        button(page, "Add a product").click();
        assertThat(label).hasValue("Aqua, Glycerin, Panthenol");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Today"))
                .click();
        assertThat(heading(page, "Today")).isVisible();
        page.goBack();
        assertThat(page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("Half a bottle");
        // Two touches are one bottle.
        button(page, "Put it on the shelf").dblclick();
        assertThat(heading(page, "Half a bottle")).isVisible();
        assertEquals(count("/api/shelf/items", "Half a bottle"), 1);
        context.close();
    }

    private long count(String path, String name) {
        return browsing.server().get(path).body().findValues("name").stream()
                .filter(own -> name.equals(own.asString()))
                .count();
    }

    @Test
    public void aDoubleClickMakesOneClient() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/new");
        page.getByLabel("Name").fill("Twice Tapped");
        page.reload();
        assertThat(page.getByLabel("Name")).hasValue("Twice Tapped");
        button(page, "Read the hair").dblclick();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Twice Tapped")))
                .isVisible();
        assertEquals(count("/api/clients", "Twice Tapped"), 1);
        context.close();
    }

    @Test
    public void whatIsLookedForAndWhatIsOpenStandInTheAddress() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/shelf");
        page.getByLabel("Show").selectOption("builds up");
        int found = page.locator("[data-rove]").count();
        page.locator("[data-rove]").first().click();
        String name = page.locator("[data-rove][aria-pressed=true]").innerText();
        page.reload();
        assertThat(page.locator("[data-rove]")).hasCount(found);
        assertThat(page.locator("[data-rove][aria-pressed=true]")).hasText(name, Browsing.AS_SEEN);
        page.navigate(browsing.server().url("/clients/1/log"));
        page.locator("nav[aria-label='Wash days'] [data-rove]").nth(2).click();
        String day = page.locator("[data-rove][aria-current=true]").innerText();
        page.reload();
        assertThat(page.locator("[data-rove][aria-current=true]")).hasText(day, Browsing.AS_SEEN);
        Page plan = plan(context, 3);
        line(plan, 2).click();
        plan.reload();
        assertThat(line(plan, 2)).hasAttribute("aria-pressed", "true");
        context.close();
    }

    @Test
    public void aNumberThatCannotBeIsToldAndNotSavedOver() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/2/consult");
        Locator length = page.getByLabel("Length, pulled straight");
        String before = length.inputValue();
        length.fill("900");
        length.blur();
        assertThat(page.getByRole(AriaRole.ALERT).getByText("is from 0.5 to 200 cm, and 900 is not"))
                .isVisible();
        assertAccessible(page, "a number out of range");
        button(page, "Save and plan").click();
        assertThat(length).isFocused();
        assertThat(length).hasValue("900");
        button(page, "Leave it at " + before).click();
        assertThat(length).hasValue(before);
        // A reading is taken back by emptying it, or by touching what stands.
        length.fill("");
        length.blur();
        radio(page, "Medium").first().click();
        assertThat(page.getByText("Still to read")).containsText("length");
        assertThat(button(page, "Save and plan")).isDisabled();
        context.close();
    }

    @Test
    public void theWholeHeadsFiguresAreNotTheCrowns() {
        String hair =
                "{\"strand\":\"MEDIUM\",\"porosity\":\"MEDIUM\",\"pattern\":\"2A\",\"density\":\"MEDIUM\",\"lengthCm\":40,"
                        + "\"zones\":{\"CROWN\":{\"pattern\":\"4A\"}}}";
        long id = browsing.server()
                .post("/api/clients", "{\"name\":\"Two Patterns\",\"hair\":" + hair + "}")
                .body()
                .get("id")
                .asLong();
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/" + id + "/consult");
        Locator found = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Found"));
        assertThat(found).containsText("Shrinkage");
        double percent = Double.parseDouble(found.innerText().replaceAll("(?s).*Shrinkage\\s+([\\d.]+) %.*", "$1"));
        assertTrue(percent > 5 && percent < 25, "one zone of six coils, and the head shrinks by " + percent);
        context.close();
    }

    @Test
    public void oneInputTakesAnyFileAndSaysWhatItHolds() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients");
        button(page, "A file out, a file in").click();
        Locator input = page.getByLabel("Bring a file");
        record Brought(String name, String text, String says) {}
        String shelf = browsing.server().get("/api/shelf/export").body().toString();
        String scores = browsing.server().get("/api/exchange/log.json").body().toString();
        for (Brought file : List.of(
                new Brought("bottles.json", shelf, "already on the shelf"),
                new Brought("scores.json", scores, "scored otherwise than here"),
                new Brought("routine.json", "{\"formatVersion\":1,\"steps\":[]}", "This is a routine"),
                new Brought("salon.zip", "PK\u0003\u0004", "a backup of a whole salon"),
                new Brought("letter.txt", "Dear all", "Nothing here can be told"))) {
            input.setInputFiles(
                    new FilePayload(file.name(), "application/json", file.text().getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByRole(AriaRole.DIALOG).getByText(file.says())).isVisible();
        }
        assertAccessible(page, "a file brought");
        context.close();
    }

    private Page toTheChair(BrowserContext context, int client) {
        Page page = plan(context, client);
        button(page, "Take it to the chair").click();
        assertThat(button(page, "Begin")).isVisible();
        return page;
    }

    @Test
    public void aRunNeverBegunIsPutBackAndAnotherPlanAsksFirst() {
        BrowserContext context = browsing.fresh(1280, 800);
        int before = washDays(6);
        Page page = toTheChair(context, 6);
        assertAccessible(page, "at the chair, not begun");
        button(page, "Put it back").click();
        assertThat(button(page, "Take it to the chair")).isVisible();
        assertEquals(washDays(6), before, "no wash day is left of it");
        assertThat(page.getByText(Pattern.compile(", changed$|^By hand$"))).isVisible();
        button(page, "Take it to the chair").click();
        assertThat(button(page, "Begin")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Leave the chair"))
                .click();
        button(page, "Take it to the chair").click();
        Locator asked = page.getByRole(AriaRole.DIALOG);
        assertThat(asked).containsText("never begun");
        assertAccessible(page, "what becomes of the one that waits");
        button(page, "Take this one instead").click();
        assertThat(button(page, "Begin")).isVisible();
        assertEquals(washDays(6), before + 1, "the one that waited is gone");
        button(page, "Put it back").click();
        assertThat(button(page, "Take it to the chair")).isVisible();
        context.close();
    }

    @Test
    public void whatTheServerRefusesIsSaidAtTheChair() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 5);
        JsonNode plan = browsing.server().get("/api/clients/5/wash-days").body().get(0);
        long other = browsing.server()
                .post(
                        "/api/clients/5/wash-days",
                        "{\"name\":\"On the other side\",\"hair\":" + plan.get("hair") + ",\"goal\":"
                                + plan.get("goal") + ",\"air\":" + plan.get("air") + ",\"routine\":"
                                + plan.get("routine") + "}")
                .body()
                .get("id")
                .asLong();
        browsing.server()
                .post(
                        "/api/wash-days/" + other + "/events",
                        "{\"events\":[{\"id\":\"b\",\"at\":\"2026-05-01T09:00:00Z\",\"kind\":\"BEGIN\"}]}");
        button(page, "Begin").click();
        assertThat(page.getByText("“On the other side”")
                        .or(page.getByText("\"On the other side\" of the same head is still running")))
                .isVisible();
        browsing.server().delete("/api/wash-days/" + other);
        context.close();
    }

    @Test
    public void theEndOfARunStaysOverAReload() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 7);
        button(page, "Begin").click();
        button(page, "Pause").click();
        button(page, "End here").click();
        assertThat(heading(page, "Done")).isVisible();
        assertThat(page.getByText("The record is kept.")).isVisible();
        page.reload();
        assertThat(heading(page, "Done")).isVisible();
        assertAccessible(page, "the end of a run");
        context.close();
    }

    @Test
    public void whatIsChosenShowsInTheReadersOwnColours() {
        BrowserContext context = browsing.forced();
        Page page = plan(context, 3);
        line(page, 1).click();
        for (String chosen : List.of(
                "button[role=radio][aria-checked=true]",
                "[aria-label='Steps in order'] [aria-pressed=true]",
                ".sheet > div > span > button[aria-pressed=true]",
                "a[aria-current=page]")) {
            assertNotEquals(
                    colour(page, chosen),
                    colour(
                            page,
                            chosen.replace("=true", "=false")
                                    .replace("a[aria-current=page]", "nav a:not([aria-current])")),
                    chosen);
        }
        button(page, "Close").click();
        assertNotEquals(
                colour(page, "[role=tab][aria-selected=true]"),
                colour(page, "[role=tab][aria-selected=false]"),
                "tabs");
        button(page, "Night chart").click();
        assertNotEquals(
                colour(page, "button[aria-label='Night chart'][aria-pressed=true]"),
                colour(page, "button:text-is('Undo')"));
        context.close();
    }

    private static Object colour(Page page, String selector) {
        return page.locator(selector).first().evaluate("(own) => getComputedStyle(own).backgroundColor");
    }

    @Test
    public void everyHeadAtTheChairOpensWithoutTheServerAndOthersAreAskedForAgain() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 8);
        button(page, "Begin").click();
        assertThat(button(page, "Done")).isVisible();
        page.navigate(browsing.server().url("/"));
        assertThat(heading(page, "Today")).isVisible();
        page.waitForFunction("() => navigator.serviceWorker.controller !== null");
        page.reload();
        page.waitForFunction(
                """
                async () => {
                  const kept = await caches.open('eventide')
                  return (await kept.keys()).some(({ url }) => url.endsWith('/chair'))
                }
                """);
        // Another tab that has never been at this chair.
        browsing.server().stop();
        Page other = context.newPage();
        other.navigate(browsing.server().url("/clients/8/chair"));
        assertThat(button(other, "Done")).isVisible();
        other.navigate(browsing.server().url("/clients/2/plan"));
        assertThat(button(other, "Try again now")).isVisible();
        assertAccessible(other, "what cannot be opened");
        browsing.server().restart();
        assertThat(button(other, "Best for the goal")).isVisible();
        context.close();
    }
}
