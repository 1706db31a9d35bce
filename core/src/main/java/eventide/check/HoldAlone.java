package eventide.check;

import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.wash.Layer;
import eventide.wash.Wash;
import java.util.List;

/**
 * O3: hold alone on dry hair.
 *
 * <p>Dry, crunchy: hair that is dry by its reading wears gel or mousse and no moisture under it. Not meant: a conditioning gel
 * (richness 4 and over), fine or wavy hair, which often want nothing more. Mend: a moisture layer first. Source: common
 * practice.
 */
final class HoldAlone implements Rule {

    @Override
    public String id() {
        return "O3";
    }

    @Override
    public String why() {
        return "Hold without moisture leaves dry hair dry and crunchy.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        for (Zone zone : Zone.values()) {
            Reading hair = wash.hair().at(zone);
            if (!hair.isDryHair()
                    || hair.strand() == Strand.FINE
                    || hair.pattern().isWavy()) {
                continue;
            }
            Layer hold = null;
            boolean moist = wash.isRefresh() || conditionerLeftIn(wash, zone);
            for (Layer layer : wash.layersIn(zone)) {
                moist |= layer.product().role().moisturises()
                        || layer.holds() && layer.product().isConditioning();
                hold = hold == null && layer.holds() ? layer : hold;
            }
            if (hold != null && !moist) {
                Step leaveIn = Step.of(Action.APPLY)
                        .product(Generic.LEAVE_IN)
                        .technique(Technique.RAKE)
                        .build();
                return List.of(Finding.of(
                        this,
                        Severity.WARN,
                        hold.place(),
                        zone,
                        hold.product().name() + " goes alone on dry hair at the " + zone.label()
                                + ": a moisture layer first.",
                        new Mend(
                                "Put a light leave-in under it",
                                wash.routine().inserting(hold.place().index(), leaveIn))));
            }
        }
        return List.of();
    }

    /** A little conditioner left in on purpose is moisture too. */
    private static boolean conditionerLeftIn(Wash wash, Zone zone) {
        for (StepPlace place : wash.places()) {
            Product product = wash.productOf(place);
            boolean leftIn = place.index() > wash.lastRinse()
                    && product != null
                    && (product.role() == Role.CONDITIONER || product.role() == Role.MASK);
            if (leftIn && wash.course().visits(place).stream().anyMatch(v -> v.isIn(zone))) {
                return true;
            }
        }
        return false;
    }
}
