package eventide.check;

import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Lifting;
import eventide.wash.Wash;
import java.util.List;

/**
 * P7: clarified twice, or clarified and given protein, in one wash.
 *
 * <p>A warning on bleached, brittle or dry hair: rough, it snaps; a note on other hair. Mend: one of them. Source: common
 * practice.
 */
final class StrippedTwice implements Rule {
    @Override
    public String id() {
        return "P7";
    }

    @Override
    public String why() {
        return "Stripped, and stiffened on top of it, fragile hair turns rough and snaps.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Step> steps = wash.routine().steps();
        int clarified = -1;
        for (int i = 0; i < steps.size(); i++) {
            boolean clarifies = Lifting.clarifies(steps.get(i));
            if (clarified >= 0 && (clarifies || steps.get(i).isProtein())) {
                return List.of(finding(wash, i, clarifies));
            }
            clarified = clarifies ? i : clarified;
        }
        return List.of();
    }

    /**
     * @param second the step that strips again
     * @param twice clarified both times; otherwise the other is a protein treatment
     */
    private Finding finding(Wash wash, int second, boolean twice) {
        return Finding.of(
                this,
                wash.hair().isFragileAnywhere() ? Severity.WARN : Severity.NOTE,
                new StepPlace(second, -1),
                null,
                twice
                        ? "Clarified twice in one wash: once is enough."
                        : "Clarified and given protein in one wash: one of them.",
                new Mend(
                        twice ? "Clarify once" : "Leave the protein for another day",
                        wash.routine().without(second)));
    }
}
