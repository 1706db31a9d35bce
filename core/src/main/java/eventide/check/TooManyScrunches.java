package eventide.check;

import eventide.hair.Pattern;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Scrunches;
import eventide.wash.Wash;
import java.util.List;

/**
 * T2: more scrunches on a zone than its pattern likes.
 *
 * <p>Of wet hair, summed over the steps on a zone: past the count frizz and shrinkage rise and definition does not. A note; a
 * warning where hair is tight and little frizz is wanted. Scrunching dry hair to break the cast does not count. Mend: fewer,
 * or press. Source: common practice.
 */
final class TooManyScrunches implements Rule {

    @Override
    public String id() {
        return "T2";
    }

    @Override
    public String why() {
        return "Scrunching past the pattern's count brings frizz and shrinkage.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        Zone worst = null;
        int most = 0;
        for (Zone zone : Zone.values()) {
            int over =
                    scrunches(wash, zone) - Scrunches.most(wash.hair().at(zone).pattern());
            if (over > most) {
                most = over;
                worst = zone;
            }
        }
        if (worst == null) {
            return List.of();
        }
        Pattern pattern = wash.hair().at(worst).pattern();
        List<StepPlace> places = scrunching(wash, worst);
        boolean matters = pattern.isTight() && wash.goal().wantsLowFrizz();
        String message = scrunches(wash, worst) + " scrunches at the " + worst.label() + "; " + pattern.word()
                + " likes about " + (Scrunches.most(pattern) == Scrunches.WAVY ? "10 to 20." : "2 or 3.");
        return List.of(Finding.of(
                this,
                matters ? Severity.WARN : Severity.NOTE,
                places.get(places.size() - 1),
                worst,
                message,
                new Mend(
                        "Keep to " + Scrunches.most(pattern), fewer(wash.routine(), places, Scrunches.most(pattern)))));
    }

    /** A count is each section's own, so a zone cut into several sections is not counted several times. */
    static int scrunches(Wash wash, Zone zone) {
        int sum = 0;
        for (StepPlace place : scrunching(wash, zone)) {
            sum += wash.routine().at(place).count();
        }
        return sum;
    }

    /** Those of which somebody said how many. */
    private static List<StepPlace> scrunching(Wash wash, Zone zone) {
        return Scrunches.places(wash, zone).stream()
                .filter(place -> wash.routine().at(place).count() != null)
                .toList();
    }

    /**
     * Takes the scrunches beyond the most off the last of them; where none are left hands press instead, so that the hair is
     * still brought together.
     */
    private static Routine fewer(Routine routine, List<StepPlace> places, int most) {
        int left = most;
        Routine fewer = routine;
        for (StepPlace place : places) {
            Step step = routine.at(place);
            int count = Math.min(left, step.count());
            left -= count;
            Step kept = count == 0 && step.action() == Action.SCRUNCH
                    ? Step.of(Action.PRESS)
                            .zones(step.zones())
                            .half(step.half())
                            .minutes(step.minutes())
                            .build()
                    : step.but().count(count).build();
            fewer = fewer.replacing(place, kept);
        }
        return fewer;
    }
}
