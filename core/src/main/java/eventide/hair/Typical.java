package eventide.hair;

import eventide.hair.Assessment.Assumed;
import java.util.ArrayList;
import java.util.List;

/**
 * What is taken for a reading nobody has taken yet, so that a quick read can be planned from. The middle level is the
 * least wrong whichever way it turns out [OURS]; each is marked as assumed wherever it is used.
 */
public final class Typical {
    /** Centimetres pulled straight, to begin with where nobody measured [OURS]. */
    private static final double LENGTH_CM = 35;

    private Typical() {}

    /** All five, as a head would be assumed of which nothing is known. */
    public static Assessment.Found all() {
        return new Assessment.Found(
                Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, LENGTH_CM, null, null, null);
    }

    /** One entry for each reading still open; a pattern measured as shrinkage is open no more. */
    static List<Assumed> forOpen(Assessment.Found found) {
        List<Assumed> assumed = new ArrayList<>();
        if (found.strand() == null) {
            assumed.add(
                    new Assumed(ReadingField.STRAND, Strand.MEDIUM.name(), "the middle level", GuidedTest.STRAND_ROLL));
        }
        if (found.porosity() == null) {
            assumed.add(
                    new Assumed(ReadingField.POROSITY, Porosity.MEDIUM.name(), "the middle level", GuidedTest.MIST));
        }
        if (found.pattern() == null) {
            assumed.add(new Assumed(
                    ReadingField.PATTERN, Pattern.CURLY_3A.word(), "the middle of the letters", GuidedTest.CURL));
        }
        if (found.density() == null) {
            assumed.add(
                    new Assumed(ReadingField.DENSITY, Density.MEDIUM.name(), "the middle level", GuidedTest.PONYTAIL));
        }
        if (found.lengthCm() == null) {
            assumed.add(new Assumed(
                    ReadingField.LENGTH,
                    Long.toString(Math.round(LENGTH_CM)),
                    "about shoulder length, stretched",
                    GuidedTest.RULER));
        }
        return List.copyOf(assumed);
    }
}
