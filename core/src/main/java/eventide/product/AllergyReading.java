package eventide.product;

import java.util.List;

/**
 * What the words a client gives are taken to mean.
 *
 * @param unknown words nobody here can place: they must be looked for on every label by eye
 * @param meant for some of those, words a slip of the keyboard away: offered, never taken
 */
public record AllergyReading(List<Understood> understood, List<String> unknown, List<Meant> meant) {
    /**
     * A word that is known.
     *
     * @param stops names on a label that are the thing itself
     * @param warns names that are related to it
     */
    public record Understood(String word, List<String> stops, List<String> warns) {}

    /**
     * A word that is not, and what may have been meant.
     *
     * @param word as the client said it
     * @param closest names it may stand for, nearest first; empty where it is known
     */
    public record Meant(String word, List<String> closest) {}
}
