package eventide.check;

import eventide.hair.Scalp;
import java.util.List;
import java.util.stream.Collectors;

/** S2: the scalp shows something that is not a stylist's to treat. */
final class ScalpStop implements Rule {
    @Override
    public String id() {
        return "S2";
    }

    @Override
    public String why() {
        return "Do not style. Refer to a doctor or pharmacist; local rules come first.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        String seen = wash.hair().scalpOrEmpty().stream()
                .filter(Scalp::stopsStyling)
                .map(Scalp::words)
                .collect(Collectors.joining(", "));
        return seen.isEmpty()
                ? List.of()
                : List.of(Finding.of(
                        this,
                        Severity.STOP,
                        null,
                        null,
                        "Stop: " + seen + " seen at the consult. Calmly refer, and style once it is cleared.",
                        null));
    }
}
