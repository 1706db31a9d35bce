package eventide.drying;

import java.util.List;

/**
 * A section's water while it waits for its turn.
 *
 * @param step index of the step whose turn it waits for
 * @param section from 0, in the order worked
 * @param minutes from the start, one for each time hands begin on another section; the last is its own turn
 * @param wetness percent along its lengths at those minutes
 */
public record Waiting(int step, int section, List<Double> minutes, List<Double> wetness) {}
