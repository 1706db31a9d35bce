package eventide.outcome;

/**
 * The constants of the outcome model for what hands, cloth, dryers and air do, in points of a score unless said otherwise. All
 * [OURS], as in {@link Constants}.
 */
final class DoingConstants {
    // Sections and hands

    /** Definition of more sections, per natural logarithm of their number. */
    static final double SECTIONS_DEFINE = .50;
    /** Volume lost by the same. */
    static final double SECTIONS_FLATTEN = .30;
    /** Days of the same. */
    static final double SECTIONS_LAST_DAYS = .29;
    /** Of what hands shape, straight hair takes this much. */
    static final double STRAIGHT_TAKES = .3;
    /** Definition and clumping of brush-styling. */
    static final double BRUSH_DEFINES = 1.2;
    /** Frizz that brush-styling takes. */
    static final double BRUSH_CALMS_FRIZZ = .5;
    /** Volume of brushing up and out. */
    static final double BRUSH_UP_LIFTS = .8;
    /** Volume lost by brushing down. */
    static final double BRUSH_DOWN_FLATTENS = .9;
    /** Definition of finger coils. */
    static final double COIL_DEFINES = 1.6;
    /** Clumping of finger coils. */
    static final double COIL_CLUMPS = 1.5;
    /** Definition where only mid to ends is coiled. */
    static final double COILED_ENDS_DEFINE = 1.2;
    /** Clumping where only mid to ends is coiled. */
    static final double COILED_ENDS_CLUMP = 1.1;
    /** Frizz that coiling takes. */
    static final double COIL_CALMS_FRIZZ = .8;
    /** Volume that coiling takes. */
    static final double COIL_FLATTENS = .5;
    /** Volume taken where only mid to ends is coiled. */
    static final double COILED_ENDS_FLATTEN = .1;
    /** Days of finger coils. */
    static final double COIL_LASTS_DAYS = .6;
    /** Definition of every curl laid by hand. */
    static final double SHINGLE_DEFINES = 2;
    /** Clumping of the same. */
    static final double SHINGLE_CLUMPS = 1.6;
    /** Frizz that it takes. */
    static final double SHINGLE_CALMS_FRIZZ = 1;
    /** Volume that it takes. */
    static final double SHINGLE_FLATTENS = .6;
    /** Days of every curl laid by hand. */
    static final double SHINGLE_LASTS_DAYS = .8;
    /** Definition of smoothing root to tip. */
    static final double SMOOTH_DEFINES = .7;
    /** Clumping of the same. */
    static final double SMOOTH_CLUMPS = .6;
    /** Frizz that it takes. */
    static final double SMOOTH_CALMS_FRIZZ = .6;
    /** Definition of twisting. */
    static final double TWIST_DEFINES = .6;
    /** Clumping of pressing. */
    static final double PRESS_CLUMPS = .3;
    /** Volume of fluffing, or of clumps divided. */
    static final double FLUFF_LIFTS = .6;
    /** Clumping lost by the same. */
    static final double FLUFF_UNCLUMPS = .3;
    /** Frizz of the same. */
    static final double FLUFF_FRIZZES = .25;
    /** Volume of a pick at the root. */
    static final double PICK_LIFTS = .8;
    /** Frizz of the same. */
    static final double PICK_FRIZZES = .3;
    /** Of the shrinkage, this part is stretched out of the roots. */
    static final double STRETCH_LENGTHENS = .18;
    /** Volume of as many scrunches as the pattern takes. */
    static final double SCRUNCH_LIFTS = .6;
    /** Clumping of the same on waves. */
    static final double SCRUNCH_CLUMPS_WAVES = 1;
    /** Clumping of the same on the rest. */
    static final double SCRUNCH_CLUMPS = .3;
    /** Definition of the same on waves. */
    static final double SCRUNCH_DEFINES_WAVES = .9;
    /** Definition of the same on the rest. */
    static final double SCRUNCH_DEFINES = .2;
    /** Shrinkage of the same, percent. */
    static final double SCRUNCH_SHRINKS = 2.5;
    /** Frizz of many scrunches past what the pattern takes. */
    static final double OVERSCRUNCH_FRIZZES = 1.8;
    /** Shrinkage of the same, percent. */
    static final double OVERSCRUNCH_SHRINKS = 4;
    /** Scrunches past it in which about two thirds of that are done. */
    static final double OVERSCRUNCHES = 8;
    /** Volume of roots lifted and shaken. */
    static final double LIFT_LIFTS = .5;
    /** Volume of working upside down. */
    static final double UPSIDE_DOWN_LIFTS = .5;
    /** Frizz at the crown where roots are not lifted after it. */
    static final double UPSIDE_DOWN_FRIZZES_CROWN = .7;

    // Drying

    /** Volume of a dryer. */
    static final double DRYER_LIFTS = .9;
    /** Shrinkage of a dryer, percent. */
    static final double DRYER_SHRINKS = 2;
    /** Minutes that clips stay before they do anything. */
    static final double CLIPPED_FROM = 1;
    /** Minutes that clips stay before roots have set standing; sooner, in part. */
    static final double CLIPPED_MINUTES = 6;
    /** Volume of root clips, at the crown and the hairline. */
    static final double CLIPS_LIFT = .9;
    /** Softness lost by hot air in contact; half of it frizz. */
    static final double HOT_ROUGHENS = .5;
    /** Frizz of touching before the cast has set; half of it clumping lost. */
    static final double TOUCH_FRIZZES = .9;
    /** Definition and clumping lost by combing clumps out; half of it frizz. */
    static final double COMBED_OUT = 2.4;
    /** Frizz a percent of water left where the cast is broken damp. */
    static final double DAMP_END_FRIZZES = .06;
    /** Percent of water from which that gets no worse. */
    static final double DAMP_END_AT_MOST = 30;
    /** Of that water, so much is the lengths' and the rest the roots'. */
    static final double DAMP_END_LENGTHS = .8;
    /** Frizz an hour of drying in air, for each °C of dew point over the one below. */
    static final double DAMP_AIR_FRIZZES_PER_HOUR = .06;
    /** The most frizz of slow drying in damp air. */
    static final double DAMP_AIR_AT_MOST = 1.5;

    // Air it is worn in, the cast, and how it is kept

    /** Frizz a °C of dew point over the one below, where nothing holds. */
    static final double HUMID_FRIZZES = .16;
    /** Dew point from which air frizzes what is worn in it, °C [CP: humid from 15]. */
    static final double HUMID_FROM_C = 15;
    /** Of that, how much a point of hold keeps out. */
    static final double HOLD_GUARDS = .075;
    /** Of that, how much is left however strong the hold. */
    static final double HUMID_AT_LEAST = .2;
    /** How much of it the loosest pattern feels. */
    static final double LOOSE_HUMID = .8;
    /** How much more of it the tightest feels. */
    static final double TIGHT_HUMID = .6;
    /** Softness of a broken cast. */
    static final double BREAK_SOFTENS = .6;
    /** Volume of a broken cast. */
    static final double BREAK_LIFTS = .7;
    /** Softness lost by a cast that is left. */
    static final double CAST_STIFFENS = 1;
    /** Days of a cast that is left. */
    static final double CAST_LASTS_DAYS = .3;
    /** Days of a refresh each morning. */
    static final double REFRESH_LASTS_DAYS = .8;
    /** Days of sleeping on satin. */
    static final double SATIN_LASTS_DAYS = .4;
    /** Days of a loose pineapple under it, on hair long enough to gather. */
    static final double PINEAPPLE_LASTS_DAYS = .6;

    // What the trade is sure of besides [CP; sizes OURS]

    /** Definition of strands coated by any one layer. */
    static final double COAT_DEFINES = .35;
    /** Frizz that it takes. */
    static final double COAT_CALMS_FRIZZ = .2;
    /** Softness lost for each time more hold than that. */
    static final double THICK_CRUNCHES = .6;
    /** Volume lost for the same. */
    static final double THICK_FLATTENS = .15;
    /** From so many times the advised amount, of all layers together: two layers are often meant. */
    static final double THICK_FROM = 1.5;
    /** More than so many times more is no worse. */
    static final double THICK_AT_MOST = 2;
    /** Hold lost to oil or cream between dryer rounds. */
    static final double OVER_SET_LOOSENS = .4;
    /** Hold lost to oil or cream over hold that is still wet. */
    static final double OVER_WET_LOOSENS = 1.2;
    /** Definition lost to the same. */
    static final double OVER_WET_UNDEFINES = .5;
    /** Frizz of the same. */
    static final double OVER_WET_FRIZZES = .4;
    /** Weight of an oil by itself, of 10. */
    static final double OIL_WEIGHS = .35;
    /** Of the shrinkage, the part that as much richness as hair bears draws out. */
    static final double WEIGHT_LENGTHENS = .03;
    /** Frizz that a little more hold takes once the cast has set. */
    static final double TOUCH_UP_CALMS_FRIZZ = .45;
    /** Definition lost by touching before the cast has set. */
    static final double TOUCH_UNDEFINES = .6;
    /** Definition of a broken cast less than of one that is left. */
    static final double BREAK_UNDEFINES = .35;
    /** Of the frizz of humid air, the part that a cast that is left keeps out. */
    static final double CAST_KEEPS_OUT = .45;
    /** Volume of humid air it is worn in, for each °C of dew point over where it is humid: it swells. */
    static final double HUMID_LIFTS = .085;
    /** Days lost in it, for each °C. */
    static final double HUMID_SHORTENS = .06;
    /** Hold lost in it, for each °C. */
    static final double HUMID_LOOSENS = .05;
    /** °C past where it is humid from which it gets no worse. */
    static final double HUMID_AT_MOST_C = 14;
    /** Of the frizz of humid air, the part that film formers keep out. */
    static final double FILM_GUARDS = .3;
    /** Of it, how much more humectants alone draw in. */
    static final double HUMECTANTS_DRAW = .4;
    /** Softness lost a °C of dew point below where air is dry: frost dries hair out. */
    static final double FROST_DRIES = .06;
    /** Frizz of the same under humectants alone. */
    static final double FROST_FRIZZES = .06;
    /** °C below from which it gets no worse. */
    static final double FROST_AT_MOST_C = 14;
    /** Volume that a parting in a line takes, at the crown and the hairline. */
    static final double PART_FLATTENS_TOP = .8;
    /** The same elsewhere. */
    static final double PART_FLATTENS = .25;
    /** Volume of roots that no styler is on. */
    static final double FREE_ROOTS_LIFT = .5;
    /** Days of the same: nothing weighs them down. */
    static final double FREE_ROOTS_LAST_DAYS = .35;
    /** Definition lost by the same, at the root. */
    static final double FREE_ROOTS_UNDEFINE = .2;
    /** Volume of a pick drawn through the lengths, more than at the root. */
    static final double PICK_THROUGH_LIFTS = .4;
    /** Definition lost by the same. */
    static final double PICK_THROUGH_UNDEFINES = 1;
    /** Frizz of the same. */
    static final double PICK_THROUGH_FRIZZES = .6;
    /** Volume of roots stretched, or dried under tension. */
    static final double STRETCH_LIFTS = .45;
    /** Definition lost by the same. */
    static final double STRETCH_UNDEFINES = .35;
    /** Of the shrinkage, this part is drawn out of roots dried under tension. */
    static final double TENSION_LENGTHENS = .12;
    /** Shrinkage of coils wound from the root, percent. */
    static final double COIL_SHRINKS = 4;
    /** Shrinkage of coils wound from mid to ends, percent. */
    static final double COILED_ENDS_SHRINK = 1;
    /** Clumping lost by scrunching what a brush has laid, on curls and coils. */
    static final double SCRUNCHED_AFTER_BRUSH = .7;
    /** Frizz of a rough towel. */
    static final double ROUGH_TOWEL_FRIZZES = .8;
    /** Clumping lost by it. */
    static final double ROUGH_TOWEL_UNCLUMPS = .6;
    /** Volume that a plop takes at the root: hair sets as it lies. */
    static final double PLOP_FLATTENS = .2;
    /** Clumping of the same. */
    static final double PLOP_CLUMPS = .15;
    /** Days lost without a cool finish: warm hair sets softly. */
    static final double NO_COOL_DROPS_DAYS = .12;
    /** Frizz of the same. */
    static final double NO_COOL_FRIZZES = .08;
    /** Softness lost by hot air with nothing to guard from it. */
    static final double UNGUARDED_ROUGHENS = .3;
    /** Frizz of the same. */
    static final double UNGUARDED_FRIZZES = .15;
    /** On damaged hair it is so many times worse. */
    static final double DAMAGED_WORSE = 2;
    /** Frizz of detangling from the root. */
    static final double TORN_FRIZZES = .4;
    /** Clumping lost by the same. */
    static final double TORN_UNCLUMPS = .2;
    /** Days within which protein comes too soon after protein [CP: fortnightly; weekly where a client thrives on it]. */
    static final double PROTEIN_TOO_SOON_DAYS = 7;
    /** Softness lost by it then. */
    static final double PROTEIN_TOO_SOON_STIFFENS = .8;
    /** Definition lost by it then. */
    static final double PROTEIN_TOO_SOON_UNDEFINES = .3;
    /** Shrinkage of protein on hair that wants it, percent: spring given back. */
    static final double PROTEIN_SPRINGS = 1.5;
    /** Definition lost a minute longer than fine hair bears of a mask. */
    static final double MASK_UNDEFINES = .03;
    /** Weight of a washing product that was never rinsed. */
    static final double UNRINSED_WEIGHS = 2;
    /** Volume lost by the same; half of it days. */
    static final double UNRINSED_FLATTENS = 1;
    /** Definition lost by the same. */
    static final double UNRINSED_UNDEFINES = .5;
    /** Softness lost by a cleanser that was never rinsed. */
    static final double UNRINSED_ROUGHENS = .8;
    /** Definition lost by drying hold in damp air, for each point of frizz that it costs. */
    static final double DAMP_AIR_UNDEFINES = .4;
    /** Hold lost by the same. */
    static final double DAMP_AIR_LOOSENS = .8;
    /** Hold lost by soaking it again. */
    static final double SOAKED_LOOSENS = 2;
    /** Definition lost by the same. */
    static final double SOAKED_UNDEFINES = .8;
    /** Frizz of the same. */
    static final double SOAKED_FRIZZES = .4;
    /** Of the typical shrinkage, the part that bleached lengths have lost. */
    static final double BLEACH_LENGTHENS = .15;
    /** Of the typical shrinkage, the part its own weight draws out, per natural logarithm of the length against the usual. */
    static final double LENGTH_DRAWS = .09;
    /** Volume lost to length, per the same. */
    static final double LENGTH_FLATTENS = .5;
    /** Length from which both are told, cm. */
    static final double USUAL_CM = 30;

    /** How slowly shape goes: it is down to about a third after so many times the days it lasts. */
    static final double WEAR_LASTS = 2;
    /** Of its own definition, what worn hair goes back to. */
    static final double BARE_AGAIN = .8;
    /** Volume that comes while shape goes. */
    static final double WORN_LIFTS = 1;
    /** Softness that comes with it. */
    static final double WORN_SOFTENS = 1.2;

    private DoingConstants() {}
}
