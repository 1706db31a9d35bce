package eventide.drying;

import static eventide.drying.DryingConstants.*;

import eventide.routine.Action;
import eventide.routine.Part;
import eventide.routine.Step;
import eventide.routine.Tool;
import java.util.Arrays;

/** What a step does to water while it lasts: the rate for each cell, and the ceiling its heat sets. */
final class Flow {
    private final Cell[] cells;
    private final Step step;
    private final Action action;
    private final boolean machine;
    private final boolean rootsOnly;
    private final boolean pastRoots;
    /** A dryer in a hand that goes over all of the hair. */
    private final boolean byHand;

    /** Of the roots of each cell, by how the head is held and what tension is given. */
    private final double[] openings;
    /** The most that the roots of each cell gain as hands turn to what is wet, a factor of 1 or more. */
    private final double[] turns;

    private final boolean[] aimed;
    /** Water before a stretch of time, in case its heat cannot lift as much; null where no heat sets a ceiling. */
    private final KeptWater kept;

    private final AirStream stream;
    private final double room;
    private final double aimGain;
    /** Percent a minute for each cell while fully wet: nothing that sets them changes while a step lasts. */
    private final double[] lengthsRates;

    private final double[] rootsRates;
    /**
     * What {@link #fallMinutes} of the falling period leave, of lengths and of roots, {@code NaN} where nobody asked: most
     * pieces of a run are alike.
     */
    private final double[] lengthsFall;

    private final double[] rootsFall;
    private double fallMinutes;
    private final boolean keepsWater;
    private final boolean plopped;
    private final boolean full;
    private final boolean aimsSomewhere;
    /** Its heat may not lift all that its air could take. */
    private final boolean mayHitCeiling;

    private final int steady;

    /**
     * Hands at work that neither blow, wrap nor open anything: to the water it is the room's air whichever hair they are
     * at, and one such flow stands for another as long as the same covers and clips are on.
     */
    static boolean isPlain(Step step) {
        Action action = step.action();
        return !action.isDrying()
                && !action.soaks()
                && action != Action.PLOP
                && action != Action.WET_PLOP
                && action != Action.COVER_NIGHT
                && step.position() == null
                && step.heatCap() == null
                && step.tension() == null;
    }

    /**
     * @param worked the cells hands are at, or the stream is aimed at
     * @param streams the room's still air and what machines make of it
     */
    Flow(Step step, Cell[] cells, int[] worked, Streams streams) {
        this.step = step;
        this.cells = cells;
        this.aimed = new boolean[cells.length];
        this.action = step.action();
        this.machine = action.isDryer() || action == Action.FAN;
        this.rootsOnly = aimsAtRootsOnly(step);
        this.pastRoots = aimsPastRoots(step);
        this.byHand = action.isDryer() && action != Action.HOOD && !rootsOnly && !pastRoots;
        double grams = 0;
        double all = 0;
        for (int i : worked) {
            aimed[i] = true;
            grams += cells[i].grams;
        }
        for (Cell cell : cells) {
            all += cell.grams;
        }
        stream = streams.during(step);
        room = streams.still().strength();
        aimGain = machine && grams > 0 ? gained(grams / all) : 1;
        keepsWater = keepsWater();
        plopped = action == Action.PLOP;
        full = step.untilDry() != null && step.untilDry() >= FULLY_DRY;
        aimsSomewhere = step.zones() != null || step.half() != null || step.parts() != null;
        openings = new double[cells.length];
        turns = new double[cells.length];
        lengthsRates = new double[cells.length];
        rootsRates = new double[cells.length];
        lengthsFall = new double[cells.length];
        rootsFall = new double[cells.length];
        for (int i = 0; i < cells.length; i++) {
            Cell cell = cells[i];
            openings[i] = opening(step, cell);
            turns[i] = byHand && aimed[i] ? mostTurned(cell, openings[i]) : 1;
            lengthsRates[i] = lengthsRate(cell, i);
            rootsRates[i] = rootsRate(cell, i);
        }
        mayHitCeiling = mostGrams() > stream.mostGramsPerMinute();
        kept = mayHitCeiling ? new KeptWater(cells) : null;
        steady = steady();
    }

    /** What its air could take up in a minute, were all of the hair as wet as can be and its roots as open. */
    private double mostGrams() {
        double grams = 0;
        for (int i = 0; i < cells.length; i++) {
            Cell cell = cells[i];
            if (cell.film > 0) {
                return Double.POSITIVE_INFINITY; // droplets leave at a pace of their own
            }
            double roots = rootsRates[i] * (byHand ? TURNED : 1);
            grams += cell.gramsPerPercent * (cell.rootShare * roots + (1 - cell.rootShare) * lengthsRates[i]);
        }
        return byHand ? grams * MOST_GAINED : grams;
    }

    /** Advances every cell by some minutes, few enough that the heat ceiling can be taken as steady. */
    void advance(double minutes) {
        if (minutes != fallMinutes) {
            fallMinutes = minutes;
            Arrays.fill(lengthsFall, Double.NaN);
            Arrays.fill(rootsFall, Double.NaN);
        }
        if (mayHitCeiling) {
            kept.keep();
        }
        double grams = evaporate(minutes, 1);
        double most = stream.mostGramsPerMinute() * minutes;
        if (mayHitCeiling && grams > most) {
            kept.goBack();
            evaporate(minutes, most / grams);
        }
        drain(minutes);
    }

    /**
     * How long the water falls so evenly that no straight line through it can be told from its curve: one minute where a
     * dryer's ceiling must be watched, or water runs off; more where hair just dries slowly.
     */
    int steadyMinutes() {
        if (steady == 1) {
            return 1;
        }
        for (Cell cell : cells) {
            if (cell.lengths > DRAINS_TO || cell.roots > DRAINS_TO || cell.film > 0) {
                return 1;
            }
        }
        return steady;
    }

    /** Minutes of the longest piece, by the cell that dries fastest. */
    private int steady() {
        if (plopped || !Double.isInfinite(stream.mostGramsPerMinute())) {
            return 1;
        }
        double fastest = 0;
        for (int i = 0; i < cells.length; i++) {
            fastest = Math.max(fastest, Math.max(lengthsRates[i], rootsRates[i]) * cells[i].release);
        }
        return (int) Math.max(1, Math.min(MOST_STEADY_MINUTES, MOST_FALL * (CRITICAL + TAIL) / fastest));
    }

    /** However slowly it dries, no longer piece than this [OURS]. */
    static final double MOST_STEADY_MINUTES = 10;

    /** Part of its water that hair may lose within one piece: then a line is within a fifth of a point of the curve [OURS]. */
    private static final double MOST_FALL = .1;

    /** Grams of water that go where the rates are taken in this part; not counted where no heat sets a ceiling. */
    private double evaporate(double minutes, double scale) {
        double grams = 0;
        double gain = byHand ? turnedToWhatIsWet() : 1;
        for (int i = 0; i < cells.length; i++) {
            Cell cell = cells[i];
            if (cell.lengths <= 0 && cell.roots <= 0 && cell.film <= 0) {
                continue;
            }
            double before = mayHitCeiling ? cell.wetness() : 0;
            evaporate(cell, i, minutes, gain > 1 && aimed[i] && isWet(cell) ? scale * gain : scale);
            grams += mayHitCeiling ? cell.gramsPerPercent * (before - cell.wetness()) : 0;
        }
        return grams;
    }

    /**
     * Hands leave what is dry and hold the dryer on the rest, which gains by it as any part of a head does that is aimed at.
     *
     * @return a factor of 1 or more
     */
    private double turnedToWhatIsWet() {
        double wet = 0;
        double all = 0;
        for (int i = 0; i < cells.length; i++) {
            if (aimed[i]) {
                all += cells[i].grams;
                wet += isWet(cells[i]) ? cells[i].grams : 0;
            }
        }
        return wet <= 0 ? 1 : gained(wet / all);
    }

    /** At its roots or along its lengths: wet roots under dry hair are what hands go on for. */
    private static boolean isWet(Cell cell) {
        return Math.max(cell.roots, cell.lengthsWetness()) > STILL_WET;
    }

    /**
     * A stream held on part of a head serves that part the better, though not in proportion.
     *
     * @return a factor of 1 or more
     */
    private static double gained(double share) {
        return Math.min(MOST_GAINED, Math.pow(share, GAINS_BY));
    }

    /**
     * As the lengths dry, hands turn the stream to what is wet yet, and dry hair lets it through: at most as if it were aimed.
     *
     * @return a factor of 1 or more
     */
    private double turned(double lengths, int i) {
        return lengths >= CRITICAL ? 1 : 1 + (turns[i] - 1) * (CRITICAL - lengths) / CRITICAL;
    }

    private static double mostTurned(Cell cell, double opening) {
        return Math.min(TURNED, Math.max(1, TURNED_AT_MOST / (cell.rootsUnderDryer * opening)));
    }

    /** The film leaves by its flux and takes that much of the air from the hair under it; once it is gone, that has all. */
    private void evaporateLengths(Cell cell, int i, double rate, double minutes, double scale) {
        double before = cell.lengths;
        if (cell.film <= 0) {
            boolean known = scale == 1 && before <= CRITICAL;
            double falls = known ? fall(lengthsFall, lengthsRates, i, minutes) : Double.NaN;
            cell.lengths = Evaporation.after(before, rate, cell.release, minutes, falls);
            return;
        }
        double flux = rate / cell.airRate * FILM_FLUX;
        double lasts = flux <= 0 ? minutes : Math.min(minutes, cell.film / flux);
        cell.lengths = Evaporation.after(before, Math.max(0, rate - flux), cell.release, lasts);
        cell.film = Math.max(0, cell.film - flux * lasts);
        cell.lengths = Evaporation.after(cell.lengths, rate, cell.release, minutes - lasts);
    }

    /**
     * One cell, lengths first: how far they are decides how much of the stream reaches the roots.
     *
     * @param scale of its rates, 1 where the heat suffices
     */
    private void evaporate(Cell cell, int i, double minutes, double scale) {
        double lengthsRate = lengthsRates[i] * scale;
        double before = cell.lengths;
        evaporateLengths(cell, i, lengthsRate, minutes, scale);
        double turned = turned((before + cell.lengths) / 2, i);
        boolean known = scale == 1 && turned == 1 && cell.roots <= CRITICAL;
        double falls = known ? fall(rootsFall, rootsRates, i, minutes) : Double.NaN;
        cell.roots = Evaporation.after(cell.roots, rootsRates[i] * scale * turned, cell.release, minutes, falls);
    }

    /**
     * What the falling period leaves of a cell's water, worked out once for pieces of the same length.
     *
     * @return a share from 0 to 1
     */
    private double fall(double[] known, double[] rates, int i, double minutes) {
        if (Double.isNaN(known[i])) {
            known[i] = Evaporation.falls(rates[i], cells[i].release, minutes);
        }
        return known[i];
    }

    /** Water that runs off, or into cloth. */
    private void drain(double minutes) {
        double runsOff = keepsWater ? 1 : Evaporation.drains(minutes);
        for (int i = 0; i < cells.length; i++) {
            Cell cell = cells[i];
            if (!keepsWater && !cell.covered) {
                cell.lengths = Evaporation.drained(cell.lengths, runsOff);
                cell.roots = Evaporation.drained(cell.roots, runsOff);
            }
            if (plopped && aimed[i]) {
                drink(cell, minutes);
            }
        }
    }

    /** Cloth drinks from the lengths, fast at first: a turban, wound less close, takes half as long again. */
    private void drink(Cell cell, double minutes) {
        double target = step.toWetness() == null ? CLOTH_DRAWS_TO : step.toWetness();
        double minutesToDraw = step.tool() == Tool.TURBAN ? CLOTH_MINUTES * 1.4 : CLOTH_MINUTES;
        double kept = Math.exp(-minutes / minutesToDraw);
        double now = cell.lengthsWetness();
        if (now > target) {
            cell.pressTo(target + (now - target) * kept);
        }
    }

    /** Under the tap and under a wet cap water neither leaves nor drains. */
    private boolean keepsWater() {
        return action.soaks() || action == Action.WET_PLOP;
    }

    /** How much of the air still reaches a cell under what is on it, 0 to 1. */
    private double cover(Cell cell, int i) {
        if (action.soaks()) {
            return 0;
        }
        boolean wrapped = (action == Action.PLOP || action == Action.WET_PLOP) && aimed[i];
        if (cell.covered || wrapped || (Boolean.TRUE.equals(step.heatCap()) && aimed[i])) {
            return UNDER_COVER;
        }
        return action == Action.COVER_NIGHT && aimed[i] ? UNDER_BONNET : 1;
    }

    /**
     * Percent of water a minute the lengths lose while fully wet. Where a dryer is not aimed some of its air arrives all the
     * same; nowhere does it dry slower than the room.
     */
    private double lengthsRate(Cell cell, int i) {
        double cover = cover(cell, i);
        double ambient = cell.airRate * room * cover;
        if (!machine) {
            return ambient;
        }
        double blown = cell.airRate * stream.strength() * cell.dryerReach * aimGain * cover;
        if (!aimed[i]) {
            return ambient + SPILL * Math.max(0, blown - ambient);
        }
        return Math.max(ambient, blown * (rootsOnly ? LENGTHS_NOT_AIMED : 1));
    }

    /**
     * The same of the roots, which hair lies over: lifted, clipped or pulled they are more open, at most as open as lengths.
     *
     * @return of the same unit as the rates of the lengths
     */
    private double rootsRate(Cell cell, int i) {
        double cover = cover(cell, i);
        double open = cell.rootOpenness * (cell.clipped ? CLIPS_OPEN : 1);
        double ambient = cell.airRate * room * cover * Math.min(ROOTS_AT_MOST, open * openings[i]);
        if (!machine || !aimed[i]) {
            return ambient;
        }
        double blown = cell.airRate * stream.strength() * cell.dryerReach * aimGain * cover;
        double share = cell.rootsUnderDryer * openings[i] * (cell.clipped ? CLIPS_OPEN : 1);
        if (rootsOnly) {
            share *= ROOTS_AIMED;
        } else if (pastRoots) {
            share *= LENGTHS_NOT_AIMED;
        }
        double most = rootsOnly ? ROOTS_AIMED : ROOTS_AT_MOST;
        return Math.max(ambient, blown * Math.min(most, share));
    }

    /**
     * How the head is held and what tension is given open the roots, in air a little, under a dryer as well.
     *
     * @return a factor about 1
     */
    private static double opening(Step step, Cell cell) {
        double held = Held.opening(step.position(), cell.zone);
        return Boolean.TRUE.equals(step.tension()) ? held * TENSION_OPENS : held;
    }

    /** Whether it names roots or scalp and nothing beyond: only then is the stream held close there. */
    private static boolean aimsAtRootsOnly(Step step) {
        return step.parts() != null
                && (step.reaches(Part.ROOTS) || step.reaches(Part.SCALP))
                && !step.reaches(Part.LENGTHS)
                && !step.reaches(Part.ENDS);
    }

    /** Whether it names lengths or ends and leaves the roots to themselves. */
    private static boolean aimsPastRoots(Step step) {
        return step.parts() != null && !step.reaches(Part.ROOTS) && !step.reaches(Part.SCALP);
    }

    /** Percent wet of what the step aims at, by which {@code untilDry} is judged. */
    double judged() {
        double sum = 0;
        double mass = 0;
        for (int i = 0; i < cells.length; i++) {
            if (aimsSomewhere && !aimed[i]) {
                continue;
            }
            Cell cell = cells[i];
            double wet = cell.wetness();
            if (rootsOnly) {
                wet = cell.roots;
            } else if (pastRoots) {
                wet = cell.lengthsWetness();
            } else if (full) {
                wet = Math.max(cell.roots, cell.lengthsWetness());
            }
            sum += cell.grams * wet;
            mass += cell.grams;
        }
        return mass == 0 ? 0 : sum / mass;
    }

    /** From here "dry" means roots and lengths both. */
    static final double FULLY_DRY = 98;
}
