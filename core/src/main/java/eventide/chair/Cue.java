package eventide.chair;

import eventide.drying.Course;
import eventide.drying.StepTide;
import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;

/**
 * What the chair says of a step and counts in it.
 *
 * @param sections ticked off one by one; 1 where the step is done in one go
 * @param minutes it is planned to take
 * @param how hands do it, in a line
 * @param zonesBySection where each counted section lies, in the order worked
 */
public record Cue(int step, int sections, double minutes, String how, List<Set<Zone>> zonesBySection) {
    /** A section that takes less than this is not worth a tap of its own, minutes [OURS]. */
    private static final double WORTH_A_TAP = .75;

    /** One for each step that was planned, with the minutes it has and the sections it is counted by. */
    public static List<Cue> of(Routine routine, Course planned) {
        List<Cue> cues = new ArrayList<>();
        for (StepTide own : planned.tide().steps()) {
            Step step = routine.steps().get(own.index());
            double minutes = own.endMinute() - own.startMinute();
            int sections = step.sectionsOrOne();
            boolean counted = counts(step, minutes);
            cues.add(new Cue(
                    own.index(),
                    counted ? sections : 1,
                    minutes,
                    HowTo.of(step),
                    counted ? zones(planned, own.index(), sections) : List.of()));
        }
        return List.copyOf(cues);
    }

    /** Whether its sections are ticked off one by one; else it is done in one go, however many there are. */
    static boolean counts(Step step, double minutes) {
        int sections = step.sectionsOrOne();
        return sections > 1 && !step.action().isDrying() && (step.isEachSection() || minutes / sections >= WORTH_A_TAP);
    }

    /** Where each section of a step lies, by the plan's own cut of the head. */
    private static List<Set<Zone>> zones(Course planned, int index, int sections) {
        TreeMap<Integer, Set<Zone>> bySection = new TreeMap<>();
        for (Visit visit : planned.visits()) {
            if (visit.place().index() == index) {
                bySection.putIfAbsent(visit.section(), visit.zones());
            }
        }
        List<Set<Zone>> zones = new ArrayList<>();
        for (int s = 0; s < sections; s++) {
            zones.add(bySection.getOrDefault(s, Set.of()));
        }
        return List.copyOf(zones);
    }
}
