package eventide.hair;

import eventide.hair.Assessment.Confidence;
import eventide.hair.Assessment.Conflict;
import eventide.hair.Assessment.Found;
import eventide.hair.Assessment.ReadingFound;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** Turns the tests of a consult into readings with a confidence, and names what does not go together. */
public final class Assessor {
    /** Fine below 60 µm, medium to 80, coarse above [MEM, ranges differ by author]. */
    private static final double FINE_BELOW_UM = 60;

    /** Micrometres above which a strand is coarse. */
    private static final double COARSE_ABOVE_UM = 80;
    /** Ponytail girth: below 5 cm low, to 10 medium, above high [CP]. */
    private static final double LOW_BELOW_CM = 5;

    /** Centimetres of ponytail above which hair is dense. */
    private static final double HIGH_ABOVE_CM = 10;
    /** Water taken in: low porosity is slow, high is quick [CP; the minutes OURS]. */
    private static final double SLOW_TO_WET_MIN = 3;

    /** Minutes under the tap within which porous hair is wet through. */
    private static final double QUICK_TO_WET_MIN = 1;
    /** Remembered air drying of a usual head [CP; the hours OURS]. */
    private static final double SLOW_TO_DRY_H = 4;

    /** Hours within which porous hair is dry in air. */
    private static final double QUICK_TO_DRY_H = 1.5;
    /** Measured shrinkage this far from the pattern's typical value deserves a second look, ratio [OURS]. */
    private static final double FAR_OFF = .2;
    /** Tighter than any hair, ratio: 4C is usually .70 [OURS]. */
    private static final double MOST_SHRINKS = .9;
    /** Wider than this a bend may run on without turning, mm [OURS: as where 2A begins]. */
    private static final double STRAIGHT_FROM_MM = 60;

    private final HairTests tests;
    private final List<ReadingFound> readings = new ArrayList<>();
    private final List<Conflict> conflicts = new ArrayList<>();

    private Assessor(HairTests tests) {
        this.tests = tests;
    }

    /** What the tests come to, what they contradict each other in, and what to do next. */
    public static Assessment assess(HairTests tests) {
        return new Assessor(tests).run();
    }

    /** Each reading by itself, then what follows from several of them. */
    private Assessment run() {
        Strand strand = strand();
        Porosity porosity = porosity();
        Density density = density();
        Measured measured = tests.naturalCm() == null || tests.stretchedCm() == null
                ? null
                : new Measured(tests.naturalCm(), tests.stretchedCm());
        Pattern pattern = pattern(measured);
        if (tests.stretchedCm() != null) {
            readings.add(
                    new ReadingFound("lengthCm", plain(tests.stretchedCm()), List.of("stretchedCm"), Confidence.FIRM));
        }
        Condition condition = condition();
        Double shrinkage = shrinkage(measured, pattern);
        shrinkageAgainstPattern(measured, pattern);
        Double grams = strand == null || density == null || tests.stretchedCm() == null
                ? null
                : HairMass.grams(new Reading(
                        strand,
                        Porosity.MEDIUM,
                        pattern == null ? Pattern.STRAIGHT : pattern,
                        density,
                        tests.stretchedCm(),
                        0,
                        Set.of()));
        Found found = new Found(
                strand,
                porosity,
                pattern,
                density,
                tests.stretchedCm(),
                condition,
                measured,
                tests.isBuiltUp() ? Boolean.TRUE : tests.buildUp());
        return new Assessment(
                found,
                List.copyOf(readings),
                List.copyOf(conflicts),
                shrinkage == null ? null : Math.round(shrinkage * 1000) / 10.0,
                shrinkage == null ? null : Math.round(CurlGeometry.curlIndex(shrinkage) * 100) / 100.0,
                grams == null ? null : (double) Math.round(grams),
                Typical.forOpen(found),
                shrinkage == null || tests.wantedNaturalCm() == null
                        ? null
                        : tenth(CurlGeometry.stretchedCm(tests.wantedNaturalCm(), shrinkage)),
                shrinkage == null || tests.wantedStretchedCm() == null
                        ? null
                        : tenth(CurlGeometry.naturalCm(tests.wantedStretchedCm(), shrinkage)));
    }

    private static double tenth(double cm) {
        return Math.round(cm * 10) / 10.0;
    }

    /** By finger and micrometer: the instrument counts for more. */
    private Strand strand() {
        Votes votes = new Votes();
        if (tests.strandRoll() != null) {
            votes.add("strandRoll", tests.strandRoll().ordinal(), Votes.BY_HAND);
        }
        Double um = tests.strandMicrometres();
        if (um != null) {
            votes.add("strandMicrometres", um < FINE_BELOW_UM ? 0 : um <= COARSE_ABOVE_UM ? 1 : 2, Votes.MEASURED);
        }
        if (votes.isTorn()) {
            conflicts.add(new Conflict(
                    votes.from(),
                    "The strand feels one way and measures another.",
                    "Measure three strands from different zones, and trust the ruler."));
        }
        return found("strand", votes, Strand.values());
    }

    /** Four tests of very different worth: the float test is folklore, a drying time is remembered. Beads on hair that dries at once tell of a coat, not of porosity. */
    private Porosity porosity() {
        Votes votes = new Votes();
        if (tests.mist() != null) {
            votes.add("mist", tests.mist().ordinal(), Votes.BY_HAND);
        }
        if (tests.floatTest() != null) {
            votes.add("float", tests.floatTest().ordinal(), Votes.FOLKLORE);
        }
        Double wet = tests.minutesToWet();
        if (wet != null) {
            votes.add("minutesToWet", wet >= SLOW_TO_WET_MIN ? 0 : wet > QUICK_TO_WET_MIN ? 1 : 2, Votes.BY_HAND);
        }
        Double dry = tests.hoursToAirDry();
        if (dry != null) {
            votes.add("hoursToAirDry", dry >= SLOW_TO_DRY_H ? 0 : dry > QUICK_TO_DRY_H ? 1 : 2, Votes.REMEMBERED);
        }
        boolean beads = tests.mist() == TestAnswers.Mist.BEADS;
        boolean coated = beads && dry != null && dry <= QUICK_TO_DRY_H;
        if (coated || (beads && tests.isBuiltUp())) {
            conflicts.add(new Conflict(
                    coated ? List.of("mist", "hoursToAirDry") : List.of("mist", "buildUp"),
                    coated
                            ? "Water beads on the strand, yet the hair is dry within the hour: something coats it."
                            : "Build-up makes water bead whatever the hair below.",
                    "Clarify first, then mist a clean dry strand again."));
        } else if (votes.isTorn()) {
            conflicts.add(new Conflict(
                    votes.from(),
                    "The porosity tests speak against each other.",
                    "Mist a clean dry strand again, mid-length, at two zones."));
        }
        return found("porosity", votes, Porosity.values());
    }

    /** By the scalp that shows and the girth of a ponytail. */
    private Density density() {
        Votes votes = new Votes();
        if (tests.scalpShows() != null) {
            votes.add("scalpShows", 2 - tests.scalpShows().ordinal(), Votes.BY_HAND);
        }
        Double girth = tests.ponytailCm();
        if (girth != null) {
            votes.add("ponytailCm", girth < LOW_BELOW_CM ? 0 : girth <= HIGH_ABOVE_CM ? 1 : 2, Votes.MEASURED);
        }
        // A thick ponytail of fine strands is density, not a contradiction: girth never speaks for the strand.
        if (votes.isTorn()) {
            conflicts.add(new Conflict(
                    votes.from(),
                    "The ponytail and the scalp disagree on density.",
                    "Look at the crown and the nape apart: zones may differ."));
        }
        return found("density", votes, Density.values());
    }

    /** As it was called, where somebody did; else by the curl measured, by no turn at all, or weakly by the shrinkage. */
    private Pattern pattern(Measured measured) {
        if (tests.curlDiameterMm() != null) {
            Pattern byCurl = PatternByCurl.of(tests.curlDiameterMm(), tests.turnsPer10cm());
            boolean counted = tests.turnsPer10cm() != null;
            if (tests.pattern() != null
                    && Math.abs(byCurl.ordinal() - tests.pattern().ordinal()) > 1) {
                conflicts.add(new Conflict(
                        List.of("pattern", "curlDiameterMm"),
                        "Called " + tests.pattern().word() + ", but a curl of " + plain(tests.curlDiameterMm())
                                + " mm is usual for " + byCurl.word() + ".",
                        "Measure a few more curls, wet and without product; zones may differ."));
            }
            boolean possible = curlMayBe(byCurl);
            Pattern taken = tests.pattern() == null ? byCurl : tests.pattern();
            List<String> from = counted ? List.of("curlDiameterMm", "turnsPer10cm") : List.of("curlDiameterMm");
            readings.add(new ReadingFound(
                    "pattern",
                    taken.word(),
                    tests.pattern() == null ? from : List.of("pattern"),
                    !possible ? Confidence.WEAK : counted && taken == byCurl ? Confidence.FIRM : Confidence.LIKELY));
            return taken;
        }
        if (tests.pattern() != null) {
            readings.add(new ReadingFound("pattern", tests.pattern().word(), List.of("pattern"), Confidence.LIKELY));
            return tests.pattern();
        }
        if (tests.turnsPer10cm() != null && tests.turnsPer10cm() == 0) {
            readings.add(
                    new ReadingFound("pattern", Pattern.STRAIGHT.word(), List.of("turnsPer10cm"), Confidence.LIKELY));
            return Pattern.STRAIGHT;
        }
        if (measured == null) {
            return null;
        }
        Pattern nearest = PatternByCurl.ofShrinkage(measured.shrinkage());
        readings.add(new ReadingFound("pattern", nearest.word(), List.of("naturalCm", "stretchedCm"), Confidence.WEAK));
        return nearest;
    }

    /** Whether a curl so wide can turn so often; where not, one of the two was measured wrong. */
    private boolean curlMayBe(Pattern byCurl) {
        Double turns = tests.turnsPer10cm();
        double mm = tests.curlDiameterMm();
        if (turns == null) {
            return true;
        }
        String message = null;
        Double helix = helix();
        if (turns == 0 && mm < STRAIGHT_FROM_MM) {
            message = "A curl of " + plain(mm) + " mm that does not turn once in 10 cm is no curl.";
        } else if (helix != null && helix > MOST_SHRINKS) {
            message = "A curl of " + plain(mm) + " mm that turns " + plain(turns) + " times in 10 cm would shrink by "
                    + Math.round(helix * 100) + " %: no hair does.";
        } else if (helix != null && Math.abs(helix - byCurl.typicalShrinkage()) > FAR_OFF) {
            message = "A curl of " + plain(mm) + " mm is usual for " + byCurl.word()
                    + ", but its turns would shrink it by "
                    + Math.round(helix * 100) + " %, where " + Math.round(byCurl.typicalShrinkage() * 100)
                    + " % is usual.";
        }
        if (message == null) {
            return true;
        }
        conflicts.add(new Conflict(
                List.of("curlDiameterMm", "turnsPer10cm"),
                message,
                "Take one dry curl without product: its width across, and its turns over 10 cm as it hangs."));
        return false;
    }

    /** By the stretch test alone: what does not come back is over-soft, what snaps is brittle [CP]. */
    private Condition condition() {
        if (tests.stretch() == null || tests.stretch() == TestAnswers.Stretch.RETURNS) {
            return null;
        }
        Condition condition = tests.stretch() == TestAnswers.Stretch.SNAPS ? Condition.BRITTLE : Condition.OVER_SOFT;
        readings.add(new ReadingFound("condition", condition.name(), List.of("stretch"), Confidence.LIKELY));
        return condition;
    }

    /** Measured beats the helix, and the helix beats what is typical. */
    private Double shrinkage(Measured measured, Pattern pattern) {
        if (measured != null) {
            return measured.shrinkage();
        }
        Double helix = believable();
        return helix != null ? helix : pattern == null ? null : pattern.typicalShrinkage();
    }

    /** Turns are counted over 10 cm of hanging curl, so the rise of one turn is 10 cm over their number. */
    private Double helix() {
        if (tests.curlDiameterMm() == null || tests.turnsPer10cm() == null || tests.turnsPer10cm() <= 0) {
            return null;
        }
        return CurlGeometry.helixShrinkage(tests.curlDiameterMm() / 10, 10 / tests.turnsPer10cm());
    }

    /** The helix where hair can be so. */
    private Double believable() {
        Double helix = helix();
        return helix == null || helix > MOST_SHRINKS ? null : helix;
    }

    /** A lock measured and a curl measured say the same thing twice: where they are far apart one of them is wrong. */
    private void shrinkageAgainstPattern(Measured measured, Pattern pattern) {
        if (measured == null || pattern == null) {
            return;
        }
        Double helix = believable();
        double expected = helix == null ? pattern.typicalShrinkage() : helix;
        if (Math.abs(measured.shrinkage() - expected) > FAR_OFF) {
            String against = helix == null
                    ? pattern.word() + " would give about " + Math.round(expected * 100) + " %"
                    : "its curl would give about " + Math.round(expected * 100) + " %";
            conflicts.add(new Conflict(
                    helix == null
                            ? List.of("naturalCm", "stretchedCm", "pattern")
                            : List.of("naturalCm", "stretchedCm", "curlDiameterMm", "turnsPer10cm"),
                    "Measured shrinkage is " + Math.round(measured.shrinkage() * 100) + " %; " + against + ".",
                    "Measure the same lock again, dry and without stretch from weight or product."));
        }
    }

    /** The level most votes are for, null without any; weak where the tests it rests on contradict each other. */
    private <E extends Enum<E>> E found(String field, Votes votes, E[] levels) {
        if (votes.isEmpty()) {
            return null;
        }
        E value = levels[votes.level()];
        boolean disputed = conflicts.stream()
                .anyMatch(c -> votes.from().containsAll(c.fields())
                        || c.fields().contains("mist") && field.equals("porosity"));
        readings.add(
                new ReadingFound(field, value.name(), votes.from(), disputed ? Confidence.WEAK : votes.confidence()));
        return value;
    }

    /** To the tenth: nobody reads a ruler nearer. */
    private static String plain(double value) {
        double rounded = Math.round(value * 10) / 10.0;
        return rounded == Math.rint(rounded) ? Long.toString((long) rounded) : Double.toString(rounded);
    }
}
