package eventide.drying;

import eventide.hair.HairMass;
import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Half;

/**
 * A piece of the head that is worked as one: part of one half of one zone. Its water stands in three places: in the
 * lengths, in the roots, and as a film misted on the outer hair. All in percent of its own capacity.
 */
final class Cell {
    /** Hair this near the scalp counts as root, cm [OURS]. */
    private static final double ROOT_CM = 5;

    /** Of a cell's hair that lies at the roots, however short it is [OURS]. */
    private static final double MOST_ROOT_SHARE = .4;

    final Zone zone;
    /** Null where the zone is not told apart into halves. */
    final Half half;

    final Reading reading;
    /** Dry hair in g. */
    final double grams;

    final double rootShare;
    /** Grams of water that one percent stands for, lengths and roots together. */
    final double gramsPerPercent;
    /** Ease of the falling period, 1 for medium porosity. */
    final double release;
    /** How well a dryer reaches hair this dense. */
    final double dryerReach;
    /** The share of a dryer's air that reaches the roots. */
    final double rootsUnderDryer;
    /** Percent lost a minute in still reference air while fully wet, lengths. */
    final double airRate;
    /** How freely air reaches the roots, against the lengths, from 0 to 1. */
    final double rootOpenness;

    double lengths;
    double roots;
    double film;

    boolean covered;
    boolean clipped;

    /**
     * @param half null where no step tells the halves apart
     * @param grams of dry hair
     * @param relativeHumidity of the room, percent: hair holds more where air is damp
     */
    Cell(Zone zone, Half half, Reading reading, double grams, double relativeHumidity) {
        this.zone = zone;
        this.half = half;
        this.reading = reading;
        this.grams = grams;
        double meanCm = reading.lengthCm() * HairMass.LAYERING;
        rootShare = Math.min(MOST_ROOT_SHARE, ROOT_CM / meanCm);
        double capacity = Fibre.capacity(reading.porosity(), relativeHumidity);
        gramsPerPercent = grams * capacity / 100;
        release = Fibre.release(reading.porosity());
        dryerReach = DryingConstants.reachOfDryer(reading.density());
        rootsUnderDryer = DryingConstants.rootsUnderDryer(reading.density());
        double headGrams = HairMass.grams(reading);
        airRate = DryingConstants.airRate(headGrams, zone) / capacity * 100;
        rootOpenness = DryingConstants.rootOpenness(headGrams, reading.shrinkage());
    }

    /**
     * A piece of a cell, alike in everything but its weight.
     *
     * @param share of the whole's weight, over 0 to 1
     */
    Cell(Cell whole, double share) {
        zone = whole.zone;
        half = whole.half;
        reading = whole.reading;
        grams = whole.grams * share;
        rootShare = whole.rootShare;
        release = whole.release;
        dryerReach = whole.dryerReach;
        rootsUnderDryer = whole.rootsUnderDryer;
        gramsPerPercent = whole.gramsPerPercent * share;
        airRate = whole.airRate;
        rootOpenness = whole.rootOpenness;
    }

    /** Percent wet along the lengths, film and all. */
    double lengthsWetness() {
        return Math.min(100, lengths + film);
    }

    /** Percent wet, roots and lengths by their share of the hair. */
    double wetness() {
        return rootShare * roots + (1 - rootShare) * lengthsWetness();
    }

    /**
     * Minutes until its lengths and its roots are dry with nothing over them.
     *
     * @param room as {@link AirStream#strength} gives it for air that stands still
     */
    double minutesToDry(double room) {
        double rootRate = airRate * room * Math.min(DryingConstants.ROOTS_AT_MOST, rootOpenness);
        return Math.max(
                Evaporation.minutesTo(Wetness.DRY_BELOW, lengthsWetness(), airRate * room, release),
                Evaporation.minutesTo(Wetness.DRY_BELOW, roots, rootRate, release));
    }

    /** Under the tap: all it can hold. Droplets of a mist are part of that. */
    void soak() {
        lengths = 100;
        roots = 100;
        film = 0;
    }

    /** Raises the lengths (and the roots where they are reached) to a level; never lowers. */
    void wetTo(double percent, boolean reachLengths, boolean reachRoots) {
        if (reachLengths && percent > lengthsWetness()) {
            film = 0;
            lengths = percent;
        }
        if (reachRoots && percent > roots) {
            roots = percent;
        }
    }

    /** Puts droplets on the outer hair until the lengths stand at this level; never lowers. */
    void mistTo(double percent) {
        double lift = percent - lengthsWetness();
        if (lift <= 0) {
            return;
        }
        // Droplets run into hair that is wet anyway, and where the outer hair holds no more of them.
        double holds = lengths > DryingConstants.CRITICAL ? 0 : Math.max(0, DryingConstants.MIST_LIFT - film);
        double stays = Math.min(lift, holds);
        film += stays;
        lengths += lift - stays;
    }

    /** Takes water out of the lengths (and, less, the roots) down to a level; never raises. */
    void pressTo(double percent) {
        double now = lengthsWetness();
        if (percent >= now) {
            return;
        }
        film = Math.min(film, percent);
        lengths = percent - film;
        double taken = (now - percent) * DryingConstants.ROOTS_PRESSED;
        roots = Math.max(Math.min(roots, percent), roots - taken);
    }
}
