package eventide.practice;

import eventide.log.Rubric;
import java.util.List;
import java.util.Locale;

/**
 * What a swatch is, told after it was scored.
 *
 * @param why one sentence on what was misread most
 * @param drawn what else it was drawn from, and nobody was asked for: how it curls and shrinks, its shine, the light it hangs in
 */
public record SwatchTruth(String item, double definition, double clumping, double frizz, String why, String drawn) {
    /** Nearer than this is right: scores are given in halves. */
    private static final double RIGHT = .75;

    /** The truth of what was drawn beside what was scored, and one sentence why. */
    public static SwatchTruth of(SwatchReading reading) {
        Swatch swatch = reading.swatch();
        EyeScore most = EyeScore.DEFINITION;
        for (EyeScore score : EyeScore.values()) {
            if (Math.abs(score.off(reading)) > Math.abs(most.off(reading))) {
                most = score;
            }
        }
        return new SwatchTruth(
                reading.item(),
                half(swatch.definition()),
                half(swatch.clumping()),
                half(swatch.frizz()),
                why(most, most.off(reading), half(most.truth(swatch))),
                drawn(swatch));
    }

    private static String drawn(Swatch swatch) {
        return String.format(
                Locale.ROOT,
                "Drawn as %s, which shrinks by %.0f %%, clumps %.0f mm wide, shine %.1f, in %s light.",
                swatch.pattern().word(),
                100 * swatch.pattern().typicalShrinkage(),
                swatch.clumpMillimetres(),
                half(swatch.shine()),
                swatch.light() < 1 - EVEN ? "dim" : swatch.light() > 1 + EVEN ? "bright" : "even");
    }

    /** Light this near to an even one is called even, a part of it [OURS]. */
    private static final double EVEN = .1;

    /** One sentence: how far off, which way, and what it looks like at that score. */
    private static String why(EyeScore score, double off, double truth) {
        String looks = looks(score, truth);
        if (Math.abs(off) <= RIGHT) {
            return "Read as it is: " + looks + ".";
        }
        return String.format(
                Locale.ROOT,
                "%s read %.1f too %s: at %.1f it is “%s”.",
                capital(score.label()),
                Math.abs(half(off)),
                off > 0 ? "high" : "low",
                truth,
                looks);
    }

    /** In the rubric's words. */
    private static String looks(EyeScore score, double truth) {
        List<Rubric.Level> levels = Rubric.scores().stream()
                .filter(one -> one.name().equals(score.word()))
                .findFirst()
                .orElseThrow()
                .levels();
        String looks = levels.get(0).looks();
        for (Rubric.Level level : levels) {
            looks = truth >= level.from() ? level.looks() : looks;
        }
        return looks;
    }

    private static String capital(String word) {
        return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
    }

    private static double half(double points) {
        return Math.round(points * 2) / 2.0;
    }
}
