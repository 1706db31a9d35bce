package eventide.planner.search;

import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details;
import eventide.planner.compose.Details.Before;
import eventide.planner.compose.Details.Doses;
import eventide.planner.compose.Details.Finish;
import eventide.planner.compose.Details.Order;
import eventide.planner.compose.Details.Share;
import eventide.planner.compose.Details.Stay;
import eventide.planner.compose.Details.Water;
import eventide.planner.compose.Details.Work;
import eventide.planner.compose.DryAndFinish;
import eventide.planner.compose.Preparation;
import eventide.routine.NightCare;
import eventide.routine.Schools;
import eventide.shape.Parallel;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Decides the smaller things of a plan whose layers, hands, parting and drying stand: one question after the other, each by
 * running every answer through the water, until no other answer to any of them would be better.
 */
public final class Refinement {
    /** Rounds after which it is left as it stands; two or three are usual. */
    private static final int MOST_ROUNDS = 6;

    /** A gain smaller than this is none: what is usual, or taken already, stays, in points of worth [OURS]. */
    public static final double WORTH_CHANGING = .1;

    private final Query query;
    private final Preparation preparation;
    private final Stop stop;
    private final List<Function<Candidate, List<Details>>> questions = List.of(
            this::cares,
            this::finishes,
            this::stays,
            this::roots,
            this::moistures,
            this::holds,
            this::waters,
            this::orders,
            this::scrunches,
            this::positions,
            this::mornings,
            this::nights);

    /** The same questions, and the parting: it hangs on the smaller things as much as they on each other. */
    private final List<Function<Candidate, List<Candidate>>> settled;

    /** Runs a candidate through the water. */
    private final Function<Candidate, Evaluation> judge;

    /**
     * @param partings the same plan parted in each way that is another
     * @param judge runs a choice through the water
     */
    public Refinement(
            Query query,
            Preparation preparation,
            Function<Candidate, List<Candidate>> partings,
            Function<Candidate, Evaluation> judge,
            Stop stop) {
        this.stop = stop;
        this.query = query;
        this.preparation = preparation;
        this.judge = judge;
        this.settled = Stream.concat(
                        questions.stream().map(Refinement::asked),
                        Stream.<Function<Candidate, List<Candidate>>>of(partings))
                .toList();
    }

    /** A question about the smaller things as one about whole plans. */
    private static Function<Candidate, List<Candidate>> asked(Function<Candidate, List<Details>> question) {
        return choice -> question.apply(choice).stream().map(choice::with).toList();
    }

    /** The plan with every smaller thing as good as any other answer to it would make it; itself where none is better. */
    public Evaluation of(Evaluation plan) {
        Evaluation best = climbed(plan, settled);
        if (stop.isDue()) {
            return best;
        }
        double hindered = hindered(best);
        if (hindered == 0) {
            return best;
        }
        // A shorter care may leave minutes that are worth more elsewhere, at most about as much as limits are in the
        // way of.
        List<Function<Candidate, List<Candidate>>> others = settled.subList(1, settled.size());
        for (Details care : cares(best.choice())) {
            Evaluation other = judge.apply(best.choice().with(care));
            if (other.isFeasible() && other != best && other.worth() + hindered > best.worth() + WORTH_CHANGING) {
                Evaluation climbed = climbed(other, others);
                best = Evaluation.BEST_FIRST.compare(climbed, best) < 0 ? climbed : best;
            }
        }
        return best;
    }

    /**
     * The best of some plans, each settled: every question is asked of all of them once, then on of those that are still near the best.
     * Null where none is.
     *
     * @param needed what is worth less need not be looked for
     */
    public Evaluation bestOf(List<Evaluation> plans, double needed) {
        return allOf(plans, needed).stream().findFirst().orElse(null);
    }

    /** The same of all that are near the best, best first. */
    public List<Evaluation> allOf(List<Evaluation> plans, double needed) {
        List<Evaluation> once = Parallel.map(plans, plan -> climbed(plan, settled, 1)).stream()
                .distinct()
                .toList();
        double best = Math.max(
                needed, once.stream().mapToDouble(Evaluation::worth).max().orElse(needed));
        List<Evaluation> near =
                once.stream().filter(plan -> plan.worth() >= best - STILL_NEAR).toList();
        return Parallel.map(near, this::of).stream()
                .distinct()
                .sorted(Evaluation.BEST_FIRST)
                .toList();
    }

    /** What asking once more has hardly ever made up for, in points of worth [OURS; what it misses is measured by bin/bench]. */
    private static final double STILL_NEAR = 1;

    /** By how much another answer would be better that breaks a limit; 0 of one that breaks none. */
    private double broken(Evaluation plan, Details other) {
        Evaluation otherwise = judge.apply(plan.choice().with(other));
        return otherwise.isFeasible() ? 0 : otherwise.worth() - plan.worth();
    }

    /** Points of worth that a limit is in the way of: of each question the best answer that breaks one, together. */
    public double hindered(Evaluation plan) {
        return questions.stream()
                .mapToDouble(question ->
                        Parallel.map(question.apply(plan.choice()), details -> broken(plan, details)).stream()
                                .mapToDouble(gain -> gain)
                                .filter(gain -> gain > 0)
                                .max()
                                .orElse(0))
                .sum();
    }

    private Evaluation climbed(Evaluation plan, List<Function<Candidate, List<Candidate>>> asked) {
        return climbed(plan, asked, MOST_ROUNDS);
    }

    private Evaluation climbed(Evaluation plan, List<Function<Candidate, List<Candidate>>> asked, int rounds) {
        Evaluation best = plan;
        int sure = 0;
        for (int i = 0; i < rounds * asked.size() && sure < asked.size() && !stop.isDue(); i++) {
            Evaluation better = answered(best, asked.get(i % asked.size()));
            sure = better == best ? sure + 1 : 1;
            best = better;
        }
        return best;
    }

    private Evaluation answered(Evaluation plan, Function<Candidate, List<Candidate>> question) {
        Evaluation other = bestAnswer(plan.choice(), question);
        return other != null && other.worth() > plan.worth() + WORTH_CHANGING ? other : plan;
    }

    /** The best answer but the one taken that keeps the limits, null for none. */
    private Evaluation bestAnswer(Candidate choice, Function<Candidate, List<Candidate>> question) {
        return Evaluation.best(Parallel.map(
                question.apply(choice).stream()
                        .filter(other -> !other.equals(choice))
                        .toList(),
                judge));
    }

    /** To each question the best answer but the one taken, of those that keep the limits. */
    public List<Evaluation> rivals(Evaluation plan) {
        Candidate choice = plan.choice();
        if (stop.isDue()) {
            return List.of();
        }
        return questions.stream()
                .map(question -> bestAnswer(choice, asked(question)))
                .filter(Objects::nonNull)
                .toList();
    }

    /** Every answer to every question, the rest as it stands. */
    public List<Details> all(Candidate choice) {
        return questions.stream()
                .flatMap(question -> question.apply(choice).stream())
                .toList();
    }

    private List<Details> finishes(Candidate choice) {
        Finish own = choice.details().finish();
        List<Details> all = new ArrayList<>();
        for (Details.Cloth cloth : DryAndFinish.cloths(query)) {
            all.addAll(each(DryAndFinish.all(query, choice), finish -> choice.details()
                    .with(finish.turned(own.turned())
                            .rooted(own.roots())
                            .pressed(cloth)
                            .staying(own.stays())
                            .kept(own.refreshed(), own.night()))));
        }
        return all;
    }

    private List<Details> stays(Candidate choice) {
        Finish own = choice.details().finish();
        return choice.drying().ends()
                ? List.of()
                : each(List.of(Stay.values()), stay -> choice.details().with(own.staying(stay)));
    }

    private List<Details> roots(Candidate choice) {
        Finish own = choice.details().finish();
        return each(DryAndFinish.roots(query, choice), roots -> choice.details().with(own.rooted(roots)));
    }

    private List<Details> cares(Candidate choice) {
        return each(preparation.all(), choice.details()::with);
    }

    /** Every pair of amounts. */
    public List<Doses> amounts(Doses own) {
        List<Doses> all = new ArrayList<>();
        for (Share hold : Share.values()) {
            for (Share moisture : moistures()) {
                all.add(new Doses(moisture, hold, own.crownSpared()));
            }
        }
        return all;
    }

    /** The plan itself, and with its stylers met by other water: what another bottle is worth hangs on it. */
    public List<Candidate> alike(Candidate choice) {
        return waters(choice).stream().map(choice::with).toList();
    }

    /** Clipped where it is not, or not where it is, and the same of a cast that is left: each met by any water; none where not open. */
    public List<List<Candidate>> finishedOtherwise(Candidate choice) {
        Finish own = choice.details().finish();
        return Stream.<Predicate<Finish>>of(
                        finish -> finish.clips() != own.clips() && finish.castLeft() == own.castLeft(),
                        finish -> finish.clips() == own.clips() && finish.castLeft() != own.castLeft())
                .map(otherwise -> finishes(choice).stream()
                        .filter(details -> details.finish().cloth() == own.cloth()
                                && details.finish().stop() == own.stop()
                                && otherwise.test(details.finish()))
                        .flatMap(details -> alike(choice.with(details)).stream())
                        .toList())
                .filter(some -> !some.isEmpty())
                .toList();
    }

    /** What is advised for fine hair is the least that spreads; where that is too rich, it is the wrong bottle [CP]. */
    private List<Share> moistures() {
        return query.hair().strand() == Strand.FINE ? List.of(Share.ADVISED) : List.of(Share.values());
    }

    private List<Details> moistures(Candidate choice) {
        if (choice.cream() == null && choice.leaveIn() == null) {
            return List.of();
        }
        Details own = choice.details();
        List<Details> all = new ArrayList<>();
        for (Share amount : moistures()) {
            for (boolean spared : isCrownFiner() ? BOTH : List.of(false)) {
                all.add(own.with(new Doses(amount, own.dose().hold(), spared)));
            }
        }
        return all;
    }

    /** Hair that is alike all over is not made lighter by leaving some of it bare. */
    private boolean isCrownFiner() {
        return query.hair().at(Zone.CROWN).strand().compareTo(query.hair().strand()) < 0;
    }

    private List<Details> holds(Candidate choice) {
        Doses own = choice.details().dose();
        return choice.isShaped()
                ? each(List.of(Share.values()), amount -> choice.details()
                        .with(new Doses(own.moisture(), amount, own.crownSpared())))
                : List.of();
    }

    /** Drier or wetter in the window of each bottle. */
    List<Details> waters(Candidate choice) {
        Work own = choice.details().work();
        return each(List.of(Water.values()), water -> choice.details().with(own.met(water)));
    }

    private List<Details> orders(Candidate choice) {
        Work own = choice.details().work();
        boolean twoMoist = choice.cream() != null && choice.leaveIn() != null;
        List<Details> all = new ArrayList<>();
        for (Order order : choice.isBySection() ? List.of(Order.values()) : List.of(own.order())) {
            for (boolean creamFirst : twoMoist ? BOTH : List.of(own.creamFirst())) {
                all.add(choice.details().with(own.ordered(order, creamFirst)));
            }
        }
        return all;
    }

    private List<Details> scrunches(Candidate choice) {
        Work own = choice.details().work();
        return each(choice.isShaped() ? scrunches(query) : List.of(), count -> choice.details()
                .with(own.scrunched(count)));
    }

    /** Waves take 10 to 20, curls and coils 2 or 3 [CP]; straight hair has no curl to scrunch up, only a little lift [OURS]. */
    private static List<Integer> scrunches(Query query) {
        if (query.hair().pattern().isStraight()) {
            return List.of(2, 3);
        }
        return query.hair().pattern().isWavy() ? List.of(10, 15, 20) : List.of(2, 3);
    }

    private static int most(List<Integer> counts) {
        return counts.get(counts.size() - 1);
    }

    private List<Details> positions(Candidate choice) {
        List<Details> all = new ArrayList<>();
        for (boolean turned : choice.drying().usesDryer() ? BOTH : List.of(true)) {
            for (boolean lifted : BOTH) {
                // Head down without lifting the roots after is a fault of its own.
                for (boolean upsideDown : lifted ? BOTH : List.of(false)) {
                    Work own = choice.details().work();
                    Finish finish = choice.details().finish();
                    all.add(choice.details().with(own.held(lifted, upsideDown)).with(finish.turned(turned)));
                }
            }
        }
        return all;
    }

    private List<Details> mornings(Candidate choice) {
        Finish own = choice.details().finish();
        return each(BOTH, refreshed -> choice.details().with(own.kept(refreshed, own.night())));
    }

    private List<Details> nights(Candidate choice) {
        Finish own = choice.details().finish();
        List<NightCare> open = Stream.of(NightCare.values())
                .filter(night -> night.suits(query.hair()))
                .toList();
        return each(open, night -> choice.details().with(own.kept(own.refreshed(), night)));
    }

    private static <T> List<Details> each(List<T> answers, Function<T, Details> with) {
        return answers.stream().map(with).toList();
    }

    private static final List<Boolean> BOTH = List.of(false, true);

    /** The same where minutes are short: neither lifted nor pressed in cloth, and scrunched as little as will do. */
    public static Details sparing(Details usual, Query query) {
        List<Details.Cloth> cloths = DryAndFinish.cloths(query);
        boolean bare = cloths.contains(Details.Cloth.NONE);
        return usual.with(usual.work()
                        .held(false, false)
                        .met(Water.DRIER)
                        .scrunched(scrunches(query).get(0)))
                .with(usual.finish().pressed(bare ? Details.Cloth.NONE : cloths.get(0)));
    }

    /** What a search begins with: as the trade usually does it, lifted and clipped where volume is wanted. */
    public static Details usual(Query query, Before before) {
        return new Details(
                before,
                Doses.ADVISED,
                new Work(
                        Water.USUAL,
                        Order.TRADE,
                        false,
                        query.goal().wantsVolume(),
                        query.goal().wantsVolume(),
                        query.schoolsOrDefault().mousse() == Schools.MoussePlace.UNDER,
                        most(scrunches(query))),
                DryAndFinish.usual(query));
    }
}
