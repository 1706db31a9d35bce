package eventide.check;

import eventide.shape.Maybe;

/**
 * What can hurt somebody, said once where it applies. Never a diagnosis; local law and licence rule first.
 *
 * @param step index of the step it stands at, absent where it is about the whole
 */
public record Caution(@Maybe Integer step, String text) {}
