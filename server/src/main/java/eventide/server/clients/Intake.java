package eventide.server.clients;

import eventide.air.Outdoors;
import eventide.hair.HairTests;
import eventide.hair.ReadingField;
import eventide.hair.Zone;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What a consult found and asked besides the readings themselves.
 *
 * @param tests taken on the whole head
 * @param zoneTests taken on one zone
 * @param assumed readings nobody took: the quick read's stand-ins
 * @param worn the air where the hair will be worn, as far as anyone can say
 */
public record Intake(
        @Maybe HairTests tests,
        @Maybe Map<Zone, HairTests> zoneTests,
        @Maybe Set<ReadingField> assumed,
        @Maybe String inHairNow,
        @Maybe String workedBefore,
        @Maybe String failedBefore,
        @Maybe Set<Comfort> comfort,
        @Maybe String comfortNotes,
        @Maybe LocalDate patchTestOn,
        @Maybe String patchTestOf,
        @Maybe String event,
        @Maybe LocalDateTime eventAt,
        @Maybe Outdoors worn) {
    private static final int MOST_TEXT = 2000;

    /** What the chair has to mind. */
    public enum Comfort {
        NECK,
        TENDER_SCALP,
        NO_TIGHT_TENSION,
        LOW_HEAT,
        CHILD,
        DIZZY
    }

    public Intake {
        List<Fault> faults = Shape.faults(
                Intake.class,
                tests,
                zoneTests,
                assumed,
                inHairNow,
                workedBefore,
                failedBefore,
                comfort,
                comfortNotes,
                patchTestOn,
                patchTestOf,
                event,
                eventAt,
                worn);
        tooLong(faults, "inHairNow", inHairNow);
        tooLong(faults, "workedBefore", workedBefore);
        tooLong(faults, "failedBefore", failedBefore);
        tooLong(faults, "comfortNotes", comfortNotes);
        tooLong(faults, "patchTestOf", patchTestOf);
        tooLong(faults, "event", event);
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        zoneTests = Frozen.map(zoneTests);
        assumed = Frozen.set(assumed);
        comfort = Frozen.set(comfort);
    }

    private static void tooLong(List<Fault> faults, String field, String text) {
        if (text != null && text.length() > MOST_TEXT) {
            faults.add(new Fault(
                    "/" + field, field + " must be at most " + MOST_TEXT + " characters, but was " + text.length()));
        }
    }
}
