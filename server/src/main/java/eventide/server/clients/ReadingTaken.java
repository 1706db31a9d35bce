package eventide.server.clients;

import eventide.hair.Hair;
import java.time.Instant;

/** A head as it was read on a day; never changed afterwards. */
public record ReadingTaken(Long id, Instant takenAt, Hair hair) {}
