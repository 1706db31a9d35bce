package eventide.log;

import eventide.hair.HairChanges;
import eventide.log.Difference.Kind;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** What was done otherwise in the second of two washes, as far as a hand would call it another thing. */
final class Differences {
    /** Amounts nearer than this are the same to a hand, ratio [OURS]. */
    private static final double SAME_AMOUNT = 1.25;
    /** Waters nearer than this are the same to a hand, points [OURS]. */
    private static final double SAME_WETNESS = 12;
    /** Dew points nearer than this are the same air, °C [OURS]. */
    private static final double SAME_DEW_POINT = 3;
    /** Minutes under a dryer or of air nearer than this part of the longer are the same [OURS]. */
    private static final double SAME_MINUTES = .35;

    private final Washed one;
    private final Washed other;
    private final List<Difference> found = new ArrayList<>();

    private Differences(Washed one, Washed other) {
        this.one = one;
        this.other = other;
    }

    static List<Difference> between(Washed one, Washed other) {
        Differences differences = new Differences(one, other);
        differences.hair();
        differences.air();
        differences.care();
        differences.products();
        differences.amounts();
        differences.order();
        differences.wetness();
        differences.hands();
        differences.drying();
        return List.copyOf(differences.found);
    }

    private void add(Kind kind, String text) {
        found.add(new Difference(kind, text));
    }

    private void hair() {
        HairChanges.between(one.hair(), other.hair())
                .forEach(change -> add(
                        Kind.HAIR,
                        (change.zone() == null ? "" : change.zone().label() + ": ") + change.field() + " "
                                + change.from() + " → " + change.to()));
    }

    private void air() {
        double before = one.air().dewPointC();
        double after = other.air().dewPointC();
        if (Math.abs(before - after) >= SAME_DEW_POINT) {
            add(Kind.AIR, String.format(Locale.ROOT, "dew point %.0f° → %.0f°", before, after));
        }
    }

    private void care() {
        sets(Kind.CARE, one.rinsedOut(), other.rinsedOut());
    }

    private void products() {
        sets(Kind.PRODUCTS, new LinkedHashSet<>(one.worn()), new LinkedHashSet<>(other.worn()));
    }

    /** One for another is one thing; more than that, each for itself. */
    private void sets(Kind kind, Set<String> before, Set<String> after) {
        List<String> gone =
                before.stream().filter(name -> !after.contains(name)).toList();
        List<String> come =
                after.stream().filter(name -> !before.contains(name)).toList();
        int swapped = Math.min(gone.size(), come.size());
        for (int i = 0; i < swapped; i++) {
            add(kind, come.get(i) + " instead of " + gone.get(i));
        }
        gone.subList(swapped, gone.size()).forEach(name -> add(kind, "without " + name));
        come.subList(swapped, come.size()).forEach(name -> add(kind, "with " + name));
    }

    private void amounts() {
        Map<String, Double> after = other.amounts();
        one.amounts().forEach((name, ml) -> {
            Double then = after.get(name);
            if (then != null && Math.max(ml, then) > SAME_AMOUNT * Math.min(ml, then)) {
                add(Kind.AMOUNTS, String.format(Locale.ROOT, "%s %.1f → %.1f ml", name, ml, then));
            }
        });
    }

    private void order() {
        List<String> before = one.worn().stream().filter(other.worn()::contains).toList();
        List<String> after = other.worn().stream().filter(before::contains).toList();
        if (!before.equals(after)) {
            add(Kind.ORDER, String.join(", ", after) + " in that order");
        }
    }

    private void wetness() {
        Map<String, Double> after = other.wetnessAt();
        one.wetnessAt().forEach((name, percent) -> {
            Double then = after.get(name);
            if (then != null && Math.abs(percent - then) >= SAME_WETNESS) {
                add(Kind.WETNESS, String.format(Locale.ROOT, "%s on hair %.0f → %.0f %% wet", name, percent, then));
            }
        });
    }

    private static final Set<Action> SHAPING = EnumSet.of(
            Action.SMOOTH,
            Action.SCRUNCH,
            Action.PRESS,
            Action.COIL,
            Action.SHINGLE,
            Action.BRUSH_STYLE,
            Action.TWIST,
            Action.DIVIDE_CLUMPS);

    private void hands() {
        Set<Action> before = actions(one, SHAPING);
        Set<Action> after = actions(other, SHAPING);
        if (!before.equals(after)) {
            add(Kind.HANDS, words(before) + " → " + words(after));
        }
        int sections = sections(one);
        int then = sections(other);
        if (sections != then) {
            add(Kind.SECTIONS, sections + " → " + then + " sections");
        }
    }

    private static Set<Action> actions(Washed wash, Set<Action> of) {
        Set<Action> actions = EnumSet.noneOf(Action.class);
        for (StepPlace place : wash.routine().places()) {
            Action action = wash.routine().at(place).action();
            if (of.contains(action)) {
                actions.add(action);
            }
        }
        return actions;
    }

    private static int sections(Washed wash) {
        return wash.routine().steps().stream()
                .filter(step -> !step.action().isDrying())
                .mapToInt(Step::sectionsOrOne)
                .max()
                .orElse(1);
    }

    private static String words(Set<Action> actions) {
        return actions.isEmpty()
                ? "nothing"
                : actions.stream().map(Action::label).collect(Collectors.joining(" and "));
    }

    private static final Set<Action> DRYING = EnumSet.of(
            Action.MICROPLOP,
            Action.PLOP,
            Action.WET_PLOP,
            Action.CLIP_ROOTS,
            Action.HOVER,
            Action.CUP,
            Action.HAMMOCK,
            Action.HOOD,
            Action.FAN,
            Action.AIR);

    private static final Set<Action> FINISHING =
            EnumSet.of(Action.BREAK_CAST, Action.PICK, Action.FLUFF, Action.STRETCH);

    private void drying() {
        Set<Action> before = actions(one, DRYING);
        Set<Action> after = actions(other, DRYING);
        if (!before.equals(after)) {
            add(Kind.DRYING, words(before) + " → " + words(after));
        } else {
            double minutes = dryingMinutes(one);
            double then = dryingMinutes(other);
            if (Math.abs(minutes - then) > SAME_MINUTES * Math.max(minutes, then)) {
                add(Kind.DRYING, String.format(Locale.ROOT, "dried %.0f → %.0f minutes", minutes, then));
            }
        }
        Set<Action> finished = actions(one, FINISHING);
        Set<Action> then = actions(other, FINISHING);
        if (!finished.equals(then)) {
            add(Kind.FINISH, words(finished) + " → " + words(then));
        }
    }

    private static double dryingMinutes(Washed wash) {
        return wash.course().tide().steps().stream()
                .filter(step ->
                        wash.routine().steps().get(step.index()).action().isDrying())
                .mapToDouble(step -> step.endMinute() - step.startMinute())
                .sum();
    }
}
