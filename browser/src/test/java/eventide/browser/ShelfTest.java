package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.assertNothingOverflows;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/** The shelf at work: a label pasted and read in place, its values put right, and the plan that uses them. */
public class ShelfTest extends InTheDemoSalon {
    private static Locator labelled(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static void put(Page page, String label, String value) {
        labelled(page, label).fill(value);
        labelled(page, label).press("Enter");
    }

    @Test
    public void anUnfamiliarLabelIsReadCorrectedAndPlannedWith() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = browsing.open(context, "/shelf");
        button(page, "Add a product").click();
        labelled(page, "Name").fill("Binnacle gel");
        labelled(page, "Ingredients, pasted or typed as they stand")
                .fill("INGREDIENTS: AQUA, PVP, VP/VA COPOLYMER, G1YCERIN, PANTENOL, PHENOXYETHANOL, LINALOOL.");
        Locator label = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("The label, marked up"));
        assertThat(label).containsText("Glycerin");
        assertThat(label).containsText("Ff");
        assertThat(label).containsText("below here at most 1 %");
        assertThat(page.getByText("Fragrance allergens named: Linalool.")).isVisible();
        button(page, "Panthenol?").click();
        assertThat(page.getByText("Not in the dictionary")).hasCount(0);
        assertAccessible(page, "a label marked up");
        button(page, "Take these").click();
        assertThat(labelled(page, "Hold, from the label")).isVisible();
        put(page, "Hold, from the label", "9.5");
        assertThat(labelled(page, "Hold, own")).hasValue("9.5");
        assertThat(page.getByText("Sets a firm cast")).isVisible();
        button(page, "Put it on the shelf").click();
        assertThat(heading(page, "Binnacle gel")).isVisible();
        button(page, "Put it away").click();
        button(page, "Put it back").click();
        assertThat(heading(page, "Binnacle gel")).isVisible();
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void thePlanWearsTheBottleAsItWasPutRight() {
        try (Browsing empty = new Browsing(false)) {
            empty.server()
                    .post(
                            "/api/clients",
                            """
                            {"name":"Tamsin Rook","hair":{"strand":"COARSE","porosity":"MEDIUM","pattern":"3C",
                             "density":"HIGH","lengthCm":40},"limits":{"minutes":180},
                             "goal":{"definition":3,"volume":0,"length":0,"softness":0,"longevity":3}}""");
            BrowserContext context = empty.fresh(1280, 900);
            Page page = empty.open(context, "/shelf");
            button(page, "Add a product").click();
            labelled(page, "Name").fill("Binnacle gel");
            labelled(page, "Ingredients, pasted or typed as they stand").fill("Aqua, PVP, Glycerin, Phenoxyethanol");
            button(page, "Take these").click();
            put(page, "Hold, from the label", "7.5");
            button(page, "Put it on the shelf").click();
            assertThat(heading(page, "Binnacle gel")).isVisible();
            page.navigate(empty.server().url("/clients/1/plan"));
            Locator steps = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Steps in order"));
            assertThat(steps).containsText("Binnacle gel");
            // what goes to the chair holds the values as they were put right, not as they were read
            button(page, "Take it to the chair").click();
            page.waitForURL("**/chair?day=*");
            String kept = empty.server().get("/api/clients/1/wash-days").body().toString();
            assertTrue(kept.contains("\"name\":\"Binnacle gel\"") && kept.contains("\"hold\":7.5"), kept);
            empty.assertNoErrors();
        }
    }

    @Test
    public void aPairIsWarnedOfAndItsRubTestKept() {
        BrowserContext context = browsing.fresh(1280, 900);
        Page page = browsing.open(context, "/shelf");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Oxbow curl cream")))
                .click();
        page.getByLabel("Over it goes").selectOption("Fathom firm gel");
        assertThat(page.getByText("Likely to flake.")).isVisible();
        Locator flakes = page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("white flakes"));
        flakes.click();
        assertThat(flakes).isChecked();
        assertThat(page.getByText("Mixed so: hold")).isVisible();
        page.getByLabel("Shelf", new Page.GetByLabelOptions().setExact(true)).selectOption("a new shelf…");
        labelled(page, "Its name").fill("Bram's own");
        page.getByLabel("Whose").selectOption("Bram Tolliver");
        button(page, "Put up the shelf").click();
        button(page, "Save the bottle").click();
        assertThat(button(page, "Save the bottle")).isDisabled();
        page.reload();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Oxbow curl cream")))
                .click();
        page.getByLabel("Over it goes").selectOption("Fathom firm gel");
        assertThat(flakes).isChecked();
        context.close();
    }

    @Test
    public void aFileWithFaultsIsMendedAndTakenOnAPhone() {
        BrowserContext context = browsing.phone();
        Page page = browsing.open(context, "/shelf");
        button(page, "Files").tap();
        Locator lines = page.getByLabel("or paste its lines, and mend them here");
        lines.fill("name,role,hold,richness,windowLow,windowHigh\nBarnacle paste,PASTE,3,2,40,90\n");
        button(page, "Look at it first").tap();
        assertThat(page.getByText("0 good, 1 with faults")).isVisible();
        assertThat(button(page, "Put them on the shelf")).isDisabled();
        assertNothingOverflows(page, "files on a phone");
        assertAccessible(page, "faults in a file");
        lines.fill("name,role,hold,richness,windowLow,windowHigh\nBarnacle paste,CREAM,3,2,40,90\n");
        button(page, "Look at it first").tap();
        assertThat(page.getByText("1 good, 0 with faults")).isVisible();
        button(page, "Put them on the shelf").tap();
        assertThat(page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Barnacle paste"))))
                .isVisible();
        labelled(page, "Search").fill("barnacle");
        assertThat(page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Products"))
                        .getByRole(AriaRole.LISTITEM))
                .hasCount(1);
        browsing.assertNoErrors();
        context.close();
    }
}
