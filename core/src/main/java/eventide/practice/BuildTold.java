package eventide.practice;

import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Stop;
import eventide.planner.Suggestion;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.explain.ScoreChange;
import eventide.planner.search.Evaluation;
import eventide.product.Product;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * What somebody would do beside what the planner would: how much of what is in reach it reaches, and what each decision costs.
 *
 * @param share of the way from hair with nothing in it, left to dry, to the best the planner found, 0 to 100 percent
 * @param beyond the limits it breaks, in words; then it reaches its share only where they are lifted
 * @param choices where the two part, the dearest first; each costs what it would by itself, and together they cost another sum
 */
public record BuildTold(
        int share, String words, List<String> beyond, Suggestion yours, Suggestion ours, List<Parting> choices) {
    /**
     * A decision that differs.
     *
     * @param costs points of the share that the planner's answer would bring, the rest as it stands; below 0 where it would lose some
     * @param because what that would change
     */
    public record Parting(String what, String yours, String ours, int costs, String because) {}

    /** Points of worth in which nobody would see a difference [OURS]. */
    private static final double UNSEEN = .1;
    /** From here a share is near, and below here far [OURS]. */
    private static final int NEAR = 85;

    /** Percent of what is in reach below which it is a long way off [OURS]. */
    private static final int FAR = 50;

    /**
     * @throws InvalidException where the head is to be referred first, the build cannot be, or nothing at all fits the limits
     */
    public static BuildTold of(BuildQuestion asked, Stop stop) {
        Situation.refer(asked.hair());
        Query query = asked.query();
        Candidate build = asked.build().on(query);
        Function<Candidate, Evaluation> settling = Planner.settling(query, stop);
        Evaluation yours = parted(build, settling);
        Evaluation planned = Planner.bestOf(query, any -> true, stop);
        Evaluation ours = Stream.of(planned, yours)
                .filter(plan -> plan != null && plan.isFeasible())
                .min(Evaluation.BEST_FIRST)
                .orElseThrow(() -> new InvalidException(List.of(new Fault(
                        "/limits", "Nothing on this shelf fits the limits given: practise on another head."))));
        Scale scale = new Scale(settling.apply(bare(query)).worth(), ours.worth());
        int share = scale.share(yours.worth());
        Suggestion own = Planner.written(query, yours);
        return new BuildTold(
                share,
                words(
                        share,
                        planned == null ? Double.POSITIVE_INFINITY : yours.worth() - planned.worth(),
                        own.beyond()),
                own.beyond(),
                own,
                Planner.written(query, ours),
                ours == yours ? List.of() : partings(yours, ours, settling, scale));
    }

    /**
     * Worth as a share of what is in reach.
     *
     * @param none points of worth where nothing is put on
     * @param best points of worth of the best known
     */
    private record Scale(double none, double best) {
        /** Percent of what lies between doing nothing and the best known; all of it where there is nothing to gain. */
        int share(double worth) {
            double reach = best - none;
            double share = reach < UNSEEN ? (worth >= best - UNSEEN ? 1 : 0) : (worth - none) / reach;
            return (int) Math.round(100 * Math.max(0, Math.min(1, share)));
        }

        /**
         * No more than there are: what is worse than nothing at all has further to go.
         *
         * @return from -100 to 100
         */
        int points(double worth) {
            return (int) Math.round(Math.max(-100, Math.min(100, 100 * worth / Math.max(UNSEEN, best - none))));
        }
    }

    /** In as many sections as suit it best. */
    private static Evaluation parted(Candidate build, Function<Candidate, Evaluation> settling) {
        List<Evaluation> plans = Stream.of(Candidate.Sections.values())
                .map(sections -> settling.apply(build.with(new Frame(build.hands(), sections, build.drying()))))
                .toList();
        Evaluation best = Evaluation.best(plans);
        return best == null
                ? plans.stream()
                        .min(Comparator.comparingDouble(Evaluation::minutesOver))
                        .orElseThrow()
                : best;
    }

    /** Nothing in it, left to the slowest drying that is open. */
    private static Candidate bare(Query query) {
        List<Candidate.Drying> drying = Situation.dryingOpen(query);
        return new Candidate(
                null,
                null,
                null,
                null,
                Situation.handsOpen(query).get(0),
                Candidate.Sections.USUAL,
                drying.get(drying.size() - 1),
                null);
    }

    /** Thing by thing where the two plans part: what the other's answer would bring this plan. */
    private static List<Parting> partings(
            Evaluation yours, Evaluation ours, Function<Candidate, Evaluation> settling, Scale scale) {
        List<Parting> partings = new ArrayList<>();
        Candidate own = yours.choice();
        Candidate other = ours.choice();
        for (Slot slot : Situation.ORDER) {
            if (own.in(slot) != other.in(slot)) {
                Evaluation instead = parted(own.with(slot, other.in(slot)), settling);
                partings.add(parting(slot.label, said(own.in(slot)), said(other.in(slot)), yours, instead, scale));
            }
        }
        if (own.isShaped() && other.isShaped() && own.hands() != other.hands()) {
            Evaluation instead = parted(own.with(new Frame(other.hands(), own.sections(), own.drying())), settling);
            partings.add(parting("hands", own.hands().label, other.hands().label, yours, instead, scale));
        }
        if (own.drying() != other.drying()) {
            Evaluation instead = parted(own.with(new Frame(own.hands(), own.sections(), other.drying())), settling);
            partings.add(parting("drying", own.drying().label, other.drying().label, yours, instead, scale));
        }
        partings.sort(Comparator.comparingInt(parting -> -parting.costs()));
        return List.copyOf(partings);
    }

    /**
     * @param from the plan as it was built
     * @param to the same with one thing as the other has it
     */
    private static Parting parting(
            String what, String yours, String ours, Evaluation from, Evaluation to, Scale scale) {
        String change = ScoreChange.between(from.wash(), to.wash()).toString();
        return new Parting(
                what,
                yours,
                ours,
                scale.points(to.worth() - from.worth()),
                to.isFeasible() ? change : change + "; it would not fit the " + to.limit());
    }

    private static String said(Product product) {
        return product == null ? "none" : product.name();
    }

    private static String words(int share, double more, List<String> beyond) {
        if (!beyond.isEmpty()) {
            return String.format(
                    Locale.ROOT,
                    "It would reach %d %% of what is in reach, but it does not fit: %s",
                    share,
                    beyond.get(0));
        }
        if (more > UNSEEN) {
            return "Better than what was planned here: yours is the best that was found.";
        }
        if (more >= -UNSEEN) {
            return "As good as what was planned here.";
        }
        if (share == 0) {
            return "No better than leaving this hair alone today.";
        }
        String how = share >= NEAR ? "Near" : share >= FAR ? "Part of the way" : "A long way off";
        return String.format(Locale.ROOT, "%s: %d %% of what is in reach on this head today.", how, share);
    }
}
