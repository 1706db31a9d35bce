package eventide.shape;

import java.util.List;
import java.util.stream.Collectors;

/** Thrown when a value is refused; carries every fault that was found, not only the first. */
public final class InvalidException extends IllegalArgumentException {
    private final transient List<Fault> faults;

    /** @param faults at least one, each with the place it was found at */
    public InvalidException(List<Fault> faults) {
        super(faults.stream()
                .map(f -> f.pointer().isEmpty() ? f.message() : f.pointer() + ": " + f.message())
                .collect(Collectors.joining("; ")));
        this.faults = List.copyOf(faults);
    }

    /** For one fault, by the field's own name. */
    public static InvalidException of(String field, String message) {
        return new InvalidException(List.of(new Fault("", message).under(field)));
    }

    /** Every fault that was found, at least one. */
    public List<Fault> faults() {
        return faults;
    }
}
