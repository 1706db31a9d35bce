package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;
import static eventide.browser.Browsing.radio;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** A new client from the door to the log, with the server restarted under it. */
public class JourneyTest extends InTheDemoSalon {
    @Test
    public void fromANewClientToTheLogAndBackAfterARestart() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("New client"))
                .click();
        page.getByLabel("Name").fill("Thea Gannet");
        button(page, "Read the hair").click();

        consult(page);
        plan(page);
        chair(page);
        log(page);

        String address = page.url();
        browsing.server().restart();
        page.navigate(address);
        assertThat(heading(page, "Thea Gannet")).isVisible();
        assertThat(page.getByText("Shrinkage by the ruler")).containsText("30 %");
        assertThat(page.getByText("lovely at the crown")).isVisible();
        browsing.assertNoErrors();
        context.close();
    }

    private static void consult(Page page) {
        assertThat(page.getByText("Still to read: strand, porosity, pattern, density, length"))
                .isVisible();
        radio(page, "Medium").first().click();
        radio(page, "Low: mist beads").click();
        radio(page, "3A").click();
        radio(page, "Low: scalp shows").click();
        page.getByLabel("Length, pulled straight").fill("30");
        page.getByLabel("Length, pulled straight").press("Enter");
        // A reload in the middle loses nothing.
        page.reload();
        assertThat(radio(page, "3A")).isChecked();
        // One zone differs.
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("hairline: 3A"))
                .click();
        radio(page, "Fine: feels like nothing").click();
        radio(page, "2C").click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("hairline: 2C")))
                .isVisible();
        button(page, "Save and plan").click();
    }

    private static void plan(Page page) {
        assertThat(button(page, "Best for the goal")).isVisible();
        assertThat(page.getByText("Nothing to object to")).isVisible();
        // Move the leave-in, or the first styler, behind what follows until something is said.
        Locator first = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps in order"))
                .getByRole(
                        AriaRole.BUTTON,
                        new Locator.GetByRoleOptions().setName(Pattern.compile("Break the cast|Hover")))
                .first();
        first.click();
        button(page, "Leave out").click();
        assertThat(page.getByText("before the cast has set")).isVisible();
        assertAccessible(page, "plan with a finding");
        button(page, "Hover until the cast sets").click();
        assertThat(page.getByText("before the cast has set")).not().isVisible();
        assertThat(page.getByText("Nothing to object to")).isVisible();
        // What was changed by hand survives a reload.
        page.reload();
        assertThat(page.getByText("Best for the goal, changed")).isVisible();
        button(page, "Take it to the chair").click();
    }

    private void chair(Page page) {
        Locator big =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^(Begin|Done)")));
        assertThat(big).containsText("Begin");
        big.click();
        assertThat(page.getByRole(AriaRole.TIMER)).isVisible();
        assertAccessible(page, "chair");
        assertThat(big).isEnabled();
        page.keyboard().press("PageDown");
        assertThat(page.getByText(Pattern.compile("Step 2 of"))).isVisible();
        // The server goes; the chair goes on and keeps its record.
        browsing.server().stop();
        assertThat(big).isEnabled();
        page.keyboard().press("PageDown");
        assertThat(page.getByText(Pattern.compile("Step 3 of"))).isVisible();
        assertThat(page.getByText("No server just now")).isVisible();
        browsing.server().restart();
        assertThat(page.getByText("No server just now")).not().isVisible();
        page.reload();
        assertThat(page.getByText(Pattern.compile("Step 3 of"))).isVisible();
        while (!heading(page, "Done").isVisible()) {
            String before = where(page, big);
            assertThat(big).isEnabled();
            page.keyboard().press("PageDown");
            page.waitForCondition(
                    () -> heading(page, "Done").isVisible() || !where(page, big).equals(before));
        }
        assertThat(page.getByText("At night: a satin bonnet or pillow.")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Log how it came out"))
                .click();
    }

    /** The step and, where they are counted, the section. */
    private static String where(Page page, Locator big) {
        Locator step = page.getByText(Pattern.compile("^Step \\d+ of"));
        return step.count() == 0 || big.count() == 0 ? "" : step.innerText().split(" of ")[0] + big.innerText();
    }

    private static void log(Page page) {
        assertThat(button(page, "Keep it in the log")).isDisabled();
        assertAccessible(page, "scoring");
        for (String score : List.of("definition", "clumping", "frizz", "volume")) {
            Locator thumb = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(score));
            thumb.focus();
            thumb.press("ArrowRight");
            thumb.press("ArrowRight");
        }
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Cast broken?"))
                .or(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Cast broken?")))
                .getByText("Yes")
                .click();
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName("Roots fully dry?"))
                .or(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Roots fully dry?")))
                .getByText("Yes")
                .click();
        page.getByLabel("hangs, cm").fill("21");
        page.getByLabel("pulled, cm").fill("30");
        page.getByLabel("What went well or wrong, where").fill("lovely at the crown");
        button(page, "Keep it in the log").click();
        // By hand: (30 − 21) / 30 = 30 %.
        assertThat(page.getByText("Shrinkage by the ruler")).containsText("30 %");
    }
}
