package eventide.learning;

import eventide.routine.Routine;
import eventide.wash.Manner;
import java.util.Set;

/**
 * One of the two a trial sets against each other: a bottle by its name, a way of working by what it is called, or that it is not done,
 * as "not diffused".
 */
record Contestant(String name) {
    private static final String NOT = "not ";

    static Contestant without(Manner manner) {
        return new Contestant(NOT + manner.label());
    }

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
            if (name.equals(NOT + manner.label())) {
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
