package eventide.practice;

import eventide.practice.AgreementQuestion.EyeRating;
import eventide.practice.AgreementQuestion.KnownScore;
import eventide.shape.Maybe;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * How well somebody feels water, by all the sections guessed.
 *
 * @param bias percent of water it is taken to be too wet by; absent where nothing was guessed
 * @param low of the interval that holds the bias in four cases of five; absent with fewer than two
 * @param error mean of the differences, whatever their sign, percent of water
 * @param trust how far a look at the chair moves the water that was worked out, 0 not at all to 1 all the way; absent with fewer
 *     than {@link #TRUSTED_FROM}
 */
public record FeelReport(
        int sections,
        @Maybe Double bias,
        @Maybe Double low,
        @Maybe Double high,
        @Maybe Double error,
        @Maybe Double trust,
        String words) {
    /** Fewer say nothing of a hand [OURS]. */
    public static final int TRUSTED_FROM = 5;
    /** What the water that was worked out may be off by in the middle of a wash, percent, as a deviation [OURS]. */
    private static final double MODEL_OFF = 15;
    /** What a hand is off by where nothing is known of it, and as how many guesses that counts [OURS]. */
    private static final double USUAL_OFF = 10;

    /** Guesses as many as which the usual hand counts for [OURS]. */
    private static final double USUAL_COUNTS = 5;
    /** A score of eyes is 0 to 10, water 0 to 100. */
    private static final double POINTS = 10;

    /** How far a hand is off in telling the water, and how much its look at the chair is trusted. */
    public static FeelReport of(List<FeltGuess> guesses) {
        int n = guesses.size();
        if (n == 0) {
            return new FeelReport(
                    0,
                    null,
                    null,
                    null,
                    null,
                    null,
                    "Guess ten sections, and this says how far your hand is to be trusted.");
        }
        List<EyeRating> given = new ArrayList<>();
        List<KnownScore> truth = new ArrayList<>();
        double squares = 0;
        for (int i = 0; i < n; i++) {
            FeltGuess guess = guesses.get(i);
            given.add(new EyeRating("hand", Integer.toString(i), guess.percent() / POINTS));
            truth.add(new KnownScore(Integer.toString(i), guess.truth() / POINTS));
            squares += guess.off() * guess.off();
        }
        Agreement.EyeSteadiness hand =
                Agreement.of(new AgreementQuestion(given, truth)).raters().get(0);
        Double trust = n < TRUSTED_FROM ? null : trust(squares, n);
        return new FeelReport(
                n,
                percent(hand.bias()),
                percent(hand.low()),
                percent(hand.high()),
                percent(hand.error()),
                trust,
                words(n, hand, trust));
    }

    /**
     * Two witnesses of one level, each weighed by how sure it is: the variance of what was worked out over both together.
     *
     * @return from 0 (the hand says nothing) to 1 (it is never off), to the hundredth
     */
    private static double trust(double squares, int n) {
        double hand = (USUAL_COUNTS * USUAL_OFF * USUAL_OFF + squares) / (USUAL_COUNTS + n);
        double model = MODEL_OFF * MODEL_OFF;
        return Math.round(100 * model / (model + hand)) / 100.0;
    }

    private static Double percent(Double points) {
        return points == null ? null : Math.round(points * POINTS * 10) / 10.0;
    }

    private static String words(int n, Agreement.EyeSteadiness hand, Double trust) {
        boolean sure = hand.low() != null && (hand.low() > 0 || hand.high() < 0);
        String off = sure
                ? String.format(
                        Locale.ROOT,
                        "takes hair to be %.0f points %s than it is",
                        Math.abs(hand.bias() * POINTS),
                        hand.bias() > 0 ? "wetter" : "drier")
                : "takes it for neither wetter nor drier";
        String moves = trust == null
                ? "."
                : String.format(Locale.ROOT, "; a look at the chair moves the water %.0f %% of the way.", 100 * trust);
        return String.format(Locale.ROOT, "Over %d %s this hand %s%s", n, n == 1 ? "section" : "sections", off, moves);
    }
}
