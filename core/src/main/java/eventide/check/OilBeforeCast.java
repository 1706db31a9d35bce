package eventide.check;

import eventide.drying.Mark;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.wash.Layer;
import eventide.wash.Steps;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;

/**
 * O2: oil over hold before the cast has set.
 *
 * <p>No cast forms under oil. A note once the cast had set and the hair is dried again; a base oil under everything and an oil
 * before the wash are not meant. Mend: oil on dry hair, with the breaking of the cast. Source: common practice.
 */
final class OilBeforeCast implements Rule {
    /** Dry enough that oil is a finish, percent wet. */
    private static final double AS_GOOD_AS_DRY = 10;

    @Override
    public String id() {
        return "O2";
    }

    @Override
    public String why() {
        return "Oil over wet hold keeps the cast from setting.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (Layer layer : wash.layers()) {
            Layer hold = layer.product().role() == Role.OIL ? wash.lastHoldBefore(layer.startMinute()) : null;
            if (hold == null || layer.visits().get(0).wetness() <= AS_GOOD_AS_DRY) {
                continue;
            }
            boolean set = wash.course().tide().marks().stream()
                    .anyMatch(m -> m.what() == Mark.Moment.CAST_SET
                            && m.minute() > hold.startMinute()
                            && m.minute() <= layer.startMinute() + .01);
            boolean onPurpose = wash.schools().oil() == Schools.OilPlace.BETWEEN;
            boolean driedAgain =
                    Steps.any(wash, v -> v.step().action().isDrying() && v.startMinute() >= layer.startMinute());
            if (set && (onPurpose || !driedAgain)) {
                continue;
            }
            String name = layer.product().name();
            String message = set
                    ? name + " goes on between rounds: hold suffers a little, shine gains."
                    : name + " goes over hold before the cast has set: keep it for dry hair.";
            found.add(Finding.of(
                    this,
                    set ? Severity.NOTE : Severity.WARN,
                    layer.place(),
                    null,
                    message,
                    set ? null : mend(wash, layer)));
        }
        return found;
    }

    /** The same oil on the hands that break the cast, in the same amount; left out where no bottle is named. */
    private static Mend mend(Wash wash, Layer layer) {
        Step finish = Step.of(Action.BREAK_CAST)
                .product(layer.step().product())
                .amountMl(layer.step().amountMl())
                .technique(Technique.DROPS)
                .build();
        Routine without = wash.routine().without(layer.place());
        List<Step> steps = new ArrayList<>(without.steps());
        if (layer.step().product() == null) {
            return new Mend("Leave the oil out", without);
        }
        steps.add(finish);
        return new Mend("Keep it for dry hair", without.withSteps(steps));
    }
}
