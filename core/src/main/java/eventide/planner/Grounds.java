package eventide.planner;

import eventide.check.Checker;
import eventide.check.Finding;
import eventide.check.Layer;
import eventide.check.Severity;
import eventide.check.Wash;
import eventide.drying.StepDuration;
import eventide.outcome.Prospect;
import eventide.planner.Search.Frame;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Limits;
import eventide.routine.Step;
import eventide.routine.Technique;
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
     * the dryer has less to do, but never as fast as under the dryer.
     */
    private static final double ADDED_AT_LEAST = .5;

    /** Squeezed twice, for two stylers, hair may yet be a little drier than squeezed once: this much is allowed for. */
    private static final double QUICKER_STILL = .95;

    /** No plan of a kind is quicker than its quickest by this much and a layer's minutes: a wide margin, never to be wrong. */
    private static final double FAR_QUICKER = .8;

    private static final double FURTHER_LAYER = 10;

    static final double CAST_FROM_HOLD = 5;

    /** What is sure of a frame with a cast or without one, or with nothing that holds. */
    record Ground(Outlook outlook, double costs, int layers, String beyond) {}

    /** What a plan wears, as far as it decides which steps there are. */
    enum Kind {
        NOTHING,
        MOISTURE,
        HOLD,
        CAST
    }

    private record GroundKey(Frame frame, Kind kind, boolean guards) {}

    private final Map<GroundKey, Ground> laid = new ConcurrentHashMap<>();

    private final Query query;
    private final Composer composer;
    private final List<Frame> frames;
    private final double driest;
    private final Map<Product, Double> added = new ConcurrentHashMap<>();

    /**
     * @param driest the least water any styler here asks for, percent
     */
    Grounds(Query query, Composer composer, List<Frame> frames, double driest) {
        this.query = query;
        this.composer = composer;
        this.frames = frames;
        this.driest = driest;
        // Each apart from the others: on as many cores as there are.
        frames.stream()
                .flatMap(frame -> Stream.of(Kind.HOLD, Kind.CAST).map(kind -> new GroundKey(frame, kind, false)))
                .toList()
                .parallelStream()
                .forEach(key -> laid.put(key, lay(key)));
    }

    /** Without anything that holds nobody shapes, so all ways of shaping are one. */
    Ground of(Frame frame, Kind kind, boolean guards) {
        boolean shaped = kind == Kind.HOLD || kind == Kind.CAST;
        Frame own = shaped ? frame : new Frame(frames.get(0).hands(), frame.drying());
        return laid.computeIfAbsent(new GroundKey(own, kind, guards && shaped), this::lay);
    }

    /** What the minutes of a layer under the hold cost at least. */
    double added(Product product) {
        return added.computeIfAbsent(
                product,
                own -> ADDED_AT_LEAST
                        * (Worth.CHAIR_MINUTE_COSTS + Worth.WAITING_MINUTE_COSTS)
                        * StepDuration.wholeHead(
                                Step.of(Action.APPLY)
                                        .product(own)
                                        .technique(Technique.RAKE)
                                        .build(),
                                query.hair()));
    }

    /**
     * A wash of that kind on the driest hair any styler here asks for: nothing takes fewer minutes. Where nothing holds, a
     * leave-in stands in, and the time it takes is not counted.
     */
    private Ground lay(GroundKey key) {
        Product stand = stand(key);
        Choice choice = new Choice(
                key.kind() == Kind.MOISTURE ? stand : null,
                null,
                key.kind() == Kind.HOLD || key.kind() == Kind.CAST ? stand : null,
                null,
                key.frame().hands(),
                key.frame().drying());
        Wash wash = Wash.of(
                composer.compose(choice), query.hair(), query.goal(), query.air(), query.schools(), query.limits());
        Predicate<Layer> open = layer -> layer.product() == stand;
        int layers = (int) wash.layers().stream().filter(open.negate()).count();
        double costs = QUICKER_STILL
                        * (Worth.CHAIR_MINUTE_COSTS * wash.course().chairMinutes()
                                + Worth.WAITING_MINUTE_COSTS * wash.course().minutes())
                - (key.kind() == Kind.MOISTURE ? added(stand) / ADDED_AT_LEAST : 0);
        for (Finding finding : Checker.plainly(wash)) {
            if (SURE_FINDINGS.contains(finding.rule()) && finding.severity() != Severity.NOTE) {
                costs += Worth.WARNING_COSTS;
            }
        }
        return new Ground(new Outlook(Prospect.of(wash, open), query.goal()), costs, layers, beyond(wash));
    }

    /** The limit that even the quickest wash of a kind is far beyond, so that none of them need be asked; null for none. */
    private String beyond(Wash wash) {
        Limits limits = query.limitsOrUsual();
        if (FAR_QUICKER * wash.course().minutes() - FURTHER_LAYER > limits.minutes()) {
            return "minutes";
        }
        boolean hands = FAR_QUICKER * wash.course().chairMinutes() - FURTHER_LAYER > limits.chairMinutesOrAll();
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
                Math.min(100, driest / .8),
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
