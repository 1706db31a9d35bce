package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.radio;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** The views of the demo salon: by night, by keyboard, and as limits and wishes change. */
public class ViewsTest extends InTheDemoSalon {
    @DataProvider
    Object[][] views() {
        return new String[][] {
            {"/", "Today"},
            {"/new", "New client"},
            {"/shelf", "Shelf"},
            {"/clients/1/consult", "The whole head"},
            {"/clients/1/plan", "In order"},
            {"/clients/1/chair", "Nothing at the chair"},
            {"/clients/1/log", "Wash days"},
            {"/clients/4/log", "Nothing in the log yet"},
            {"/clients/10/aftercare", "This wash, day by day"},
            {"/clients/4/aftercare", "Nothing is worn yet"},
            {"/clients/1/learn", "Worth trying next"},
            {"/practice", "Practice"},
        };
    }

    /** By day they are walked through with all their states: {@link WalkTest}. */
    @Test(dataProvider = "views")
    public void isAccessibleByNight(String path, String heading) {
        BrowserContext context = browsing.fresh(1280, 800);
        context.addInitScript("localStorage.setItem('theme', 'night')");
        Page page = browsing.open(context, path);
        assertThat(Browsing.heading(page, heading).first()).isVisible();
        Browsing.settled(page);
        assertAccessible(page, path + " by night");
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void theTideIsReadByKeyboardStepByStep() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/2/plan");
        Locator steps = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Steps on the water"))
                .getByRole(AriaRole.BUTTON);
        assertThat(steps.first()).hasAccessibleName(Pattern.compile("Step 1: .*minute 0 to .*percent.*"));
        steps.first().focus();
        page.keyboard().press("ArrowRight");
        assertThat(steps.nth(1)).isFocused();
        assertThat(steps.nth(1)).hasAttribute("aria-pressed", "true");
        assertThat(steps.nth(1)).hasAccessibleName(Pattern.compile("Step 2: .*"));
        context.close();
    }

    @Test
    public void aChangedGoalIsAnsweredAnew() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/1/plan");
        Locator expected =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Volume \\d")));
        String before = expected.textContent();
        radio(page, "Volume: does not matter").click();
        radio(page, "Definition: above all").click();
        assertThat(expected).not().hasText(before);
        context.close();
    }

    @Test
    public void tooLittleTimeIsSaidInWords() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/3/plan");
        Locator less = button(page, "Less time");
        for (int i = 0; i < 14; i++) {
            less.click();
        }
        assertThat(page.getByText("30 min").first()).isVisible();
        assertThat(page.getByRole(AriaRole.ALERT)
                        .or(button(page, "Take it to the chair"))
                        .first())
                .isVisible();
        context.close();
    }
}
