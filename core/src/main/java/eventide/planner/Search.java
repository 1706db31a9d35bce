package eventide.planner;

import eventide.check.Load;
import eventide.check.Wash;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Prospect;
import eventide.planner.Outlook.Worn;
import eventide.product.Product;
import eventide.product.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Predicate;

/**
 * Finds the best plan exactly: branch and bound over gel, mousse, cream and leave-in (none, or one of the shelf) under
 * every way of shaping and drying. A branch is only followed while the best that could hang on it beats what has been
 * run through the water; the bound is {@link Prospect}'s, with the least minutes such a wash can take.
 */
final class Search {
    /** The layers a plan decides, in the order they are decided: those that decide most come first. */
    enum Slot {
        GEL,
        MOUSSE,
        CREAM,
        LEAVE_IN
    }

    /**
     * Runs through the water after which the best so far is taken. A usual shelf needs some tens; only limits that nearly
     * every plan breaks by a little come near this.
     */
    private static final int MOST_RUNS = 2000;
    /** The same where nothing keeps the limits: then it is said which one is in the way. */
    private static final int MOST_WITHOUT_ANY = 600;

    private static final double IMPOSSIBLE = Double.NEGATIVE_INFINITY;

    private final Query query;
    private final Composer composer;
    private final Map<Slot, List<Product>> options = new EnumMap<>(Slot.class);
    private final Map<Slot, Worn> ranges = new EnumMap<>(Slot.class);
    private final List<Frame> frames = new ArrayList<>();
    private final Map<Choice, Planner.Judged> judged = new ConcurrentHashMap<>();
    private final Map<String, Integer> broken = new ConcurrentHashMap<>();
    private final Grounds grounds;

    /** One way of shaping and drying. */
    record Frame(Choice.Hands hands, Choice.Drying drying) {}

    /** A branch: the first slots decided, the most any plan on it can be worth, and whether that is as near as it gets. */
    private record Node(Frame frame, Product[] taken, int decided, double most, boolean exactly) {}

    Search(Query query, Composer composer, List<Product> allowed, List<Frame> frames) {
        this.query = query;
        this.composer = composer;
        this.frames.addAll(frames);
        fill(Slot.GEL, allowed, p -> p.role() == Role.GEL);
        fill(Slot.MOUSSE, allowed, p -> p.role() == Role.MOUSSE);
        fill(Slot.CREAM, allowed, p -> p.role() == Role.CREAM);
        fill(Slot.LEAVE_IN, allowed, p -> p.role() == Role.LEAVE_IN || p.role() == Role.PRIMER);
        double least = 100;
        for (List<Product> some : options.values()) {
            for (Product product : some) {
                least = product == null ? least : Math.min(least, Composer.squeezedTo(product));
            }
        }
        grounds = new Grounds(query, composer, frames, least);
    }

    private void fill(Slot slot, List<Product> allowed, Predicate<Product> wanted) {
        List<Product> some = new ArrayList<>();
        some.add(null);
        allowed.stream()
                .filter(wanted)
                .sorted(Comparator.comparing(Product::name))
                .forEach(some::add);
        options.put(slot, some);
        double hold = 0;
        double rich = 0;
        for (Product product : some) {
            hold = product == null ? hold : Math.max(hold, Prospect.hold(product));
            rich = product == null ? rich : Math.max(rich, Load.richness(product));
        }
        ranges.put(slot, new Worn(0, hold, 0, rich, some.size() > 1 && slot == Slot.MOUSSE));
    }

    /** Every choice there is, for checking that none better was missed. */
    List<Choice> everything() {
        List<Choice> all = new ArrayList<>();
        for (Frame frame : frames) {
            for (Product gel : options.get(Slot.GEL)) {
                for (Product mousse : options.get(Slot.MOUSSE)) {
                    for (Product cream : options.get(Slot.CREAM)) {
                        for (Product leaveIn : options.get(Slot.LEAVE_IN)) {
                            all.add(new Choice(leaveIn, cream, gel, mousse, frame.hands(), frame.drying()));
                        }
                    }
                }
            }
        }
        return all;
    }

    /** A part of all the plans there are. */
    record Region(Predicate<Frame> frames, Map<Slot, Predicate<Product>> products) {
        static final Region ALL = new Region(frame -> true, Map.of());

        Region with(Slot slot, Predicate<Product> wanted) {
            Map<Slot, Predicate<Product>> both = new EnumMap<>(Slot.class);
            both.putAll(products);
            both.merge(slot, wanted, Predicate::and);
            return new Region(frames, both);
        }

        Region in(Predicate<Frame> wanted) {
            return new Region(frames.and(wanted), products);
        }

        private boolean takes(Slot slot, Product product) {
            Predicate<Product> wanted = products.get(slot);
            return wanted == null || wanted.test(product);
        }
    }

    /** The best feasible plan of a region that is better than one already found (null for none); else that one. */
    Planner.Judged best(Region region, Planner.Judged found) {
        PriorityQueue<Node> open = new PriorityQueue<>(Comparator.comparingDouble((Node node) -> -node.most()));
        Planner.Judged best = found;
        for (Frame frame : frames) {
            if (region.frames().test(frame)) {
                open.add(bounded(frame, new Product[Slot.values().length], 0, false));
            }
        }
        Planner.Judged first =
                open.isEmpty() || open.peek().most() == Double.NEGATIVE_INFINITY ? null : dive(region, open.peek());
        best = first != null && (best == null || Planner.BEST_FIRST.compare(first, best) < 0) ? first : best;
        while (!open.isEmpty()) {
            Node node = open.poll();
            boolean hopeless = node.most() == IMPOSSIBLE || best != null && node.most() < best.worth();
            if (hopeless || judged.size() >= (best == null ? MOST_WITHOUT_ANY : MOST_RUNS)) {
                break;
            }
            if (node.decided() < Slot.values().length) {
                Slot slot = Slot.values()[node.decided()];
                for (Product product : options.get(slot)) {
                    if (!region.takes(slot, product)) {
                        continue;
                    }
                    Product[] taken = node.taken().clone();
                    taken[node.decided()] = product;
                    if (isRepeated(node.frame(), taken, node.decided() + 1)) {
                        continue;
                    }
                    Node child = bounded(node.frame(), taken, node.decided() + 1, false);
                    if (best == null || child.most() >= best.worth()) {
                        open.add(child);
                    }
                }
                continue;
            }
            if (!node.exactly()) {
                Node nearer = bounded(node.frame(), node.taken(), node.decided(), true);
                if (best == null || nearer.most() >= best.worth()) {
                    open.add(nearer);
                }
                continue;
            }
            Planner.Judged plan = judge(choice(node));
            boolean better = best == null || Planner.BEST_FIRST.compare(plan, best) < 0;
            best = plan.isFeasible() && better ? plan : best;
        }
        return best;
    }

    /** Where nothing holds nobody shapes: one way of shaping stands for all, or the same plan would be found several times. */
    private boolean isRepeated(Frame frame, Product[] taken, int decided) {
        boolean holds = taken[Slot.GEL.ordinal()] != null || taken[Slot.MOUSSE.ordinal()] != null;
        return decided > Slot.MOUSSE.ordinal()
                && !holds
                && frame.hands() != frames.get(0).hands();
    }

    /** Straight down the most promising branch: a first plan to measure the others by; null where it is not feasible. */
    private Planner.Judged dive(Region region, Node from) {
        Node node = from;
        while (node != null && node.decided() < SLOTS.length) {
            Node next = null;
            for (Product product : options.get(SLOTS[node.decided()])) {
                if (region.takes(SLOTS[node.decided()], product)) {
                    Product[] taken = node.taken().clone();
                    taken[node.decided()] = product;
                    if (isRepeated(node.frame(), taken, node.decided() + 1)) {
                        continue;
                    }
                    Node child = bounded(node.frame(), taken, node.decided() + 1, false);
                    next = next == null || child.most() > next.most() ? child : next;
                }
            }
            node = next;
        }
        Planner.Judged plan = node == null ? null : judge(choice(node));
        return plan != null && plan.isFeasible() ? plan : null;
    }

    private static Choice choice(Node node) {
        Product[] taken = node.taken();
        return new Choice(
                taken[Slot.LEAVE_IN.ordinal()],
                taken[Slot.CREAM.ordinal()],
                taken[Slot.GEL.ordinal()],
                taken[Slot.MOUSSE.ordinal()],
                node.frame().hands(),
                node.frame().drying());
    }

    /** Runs a plan through the water, the outcome and the checker; once each. */
    Planner.Judged judge(Choice choice) {
        return judged.computeIfAbsent(choice, this::run);
    }

    private Planner.Judged run(Choice choice) {
        var routine = composer.compose(choice);
        Wash wash = Wash.of(routine, query.hair(), query.goal(), query.air(), query.schools(), query.limits());
        String limit = Worth.broken(wash, query.limitsOrUsual());
        if (limit != null) {
            broken.merge(limit, 1, Integer::sum);
        }
        return new Planner.Judged(choice, routine, wash, Worth.of(wash, OutcomeModel.scores(wash)), limit);
    }

    /** Plans run through the water so far. */
    List<Planner.Judged> judged() {
        return List.copyOf(judged.values());
    }

    Map<String, Integer> broken() {
        return broken;
    }

    private Node bounded(Frame frame, Product[] taken, int decided, boolean exactly) {
        return new Node(frame, taken, decided, most(frame, taken, decided, exactly), exactly);
    }

    private double most(Frame frame, Product[] taken, int decided, boolean exactly) {
        double most = Double.NEGATIVE_INFINITY;
        for (Grounds.Kind kind : KINDS) {
            if (!isPossible(kind, taken, decided)) {
                continue;
            }
            Grounds.Ground ground = grounds.of(frame, kind, guards(taken));
            if (ground.beyond() == null) {
                most = Math.max(most, most(ground, taken, decided, exactly));
            } else {
                broken.merge(ground.beyond(), 1, Integer::sum);
            }
        }
        return most;
    }

    private static final Grounds.Kind[] KINDS = Grounds.Kind.values();

    /** Whether a branch can still come to be of a kind. */
    private static boolean isPossible(Grounds.Kind kind, Product[] taken, int decided) {
        Product gel = taken[Slot.GEL.ordinal()];
        Product mousse = taken[Slot.MOUSSE.ordinal()];
        boolean holds = gel != null || mousse != null;
        boolean worn = holds || taken[Slot.CREAM.ordinal()] != null || taken[Slot.LEAVE_IN.ordinal()] != null;
        double hold = Math.max(gel == null ? 0 : gel.hold(), mousse == null ? 0 : mousse.hold());
        boolean settled = decided > Slot.MOUSSE.ordinal();
        return switch (kind) {
            case NOTHING -> !worn;
            case MOISTURE -> !holds && (worn || decided < taken.length);
            case HOLD -> hold < Grounds.CAST_FROM_HOLD && (holds || !settled);
            case CAST -> hold >= Grounds.CAST_FROM_HOLD || !settled;
        };
    }

    private static boolean guards(Product[] taken) {
        Product gel = taken[Slot.GEL.ordinal()];
        return gel != null && gel.guardsHeat();
    }

    /**
     * Nothing that misses its water does any better for it, so all is taken as met. Of the slots still open none may be
     * taken, or one, or more: each has its cost, whatever it brings.
     */
    private double most(Grounds.Ground ground, Product[] taken, int decided, boolean exactly) {
        double fixed = Worth.ROUNDING - ground.costs() - Worth.LAYER_COSTS * ground.layers();
        for (Slot slot : Slot.values()) {
            Product product = taken[slot.ordinal()];
            fixed -= product == null
                    ? 0
                    : Worth.LAYER_COSTS + (slot == Slot.CREAM || slot == Slot.LEAVE_IN ? grounds.added(product) : 0);
        }
        double most = Double.NEGATIVE_INFINITY;
        for (int further = 0; further <= taken.length - decided; further++) {
            Worn crown = worn(taken, decided, further, true);
            Worn elsewhere = worn(taken, decided, further, false);
            double worth = exactly
                    ? ground.outlook().mostExactly(elsewhere, crown)
                    : ground.outlook().most(elsewhere, crown);
            most = Math.max(most, worth - Worth.LAYER_COSTS * further);
        }
        return fixed + most;
    }

    /** Bounds of what is worn: decided slots as they are, and from nothing to the most that so many open ones bring. */
    private Worn worn(Product[] taken, int decided, int further, boolean crown) {
        double[] low = new double[taken.length];
        double[] high = new double[taken.length];
        double[] open = new double[taken.length];
        double rich = 0;
        boolean foam = false;
        boolean gelTaken = taken[Slot.GEL.ordinal()] != null;
        for (Slot slot : SLOTS) {
            int i = slot.ordinal();
            // Foam over gel goes on the crown alone.
            boolean here = slot != Slot.MOUSSE || crown || !gelTaken;
            if (i >= decided && further > 0 && here) {
                high[i] = ranges.get(slot).mostHold();
                open[i] = ranges.get(slot).mostRichness();
                foam |= ranges.get(slot).foam();
            } else if (i < decided && taken[i] != null && here) {
                low[i] = Prospect.hold(taken[i]);
                high[i] = low[i];
                rich += Load.richness(taken[i]);
                foam |= slot == Slot.MOUSSE;
            }
        }
        Arrays.sort(open);
        double more = 0;
        for (int k = 0; k < further; k++) {
            more += open[open.length - 1 - k];
        }
        return new Worn(Prospect.together(low), Prospect.together(high), rich, rich + more, foam);
    }

    private static final Slot[] SLOTS = Slot.values();
}
