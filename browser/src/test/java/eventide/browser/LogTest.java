package eventide.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static eventide.browser.Browsing.assertAccessible;
import static eventide.browser.Browsing.assertNothingOverflows;
import static eventide.browser.Browsing.button;
import static eventide.browser.Browsing.heading;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.SelectOption;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

/** What came of it: scored by touch, on the days after, and beside another wash. */
public class LogTest extends InTheDemoSalon {
    @Test
    public void aWashIsScoredAgainByTouchAndTheOldScoreKept() {
        BrowserContext context = browsing.phone();
        Page page = browsing.open(context, "/clients/1/log");
        button(page, "Score it again").tap();
        // While a score is given no earlier one is in sight.
        assertThat(page.getByText(Pattern.compile("definition \\d"))).hasCount(0);
        Scoring.answer(page, "Cast broken?", "Not yet");
        assertThat(page.getByText("Too early for a verdict")).isVisible();
        Scoring.answer(page, "Cast broken?", "Yes");
        Scoring.answer(page, "Roots fully dry?", "Yes");
        for (String score : new String[] {"definition", "clumping", "frizz", "volume"}) {
            Scoring.tapAt(page, score, .7);
        }
        assertNothingOverflows(page, "scoring on a phone");
        assertAccessible(page, "scoring on a phone");
        button(page, "Keep it in the log").tap();
        assertThat(page.getByText("Scored otherwise before")).isVisible();
        assertThat(page.getByText(Pattern.compile("definition 7\\.0")).first()).isVisible();
        context.close();
    }

    @Test
    public void aDayAfterTakesThreeTouches() {
        BrowserContext context = browsing.phone();
        // A wash of an even number of days ago: nobody looked at it after.
        Page page = browsing.open(context, "/clients/3/log");
        openDay(
                page,
                page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Wash days"))
                        .getByRole(AriaRole.BUTTON)
                        .filter(new Locator.FilterOptions().setHasText("definition"))
                        .nth(2));
        button(page, "Day 2").tap();
        for (String score : new String[] {"definition, day 2", "frizz, day 2", "volume, day 2"}) {
            Scoring.tapAt(page, score, .5);
        }
        page.getByText("misted", new Page.GetByTextOptions().setExact(true)).tap();
        button(page, "Keep day 2").tap();
        assertThat(page.getByText("Day 2 against day 1").or(page.getByText("Day 2 looks as day 1 did")))
                .isVisible();
        button(page, "Day 3").tap();
        for (String score : new String[] {"definition, day 3", "frizz, day 3", "volume, day 3"}) {
            Scoring.tapAt(page, score, .3);
        }
        button(page, "It is over: wash next").tap();
        assertThat(page.getByText("lasted 2 days")).isVisible();
        assertAccessible(page, "the days after");
        context.close();
    }

    @Test
    public void twoWashesAreLaidSideBySideAndTheVerdictIsHonest() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/5/log");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Lay .* beside")))
                .nth(4)
                .click();
        Locator beside = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Side by side"));
        assertThat(beside.getByText(Pattern.compile("One thing was otherwise: .+ instead of Fathom firm gel")))
                .isVisible();
        assertThat(beside.getByText("within the eye’s error")
                        .or(beside.getByText("clear"))
                        .first())
                .isVisible();
        assertAccessible(page, "two washes side by side");
        assertNothingOverflows(page, "two washes side by side");
        button(page, "Back to one").click();
        assertThat(heading(page, "The days after")).isVisible();
        context.close();
    }

    @Test
    public void aWashIsTakenOutAndPutBack() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/3/log");
        Locator days = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Wash days"))
                .getByRole(AriaRole.LISTITEM);
        assertThat(days).hasCount(8);
        button(page, "Take this wash out of the log").click();
        assertThat(days).hasCount(7);
        button(page, "Put it back").click();
        assertThat(days).hasCount(8);
        context.close();
    }

    @Test
    public void washDaysAreFoundOverAllClients() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients");
        Locator rows = page.getByRole(AriaRole.ROW);
        assertThat(rows).hasCount(41);
        button(page, "Earlier ones").click();
        assertThat(rows).not().hasCount(41);
        page.getByLabel("With", new Page.GetByLabelOptions().setExact(true)).selectOption("Sandbar light gel");
        assertThat(page.getByText("Best for the goal, with Sandbar light gel").first())
                .isVisible();
        assertAccessible(page, "clients and wash days");
        page.getByLabel("Definition").selectOption("8");
        page.getByLabel("Frizz").selectOption("2");
        assertThat(page.getByText("No wash day is so").or(rows.nth(1))).isVisible();
        page.getByLabel("Name").fill("bram");
        assertThat(page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Clients"))
                        .getByRole(AriaRole.LISTITEM))
                .hasCount(1);
        browsing.assertNoErrors();
        context.close();
    }

    @Test
    public void aPhotographIsKeptAndLaidOverAnEarlierOne() throws IOException {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients/1/log");
        Locator days = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Wash days"))
                .getByRole(AriaRole.LISTITEM);
        for (int i = 1; i >= 0; i--) {
            openDay(page, days.nth(i).getByRole(AriaRole.BUTTON).first());
            // The one with a picture has a button of nearly that name in the place of the field.
            front(page).setInputFiles(picture(i));
            assertThat(button(page, "Open the photograph, front")).isVisible();
        }
        button(page, "Open the photograph, front").click();
        Locator dialog = page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("Against").selectOption(new SelectOption().setIndex(1));
        Locator slider = dialog.getByRole(AriaRole.SLIDER);
        slider.press("ArrowRight");
        assertThat(slider).hasAttribute("aria-valuenow", "51");
        assertAccessible(page, "two photographs");
        dialog.getByText("Over it").click();
        assertThat(dialog.getByRole(AriaRole.IMG)).hasCount(2);
        button(page, "Remove this photograph").click();
        assertThat(front(page)).hasCount(1);
        // What is no picture is refused in plain words.
        page.getByLabel("Photograph, back")
                .setInputFiles(new FilePayload("a.png", "image/png", "no".getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("no picture that can be read")).isVisible();
        context.close();
    }

    /** The list that was asked for before a picture was given may come after it: what is shown is what there is since. */
    @Test
    public void aPictureIsShownThoughTheListBeforeItComesLate() throws IOException {
        try (BrowserContext context = browsing.fresh(1280, 800)) {
            Page page = browsing.open(context, "/clients/3/log");
            Locator days = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Wash days"))
                    .getByRole(AriaRole.LISTITEM);
            assertThat(front(page)).hasCount(1);
            FilePayload given = picture(2);
            List<Runnable> late = new ArrayList<>();
            page.route("**/photos", asked -> {
                if (!late.isEmpty()) {
                    asked.resume();
                    return;
                }
                APIResponse before = asked.fetch();
                late.add(() -> asked.fulfill(new Route.FulfillOptions().setResponse(before)));
            });
            openDay(page, days.nth(3).getByRole(AriaRole.BUTTON).first());
            page.waitForCondition(() -> !late.isEmpty());
            page.waitForResponse("**/photos/FRONT", () -> front(page).setInputFiles(given));
            late.get(0).run();
            assertThat(button(page, "Open the photograph, front")).isVisible();
        }
    }

    /** By thumb: the last picture of the view lies faint over what the camera sees, until it is hidden; what is taken is kept. */
    @Test
    public void theNextPictureIsFramedLikeTheLast() throws IOException {
        try (BrowserContext context = browsing.phone()) {
            Page page = browsing.open(context, "/clients/3/log");
            Locator days = page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Wash days"))
                    .getByRole(AriaRole.LISTITEM);
            openDay(page, days.nth(1).getByRole(AriaRole.BUTTON).first());
            front(page).setInputFiles(picture(1));
            assertThat(button(page, "Open the photograph, front")).isVisible();
            openDay(page, days.nth(0).getByRole(AriaRole.BUTTON).first());
            button(page, "Frame it like the last one").tap();
            Locator ghost = page.getByRole(AriaRole.DIALOG).getByRole(AriaRole.IMG);
            assertThat(ghost).hasCount(1);
            assertAccessible(page, "the camera");
            button(page, "Hide the last one").tap();
            assertThat(ghost).hasCount(0);
            assertThat(page.getByLabel("What the camera sees")).isVisible();
            page.waitForFunction("() => document.querySelector('video').videoWidth > 0");
            button(page, "Take it").tap();
            assertThat(page.getByText("No earlier picture of this view")).isVisible();
            button(page, "Close").tap();
            assertThat(button(page, "Open the photograph, front")).isVisible();
        }
    }

    /** Opens a day, and waits until all that stands beside the list is that day's: what is given then is given to no other. */
    private static void openDay(Page page, Locator day) {
        day.click();
        assertThat(day).hasAttribute("aria-current", "true");
        assertThat(page.locator(".sheet[aria-busy=true]")).hasCount(0);
    }

    /** By thumb: once measured, pictures stand beside the eye, and one that parts from it leads to its wash. */
    @Test
    public void picturesStandBesideTheEye() {
        List<JsonNode> scored = new ArrayList<>();
        for (JsonNode day : browsing.server().get("/api/clients/2/wash-days").body()) {
            if (day.has("rating")) {
                scored.add(day);
            }
        }
        for (int i = 0; i < 3; i++) {
            byte[] lock = browsing.server().bytes("/api/practice/swatches/" + (910 + i) + ".png");
            browsing.server().upload("/api/wash-days/" + scored.get(i).get("id") + "/photos/LEFT", lock, "image/png");
        }
        try (BrowserContext context = browsing.phone()) {
            Page page =
                    browsing.open(context, "/clients/2/log?day=" + scored.get(4).get("id"));
            Locator beside = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Picture beside eye"));
            assertThat(beside.getByText("Over 3 pictures")).isVisible();
            assertThat(beside.getByRole(AriaRole.IMG)).hasCount(3);
            assertAccessible(page, "pictures beside the eye");
            assertNothingOverflows(page, "pictures beside the eye");
            beside.getByRole(AriaRole.LINK).first().tap();
            assertThat(page).hasURL(Pattern.compile("/clients/2/log\\?day=\\d+$"));
            assertThat(button(page, "Open the photograph, left")).isVisible();
        }
    }

    /** By thumb: two taps on something known tell the scale, and the ruler reads centimetres from then on. */
    @Test
    public void twoTapsSetTheScaleOfAPhotograph() {
        long day = browsing.server()
                .get("/api/clients/1/wash-days")
                .body()
                .get(0)
                .get("id")
                .asLong();
        byte[] lock = browsing.server().bytes("/api/practice/swatches/915.png");
        browsing.server().upload("/api/wash-days/" + day + "/photos/BACK", lock, "image/png");
        try (BrowserContext context = browsing.phone()) {
            Page page = browsing.open(context, "/clients/1/log?day=" + day);
            button(page, "Open the photograph, back").tap();
            button(page, "Ruler").tap();
            tap(page, .4, .2);
            tap(page, .4, .8);
            page.getByLabel("It is, cm").fill("12");
            button(page, "Set the scale").tap();
            Locator reading = page.getByText(Pattern.compile("^\\d+\\.\\d cm$"));
            assertThat(reading).hasText("12.0 cm");
            assertAccessible(page, "a ruler on a photograph");
            assertNothingOverflows(page, "a ruler on a photograph");
            tap(page, .4, .5);
            assertThat(reading).hasText(Pattern.compile("6\\.\\d cm"));
            String before = reading.innerText();
            page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("Other end"))
                    .focus();
            for (int i = 0; i < 3; i++) {
                page.keyboard().press("Shift+ArrowDown");
            }
            assertThat(reading).not().hasText(before);
            button(page, "Put the ruler away").tap();
            assertThat(reading).hasCount(0);
            page.reload();
            button(page, "Score it again").tap();
            button(page, "Open the photograph, back").tap();
            button(page, "Ruler").tap();
            assertThat(reading).isVisible();
            String pulled = reading.innerText().replace(" cm", "");
            button(page, "A strand pulled straight").tap();
            button(page, "Close").tap();
            assertThat(page.getByLabel("pulled, cm")).hasValue(pulled);
        }
    }

    /** On the ruler's picture, in parts of what is drawn of it. */
    private static void tap(Page page, double across, double down) {
        Locator ruler = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(Pattern.compile("^Ruler")));
        ruler.scrollIntoViewIfNeeded();
        BoundingBox box = ruler.boundingBox();
        page.touchscreen().tap(box.x + box.width * across, box.y + box.height * down);
    }

    private static Locator front(Page page) {
        return page.getByLabel("Photograph, front", new Page.GetByLabelOptions().setExact(true));
    }

    private static FilePayload picture(int shade) throws IOException {
        BufferedImage image = new BufferedImage(120, 160, BufferedImage.TYPE_INT_RGB);
        image.setRGB(10, 10, shade * 1000);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "png", out);
        return new FilePayload("front.png", "image/png", out.toByteArray());
    }

    @Test
    public void aClientGoesOutAsAFileIsErasedAndComesInAgain() {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = browsing.open(context, "/clients");
        button(page, "More of Corin Thessaly")
                .or(button(page, "More of Maud Ravel"))
                .first()
                .click();
        String name = page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.HEADING)
                .first()
                .innerText();
        String own = browsing.server().get("/api/exchange").body().toString();
        assertThat(button(page, "Erase for good")).isDisabled();
        page.getByLabel("Write the name to erase").fill(name);
        assertAccessible(page, "erasing");
        button(page, "Erase for good").click();
        assertThat(button(page, "More of " + name)).hasCount(0);
        button(page, "A file out, a file in").click();
        page.getByLabel("Bring a file")
                .setInputFiles(new FilePayload(
                        "salon.json",
                        "application/json",
                        own.replaceFirst("\"strand\":\"[A-Z]+\"", "\"strand\":\"WIRY\"")
                                .getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("1 with faults")).isVisible();
        assertThat(button(page, "Take them in")).isDisabled();
        assertAccessible(page, "a file with a fault");
        page.getByLabel("Bring a file")
                .setInputFiles(new FilePayload("salon.json", "application/json", own.getBytes(StandardCharsets.UTF_8)));
        assertThat(page.getByText("0 with faults")).isVisible();
        button(page, "Take them in").click();
        assertThat(button(page, "More of " + name)).isVisible();
        browsing.assertNoErrors();
        context.close();
    }
}
