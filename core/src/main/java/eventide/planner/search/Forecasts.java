package eventide.planner.search;

import eventide.drying.StepDuration;
import eventide.hair.Strand;
import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Composer;
import eventide.planner.compose.Details;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Layers;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.BottleClass;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Forecast.Mixture;
import eventide.routine.Action;
import eventide.routine.Limits;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.shape.Parallel;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;

/** A forecast for every class of plans: one plan of each way of shaping and drying is run, and the rest forecast from it. */
public final class Forecasts {
    /** Hold and richness that a plan to begin with has, 0 to 10 [OURS]. */
    private static final double USUAL_HOLD = 6;

    /** Richness of what feeds fine hair in such a plan, 0 to 10 [OURS]. */
    private static final double RICH_FINE = 2;
    /** The same of medium strands [OURS]. */
    private static final double RICH_MEDIUM = 4;
    /** The same of coarse strands [OURS]. */
    private static final double RICH_COARSE = 6;

    private final Query query;
    private final PlanSpace space;
    private final Stylers stylers;
    private final Details details;
    private final EvaluationCache runs;
    private final double passMinutes;

    /**
     * One plan of a way of working that was run.
     *
     * @param sections into how many it was parted
     */
    private record Sample(Evaluation plan, Forecast forecast, Layers layers, int sections) {}

    /** What a sample stands for; without anything that holds, hands shape nothing and are all one. */
    private record Way(boolean shaped, Candidate.Shaping hands, Candidate.Drying drying) {}

    /**
     * @param details the smaller things of every plan that is forecast
     * @param runs where samples are run, and found again
     */
    public Forecasts(Query query, PlanSpace space, Details details, EvaluationCache runs) {
        this.query = query;
        this.space = space;
        this.stylers = space.stylers();
        this.details = details;
        this.runs = runs;
        this.passMinutes = StepDuration.wholeHead(
                Step.of(Action.APPLY).technique(Technique.PRAYING_HANDS).build(), query.hair());
    }

    /** Every layering worked in every way that is another, none of them run but one of each way. */
    public List<PlanClass> classes() {
        Map<Way, Sample> samples = samples();
        return Parallel.map(stylers.layerings(), layers -> classes(layers, samples)).stream()
                .flatMap(List::stream)
                .toList();
    }

    private List<PlanClass> classes(Layers layers, Map<Way, Sample> samples) {
        // Which bottles suit best hardly hangs on how the hair is dried: they are ranked once for all ways.
        List<Mixture> mixtures = space.mixtures()
                .usual(layers, details, best(samples, layers.isShaped()).forecast());
        return Parallel.map(
                space.frames(layers),
                frame -> planClass(frame, layers, mixtures, samples.get(way(layers.isShaped(), frame))));
    }

    /** That from which bottles are ranked: the best that keeps the limits. */
    private static Sample best(Map<Way, Sample> samples, boolean shaped) {
        return samples.entrySet().stream()
                .filter(entry -> entry.getKey().shaped() == shaped)
                .map(Map.Entry::getValue)
                .min(Comparator.comparing((Sample sample) -> !sample.plan().isFeasible())
                        .thenComparing(Sample::plan, Evaluation.BEST_FIRST))
                .orElseThrow();
    }

    private Way way(boolean shaped, Frame frame) {
        return new Way(shaped, shaped ? frame.hands() : space.ways().get(0).hands(), frame.drying());
    }

    /** One plan of each way, run side by side. */
    private Map<Way, Sample> samples() {
        List<Way> open = new ArrayList<>();
        boolean holds = stylers.layerings().stream().anyMatch(Layers::isShaped);
        for (Frame way : space.ways()) {
            for (boolean shaped : holds ? new boolean[] {true, false} : new boolean[] {false}) {
                Way one = way(shaped, way);
                if (!open.contains(one)) {
                    open.add(one);
                }
            }
        }
        Map<Way, Sample> samples = new HashMap<>();
        List<Sample> run = Parallel.map(open, this::sample);
        for (int i = 0; i < open.size(); i++) {
            samples.put(open.get(i), run.get(i));
        }
        return samples;
    }

    /** With middling bottles: what a forecast is wrong by grows with what is otherwise. */
    private Sample sample(Way way) {
        Frame frame = new Frame(way.hands(), Candidate.Sections.USUAL, way.drying());
        BottleClass gel = way.shaped() ? nearest(Slot.GEL, BottleClass::hold, USUAL_HOLD) : BottleClass.NONE;
        boolean foam = way.shaped() && (gel.isNone() || stylers.isInPlace(false, true));
        BottleClass mousse = foam ? nearest(Slot.MOUSSE, BottleClass::hold, USUAL_HOLD) : BottleClass.NONE;
        double rich = query.hair().strand() == Strand.FINE
                ? RICH_FINE
                : query.hair().strand() == Strand.MEDIUM ? RICH_MEDIUM : RICH_COARSE;
        BottleClass leaveIn = nearest(Slot.LEAVE_IN, BottleClass::richness, rich);
        BottleClass cream = leaveIn.isNone() ? nearest(Slot.CREAM, BottleClass::richness, rich) : BottleClass.NONE;
        Candidate choice = new Mixture(
                        gel.isNone() ? BottleClass.NONE : gel, gel.isNone() ? mousse : BottleClass.NONE, cream, leaveIn)
                .choice(frame, details);
        Evaluation plan = runs.of(choice);
        return new Sample(
                plan, Forecast.from(query, plan), Layers.of(choice), space.sections(frame, choice.isShaped()));
    }

    private BottleClass nearest(Slot slot, ToDoubleFunction<BottleClass> of, double wanted) {
        return stylers.kinds(slot).stream()
                .min(Comparator.comparingDouble(kind -> Math.abs(of.applyAsDouble(kind) - wanted)))
                .orElse(BottleClass.NONE);
    }

    /** Layers and sections beyond the sample's take hands and minutes, which cost points and may break limits. */
    private PlanClass planClass(Frame frame, Layers layers, List<Mixture> mixtures, Sample like) {
        int sections = space.sections(frame, layers.isShaped());
        int more = layers.count() - like.layers().count();
        double parted = sections - like.sections();
        double minutes = more * (passMinutes + sections * StepDuration.SECTION_MINUTES + Composer.SQUEEZE_MINUTES)
                + parted * (StepDuration.SECTION_MINUTES * like.layers().count() + Composer.MIST_MINUTES);
        double costs = more * Objective.LAYER_COSTS
                + minutes * (Objective.CHAIR_MINUTE_COSTS + Objective.WAITING_MINUTE_COSTS);
        Forecast forecast = like.forecast().parted(like.sections(), sections, costs);
        return new PlanClass(frame, layers, details, forecast, mixtures, over(query, like.plan(), minutes));
    }

    /** Minutes by which a plan that takes so many more than another would break a limit, negative where it would keep it. */
    public static double over(Query query, Evaluation like, double more) {
        Limits limits = query.limitsOrUsual();
        double minutes = like.minutesNeeded() + more;
        double over = Math.max(
                minutes - limits.minutes(), like.wash().course().chairMinutes() + more - limits.chairMinutesOrAll());
        boolean late = "time to be dry".equals(like.limit());
        return late ? Math.max(over, minutes - limits.mustBeDryBy()) : over;
    }
}
