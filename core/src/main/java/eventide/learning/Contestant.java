package eventide.learning;

import eventide.routine.Routine;
import eventide.wash.Manner;
import java.util.Set;

/**
 * One of the two a trial sets against each other: a bottle by its name, a way of working by what it is called, or by what
 * not doing it is called, as "not diffused".
 */
record Contestant(String name) {
    /** A wash in which it is not done. */
    static Contestant without(Manner manner) {
        return new Contestant(manner.otherwise());
    }

    /** A wash in which it is done. */
    static Contestant with(Manner manner) {
        return new Contestant(manner.label());
    }

    /** Whether a whole head had it. */
    boolean isOnAll(Routine routine) {
        Set<Manner> manners = Manner.of(routine);
        for (Manner manner : Manner.values()) {
            if (manner.label().equals(name)) {
                return manners.contains(manner);
            }
            if (manner.otherwise().equals(name)) {
                return !manners.contains(manner);
            }
        }
        return routine.places().stream()
                .filter(place -> place.index() > routine.lastRinse())
                .filter(place -> routine.at(place).half() == null
                        && routine.steps().get(place.index()).half() == null)
                .anyMatch(place -> routine.at(place).worn() != null
                        && routine.at(place).worn().name().equals(name));
    }
}
