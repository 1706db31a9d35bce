package eventide.learning;

import eventide.wash.Manner;
import eventide.wash.ScoreName;

/**
 * One part of what the log adds to what the model says.
 *
 * @param by in words: a rater, a head, a bottle, a way of working, the air
 * @param points it adds, of the score
 * @param low four in five such parts lie between this
 * @param high and this
 * @param washes in which it was
 */
public record CorrectionPart(
        ScoreName score, Origin source, String by, double points, double low, double high, int washes) {
    /** Whose doing it is, as a sentence about a score would name it. */
    static String words(Effect effect) {
        return switch (effect.origin()) {
            case SALON -> "the salon";
            case RATER -> effect.name() + "'s eye";
            case HEAD -> effect.name();
            case BOTTLE, BOTTLE_ON_KIND -> effect.name();
            case BOTTLE_HERE -> effect.name() + " on this head";
            case WAY -> Manner.valueOf(effect.name()).label();
            case WAY_HERE -> Manner.valueOf(effect.name()).label() + " on this head";
            case AIR -> "damp air";
            case AIR_HERE -> "damp air on this head";
            case CLARIFIED_HERE -> "weeks since clarifying";
            case PROTEIN_HERE -> "weeks since protein";
            case SIDE_HERE -> "the left side";
        };
    }
}
