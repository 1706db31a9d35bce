package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.assertNothingOverflows;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The days: an event planned, a morning refreshed by touch, things moved, the desk of today. */
public class DiaryTest extends InTheDemoSalon {
    private static Locator region(Page page, String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static LocalDate today() {
        return LocalDate.now(ZoneId.systemDefault());
    }

    /** Three actions from the client's page. */
    @Test
    public void anEventIsPlannedBackFromItsHour() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/7/aftercare");
        Locator event = region(page, "Event");
        event.getByLabel("What for").fill("the harbour fair");
        event.getByLabel("Day and hour").fill(today().plusDays(20) + "T18:00");
        button(page, "Plan it back from there").click();
        assertThat(event.getByRole(AriaRole.ROWHEADER)).hasCount(3);
        assertThat(event.getByText("in 20 days")).isVisible();
        assertThat(region(page, "What is due").getByText("Rehearsal").first()).isVisible();
        assertAccessible(page, "an event");
        page.navigate(browsing.server().url("/"));
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Towards the harbour fair")))
                .isVisible();
        context.close();
    }

    @Test
    public void aMorningIsRefreshedByTouchAndRunsAtTheChair() {
        BrowserContext context = browsing.phone();
        Page page = browsing.open(context, "/clients/5/aftercare");
        Locator morning = region(page, "This morning");
        button(page, "crown: nothing yet").tap();
        assertThat(morning.getByText("Mist, crown")).isVisible();
        assertAccessible(page, "a refresh");
        assertNothingOverflows(page, "a refresh on a phone");
        morning.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Take it to the chair"))
                .tap();
        button(page, "Begin").tap();
        assertThat(heading(page, "Shake the roots")).isVisible();
        for (int step = 0; step < MOST_STEPS; step++) {
            Locator end = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to its days"));
            Locator done = button(page, "Done");
            assertThat(done.or(end).first()).isVisible();
            if (end.isVisible()) {
                break;
            }
            String at = page.getByText(Pattern.compile("Step \\d+ of")).textContent();
            done.tap();
            assertThat(page.getByText(at, new Page.GetByTextOptions().setExact(true)))
                    .isHidden();
        }
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Back to its days"))
                .tap();
        assertThat(region(page, "This wash, day by day")).isVisible();
        // What was done to the day stands with the wash it belongs to; the refresh is no wash of its own.
        page.navigate(browsing.server().url("/clients/5/log"));
        assertThat(page.getByText("Refresh, day")).hasCount(0);
        Locator after = region(page, "The days after");
        assertThat(after.getByRole(AriaRole.CHECKBOX, new Locator.GetByRoleOptions().setName("misted")))
                .isChecked();
        for (String score : new String[] {"definition", "frizz", "volume"}) {
            Scoring.tapAt(page, score + ", day 4", .6);
        }
        button(page, "Keep day 4").tap();
        assertThat(after.getByText("Keep day 4")).isHidden();
        context.close();
    }

    private static final int MOST_STEPS = 12;

    @Test
    public void whatIsDueIsMovedStaysThereAndIsPutBack() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/6/aftercare");
        Locator due = region(page, "What is due");
        due.getByText("move").first().click();
        button(page, "Let it go").click();
        assertThat(due.getByText("1 put elsewhere by hand")).isVisible();
        page.reload();
        assertThat(due.getByText("1 put elsewhere by hand")).isVisible();
        button(page, "Put all back").click();
        assertThat(due.getByText("put elsewhere by hand")).isHidden();
        context.close();
    }

    @Test
    public void anHourMadeStandsOnTheDesk() {
        BrowserContext context = browsing.phone();
        Page page = browsing.open(context, "/clients/3/aftercare");
        Locator hours = region(page, "Hours at the chair");
        hours.getByLabel("Another hour").fill(today() + "T16:45");
        button(page, "Make it").tap();
        assertThat(hours.getByText("16:45")).isVisible();
        page.navigate(browsing.server().url("/"));
        Locator comes = region(page, "Who comes, and what they need ready");
        assertThat(comes.getByText("16:45")).isVisible();
        assertNothingOverflows(page, "the desk on a phone");
        assertAccessible(page, "the desk on a phone");
        comes.getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Plan it Sunniva Okoro-Dell"))
                .tap();
        assertThat(page).hasURL(Pattern.compile("/clients/3/plan$"));
        context.close();
    }

    @Test
    public void oneTapScoresADayThatWaits() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/");
        region(page, "Ten seconds each").getByRole(AriaRole.LINK).first().click();
        assertThat(page).hasURL(Pattern.compile("/log$"));
        context.close();
    }

    @Test
    public void theSheetIsReadAtArmsLength() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/10/aftercare");
        Locator sheet = region(page, "To take home");
        assertThat(sheet.getByText("Sabine, to keep it")).isVisible();
        assertThat(sheet.getByText("Orlo")).hasCount(0);
        Locator title = sheet.getByText("Sabine, to keep it");
        double small = title.boundingBox().height;
        button(page, "Larger type").click();
        assertThat(button(page, "Larger type")).hasAttribute("aria-pressed", "true");
        org.testng.Assert.assertTrue(title.boundingBox().height > small * 1.2);
        context.close();
    }
}
