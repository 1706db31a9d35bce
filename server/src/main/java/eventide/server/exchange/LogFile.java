package eventide.server.exchange;

import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.time.Instant;
import java.util.List;

/** Scores alone: whose, of which wash, and on the days after. */
record LogFile(@Range(from = 1, to = 1) Integer formatVersion, List<LogEntry> entries) {
    static final int FORMAT_VERSION = 1;

    LogFile {
        Shape.check(LogFile.class, formatVersion, entries);
        entries = Frozen.list(entries);
    }

    /** The scores of one wash, told by its client's name and the moment it was planned. */
    record LogEntry(
            @Letters(least = 1, most = 120) String client,
            Instant plannedAt,
            Rating rating,
            @Maybe List<FollowingDay> following) {
        LogEntry {
            Shape.check(LogEntry.class, client, plannedAt, rating, following);
            following = Frozen.list(following);
        }
    }
}
