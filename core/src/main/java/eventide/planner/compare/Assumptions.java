package eventide.planner.compare;

import eventide.air.Air;
import eventide.hair.Density;
import eventide.hair.GuidedTest;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.ReadingField;
import eventide.hair.Strand;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.search.Evaluation;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import eventide.wash.Correction;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * What a plan rests on that nobody has read: each assumed reading varied over its levels, planned anew, and compared where
 * the plan taken would no longer do.
 *
 * @param assumed one entry for each, the one that changes the routine most first
 * @param matters that one; absent where no level of any changes the routine
 * @param test the single test worth doing now
 * @param unfinished how far it came where there was no time for all of it
 */
public record Assumptions(
        List<Assumption> assumed,
        @Maybe ReadingField matters,
        @Maybe GuidedTest test,
        @Maybe String words,
        @Maybe String unfinished) {
    /** Lengths tried for a length nobody measured, cm [OURS: chin, shoulder, armpit, waist, stretched]. */
    private static final List<Double> LENGTHS = List.of(18.0, 28.0, 35.0, 48.0, 65.0);

    /** A length nearer than this part of it is the same to an eye that did not measure [OURS]. */
    private static final double SAME_LENGTH = .15;

    /**
     * The plan's question, and which of the head's own readings were assumed.
     *
     * @param assumed readings nobody took yet
     * @param shelf at most what a salon and a client own
     */
    public record Resting(
            Hair hair,
            Goal goal,
            Air air,
            @Maybe Schools schools,
            @Maybe Limits limits,
            List<Product> shelf,
            Set<ReadingField> assumed,
            @Maybe Correction learned)
            implements Bounded {
        /** By the book. */
        public Resting(
                Hair hair,
                Goal goal,
                Air air,
                Schools schools,
                Limits limits,
                List<Product> shelf,
                Set<ReadingField> assumed) {
            this(hair, goal, air, schools, limits, shelf, assumed, null);
        }

        public Resting {
            Shape.check(Resting.class, hair, goal, air, schools, limits, shelf, assumed, learned);
            shelf = Frozen.list(shelf);
            assumed = Frozen.set(assumed);
        }

        @Override
        public List<Fault> beyond() {
            return Query.beyond(shelf);
        }
    }

    /**
     * One reading and what its other levels would do.
     *
     * @param value the level that is assumed
     * @param changes how far the plan would move, as {@link RoutineDifference#size} weighs it, the mean over its other levels
     */
    public record Assumption(
            ReadingField field, String value, GuidedTest settledBy, double changes, List<OtherLevel> levels) {}

    /**
     * Another level of a reading: how far the plan would move, and in what.
     *
     * @param value the level's own word
     * @param changes how far the plan would move there, as {@link RoutineDifference#size} weighs it
     * @param otherwise what that plan does otherwise
     */
    public record OtherLevel(String value, double changes, List<String> otherwise) {}

    /** Varies each reading nobody took over its levels, and says which of them would change what is done. */
    public static Assumptions of(Resting asked) {
        return of(asked, Stop.NEVER);
    }

    /** With those readings varied for which there was time; the last perhaps not over all of its levels. */
    public static Assumptions of(Resting asked, Stop stop) {
        Evaluation taken = best(asked, asked.hair(), stop);
        List<Assumption> found = new ArrayList<>();
        if (taken != null) {
            for (ReadingField field : asked.assumed()) {
                if (!stop.isDue()) {
                    found.add(vary(asked, taken, field, stop));
                }
            }
        }
        String unfinished = stop.isDue()
                ? found.size() + " of " + asked.assumed().size() + " readings were looked at in the time there is."
                : null;
        found.sort(Comparator.comparingDouble((Assumption a) -> -a.changes()).thenComparing(Assumption::field));
        Assumption most = found.isEmpty() || found.get(0).changes() == 0 ? null : found.get(0);
        return new Assumptions(
                List.copyOf(found),
                most == null ? null : most.field(),
                most == null ? null : most.settledBy(),
                most == null ? null : words(most),
                unfinished);
    }

    /**
     * Plans for the head as it would be were this reading a level off, and says how far those plans are from today's.
     *
     * @return null where no other level could be planned in time
     */
    private static Assumption vary(Resting asked, Evaluation taken, ReadingField field, Stop stop) {
        List<OtherLevel> levels = new ArrayList<>();
        double sum = 0;
        for (Hair other : varied(asked.hair(), field)) {
            Evaluation plan = stop.isDue() ? null : best(asked, other, stop);
            if (plan == null) {
                continue;
            }
            if (willDo(taken, query(asked, other), plan)) {
                levels.add(new OtherLevel(valueOf(other, field), 0, List.of()));
                continue;
            }
            RoutineDifference difference = RoutineDifference.between(
                    Planner.written(query(asked, asked.hair()), taken), Planner.written(query(asked, other), plan));
            levels.add(new OtherLevel(valueOf(other, field), difference.size(), difference.words()));
            sum += difference.size();
        }
        double mean = levels.isEmpty() ? 0 : Math.round(sum / levels.size() * 100) / 100.0;
        return new Assumption(field, valueOf(asked.hair(), field), test(field), mean, List.copyOf(levels));
    }

    /** Two plans that are worth the same to a head may differ in much: that asks for no test. */
    private static boolean willDo(Evaluation taken, Query there, Evaluation best) {
        Evaluation stays = Planner.search(there, taken.choice().details()).judge(taken.choice());
        return stays.willDoFor(best);
    }

    private static Query query(Resting asked, Hair hair) {
        return new Query(
                hair, asked.goal(), asked.air(), asked.schools(), asked.limits(), asked.shelf(), null, asked.learned());
    }

    private static Evaluation best(Resting asked, Hair hair, Stop stop) {
        return Planner.bestOf(query(asked, hair), frame -> true, stop);
    }

    /** The head with that reading at each of its other levels. */
    public static List<Hair> varied(Hair hair, ReadingField field) {
        Stream<Hair> all =
                switch (field) {
                    case STRAND ->
                        Arrays.stream(Strand.values())
                                .map(level -> hair.with(
                                        level, hair.porosity(), hair.pattern(), hair.density(), hair.lengthCm()));
                    case POROSITY ->
                        Arrays.stream(Porosity.values())
                                .map(level -> hair.with(
                                        hair.strand(), level, hair.pattern(), hair.density(), hair.lengthCm()));
                    case PATTERN ->
                        Arrays.stream(Pattern.values())
                                .map(level -> hair.with(
                                        hair.strand(), hair.porosity(), level, hair.density(), hair.lengthCm()));
                    case DENSITY ->
                        Arrays.stream(Density.values())
                                .map(level -> hair.with(
                                        hair.strand(), hair.porosity(), hair.pattern(), level, hair.lengthCm()));
                    case LENGTH ->
                        LENGTHS.stream()
                                .filter(level -> Math.abs(level - hair.lengthCm()) > SAME_LENGTH * hair.lengthCm())
                                .map(level -> hair.with(
                                        hair.strand(), hair.porosity(), hair.pattern(), hair.density(), level));
                };
        return all.filter(other -> !valueOf(other, field).equals(valueOf(hair, field)))
                .toList();
    }

    /** The reading's own word. */
    private static String valueOf(Hair hair, ReadingField field) {
        return switch (field) {
            case STRAND -> hair.strand().name();
            case POROSITY -> hair.porosity().name();
            case PATTERN -> hair.pattern().word();
            case DENSITY -> hair.density().name();
            case LENGTH -> Long.toString(Math.round(hair.lengthCm()));
        };
    }

    /** What settles it in a minute. */
    private static GuidedTest test(ReadingField field) {
        return switch (field) {
            case STRAND -> GuidedTest.STRAND_ROLL;
            case POROSITY -> GuidedTest.MIST;
            case PATTERN -> GuidedTest.CURL;
            case DENSITY -> GuidedTest.PONYTAIL;
            case LENGTH -> GuidedTest.RULER;
        };
    }

    private static String words(Assumption most) {
        OtherLevel furthest = most.levels().stream()
                .max(Comparator.comparingDouble(OtherLevel::changes))
                .orElseThrow();
        String field = most.field().label();
        String value = furthest.value().toLowerCase(java.util.Locale.ROOT);
        List<String> first =
                furthest.otherwise().subList(0, Math.min(2, furthest.otherwise().size()));
        return "Assumed: " + field + " " + most.value().toLowerCase(java.util.Locale.ROOT) + ". Were it " + value + ": "
                + String.join(", ", first) + ".";
    }
}
