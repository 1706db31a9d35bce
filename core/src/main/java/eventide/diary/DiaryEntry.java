package eventide.diary;

import eventide.shape.Maybe;
import eventide.shape.Said;
import java.time.LocalDate;
import java.time.LocalDateTime;

/**
 * One thing on one day.
 *
 * @param at its hour, where it has one
 * @param why in a stylist's words
 * @param source what it is due by
 * @param minutes it takes, where that is known
 * @param overdueDays days by which it was due before the first day asked for; absent where it was not
 */
public record DiaryEntry(
        LocalDate date,
        @Maybe LocalDateTime at,
        Kind kind,
        String why,
        DueBy source,
        @Maybe Integer minutes,
        @Maybe Integer overdueDays) {
    DiaryEntry(LocalDate date, LocalDateTime at, Kind kind, String why, DueBy source, Integer minutes) {
        this(date, at, kind, why, source, minutes, null);
    }

    /** The same, late. */
    DiaryEntry overdue(long days) {
        return days <= 0 ? this : new DiaryEntry(date, at, kind, why, source, minutes, (int) days);
    }

    /** What is to be done. */
    public enum Kind implements Said {
        WASH("wash"),
        CLARIFY("clarify", "clarify"),
        MASK("mask", "mask set out 30 min before"),
        PROTEIN("protein", "protein"),
        TRIM("trim", "trim first"),
        REHEARSE("rehearsal", "rehearsal: everything as it will be"),
        PATCH_TEST("patch test"),
        REFRESH("refresh"),
        SCORE_DAY("ten seconds of scoring"),
        EVENT("event");

        private final String label;
        private final String ready;

        Kind(String label) {
            this(label, null);
        }

        /** @param ready what is laid out for it beforehand */
        Kind(String label, String ready) {
            this.label = label;
            this.ready = ready;
        }

        /** What is made ready before a head comes [CP: a mask half an hour before]; null where nothing is. */
        String ready() {
            return ready;
        }

        @Override
        public String label() {
            return label;
        }

        /** Given in a wash, so only on a day with one. */
        boolean isCare() {
            return this == CLARIFY || this == MASK || this == PROTEIN;
        }
    }

    /** What something is due by. */
    public enum DueBy implements Said {
        TRADE("common practice"),
        CLIENT("this client's own numbers"),
        LOG("what the log shows"),
        HAND("moved by hand");

        private final String label;

        DueBy(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }
}
