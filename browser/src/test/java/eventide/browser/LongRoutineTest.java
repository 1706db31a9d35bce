package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.assertNothingOverflows;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.tab;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.google.gson.JsonObject;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A whole wash day of somebody's own, built step by step with keys, with the pointer and with a thumb. */
public class LongRoutineTest extends InTheDemoSalon {
    /** As she does it, in her own order: twenty steps, the last pair of stylers section by section. */
    private static final List<String> HER_DAY = List.of(
            "detangle",
            "cleanse",
            "rinse",
            "condition",
            "detangle",
            "squish in water",
            "rinse",
            "squeeze out",
            "section off",
            "apply",
            "smooth",
            "scrunch",
            "shake the roots",
            "microplop",
            "clip the roots",
            "hover",
            "cup",
            "clips out",
            "cup",
            "break the cast",
            "fluff");

    private static Locator items(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps in order"))
                .getByRole(AriaRole.LISTITEM);
    }

    private static Locator adder(Page page) {
        return page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(Pattern.compile("^Add a step")));
    }

    private Page emptyWater(BrowserContext context, int client) {
        Page page = browsing.open(context, "/clients/" + client + "/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        tab(page, "Templates").click();
        button(page, "Begin with empty water").click();
        assertThat(page.getByText("No steps yet")).isVisible();
        return page;
    }

    @Test
    public void aWholeDayIsBuiltMendedAndUndoneByKeysAlone() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = emptyWater(context, 2);
        for (int i = 0; i < HER_DAY.size(); i++) {
            adder(page).focus();
            page.keyboard().press("Enter");
            Locator taken = page.locator("[role=option][data-highlighted]");
            assertThat(taken).isVisible();
            page.keyboard().type(HER_DAY.get(i));
            assertThat(taken)
                    .hasAccessibleName(
                            HER_DAY.get(i), new LocatorAssertions.HasAccessibleNameOptions().setIgnoreCase(true));
            page.keyboard().press("Enter");
            assertThat(items(page)).hasCount(i + 1);
        }
        // The gel and its smoothing become one group, done on one section after the other.
        items(page).nth(9).getByRole(AriaRole.BUTTON).last().focus();
        page.keyboard().press("Enter");
        chosen(page, "Product", "Kelp jelly");
        pressed(button(page, "Section by section with the next"));
        assertThat(items(page)).hasCount(HER_DAY.size() - 1);
        assertThat(items(page).nth(9)).containsText("Section by section, 4");
        pressed(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Close")));
        assertTrue(items(page).count() >= 20, "as long as a real day");
        assertAccessible(page, "a long routine with findings");

        pressed(tab(page, "At the water"));
        int mended = 0;
        judged(page);
        while (mended < 40 && loud(page).count() > 0) {
            Locator mend = loud(page).first().getByRole(AriaRole.BUTTON).first();
            assertTrue(
                    mend.isVisible(),
                    "nothing to press at: " + loud(page).first().innerText());
            pressed(mend);
            mended++;
            judged(page);
        }
        assertTrue(mended > 0, "a day with nothing to mend proves nothing");
        assertThat(loud(page)).hasCount(0);

        while (button(page, "Undo").isEnabled()) {
            pressed(button(page, "Undo"));
        }
        assertThat(page.getByText(Pattern.compile(", changed$"))).hasCount(0);
        browsing.assertNoErrors();
        context.close();
    }

    /** Waits until what is said of the routine is said of the routine that is shown. */
    private static void judged(Page page) {
        assertThat(page.locator(".sheet[aria-busy]")).hasAttribute("aria-busy", "false");
    }

    private static Locator loud(Page page) {
        return page.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName("Warning"));
    }

    private static void pressed(Locator button) {
        button.focus();
        button.press("Enter");
    }

    private static void chosen(Page page, String label, String option) {
        Locator select = page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
        select.focus();
        page.keyboard().type(option);
        assertThat(select).hasValue(option);
    }

    @Test
    public void aStepIsDraggedAlongTheWaterAndMovedThereByKeys() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/2/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        Locator water = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Steps on the water"));
        Locator detangle = water.getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^Step \\d+: Detangle")))
                .first();
        int from = placeOf(detangle);
        BoundingBox box = detangle.boundingBox();
        Locator lastStrip = water.getByRole(AriaRole.BUTTON).last();
        BoundingBox last = lastStrip.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + 40);
        page.mouse().down();
        double to = last.x + last.width / 2;
        for (int i = 1; i <= 12; i++) {
            page.mouse().move(box.x + box.width / 2 + (to - box.x - box.width / 2) * i / 12, box.y + 40);
        }
        assertThat(lastStrip).hasClass(IS_OVER);
        page.mouse().up();
        int count = items(page).count();
        assertThat(items(page).nth(count - 1)).containsText("Detangle");
        button(page, "Undo").click();
        assertThat(items(page).nth(from - 1)).containsText("Detangle");
        Locator again = water.getByRole(AriaRole.BUTTON).nth(from - 1);
        again.focus();
        again.press("Alt+ArrowLeft");
        assertThat(items(page).nth(from - 2)).containsText("Detangle");
        context.close();
    }

    /** The bar where a step would land. */
    private static final Pattern IS_OVER = Pattern.compile("border-l-4");

    private static int placeOf(Locator strip) {
        Matcher number = Pattern.compile("^Step (\\d+):").matcher(strip.getAttribute("aria-label"));
        assertTrue(number.find());
        return Integer.parseInt(number.group(1));
    }

    @Test
    public void aThumbBuildsAndDragsOnAPhone() {
        BrowserContext context = browsing.phone();
        Page page = emptyWater(context, 1);
        for (int i = 0; i < 5; i++) {
            adder(page).tap();
            page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(HER_DAY.get(i)))
                    .first()
                    .tap();
            assertThat(items(page)).hasCount(i + 1);
        }
        assertNothingOverflows(page, "a routine built on a phone");
        Locator handle = button(page, "Drag step 2");
        handle.scrollIntoViewIfNeeded();
        BoundingBox from = handle.boundingBox();
        BoundingBox to = button(page, "Drag step 4").boundingBox();
        CDPSession thumb = context.newCDPSession(page);
        touch(thumb, "touchStart", from.x + 10, from.y + 10);
        for (int i = 1; i <= 10; i++) {
            touch(thumb, "touchMove", from.x + 10, from.y + 10 + (to.y - from.y) * i / 10);
        }
        touch(thumb, "touchEnd", 0, 0);
        assertThat(items(page).nth(3)).containsText("Cleanse");
        assertAccessible(page, "a routine built on a phone");
        context.close();
    }

    private static void touch(CDPSession thumb, String kind, double x, double y) {
        String points = kind.equals("touchEnd") ? "[]" : "[{\"x\":" + x + ",\"y\":" + y + "}]";
        thumb.send(
                "Input.dispatchTouchEvent",
                new com.google.gson.Gson()
                        .fromJson("{\"type\":\"" + kind + "\",\"touchPoints\":" + points + "}", JsonObject.class));
    }

    @Test
    public void whatGoesOutComesInTheSame() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/3/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        tab(page, "Take along").click();
        Locator file = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("As a file"));
        String out = file.getAttribute("href");
        Page other = browsing.open(context, "/clients/2/plan");
        assertThat(button(other, "Best for the goal")).isVisible();
        tab(other, "Take along").click();
        other.getByLabel("A routine, pasted")
                .fill(java.net.URLDecoder.decode(
                        out.substring(out.indexOf(',') + 1).replace("+", "%2B"), StandardCharsets.UTF_8));
        button(other, "Put it on the water").click();
        assertThat(other.getByText(Pattern.compile(", changed$"))).isVisible();
        assertThat(other.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("As a file")))
                .hasAttribute("href", out);
        context.close();
    }

    @Test
    public void theCardIsOnePage() {
        BrowserContext context = browsing.fresh(1280, 800);
        for (int client = 1; client <= 3; client++) {
            Page page = browsing.open(context, "/clients/" + client + "/plan");
            assertThat(button(page, "Best for the goal")).isVisible();
            byte[] pdf = page.pdf(new Page.PdfOptions().setFormat("A4").setPrintBackground(true));
            Matcher pages = Pattern.compile("/Type\\s*/Page[^s]").matcher(new String(pdf, StandardCharsets.ISO_8859_1));
            int count = 0;
            while (pages.find()) {
                count++;
            }
            assertEquals(count, 1, "client " + client);
        }
        context.close();
    }
}
