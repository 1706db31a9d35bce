package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.DoingConstants.*;
import static eventide.wash.ScoreName.*;

import eventide.drying.Wetness;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Role;
import eventide.wash.Features;
import eventide.wash.HoldWorn;
import eventide.wash.Layer;
import eventide.wash.TouchUp;
import eventide.wash.Wash;

/** What is worn: hold, moisture, weight, and how well each met the water. */
final class ProductEffect implements Effect {
    @Override
    public void add(Wash wash, Features features, Reading hair, Ledger ledger) {
        Zone zone = ledger.zone();
        Layer strongest = HoldWorn.strongest(wash, zone);
        OtherStylers.Worn worn = new OtherStylers.Worn(
                features.holdMet(),
                features.richness(),
                features.filmFormers(),
                features.humectants(),
                features.foam(),
                wash.isRefresh() ? Math.max(1, features.holdFullness()) : features.holdFullness(),
                features.coated());
        Bearing bearing = Bearing.of(wash, features.richnessBorne());
        String name = strongest == null ? "" : strongest.product().name();
        stylers(worn, features.holdPutOn(), bearing, hair, name, foam(wash, zone, ledger), ledger);
        for (Layer layer : wash.layersIn(zone)) {
            if (!TouchUp.onFrizz(wash, layer)) {
                miss(layer, zone, ledger);
            }
            betweenRounds(wash, layer, ledger);
            if (layer.product().role() == Role.OIL) {
                oils(layer.product().name(), ledger);
            }
        }
    }

    /**
     * All that scores rest on of the stylers themselves.
     *
     * @param put hold that was put on, whatever met its water
     * @param name of the strongest of them
     * @param foam the name of the foam among them
     */
    static void stylers(
            OtherStylers.Worn worn,
            double put,
            Bearing bearing,
            Reading hair,
            String name,
            String foam,
            Ledger ledger) {
        if (put > 0) {
            holds(worn.hold(), put, hair, name, ledger);
        }
        if (worn.full() > 0 && worn.full() < 1) {
            thin(worn.full(), ledger);
        }
        thick(worn.full(), ledger);
        coats(worn.coated(), ledger);
        if (worn.foam()) {
            ledger.add(VOLUME, FOAM_LIFTS, foam);
        }
        moistens(worn.richness(), bearing, hair, ledger);
    }

    /**
     * What hold does, every piece rising or falling with it all the way.
     *
     * @param hold what met its water: diluted or half spread it holds less
     * @param put what was put on: it stiffens and weighs all the same
     */
    static void holds(double hold, double put, Reading hair, String name, Ledger ledger) {
        String by = ledger.isExplained() ? name + ", hold" : name;
        String past = ledger.isExplained() ? by + " past what this hair needs" : name;
        ledger.add(HOLD, hold, by);
        double useful = Math.min(hold, needed(hair)) + HOLD_PAST_NEED * Math.max(0, hold - needed(hair));
        ledger.add(DEFINITION, HOLD_DEFINES * useful, by);
        ledger.add(CLUMPING, HOLD_DEFINES / 2 * useful, by);
        ledger.add(FRIZZ, -HOLD_CALMS_FRIZZ * useful, by);
        ledger.add(VOLUME, -HOLD_FLATTENS * put, by);
        ledger.add(DAYS, HOLD_LASTS_DAYS * useful, by);
        ledger.add(SOFTNESS, -HOLD_CRUNCHES * Math.max(0, put - HOLD_CRUNCHES_FROM), by);
        double excess = Math.max(0, put - needed(hair));
        ledger.add(SOFTNESS, -HOLD_EXCESS_CRUNCHES * excess, past);
        if (hair.strand() == Strand.FINE) {
            ledger.add(VOLUME, -HOLD_EXCESS_FLATTENS_FINE * excess, past);
        }
    }

    /**
     * Fine hair is held by a light or medium gel, coarse asks for a strong one [CP; the figures OURS].
     *
     * @return of a hold from 0 to 10
     */
    private static double needed(Reading hair) {
        return hair.strand() == Strand.FINE ? FINE_NEEDS : hair.strand() == Strand.MEDIUM ? MEDIUM_NEEDS : COARSE_NEEDS;
    }

    /**
     * A styler that met hair outside its window spreads badly: less defined, less clumped, by the points of water it missed.
     * Oils and finishes are for dry hair and have none.
     */
    private static void miss(Layer layer, Zone zone, Ledger ledger) {
        if (layer.product().role().kind() == Role.Group.FINISH
                || layer.product().role() == Role.OIL) {
            return;
        }
        double missed = HoldWorn.missed(layer, zone);
        double by = Math.min(MOST_MISS_PERCENT, Math.abs(missed));
        if (by > 0) {
            String because = layer.product().name() + (missed < 0 ? " met hair too dry" : " met hair too wet");
            ledger.add(DEFINITION, -MISS_UNDEFINES * by, because);
            ledger.add(CLUMPING, -MISS_UNCLUMPS * by, because);
            ledger.add(FRIZZ, (missed < 0 ? 1 : WET_MISS_FRIZZES) * MISS_FRIZZES * by, because);
        }
    }

    /** Every strand coated [CP]: what is spread thin leaves some bare. */
    static void thin(double full, Ledger ledger) {
        ledger.add(DEFINITION, -THIN_UNDEFINES * (1 - full), "hold spread thin");
        ledger.add(FRIZZ, THIN_FRIZZES * (1 - full), "hold spread thin");
    }

    /** Much more hold than advised is stiff, whatever the bottle says [CP: crunch]. */
    private static void thick(double full, Ledger ledger) {
        double over = Math.min(THICK_AT_MOST, Math.max(0, full - THICK_FROM));
        ledger.add(SOFTNESS, -THICK_CRUNCHES * over, "more hold than this hair takes");
        ledger.add(VOLUME, -THICK_FLATTENS * over, "more hold than this hair takes");
    }

    /** Every strand coated lies by the next: any one layer does that [CP]. */
    static void coats(double part, Ledger ledger) {
        ledger.add(DEFINITION, COAT_DEFINES * part, "strands coated");
        ledger.add(FRIZZ, -COAT_CALMS_FRIZZ * part, "strands coated");
    }

    /** Oil or cream on hair that has its hold on, between dryer rounds: it shines, and gives a little [CP]. */
    private static void betweenRounds(Wash wash, Layer layer, Ledger ledger) {
        boolean gives = layer.product().role() == Role.OIL || layer.product().role() == Role.CREAM;
        Layer hold = gives ? wash.lastHoldBefore(layer.startMinute()) : null;
        if (hold == null || layer.visits().get(0).wetness() <= Wetness.DRY_BELOW) {
            return;
        }
        boolean set = layer.startMinute() >= wash.firstCastMinute();
        String because = ledger.isExplained() ? layer.product().name() + " over hold" : "";
        ledger.add(HOLD, -(set ? OVER_SET_LOOSENS : OVER_WET_LOOSENS), because);
        if (!set) {
            ledger.add(DEFINITION, -OVER_WET_UNDEFINES, because);
            ledger.add(FRIZZ, OVER_WET_FRIZZES, because);
        }
    }

    /** A drop of oil softens, calms and weighs, whatever else is on. */
    static void oils(String name, Ledger ledger) {
        ledger.add(SOFTNESS, OIL_SOFTENS, name + ", oil");
        ledger.add(FRIZZ, -OIL_CALMS_FRIZZ, name + ", oil");
        ledger.add(WEIGHT, OIL_WEIGHS, name + ", oil");
    }

    private static String foam(Wash wash, Zone zone, Ledger ledger) {
        return !ledger.isExplained()
                ? ""
                : wash.layersIn(zone).stream()
                        .filter(layer -> layer.product().role() == Role.MOUSSE)
                        .findFirst()
                        .map(layer -> layer.product().name() + ", foam")
                        .orElse("");
    }

    /** What this much richness does, every piece rising or falling with it all the way. */
    static void moistens(double worn, Bearing bearing, Reading hair, Ledger ledger) {
        if (worn <= 0) {
            return;
        }
        double dryness = (hair.strand() == Strand.COARSE ? 1 : hair.strand() == Strand.FINE ? FINE_DRY : MEDIUM_DRY)
                * (hair.porosity() == Porosity.HIGH ? POROUS_DRY : hair.porosity() == Porosity.LOW ? CLOSED_DRY : 1)
                * (LOOSE_DRY + TIGHT_DRY * hair.pattern().tightness());
        double fed = 1 - Math.exp(-MOISTURE_SATURATES * worn / bearing.anywhere());
        ledger.add(SOFTNESS, MOISTURE_SOFTENS * fed, "moisture worn");
        ledger.add(FRIZZ, -MOISTURE_CALMS_FRIZZ * dryness * fed, "moisture worn");
        ledger.add(CLUMPING, MOISTURE_CLUMPS * fed, "slip and moisture");
        ledger.add(DEFINITION, MOISTURE_DEFINES * dryness * fed, "slip and moisture");
        double borne = bearing.here();
        double ratio = worn / borne;
        ledger.add(
                SHRINKAGE,
                -WEIGHT_LENGTHENS * Math.min(1, ratio) * hair.shrinkage() * 100,
                "drawn down by what is worn");
        ledger.add(WEIGHT, BORNE_WEIGHS * ratio, "richness against what this hair bears");
        ledger.add(
                VOLUME,
                -RICHNESS_FLATTENS * Math.min(worn, borne) * (RICHNESS_USUAL / Math.max(RICHNESS_LEAST, borne)),
                "richness worn");
        ledger.add(DAYS, -RICHNESS_DROPS_DAYS * Math.min(1, ratio), "richness worn");
        double over = Math.min(OVERLOAD_AT_MOST, Math.max(0, ratio - 1));
        ledger.add(VOLUME, -OVERLOAD_FLATTENS * over, "more richness than it bears");
        ledger.add(DEFINITION, -OVERLOAD_UNDEFINES * over, "more richness than it bears");
        ledger.add(DAYS, -OVERLOAD_DAYS * over, "more richness than it bears");
    }
}
