package eventide.planner;

import eventide.check.Checker;
import eventide.check.DampAir;
import eventide.check.Finding;
import eventide.check.Layer;
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

    /**
     * Of the hands' own time for a further layer this much at least is added to the whole: meanwhile the hair dries, and
     * the dryer has less to do, but never as fast as under the dryer [OURS: the least found over some thousand random plans].
     */
    private static final double ADDED_AT_LEAST = .65;

    /** A squeeze and a mist that not every styler asks for, minutes [OURS, found likewise]. */
    private static final double NOT_ALWAYS = .75;

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

    private record GroundKey(Frame frame, Kind kind, boolean guards, Water water) {
        private GroundKey usual() {
            return parted(Choice.Sections.USUAL);
        }

        private GroundKey parted(Choice.Sections sections) {
            return new GroundKey(frame.with(sections), kind, guards, water);
        }
    }

    /** What one run tells: of the usual number of sections, and so of any. */
    private record Run(
            Prospect prospect, double costs, double slowHandsCost, int layers, double minutes, double chairMinutes) {}

    private final Map<GroundKey, Run> runs = new ConcurrentHashMap<>();
    private final Map<GroundKey, Ground> laid = new ConcurrentHashMap<>();
    private final Map<Frame, Ground[]> ofAny = new ConcurrentHashMap<>();
    private final Map<Frame, List<Choice.Sections>> partings = new ConcurrentHashMap<>();

    private final Query query;
    private final List<Product> allowed;
    private final Composer composer;
    private final Details details;
    private final List<Frame> frames;
    private final Water least;
    private final boolean guardable;

    /**
     * @param details the smaller things, as every plan here has them
     * @param least what any styler here asks for at least
     * @param guardable whether any product there is stands up to heat
     */
    Grounds(Query query, List<Product> allowed, Details details, List<Frame> frames, Water least, boolean guardable) {
        this.query = query;
        this.allowed = allowed;
        this.composer = new Composer(query, allowed);
        this.details = details;
        this.frames = frames;
        this.least = least;
        this.guardable = guardable;
        // Each apart from the others: on as many cores as there are.
        frames.stream()
                .flatMap(frame -> Stream.of(Kind.HOLD, Kind.CAST).map(kind -> new GroundKey(frame, kind, false, least)))
                .map(GroundKey::usual)
                .distinct()
                .toList()
                .parallelStream()
                .forEach(key -> runs.put(key, run(key)));
    }

    /** As {@link #of}, for whatever styler: asked many thousand times, so looked up without a key. */
    Ground ofAny(Frame frame, Kind kind, boolean guards) {
        Ground[] known = ofAny.computeIfAbsent(frame, any -> new Ground[2 * Kind.values().length]);
        int at = 2 * kind.ordinal() + (guards ? 1 : 0);
        if (known[at] == null) {
            known[at] = of(frame, kind, guards, least);
        }
        return known[at];
    }

    /** Without anything that holds nobody shapes, so all ways of shaping are one. */
    Ground of(Frame frame, Kind kind, boolean guards, Water water) {
        boolean shaped = kind == Kind.HOLD || kind == Kind.CAST;
        Frame first = frames.get(0);
        Frame own = shaped ? frame : new Frame(first.hands(), Choice.Sections.USUAL, frame.drying());
        return laid.computeIfAbsent(new GroundKey(own, kind, guards && shaped, water), this::lay);
    }

    /** Each number of sections that is another one, the usual first. */
    List<Choice.Sections> partings(Frame frame) {
        return partings.computeIfAbsent(frame, this::distinct);
    }

    private List<Choice.Sections> distinct(Frame frame) {
        List<Choice.Sections> all = new ArrayList<>();
        Set<Integer> counts = new HashSet<>();
        for (Choice.Sections sections : Choice.Sections.values()) {
            if (counts.add(composer.sections(standing(new GroundKey(frame.with(sections), Kind.CAST, false, least))))) {
                all.add(sections);
            }
        }
        return List.copyOf(all);
    }

    private Ground lay(GroundKey key) {
        Run run = runs.computeIfAbsent(key.usual(), this::run);
        List<Outlook.Way> ways = new ArrayList<>();
        double saved = 0;
        Choice.Sections decided = key.frame().sections();
        for (Choice.Sections sections : decided == null ? partings(key.frame()) : List.of(decided)) {
            GroundKey parted = key.parted(sections);
            ways.add(way(run, parted));
            saved = Math.max(saved, -minutesMore(parted));
        }
        return new Ground(
                new Outlook(ways, query.goal()),
                run.layers(),
                beyond(key.frame().drying(), run.minutes() - saved, run.chairMinutes() - saved));
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
    static double added(Product product, Hair hair) {
        Step apply =
                Step.of(Action.APPLY).product(product).technique(Technique.RAKE).build();
        return ADDED_AT_LEAST
                * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS)
                * StepDuration.wholeHead(apply, hair);
    }

    private Choice standing(GroundKey key) {
        Product stand = stand(key);
        return new Choice(
                key.kind() == Kind.MOISTURE ? stand : null,
                null,
                key.kind() == Kind.HOLD || key.kind() == Kind.CAST ? stand : null,
                null,
                key.frame().hands(),
                key.frame().sections(),
                key.frame().drying(),
                details);
    }

    /**
     * A wash of that kind on the driest hair any styler here asks for: nothing takes fewer minutes. Where nothing holds, a
     * leave-in stands in, and the time it takes is not counted.
     */
    private Run run(GroundKey key) {
        Choice choice = standing(key);
        Product stand = choice.gel() == null ? choice.leaveIn() : choice.gel();
        Composer sparing = Composer.sparing(query, allowed, key.water());
        Wash wash = Wash.of(
                sparing.compose(choice), query.hair(), query.goal(), query.air(), query.schools(), query.limits());
        Predicate<Layer> open = layer -> layer.product() == stand;
        int layers = (int) wash.layers().stream().filter(open.negate()).count();
        Least least = least(key.frame().drying());
        double chair = least.chair() * Math.max(0, wash.course().chairMinutes() - NOT_ALWAYS);
        double waits = waiting(key, wash);
        double waiting = least.waiting() * waits;
        double costs = Worth.CHAIR_MINUTE_COSTS * chair
                + Worth.WAITING_MINUTE_COSTS * (chair + waiting)
                - (key.kind() == Kind.MOISTURE
                        ? added(stand, query.hair()) / ADDED_AT_LEAST + parting(composer.sections(choice))
                        : 0);
        double slow = 0;
        for (Finding finding : Checker.plainly(wash)) {
            boolean warned = SURE_FINDINGS.contains(finding.rule())
                    && finding.severity() != Severity.NOTE
                    && (!finding.rule().equals("D5") || isLongInAir(wash, SOONER * least.waiting()));
            if (warned || finding.rule().equals("O4") && !guardable) {
                double cost = finding.severity() == Severity.NOTE ? Worth.NOTE_COSTS : Worth.WARNING_COSTS;
                costs += cost;
                slow += finding.rule().equals("T4") ? cost : 0;
            }
        }
        return new Run(
                Prospect.of(wash, open),
                costs,
                slow,
                layers,
                wash.course().chairMinutes() + waits,
                wash.course().chairMinutes());
    }

    /** Minutes without hands: where air follows a dryer they may be fewer the wetter the dryer met the hair. */
    private double waiting(GroundKey key, Wash driest) {
        double waiting = driest.course().minutes() - driest.course().chairMinutes();
        if (waiting < 1 || key.water().equals(Water.NONE)) {
            return waiting;
        }
        GroundKey soaked = new GroundKey(key.frame(), key.kind(), key.guards(), Water.NONE);
        Routine routine = Composer.sparing(query, allowed, Water.NONE).compose(standing(soaked));
        Course course = TideModel.run(routine, query.hair(), query.air());
        return Math.min(waiting, course.minutes() - course.chairMinutes());
    }

    /** Of its waiting, the part in air alone may be shorter yet [OURS]. */
    private static final double SOONER = .85;

    /** Slow in damp air however much sooner another plan is dry. */
    private static boolean isLongInAir(Wash wash, double part) {
        return wash.course().visits().stream()
                .anyMatch(visit -> visit.step().action() == Action.AIR
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
            case HOME, LEAVE, PART, AIR -> new Least(.985, .95);
            case DIFFUSE -> new Least(.95, .95);
            case AIR_ROOTS -> new Least(.89, .9);
        };
    }

    /** What taking up so many sections costs. */
    private static double parting(int sections) {
        return sections * StepDuration.SECTION_MINUTES * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS);
    }

    /** The limit that even the quickest wash of a kind is far beyond, so that none of them need be asked; null for none. */
    private String beyond(Choice.Drying drying, double minutes, double chairMinutes) {
        Limits limits = query.limitsOrUsual();
        Least least = least(drying);
        if (least.waiting() * minutes - FURTHER_LAYER > limits.minutes()) {
            return "minutes";
        }
        boolean hands = least.chair() * chairMinutes - FURTHER_LAYER > limits.chairMinutesOrAll();
        return hands ? "hands-on minutes" : null;
    }

    private Product stand(GroundKey key) {
        boolean moisture = key.kind() == Kind.MOISTURE;
        double hold = moisture ? 0 : key.kind() == Kind.CAST ? CAST_FROM_HOLD : CAST_FROM_HOLD - .1;
        return new Product(
                null,
                "any styler",
                moisture ? Role.LEAVE_IN : Role.GEL,
                hold,
                0.0,
                0.0,
                Math.min(100, key.water().squeezed() / .8),
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                key.guards());
    }
}
