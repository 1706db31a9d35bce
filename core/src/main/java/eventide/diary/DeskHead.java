package eventide.diary;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.shape.Maybe;
import java.time.LocalDate;
import java.util.Set;

/**
 * One head as the desk of a morning sees it.
 *
 * @param lastWash the day of the last wash; absent where there was none
 * @param looked days of wear of that wash that were scored, 1 for the wash day itself
 * @param running a wash that was begun and is not over
 * @param goal what it is done for; absent where nobody said
 * @param air where hair done today is worn; absent where nobody knows
 * @param worn the routine the next wash is likely done by; absent where none is known
 */
public record DeskHead(
        long id,
        String name,
        @Maybe Hair hair,
        DiaryPlan plan,
        KeptDiary kept,
        @Maybe LocalDate lastWash,
        Set<Integer> looked,
        boolean running,
        @Maybe DiaryEvent event,
        @Maybe Goal goal,
        @Maybe Air air,
        @Maybe Routine worn) {
    /** Of the next wash; null where none is planned. */
    Integer washMinutes() {
        return plan.entries().stream()
                .filter(entry -> entry.kind() == DiaryEntry.Kind.WASH)
                .map(DiaryEntry::minutes)
                .findFirst()
                .orElse(null);
    }

    /** What the air of the day changes on it, in words; null for nothing, or where too little is known. */
    String airWords() {
        return hair == null || goal == null || air == null || worn == null
                ? null
                : AirToday.words(worn, hair, goal, air);
    }
}
