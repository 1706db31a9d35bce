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
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What works on this head: read, opened, tried further by touch. */
public class LearnTest extends InTheDemoSalon {
    private static Locator region(Page page, String name) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    public void theFourAnswersAreThereAndEachNumberOpensItsWashes() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/8/learn");
        assertThat(page.getByText("What works here")).isVisible();
        Locator moves = region(page, "What does what on this head");
        assertThat(moves.getByText("Fathom firm gel")).isVisible();
        assertThat(region(page, "Worth trying next").getByText("against").first())
                .isVisible();
        assertAccessible(page, "learn");
        assertNothingOverflows(page, "learn");
        moves.getByRole(AriaRole.BUTTON).first().click();
        moves.getByRole(AriaRole.LINK).first().click();
        assertThat(page).hasURL(Pattern.compile("/log\\?day="));
        context.close();
    }

    /** Each bottle says on which hair it did otherwise than its label, and opens the washes that say so; on a phone as well. */
    @Test
    public void aBottleSaysOnWhichHair() {
        for (BrowserContext context : List.of(browsing.fresh(1280, 800), browsing.phone())) {
            Page page = browsing.open(context, "/clients/8/learn");
            page.getByText("The bottles of the salon").click();
            Locator bottle = page.getByRole(AriaRole.LISTITEM, new Page.GetByRoleOptions().setName("Fathom firm gel"));
            assertThat(bottle.getByText("let go")).isVisible();
            bottle.getByText(Pattern.compile("worse than said on .*medium curls"))
                    .click();
            assertThat(bottle.getByText(Pattern.compile("On medium curls.*7 washes: Definition −")))
                    .isVisible();
            assertNothingOverflows(page, "bottles");
            assertAccessible(page, "bottles");
            bottle.getByRole(AriaRole.LINK).first().click();
            assertThat(page).hasURL(Pattern.compile("/clients/\\d+/log\\?day="));
            context.close();
        }
    }

    private static Locator named(Page page, String pattern) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(pattern)));
    }

    /** From the running trial to the plan of its next wash and back to what it says, on a phone. */
    @Test
    public void aTrialGoesOnFromThePhone() {
        BrowserContext context = browsing.phone();
        Page page = browsing.open(context, "/clients/9/learn");
        Locator trials = region(page, "Trials");
        assertThat(trials.getByText("Looked at early, 3 pairs before the 6 agreed"))
                .isVisible();
        assertAccessible(page, "learn on a phone");
        assertNothingOverflows(page, "learn on a phone");
        named(page, "Plan the next.*left").tap();
        assertThat(page).hasURL(Pattern.compile("/plan$"));
        assertThat(page.getByText(Pattern.compile("Sandbar light gel \\(left half\\)", Pattern.CASE_INSENSITIVE))
                        .first())
                .isVisible();
        page.navigate(page.url().replace("/plan", "/learn"));
        button(page, "Stop it").tap();
        assertThat(button(page, "Take it up again")).isVisible();
        button(page, "Take it up again").tap();
        assertThat(button(page, "Stop it")).isVisible();
        button(page, "Leave the last wash out").tap();
        page.getByRole(AriaRole.TEXTBOX, new Page.GetByRoleOptions().setName(Pattern.compile("does not count")))
                .fill("rain");
        button(page, "Leave it out").tap();
        assertThat(trials.getByText("4 pairs before the 6 agreed")).isVisible();
        button(page, "Count it again").tap();
        assertThat(trials.getByText("3 pairs before the 6 agreed")).isVisible();
        context.close();
    }

    /** Planned by one tap, then wash by wash with its sides swapped, run, scored on both sides, to its verdict: by touch, but for the minutes at the chair. */
    @Test
    public void aTrialIsRunFromItsFirstPlanToItsVerdictByTouch() {
        BrowserContext context = browsing.phone();
        Page page = browsing.open(context, "/clients/1/learn");
        button(page, "Plan it as halves").tap();
        assertThat(page).hasURL(Pattern.compile("/plan$"));
        JsonNode begun = trial();
        assertEquals(begun.at("/reading/pairs").size(), 0);
        int agreed = begun.at("/plan/agreedPairs").asInt();
        assertTrue(agreed >= 6, "two scores at 90 % take six pairs at least: " + agreed);
        Set<String> sides = new HashSet<>();
        for (int wash = 0; wash < agreed; wash++) {
            String side = wash == 0
                    ? "right"
                    : trial().at("/reading/nextTriedOn").asString().toLowerCase(Locale.ROOT);
            if (wash > 0) {
                named(page, "Plan the next.* " + side).tap();
                assertThat(page).hasURL(Pattern.compile("/plan$"));
            }
            sides.add(side);
            runAndScore(page, side);
            page.navigate(browsing.server().url("/clients/1/learn"));
            assertEquals(trial().at("/reading/pairs").size(), wash + 1);
        }
        assertEquals(sides, Set.of("left", "right"), "swapped");
        assertThat(region(page, "Trials").getByText(Pattern.compile("Worse by \\d")))
                .isVisible();
        assertThat(region(page, "Trials").getByText(Pattern.compile("Looked at early")))
                .isHidden();
        context.close();
    }

    /** What is on the plan, at the chair and then in the log: that side less defined than the whole. */
    private void runAndScore(Page page, String side) {
        button(page, "Take it to the chair").tap();
        button(page, "Begin").tap();
        assertThat(button(page, "Done")).isVisible();
        done(Long.parseLong(page.url().replaceAll(".*day=(\\d+).*", "$1")));
        page.navigate(browsing.server().url("/clients/1/log"));
        Scoring.answer(page, "Cast broken?", "Yes");
        Scoring.answer(page, "Roots fully dry?", "Yes");
        for (String score : new String[] {"definition", "clumping", "frizz", "volume"}) {
            Scoring.tapAt(page, score, .6);
        }
        named(page, "^" + side).tap();
        assertThat(heading(page, "Only the " + side)).isVisible();
        Scoring.tapAt(page, "definition", .4);
        button(page, "Keep it in the log").tap();
        assertThat(page.getByText(Pattern.compile("Cast broken\\?"))).isHidden();
    }

    /** The newest of the head it is begun on. */
    private JsonNode trial() {
        return browsing.server().get("/api/clients/1/trials").body().get(0);
    }

    /** Every step of a run that was begun, as hands would have said it. */
    private void done(long day) {
        int steps = browsing.server()
                .get("/api/wash-days/" + day + "/chair")
                .body()
                .at("/day/routine/steps")
                .size();
        String events = IntStream.range(0, steps)
                .mapToObj(step -> "{\"id\":\"done-" + step + "\",\"at\":\"" + Instant.now()
                        + "\",\"kind\":\"DONE\",\"step\":" + step + "}")
                .collect(Collectors.joining(","));
        assertEquals(
                browsing.server()
                        .post("/api/wash-days/" + day + "/events", "{\"events\":[" + events + "]}")
                        .status(),
                200);
    }

    @Test
    public void thePlanIsSaidAsLearnedAndByTheBook() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/8/plan");
        Locator learned =
                page.getByRole(AriaRole.SWITCH, new Page.GetByRoleOptions().setName("With what the log has taught"));
        assertThat(learned).isChecked();
        String narrow = page.getByText(Pattern.compile("8 in 10: ")).textContent();
        learned.click();
        assertThat(learned).not().isChecked();
        assertThat(page.getByText(Pattern.compile("8 in 10: "))).not().hasText(narrow);
        context.close();
    }

    @Test
    public void aHeadWithoutWashesSaysWhatItTakes() {
        BrowserContext context = browsing.phone();
        Page page = browsing.open(context, "/clients/4/learn");
        assertThat(page.getByText("No wash of this head was scored yet")).isVisible();
        assertAccessible(page, "learn without washes");
        context.close();
    }
}
