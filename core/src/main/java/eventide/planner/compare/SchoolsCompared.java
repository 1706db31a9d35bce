package eventide.planner.compare;

import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.Suggestion;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Preparation;
import eventide.planner.explain.Moved;
import eventide.planner.search.Carried;
import eventide.planner.search.Evaluation;
import eventide.planner.search.Objective;
import eventide.planner.search.Search;
import eventide.product.Role;
import eventide.routine.Routine;
import eventide.routine.SchoolQuestion;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import eventide.shape.Parallel;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Where good stylists disagree and it matters on this head today: the plan under each school, and what differs.
 *
 * @param questions those on which another school would plan otherwise, the one that moves most first
 * @param unfinished how far it came where there was no time for all of it
 */
public record SchoolsCompared(List<Disagreement> questions, @Maybe String unfinished) {
    /**
     * @param taken the side the plan was made under, absent where none was taken
     */
    public record Disagreement(String key, String question, @Maybe String taken, List<OtherSchool> others) {}

    /**
     * The best plan of another school.
     *
     * @param otherwise what it does differently, in words: what the school asks first, then what follows from it
     * @param moved what that is predicted to change, the largest first
     * @param minutes by which it takes longer, less than 0 for shorter; {@code chairMinutes} the same of hands
     * @param worth points by which it serves the goal better, or worse where negative
     */
    public record OtherSchool(
            String side,
            String label,
            List<String> otherwise,
            List<Moved> moved,
            double minutes,
            double chairMinutes,
            double worth,
            Routine routine) {
        /** Whether a stylist would notice: a score moves, or minutes do. */
        private boolean matters() {
            return !moved.isEmpty() || Math.abs(minutes) >= SOME_MINUTES || Math.abs(chairMinutes) >= SOME_MINUTES;
        }
    }

    /** Nobody plans by fewer minutes [OURS]. */
    private static final double SOME_MINUTES = 3;

    /** A list is the client's choice, not a way of working. */
    private static final String NOT_A_WAY = "ingredients";

    /** Today's bottles stay unless the plan is this much poorer with them, in points of worth [OURS]. */
    private static final double POOR = 4;

    /** What the plan is judged by, not a thing that is done. */
    private static final String WEIGHT = "weight";

    /** Schools about what goes on: other bottles are looked for at once. The rest are first tried on today's plan. */
    private static final Set<String> PICKS_BOTTLES = Set.of(WEIGHT, "mousse");

    private record Asked(SchoolQuestion question, SchoolQuestion.Side side) {}

    /**
     * @param plan null where that side has none here
     * @param seen its scores with no school taken
     */
    private record Answered(Asked asked, @Maybe Suggestion plan, @Maybe Scores seen) {}

    /** Plans the head anew under each other answer to each question the schools differ on, the rest as it is done today. */
    public static SchoolsCompared of(Query query) {
        return of(query, Stop.NEVER);
    }

    /** With those schools for which there was time. */
    public static SchoolsCompared of(Query query, Stop stop) {
        Evaluation best = Planner.bestOf(query, frame -> true, stop);
        if (best == null) {
            return new SchoolsCompared(List.of(), null);
        }
        Suggestion taken = Planner.written(query, best);
        Schools sides = query.schoolsOrDefault();
        List<Asked> asked = new ArrayList<>();
        for (SchoolQuestion question : SchoolQuestion.ALL) {
            for (SchoolQuestion.Side side : question.sides()) {
                if (!question.key().equals(NOT_A_WAY) && !side.word().equals(sides.side(question.key()))) {
                    asked.add(new Asked(question, side));
                }
            }
        }
        List<Answered> answers =
                Parallel.map(asked, one -> stop.isDue() ? null : answer(query, one, best, stop)).stream()
                        .filter(Objects::nonNull)
                        .toList();
        String unfinished = answers.size() == asked.size()
                ? null
                : answers.size() + " of " + asked.size() + " other ways were planned in the time there is.";
        return new SchoolsCompared(
                gathered(
                        query,
                        taken,
                        answers.stream().filter(answer -> answer.plan() != null).toList()),
                unfinished);
    }

    /** By question, the sides that would do something else today; largest difference first. */
    private static List<Disagreement> gathered(Query query, Suggestion taken, List<Answered> answers) {
        List<Disagreement> questions = new ArrayList<>();
        for (SchoolQuestion question : SchoolQuestion.ALL) {
            List<OtherSchool> others = answers.stream()
                    .filter(answer -> answer.asked().question() == question)
                    .filter(answer -> !answer.plan().routine().equals(taken.routine()))
                    .map(answer -> other(query, taken, answer))
                    .filter(OtherSchool::matters)
                    .sorted(Comparator.comparingDouble((OtherSchool other) -> -other.worth()))
                    .toList();
            if (!others.isEmpty()) {
                questions.add(new Disagreement(
                        question.key(),
                        question.question(),
                        query.schoolsOrDefault().side(question.key()),
                        others));
            }
        }
        questions.sort(Comparator.comparingDouble(SchoolsCompared::size).reversed());
        return List.copyOf(questions);
    }

    /** The largest move of any score, as a share of its scale. */
    private static double size(Disagreement question) {
        return question.others().stream()
                .flatMap(other -> other.moved().stream())
                .mapToDouble(moved -> Math.abs(moved.by()) / moved.score().most())
                .max()
                .orElse(0);
    }

    /** Today's plan as that school would do it, in other bottles where these are poor for it. No plan where it would do nothing else. */
    private static Answered answer(Query query, Asked asked, Evaluation best, Stop stop) {
        Candidate today = best.choice();
        String key = asked.question().key();
        Query other =
                query.under(query.schoolsOrDefault().with(key, asked.side().word()));
        if (!key.equals(WEIGHT) && isAlready(other, best)) {
            return new Answered(asked, null, null);
        }
        Carried carried = Planner.carrying(other, stop);
        boolean picks = PICKS_BOTTLES.contains(key);
        Evaluation found = picks ? carried.rebottled(today) : carried.of(today);
        if (!picks && found != null && found.worth() < best.worth() - POOR) {
            Evaluation rebottled = carried.rebottled(found.choice());
            found = rebottled == null ? found : rebottled;
        }
        Suggestion plan = found == null || !isDone(asked, found) ? null : Planner.written(query, found);
        return new Answered(asked, plan, plan == null ? null : seen(query, plan));
    }

    /** Whether what the school is about is in its plan at all: where there is no oil, nobody need say when it goes on. */
    private static boolean isDone(Asked asked, Evaluation found) {
        Candidate choice = found.choice();
        String side = asked.side().word();
        return switch (asked.question().key()) {
            case "hands" -> choice.isShaped();
            case "mask" -> choice.details().before().care() == Preparation.Care.MASK;
            case "mousse" ->
                choice.mousse() != null && (choice.gel() == null) == side.equals(Schools.MoussePlace.INSTEAD.name());
            case "oil" ->
                side.equals(Schools.OilPlace.NEVER.name())
                        || found.routine().places().stream()
                                .map(place -> found.routine().at(place).product())
                                .anyMatch(product -> product != null && product.role() == Role.OIL);
            default -> true;
        };
    }

    /** Whether today's plan is what a school would do: open to it, and written the same. */
    private static boolean isAlready(Query other, Evaluation best) {
        Search there = Planner.search(other, best.choice().details());
        return there.isOpen(best.choice())
                && there.judge(best.choice()).routine().equals(best.routine());
    }

    /** By this client's own school, whichever it was planned under: two ways are compared with the same eyes. */
    private static Scores seen(Query query, Suggestion plan) {
        return OutcomeModel.predict(Wash.of(
                                plan.routine(),
                                query.hair(),
                                query.goal(),
                                query.air(),
                                query.schools(),
                                query.limits())
                        .taught(query.learnedOrNone()))
                .overall();
    }

    /** Null where what it would do moves nothing that can be seen. */
    private static OtherSchool other(Query query, Suggestion taken, Answered answer) {
        Scores from = taken.outcome().overall();
        List<Moved> moved = Moved.between(from, answer.seen());
        // By the scores alone: a school's own rules are not held against another's.
        double worth = Objective.ofScores(query.goal(), answer.seen()) - Objective.ofScores(query.goal(), from);
        List<String> otherwise = Stream.concat(
                        Stream.of(answer.asked().side().does()),
                        RoutineDifference.between(taken, answer.plan()).words().stream())
                .distinct()
                .toList();
        return new OtherSchool(
                answer.asked().side().word(),
                answer.asked().side().label(),
                otherwise,
                moved,
                Math.round(answer.plan().minutes() - taken.minutes()),
                Math.round(answer.plan().chairMinutes() - taken.chairMinutes()),
                Math.round(worth * 10) / 10.0,
                answer.plan().routine());
    }
}
