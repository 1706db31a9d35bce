package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A spoilt plan is looked at, and its fault found or not. */
public class PracticeTest extends InTheDemoSalon {
    private static final JsonMapper JSON = new JsonMapper();

    private Page page;
    private JsonNode spoilt;

    /** A round of somebody's as it is drawn, with what the server said of it. */
    private void open(BrowserContext context, String person) {
        page = context.newPage();
        page.navigate(browsing.server().url("/practice"));
        page.getByLabel("Name").fill(person);
        spoilt = JSON.readTree(page.waitForResponse("**/api/practice/spoil", () -> Browsing.button(page, "Begin")
                        .click())
                .text());
        assertThat(Browsing.heading(page, "What is wrong?")).isVisible();
        Browsing.settled(page);
    }

    private Locator step(int index) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Which step?"))
                .getByRole(AriaRole.BUTTON)
                .nth(index);
    }

    private Locator fault(boolean right) {
        int at = 0;
        while (spoilt.get("choices").get(at).get("rule").equals(spoilt.get("rule")) != right) {
            at++;
        }
        return Browsing.button(page, spoilt.get("choices").get(at).get("words").asString());
    }

    @Test
    public void aFaultIsFoundAndTheNextOneComes() {
        try (BrowserContext context = browsing.fresh(1280, 800)) {
            open(context, "Hester");
            Browsing.assertAccessible(page, "practice");
            step(spoilt.get("step").asInt()).click();
            fault(true).click();
            assertThat(page.getByText("Found.")).isVisible();
            assertThat(page.getByText(spoilt.get("said").asString())).isVisible();
            page.waitForResponse("**/api/practice/spoil", () -> Browsing.button(page, "The next one")
                    .click());
            assertThat(Browsing.button(page, "A hint")).isVisible();
            assertThat(page.getByText("Found 1 of 1; none waits to come back.")).isVisible();
        }
    }

    @Test
    public void whatWasMissedIsToldAndComesBack() {
        try (BrowserContext context = browsing.phone()) {
            open(context, "Piran");
            Browsing.assertNothingOverflows(page, "practice");
            Browsing.button(page, "A hint").tap();
            assertThat(page.getByText(spoilt.get("hint").asString())).isVisible();
            step((spoilt.get("step").asInt() + 1)
                            % spoilt.get("routine").get("steps").size())
                    .tap();
            fault(true).tap();
            assertThat(page.getByText("The fault is right; it shows at step")).isVisible();
            assertThat(page.getByText("Found 0 of 1; one that was missed comes back."))
                    .isVisible();
            String asked = page.waitForRequest("**/api/practice/spoil", () -> Browsing.button(page, "The next one")
                            .tap())
                    .postData();
            assertEquals(JSON.readTree(asked).get("rule"), spoilt.get("rule"), "the one missed is asked for again");
        }
    }

    /** Decided by thumb, layer by layer; told how far it gets and what each decision costs. */
    @Test
    public void whatOneWouldDoIsLaidBesideThePlan() {
        try (BrowserContext context = browsing.phone()) {
            page = context.newPage();
            page.navigate(browsing.server().url("/practice"));
            JsonNode situation = JSON.readTree(page.waitForResponse("**/api/practice/situation", () -> page.getByRole(
                                    AriaRole.RADIO, new Page.GetByRoleOptions().setName("What would you do?"))
                            .tap())
                    .text());
            assertThat(Browsing.button(page, "See how far it gets")).isDisabled();
            situation.get("layers").forEach(layer -> decide(layer.get("label").asString(), "none"));
            decide("Hands", situation.at("/hands/0/label").asString());
            decide("Drying", situation.at("/drying/0/label").asString());
            Browsing.assertNothingOverflows(page, "deciding");
            JsonNode told = JSON.readTree(
                    page.waitForResponse("**/api/practice/build", () -> Browsing.button(page, "See how far it gets")
                                    .tap())
                            .text());
            assertThat(page.getByText(told.get("words").asString())).isVisible();
            assertThat(page.getByText(told.at("/choices/0/because").asString()).first())
                    .isVisible();
            Browsing.assertNothingOverflows(page, "what was reached");
            Browsing.assertAccessible(page, "what was reached");
            page.waitForResponse("**/api/practice/situation", () -> Browsing.button(page, "The next head")
                    .tap());
        }
    }

    private void decide(String what, String answer) {
        page.getByRole(
                        AriaRole.RADIOGROUP,
                        new Page.GetByRoleOptions().setName(what).setExact(true))
                .or(page.getByRole(
                        AriaRole.GROUP,
                        new Page.GetByRoleOptions().setName(what).setExact(true)))
                .getByRole(
                        AriaRole.RADIO,
                        new Locator.GetByRoleOptions().setName(answer).setExact(true))
                .tap();
    }

    /** Five guesses, each weighed; then a look at the chair carries how far this hand is trusted. */
    @Test
    public void waterIsFeltAndTheChairTrustsTheHandAccordingly() {
        try (BrowserContext context = browsing.phone()) {
            page = context.newPage();
            page.navigate(browsing.server().url("/practice"));
            page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Feel the water"))
                    .tap();
            page.getByLabel("Name").fill("Piran");
            Browsing.button(page, "Begin").tap();
            for (int n = 1; n <= 5; n++) {
                assertThat(page.getByText("Piran, section " + n + " of 10")).isVisible();
                assertThat(Browsing.button(page, "Put it on the scale")).isDisabled();
                page.getByRole(AriaRole.SLIDER).press("ArrowUp");
                Browsing.assertNothingOverflows(page, "feeling");
                Browsing.button(page, "Put it on the scale").tap();
                assertThat(page.getByText("you said 55 %")).isVisible();
                Browsing.assertAccessible(page, "felt");
                Browsing.button(page, "The next one").tap();
            }
            double trust =
                    Double.parseDouble((String) page.evaluate("() => localStorage.getItem('chair-trust Piran')"));
            assertTrue(trust > 0 && trust < 1, "trusted " + trust);
        }
    }

    @Test
    public void aSwatchIsScoredByThumbAndItsTruthTold() {
        try (BrowserContext context = browsing.phone()) {
            page = context.newPage();
            page.navigate(browsing.server().url("/practice"));
            page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Score swatches"))
                    .tap();
            page.getByLabel("Name").fill("Hester");
            Browsing.button(page, "Begin").tap();
            assertThat(page.getByAltText("A lock of hair, drawn")).isVisible();
            Browsing.assertNothingOverflows(page, "swatches");
            Browsing.assertAccessible(page, "swatches");
            assertThat(Browsing.button(page, "See the truth")).isDisabled();
            for (String score : new String[] {"definition", "clumping", "frizz"}) {
                page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(score))
                        .press("ArrowRight");
            }
            Browsing.button(page, "See the truth").tap();
            assertThat(page.getByText("you gave 5.5").first()).isVisible();
            assertThat(page.getByText(Pattern.compile("^Drawn as .*, which shrinks by \\d+ %")))
                    .isVisible();
            Browsing.button(page, "The next one").tap();
            assertThat(page.getByText("swatch 2 of 10")).isVisible();
            assertEquals(
                    browsing.server()
                            .get("/api/practice/people/Hester")
                            .body()
                            .get("swatches")
                            .asInt(),
                    1,
                    "kept under the name");
        }
    }
}
