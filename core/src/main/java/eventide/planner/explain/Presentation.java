package eventide.planner.explain;

import eventide.air.AirWords;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Judgement;
import eventide.planner.Query;
import eventide.planner.Reason;
import eventide.planner.Suggestion;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details;
import eventide.planner.compose.Preparation;
import eventide.planner.search.Evaluation;
import eventide.planner.search.Tidied;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.shape.Source;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Function;
import java.util.function.Predicate;

/** Turns the ranking into at most three suggestions that differ in kind, each named and with its reasons. */
public final class Presentation {
    /** Plans that are offered: more nobody compares with a client in the chair. */
    public static final int MOST = 3;
    /** How much worse than the best a rival may be and still be worth showing, in points of worth [OURS]. */
    public static final double WORTH_SHOWING = 14;

    /** Wetter than a trace of damp, percent [OURS]. */
    private static final double WET = 8;

    private final Query query;
    private final Preparation.Care asked;
    private final Function<Candidate, List<Evaluation>> runnerUps;
    private final Function<Evaluation, List<Evaluation>> otherDetails;
    private final Preparation preparation;

    /**
     * A plan written out with its reasons: all but its name, which depends on what it stands beside.
     *
     * @param plan as the search found it
     * @param routine the same with its useless steps taken out
     */
    public record Written(Evaluation plan, List<Reason> reasons, Routine routine, Judgement judgement) {}

    /**
     * @param preparation the care this hair asks for, and what its scalp does
     * @param runnerUps for each large thing a plan decides, the best with just that decided otherwise
     * @param otherDetails the same for the smaller things
     */
    public Presentation(
            Query query,
            Preparation preparation,
            Function<Candidate, List<Evaluation>> runnerUps,
            Function<Evaluation, List<Evaluation>> otherDetails) {
        this.query = query;
        this.preparation = preparation;
        this.asked = preparation.asked();
        this.runnerUps = runnerUps;
        this.otherDetails = otherDetails;
    }

    /** The plan as it is read: steps, reasons by zone and by step, each the difference of two runs. */
    public Written write(Evaluation plan) {
        Wash wash = Tidied.of(plan, query.limitsOrUsual());
        return new Written(plan, reasons(plan, wash), wash.routine(), Judgement.of(wash));
    }

    /**
     * @param written best first
     */
    public static List<Suggestion> named(List<Written> written) {
        List<Evaluation> chosen = written.stream().map(Written::plan).toList();
        List<String> names = new ArrayList<>();
        List<Suggestion> suggestions = new ArrayList<>();
        for (Written one : written) {
            String name = name(one.plan(), chosen, names);
            names.add(name);
            suggestions.add(Suggestion.of(name, one.reasons(), one.routine(), one.judgement()));
        }
        return List.copyOf(suggestions);
    }

    /**
     * What sets it apart from the best, in two or three words.
     *
     * @param taken names that are given already
     */
    private static String name(Evaluation judged, List<Evaluation> chosen, List<String> taken) {
        if (judged == chosen.get(0)) {
            return "Best for the goal";
        }
        Scores own = OutcomeModel.scores(judged.wash());
        Scores best = OutcomeModel.scores(chosen.get(0).wash());
        String name = !judged.choice().drying().usesDryer()
                        && chosen.get(0).choice().drying().usesDryer()
                ? "No dryer"
                : null;
        double gain = .4;
        for (ScoreName score :
                List.of(ScoreName.VOLUME, ScoreName.DEFINITION, ScoreName.SOFTNESS, ScoreName.DAYS, ScoreName.FRIZZ)) {
            double more = (own.of(score) - best.of(score)) * (score == ScoreName.FRIZZ ? -1 : 1);
            String label = "More " + (score == ScoreName.DAYS ? "days" : score.word());
            label = score == ScoreName.FRIZZ ? "Less frizz" : label;
            if (name == null || (more > gain && !name.equals("No dryer"))) {
                if (more > gain && !taken.contains(label)) {
                    gain = more;
                    name = label;
                }
            }
        }
        double saved = chosen.get(0).wash().course().chairMinutes()
                - judged.wash().course().chairMinutes();
        if (name == null && saved >= 5) {
            name = "Quicker by " + Math.round(saved) + " min";
        }
        if (name == null || taken.contains(name)) {
            name = otherwise(judged.choice(), chosen.get(0).choice());
        }
        return taken.contains(name) ? capital(judged.choice().words()) : name;
    }

    /** What is done otherwise than in the best: the way of working, or where that is the same a layer more or less. */
    private static String otherwise(Candidate own, Candidate best) {
        if (own.hands() != best.hands() && own.drying() != best.drying()) {
            return capital(own.words());
        }
        if (own.drying() != best.drying()) {
            return capital(own.drying().label);
        }
        if (own.hands() != best.hands() && own.isShaped()) {
            return capital(own.hands().label);
        }
        if ((own.cream() == null) != (best.cream() == null)) {
            return own.cream() == null ? "Without a cream" : "With a cream";
        }
        if ((own.gel() == null) != (best.gel() == null)) {
            return own.gel() == null ? "Without a gel" : "With a gel";
        }
        return capital(own.words());
    }

    /** Why this bottle, this way and this care, each against the best with just that otherwise. */
    private List<Reason> reasons(Evaluation judged, Wash wash) {
        Routine routine = wash.routine();
        List<Reason> reasons = new ArrayList<>();
        List<Evaluation> ranked = runnerUps.apply(judged.choice());
        Candidate choice = judged.choice();
        slot(reasons, ranked, judged, routine, choice.cream(), "cream", c -> c.cream());
        slot(reasons, ranked, judged, routine, choice.leaveIn(), "leave-in", c -> c.leaveIn());
        slot(reasons, ranked, judged, routine, choice.gel(), "gel", c -> c.gel());
        slot(reasons, ranked, judged, routine, choice.mousse(), "mousse", c -> c.mousse());
        other(
                reasons,
                ranked,
                judged,
                c -> c.wearsSame(choice) && c.drying() == choice.drying() && c.hands() != choice.hands(),
                j -> j.choice().hands().label,
                step(routine, Presentation::shapes));
        other(
                reasons,
                ranked,
                judged,
                c -> c.wearsSame(choice) && c.hands() == choice.hands() && c.drying() != choice.drying(),
                j -> j.choice().drying().label,
                step(routine, step -> step.action().isDrying()));
        other(
                reasons,
                ranked,
                judged,
                c -> c.wearsSame(choice) && c.hands() == choice.hands() && c.sections() != choice.sections(),
                j -> sections(j.routine()) + " sections",
                step(routine, step -> step.sectionsOrOne() > 1));
        goesOutWet(reasons, wash);
        List<Evaluation> others = otherDetails.apply(judged);
        for (Evaluation rival : others) {
            detail(reasons, judged, rival, routine);
        }
        reasons.addAll(ZoneReasons.of(query.hair(), judged.wash().with(routine)));
        // Left out though it would keep the limits: then what it would change is said above, and time is not the
        // reason.
        boolean chosen = others.stream()
                .anyMatch(other -> other.choice().details().before().care() == asked);
        care(reasons, judged, routine, chosen);
        keeping(reasons, judged);
        reasons.addAll(preparation.scalpReasons(routine));
        String air = AirWords.of(query.air());
        reasons.add(new Reason(
                Character.toUpperCase(air.charAt(0)) + air.substring(1) + ".", Source.COMMON_PRACTICE, null));
        return List.copyOf(reasons);
    }

    /** Another number of sections that changes hardly anything is not worth a word. */
    private static boolean sameSections(Evaluation other, Evaluation judged) {
        return other.choice().hands() == judged.choice().hands()
                && other.choice().drying() == judged.choice().drying()
                && ScoreChange.between(judged.wash(), other.wash()).isNone();
    }

    private static int sections(Routine routine) {
        return routine.steps().stream().mapToInt(Step::sectionsOrOne).max().orElse(1);
    }

    /** A smaller thing decided otherwise, where that would change anything. */
    private static void detail(List<Reason> reasons, Evaluation judged, Evaluation rival, Routine routine) {
        ScoreChange changes = ScoreChange.between(judged.wash(), rival.wash());
        if (!changes.isNone()) {
            DetailWords words = DetailWords.of(judged.choice(), rival.choice());
            reasons.add(new Reason(
                    capital(words.otherwise()) + " instead: " + changes + ".", Source.OURS, words.step(routine)));
        }
    }

    /** @param chosen whether it is the first plan, which says also why a care that was asked for is left out */
    private void care(List<Reason> reasons, Evaluation judged, Routine routine, boolean chosen) {
        if (asked == Preparation.Care.NONE) {
            return;
        }
        Integer step = null;
        for (int i = 0; i < routine.steps().size(); i++) {
            Action action = routine.steps().get(i).action();
            step = action == Action.MASK || action == Action.PROTEIN ? Integer.valueOf(i) : step;
        }
        Preparation.Care care = judged.choice().details().before().care();
        String why = asked == Preparation.Care.PROTEIN
                ? "over-soft hair wants strength before more moisture."
                : "dry or worn hair takes moisture in before it is styled.";
        String said = asked == Preparation.Care.PROTEIN ? "Protein first: " : "A mask first: ";
        String without = chosen
                ? "Without " + asked.label + ": it brings less than its minutes cost here, though "
                : "No time for " + asked.label + " in these minutes, though ";
        reasons.add(new Reason(
                care == asked ? said + why : without + why, Source.COMMON_PRACTICE, care == asked ? step : null));
    }

    /** That it is not dry when the client goes is said even where it was meant so. */
    private static void goesOutWet(List<Reason> reasons, Wash wash) {
        double wet = Math.max(wash.course().endLengths(), wash.course().endRoots());
        if (wet > WET) {
            reasons.add(new Reason(
                    "Goes out " + Math.round(wet) + "\u00a0% wet: the rest dries at home, untouched.",
                    Source.OURS,
                    null));
        }
    }

    /** How it is kept from day to day, where that is worth its trouble. */
    private static void keeping(List<Reason> reasons, Evaluation judged) {
        Details.Finish finish = judged.choice().details().finish();
        if (finish.night() != NightCare.NONE) {
            reasons.add(new Reason("Nights: " + finish.night().label() + ".", Source.COMMON_PRACTICE, null));
        }
        if (finish.refreshed()) {
            reasons.add(new Reason("Mornings: " + TakeAlong.MORNING + ".", Source.COMMON_PRACTICE, null));
        }
    }

    /** The best plan that differs in this one layer, and what that would change. */
    private void slot(
            List<Reason> reasons,
            List<Evaluation> ranked,
            Evaluation judged,
            Routine routine,
            Product used,
            String what,
            Function<Candidate, Product> layer) {
        Evaluation rival = ranked.stream()
                .filter(j -> layer.apply(j.choice()) != used && onlyThisDiffers(judged.choice(), j.choice(), layer))
                .findFirst()
                .orElse(null);
        if (rival == null) {
            return;
        }
        Product instead = layer.apply(rival.choice());
        String label = used == null
                ? "No " + what + ". With " + instead.name() + ": "
                : used.name() + ". " + (instead == null ? "Without it: " : "With " + instead.name() + " instead: ");
        Integer step = null;
        for (StepPlace place : routine.places()) {
            if (used != null && routine.at(place).worn() == used) {
                step = place.index();
            }
        }
        String change = ScoreChange.between(judged.wash(), rival.wash()) + ".";
        String late = rival.isFeasible() ? "" : " There is not the time for it.";
        reasons.add(new Reason(label + change + late, Source.OURS, step));
    }

    /** Whether two plans are alike but for one bottle. */
    private static boolean onlyThisDiffers(Candidate a, Candidate b, Function<Candidate, Product> layer) {
        int differing = 0;
        differing += a.leaveIn() != b.leaveIn() ? 1 : 0;
        differing += a.cream() != b.cream() ? 1 : 0;
        differing += a.gel() != b.gel() ? 1 : 0;
        differing += a.mousse() != b.mousse() ? 1 : 0;
        return differing == 1 && a.frame().equals(b.frame());
    }

    /**
     * @param wanted which plans are another way of the thing in question
     * @param step it is about, null for the plan as a whole
     */
    private void other(
            List<Reason> reasons,
            List<Evaluation> ranked,
            Evaluation judged,
            Predicate<Candidate> wanted,
            Function<Evaluation, String> label,
            Integer step) {
        ranked.stream()
                .filter(j -> wanted.test(j.choice()) && !sameSections(j, judged))
                .findFirst()
                .ifPresent(rival -> reasons.add(new Reason(
                        capital(label.apply(judged)) + ". " + capital(label.apply(rival)) + " instead: "
                                + ScoreChange.between(judged.wash(), rival.wash()) + ".",
                        Source.OURS,
                        step)));
    }

    /** Hands give the hair its shape in it, section by section or all over. */
    private static boolean shapes(Step step) {
        return step.isEachSection() || step.action() == Action.SCRUNCH;
    }

    /** The first step of this kind, null for none. */
    private static Integer step(Routine routine, Predicate<Step> wanted) {
        for (int i = 0; i < routine.steps().size(); i++) {
            if (wanted.test(routine.steps().get(i))) {
                return i;
            }
        }
        return null;
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1);
    }
}
