package eventide.routine;

import eventide.routine.RoutineChange.Aspect;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;

/**
 * What is otherwise in the second of two routines, each thing named once: every field that means something to its step is
 * laid beside the same of the step it answers to.
 */
public final class RoutineChanges {
    private final List<RoutineChange> found = new ArrayList<>();
    /** The head in other sections is one thing, in however many steps. */
    private final Set<String> sections = new HashSet<>();

    private RoutineChanges() {}

    /** Every field of every step that is otherwise, said once each, in the order of the first. */
    public static List<RoutineChange> between(Routine one, Routine other) {
        RoutineChanges changes = new RoutineChanges();
        changes.steps(one.steps(), other.steps());
        changes.whole(one, other);
        return List.copyOf(changes.found);
    }

    private void add(Aspect kind, String text) {
        found.add(RoutineChange.of(kind, text));
    }

    /** What is said of a routine as a whole and not of one of its steps. */
    private void whole(Routine one, Routine other) {
        if (one.startWetnessOrDripping() != other.startWetnessOrDripping()) {
            add(
                    Aspect.WETNESS,
                    String.format(
                            Locale.ROOT,
                            "begun on hair %.0f → %.0f %% wet",
                            one.startWetnessOrDripping(),
                            other.startWetnessOrDripping()));
        }
        if (!Objects.equals(one.plannedWearDays(), other.plannedWearDays())) {
            add(Aspect.KEEPING, "to be worn " + days(one.plannedWearDays()) + " → " + days(other.plannedWearDays()));
        }
        if (one.isRefreshedDaily() != other.isRefreshedDaily()) {
            add(Aspect.KEEPING, other.isRefreshedDaily() ? "refreshed each morning" : "no refresh in the mornings");
        }
        if (night(one) != night(other)) {
            add(
                    Aspect.KEEPING,
                    "at night " + night(one).label() + " → " + night(other).label());
        }
    }

    /** Days of wear planned; null for as long as it lasts. */
    private static String days(Double days) {
        if (days == null) {
            return "as long as it lasts";
        }
        String number = days == Math.rint(days) ? Long.toString(Math.round(days)) : days.toString();
        return days == 1 ? "1 day" : number + " days";
    }

    private static NightCare night(Routine routine) {
        return routine.nightCare() == null ? NightCare.NONE : routine.nightCare();
    }

    /** Pairs the steps that answer to each other, and says what of each is otherwise; what is left over came or went. */
    private void steps(List<Step> one, List<Step> other) {
        int[] answers = new int[one.size()];
        Arrays.fill(answers, -1);
        inOrder(one, other, answers);
        boolean[] moved = elsewhere(one, other, answers);
        inGaps(one, other, answers, (a, b) -> a.action() == b.action());
        inGaps(
                one,
                other,
                answers,
                (a, b) -> kind(a) == kind(b)
                        && (a.worn() == null) == (b.worn() == null)
                        && a.isEachSection() == b.isEachSection());
        for (int i = 0; i < one.size(); i++) {
            if (answers[i] < 0) {
                add(kind(one.get(i)), gone(one.get(i)));
            } else {
                if (moved[i]) {
                    add(Aspect.ORDER, name(one.get(i)) + " at another place in the order");
                }
                step(one.get(i), other.get(answers[i]));
            }
        }
        for (int k = 0; k < other.size(); k++) {
            if (indexOf(answers, k) < 0) {
                add(kind(other.get(k)), come(other.get(k)));
            }
        }
    }

    /** The longest run of steps that do the same with the same, in the same order; of several, those most alike. */
    private static void inOrder(List<Step> one, List<Step> other, int[] answers) {
        int[][] best = new int[one.size() + 1][other.size() + 1];
        for (int i = one.size() - 1; i >= 0; i--) {
            for (int k = other.size() - 1; k >= 0; k--) {
                int skipped = Math.max(best[i + 1][k], best[i][k + 1]);
                best[i][k] = Math.max(skipped, best[i + 1][k + 1] + alike(one.get(i), other.get(k)));
            }
        }
        int k = 0;
        for (int i = 0; i < one.size() && k < other.size(); ) {
            int alike = alike(one.get(i), other.get(k));
            if (alike > 0 && best[i][k] == best[i + 1][k + 1] + alike) {
                answers[i++] = k++;
            } else if (best[i][k] == best[i + 1][k]) {
                i++;
            } else {
                k++;
            }
        }
    }

    /** More than all fields of a step together. */
    private static final int SAME = 2 * StepField.values().length;

    /**
     * 0 where they do something else, or with something else; more, the more of their fields agree.
     *
     * @return a count of fields
     */
    private static int alike(Step one, Step other) {
        if (!isSame(one, other)) {
            return 0;
        }
        int alike = SAME;
        for (StepField field : StepField.values()) {
            alike += Objects.equals(field.of(one), field.of(other)) ? 1 : 0;
        }
        return alike;
    }

    /** Between those, what is alike in some other way, in the same order. */
    private static void inGaps(List<Step> one, List<Step> other, int[] answers, BiPredicate<Step, Step> alike) {
        int from = 0;
        for (int i = 0; i < one.size(); i++) {
            if (answers[i] >= 0) {
                from = answers[i] + 1;
                continue;
            }
            int until = nextAnswer(answers, i, other.size());
            for (int k = from; k < until && answers[i] < 0; k++) {
                if (indexOf(answers, k) < 0 && alike.test(one.get(i), other.get(k))) {
                    answers[i] = k;
                    from = k + 1;
                }
            }
        }
    }

    /**
     * Where the next step that has an answer has it: a gap ends there.
     *
     * @return an index, or the one given for none
     */
    private static int nextAnswer(int[] answers, int after, int none) {
        for (int i = after + 1; i < answers.length; i++) {
            if (answers[i] >= 0) {
                return answers[i];
            }
        }
        return none;
    }

    /** What both do, but not in the same order; whether that is so of each. */
    private static boolean[] elsewhere(List<Step> one, List<Step> other, int[] answers) {
        boolean[] moved = new boolean[one.size()];
        for (int i = 0; i < one.size(); i++) {
            int best = 0;
            for (int k = 0; k < other.size() && (answers[i] < 0 || moved[i]); k++) {
                int alike = indexOf(answers, k) < 0 ? alike(one.get(i), other.get(k)) : 0;
                if (alike > best) {
                    best = alike;
                    answers[i] = k;
                    moved[i] = true;
                }
            }
        }
        return moved;
    }

    /** Which step it answers to, −1 for none. */
    private static int indexOf(int[] answers, int k) {
        for (int i = 0; i < answers.length; i++) {
            if (answers[i] == k) {
                return i;
            }
        }
        return -1;
    }

    /** Does the same with the same: how it does so may differ. */
    private static boolean isSame(Step one, Step other) {
        return one.action() == other.action()
                && Objects.equals(worn(one), worn(other))
                && (one.steps() == null) == (other.steps() == null);
    }

    private static String worn(Step step) {
        return step.worn() == null ? null : step.worn().name();
    }

    /** Field by field, those alone that mean something to what the step does. */
    private void step(Step one, Step other) {
        if (one.action() != other.action()) {
            add(kind(other), name(other) + " instead of " + name(one));
            return;
        }
        boolean puts = one.action().uses(StepField.PRODUCT);
        if (puts && !(Objects.equals(one.product(), other.product()) && Objects.equals(one.mix(), other.mix()))) {
            add(kind(other), worn(one, other));
        }
        for (StepField field : StepField.values()) {
            if (field == StepField.PRODUCT || field == StepField.MIX || field == StepField.STEPS) {
                continue;
            }
            Object before = one.action().uses(field) ? field.of(one) : null;
            Object after = other.action().uses(field) ? field.of(other) : null;
            if (!Objects.equals(before, after)) {
                String moved = FieldWords.moved(field, before, after);
                boolean same = field == StepField.SECTIONS && sections.contains(moved);
                RoutineChange change = RoutineChange.of(kind(field, other), name(other) + ": " + moved);
                found.add(same ? change.following() : change);
                if (field == StepField.SECTIONS) {
                    sections.add(moved);
                }
            }
        }
        if (one.isEachSection() && other.isEachSection()) {
            steps(one.steps(), other.steps());
        }
    }

    /** What of the products is otherwise: another, none, or the same in another share. */
    private static String worn(Step one, Step other) {
        String before = worn(one);
        String after = worn(other);
        if (before == null || after == null) {
            return (after == null ? "no " + before : after) + " with \""
                    + one.action().label() + "\"";
        }
        return before.equals(after) ? after + " of another kind or share" : after + " instead of " + before;
    }

    private static String gone(Step step) {
        return step.worn() == null ? whole(step) + " left out" : "without " + name(step);
    }

    private static String come(Step step) {
        return step.worn() == null ? whole(step) + " added" : "with " + name(step);
    }

    /** With what is done on each section, where it is a group. */
    private static String whole(Step step) {
        return step.isEachSection()
                ? name(step) + " ("
                        + step.steps().stream().map(RoutineChanges::name).collect(Collectors.joining(", ")) + ")"
                : name(step);
    }

    /** What a step is known by: what it puts on, else what is done. */
    private static String name(Step step) {
        if (step.isEachSection()) {
            return "section by section";
        }
        return step.worn() == null ? step.action().label() : step.worn().name();
    }

    /** Under which heading a change of this field is read. */
    private static Aspect kind(StepField field, Step step) {
        return switch (field) {
            case SECTIONS -> Aspect.SECTIONS;
            case AMOUNT_ML, DILUTION -> Aspect.AMOUNTS;
            case TO_WETNESS -> step.action() == Action.PLOP ? Aspect.DRYING : Aspect.WETNESS;
            case ORDER -> Aspect.ORDER;
            case TECHNIQUE, ZONES, HALF, PARTS -> step.action() == Action.APPLY ? Aspect.HANDS : kind(step);
            default -> kind(step);
        };
    }

    /** What part of a routine a step belongs to, so that like is compared with like. */
    private static Aspect kind(Step step) {
        return switch (step.action().phase()) {
            case PREPARE ->
                step.action() == Action.SQUEEZE || step.action() == Action.REWET || step.action() == Action.SQUISH
                        ? Aspect.WETNESS
                        : Aspect.CARE;
            case STYLE -> step.worn() == null ? Aspect.HANDS : step.washes() ? Aspect.CARE : Aspect.PRODUCTS;
            case DRY -> Aspect.DRYING;
            case FINISH -> Aspect.FINISH;
            case KEEP -> step.action() == Action.MIST ? Aspect.WETNESS : Aspect.KEEPING;
        };
    }
}
