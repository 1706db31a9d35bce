package eventide.planner;

import eventide.routine.Limits;

/**
 * What the minutes of one run tell of every plan of its kind. Drier hair is dry sooner, but not quite always: hair that came to a
 * dryer wetter has had more of it at the roots, and what is misted between two squeezes is pressed twice. [OURS]: each part is the
 * least found over some thousand random plans, and a little less; a test holds plans against their bounds.
 *
 * @param chair of the minutes of hands of the driest hair, the part that any plan takes at least
 * @param waiting the same of those without hands
 * @param whole the same of all its minutes, hands or not
 */
record LeastMinutes(double chair, double waiting, double whole) {
    /**
     * Of the hands' own time for a further layer this much at least is added to the whole: meanwhile the hair dries, and
     * the dryer has less to do, but never as fast as under the dryer [OURS: the least found likewise].
     */
    static final double ADDED = .65;

    /** Of its waiting, the part in air alone may be shorter yet [OURS]. */
    static final double SOONER_IN_AIR = .85;

    /** A squeeze and a mist that not every styler asks for, minutes [OURS, found likewise]. */
    static final double NOT_ALWAYS = .75;

    /** A squeeze before a layer, which not every bottle asks for, minutes [OURS, as the step takes]. */
    static final double SQUEEZED = .5;

    /** What the minutes of a kind are left to be wrong by while layers are open: a wide margin, minutes [OURS]. */
    private static final double FURTHER_LAYER = 10;

    /** Of every plan with the same steps, whatever bottles it takes. */
    static LeastMinutes of(Choice.Drying drying) {
        return switch (drying) {
            case HOME, LEAVE -> new LeastMinutes(.985, .95, .95);
            case AIR -> new LeastMinutes(.985, .88, .82);
            case PART -> new LeastMinutes(.985, .9, .72);
            case DIFFUSE -> new LeastMinutes(.91, .91, .91);
            case AIR_ROOTS -> new LeastMinutes(.89, .9, SOONER_IN_AIR);
        };
    }

    /** Of a plan of just the bottles whose water was run, rounded. */
    static LeastMinutes exactly(Choice.Drying drying) {
        return switch (drying) {
            case HOME -> new LeastMinutes(.99, .99, .99);
            case AIR -> new LeastMinutes(.99, .82, .82);
            case PART -> new LeastMinutes(.96, .72, .72);
            case DIFFUSE, LEAVE -> new LeastMinutes(.91, .91, .91);
            case AIR_ROOTS -> new LeastMinutes(.92, .92, .92);
        };
    }

    /** What minutes of hands more, or fewer, add to the whole at least. */
    static double added(double minutes) {
        return minutes > 0 ? ADDED * minutes : minutes;
    }

    /**
     * Minutes of squeezing and misting that a plan may do without.
     *
     * @param layers null while any may still be added
     */
    static double notAlways(Layers layers) {
        return NOT_ALWAYS + (layers == null ? 0 : SQUEEZED * Math.max(0, layers.count() - 1));
    }

    /**
     * The limit that even the quickest plan is beyond, so that none of them need be asked; null for none.
     *
     * @param layers null while any may still be added
     */
    String beyond(Limits limits, Layers layers, double minutes, double chairMinutes) {
        return beyond(limits, layers == null ? FURTHER_LAYER : notAlways(layers), minutes, chairMinutes);
    }

    /**
     * @param without minutes that a plan may do without
     */
    String beyond(Limits limits, double without, double minutes, double chairMinutes) {
        if (whole * minutes - without > limits.minutes()) {
            return "minutes";
        }
        return chair * chairMinutes - without > limits.chairMinutesOrAll() ? "hands-on minutes" : null;
    }
}
