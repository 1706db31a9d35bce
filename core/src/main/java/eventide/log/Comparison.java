package eventide.log;

import eventide.hair.Zone;
import eventide.routine.RoutineChange;
import eventide.shape.Maybe;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * Two washes of one head laid side by side.
 *
 * @param differences what was otherwise in the second, what follows of it after it
 * @param scores by how much each score moved, overall first, then zone by zone
 * @param shrinkage the same of what the ruler said, absent where it did not on both
 * @param verdict what can be said, and what cannot
 * @param notes what stands against judging at all (L2), and against a trial (L1)
 */
public record Comparison(
        List<RoutineChange> differences,
        List<ScoreMoved> scores,
        @Maybe ShrinkageMoved shrinkage,
        String verdict,
        List<String> notes) {
    /**
     * @param zone absent for the whole head
     * @param clear more than an eye's own error
     */
    public record ScoreMoved(@Maybe Zone zone, String score, double one, double other, double by, boolean clear) {}

    /**
     * What the ruler said on both days.
     *
     * @param clear whether the two differ by more than a ruler is read
     */
    public record ShrinkageMoved(Shrinkage one, Shrinkage other, boolean clear) {}

    /**
     * Two scorings of the same head by the same eye differ by about half a point [OURS]: the difference of two by more
     * than twice √2 · 0.5 is more than the eye's own error.
     */
    static final double CLEAR_IN_A_ZONE = 1.4;
    /** Over six zones part of that evens out, part (the light, the mood of the day) does not [OURS]. */
    static final double CLEAR_OVERALL = 1;

    private record Scored(String name, Function<Rating.ZoneRating, Double> of) {}

    private static final List<Scored> SCORES = List.of(
            new Scored("definition", Rating.ZoneRating::definition),
            new Scored("clumping", Rating.ZoneRating::clumping),
            new Scored("frizz", Rating.ZoneRating::frizz),
            new Scored("volume", Rating.ZoneRating::volume));

    /** Two washes of one head: what was done otherwise, and how the scores moved from the first to the second. */
    public static Comparison of(Washed one, Washed other) {
        List<RoutineChange> differences = Differences.between(one, other);
        List<RoutineChange> counted =
                differences.stream().filter(change -> !change.follows()).toList();
        List<ScoreMoved> scores = scores(one.rating(), other.rating());
        return new Comparison(
                differences,
                scores,
                shrinkage(one.rating(), other.rating()),
                verdict(counted, scores, one, other),
                notes(counted, one, other));
    }

    /** Over all first, then zone by zone where both have it; empty where one of the two is not scored. */
    private static List<ScoreMoved> scores(Rating one, Rating other) {
        List<ScoreMoved> moved = new ArrayList<>();
        if (one == null || other == null) {
            return moved;
        }
        for (Scored score : SCORES) {
            moved.add(moved(null, score, one.overall(), other.overall(), CLEAR_OVERALL));
        }
        for (Zone zone : Zone.values()) {
            Rating.ZoneRating before = one.byZone().get(zone);
            Rating.ZoneRating after = other.byZone().get(zone);
            if (before != null && after != null) {
                for (Scored score : SCORES) {
                    moved.add(moved(zone, score, before, after, CLEAR_IN_A_ZONE));
                }
            }
        }
        return List.copyOf(moved);
    }

    /** @param clear points from which a difference is more than the same eye's own on two days */
    private static ScoreMoved moved(
            Zone zone, Scored score, Rating.ZoneRating before, Rating.ZoneRating after, double clear) {
        double one = score.of().apply(before);
        double other = score.of().apply(after);
        double by = Math.round((other - one) * 10) / 10.0;
        return new ScoreMoved(zone, score.name(), one, other, by, Math.abs(by) >= clear);
    }

    /** Null where one of the two was not measured. */
    private static ShrinkageMoved shrinkage(Rating one, Rating other) {
        Shrinkage before = one == null ? null : one.shrinkage();
        Shrinkage after = other == null ? null : other.shrinkage();
        return before == null || after == null ? null : new ShrinkageMoved(before, after, before.differsFrom(after));
    }

    /** What may be said, in a sentence: of one thing done otherwise that it was with it, of several that any may be it. */
    private static String verdict(List<RoutineChange> differences, List<ScoreMoved> scores, Washed one, Washed other) {
        if (one.rating() == null || other.rating() == null) {
            return "One of the two is not scored yet: nothing can be laid side by side but what was done.";
        }
        List<String> clear = scores.stream()
                .filter(moved -> moved.zone() == null && moved.clear())
                .map(Comparison::words)
                .toList();
        String came = clear.isEmpty()
                ? "No score of the whole head moved by more than an eye's own error."
                : "Clearly otherwise: " + String.join(", ", clear) + ".";
        return switch (differences.size()) {
            case 0 -> "Nothing was done otherwise. " + came + (clear.isEmpty() ? "" : " That is the day, or the eye.");
            case 1 ->
                "One thing was otherwise: " + differences.get(0).text() + ". " + came
                        + (clear.isEmpty()
                                ? " So far it makes no difference that can be seen."
                                : differences.get(0).kind() == RoutineChange.Aspect.PRODUCTS
                                        ? " It may well be that; a product wants about 8 washes before it is judged."
                                        : " It may well be that: once more with it, and once without, would tell.");
            default ->
                differences.size() + " things were otherwise at once. " + came
                        + " Nothing can be said of any one of them: change one thing next time.";
        };
    }

    private static String words(ScoreMoved moved) {
        return moved.score() + (moved.by() < 0 ? " −" : " +") + Math.abs(moved.by());
    }

    /** What weakens the comparison, a sentence each. */
    private static List<String> notes(List<RoutineChange> differences, Washed one, Washed other) {
        List<String> notes = new ArrayList<>();
        if (isEarly(one.rating()) || isEarly(other.rating())) {
            notes.add("One of the two was scored before its cast was broken or its roots were dry:"
                    + " score it again before anything is made of it.");
        }
        boolean trials = Boolean.TRUE.equals(one.routine().trial())
                && Boolean.TRUE.equals(other.routine().trial());
        if (trials && differences.size() > 1) {
            notes.add("A trial and its partner may differ in one thing only; these differ in " + differences.size()
                    + ".");
        }
        return List.copyOf(notes);
    }

    private static boolean isEarly(Rating rating) {
        return rating != null && !rating.isTimely();
    }
}
