package eventide.server.clients;

import eventide.air.Outdoors;
import eventide.hair.Comfort;
import eventide.hair.HairTests;
import eventide.hair.ReadingField;
import eventide.hair.Zone;
import eventide.shape.Frozen;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.LocalDate;
import java.time.LocalDateTime;
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
        @Maybe @Letters(most = Intake.MOST_TEXT) String inHairNow,
        @Maybe @Letters(most = Intake.MOST_TEXT) String workedBefore,
        @Maybe @Letters(most = Intake.MOST_TEXT) String failedBefore,
        @Maybe Set<Comfort> comfort,
        @Maybe @Letters(most = Intake.MOST_TEXT) String comfortNotes,
        @Maybe LocalDate patchTestOn,
        @Maybe @Letters(most = Intake.MOST_TEXT) String patchTestOf,
        @Maybe @Letters(most = Intake.MOST_TEXT) String event,
        @Maybe LocalDateTime eventAt,
        @Maybe Outdoors worn) {
    private static final int MOST_TEXT = 2000;

    public Intake {
        Shape.check(
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
        zoneTests = Frozen.map(zoneTests);
        assumed = Frozen.set(assumed);
        comfort = Frozen.set(comfort);
    }
}
