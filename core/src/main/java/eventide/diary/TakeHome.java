package eventide.diary;

import eventide.diary.Aftercare.CareDay;
import eventide.routine.Amount;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What a client takes home, on one page: nights, mornings, how much of what, when to wash again. Only the first name stands on it.
 *
 * @param parts in the order they are needed
 */
public record TakeHome(String title, List<TakeHomePart> parts) {
    /**
     * A heading with its lines.
     *
     * @param lines a sentence each, to be read without the app
     */
    public record TakeHomePart(String heading, List<String> lines) {}

    /**
     * @param name whole, of which the first is taken
     * @param refresh as it would be on the third day; null where nothing is to be said of it
     */
    public static TakeHome of(String name, Aftercare care, Refresh refresh) {
        List<TakeHomePart> parts = new ArrayList<>();
        parts.add(new TakeHomePart(
                "Nights",
                List.of(
                        "Dry before bed, never wet.",
                        "Every night " + care.nights().label() + ". Never tight.")));
        List<String> days = new ArrayList<>();
        for (CareDay day : care.days()) {
            String asks = day.day() == 1
                    ? "Leave it alone; the shape is still setting."
                    : day.asks().isEmpty() ? "Leave it alone." : String.join(" ", day.asks());
            days.add("Day " + day.day() + ", " + Words.day(day.date()) + (day.best() ? " (mostly its best)" : "") + ": "
                    + asks + (day.air() == null ? "" : " " + day.air()));
        }
        parts.add(new TakeHomePart("Day by day", days));
        if (refresh != null && !refresh.washDue()) {
            parts.add(new TakeHomePart("The refresh", refreshLines(refresh)));
        }
        parts.add(new TakeHomePart(
                "The next wash",
                List.of(
                        Words.day(care.washOn()) + ". " + care.washBecause(),
                        "Sooner where the scalp itches or smells, flakes show, or it will not take water any more.")));
        return new TakeHome(name.strip().split("\\s+")[0] + ", to keep it", List.copyOf(parts));
    }

    /** What to do on a morning in four lines a client can keep on a door. */
    private static List<String> refreshLines(Refresh refresh) {
        List<String> lines = new ArrayList<>();
        lines.add("Shake the roots, mist only what frizzes, never all of it.");
        String much = refresh.amounts().stream().map(TakeHome::amount).collect(Collectors.joining(", "));
        if (!much.isEmpty()) {
            lines.add(much + ", smoothed over the outside, ends rather than roots.");
        }
        lines.add("About " + Words.number(Math.ceil(refresh.minutes()))
                + " minutes with the drying. No dryer every day; after three refreshes wash.");
        return lines;
    }

    private static String amount(Amount amount) {
        return amount.dose() + " of " + amount.product().name();
    }

    /** As a message is sent. */
    public String text() {
        return title + "\n\n"
                + parts.stream()
                        .map(part -> part.heading().toUpperCase(java.util.Locale.ROOT) + "\n"
                                + part.lines().stream().map(line -> "- " + line).collect(Collectors.joining("\n")))
                        .collect(Collectors.joining("\n\n"))
                + "\n";
    }
}
