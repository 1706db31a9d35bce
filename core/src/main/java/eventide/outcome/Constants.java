package eventide.outcome;

/**
 * The constants of the outcome model for the hair itself, what is worn and what came before styling, in points of a score unless
 * said otherwise. All [OURS]: signs and order follow the trade's common practice, sizes are ours to tune while every direction in
 * the tests holds. What each does stands beside it, and word for word in {@code docs/how-it-judges.md}.
 */
final class Constants {
    // Hair, wet, combed and left to dry

    /** Definition of straight hair by itself. */
    static final double STRAIGHT_DEFINES = .8;
    /** Definition of waves by themselves. */
    static final double WAVES_DEFINE = 2.6;
    /** Definition of curls by themselves. */
    static final double CURLS_DEFINE = 3.6;
    /** Definition of coils by themselves. */
    static final double COILS_DEFINE = 3;
    /** Clumping of straight hair by itself. */
    static final double STRAIGHT_CLUMPS = 2.5;
    /** Clumping of waves by themselves. */
    static final double WAVES_CLUMP = 3.4;
    /** Clumping of curls by themselves. */
    static final double CURLS_CLUMP = 3.6;
    /** Clumping of coils by themselves: many thin ones. */
    static final double COILS_CLUMP = 2.6;
    /** Frizz of the loosest hair by itself. */
    static final double BARE_FRIZZES = 4.4;
    /** Frizz more, from the loosest pattern to the tightest. */
    static final double TIGHT_FRIZZES = 1.6;
    /** Volume of the loosest hair by itself. */
    static final double BARE_STANDS = 2.6;
    /** Volume more, from the loosest pattern to the tightest. */
    static final double TIGHT_STANDS = 1.8;
    /** Softness of clean hair. */
    static final double CLEAN_SOFT = 5.6;
    /** Days that any wash-and-go lasts. */
    static final double ANY_LASTS_DAYS = 1.2;
    /** Volume that fine strands lack: they lie close. */
    static final double FINE_LIES = .3;
    /** Softness of fine strands. */
    static final double FINE_SOFT = .6;
    /** Volume of coarse strands: they stand off. */
    static final double COARSE_STANDS = .7;
    /** Softness that coarse strands lack. */
    static final double COARSE_ROUGH = .8;
    /** Clumping that coarse strands lack. */
    static final double COARSE_UNCLUMPS = .4;
    /** Frizz of high porosity: it swells in the air. */
    static final double POROUS_FRIZZES = .9;
    /** Softness that high porosity lacks. */
    static final double POROUS_ROUGH = .7;
    /** Frizz that low porosity is spared: it lies smooth. */
    static final double CLOSED_CALMS_FRIZZ = .4;
    /** Volume of dense hair. */
    static final double DENSE_STANDS = 1;
    /** Volume that thin density lacks. */
    static final double SPARSE_LIES = .8;
    /** Definition that bleached lengths have lost. */
    static final double BLEACH_UNDEFINES = .8;
    /** Frizz of bleached lengths. */
    static final double BLEACH_FRIZZES = .7;
    /** Definition that straightened or heat-damaged lengths have lost. */
    static final double HEAT_UNDEFINES = 1;
    /** Volume that over-soft hair lacks. */
    static final double OVER_SOFT_LIES = .5;
    /** Days that over-soft hair holds its shape less. */
    static final double OVER_SOFT_DROPS_DAYS = .3;
    /** Softness that brittle lengths lack. */
    static final double BRITTLE_ROUGH = .8;

    // Hold

    /** Definition a point of hold; half of it clumping. */
    static final double HOLD_DEFINES = .36;
    /** Frizz that a point of hold takes. */
    static final double HOLD_CALMS_FRIZZ = .26;
    /** Volume that a point of hold takes. */
    static final double HOLD_FLATTENS = .07;
    /** Days a point of hold. */
    static final double HOLD_LASTS_DAYS = .32;
    /** Hold from which softness is lost. */
    static final double HOLD_CRUNCHES_FROM = 4;
    /** Softness lost a point of hold from there. */
    static final double HOLD_CRUNCHES = .45;
    /** Hold that fine hair needs, of 10. */
    static final double FINE_NEEDS = 4.5;
    /** Hold that medium hair needs, of 10. */
    static final double MEDIUM_NEEDS = 6.5;
    /** Hold that coarse hair needs, of 10. */
    static final double COARSE_NEEDS = 8.5;
    /** Of hold past what this hair needs, this much still defines, calms and lasts. */
    static final double HOLD_PAST_NEED = .35;
    /** Softness lost a point of hold past what this hair needs. */
    static final double HOLD_EXCESS_CRUNCHES = .7;
    /** Volume lost with it on fine hair. */
    static final double HOLD_EXCESS_FLATTENS_FINE = .6;
    /** Definition lost for all of the hold that is left out against the advised amount: strands that got none of it. */
    static final double THIN_UNDEFINES = 1.6;
    /** Frizz for the same. */
    static final double THIN_FRIZZES = 1.2;
    /** Volume of foam. */
    static final double FOAM_LIFTS = .9;

    // Moisture and weight

    /** Softness of all the moisture there can be. */
    static final double MOISTURE_SOFTENS = 2.2;
    /** Frizz that it takes from the driest hair. */
    static final double MOISTURE_CALMS_FRIZZ = 2.4;
    /** Clumping of all the slip there can be. */
    static final double MOISTURE_CLUMPS = 1.5;
    /** Definition that it gives the driest hair. */
    static final double MOISTURE_DEFINES = .6;
    /** How soon more moisture does no more, by what this hair bears. */
    static final double MOISTURE_SATURATES = 1.6;
    /** How dry fine strands are, against coarse. */
    static final double FINE_DRY = .35;
    /** The same of medium strands. */
    static final double MEDIUM_DRY = .65;
    /** How much drier high porosity is than medium. */
    static final double POROUS_DRY = 1.25;
    /** The same of low porosity. */
    static final double CLOSED_DRY = .8;
    /** How dry the loosest pattern is. */
    static final double LOOSE_DRY = .7;
    /** How much drier the tightest is: oil does not travel along it. */
    static final double TIGHT_DRY = .6;
    /** Weight of as much richness as this hair bears, of 10. */
    static final double BORNE_WEIGHS = 5;
    /** Volume that a point of richness takes, on hair that bears as much as below. */
    static final double RICHNESS_FLATTENS = .16;
    /** Points of richness that such hair bears. */
    static final double RICHNESS_USUAL = 9;
    /** Hair that bears less than this loses no more volume by it. */
    static final double RICHNESS_LEAST = 4.5;
    /** In humid air hair bears less richness: this part less a °C of dew point over where it is humid [CP: drop the cream]. */
    static final double HUMID_BEARS_LESS = .05;
    /** At most this part less. */
    static final double HUMID_BEARS_AT_MOST = .3;
    /** In dry air it bears more: this part more a °C of dew point under the one below [CP: cream under gel]. */
    static final double DRY_BEARS_MORE = .02;
    /** At most this part more. */
    static final double DRY_BEARS_AT_MOST = .2;
    /** Dew point below which air is dry, °C [CP]. */
    static final double DRY_BELOW_C = 2;
    /** Days that as much richness as this hair bears takes: it gives by its weight. */
    static final double RICHNESS_DROPS_DAYS = .3;
    /** Volume lost for as much again as this hair bears. */
    static final double OVERLOAD_FLATTENS = 2.6;
    /** Definition lost for the same. */
    static final double OVERLOAD_UNDEFINES = 1.3;
    /** Days lost for the same. */
    static final double OVERLOAD_DAYS = 1.8;
    /** More too rich than so many times what this hair bears is no worse. */
    static final double OVERLOAD_AT_MOST = 2;
    /** Softness of an oil. */
    static final double OIL_SOFTENS = .5;
    /** Frizz that an oil takes. */
    static final double OIL_CALMS_FRIZZ = .3;

    // Care before styling

    /** Softness of a mask, in full on the driest hair. */
    static final double MASK_SOFTENS = 1.3;
    /** Frizz that it takes. */
    static final double MASK_CALMS_FRIZZ = .8;
    /** How dry any hair is, of 1, for a mask or a clarifier. */
    static final double CARE_ANY_DRY = .42;
    /** More of it where porosity is high. */
    static final double CARE_POROUS_DRY = .4;
    /** More of it on coarse strands. */
    static final double CARE_COARSE_DRY = .4;
    /** More of it on damaged hair. */
    static final double CARE_DAMAGED_DRY = .3;
    /** Minutes in which about two thirds of what a mask can do are done, after the shampoo. */
    static final double MASK_MINUTES = 6;
    /** The same before the shampoo. */
    static final double MASK_BEFORE_MINUTES = 18;
    /** Under a cap with heat or steam a mask works so many times as fast. */
    static final double HEAT_CAP_SPEEDS = 1.6;
    /** Minutes that fine hair bears of a mask after the shampoo. */
    static final double FINE_BEARS_MINUTES = 2;
    /** Minutes after which a mask makes it no limper. */
    static final double MASK_LIMPS_AT_MOST = 20;
    /** Volume lost a minute longer than fine hair bears; half of it days. */
    static final double MASK_LIMPS = .12;
    /** Definition, volume and days of protein on over-soft or bleached hair. */
    static final double PROTEIN_DEFINES = .6;
    /** Softness lost by protein. */
    static final double PROTEIN_STIFFENS = .5;
    /** Of that, this much where protein is wanted. */
    static final double PROTEIN_WANTED_STIFFENS = .5;
    /** Minutes in which about two thirds of a protein treatment are done. */
    static final double PROTEIN_MINUTES = 10;
    /** Definition and volume lost to build-up that nothing in the wash takes off; half of it softness. */
    static final double RESIDUE = .8;
    /** Softness lost by clarifying, in full on the driest hair. */
    static final double CLARIFIER_DRIES = .4;

    // Wetness at the styler

    /** Definition lost a percent outside a styler's window. */
    static final double MISS_UNDEFINES = .045;
    /** Clumping lost for the same. */
    static final double MISS_UNCLUMPS = .055;
    /** Frizz for the same where hair was too dry. */
    static final double MISS_FRIZZES = .045;
    /** Of that, this much where it was too wet. */
    static final double WET_MISS_FRIZZES = .5;
    /** Percent outside a window from which it gets no worse. */
    static final double MOST_MISS_PERCENT = 40;

    private Constants() {}
}
