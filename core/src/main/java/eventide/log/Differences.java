package eventide.log;

import eventide.hair.HairChanges;
import eventide.routine.Action;
import eventide.routine.Amount;
import eventide.routine.Amounts;
import eventide.routine.RoutineChange;
import eventide.routine.RoutineChange.Aspect;
import eventide.routine.RoutineChanges;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What was otherwise in the second of two washes: head and air, all that the hands meant to do otherwise, and what a hand
 * would call other minutes or other water. What comes of something else is said as following, and not counted.
 */
final class Differences {
    /** Waters nearer than this are the same to a hand, points [OURS]. */
    private static final double SAME_WETNESS = 12;
    /** Dew points nearer than this are the same air, °C [OURS]. */
    private static final double SAME_DEW_POINT = 3;
    /** Minutes nearer than this part of the longer are the same to a hand, and so are a few [OURS]. */
    private static final double SAME_MINUTES = .35;

    /** Minutes by which two washes differ anyway [OURS]. */
    private static final double A_FEW_MINUTES = 3;
    /** Amounts nearer than this are the same to a hand, ratio [OURS]. */
    private static final double SAME_AMOUNT = 1.1;

    private final Washed one;
    private final Washed other;
    private final List<RoutineChange> found = new ArrayList<>();

    private Differences(Washed one, Washed other) {
        this.one = one;
        this.other = other;
    }

    /** What was meant otherwise first; minutes, amounts and water that only follow from it are marked so. */
    static List<RoutineChange> between(Washed one, Washed other) {
        Differences differences = new Differences(one, other);
        differences.hair();
        differences.air();
        differences.found.addAll(RoutineChanges.between(one.meant(), other.meant()));
        boolean any = !differences.found.isEmpty();
        differences.minutes(any);
        differences.amounts();
        differences.wetness(any);
        return List.copyOf(differences.found);
    }

    private void add(Aspect kind, String text) {
        found.add(RoutineChange.of(kind, text));
    }

    /** The head as it was read, zone by zone. */
    private void hair() {
        HairChanges.between(one.hair(), other.hair())
                .forEach(change -> add(
                        Aspect.HAIR,
                        (change.zone() == null ? "" : change.zone().label() + ": ") + change.field() + " "
                                + change.from() + " → " + change.to()));
    }

    private void air() {
        double before = one.air().dewPointC();
        double after = other.air().dewPointC();
        if (Math.abs(before - after) >= SAME_DEW_POINT) {
            add(Aspect.AIR, String.format(Locale.ROOT, "dew point %.0f° → %.0f°", before, after));
        }
    }

    /** Minutes of what is let work, or is dried; how long hands take is nobody's doing. */
    private void minutes(boolean follows) {
        Map<String, Timed> after = timed(other);
        timed(one).forEach((name, before) -> {
            Timed then = after.get(name);
            if (then == null || isNamed(name)) {
                return;
            }
            double most = Math.max(before.minutes(), then.minutes());
            double by = Math.abs(before.minutes() - then.minutes());
            if (by > SAME_MINUTES * most && by > A_FEW_MINUTES) {
                RoutineChange change = RoutineChange.of(
                        before.kind(),
                        String.format(Locale.ROOT, "%s took %.0f → %.0f min", name, before.minutes(), then.minutes()));
                found.add(follows && before.kind() == Aspect.DRYING ? change.following() : change);
            }
        });
    }

    private boolean isNamed(String name) {
        return found.stream().anyMatch(change -> change.text().startsWith(name + ":"));
    }

    private record Timed(Aspect kind, double minutes) {}

    private static Map<String, Timed> timed(Washed wash) {
        Map<String, Timed> timed = new LinkedHashMap<>();
        wash.course().tide().steps().forEach(own -> {
            Step step = wash.routine().steps().get(own.index());
            boolean dries = step.action().isDrying();
            boolean works = dries || !step.isEachSection() && !step.action().isHandsOn();
            if (works && step.action() != Action.WAIT) {
                String name = step.worn() == null
                        ? step.action().label()
                        : step.worn().name();
                double minutes = own.endMinute() - own.startMinute();
                timed.merge(
                        name,
                        new Timed(dries ? Aspect.DRYING : Aspect.CARE, minutes),
                        (a, b) -> new Timed(a.kind(), a.minutes() + b.minutes()));
            }
        });
        return timed;
    }

    /** Of what both leave in the hair and neither plan gives in ml: they follow the head, its sections and zones. */
    private void amounts() {
        Map<String, Double> before = advised(one);
        Map<String, Double> after = advised(other);
        before.forEach((name, ml) -> {
            Double then = after.get(name);
            if (then != null && Math.max(ml, then) > SAME_AMOUNT * Math.min(ml, then)) {
                found.add(RoutineChange.of(
                                Aspect.AMOUNTS, String.format(Locale.ROOT, "%s %.1f → %.1f ml", name, ml, then))
                        .following());
            }
        });
    }

    /** Millilitres of what was put on by eye, by bottle. */
    private static Map<String, Double> advised(Washed wash) {
        Map<String, Double> advised = new LinkedHashMap<>();
        for (Amount amount : Amounts.of(wash.meant(), wash.hair())) {
            if (!amount.given()) {
                advised.merge(amount.product().name(), amount.ml(), Double::sum);
            }
        }
        return advised;
    }

    /** @param follows whether something else was meant otherwise, of which this comes */
    private void wetness(boolean follows) {
        Map<String, Double> after = other.wetnessAt();
        one.wetnessAt().forEach((name, percent) -> {
            Double then = after.get(name);
            if (then != null && Math.abs(percent - then) >= SAME_WETNESS) {
                RoutineChange change = RoutineChange.of(
                        Aspect.WETNESS,
                        String.format(Locale.ROOT, "%s on hair %.0f → %.0f %% wet", name, percent, then));
                found.add(follows ? change.following() : change);
            }
        });
    }
}
