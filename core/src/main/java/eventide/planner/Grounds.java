package eventide.planner;

import eventide.check.Checker;
import eventide.check.DampAir;
import eventide.check.Finding;
import eventide.check.Severity;
import eventide.drying.Course;
import eventide.drying.Courses;
import eventide.drying.StepDuration;
import eventide.hair.Hair;
import eventide.outcome.Prospect;
import eventide.planner.Search.Frame;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.wash.Layer;
import eventide.wash.Lifting;
import eventide.wash.Wash;
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
    /** What a plan may have against it for all its kind, whichever stylers it takes. */
    private static final Set<String> ASKED = Set.of("D5", "O4", "D6");

    /**
     * What is sure of a frame with a cast or without one, or with nothing that holds; what it costs is in the outlook.
     *
     * @param beyond the limit that all of it is beyond, null for none
     * @param partings of each way in the outlook what it takes
     */
    record Ground(Outlook outlook, int layers, String beyond, List<Parting> partings) {}

    /**
     * A number of sections.
     *
     * @param beyond as of the whole ground
     * @param minutes of the driest hair
     */
    record Parting(String beyond, double minutes, double chairMinutes) {}

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
    private record GroundKey(Frame frame, Kind kind, boolean guards, WaterTargets water, Layers layers) {
        private GroundKey usual() {
            return parted(Choice.Sections.USUAL);
        }

        private GroundKey parted(Choice.Sections sections) {
            return new GroundKey(frame.with(sections), kind, guards, water, layers);
        }
    }

    /** What one run tells: of the usual number of sections, and so of any. */
    private record Run(Prospect prospect, double costs, int layers, double minutes, double chairMinutes) {}

    /**
     * @param held of the hold that is advised, the part that goes on
     */
    private record Laid(GroundKey key, double held) {}

    private final Map<GroundKey, Run> runs = new ConcurrentHashMap<>();
    /** On hair that was not squeezed at all. */
    private final Map<GroundKey, Time> soaked = new ConcurrentHashMap<>();

    private final Map<Laid, Ground> laid = new ConcurrentHashMap<>();
    private final Map<Frame, Ground[]> ofAny = new ConcurrentHashMap<>();
    private final Map<Frame, List<Choice.Sections>> partings = new ConcurrentHashMap<>();

    private final Query query;
    private final Composer composer;
    private final Courses courses;
    private final Details details;
    private final List<Frame> frames;
    private final WaterTargets least;
    private final boolean guardable;
    private final LeftWet leftWet;
    private final boolean lifted;
    private final double furtherCosts;

    /**
     * @param details the smaller things, as every plan here has them; amounts take no time and are left open
     * @param courses over this head in this air
     */
    Grounds(Query asked, List<Product> allowed, Details details, List<Frame> frames, Courses courses) {
        // At its quickest: a school that soaks the hair first only makes it slower.
        this.query = asked.under(asked.schoolsOrDefault().with("gelOn", null));
        this.composer = new Composer(query, allowed);
        this.courses = courses;
        this.details = details;
        this.frames = frames;
        this.least = new Slots(asked, allowed, details).leastWater();
        this.guardable = allowed.stream().anyMatch(Product::guardsHeat);
        this.leftWet = new LeftWet(query, composer, details, courses);
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

    /**
     * The limit that a plan of just the bottles of a ground is beyond with one of its partings, null for none.
     *
     * @param without minutes of squeezing that those may do without
     */
    String beyondExactly(Parting parting, Choice.Drying drying, double without) {
        return LeastMinutes.exactly(drying)
                .beyond(query.limitsOrUsual(), without, parting.minutes(), parting.chairMinutes());
    }

    /** As {@link #of}, for whatever styler and all of its hold: asked many thousand times, so looked up without a key. */
    Ground ofAny(Frame frame, Kind kind, boolean guards) {
        Ground[] known = ofAny.computeIfAbsent(frame, any -> new Ground[2 * Kind.values().length]);
        int at = 2 * kind.ordinal() + (guards ? 1 : 0);
        if (known[at] == null) {
            known[at] = of(frame, kind, guards, least, null, ALL);
        }
        return known[at];
    }

    /**
     * Without anything that holds nobody shapes, so all ways of shaping are one.
     *
     * @param layers null while any may still be added: then what each takes is not counted in it
     * @param held of the hold that is advised, the part that goes on: all of it while layers are open
     */
    Ground of(Frame frame, Kind kind, boolean guards, WaterTargets water, Layers layers, double held) {
        boolean shaped = kind == Kind.HOLD || kind == Kind.CAST;
        Frame first = frames.get(0);
        Frame own = shaped ? frame : new Frame(first.hands(), Choice.Sections.USUAL, frame.drying());
        GroundKey key = new GroundKey(own, kind, guards && (shaped || layers != null), water, layers);
        return laid.computeIfAbsent(new Laid(key, shaped ? held : ALL), this::lay);
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
        List<Parting> partings = new ArrayList<>();
        double least = Double.POSITIVE_INFINITY;
        Choice.Sections decided = key.frame().sections();
        for (Choice.Sections sections : decided == null ? partings(key.frame()) : List.of(decided)) {
            GroundKey parted = key.parted(sections);
            Outlook.Way way = way(run, parted);
            ways.add(asked.held() == ALL ? way : way.thinned(asked.held(), isThin(asked, true), isThin(asked, false)));
            double more = minutesMore(parted);
            partings.add(parting(key, run, more));
            least = Math.min(least, more);
        }
        return new Ground(
                new Outlook(ways, query.goal()),
                run.layers(),
                parting(key, run, least).beyond(),
                partings);
    }

    private Parting parting(GroundKey key, Run run, double more) {
        double minutes = run.minutes() + LeastMinutes.added(more);
        double chairMinutes = run.chairMinutes() + LeastMinutes.added(more);
        String beyond = LeastMinutes.of(key.frame().drying())
                .beyond(query.limitsOrUsual(), key.layers(), minutes, chairMinutes);
        return new Parting(beyond, minutes, chairMinutes);
    }

    /** Whether less hold than advised is spread thin there: foam and gel together are enough. */
    private static boolean isThin(Laid asked, boolean crown) {
        Layers layers = asked.key().layers();
        boolean both = layers.gel() && layers.mousse();
        return !both || !crown && !layers.foamUnder();
    }

    /**
     * Another number of sections changes the result by a known amount. Each takes its minutes of hands; meanwhile the hair
     * dries, so more of them add less to the whole than they take, and fewer save no more.
     */
    private Outlook.Way way(Run run, GroundKey key) {
        double minutes = minutesMore(key);
        double costs =
                run.costs() + LeastMinutes.added(minutes) * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS);
        int from = composer.sections(standing(key.usual()));
        int to = composer.sections(standing(key));
        return new Outlook.Way(to == from ? run.prospect() : run.prospect().parted(from, to), costs);
    }

    /** Minutes of hands more than with the usual number of sections: each is taken up anew for every layer. */
    private double minutesMore(GroundKey key) {
        Choice choice = standing(key);
        int more = composer.sections(choice) - composer.sections(standing(key.usual()));
        boolean misted = choice.isShaped() && choice.hands() != Choice.Hands.SCRUNCH;
        int passes = key.layers() != null ? key.layers().passes() : more > 0 ? 1 : Layers.MOST_PASSES;
        return more * (passes * StepDuration.SECTION_MINUTES + (misted ? Composer.MIST_MINUTES : 0));
    }

    /** What the minutes of a layer under the hold cost at least. */
    static double added(Hair hair) {
        Step apply = Step.of(Action.APPLY).technique(Technique.RAKE).build();
        return LeastMinutes.ADDED
                * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS)
                * StepDuration.wholeHead(apply, hair);
    }

    /** The layer that stands for all of a kind. */
    private static Layers standIn(Kind kind) {
        boolean holds = kind == Kind.HOLD || kind == Kind.CAST;
        return new Layers(kind == Kind.MOISTURE, false, holds, false, false);
    }

    private static final double ALL = 1;

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
        Routine routine = composer.sparing(key.water()).compose(choice);
        Wash wash = Wash.of(
                routine,
                query.hair(),
                query.goal(),
                query.air(),
                query.schools(),
                query.limits(),
                courses.over(routine).of(routine));
        Predicate<Layer> open = layer -> layer.product().name().equals(StandIn.NAME);
        int layers = (int) wash.layers().stream().filter(open.negate()).count();
        LeastMinutes least = LeastMinutes.of(key.frame().drying());
        Time time = time(key, wash.course());
        double chair = least.chair() * Math.max(0, time.chair() - LeastMinutes.notAlways(key.layers()));
        double waiting = least.waiting() * time.waiting();
        double costs = Worth.CHAIR_MINUTE_COSTS * chair
                + Worth.WAITING_MINUTE_COSTS * (chair + waiting)
                + Worth.keeping(details.finish().refreshed(), details.finish().night())
                + leftWet.costs(key.frame(), choice.isShaped(), key.water(), key.layers())
                - (key.kind() == Kind.MOISTURE && key.layers() == null
                        ? furtherCosts / LeastMinutes.ADDED + parting(composer.sections(choice))
                        : 0);
        for (Finding finding : Checker.plainly(wash, ASKED)) {
            boolean warned = finding.rule().equals("D5")
                    && finding.severity() != Severity.NOTE
                    && isLongInAir(wash, MUCH_SOONER);
            boolean unguarded = finding.rule().equals("O4") && (!guardable || key.layers() != null && !key.guards());
            if (warned || unguarded) {
                costs += finding.severity() == Severity.NOTE ? Worth.NOTE_COSTS : Worth.WARNING_COSTS;
            } else if (finding.rule().equals("D6")) {
                costs += Worth.NOTE_COSTS; // wetter hair is not less wet when the client goes
            }
        }
        return new Run(
                Prospect.of(wash, open, LeastMinutes.SOONER_IN_AIR * least.waiting()),
                costs,
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
        if (sure
                || key.water().equals(WaterTargets.NONE)
                || !key.frame().drying().usesDryer()) {
            return new Time(driest.chairMinutes(), waiting);
        }
        Time wettest = soaked.computeIfAbsent(
                new GroundKey(key.frame(), key.kind(), key.guards(), WaterTargets.NONE, key.layers()), this::soaked);
        return new Time(Math.min(driest.chairMinutes(), wettest.chair()), Math.min(waiting, wettest.waiting()));
    }

    private Time soaked(GroundKey key) {
        Routine routine = composer.sparing(key.water()).compose(standing(key));
        Course course = courses.over(routine);
        return new Time(course.chairMinutes(), course.minutes() - course.chairMinutes());
    }

    /** What the minutes of a cream or leave-in cost at least, whichever it is. */
    double furtherCosts() {
        return furtherCosts;
    }

    /** Whether the wash lifts whatever builds up. */
    boolean isLifted() {
        return lifted;
    }

    /** Of time in air, the part that counts where much hangs on it: a warning more or less [OURS]. */
    private static final double MUCH_SOONER = .7;

    /** Another plan's hair may be so much drier when its time in air begins, percent: a dryer's stop is not quite the same to all [OURS]. */
    private static final double LESS_WET = 5;

    /** Slow in damp air however much sooner another plan is dry. */
    private static boolean isLongInAir(Wash wash, double part) {
        return wash.course().visits().stream()
                .anyMatch(visit -> visit.step().action() == Action.AIR
                        && visit.headWetness() >= DampAir.STILL_WET + LESS_WET
                        && part * visit.minutes() >= DampAir.LEAST_MINUTES + LeastMinutes.NOT_ALWAYS);
    }

    /** What taking up so many sections costs. */
    private static double parting(int sections) {
        return sections * StepDuration.SECTION_MINUTES * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS);
    }

    private static Product stand(Role role, GroundKey key) {
        return new StandIn(role, key.kind() == Kind.CAST, key.guards()).bottle();
    }
}
