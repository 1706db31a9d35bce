package eventide.check;

import eventide.air.Air;
import eventide.drying.Visit;
import eventide.routine.Action;
import eventide.routine.Step;
import eventide.wash.Wash;
import java.util.List;
import java.util.Locale;

/**
 * D5: air drying in damp air.
 *
 * <p>Asks how long hair dries by itself where water hardly leaves it (the room it dries in, not where it is worn): slow, frizzy,
 * a weak cast. Mend: a dryer or a fan, where it has one. Source: common practice; the threshold is the water model's own.
 */
public final class DampAir implements Rule {
    /** Air counts as damp from here [OURS; CP: damp air]. */
    private static final double DAMP_PERCENT = 70;

    /** Dew point from which drying in air goes on and on, °C [CP]. */
    private static final double DAMP_DEW_POINT_C = 16;
    /** Minutes in air below which nobody would notice. */
    private static final double LEAST_MINUTES = 30;
    /** Percent of water from which a dryer is worth fetching. */
    private static final double STILL_WET = 20;

    /** Whether hair that is left alone in this air dries slowly. */
    public static boolean slowsDrying(Air air) {
        return air.relativeHumidity() >= DAMP_PERCENT || air.dewPointC() >= DAMP_DEW_POINT_C;
    }

    @Override
    public String id() {
        return "D5";
    }

    @Override
    public String why() {
        return "Slow drying in damp air frizzes and weakens the cast.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        if (!slowsDrying(wash.air())) {
            return List.of();
        }
        for (Visit visit : wash.course().visits()) {
            boolean slow = visit.step().action() == Action.AIR
                    && visit.minutes() >= LEAST_MINUTES
                    && visit.headWetness() >= STILL_WET;
            if (slow) {
                Step step = visit.step();
                Step fan = Step.of(Action.FAN)
                        .minutes(step.minutes())
                        .untilDry(
                                step.untilDry() == null && step.minutes() == null
                                        ? Double.valueOf(100)
                                        : step.untilDry())
                        .zones(step.zones())
                        .half(step.half())
                        .parts(step.parts())
                        .build();
                return List.of(Finding.of(
                        this,
                        Severity.WARN,
                        visit.place(),
                        null,
                        String.format(
                                Locale.ROOT,
                                "Air drying at %.0f %% humidity is slow and frizzes: move the air, or dry the room.",
                                wash.air().relativeHumidity()),
                        new Mend("With a fan", wash.routine().replacing(visit.place(), fan))));
            }
        }
        return List.of();
    }
}
