package eventide.hair;

import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Named;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import java.util.Set;

/**
 * What was tested and measured at the consult; anything may be absent, but not everything.
 *
 * @param strandRoll what one strand between finger and thumb feels like [CP]
 * @param strandMicrometres diameter, 10 to 200 µm
 * @param mist what drops do on a clean dry strand [CP]
 * @param floatTest what a strand does on water: widely used, unreliable, weak evidence only [CP]
 * @param minutesToWet until all of it is wet, 0 to 60
 * @param hoursToAirDry 0 to 96
 * @param ponytailCm girth, 0.5 to 40
 * @param scalpShows how much of it is seen through the hair [CP]
 * @param naturalCm hanging, dry, 0.1 to 200
 * @param stretchedCm pulled straight, 0.1 to 200
 * @param curlDiameterMm across one curl, 0.5 to 200
 * @param turnsPer10cm 0 to 100
 * @param stretch what a wet strand does when it is let go [CP]
 * @param buildUp whether hair is coated, dull, limp
 * @param pattern as seen; absent, from the ruler where that tells
 * @param buildUpSigns what was seen of it, one by one
 * @param wantedNaturalCm a dry hanging length to reach, answered by the stretched length it needs
 * @param wantedStretchedCm a stretched length, answered by how long it will hang dry
 */
public record HairTests(
        @Maybe TestAnswers.StrandRoll strandRoll,
        @Maybe @Range(from = 10, to = 200, unit = "µm") Double strandMicrometres,
        @Maybe TestAnswers.Mist mist,
        @Maybe @Named("float") TestAnswers.FloatTest floatTest,
        @Maybe @Range(from = 0, to = 60, unit = "minutes") Double minutesToWet,
        @Maybe @Range(from = 0, to = 96, unit = "hours") Double hoursToAirDry,
        @Maybe @Range(from = 0.5, to = 40, unit = "cm") Double ponytailCm,
        @Maybe TestAnswers.ScalpShows scalpShows,
        @Maybe @Range(from = 0.1, to = 200, unit = "cm") Double naturalCm,
        @Maybe @Range(from = 0.1, to = 200, unit = "cm") Double stretchedCm,
        @Maybe @Range(from = 0.5, to = 200, unit = "mm") Double curlDiameterMm,
        @Maybe @Range(from = 0, to = 100) Double turnsPer10cm,
        @Maybe TestAnswers.Stretch stretch,
        @Maybe Boolean buildUp,
        @Maybe Pattern pattern,
        @Maybe Set<BuildUpSign> buildUpSigns,
        @Maybe @Range(from = 0.1, to = 200, unit = "cm") Double wantedNaturalCm,
        @Maybe @Range(from = 0.1, to = 200, unit = "cm") Double wantedStretchedCm) {
    public HairTests {
        List<Fault> faults = Shape.faults(
                HairTests.class,
                strandRoll,
                strandMicrometres,
                mist,
                floatTest,
                minutesToWet,
                hoursToAirDry,
                ponytailCm,
                scalpShows,
                naturalCm,
                stretchedCm,
                curlDiameterMm,
                turnsPer10cm,
                stretch,
                buildUp,
                pattern,
                buildUpSigns,
                wantedNaturalCm,
                wantedStretchedCm);
        buildUpSigns = Frozen.set(buildUpSigns);
        if (naturalCm != null && stretchedCm != null && naturalCm > stretchedCm) {
            faults.add(new Fault(
                    "/naturalCm",
                    "naturalCm must be at most stretchedCm (" + stretchedCm + " cm), but was " + naturalCm
                            + ": hair does not hang longer than it stretches"));
        }
        boolean empty = strandRoll == null
                && strandMicrometres == null
                && mist == null
                && floatTest == null
                && minutesToWet == null
                && hoursToAirDry == null
                && ponytailCm == null
                && scalpShows == null
                && naturalCm == null
                && stretchedCm == null
                && curlDiameterMm == null
                && turnsPer10cm == null
                && stretch == null
                && buildUp == null
                && pattern == null
                && (buildUpSigns == null || buildUpSigns.isEmpty());
        if (empty) {
            faults.add(new Fault("", "at least one test must be given"));
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }

    /** Build-up as said, or shown by any one of its signs [CP]. */
    public boolean isBuiltUp() {
        return Boolean.TRUE.equals(buildUp) || (buildUpSigns != null && !buildUpSigns.isEmpty());
    }
}
