package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.assertNothingOverflows;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;
import static eventide.browser.Browsing.radio;
import static eventide.browser.Browsing.tab;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Collections;
import java.util.List;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The consult as a stylist takes it: by keyboard, by thumb, with a stop, and with somebody else at the same client. */
public class ConsultTest extends InTheDemoSalon {
    private Page newClient(BrowserContext context, String name) {
        Page page = browsing.open(context, "/new");
        page.getByLabel("Name").fill(name);
        page.getByLabel("Name").press("Enter");
        assertThat(heading(page, name)).isVisible();
        return page;
    }

    /** Moves by Tab alone until the wanted element has the focus. */
    private static void tabTo(Page page, Locator wanted) {
        wanted.waitFor();
        for (int i = 0; i < 80; i++) {
            if ((boolean) wanted.evaluate("e => e === document.activeElement")) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("Tab never reaches " + wanted);
    }

    /** A group of answers is one stop for Tab; arrows move inside it. */
    private static void answer(Page page, String group, String word) {
        Locator options = page.getByRole(
                        AriaRole.RADIOGROUP,
                        new Page.GetByRoleOptions().setName(group).setExact(true))
                .or(page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName(group).setExact(true)));
        Locator first = options.getByRole(AriaRole.RADIO).first();
        tabTo(page, first);
        for (int i = 0; i < 10; i++) {
            if (page.locator(":focus").textContent().equals(word)) {
                page.keyboard().press("Enter");
                return;
            }
            page.keyboard().press("ArrowRight");
        }
        throw new AssertionError("No answer " + word + " in " + group);
    }

    private static void type(Page page, String label, String text) {
        tabTo(page, page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)));
        page.keyboard().type(text);
    }

    @Test
    public void everyTestIsTakenByKeyboardAlone() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = newClient(context, "Idony Scaur");
        tabTo(page, tab(page, "Quick read"));
        page.keyboard().press("ArrowRight");
        answer(page, "Felt", "nothing");
        answer(page, "The mist", "beads sit");
        type(page, "Minutes to wet", "4");
        type(page, "Hours to dry", "5");
        answer(page, "The strand", "floats");
        type(page, "Girth", "7");
        answer(page, "Scalp shows", "some");
        type(page, "Hanging dry", "24");
        type(page, "Pulled straight", "30");
        type(page, "Across one curl", "25");
        type(page, "Turns in 10 cm", "1");
        answer(page, "Let go, it", "returns");
        Locator found = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Found"));
        assertThat(found).containsText(Pattern.compile("Strandfine"));
        assertThat(found).containsText(Pattern.compile("Porositylow▮▮▮ firm"));
        assertThat(found).containsText(Pattern.compile("Densitymedium"));
        // By hand: (30 − 24) / 30 = 20 %, index 30 / 24 = 1.25.
        assertThat(found).containsText("Shrinkage20 %");
        assertThat(found).containsText("1.25");
        assertAccessible(page, "guided tests");
        tabTo(page, button(page, "Save and plan"));
        page.keyboard().press("Enter");
        assertThat(heading(page, "In order")).isVisible();
        assertThat(page.getByText("fine · low porosity · 3A · medium density · 30 cm"))
                .isVisible();
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void wordsTheClientReactsToAreReadOneByOneHoweverMany() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = newClient(context, "Hesper Loxley");
        tab(page, "Condition").click();
        Locator said = page.getByLabel("Known allergies, in the client’s words");
        String many = String.join(", ", Collections.nCopies(30, "coconut"));
        said.fill(many + ", 2-Bromo-2-Nitropropane-1,3-Diol, walnut, zorbblast");
        Locator meant = page.getByRole(
                AriaRole.LIST, new Page.GetByRoleOptions().setName("What these words are taken to mean"));
        assertThat(meant).containsText("walnut: stops");
        assertThat(meant).containsText("2-Bromo-2-Nitropropane-1,3-Diol: stops");
        assertThat(meant).containsText("“zorbblast” is no word known here");
        assertThat(meant).not().containsText("3-Diol”");
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void aQuickReadByThumbSaysWhatItRestsOn() {
        BrowserContext context = browsing.phone();
        Page page = newClient(context, "Wren Tarn");
        radio(page, "4A").tap();
        button(page, "Assume the rest: strand, porosity, density, length").tap();
        assertThat(page.getByText("◌ assumed").first()).isVisible();
        assertNothingOverflows(page, "quick read on a phone");
        page.reload();
        assertThat(page.getByText("◌ assumed")).hasCount(4);
        for (String part : List.of("Guided tests", "Condition", "Hair now", "Wishes", "Ways", "Kept")) {
            tab(page, part).tap();
            assertNothingOverflows(page, part + " on a phone");
            assertAccessible(page, part + " on a phone");
        }
        button(page, "Save and plan").tap();
        assertThat(page.getByText(Pattern.compile("that one matters most"))).isVisible();
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void everyTestIsTakenByThumb() {
        BrowserContext context = browsing.phone();
        Page page = newClient(context, "Tamsin Weir");
        tab(page, "Guided tests").tap();
        for (String answer : List.of("nothing", "beads sit", "floats", "some", "returns")) {
            page.getByRole(
                            AriaRole.RADIO,
                            new Page.GetByRoleOptions().setName(answer).setExact(true))
                    .tap();
        }
        String[][] measured = {
            {"Minutes to wet", "4"},
            {"Hours to dry", "5"},
            {"Girth", "7"},
            {"Hanging dry", "24"},
            {"Pulled straight", "30"},
            {"Across one curl", "25"},
            {"Turns in 10 cm", "1"}
        };
        for (String[] one : measured) {
            Locator field = page.getByLabel(one[0], new Page.GetByLabelOptions().setExact(true));
            field.tap();
            field.fill(one[1]);
        }
        heading(page, "Tamsin Weir").tap();
        assertNothingOverflows(page, "guided tests on a phone");
        button(page, "Save and plan").tap();
        assertThat(page.getByText("fine · low porosity · 3A · medium density · 30 cm"))
                .isVisible();
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void contradictionsAreNamedWithWhatToDoNext() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = newClient(context, "Hesper Lode");
        tab(page, "Guided tests").click();
        radio(page, "beads sit").click();
        page.getByLabel("Hours to dry").fill("1");
        page.getByLabel("Hours to dry").press("Enter");
        assertThat(page.getByText("something coats it")).isVisible();
        assertThat(page.getByText("Clarify first")).isVisible();
        // Taken back, it is gone.
        radio(page, "beads sit").click();
        assertThat(page.getByText("something coats it")).not().isVisible();
        // Hair does not hang longer than it stretches: said, and nothing lost.
        page.getByLabel("Hanging dry").fill("31");
        page.getByLabel("Hanging dry").press("Enter");
        page.getByLabel("Pulled straight", new Page.GetByLabelOptions().setExact(true))
                .fill("30");
        page.getByLabel("Pulled straight", new Page.GetByLabelOptions().setExact(true))
                .press("Enter");
        assertThat(page.getByText("hair does not hang longer than it stretches").first())
                .isVisible();
        context.close();
    }

    @Test
    public void aZoneTestedApartReadsApart() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/4/consult");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^nape:")))
                .click();
        tab(page, "Guided tests").click();
        page.getByLabel("Across one curl").fill("11");
        page.getByLabel("Across one curl").press("Enter");
        page.getByLabel("Turns in 10 cm").fill("3");
        page.getByLabel("Turns in 10 cm").press("Enter");
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("nape: 3C")))
                .isVisible();
        button(page, "Save and plan").click();
        assertThat(heading(page, "In order")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Consult"))
                .click();
        tab(page, "Kept").click();
        assertThat(page.getByText("nape: pattern 2b → 3c")).isVisible();
        context.close();
    }

    @Test
    public void aStopIsKeptUntilItIsClearedWithANote() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = newClient(context, "Gus Wrack");
        radio(page, "Medium").first().click();
        radio(page, "High: gone at once").click();
        radio(page, "4A").click();
        radio(page, "High: none shows").click();
        page.getByLabel("Length, pulled straight").fill("20");
        page.getByLabel("Length, pulled straight").press("Enter");
        tab(page, "Condition").click();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("sores"))
                .click();
        assertThat(page.getByText("Do not style today.")).isVisible();
        button(page, "Save and plan").click();
        assertThat(page.getByText("no styling until it is cleared")).isVisible();
        assertThat(button(page, "Take it to the chair")).hasCount(0);
        assertAccessible(page, "a stop");
        // Unticking it is not clearing it.
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Consult"))
                .click();
        tab(page, "Condition").click();
        page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName("sores"))
                .click();
        button(page, "Save and plan").click();
        assertThat(page.getByText("clear it with a note first").first()).isVisible();
        page.getByLabel("Cleared by whom, and what was said").fill("pharmacist: healed, go ahead");
        button(page, "Clear the stop").click();
        assertThat(page.getByText("Stopped since")).hasCount(0);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Plan"))
                .click();
        assertThat(button(page, "Take it to the chair")).isVisible();
        context.close();
    }

    @Test
    public void twoWindowsOnOneClientGetAChoice() {
        BrowserContext one = browsing.fresh(1280, 900);
        BrowserContext two = browsing.fresh(1280, 900);
        Page mine = browsing.open(one, "/clients/2/consult");
        Page theirs = browsing.open(two, "/clients/2/consult");
        tab(mine, "Hair now").click();
        tab(theirs, "Hair now").click();
        mine.getByLabel("Notes").fill("mine");
        theirs.getByLabel("Notes").fill("theirs");
        button(theirs, "Save and plan").click();
        assertThat(heading(theirs, "In order")).isVisible();
        button(mine, "Save and plan").click();
        assertThat(mine.getByText("Somebody else saved this client meanwhile.")).isVisible();
        assertThat(mine.getByText("notes “theirs”")).isVisible();
        assertEquals(mine.getByLabel("Notes").inputValue(), "mine");
        button(mine, "Keep mine").click();
        assertThat(heading(mine, "In order")).isVisible();
        one.close();
        two.close();
    }

    @Test
    public void theWatchRunsOnThroughAReload() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = newClient(context, "Linnet Oar");
        tab(page, "Guided tests").click();
        button(page, "Start the watch").click();
        assertThat(page.getByRole(AriaRole.TIMER)).isVisible();
        page.reload();
        tab(page, "Guided tests").click();
        button(page, "Stop").click();
        assertTrue(Double.parseDouble(page.getByLabel("Minutes to wet").inputValue()) >= 0);
        context.close();
    }
}
