package eventide.practice;

import eventide.shape.Said;
import eventide.shape.Word;
import eventide.wash.ScoreName;
import java.util.function.ToDoubleFunction;

/** What is scored of a swatch. */
public enum EyeScore implements Word, Said {
    DEFINITION(ScoreName.DEFINITION, SwatchReading::definition, Swatch::definition),
    CLUMPING(ScoreName.CLUMPING, SwatchReading::clumping, Swatch::clumping),
    FRIZZ(ScoreName.FRIZZ, SwatchReading::frizz, Swatch::frizz);

    private final ScoreName learned;
    private final ToDoubleFunction<SwatchReading> given;
    private final ToDoubleFunction<Swatch> truth;

    EyeScore(ScoreName learned, ToDoubleFunction<SwatchReading> given, ToDoubleFunction<Swatch> truth) {
        this.learned = learned;
        this.given = given;
        this.truth = truth;
    }

    @Override
    public String word() {
        return learned.word();
    }

    @Override
    public String label() {
        return learned.word();
    }

    /** The score of a wash that it trains the eye for. */
    ScoreName learned() {
        return learned;
    }

    /**
     * As the eye scored it.
     *
     * @return from 0 to 10
     */
    double given(SwatchReading reading) {
        return given.applyAsDouble(reading);
    }

    /**
     * As it was drawn.
     *
     * @return from 0 to 10
     */
    double truth(Swatch swatch) {
        return truth.applyAsDouble(swatch);
    }

    /** Points by which an eye read too high. */
    double off(SwatchReading reading) {
        return given(reading) - truth(reading.swatch());
    }
}
