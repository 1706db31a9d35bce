package eventide.browser;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;

/** A wash scored by touch. */
final class Scoring {
    private Scoring() {}

    private static Locator slider(Page page, String name) {
        return page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A tap on the track, so far along it. */
    static void tapAt(Page page, String name, double share) {
        Locator track = slider(page, name).locator("xpath=ancestor::*[@data-orientation][1]");
        track.scrollIntoViewIfNeeded();
        BoundingBox box = track.boundingBox();
        page.touchscreen().tap(box.x + box.width * share, box.y + box.height / 2);
    }

    static void answer(Page page, String question, String answer) {
        page.getByRole(AriaRole.RADIOGROUP, new Page.GetByRoleOptions().setName(question))
                .or(page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName(question)))
                .getByText(answer, new Locator.GetByTextOptions().setExact(true))
                .tap();
    }
}
