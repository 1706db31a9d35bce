package eventide.browser;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/** From tap to paint, on this machine and with its processor four times slower: the median of ten. Prints; asserts nothing. */
public final class TapBench {
    private static final int TAPS = 10;

    /** Taps what the first function finds, and tells when the second one's condition has been painted, ms. */
    private static final String TAP =
            """
            async ([find, seen]) => {
              const target = (0, eval)(find)()
              const isSeen = (0, eval)(seen)(target)
              const from = performance.now()
              target.dispatchEvent(new PointerEvent('pointerdown', { bubbles: true }))
              target.click()
              while (!isSeen()) await new Promise((next) => requestAnimationFrame(next))
              await new Promise((painted) => requestAnimationFrame(() => setTimeout(painted)))
              return performance.now() - from
            }
            """;

    private record Tap(String name, String path, String find, String seen, int restMs) {}

    private static final List<Tap> TAPS_AT = List.of(
            new Tap(
                    "Done at the chair",
                    null,
                    "() => [...document.querySelectorAll('[data-chair] button')].find((b) => /^(Done|Go on)/.test(b.textContent))",
                    "() => { const said = () => document.querySelector('[data-chair]').textContent.replace(/\\d+:\\d\\d/g, ''); const was = said(); return () => said() !== was }",
                    500),
            new Tap(
                    "A step opened on the plan",
                    "/clients/2/plan",
                    "() => { const all = [...document.querySelectorAll('[data-line]')]; const at = all.findIndex((b) => b.ariaPressed === 'true'); return all[(at + 1) % all.length] }",
                    "(line) => { const was = document.querySelector('[aria-label=\"In hand\"] h2')?.textContent; return () => { const now = document.querySelector('[aria-label=\"In hand\"] h2')?.textContent; return now !== undefined && now !== was } }",
                    300),
            new Tap(
                    "A wash day in the log",
                    "/clients/2/log",
                    "() => { const all = [...document.querySelectorAll('nav [data-rove]')]; const at = all.findIndex((b) => b.ariaCurrent === 'true'); return all[(at + 1) % all.length] }",
                    "(line) => () => line.ariaCurrent === 'true'",
                    600),
            new Tap(
                    "A wish: the tap is seen",
                    "/clients/2/plan",
                    "() => [...document.querySelectorAll('[role=radio][aria-checked=false]')].find((b) => b.ariaLabel?.startsWith('Volume'))",
                    "(wish) => () => wish.ariaChecked === 'true'",
                    1500),
            new Tap(
                    "A wish: its new plan stands",
                    "/clients/2/plan",
                    "() => [...document.querySelectorAll('[role=radio][aria-checked=false]')].find((b) => b.ariaLabel?.startsWith('Softness'))",
                    "(wish) => () => wish.ariaChecked === 'true' && document.querySelector('.sheet[aria-busy]')?.ariaBusy === 'false'",
                    1500));

    private TapBench() {}

    public static void main(String[] args) {
        try (Browsing browsing = new Browsing(true)) {
            System.out.printf("%-32s %10s %14s%n", "from tap to paint, ms", "here", "4 × slower");
            for (Tap tap : TAPS_AT) {
                System.out.printf(
                        Locale.ROOT,
                        "%-32s %10.0f %14.0f%n",
                        tap.name(),
                        median(browsing, tap, 1),
                        median(browsing, tap, 4));
            }
        }
    }

    private static double median(Browsing browsing, Tap tap, int slower) {
        BrowserContext context = browsing.fresh(1280, 800);
        Page page = tap.path() == null ? atTheChair(browsing, context, 1 + slower) : browsing.open(context, tap.path());
        page.waitForLoadState(LoadState.NETWORKIDLE);
        page.waitForTimeout(1500);
        CDPSession session = context.newCDPSession(page);
        com.google.gson.JsonObject rate = new com.google.gson.JsonObject();
        rate.addProperty("rate", slower);
        session.send("Emulation.setCPUThrottlingRate", rate);
        List<Double> took = new ArrayList<>();
        for (int i = 0; i < TAPS; i++) {
            took.add(((Number) page.evaluate(TAP, List.of(tap.find(), tap.seen()))).doubleValue());
            page.waitForTimeout(tap.restMs() * (double) slower);
        }
        Collections.sort(took);
        context.close();
        return (took.get(TAPS / 2 - 1) + took.get(TAPS / 2)) / 2;
    }

    /** @param client one for each turn: a head that is in work begins no other wash */
    private static Page atTheChair(Browsing browsing, BrowserContext context, int client) {
        Page page = browsing.open(context, "/clients/" + client + "/plan");
        Browsing.button(page, "Best for the goal").waitFor();
        Browsing.button(page, "Take it to the chair").click();
        Browsing.button(page, "Begin").click();
        return page;
    }
}
