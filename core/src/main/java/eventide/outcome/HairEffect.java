package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;
import static eventide.wash.ScoreName.*;

import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.wash.Features;
import eventide.wash.Wash;

/** What the hair does by itself, wet, combed and left to dry. */
final class HairEffect implements Effect {
    @Override
    public void add(Wash wash, Features features, Reading hair, Ledger ledger) {
        Pattern pattern = hair.pattern();
        String word = pattern.isStraight() ? "straight here" : pattern.word() + " by nature";
        ledger.add(
                DEFINITION,
                pattern.isStraight()
                        ? STRAIGHT_DEFINES
                        : pattern.isWavy() ? WAVES_DEFINE : pattern.isCurly() ? CURLS_DEFINE : COILS_DEFINE,
                word);
        ledger.add(
                CLUMPING,
                pattern.isStraight()
                        ? STRAIGHT_CLUMPS
                        : pattern.isWavy() ? WAVES_CLUMP : pattern.isCurly() ? CURLS_CLUMP : COILS_CLUMP,
                word);
        ledger.add(FRIZZ, BARE_FRIZZES + TIGHT_FRIZZES * pattern.tightness(), word);
        ledger.add(
                SHRINKAGE,
                hair.shrinkage() * 100,
                !wash.hair().isMeasured(ledger.zone()) ? "typical of " + pattern.word() : "by the ruler");
        length(wash, hair, ledger);
        ledger.add(VOLUME, BARE_STANDS + TIGHT_STANDS * pattern.tightness(), word);
        ledger.add(SOFTNESS, CLEAN_SOFT, "clean hair");
        ledger.add(DAYS, ANY_LASTS_DAYS, "any wash-and-go");
        strand(hair, ledger);
        if (hair.porosity() == Porosity.HIGH) {
            ledger.add(FRIZZ, POROUS_FRIZZES, "high porosity swells in the air");
            ledger.add(SOFTNESS, -POROUS_ROUGH, "high porosity feels rough");
        } else if (hair.porosity() == Porosity.LOW) {
            ledger.add(FRIZZ, -CLOSED_CALMS_FRIZZ, "low porosity lies smooth");
        }
        if (hair.density() != Density.MEDIUM) {
            ledger.add(
                    VOLUME,
                    hair.density() == Density.HIGH ? DENSE_STANDS : -SPARSE_LIES,
                    hair.density() == Density.HIGH ? "dense hair" : "thin density");
        }
        if (hair.condition().contains(Condition.BLEACHED)) {
            ledger.add(DEFINITION, -BLEACH_UNDEFINES, "bleached lengths have lost spring");
            ledger.add(FRIZZ, BLEACH_FRIZZES, "bleached lengths");
            if (!wash.hair().isMeasured(ledger.zone())) {
                ledger.add(SHRINKAGE, -BLEACH_LENGTHENS * hair.shrinkage() * 100, "bleached lengths have lost spring");
            }
        }
        if (hair.condition().contains(Condition.HEAT_DAMAGED)
                || hair.condition().contains(Condition.CHEMICALLY_STRAIGHTENED)) {
            ledger.add(DEFINITION, -HEAT_UNDEFINES, "straightened or heat-damaged lengths");
        }
        if (hair.condition().contains(Condition.OVER_SOFT)) {
            ledger.add(VOLUME, -OVER_SOFT_LIES, "over-soft hair will not stand");
            ledger.add(DAYS, -OVER_SOFT_DROPS_DAYS, "over-soft hair drops its shape");
        }
        if (hair.condition().contains(Condition.BRITTLE)) {
            ledger.add(SOFTNESS, -BRITTLE_ROUGH, "brittle lengths");
        }
    }

    /** Its own weight draws long hair down; what a ruler has measured has been drawn already. */
    private static void length(Wash wash, Reading hair, Ledger ledger) {
        double longer = Math.log(hair.lengthCm() / USUAL_CM);
        String because = longer > 0 ? "its own length weighs on it" : "short hair springs";
        ledger.add(VOLUME, -LENGTH_FLATTENS * longer, because);
        if (!wash.hair().isMeasured(ledger.zone())) {
            ledger.add(SHRINKAGE, -LENGTH_DRAWS * longer * hair.shrinkage() * 100, because);
        }
    }

    /** Fine strands lie, coarse ones stand: medium is what the figures are measured against. */
    private static void strand(Reading hair, Ledger ledger) {
        if (hair.strand() == Strand.FINE) {
            ledger.add(VOLUME, -FINE_LIES, "fine strands lie close");
            ledger.add(SOFTNESS, FINE_SOFT, "fine strands");
        } else if (hair.strand() == Strand.COARSE) {
            ledger.add(VOLUME, COARSE_STANDS, "coarse strands stand off");
            ledger.add(SOFTNESS, -COARSE_ROUGH, "coarse strands");
            ledger.add(CLUMPING, -COARSE_UNCLUMPS, "coarse strands are hard to clump");
        }
    }
}
