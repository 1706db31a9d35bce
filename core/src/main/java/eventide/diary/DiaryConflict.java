package eventide.diary;

import java.util.List;

/**
 * What does not go together, and what to do about it.
 *
 * @param kinds what is in each other's way
 * @param doNext what would settle it
 */
public record DiaryConflict(List<DiaryEntry.Kind> kinds, String message, String doNext) {
    /** Of one thing that is in its own way. */
    static DiaryConflict of(DiaryEntry.Kind kind, String message, String doNext) {
        return new DiaryConflict(List.of(kind), message, doNext);
    }
}
