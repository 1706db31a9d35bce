package eventide.planner.compare;

import eventide.planner.Suggestion;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Amount;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** How far apart two plans are: what a stylist would do otherwise, and a size for it. */
public final class RoutineDifference {
    /** What each kind of thing weighs in {@link #size}: another product or way is a change of plan, a further small step hardly one [OURS]. */
    private static final double PRODUCT = 1;

    /** Each in parts of a change that everybody would call another plan [OURS]. */
    private static final double HANDS = 1;
    /** Another way of drying is as much as other hands [OURS]. */
    private static final double DRYING = 1;
    /** Half as much: the same work in other pieces [OURS]. */
    private static final double SECTIONS = .5;
    /** A bottle in another amount [OURS]. */
    private static final double AMOUNT = .5;
    /** What is done beside the styling: care, cloth, clips [OURS]. */
    private static final double BESIDE = .25;
    /** Amounts nearer than this are the same to a hand, ratio. */
    private static final double SAME_AMOUNT = 1.25;

    private final List<String> words = new ArrayList<>();
    private double size;

    private RoutineDifference() {}

    /** The plan that is taken, against the one another reading would have given. */
    public static RoutineDifference between(Suggestion taken, Suggestion other) {
        RoutineDifference difference = new RoutineDifference();
        difference.products(taken, other);
        difference.note(HANDS, hands(taken.routine()), hands(other.routine()));
        difference.note(DRYING, drying(taken.routine()), drying(other.routine()));
        int mine = sections(taken.routine());
        int theirs = sections(other.routine());
        if (mine != theirs) {
            difference.add(SECTIONS, theirs + " sections");
        }
        difference.amounts(taken, other);
        difference.beside(taken.routine(), other.routine());
        return difference;
    }

    /**
     * How much is otherwise, each thing by its weight; 0 where nothing is.
     *
     * @return from 0 (the same), with no upper end
     */
    public double size() {
        return size;
    }

    /** Each thing that is otherwise, as a stylist would say it; empty where nothing is. */
    public List<String> words() {
        return List.copyOf(words);
    }

    private void add(double weight, String what) {
        size += weight;
        words.add(what);
    }

    /** Of a thing each plan has one of; the other's is named, or the lack of it. */
    private void note(double weight, String mine, String theirs) {
        if (!mine.equals(theirs)) {
            add(weight, theirs.isEmpty() ? "no " + mine : theirs);
        }
    }

    /** Of what is worn: which cleanser it was is no other plan. */
    private void products(Suggestion taken, Suggestion other) {
        Set<String> mine = worn(taken);
        Set<String> theirs = worn(other);
        theirs.stream().filter(name -> !mine.contains(name)).forEach(name -> add(PRODUCT, "with " + name));
        mine.stream().filter(name -> !theirs.contains(name)).forEach(name -> add(PRODUCT, "without " + name));
    }

    /** Of a styler in both, said by the dose as hands measure it. */
    private void amounts(Suggestion taken, Suggestion other) {
        int rinse = taken.routine().lastRinse();
        for (Amount amount : taken.amounts()) {
            // Washing products and sprays follow the size of the head whatever is decided.
            Role.Group kind = amount.product().role().kind();
            if (amount.step() <= rinse || kind == Role.Group.FINISH || kind == Role.Group.OIL) {
                continue;
            }
            other.amounts().stream()
                    .filter(theirs ->
                            theirs.product().name().equals(amount.product().name()))
                    .filter(theirs -> ratio(theirs.ml(), amount.ml()) > SAME_AMOUNT)
                    .findFirst()
                    .ifPresent(theirs -> add(
                            AMOUNT, theirs.product().name() + " " + theirs.dose() + " instead of " + amount.dose()));
        }
    }

    /** The small steps that are in one and not in the other, and how it is kept from day to day. */
    private void beside(Routine taken, Routine other) {
        for (Action action : Action.values()) {
            boolean theirs = does(other, action);
            if (action.besides() != null && does(taken, action) != theirs) {
                add(BESIDE, (theirs ? "with " : "without ") + action.besides());
            }
        }
        NightCare night = other.night() == null ? NightCare.NONE : other.night();
        if (night != (taken.night() == null ? NightCare.NONE : taken.night())) {
            add(BESIDE, "at night " + night.label());
        }
        if (taken.isRefreshedDaily() != other.isRefreshedDaily()) {
            add(BESIDE, other.isRefreshedDaily() ? "refreshed each morning" : "no refresh in the mornings");
        }
    }

    private static boolean does(Routine routine, Action action) {
        return routine.places().stream().anyMatch(place -> routine.at(place).action() == action);
    }

    /**
     * The larger over the smaller; without bound against none.
     *
     * @return 1 or more; infinite against 0
     */
    private static double ratio(double a, double b) {
        double least = Math.min(a, b);
        return least <= 0 ? (a == b ? 1 : Double.POSITIVE_INFINITY) : Math.max(a, b) / least;
    }

    /** What stays on the hair, by name, in the order it goes on. */
    private static Set<String> worn(Suggestion suggestion) {
        Set<String> names = new LinkedHashSet<>();
        int rinse = suggestion.routine().lastRinse();
        suggestion.amounts().stream()
                .filter(amount -> amount.step() > rinse)
                .forEach(amount -> names.add(amount.product().name()));
        return names;
    }

    /** How the curls are shaped: the first step that shapes says it. */
    private static String hands(Routine routine) {
        for (StepPlace place : routine.places()) {
            String words = routine.at(place).action().shapedWords();
            if (words != null) {
                return words;
            }
        }
        return "scrunched";
    }

    /** By dryer and how far, by air, or at home: what a client would be told. */
    private static String drying(Routine routine) {
        double stop = 0;
        boolean blown = false;
        boolean air = false;
        for (Step step : routine.steps()) {
            boolean dryer = step.action().isDryer();
            blown |= dryer;
            air |= step.action() == Action.AIR || step.action() == Action.FAN;
            stop = dryer && step.untilDry() != null ? Math.max(stop, step.untilDry()) : stop;
        }
        if (!blown) {
            return air ? "left to the air" : "left to dry at home";
        }
        String until = stop > 0 && stop < DRY ? String.format(Locale.ROOT, " to %.0f %%", stop) : "";
        return "diffused" + until + (air ? ", then air" : until.isEmpty() ? "" : ", the rest at home");
    }

    /** Percent dry from which nobody would call it damp [OURS]. */
    private static final double DRY = 98;

    /**
     * The most that any step is done in.
     *
     * @return pieces, at least 1
     */
    private static int sections(Routine routine) {
        return routine.steps().stream().mapToInt(Step::sectionsOrOne).max().orElse(1);
    }
}
