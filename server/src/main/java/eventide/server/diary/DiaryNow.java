package eventide.server.diary;

import eventide.diary.Aftercare;
import eventide.diary.DiaryPlan;
import eventide.diary.KeptDiary;
import eventide.shape.Maybe;
import java.time.LocalDate;

/**
 * A client's days as they stand.
 *
 * @param today by the salon's clock
 * @param plan what is due, with what was moved by hand
 * @param washDay the last wash that was begun; absent where there was none
 * @param wearDay day of wear today, 1 on the wash day
 * @param aftercare how that wash is kept; absent where there was none
 * @param version of what is kept, 0 while nothing is
 */
record DiaryNow(
        LocalDate today,
        KeptDiary kept,
        DiaryPlan plan,
        @Maybe Long washDay,
        @Maybe Integer wearDay,
        @Maybe Aftercare aftercare,
        int version) {}
