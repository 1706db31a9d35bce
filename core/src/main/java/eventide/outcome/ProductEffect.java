package eventide.outcome;

import static eventide.outcome.Constants.*;
import static eventide.outcome.ScoreName.*;

import eventide.check.Layer;
import eventide.check.Load;
import eventide.check.Wash;
import eventide.drying.Visit;
import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;

/** What is worn: hold, moisture, weight, and how well each met the water. */
final class ProductEffect implements Effect {
    @Override
    public void add(Wash wash, Reading hair, Ledger ledger) {
        Zone zone = ledger.zone();
        double put = hold(wash, zone, false);
        if (put > 0) {
            holds(
                    hold(wash, zone, true),
                    put,
                    hair,
                    strongest(wash, zone).product().name(),
                    ledger);
        }
        thin(wash, zone, ledger);
        foam(wash, zone, ledger);
        moisture(wash, hair, zone, ledger);
        for (Layer layer : wash.layersIn(zone)) {
            miss(layer, zone, ledger);
            if (layer.product().role() == Role.OIL) {
                oils(layer.product().name(), ledger);
            }
        }
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

    /** Fine hair is held by a light or medium gel, coarse asks for a strong one [CP; the figures OURS]. */
    private static double needed(Reading hair) {
        return hair.strand() == Strand.FINE ? FINE_NEEDS : hair.strand() == Strand.MEDIUM ? MEDIUM_NEEDS : COARSE_NEEDS;
    }

    /** Hold of all layers together, 0 to 10: the strongest, and a part of the next on what is left of the scale. */
    static double hold(Wash wash, Zone zone, boolean met) {
        double best = 0;
        double second = 0;
        for (Layer layer : wash.layersIn(zone)) {
            Product product = layer.product();
            double hold = counts(product) ? product.hold() * taken(layer.fullness()) * (met ? met(layer, zone) : 1) : 0;
            second = Math.max(second, Math.min(best, hold));
            best = Math.max(best, hold);
        }
        return together(best, second);
    }

    static boolean counts(Product product) {
        return product.role().holds()
                || product.role() == Role.SPRAY
                || product.role() == Role.CREAM
                || product.role() == Role.LEAVE_IN;
    }

    /** Hold of the strongest and the next, rising with either. */
    static double together(double best, double second) {
        return best + SECOND_HOLD_COUNTS * second * (1 - best / 10);
    }

    /** Of one product: what has a cast of its own, 0 where nothing is worn. */
    static double strongestHold(Wash wash, Zone zone) {
        Layer strongest = strongest(wash, zone);
        return strongest == null ? 0 : strongest.product().hold();
    }

    private static Layer strongest(Wash wash, Zone zone) {
        Layer strongest = null;
        for (Layer layer : wash.layersIn(zone)) {
            if (strongest == null
                    || layer.product().hold() > strongest.product().hold()) {
                strongest = layer;
            }
        }
        return strongest;
    }

    /** What an amount does against the advised one: nothing for none, 1 for as advised, at most a fifth more. */
    static double taken(double fullness) {
        return AMOUNT_AT_MOST * (1 - Math.exp(-AMOUNT_SATURATES * fullness));
    }

    /** What is left of hold where hair was outside the window, 1 inside it. */
    private static double met(Layer layer, Zone zone) {
        return Math.exp(-Math.abs(missed(layer, zone)) / MISS_HALVES_HOLD);
    }

    /** Percent outside the window in a zone, 0 inside; negative where too dry. */
    private static double missed(Layer layer, Zone zone) {
        double wetness = 0;
        int n = 0;
        for (Visit visit : layer.visits()) {
            if (visit.isIn(zone)) {
                wetness += visit.wetness(zone);
                n++;
            }
        }
        if (n == 0) {
            return 0;
        }
        wetness /= n;
        Product product = layer.product();
        return wetness < product.windowLow()
                ? wetness - product.windowLow()
                : Math.max(0, wetness - product.windowHigh());
    }

    private static void miss(Layer layer, Zone zone, Ledger ledger) {
        if (layer.product().role().kind() == Role.Kind.FINISH || layer.product().role() == Role.OIL) {
            return;
        }
        double missed = missed(layer, zone);
        double by = Math.min(MOST_MISS_PERCENT, Math.abs(missed));
        if (by > 0) {
            String because = layer.product().name() + (missed < 0 ? " met hair too dry" : " met hair too wet");
            ledger.add(DEFINITION, -MISS_UNDEFINES * by, because);
            ledger.add(CLUMPING, -MISS_UNCLUMPS * by, because);
            ledger.add(FRIZZ, (missed < 0 ? 1 : WET_MISS_FRIZZES) * MISS_FRIZZES * by, because);
        }
    }

    /** Every strand coated [CP]: what is spread thin leaves some bare. */
    private static void thin(Wash wash, Zone zone, Ledger ledger) {
        double full = 0;
        for (Layer layer : wash.layersIn(zone)) {
            full += layer.holds() ? layer.fullness() : 0;
        }
        if (full > 0 && full < 1 && !wash.isRefresh()) {
            thin(full, ledger);
        }
    }

    static void thin(double full, Ledger ledger) {
        ledger.add(DEFINITION, -THIN_UNDEFINES * (1 - full), "hold spread thin");
        ledger.add(FRIZZ, THIN_FRIZZES * (1 - full), "hold spread thin");
    }

    static void oils(String name, Ledger ledger) {
        ledger.add(SOFTNESS, OIL_SOFTENS, name + ", oil");
        ledger.add(FRIZZ, -OIL_CALMS_FRIZZ, name + ", oil");
    }

    static void foams(String name, Ledger ledger) {
        ledger.add(VOLUME, FOAM_LIFTS, name + ", foam");
    }

    private static void foam(Wash wash, Zone zone, Ledger ledger) {
        for (Layer layer : wash.layersIn(zone)) {
            if (layer.product().role() == Role.MOUSSE) {
                foams(layer.product().name(), ledger);
            }
        }
    }

    private static void moisture(Wash wash, Reading hair, Zone zone, Ledger ledger) {
        moistens(Load.richness(wash, zone), Bearing.of(wash, hair), hair, ledger);
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
        ledger.add(WEIGHT, BORNE_WEIGHS * ratio, "richness against what this hair bears");
        ledger.add(
                VOLUME,
                -RICHNESS_FLATTENS * Math.min(worn, borne) * (RICHNESS_USUAL / Math.max(RICHNESS_LEAST, borne)),
                "richness worn");
        double over = Math.min(OVERLOAD_AT_MOST, Math.max(0, ratio - 1));
        ledger.add(VOLUME, -OVERLOAD_FLATTENS * over, "more richness than it bears");
        ledger.add(DEFINITION, -OVERLOAD_UNDEFINES * over, "more richness than it bears");
        ledger.add(DAYS, -OVERLOAD_DAYS * over, "more richness than it bears");
    }
}
