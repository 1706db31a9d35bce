package eventide.check;

import eventide.hair.Scalp;
import eventide.routine.Action;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * S2: the scalp shows something that is not a stylist's to treat. Sudden shedding refers, and does not stop.
 *
 * <p>Sores, burns, lice: no styling, refer to a doctor or a pharmacist. Shedding warns: gentle hands, no tension, and refer.
 * Never a diagnosis; no mend.
 */
final class ScalpStop implements Rule {
    @Override
    public String id() {
        return "S2";
    }

    @Override
    public String why() {
        return "Refer to a doctor or pharmacist; local rules come first.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        String stops = seen(wash, Scalp::stopsStyling);
        if (!stops.isEmpty()) {
            found.add(Finding.of(
                    this,
                    Severity.STOP,
                    null,
                    null,
                    "Stop: " + stops + " seen at the consult. Calmly refer, and style once it is cleared.",
                    null));
        }
        String refers = seen(wash, Scalp::refersOnly);
        if (!refers.isEmpty()) {
            found.add(Finding.of(
                    this,
                    Severity.WARN,
                    null,
                    null,
                    "Refer: " + refers
                            + " seen at the consult. Where the client wishes to go on: gentle hands, little heat, no tension"
                            + (pulls(wash)
                                    ? ", so none of the brushing, coiling and drying under tension in this plan."
                                    : "."),
                    null));
        }
        return found;
    }

    /** What was seen on the scalp, in words: signs, never a name for what they may be. */
    private static String seen(Wash wash, Predicate<Scalp> some) {
        return wash.hair().scalpOrEmpty().stream()
                .filter(some)
                .map(Scalp::label)
                .collect(Collectors.joining(", "));
    }

    /** Whether anything in the routine pulls at the roots. */
    private static boolean pulls(Wash wash) {
        return wash.places().stream()
                .map(place -> wash.routine().at(place))
                .anyMatch(step -> step.action() == Action.BRUSH_STYLE
                        || step.action() == Action.COIL
                        || Boolean.TRUE.equals(step.tension()));
    }
}
