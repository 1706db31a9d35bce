package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.assertNothingOverflows;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.radio;
import static eventide.browser.Browsing.tab;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The routine on the water: edited by pointer and by keys, laid over another, fitted, taken along. */
public class PlanTest extends InTheDemoSalon {
    private static Locator steps(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps in order"));
    }

    private static Locator step(Page page, String words) {
        return steps(page)
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("^(Needs care: )?\\d+ ?" + words)))
                .first();
    }

    private Page plan(BrowserContext context, int client) {
        Page page = browsing.open(context, "/clients/" + client + "/plan");
        assertThat(button(page, "Best for the goal")).isVisible();
        return page;
    }

    /** With "Take along" open. */
    private static void bring(Page page, String routine) {
        page.getByLabel("A routine, pasted").fill(routine);
        button(page, "Put it on the water").click();
    }

    /** The plan of a client with a routine of her own on the water. */
    private Page carrying(BrowserContext context, int client, String routine) {
        Page page = plan(context, client);
        tab(page, "Take along").click();
        bring(page, routine);
        return page;
    }

    @Test
    public void aTapOnTheGoalIsAnsweredBeforeItIsMade() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/");
        // Her goal has volume at 1: what 2 would plan is asked while nobody touches anything.
        page.waitForResponse(
                        answer -> answer.url().endsWith("/api/routines/suggest")
                                && answer.request().postData().contains("\"volume\":2"),
                        () -> page.navigate(browsing.server().url("/clients/2/plan")))
                .finished();
        Locator sheet = page.locator(".sheet[aria-busy]");
        String before = sheet.innerText();
        context.setOffline(true);
        radio(page, "Volume: wanted").click();
        page.waitForCondition(() -> !sheet.innerText().equals(before));
        assertThat(sheet).hasAttribute("aria-busy", "false");
        assertThat(button(page, "Best for the goal")).isVisible();
        context.setOffline(false);
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void whatTheHairIsDoneForIsNotComeTooLateTo() {
        LocalDateTime soon = LocalDateTime.now().plusMinutes(95);
        long client = browsing.server()
                .post(
                        "/api/clients",
                        "{\"name\":\"Ailsa Quick\",\"hair\":{\"strand\":\"MEDIUM\",\"porosity\":\"LOW\",\"pattern\":\"2B\","
                                + "\"density\":\"HIGH\",\"lengthCm\":28},\"limits\":{\"minutes\":240},"
                                + "\"intake\":{\"event\":\"the ferry\",\"eventAt\":\"" + soon.withNano(0) + "\"}}")
                .body()
                .get("id")
                .asLong();
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/" + client + "/plan");
        assertThat(page.getByText(Pattern.compile("This ends \\d+ min too late for the ferry")))
                .isVisible();
        button(page, "Be done by then").click();
        assertThat(page.getByText("too late for the ferry")).hasCount(0);
        assertThat(button(page, "Best for the goal")).isVisible();
        context.close();
    }

    @Test
    public void aLimitIsStepped() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 2);
        button(page, "Limits").click();
        Locator dryBy = page.getByLabel("Must be dry within", new Page.GetByLabelOptions().setExact(true));
        button(page, "Must be dry within: more").click();
        assertThat(dryBy).hasValue("120");
        // A step further is asked while nobody touches anything.
        page.waitForResponse(
                        answer -> answer.url().endsWith("/api/routines/suggest")
                                && answer.request().postData().contains("\"mustBeDryBy\":105"),
                        () -> assertThat(page.locator(".sheet[aria-busy]")).hasAttribute("aria-busy", "false"))
                .finished();
        context.setOffline(true);
        button(page, "Must be dry within: less").click();
        assertThat(dryBy).hasValue("105");
        assertThat(page.locator(".sheet[aria-busy]")).hasAttribute("aria-busy", "false");
        context.setOffline(false);
        dryBy.fill("100");
        dryBy.press("Enter");
        button(page, "Must be dry within: more").click();
        assertThat(dryBy).hasValue("105");
        button(page, "Must be dry within: no limit").click();
        assertThat(dryBy).hasValue("");
        page.keyboard().press("Escape");
        assertThat(button(page, "Limits")).isVisible();
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void whatHandsMadeIsOneStepBackWhenTheGoalChanges() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 2);
        String suggested = step(page, "Cleanse").innerText();
        step(page, "Cleanse").click();
        button(page, "More minutes").click();
        assertThat(page.getByText(Pattern.compile(", changed$"))).isVisible();
        // The minutes beside a step are the judgement's, and come with it.
        assertThat(step(page, "Cleanse")).not().hasText(suggested, Browsing.AS_SEEN);
        String made = step(page, "Cleanse").innerText();
        radio(page, "Softness: does not matter").click();
        assertThat(page.getByText(Pattern.compile(", changed$"))).hasCount(0);
        assertThat(page.locator(".sheet[aria-busy]")).hasAttribute("aria-busy", "false");
        button(page, "Undo").click();
        assertThat(page.getByText(Pattern.compile(", changed$"))).isVisible();
        assertThat(step(page, "Cleanse")).hasText(made, Browsing.AS_SEEN);
        context.close();
    }

    @Test
    public void aStepIsChangedAddedMovedAndAllOfItUndone() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 2);
        String before = steps(page).innerText();
        step(page, "Cleanse").click();
        button(page, "More minutes").click();
        assertThat(page.getByText(Pattern.compile(", changed$"))).isVisible();
        page.getByLabel("Add a step after 1").click();
        page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("wait"))
                .click();
        assertThat(step(page, "Wait")).isVisible();
        step(page, "Wait").press("Alt+ArrowDown");
        assertThat(steps(page).getByRole(AriaRole.LISTITEM).nth(2)).containsText("Wait");
        assertAccessible(page, "a step in hand");
        // what is under way survives a reload
        page.reload();
        assertThat(steps(page).getByRole(AriaRole.LISTITEM).nth(2)).containsText("Wait");
        for (int i = 0; i < 3; i++) {
            button(page, "Undo").click();
        }
        assertThat(button(page, "Undo")).isDisabled();
        assertThat(step(page, "Wait")).hasCount(0);
        assertThat(steps(page)).hasText(before, Browsing.AS_SEEN);
        button(page, "Redo").click();
        button(page, "Redo").click();
        assertThat(step(page, "Wait")).isVisible();
        button(page, "As suggested").click();
        assertThat(step(page, "Wait")).hasCount(0);
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void focusGoesWithTheStepThatIsMoved() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = carrying(
                context,
                4,
                "{\"formatVersion\":1,\"steps\":[{\"action\":\"RINSE\"},{\"action\":\"SCRUNCH\"},{\"action\":\"AIR\"},"
                        + "{\"action\":\"FLUFF\"}]}");
        Locator lines = steps(page).getByRole(AriaRole.LISTITEM);
        assertThat(lines).hasCount(4);
        step(page, "Scrunch").press("Alt+ArrowDown");
        assertThat(lines.nth(2)).containsText("Scrunch");
        page.keyboard().press("Alt+ArrowUp");
        assertThat(lines.nth(1)).containsText("Scrunch");
        page.keyboard().press("Alt+ArrowUp");
        assertThat(lines.nth(0)).containsText("Scrunch");
        assertThat(lines.nth(1)).containsText("Rinse");
        context.close();
    }

    /** What was worked out for the plan as suggested is not said of another; what holds of a step anywhere goes with it. */
    @Test
    public void aStepThatIsLeftOutTakesItsReasonsWithIt() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = plan(context, 2);
        Locator lines = steps(page).getByRole(AriaRole.LISTITEM);
        int count = lines.count();
        List<String> before = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            before.add(reasons(page, lines.nth(i)));
        }
        assertTrue(before.stream().anyMatch(said -> !said.isBlank()), "some steps have reasons of the plan's");
        lines.nth(1).getByRole(AriaRole.BUTTON).nth(1).click();
        button(page, "Leave out").first().click();
        assertThat(lines).hasCount(count - 1);
        for (int i = 1; i < count - 1; i++) {
            String after = reasons(page, lines.nth(i));
            assertTrue(before.get(i + 1).contains(after), "step " + (i + 1) + " has no other's reason: " + after);
            assertFalse(after.contains("Without it"), "step " + (i + 1) + " says of the plan before: " + after);
        }
        context.close();
    }

    @Test
    public void afterAnEditItIsSaidWhatEachStepBringsAsItStands() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = plan(context, 2);
        assertThat(standing(page)).hasCount(0);
        Locator lines = steps(page).getByRole(AriaRole.LISTITEM);
        int count = lines.count();
        lines.nth(1).getByRole(AriaRole.BUTTON).nth(1).click();
        button(page, "Leave out").first().click();
        assertThat(lines).hasCount(count - 1);
        Locator first = standing(page).getByRole(AriaRole.LISTITEM).first();
        assertThat(first).hasText(Pattern.compile("Without step \\d+, .+: .+ [−+]\\d.*"));
        String step = first.innerText().replaceAll("(?s)Without step (\\d+),.*", "$1");
        first.getByRole(AriaRole.BUTTON).click();
        assertThat(lines.nth(Integer.parseInt(step) - 1)
                        .getByRole(AriaRole.BUTTON)
                        .nth(1))
                .hasAttribute("aria-pressed", "true");
        context.close();
    }

    private static Locator standing(Page page) {
        return page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Each step as it stands"));
    }

    /** What the suggestion said of a step. */
    private static String reasons(Page page, Locator line) {
        Locator open = line.getByRole(AriaRole.BUTTON).nth(1);
        if (!"true".equals(open.getAttribute("aria-pressed"))) {
            open.click();
        }
        Locator why = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Why"));
        assertThat(why.first().getByRole(AriaRole.PARAGRAPH).first()).isVisible();
        String said = String.join("\n", why.first().locator("[data-reason]").allInnerTexts());
        button(page, "Close").click();
        return said;
    }

    @Test
    public void aStepIsDraggedByItsHandle() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = plan(context, 1);
        String second = steps(page).getByRole(AriaRole.LISTITEM).nth(1).innerText();
        BoundingBox from = button(page, "Drag step 2").boundingBox();
        BoundingBox to = button(page, "Drag step 4").boundingBox();
        page.mouse().move(from.x + 8, from.y + 8);
        page.mouse().down();
        for (int i = 1; i <= 8; i++) {
            page.mouse().move(from.x + 8, from.y + 8 + (to.y - from.y) * i / 8.0);
        }
        page.mouse().up();
        assertThat(steps(page).getByRole(AriaRole.LISTITEM).nth(3))
                .containsText(second.replaceAll("(?s).*?([A-Z][a-z]+).*", "$1"));
        context.close();
    }

    @Test
    public void aMendIsLookedAtBeforeItIsTaken() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = carrying(
                context,
                2,
                "{\"formatVersion\":1,\"steps\":[{\"action\":\"REWET\"},{\"action\":\"APPLY\",\"product\":{\"name\":\"gel\","
                        + "\"role\":\"GEL\",\"hold\":7,\"richness\":2,\"windowLow\":60,\"windowHigh\":98}},"
                        + "{\"action\":\"HOVER\",\"untilDry\":57},{\"action\":\"CUP\",\"untilDry\":100},"
                        + "{\"action\":\"BREAK_CAST\"}]}");
        assertThat(steps(page).getByRole(AriaRole.LISTITEM)).hasCount(5);
        step(page, "Hover").click();
        button(page, "Leave out").click();
        tab(page, "At the water").click();
        Locator said = page.getByRole(AriaRole.ARTICLE)
                .filter(new Locator.FilterOptions().setHasText("before the cast has set"))
                .first();
        assertThat(said).isVisible();
        said.getByText("What would that change?").click();
        assertThat(page.getByText("Laid over it:")).isVisible();
        assertThat(page.getByText(Pattern.compile("findings \\d+ → \\d+"))).isVisible();
        button(page, "Leave it").click();
        assertThat(said).isVisible();
        said.getByText("What would that change?").click();
        button(page, "Take it").click();
        assertThat(page.getByText("before the cast has set")).hasCount(0);
        context.close();
    }

    @Test
    public void schoolsAreLaidSideBySideAndOneTakenForToday() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 3);
        tab(page, "Schools").click();
        Locator others = page.getByRole(AriaRole.TABPANEL);
        assertThat(others.getByText("Dry to")).isVisible();
        assertAccessible(page, "schools");
        others.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText("No dryer"))
                .last()
                .getByText("For today")
                .click();
        tab(page, "At the water").click();
        assertThat(step(page, "Cup")).hasCount(0);
        assertThat(step(page, "Cleanse")).isVisible();
        context.close();
    }

    @Test
    public void theAirIsTypedInAndTheClockIsKept() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 2);
        tab(page, "Air").click();
        page.getByLabel("Room humidity").fill("85");
        page.getByLabel("Room humidity").press("Enter");
        assertThat(button(page, "Back to the instruments")).isVisible();
        assertAccessible(page, "air");
        page.getByLabel("Begin at").fill("09:30");
        assertThat(page.getByText("10:00").first()).isVisible();
        assertThat(page.getByText(Pattern.compile("^cast sets \\d+:\\d\\d$")).first())
                .isVisible();
        button(page, "Limits").click();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("diffuser"))
                .click();
        assertThat(step(page, "Cup")).hasCount(0);
        context.close();
    }

    @Test
    public void howItIsKeptIsChosenPrintedAndUndone() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 1);
        assertThat(radio(page, "satin")).isChecked();
        Locator card = page.locator(".card");
        assertThat(card).containsText("At night: a satin bonnet or pillow.");
        radio(page, "pineapple").click();
        button(page, "refreshed daily").click();
        for (int days = 0; days < 3; days++) {
            button(page, "More days to be worn").click();
        }
        page.reload();
        assertThat(radio(page, "pineapple")).isChecked();
        assertThat(page.getByText("3 days", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(card).containsText("At night: a loose pineapple, with a tie that does not crease, under satin.");
        assertThat(card).containsText("Each morning: ");
        for (int back = 0; back < 5; back++) {
            button(page, "Undo").click();
        }
        assertThat(radio(page, "satin")).isChecked();
        assertThat(page.getByText("open", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(button(page, "Undo")).isDisabled();
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void aHeadIsSplitForATrial() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = carrying(
                context,
                2,
                """
                {"formatVersion":1,"steps":[{"action":"RINSE"},{"action":"APPLY","technique":"RAKE","product":
                  {"name":"Harbour milk leave-in","role":"LEAVE_IN","hold":1,"richness":5,"windowLow":45,"windowHigh":92}},
                  {"action":"AIR","untilDry":100}]}""");
        step(page, "Harbour milk leave-in").click();
        button(page, "Try another on one half").click();
        page.getByLabel("Right half").selectOption("Skerry light leave-in");
        button(page, "What would it tell?").click();
        assertThat(page.getByText("give a product about 8 washes")).isVisible();
        button(page, "Split the head").click();
        assertThat(step(page, "Skerry light leave-in")).isVisible();
        context.close();
    }

    /** Section by section it is the styler in the group that is tried, on half of each section. */
    @Test
    public void aGroupIsSplitByItsStyler() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = carrying(
                context,
                2,
                """
                {"formatVersion":1,"steps":[{"action":"RINSE"},{"action":"EACH_SECTION","sections":4,"steps":[{"action":"APPLY",
                  "product":{"name":"Harbour milk leave-in","role":"LEAVE_IN","hold":1,"richness":5,"windowLow":45,"windowHigh":92}},
                  {"action":"SMOOTH"}]},{"action":"AIR","untilDry":100}]}""");
        step(page, "Section by section, 4: Harbour milk leave-in, Smooth").click();
        button(page, "Try another on one half").click();
        page.getByLabel("Right half").selectOption("Skerry light leave-in");
        button(page, "What would it tell?").click();
        button(page, "Split the head").click();
        assertThat(step(
                        page,
                        "Section by section, 4: Harbour milk leave-in \\(left half\\), "
                                + "Skerry light leave-in \\(right half\\), Smooth"))
                .isVisible();
        context.close();
    }

    @Test
    public void aTemplateIsKeptAndFittedToAnotherHeadOnAPhone() {
        BrowserContext context = browsing.phone();
        Page page = plan(context, 3);
        tab(page, "Templates").tap();
        page.getByLabel("Keep this one as").fill("Big show");
        button(page, "Keep it").tap();
        assertThat(page.getByText("Big show")).isVisible();
        page.navigate(browsing.server().url("/clients/1/plan"));
        assertThat(button(page, "Best for the goal")).isVisible();
        tab(page, "Templates").tap();
        button(page, "Fit it to this head").tap();
        Locator fitted = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Fitted to this head"));
        assertThat(fitted.getByText("Too rich for fine hair").first()).isVisible();
        assertNothingOverflows(page, "a fitted template on a phone");
        assertAccessible(page, "a fitted template");
        button(page, "Take it").tap();
        assertThat(page.getByText(Pattern.compile(", changed$"))).isVisible();
        context.close();
    }

    /** Whatever step is tapped says what it is for and what leaving it out would change, by hand made ones too. */
    @Test
    public void everyStepTappedSaysWhyItIsThere() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = carrying(
                context,
                4,
                "{\"formatVersion\":1,\"steps\":[{\"action\":\"RINSE\"},{\"action\":\"EACH_SECTION\",\"sections\":3,\"steps\":["
                        + "{\"action\":\"MIST\"},{\"action\":\"SMOOTH\"}]},{\"action\":\"AIR\"},{\"action\":\"FLUFF\"}]}");
        assertThat(steps(page).getByRole(AriaRole.LISTITEM)).hasCount(4);
        Locator why = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Why"));
        String[] told = {"not meant to stay", "piece by piece", "Nothing touches the curl", "Opens the dry hair"};
        for (int i = 0; i < told.length; i++) {
            Locator step = steps(page).getByRole(AriaRole.LISTITEM).nth(i);
            step.getByText(Pattern.compile("Rinse|Section by|Air dry|Fluff")).click();
            assertThat(why.first()).containsText(told[i]);
            assertThat(why.first()).containsText("Left out: ");
            if (i == 1) {
                page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("On each section"))
                        .getByText("Smooth")
                        .click();
                assertThat(why.last()).containsText("root to tip");
            }
            button(page, "Close").click();
        }
        context.close();
    }

    @Test
    public void aStepTappedOnAPhoneComesIntoSight() {
        BrowserContext context = browsing.phone();
        Page page = plan(context, 3);
        Locator inHand = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("In hand"));
        assertThat(button(page, "Take it to the chair")).isInViewport();
        steps(page).getByRole(AriaRole.BUTTON).last().tap();
        assertThat(inHand).isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(.5));
        assertThat(button(page, "Take it to the chair")).isInViewport();
        assertNothingOverflows(page, "a step in hand on a phone");
        assertAccessible(page, "a step in hand on a phone");
        context.close();
    }

    @Test
    public void aRoutineGoesOutAsAMessageAndComesInWithItsFaultsShown() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 1);
        tab(page, "Take along").click();
        button(page, "As a message").click();
        assertThat(page.getByText("Wash-and-go,")).isVisible();
        bring(page, "not a routine");
        assertThat(page.getByText("This cannot be read as a routine")).isVisible();
        bring(page, "{\"formatVersion\":1,\"steps\":[{\"action\":\"SING\"}]}");
        assertThat(page.getByText("action must be one of")).isVisible();
        bring(page, "{\"formatVersion\":1,\"steps\":[{\"action\":\"RINSE\"},{\"action\":\"Aply\",\"minutes\":-2}]}");
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("2 things to mend in it first");
        assertThat(page.getByRole(AriaRole.ALERT))
                .containsText("Step 2: there is no action \"Aply\"; was APPLY meant?");
        bring(page, "{\"formatVersion\":1,\"steps\":[{\"action\":\"RINSE\"},{\"action\":\"AIR\",\"minutes\":60}]}");
        assertThat(steps(page).getByRole(AriaRole.LISTITEM)).hasCount(2);
        browsing.assertNoErrors();
        context.close();
    }

    /** A word in the wrong band would tell hands the wrong wetness. */
    @Test
    public void eachWetnessIsNamedBetweenItsOwnLines() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = plan(context, 2);
        List<String> down = List.of("100", "soaking", "75", "wet", "60", "damp", "35");
        List<Double> heights = down.stream()
                .map(word -> page.locator(
                                "svg[role=img] text",
                                new Page.LocatorOptions().setHasText(Pattern.compile("^" + word + "$")))
                        .first()
                        .boundingBox())
                .map(box -> box.y + box.height / 2)
                .toList();
        assertEquals(heights, heights.stream().sorted().toList(), down + " at " + heights);
        context.close();
    }
}
