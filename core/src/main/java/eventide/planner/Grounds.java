package eventide.planner;

import eventide.check.Checker;
import eventide.check.DampAir;
import eventide.check.Finding;
import eventide.check.Layer;
import eventide.check.Lifting;
import eventide.check.Severity;
import eventide.check.Wash;
import eventide.drying.Course;
import eventide.drying.StepDuration;
import eventide.drying.TideModel;
import eventide.hair.Hair;
import eventide.outcome.Prospect;
import eventide.planner.Search.Frame;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;
import java.util.stream.Stream;

/** What is sure of every plan of one kind, whichever stylers it takes: each worked out once, by one run through the water. */
final class Grounds {
    /** Findings that no choice of styler can take from a way of drying or shaping. */
    private static final Set<String> SURE_FINDINGS = Set.of("D5", "T4");

    /** Those, and what a plan here may have against it for all its kind. */
    private static final Set<String> ASKED = Set.of("D5", "T4", "O4", "D6");

    /**
     * Of the hands' own time for a further layer this much at least is added to the whole: meanwhile the hair dries, and
     * the dryer has less to do, but never as fast as under the dryer [OURS: the least found over some thousand random plans].
     */
    private static final double ADDED_AT_LEAST = .65;

    /** A squeeze and a mist that not every styler asks for, minutes [OURS, found likewise]. */
    private static final double NOT_ALWAYS = .75;

    /** A squeeze before a further layer, which not every bottle asks for, minutes. */
    private static final double SQUEEZED = .5;

    /** What the minutes of a kind are left to be wrong by before none of its plans is asked: a wide margin, minutes [OURS]. */
    private static final double FURTHER_LAYER = 10;

    static final double CAST_FROM_HOLD = 5;

    /** What is sure of a frame with a cast or without one, or with nothing that holds; what it costs is in the outlook. */
    record Ground(Outlook outlook, int layers, String beyond) {}

    /** What a plan wears, as far as it decides which steps there are. */
    enum Kind {
        NOTHING,
        MOISTURE,
        HOLD,
        CAST
    }

    /**
     * @param layers which there are besides the one that stands for all, null while that is open
     */
    private record GroundKey(Frame frame, Kind kind, boolean guards, Water water, Layers layers) {
        private GroundKey usual() {
            return parted(Choice.Sections.USUAL);
        }

        private GroundKey parted(Choice.Sections sections) {
            return new GroundKey(frame.with(sections), kind, guards, water, layers);
        }
    }

    /** What one run tells: of the usual number of sections, and so of any. */
    private record Run(
            Prospect prospect, double costs, double slowHandsCost, int layers, double minutes, double chairMinutes) {}

    /**
     * @param held of the hold that is advised, the part that goes on
     * @param foamUnder where there is gel too, mousse goes under it
     */
    record Hold(double held, boolean foamUnder) {}

    private record Laid(GroundKey key, Hold hold) {}

    private record AnyKey(Frame frame, Hold hold) {}

    private final Map<GroundKey, Run> runs = new ConcurrentHashMap<>();
    private final Map<Laid, Ground> laid = new ConcurrentHashMap<>();
    private final Map<AnyKey, Ground[]> ofAny = new ConcurrentHashMap<>();
    private final Map<Frame, List<Choice.Sections>> partings = new ConcurrentHashMap<>();

    private final Query query;
    private final List<Product> allowed;
    private final Composer composer;
    private final Details details;
    private final List<Frame> frames;
    private final Water least;
    private final boolean guardable;
    private final LeftWet leftWet;
    private final boolean lifted;
    private final double furtherCosts;

    /**
     * @param details the smaller things, as every plan here has them; amounts take no time and are left open
     */
    Grounds(Query asked, List<Product> allowed, Details details, List<Frame> frames) {
        // At its quickest: a school that soaks the hair first only makes it slower.
        this.query = asked.under(asked.schoolsOrDefault().with("gelOn", null));
        this.allowed = allowed;
        this.composer = new Composer(query, allowed);
        this.details = details;
        this.frames = frames;
        this.least = new Slots(asked, allowed, details).leastWater();
        this.guardable = allowed.stream().anyMatch(Product::guardsHeat);
        this.leftWet = new LeftWet(query, allowed, details);
        this.furtherCosts = added(query.hair());
        Choice bare =
                standing(new GroundKey(frames.get(0).with(Choice.Sections.USUAL), Kind.NOTHING, false, least, null));
        this.lifted = composer.compose(bare).steps().stream().anyMatch(Lifting::lifts);
        // Each apart from the others: on as many cores as there are.
        frames.stream()
                .flatMap(frame ->
                        Stream.of(Kind.HOLD, Kind.CAST).map(kind -> new GroundKey(frame, kind, false, least, null)))
                .map(GroundKey::usual)
                .distinct()
                .toList()
                .parallelStream()
                .forEach(key -> runs.put(key, run(key)));
    }

    /** As {@link #of}, for whatever styler: asked many thousand times, so looked up without a key. */
    Ground ofAny(Frame frame, Kind kind, boolean guards, Hold hold) {
        Ground[] known = ofAny.computeIfAbsent(new AnyKey(frame, hold), any -> new Ground[2 * Kind.values().length]);
        int at = 2 * kind.ordinal() + (guards ? 1 : 0);
        if (known[at] == null) {
            known[at] = of(frame, kind, guards, least, null, hold);
        }
        return known[at];
    }

    /**
     * Without anything that holds nobody shapes, so all ways of shaping are one.
     *
     * @param layers null while any may still be added: then what each takes is not counted in it
     */
    Ground of(Frame frame, Kind kind, boolean guards, Water water, Layers layers, Hold hold) {
        boolean shaped = kind == Kind.HOLD || kind == Kind.CAST;
        Frame first = frames.get(0);
        Frame own = shaped ? frame : new Frame(first.hands(), Choice.Sections.USUAL, frame.drying());
        GroundKey key = new GroundKey(own, kind, guards && (shaped || layers != null), water, layers);
        return laid.computeIfAbsent(new Laid(key, shaped ? hold : NO_HOLD), this::lay);
    }

    /** Each number of sections that is another one, the usual first. */
    List<Choice.Sections> partings(Frame frame) {
        return partings.computeIfAbsent(frame, this::distinct);
    }

    private List<Choice.Sections> distinct(Frame frame) {
        List<Choice.Sections> all = new ArrayList<>();
        Set<Integer> counts = new HashSet<>();
        for (Choice.Sections sections : Choice.Sections.values()) {
            if (counts.add(
                    composer.sections(standing(new GroundKey(frame.with(sections), Kind.CAST, false, least, null))))) {
                all.add(sections);
            }
        }
        return List.copyOf(all);
    }

    private Ground lay(Laid asked) {
        GroundKey key = asked.key();
        Run run = runs.computeIfAbsent(key.usual(), this::run);
        List<Outlook.Way> ways = new ArrayList<>();
        double saved = 0;
        Choice.Sections decided = key.frame().sections();
        for (Choice.Sections sections : decided == null ? partings(key.frame()) : List.of(decided)) {
            GroundKey parted = key.parted(sections);
            Outlook.Way way = way(run, parted);
            ways.add(
                    asked.hold().held() == 1
                            ? way
                            : way.thinned(asked.hold().held(), isThin(asked, true), isThin(asked, false)));
            saved = Math.max(saved, -minutesMore(parted));
        }
        return new Ground(
                new Outlook(ways, query.goal()),
                run.layers(),
                beyond(key, run.minutes() - saved, run.chairMinutes() - saved));
    }

    /** Whether less hold than advised is spread thin there: foam and gel together are enough. */
    private static boolean isThin(Laid asked, boolean crown) {
        Layers layers = asked.key().layers();
        if (layers == null) {
            return !crown && !asked.hold().foamUnder();
        }
        boolean both = layers.gel() && layers.mousse();
        return !both || !crown && !layers.foamUnder();
    }

    /**
     * Another number of sections changes the result by a known amount. Each takes its minutes of hands; meanwhile the hair
     * dries, so more of them add less to the whole than they take, and fewer save no more.
     */
    private Outlook.Way way(Run run, GroundKey key) {
        double minutes = minutesMore(key);
        double counted = minutes > 0 ? ADDED_AT_LEAST * minutes : minutes;
        double costs = run.costs() + counted * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS);
        // With fewer, hands that were too slow may be in time.
        costs -= minutes < 0 ? run.slowHandsCost() : 0;
        int from = composer.sections(standing(key.usual()));
        int to = composer.sections(standing(key));
        return new Outlook.Way(to == from ? run.prospect() : run.prospect().parted(from, to), costs);
    }

    /** Minutes of hands more than with the usual number of sections. */
    private double minutesMore(GroundKey key) {
        Choice choice = standing(key);
        int more = composer.sections(choice) - composer.sections(standing(key.usual()));
        boolean misted = choice.isShaped() && choice.hands() != Choice.Hands.SCRUNCH;
        return more * (StepDuration.SECTION_MINUTES + (misted ? Composer.MIST_MINUTES : 0));
    }

    /** What the minutes of a layer under the hold cost at least. */
    static double added(Hair hair) {
        Step apply = Step.of(Action.APPLY).technique(Technique.RAKE).build();
        return ADDED_AT_LEAST
                * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS)
                * StepDuration.wholeHead(apply, hair);
    }

    /** The layer that stands for all of a kind. */
    private static Layers standIn(Kind kind) {
        boolean holds = kind == Kind.HOLD || kind == Kind.CAST;
        return new Layers(kind == Kind.MOISTURE, false, holds, false, false);
    }

    private static final Hold NO_HOLD = new Hold(1, false);

    private Choice standing(GroundKey key) {
        Layers layers = key.layers() == null ? standIn(key.kind()) : key.layers();
        return new Choice(
                layers.leaveIn() ? stand(Role.LEAVE_IN, key) : null,
                layers.cream() ? stand(Role.CREAM, key) : null,
                layers.gel() ? stand(Role.GEL, key) : null,
                layers.mousse() ? stand(Role.MOUSSE, key) : null,
                key.frame().hands(),
                key.frame().sections(),
                key.frame().drying(),
                details.with(layers.worked(details.work())));
    }

    /**
     * A wash of that kind on the driest hair any styler here asks for: nothing takes fewer minutes. Where nothing holds, a
     * leave-in stands in, and the time it takes is not counted.
     */
    private Run run(GroundKey key) {
        Choice choice = standing(key);
        Composer sparing = Composer.sparing(query, allowed, key.water());
        Wash wash = Wash.of(
                sparing.compose(choice), query.hair(), query.goal(), query.air(), query.schools(), query.limits());
        Predicate<Layer> open = layer -> layer.product().name().equals(StandIn.NAME);
        int layers = (int) wash.layers().stream().filter(open.negate()).count();
        Least least = least(key.frame().drying());
        Time time = time(key, wash.course());
        double chair = least.chair() * Math.max(0, time.chair() - notAlways(key));
        double waiting = least.waiting() * time.waiting();
        double costs = Worth.CHAIR_MINUTE_COSTS * chair
                + Worth.WAITING_MINUTE_COSTS * (chair + waiting)
                + Worth.keeping(details.finish().refreshed(), details.finish().night())
                + leftWet.costs(key.frame(), choice.isShaped(), key.water(), key.layers())
                - (key.kind() == Kind.MOISTURE && key.layers() == null
                        ? furtherCosts / ADDED_AT_LEAST + parting(composer.sections(choice))
                        : 0);
        double slow = 0;
        for (Finding finding : Checker.plainly(wash, ASKED)) {
            boolean warned = SURE_FINDINGS.contains(finding.rule())
                    && finding.severity() != Severity.NOTE
                    && (!finding.rule().equals("D5") || isLongInAir(wash, MUCH_SOONER));
            boolean unguarded = finding.rule().equals("O4") && (!guardable || key.layers() != null && !key.guards());
            if (warned || unguarded) {
                double cost = finding.severity() == Severity.NOTE ? Worth.NOTE_COSTS : Worth.WARNING_COSTS;
                costs += cost;
                slow += finding.rule().equals("T4") ? cost : 0;
            } else if (finding.rule().equals("D6")) {
                costs += Worth.NOTE_COSTS; // wetter hair is not less wet when the client goes
            }
        }
        return new Run(
                Prospect.of(wash, open, SOONER * least.waiting()),
                costs,
                slow,
                layers,
                time.chair() + time.waiting(),
                time.chair());
    }

    /** Minutes of hands and without. */
    private record Time(double chair, double waiting) {}

    /** Usually the driest hair is dry first, but the wetter the dryer met it, the sooner roots may be: the less of both. */
    private Time time(GroundKey key, Course driest) {
        double waiting = driest.minutes() - driest.chairMinutes();
        boolean sure = key.layers() == null && waiting < 1;
        if (sure || key.water().equals(Water.NONE) || !key.frame().drying().usesDryer()) {
            return new Time(driest.chairMinutes(), waiting);
        }
        GroundKey soaked = new GroundKey(key.frame(), key.kind(), key.guards(), Water.NONE, key.layers());
        Routine routine = Composer.sparing(query, allowed, Water.NONE).compose(standing(soaked));
        Course course = TideModel.run(routine, query.hair(), query.air());
        return new Time(
                Math.min(driest.chairMinutes(), course.chairMinutes()),
                Math.min(waiting, course.minutes() - course.chairMinutes()));
    }

    /** What the minutes of a cream or leave-in cost at least, whichever it is. */
    double furtherCosts() {
        return furtherCosts;
    }

    /** Whether the wash lifts whatever builds up. */
    boolean isLifted() {
        return lifted;
    }

    /** Of its waiting, the part in air alone may be shorter yet [OURS]. */
    private static final double SOONER = .85;

    /** The same where much hangs on it: a warning more or less [OURS]. */
    private static final double MUCH_SOONER = .7;

    /** Another plan's hair may be so much drier when its time in air begins, percent: a dryer's stop is not quite the same to all [OURS]. */
    private static final double LESS_WET = 5;

    /** Slow in damp air however much sooner another plan is dry. */
    private static boolean isLongInAir(Wash wash, double part) {
        return wash.course().visits().stream()
                .anyMatch(visit -> visit.step().action() == Action.AIR
                        && visit.headWetness() >= DampAir.STILL_WET + LESS_WET
                        && part * visit.minutes() >= DampAir.LEAST_MINUTES + NOT_ALWAYS);
    }

    /** Of the minutes that the driest hair takes, the part that any takes at least. */
    private record Least(double chair, double waiting) {}

    /**
     * Drier hair is dry sooner, but not quite always: hair that came to a dryer wetter has had more of it at the roots.
     * [OURS]: each figure is the least found over some thousand random plans, and a little less; a test holds plans against their
     * bounds.
     */
    private static Least least(Choice.Drying drying) {
        return switch (drying) {
            case HOME, LEAVE, AIR -> new Least(.985, .95);
            case PART -> new Least(.985, .9);
            case DIFFUSE -> new Least(.94, .94);
            case AIR_ROOTS -> new Least(.89, .9);
        };
    }

    /** What taking up so many sections costs. */
    private static double parting(int sections) {
        return sections * StepDuration.SECTION_MINUTES * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS);
    }

    /** The limit that even the quickest wash of a kind is beyond, so that none of them need be asked; null for none. */
    private String beyond(GroundKey key, double minutes, double chairMinutes) {
        Limits limits = query.limitsOrUsual();
        Least least = least(key.frame().drying());
        double more = key.layers() == null ? FURTHER_LAYER : notAlways(key);
        boolean airAfterDryer =
                key.frame().drying() == Choice.Drying.PART || key.frame().drying() == Choice.Drying.AIR_ROOTS;
        if ((airAfterDryer ? SOONER : least.waiting()) * minutes - more > limits.minutes()) {
            return "minutes";
        }
        return least.chair() * chairMinutes - more > limits.chairMinutesOrAll() ? "hands-on minutes" : null;
    }

    /** Minutes of squeezing and misting that a plan with those layers may do without. */
    private static double notAlways(GroundKey key) {
        return NOT_ALWAYS
                + (key.layers() == null
                        ? 0
                        : SQUEEZED * Math.max(0, key.layers().count() - 1));
    }

    private static Product stand(Role role, GroundKey key) {
        return new StandIn(role, key.kind() == Kind.CAST, key.guards()).bottle();
    }
}
