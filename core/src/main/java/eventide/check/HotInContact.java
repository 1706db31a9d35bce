package eventide.check;

import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * D4: hot air held in contact, or no cool finish.
 *
 * <p>Contact (a hot bowl, a long hot hood over 30 minutes, any hot air on damaged hair or a child) warns; a warm drying that does
 * not end cool is a note, and air after the dryer is a cool finish. Mend: warm; end cool. Source: common practice, and the
 * caution on children's heads.
 */
final class HotInContact implements Rule {
    /** Wetter than this at the end, the rest dries by air, and that is a cool finish, percent [OURS]. */
    private static final double DRIES_ON = 10;
    /** Minutes [CP]. */
    private static final double LONG_HOOD = 30;

    @Override
    public String id() {
        return "D4";
    }

    @Override
    public String why() {
        return "Hot air in contact damages; hair set warm and not cooled drops sooner.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        Visit lastWarm = null;
        boolean cooled = false;
        for (Visit visit : wash.course().visits()) {
            Step step = visit.step();
            if (isHotInContact(step) && found.isEmpty()) {
                found.add(Finding.of(
                        this,
                        Severity.WARN,
                        visit.place(),
                        null,
                        "Hot air held against the hair: warm is enough.",
                        new Mend("Warm instead", warmed(wash))));
            }
            if (found.isEmpty() && tooHotFor(wash, visit) != null) {
                found.add(Finding.of(
                        this,
                        Severity.WARN,
                        visit.place(),
                        null,
                        tooHotFor(wash, visit),
                        new Mend(
                                "Warm instead",
                                wash.routine()
                                        .replacing(
                                                visit.place(),
                                                step.but().heat(Heat.WARM).build()))));
            }
            if (step.action().isDryer() && visit.minutes() > 0) {
                boolean cool = step.heat() == Heat.COOL;
                lastWarm = cool ? lastWarm : visit;
                cooled = cool;
            }
            cooled |= step.action() == Action.AIR
                    || step.action() == Action.FAN
                    || step.action() == Action.STRETCH && step.heat() != Heat.HOT && step.heat() != Heat.WARM;
        }
        boolean driesOn = wash.course().endLengths() > DRIES_ON || wash.course().endRoots() > DRIES_ON;
        if (lastWarm != null && !cooled && !driesOn) {
            Step cool = Step.of(Action.CUP).heat(Heat.COOL).minutes(2.0).build();
            found.add(Finding.of(
                    this,
                    Severity.NOTE,
                    lastWarm.place(),
                    null,
                    "No cool finish: a minute or two of cool air sets the shape.",
                    new Mend(
                            "End cool",
                            wash.routine().inserting(lastWarm.place().index() + 1, cool))));
        }
        return found;
    }

    /** Why hot air is too much here though nothing touches; null where it is not. */
    private static String tooHotFor(Wash wash, Visit visit) {
        Step step = visit.step();
        if (step.heat() != Heat.HOT || !step.action().isDryer()) {
            return null;
        }
        if (wash.hair().isChild()) {
            return "Hot air on a child: warm is enough.";
        }
        if (visit.zones().stream().anyMatch(zone -> wash.hair().at(zone).isDamaged())) {
            return "Hot air on damaged hair: warm is enough.";
        }
        return step.action() == Action.HOOD && visit.minutes() > LONG_HOOD
                ? "A hot hood for " + Math.round(visit.minutes()) + " minutes: warm, or shorter."
                : null;
    }

    /** Hot air while hair lies in the bowl or on the comb: hovering keeps its distance. */
    private static boolean isHotInContact(Step step) {
        boolean contact =
                step.action() == Action.CUP || step.action() == Action.HAMMOCK || step.action() == Action.STRETCH;
        return contact && step.heat() == Heat.HOT;
    }

    /** Wherever it is too hot: one round of several would leave the rest as it was. */
    private static Routine warmed(Wash wash) {
        Routine routine = wash.routine();
        for (StepPlace place : wash.places()) {
            Step step = routine.at(place);
            if (isHotInContact(step)) {
                routine = routine.replacing(place, step.but().heat(Heat.WARM).build());
            }
        }
        return routine;
    }
}
