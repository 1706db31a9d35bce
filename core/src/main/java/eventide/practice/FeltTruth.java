package eventide.practice;

/**
 * Told after a guess.
 *
 * @param percent how wet it was
 * @param weighed what the stand-in scale said
 * @param feel how well this hand feels water now
 */
public record FeltTruth(double percent, String weighed, FeelReport feel) {
    /** What the scale says of a guess, and how that hand has done so far. */
    public static FeltTruth of(FeltGuess guess, FeelReport feel) {
        return new FeltTruth(guess.truth(), FeltLock.of(guess.item()).weighed(), feel);
    }
}
