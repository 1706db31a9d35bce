package eventide.outcome;

/**
 * Every constant of the outcome model, in points of a score unless said otherwise. All [OURS]: signs and order follow the
 * trade's common practice, sizes are ours to tune while every direction in the tests holds.
 */
final class Constants {
    // Hold
    static final double HOLD_DEFINES = .36;
    static final double HOLD_CALMS_FRIZZ = .26;
    static final double HOLD_FLATTENS = .07;
    static final double HOLD_CRUNCHES_FROM = 4;
    static final double HOLD_CRUNCHES = .45;
    /** Hold past what this hair needs, a point: stiff, and on fine hair flat. */
    static final double HOLD_EXCESS_CRUNCHES = .7;

    static final double HOLD_EXCESS_FLATTENS_FINE = .6;
    /** Of hold past what this hair needs, this much still defines, calms and lasts. */
    static final double HOLD_PAST_NEED = .35;

    /** For all of the hold that is left out against the advised amount: strands that got none of it. */
    static final double THIN_UNDEFINES = 1.6;

    static final double THIN_FRIZZES = 1.2;
    static final double HOLD_LASTS_DAYS = .32;
    static final double SECOND_HOLD_COUNTS = .35;

    // Moisture and weight
    static final double MOISTURE_SOFTENS = 2.2;
    static final double MOISTURE_CALMS_FRIZZ = 2.4;
    static final double MOISTURE_CLUMPS = 1.5;
    static final double RICHNESS_FLATTENS = .16;
    static final double OVERLOAD_FLATTENS = 2.6;
    static final double OVERLOAD_UNDEFINES = 1.3;
    static final double OVERLOAD_DAYS = .8;

    // Care before styling
    static final double MASK_SOFTENS = 1.3;
    static final double MASK_CALMS_FRIZZ = .8;
    /** Minutes in which about two thirds of what a mask can do are done, after the shampoo and before it. */
    static final double MASK_MINUTES = 6;

    static final double MASK_BEFORE_MINUTES = 18;
    static final double FINE_BEARS_MINUTES = 2;
    /** Per minute longer than fine hair bears. */
    static final double MASK_LIMPS = .12;

    static final double PROTEIN_DEFINES = .6;
    static final double PROTEIN_STIFFENS = .5;
    /** Minutes in which about two thirds of a protein treatment are done. */
    static final double PROTEIN_MINUTES = 10;

    static final double RESIDUE = .8;
    static final double CLARIFIER_DRIES = .4;

    // Wetness at the styler, per percent outside its window
    static final double MISS_UNDEFINES = .045;
    static final double MISS_UNCLUMPS = .055;
    static final double MISS_FRIZZES = .045;
    static final double MOST_MISS_PERCENT = 40;
    /** Percent outside its window at which hold is down to about a third. */
    static final double MISS_HALVES_HOLD = 40;

    // Sections: per natural logarithm of their number
    static final double SECTIONS_DEFINE = .50;
    static final double SECTIONS_FLATTEN = .28;
    static final double SECTIONS_LAST_DAYS = .18;

    // Drying
    static final double DRYER_LIFTS = .9;
    static final double CLIPS_LIFT = .9;
    static final double UPSIDE_DOWN_LIFTS = .5;
    static final double UPSIDE_DOWN_FRIZZES_CROWN = .7;
    static final double LIFT_LIFTS = .5;
    static final double HOT_ROUGHENS = .5;
    static final double TOUCH_FRIZZES = .9;
    /** A softer hold has no cast to wait for. */
    static final double TOUCHED_FROM_HOLD = 5;

    static final double COMBED_OUT = 2.4;
    static final double DAMP_END_FRIZZES = .05;
    static final double DAMP_AIR_FRIZZES_PER_HOUR = .18;

    // Air it is worn in
    static final double HUMID_FRIZZES = .16;
    static final double HUMID_FROM_C = 15;
    static final double HOLD_GUARDS = .075;

    // Cast
    static final double BREAK_SOFTENS = 1.1;
    static final double BREAK_LIFTS = .7;
    static final double CAST_FROM_HOLD = 4;

    private Constants() {}
}
