package eventide.outcome;

import static eventide.outcome.ScoreName.*;

import eventide.check.Wash;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;

/** What the hair does by itself, wet, combed and left to dry. */
final class HairEffect implements Effect {
    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        Pattern pattern = hair.pattern();
        String word = pattern.isStraight() ? "straight here" : pattern.word() + " by nature";
        ledger.add(
                DEFINITION, pattern.isStraight() ? .8 : pattern.isWavy() ? 2.6 : pattern.isCurly() ? 3.6 : 3.0, word);
        ledger.add(CLUMPING, pattern.isStraight() ? 2.5 : pattern.isWavy() ? 3.4 : pattern.isCurly() ? 3.6 : 2.6, word);
        ledger.add(FRIZZ, 4.4 + 1.6 * pattern.tightness(), word);
        ledger.add(
                SHRINKAGE,
                hair.shrinkage() * 100,
                wash.hair().measured() == null ? "typical of " + pattern.word() : "by the ruler");
        ledger.add(VOLUME, 2.6 + 1.8 * pattern.tightness(), word);
        ledger.add(SOFTNESS, 5.6, "clean hair");
        ledger.add(DAYS, 1.2, "any wash-and-go");
        strand(hair, ledger);
        if (hair.porosity() == Porosity.HIGH) {
            ledger.add(FRIZZ, .9, "high porosity swells in the air");
            ledger.add(SOFTNESS, -.7, "high porosity feels rough");
        } else if (hair.porosity() == Porosity.LOW) {
            ledger.add(FRIZZ, -.4, "low porosity lies smooth");
        }
        if (hair.density() != Density.MEDIUM) {
            ledger.add(
                    VOLUME,
                    hair.density() == Density.HIGH ? 1 : -.8,
                    hair.density() == Density.HIGH ? "dense hair" : "thin density");
        }
        if (hair.condition().contains(Condition.BLEACHED)) {
            ledger.add(DEFINITION, -.8, "bleached lengths have lost spring");
            ledger.add(FRIZZ, .7, "bleached lengths");
        }
        if (hair.condition().contains(Condition.HEAT_DAMAGED)
                || hair.condition().contains(Condition.CHEMICALLY_STRAIGHTENED)) {
            ledger.add(DEFINITION, -1, "straightened or heat-damaged lengths");
        }
        if (hair.condition().contains(Condition.OVER_SOFT)) {
            ledger.add(VOLUME, -.5, "over-soft hair will not stand");
            ledger.add(DAYS, -.3, "over-soft hair drops its shape");
        }
        if (hair.condition().contains(Condition.BRITTLE)) {
            ledger.add(SOFTNESS, -.8, "brittle lengths");
        }
    }

    private static void strand(Reading hair, Ledger ledger) {
        if (hair.strand() == Strand.FINE) {
            ledger.add(VOLUME, -.3, "fine strands lie close");
            ledger.add(SOFTNESS, .6, "fine strands");
        } else if (hair.strand() == Strand.COARSE) {
            ledger.add(VOLUME, .7, "coarse strands stand off");
            ledger.add(SOFTNESS, -.8, "coarse strands");
            ledger.add(CLUMPING, -.4, "coarse strands are hard to clump");
        }
    }
}
