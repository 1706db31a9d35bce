package eventide.check;

import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * One cause, one finding: what another finding's mend clears too is folded under it. Found by trying the mend: a finding is
 * folded only where the same rule has nothing more to say at the same step and zone of the mended routine.
 */
final class Folded {
    private Folded() {}

    /**
     * Puts under a finding those that its own mend would clear as well: a stylist sees one thing to do, not four that are the
     * same. Only findings with a mend are parents, and nothing is under two.
     */
    static List<Finding> of(Wash wash, List<Finding> findings) {
        Integer[] under = new Integer[findings.size()];
        Set<Integer> parents = new HashSet<>();
        for (int parent = 0; parent < under.length; parent++) {
            Finding finding = findings.get(parent);
            if (finding.mend() == null || under[parent] != null || findings.size() == 1) {
                continue;
            }
            Wash mended = wash.with(finding.mend().routine());
            List<Finding> after = Checker.plainly(mended);
            for (int child = 0; child < under.length; child++) {
                boolean free = child != parent && under[child] == null && !parents.contains(child);
                if (free
                        && mayFold(finding, findings.get(child))
                        && isCleared(wash, mended, findings.get(child), after)) {
                    under[child] = parent;
                    parents.add(parent);
                }
            }
        }
        if (Arrays.stream(under).allMatch(one -> one == null)) {
            return List.copyOf(findings);
        }
        List<Finding> folded = new ArrayList<>();
        for (int i = 0; i < under.length; i++) {
            folded.add(under[i] == null ? findings.get(i) : findings.get(i).under(under[i]));
        }
        return List.copyOf(folded);
    }

    /** Nothing is folded under what is said more quietly. */
    private static boolean mayFold(Finding parent, Finding child) {
        return parent.severity().compareTo(child.severity()) <= 0;
    }

    /** Whether what was said of a step is no more said of that step once the routine is mended, wherever the step is now. */
    private static boolean isCleared(Wash wash, Wash mended, Finding child, List<Finding> after) {
        StepPlace place = placeOf(child);
        StepPlace now = place == null ? null : moved(wash.routine(), mended.routine(), place);
        // Its step is gone or another one: then nothing at all of its rule may be left.
        return after.stream()
                .filter(left -> left.rule().equals(child.rule()))
                .noneMatch(left -> now == null
                        || left.message().equals(child.message()) // the same, said of another step
                        || now.equals(placeOf(left)) && sameZone(left, child));
    }

    private static boolean sameZone(Finding left, Finding child) {
        return left.zone() == null || child.zone() == null || left.zone() == child.zone();
    }

    /** Null of a finding that is about the wash as a whole. */
    private static StepPlace placeOf(Finding finding) {
        return finding.step() == null
                ? null
                : new StepPlace(finding.step(), finding.inner() == null ? -1 : finding.inner());
    }

    /** Where the very same step stands in the mended routine; null where it is not there any more. */
    private static StepPlace moved(Routine before, Routine after, StepPlace place) {
        Step step = before.at(place);
        for (StepPlace other : after.places()) {
            if (after.at(other) == step) {
                return other;
            }
        }
        return null;
    }
}
