package eventide.learning;

import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.routine.Half;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Maybe;
import eventide.wash.ScoreName;
import java.time.Instant;

/**
 * A wash that may belong to a trial.
 *
 * @param routine as it was done
 * @param rating the first that was given when it should be; absent where there is none
 */
public record TrialWash(long id, Instant at, Routine routine, @Maybe Rating rating) {
    /** The half that had a bottle while the other did not; null where none did. */
    Half sideOf(String bottle) {
        Half side = null;
        for (StepPlace place : routine.places()) {
            Step step = routine.at(place);
            Half half = step.half() == null ? routine.steps().get(place.index()).half() : step.half();
            if (step.worn() != null && step.worn().name().equals(bottle) && place.index() > routine.lastRinse()) {
                if (half == null || side != null && side != half) {
                    return null;
                }
                side = half;
            }
        }
        return side;
    }

    /** Whether the whole head had it: a bottle, or a way of working. */
    boolean hasOnAll(String name) {
        return new Contestant(name).isOnAll(routine);
    }

    /** What a half came to; null where its side was not scored. */
    Double scored(ScoreName score, Half half) {
        return rating == null || !rating.isTimely()
                ? null
                : ScoresGiven.of(rating.byZone().get(half == Half.LEFT ? Zone.LEFT : Zone.RIGHT), score);
    }

    Double scored(ScoreName score) {
        return rating == null || !rating.isTimely() ? null : ScoresGiven.of(rating.overall(), score);
    }
}
