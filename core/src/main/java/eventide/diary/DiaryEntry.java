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
 */
public record DiaryEntry(
        LocalDate date, @Maybe LocalDateTime at, Kind kind, String why, DueBy source, @Maybe Integer minutes) {
    /** What is to be done. */
    public enum Kind implements Said {
        WASH("wash"),
        CLARIFY("clarify"),
        MASK("mask"),
        PROTEIN("protein"),
        TRIM("trim"),
        REHEARSE("rehearsal"),
        PATCH_TEST("patch test"),
        REFRESH("refresh"),
        SCORE_DAY("ten seconds of scoring"),
        EVENT("event");

        private final String label;

        Kind(String label) {
            this.label = label;
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
