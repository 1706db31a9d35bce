package eventide.diary;

import eventide.hair.Scalp;
import eventide.hair.Zone;
import eventide.planner.Reason;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Source;
import java.util.ArrayList;
import java.util.List;

/** When no refresh helps any more [CP: the scalp asks, hair is coated or heavy, or seven days are over]. */
final class WashDue {
    /** Days after which water alone no longer does [CP]. */
    private static final int DAYS_WORN_AT_MOST = 7;
    /** A scalp that asks for it may wait for so many days of wear [CP: washed every third day at the soonest]. */
    private static final int SCALP_WAITS_DAYS = 3;
    /** After three or four refreshes hair is heavy [CP]. */
    private static final int HEAVY_AFTER = 4;
    /** Moisture alone lasts a day [CP]; frizz nearly everywhere is then no refresh's work. */
    private static final int UNHELD_DAYS = 2;

    /** Zones that frizz from which a refresh is a wash without its cleanser [OURS]. */
    private static final int NEARLY_EVERYWHERE = 5;

    private WashDue() {}

    /** Empty where a refresh will do. */
    static List<Reason> because(RefreshQuestion asked) {
        List<Reason> why = new ArrayList<>();
        int worn = asked.day() - 1;
        if (worn >= DAYS_WORN_AT_MOST) {
            say(why, "Worn for " + Words.days(worn) + ": after seven it is washed, whatever it looks like.");
        }
        if (worn >= SCALP_WAITS_DAYS && asksFor(asked)) {
            say(why, "The scalp asks for it: a refresh does nothing for itching, oil or flakes.");
        }
        if (Boolean.TRUE.equals(asked.hair().buildUp())) {
            say(why, "Coated hair does not take water any more: mist stands on it. Wash, and clarify.");
        }
        if (asked.worn().isRefreshedDaily() && worn > HEAVY_AFTER) {
            say(why, "Refreshed each morning, " + worn + " times by now: what was added weighs it down.");
        }
        boolean everywhere = asked.zones() != null && asked.zones().size() >= NEARLY_EVERYWHERE;
        if (everywhere && worn >= UNHELD_DAYS && !isHeld(asked.worn())) {
            say(why, "Nothing in it holds, and it frizzes nearly everywhere: there is no shape left to wake.");
        }
        return why;
    }

    /** Itching, oil and flakes need water and a cleanser. */
    private static boolean asksFor(RefreshQuestion asked) {
        return asked.hair().scalpOrEmpty().contains(Scalp.ITCHY)
                || asked.hair().scalpOrEmpty().contains(Scalp.OILY)
                || asked.hair().scalpOrEmpty().contains(Scalp.FLAKING);
    }

    /** Whether anything on the hair holds: without that there is no shape for a mist to wake. */
    static boolean isHeld(Routine worn) {
        for (StepPlace place : worn.places()) {
            Step step = worn.at(place);
            if (place.index() > worn.lastRinse()
                    && step.worn() != null
                    && step.worn().role().holds()) {
                return true;
            }
        }
        return false;
    }

    private static void say(List<Reason> why, String text) {
        why.add(new Reason(text, Source.COMMON_PRACTICE, null));
    }

    /** Where hair frizzes first after such a night: what lay on the pillow, else what is exposed [CP]. */
    static List<Zone> first(RefreshQuestion asked) {
        return switch (asked.nightsOrNone()) {
            case NONE -> List.of(Zone.HAIRLINE, Zone.LEFT, Zone.RIGHT, Zone.BACK, Zone.NAPE);
            case SATIN -> List.of(Zone.HAIRLINE, Zone.CROWN, Zone.NAPE);
            case PINEAPPLE -> List.of(Zone.HAIRLINE, Zone.CROWN);
        };
    }
}
