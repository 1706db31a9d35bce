package eventide.routine;

import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.Set;

/** What a plan must keep within. */
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
