package eventide.outcome;

import eventide.hair.Zone;
import java.util.List;
import java.util.Map;

/** What a routine is expected to come to, on the whole head and zone by zone, and why. */
public record Outcome(
        Scores overall, Map<Zone, Scores> byZone, List<WornDay> byDay, List<Contribution> contributions) {}
