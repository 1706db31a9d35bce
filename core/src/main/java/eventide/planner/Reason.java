package eventide.planner;

import eventide.shape.Maybe;
import eventide.shape.Source;

/**
 * Why something was chosen.
 *
 * @param step the step it speaks of, absent where it is about the whole
 */
public record Reason(String text, Source source, @Maybe Integer step) {}
