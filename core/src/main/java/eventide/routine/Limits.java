package eventide.routine;

import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.Set;

/**
 * What a plan must keep within.
 *
 * @param minutes for the whole of it, 1 to 4320
 * @param chairMinutes of them, those hands may be busy; absent, all
 * @param tools that are here; absent, all
 * @param mustBeDryBy minutes from the start by which lengths and roots are dry; absent, nothing is due
 * @param maxCostCents for what goes on the hair; absent, whatever it costs
 */
public record Limits(
        @Range(from = 1, to = 4320, unit = "minutes") Double minutes,
        @Maybe @Range(from = 0, to = 4320, unit = "minutes") Double chairMinutes,
        @Maybe Set<OwnedTool> tools,
        @Maybe @Range(from = 0, to = 4320, unit = "minutes") Double mustBeDryBy,
        @Maybe @Range(from = 0, to = 10_000_000, unit = "cents") Double maxCostCents) {
    public Limits {
        Shape.check(Limits.class, minutes, chairMinutes, tools, mustBeDryBy, maxCostCents);
        tools = Frozen.set(tools);
    }

    /** So many minutes, 1 to 4320, and nothing else. */
    public static Limits ofMinutes(double minutes) {
        return new Limits(minutes, null, null, null, null);
    }

    /** The tool is at hand; where no tools are listed, all are. */
    public boolean has(OwnedTool tool) {
        return tools == null || tools.contains(tool);
    }

    /** Hands-on minutes: as stated, else all the minutes there are. */
    public double chairMinutesOrAll() {
        return chairMinutes == null ? minutes : chairMinutes;
    }
}
