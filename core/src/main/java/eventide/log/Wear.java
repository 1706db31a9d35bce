package eventide.log;

import eventide.shape.Maybe;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * A wash over its days: the curve of each score, and how long it lasted.
 *
 * @param points the day of the wash first
 * @param daysLasted as logged; of the days looked at where nobody said, absent while it is still worn
 * @param best the day on which it looked best by definition less frizz, absent with fewer than two days
 */
public record Wear(List<Point> points, @Maybe Double daysLasted, @Maybe Integer best, @Maybe String secondDay) {
    /**
     * One day's scores, 0 to 10.
     *
     * @param day of wear, 1 for the wash day
     * @param definition 0 to 10, like the other two
     * @param refreshed whether it was that morning
     */
    public record Point(int day, double definition, double frizz, double volume, boolean refreshed) {
        private double looks() {
            return definition - frizz;
        }
    }

    /** A change smaller than this is within an eye's own error, points [OURS]. */
    private static final double SEEN = .75;

    /**
     * @param rating the day of the wash, null where it was not scored
     * @param following the days after it, in any order
     */
    public static Wear of(Rating rating, List<FollowingDay> following) {
        List<Point> points = new ArrayList<>();
        if (rating != null) {
            Rating.ZoneRating first = rating.overall();
            points.add(new Point(1, first.definition(), first.frizz(), first.volume(), false));
        }
        List<FollowingDay> inOrder = following.stream()
                .sorted(Comparator.comparing(FollowingDay::day))
                .toList();
        for (FollowingDay day : inOrder) {
            boolean refreshed = day.refreshed() != null && !day.refreshed().isEmpty();
            points.add(new Point(day.day(), day.definition(), day.frizz(), day.volume(), refreshed));
        }
        Integer best = points.size() < 2
                ? null
                : points.stream()
                        .max(Comparator.comparingDouble(Point::looks).thenComparing(p -> -p.day()))
                        .map(Point::day)
                        .orElse(null);
        return new Wear(List.copyOf(points), lasted(rating, inOrder), best, secondDay(points));
    }

    /** The day after it had lasted; null while nobody knows how long that is. */
    public Integer dueOnDay() {
        return daysLasted == null ? null : (int) Math.round(daysLasted) + 1;
    }

    /** Days it was worn: by the last look that said it was over, else as the client told; null where nobody knows yet. */
    private static Double lasted(Rating rating, List<FollowingDay> days) {
        if (!days.isEmpty() && days.get(days.size() - 1).isOver()) {
            // Worn until the day before it had to go.
            return days.get(days.size() - 1).day() - 1.0;
        }
        return rating == null ? null : rating.daysLasted();
    }

    /** What a night did, null where the first two days were not both scored. */
    private static String secondDay(List<Point> points) {
        if (points.size() < 2 || points.get(0).day() != 1 || points.get(1).day() != 2) {
            return null;
        }
        List<String> moved = new ArrayList<>();
        say(moved, "definition", points.get(1).definition() - points.get(0).definition());
        say(moved, "frizz", points.get(1).frizz() - points.get(0).frizz());
        say(moved, "volume", points.get(1).volume() - points.get(0).volume());
        return moved.isEmpty() ? "Day 2 looks as day 1 did." : "Day 2 against day 1: " + String.join(", ", moved) + ".";
    }

    private static void say(List<String> moved, String score, double by) {
        if (Math.abs(by) >= SEEN) {
            moved.add(String.format(Locale.ROOT, "%s %s%.1f", score, by < 0 ? "−" : "+", Math.abs(by)));
        }
    }
}
