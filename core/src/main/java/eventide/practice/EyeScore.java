package eventide.practice;

import eventide.shape.Said;
import eventide.shape.Word;
import java.util.function.ToDoubleFunction;

/** What is scored of a swatch. */
public enum EyeScore implements Word, Said {
    DEFINITION("definition", SwatchReading::definition, Swatch::definition),
    CLUMPING("clumping", SwatchReading::clumping, Swatch::clumping),
    FRIZZ("frizz", SwatchReading::frizz, Swatch::frizz);

    private final String word;
    private final ToDoubleFunction<SwatchReading> given;
    private final ToDoubleFunction<Swatch> truth;

    EyeScore(String word, ToDoubleFunction<SwatchReading> given, ToDoubleFunction<Swatch> truth) {
        this.word = word;
        this.given = given;
        this.truth = truth;
    }

    @Override
    public String word() {
        return word;
    }

    @Override
    public String label() {
        return word;
    }

    double given(SwatchReading reading) {
        return given.applyAsDouble(reading);
    }

    double truth(Swatch swatch) {
        return truth.applyAsDouble(swatch);
    }

    /** Points by which an eye read too high. */
    double off(SwatchReading reading) {
        return given(reading) - truth(reading.swatch());
    }
}
