package eventide.diary;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import eventide.wash.Correction;
import java.time.LocalDate;
import java.util.List;

/**
 * A wash that was done, and the days it is worn in.
 *
 * @param airs where it is worn, from the wash day on; the last holds for the days after
 * @param washes of this head before, for what its best day is
 * @param learned what the log has taught of it
 */
public record AftercareQuestion(
        Hair hair,
        Goal goal,
        @Maybe Schools schools,
        Routine worn,
        LocalDate washedOn,
        List<Air> airs,
        List<DiaryWash> washes,
        @Maybe Correction learned,
        @Maybe @Range(from = 1, to = 60, unit = "days") Integer washEveryDays) {
    public AftercareQuestion {
        Shape.check(AftercareQuestion.class, hair, goal, schools, worn, washedOn, airs, washes, learned, washEveryDays);
        airs = Frozen.list(airs);
        washes = Frozen.list(washes);
    }

    /** Of that day of wear, of later days the last that is known; the room's where none is. */
    Air air(int day) {
        return airs.isEmpty() ? WashTime.ROOM : airs.get(Math.min(day, airs.size()) - 1);
    }

    Correction learnedOrNone() {
        return learned == null ? Correction.NONE : learned;
    }
}
