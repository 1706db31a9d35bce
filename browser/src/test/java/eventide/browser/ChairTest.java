package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.assertNothingOverflows;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.AfterMethod;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** Hands in hair: the run at the chair, by a clock the test turns. */
public class ChairTest extends InTheDemoSalon {
    /** Whatever a test leaves in work would stand in the next one's way. */
    @AfterMethod(alwaysRun = true)
    public void clearTheChairs() {
        for (JsonNode head : browsing.server().get("/api/chair/running").body()) {
            browsing.server()
                    .post(
                            "/api/wash-days/" + head.get("washDayId").asLong() + "/events",
                            "{\"events\":[{\"id\":\"cleared\",\"at\":\"2099-01-01T00:00:00Z\",\"kind\":\"FINISH\"}]}");
        }
    }

    private static Locator big(Page page) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^(Begin|Done|Go on)( |$|s)")))
                .last();
    }

    private static Locator tool(Page page, String name) {
        return button(page, name);
    }

    private Page toTheChair(BrowserContext context, int client) {
        Page page = browsing.open(context, "/clients/" + client + "/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        take(page);
        return page;
    }

    /** What another test has left there makes way, or stays beside if its beginning came in late. */
    private static void take(Page page) {
        button(page, "Take it to the chair").click();
        Locator instead = page.getByRole(
                AriaRole.BUTTON,
                new Page.GetByRoleOptions()
                        .setName(Pattern.compile("^(Take this one instead|Let this one wait there)$")));
        assertThat(big(page).or(instead)).isVisible();
        if (instead.isVisible()) {
            instead.click();
        }
        assertThat(big(page)).containsText("Begin");
    }

    /** Once the next press counts: two in a blink are one. */
    private static void press(Page page, String key) {
        assertThat(big(page)).isEnabled();
        page.keyboard().press(key);
    }

    private static void assertStep(Page page, int step) {
        assertThat(page.getByText(Pattern.compile("^Step " + step + " of"))).isVisible();
    }

    private JsonNode record(int client) {
        return browsing.server()
                .get("/api/clients/" + client + "/wash-days")
                .body()
                .get(0)
                .get("record");
    }

    private void awaitEvents(Page page, int client, int count) {
        long day = browsing.server()
                .get("/api/clients/" + client + "/wash-days")
                .body()
                .get(0)
                .get("id")
                .asLong();
        page.waitForCondition(() -> browsing.server()
                        .get("/api/wash-days/" + day + "/events")
                        .body()
                        .size()
                >= count);
    }

    @Test
    public void aWholeWashDayIsRunWithOneThumb() {
        BrowserContext context = browsing.phone();
        Page page = toTheChair(context, 1);
        page.clock().install();
        assertNothingOverflows(page, "the chair on a phone");
        double height = big(page).boundingBox().height;
        assertTrue(height > 844 * .4, "one target fills the lower half, but was " + height);
        big(page).tap();
        int steps = Integer.parseInt(page.getByText(Pattern.compile("^Step 1 of \\d+"))
                .innerText()
                .replaceAll("(?s)Step 1 of (\\d+).*", "$1"));
        assertAccessible(page, "the chair on a phone");
        int taps = 0;
        while (!heading(page, "Done").isVisible() && taps < 100) {
            Locator where = page.getByText(Pattern.compile("^Step \\d+ of"));
            String before = where.innerText().split("\n")[0].replaceAll("of (\\d+).*", "of $1")
                    + big(page).innerText();
            page.clock().runFor(60_000);
            big(page).tap();
            taps++;
            String said = before;
            page.waitForCondition(() -> heading(page, "Done").isVisible()
                    || !(where.innerText().split("\n")[0].replaceAll("of (\\d+).*", "of $1")
                                    + big(page).innerText())
                            .equals(said));
        }
        assertThat(page.getByText("The record is kept.")).isVisible();
        JsonNode record = record(1);
        assertEquals(record.get("steps").size(), steps);
        assertTrue(record.has("finishedAt"));
        // A minute for every tap, as the clock said.
        long minutes = java.time.Duration.between(
                        java.time.Instant.parse(record.get("startedAt").asString()),
                        java.time.Instant.parse(record.get("finishedAt").asString()))
                .toMinutes();
        assertTrue(Math.abs(minutes - taps) <= 2, taps + " taps took " + minutes + " minutes");
        assertAccessible(page, "the end of a run");
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void nothingIsLostWhileTheServerIsGoneNotEvenOverAReload() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 2);
        big(page).click();
        assertStep(page, 1);
        press(page, "PageDown");
        assertStep(page, 2);
        awaitEvents(page, 2, 2);
        // Once more with everything that a page is made of kept by the browser.
        page.reload();
        assertStep(page, 2);
        page.waitForFunction("() => navigator.serviceWorker.controller !== null");
        browsing.server().stop();
        press(page, " ");
        assertStep(page, 3);
        assertThat(page.getByText("No server just now")).isVisible();
        tool(page, "Look").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Slick")))
                .click();
        page.reload();
        assertStep(page, 3);
        press(page, "ArrowRight");
        assertStep(page, 4);
        browsing.server().restart();
        assertThat(page.getByText("No server just now")).not().isVisible();
        awaitEvents(page, 2, 5);
        JsonNode record = record(2);
        assertEquals(record.get("steps").size(), 4);
        assertEquals(record.get("open").asInt(), 3);
        assertEquals(record.at("/looks/0/look").asString(), "SLICK");
        context.close();
    }

    @Test
    public void clocksRunBesideEachOtherAndRing() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 2);
        page.clock().install();
        big(page).click();
        Locator timers = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Timers"));
        int safety = 0;
        while (!page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(Pattern.compile("^Mask")))
                        .isVisible()
                && safety++ < 8) {
            int step = safety;
            press(page, "PageDown");
            assertStep(page, step + 1);
        }
        // The mask works on while hands detangle.
        press(page, "PageDown");
        assertThat(heading(page, "Detangle")).isVisible();
        assertThat(timers).containsText("Mask");
        page.clock().runFor(6 * 60_000);
        Locator rung = timers.getByRole(
                AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("Mask · over")));
        assertThat(rung).isVisible();
        assertAccessible(page, "a timer that rang");
        page.reload();
        assertThat(rung).isVisible();
        rung.click();
        assertThat(timers).hasCount(0);
        context.close();
    }

    @Test
    public void moreLessAnotherBottleAndNotesNeedNoTyping() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 3);
        big(page).click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^More")))
                .first()
                .click();
        assertThat(page.getByText("× 1.25")).isVisible();
        button(page, "Another").first().click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON)
                .filter(new Locator.FilterOptions().setHasNotText("Close"))
                .nth(1)
                .click();
        tool(page, "Note").click();
        assertAccessible(page, "notes at the chair");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^nape")))
                .click();
        button(page, "tangled").click();
        assertThat(button(page, "tangled")).hasAttribute("aria-pressed", "true");
        page.keyboard().press("Escape");
        tool(page, "Pause").click();
        assertThat(big(page)).containsText("Go on");
        big(page).click();
        assertStep(page, 1);
        tool(page, "Skip").click();
        assertStep(page, 2);
        tool(page, "Back").click();
        assertStep(page, 1);
        awaitEvents(page, 3, 8);
        JsonNode record = record(3);
        assertEquals(record.at("/given/0/ratio").asDouble(), 1.25);
        assertEquals(record.get("swapped").size(), 1);
        assertEquals(record.at("/notes/0/zone").asString(), "NAPE");
        assertEquals(record.at("/notes/0/sign").asString(), "TANGLED");
        assertEquals(record.get("pauses").size(), 1);
        assertEquals(record.at("/steps/0/skipped").asBoolean(), false);
        context.close();
    }

    @Test
    public void twoHeadsAreInWorkAndOneIsHandedToAnotherDevice() {
        BrowserContext here = browsing.fresh(1280, 800);
        BrowserContext there = browsing.phone();
        Page first = toTheChair(here, 1);
        big(first).click();
        Page second = toTheChair(here, 3);
        big(second).click();
        Locator others = second.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Other heads"));
        assertThat(others).containsText("Ottoline Marsh");
        others.getByRole(AriaRole.LINK).first().click();
        assertThat(heading(second, "Ottoline Marsh")).isVisible();
        // The other device takes over where this one is.
        first.keyboard().press("PageDown");
        assertStep(first, 2);
        awaitEvents(first, 1, 2);
        Page other = browsing.open(there, "/clients/1/chair");
        assertStep(other, 2);
        big(other).tap();
        assertStep(other, 3);
        assertStep(first, 3);
        here.close();
        there.close();
    }

    @Test
    public void behindTimeSomethingCanGo() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 1);
        page.clock().install();
        big(page).click();
        page.clock().runFor(30 * 60_000);
        assertThat(page.getByText("min behind the plan")).isVisible();
        button(page, "What could go?").click();
        Locator offer = page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Leave out")))
                .first();
        assertThat(offer).containsText("saves");
        assertAccessible(page, "what could go");
        offer.click();
        assertThat(page.getByText("after all")).isVisible();
        awaitEvents(page, 1, 2);
        assertEquals(record(1).get("dropped").size(), 1);
        context.close();
    }

    @Test
    public void keysAloneRunItAndAQuestionMarkListsThem() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 2);
        page.keyboard().press("?");
        assertThat(page.getByRole(AriaRole.DIALOG)).containsText("At the chair");
        assertAccessible(page, "the list of keys");
        page.keyboard().press("Escape");
        assertThat(page.getByRole(AriaRole.DIALOG)).hasCount(0);
        for (String key : new String[] {" ", "Enter", "PageDown", "ArrowRight"}) {
            press(page, key);
        }
        assertStep(page, 4);
        page.keyboard().press("PageUp");
        assertStep(page, 3);
        page.keyboard().press("ArrowLeft");
        assertStep(page, 2);
        context.close();
    }

    @Test
    public void twoTouchesInABlinkAreOneAndCanBeTakenBack() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 1);
        big(page).click();
        assertStep(page, 1);
        assertThat(big(page)).isEnabled();
        big(page).dblclick();
        assertStep(page, 2);
        assertThat(big(page)).isEnabled();
        assertStep(page, 2);
        button(page, "Take it back").click();
        assertStep(page, 1);
        assertThat(button(page, "Take it back")).hasCount(0);
        context.close();
    }

    @Test
    public void nothingCountsWhilePaused() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 1);
        page.clock().install();
        big(page).click();
        assertStep(page, 1);
        page.clock().runFor(60_000);
        tool(page, "Pause").click();
        Locator clock = page.getByRole(AriaRole.TIMER);
        assertThat(page.getByText("Hands off")).isVisible();
        assertThat(clock).hasText(Pattern.compile("1:0\\d"));
        page.clock().runFor(20 * 60_000);
        page.waitForFunction("() => document.querySelector('[data-chair]') !== null");
        assertThat(clock).hasText(Pattern.compile("1:0\\d"));
        assertThat(page.getByText("Hands off")).isVisible();
        // A presenter's key goes on; it marks nothing done.
        page.keyboard().press("PageDown");
        assertThat(big(page)).containsText("Done");
        assertStep(page, 1);
        context.close();
    }

    @Test
    public void drawingsStandStillWhereLessMotionIsAskedFor() {
        for (boolean less : new boolean[] {false, true}) {
            BrowserContext context = browsing.calm(less);
            Page page = browsing.open(context, "/clients/1/plan");
            assertThat(button(page, "Best for the goal")).isVisible();
            take(page);
            int moving = (int) page.evaluate("() => document.getAnimations().length");
            assertEquals(moving == 0, less, moving + " things move");
            big(page).click();
            assertStep(page, 1);
            // A beginning still on its way would come in after the chairs were cleared.
            awaitEvents(page, 1, 1);
            context.close();
            clearTheChairs();
        }
    }

    @Test
    public void whatTheServerConfirmedAndThenLostIsSentAgain() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = toTheChair(context, 2);
        big(page).click();
        assertStep(page, 1);
        big(page).click();
        assertStep(page, 2);
        awaitEvents(page, 2, 2);
        // As after a backup was put back: the server knows nothing of it.
        browsing.server()
                .execute("delete from chair_event where kind in ('BEGIN', 'DONE') and wash_day_id ="
                        + " (select max(id) from wash_day where client_id = 2)");
        awaitEvents(page, 2, 2);
        assertEquals(record(2).get("open").asInt(), 1, "the run stands where it stood");
        context.close();
    }
}
