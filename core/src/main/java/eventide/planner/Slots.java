package eventide.planner;

import eventide.hair.Zone;
import eventide.outcome.Prospect;
import eventide.planner.Outlook.Worn;
import eventide.product.Cast;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Advised;
import eventide.wash.Richness;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/** The layers a plan decides, and what the shelf has for each. */
final class Slots {
    enum Slot {
        GEL,
        MOUSSE,
        CREAM,
        LEAVE_IN
    }

    static final Slot[] ORDER = Slot.values();

    /**
     * What a slot can take, with what bounds ask of it: a product, or several that are weighed together first.
     *
     * @param product null for leaving the slot empty, and for several
     * @param members the several, empty for one
     * @param casts whether each by itself holds enough for a cast
     * @param buildsUp whether each leaves what only a lifting cleanser takes out
     * @param squeezed whether hair is squeezed for it; of several, of any
     */
    record Option(
            Product product,
            List<Option> members,
            double leastHold,
            double mostHold,
            double leastRichness,
            double mostRichness,
            double leastCosts,
            boolean casts,
            boolean guards,
            boolean buildsUp,
            boolean squeezed,
            WaterTargets water) {
        boolean isEmpty() {
            return product == null && members.isEmpty();
        }

        boolean isOne() {
            return members.isEmpty();
        }

        /** Whether any of them guards against heat. */
        boolean mayGuard() {
            return product == null ? members.stream().anyMatch(Option::mayGuard) : product.guardsHeat();
        }

        /** How far apart the several are, in points of hold or of richness. */
        private double spread() {
            return Math.max(mostHold - leastHold, mostRichness - leastRichness);
        }
    }

    private static final Option NONE =
            new Option(null, List.of(), 0, 0, 0, 0, 0, false, false, false, false, WaterTargets.NONE);
    private final Query query;
    private final Details details;
    private WaterTargets leastWater = WaterTargets.NONE;
    private final Map<Slot, List<Option>> options = new EnumMap<>(Slot.class);
    private final Map<Slot, List<Option>> singles = new EnumMap<>(Slot.class);
    private final Worn[] ranges = new Worn[ORDER.length];

    /**
     * @param details how much of each layer goes on, and on how wet hair
     */
    Slots(Query query, List<Product> allowed, Details details) {
        this.query = query;
        this.details = details;
        fill(Slot.GEL, allowed, p -> p.role() == Role.GEL);
        fill(Slot.MOUSSE, allowed, p -> p.role() == Role.MOUSSE);
        fill(Slot.CREAM, allowed, p -> p.role() == Role.CREAM);
        fill(Slot.LEAVE_IN, allowed, p -> p.role() == Role.LEAVE_IN || p.role() == Role.PRIMER);
    }

    private void fill(Slot slot, List<Product> allowed, Predicate<Product> wanted) {
        List<Option> some = allowed.stream()
                .filter(wanted)
                .sorted(Comparator.comparing(Product::name))
                .map(product -> one(slot, product))
                .toList();
        List<Option> all = new ArrayList<>();
        all.add(NONE);
        all.addAll(some);
        singles.put(slot, List.copyOf(all));
        List<Option> top = new ArrayList<>();
        top.add(NONE);
        for (boolean casts : new boolean[] {true, false}) {
            for (boolean guards : new boolean[] {true, false}) {
                List<Option> alike = some.stream()
                        .filter(o -> o.casts() == casts && o.guards() == guards)
                        .toList();
                if (!alike.isEmpty()) {
                    top.add(tree(alike));
                }
            }
        }
        options.put(slot, List.copyOf(top));
        double hold = some.stream().mapToDouble(Option::mostHold).max().orElse(0);
        double rich = some.stream().mapToDouble(Option::mostRichness).max().orElse(0);
        leastWater = some.stream().map(Option::water).reduce(leastWater, WaterTargets::and);
        ranges[slot.ordinal()] = new Worn(0, hold, 0, rich, !some.isEmpty() && slot == Slot.MOUSSE);
    }

    private Option one(Slot slot, Product product) {
        boolean under = slot == Slot.CREAM || slot == Slot.LEAVE_IN;
        double taken = (under ? details.dose().moisture() : details.dose().hold()).factor;
        double rounding = taken == 1 ? 0 : Composer.ROUNDED_ML / 2 / Math.max(Composer.ROUNDED_ML, leastMl(product));
        double less = Math.max(0, taken - rounding);
        double more = taken + rounding;
        double costs = Worth.LAYER_COSTS + (under ? Grounds.added(query.hair()) : 0);
        boolean casts = !under && Cast.isSetBy(product.hold());
        return new Option(
                product,
                List.of(),
                Prospect.hold(product, less),
                Prospect.hold(product, more),
                less * Richness.of(product),
                more * Richness.of(product),
                costs,
                casts,
                slot == Slot.GEL && product.guardsHeat(),
                product.label().traits().buildsUp(),
                Composer.isSqueezedFor(product, query.schoolsOrDefault()),
                WaterTargets.of(
                        product, query.schoolsOrDefault(), details.work().water()));
    }

    /** What goes on at once at the least, of which the amount is rounded: a mousse over gel goes on the crown alone. */
    private double leastMl(Product product) {
        double crown = Advised.zoneMl(product, query.hair(), Zone.CROWN);
        return product.role() == Role.MOUSSE ? crown : Advised.headMl(product, query.hair()) - crown;
    }

    /** Halves some, and each half again, along the side on which they differ more: most branches need no closer look. */
    private static Option tree(List<Option> some) {
        if (some.size() == 1) {
            return some.get(0);
        }
        Option all = together(some);
        boolean byHold = all.mostHold() - all.leastHold() > all.mostRichness() - all.leastRichness();
        List<Option> sorted = some.stream()
                .sorted(Comparator.comparingDouble(byHold ? Option::leastHold : Option::leastRichness))
                .toList();
        int half = sorted.size() / 2;
        return together(List.of(tree(sorted.subList(0, half)), tree(sorted.subList(half, sorted.size()))));
    }

    private static Option together(List<Option> some) {
        return new Option(
                null,
                List.copyOf(some),
                some.stream().mapToDouble(Option::leastHold).min().orElse(0),
                some.stream().mapToDouble(Option::mostHold).max().orElse(0),
                some.stream().mapToDouble(Option::leastRichness).min().orElse(0),
                some.stream().mapToDouble(Option::mostRichness).max().orElse(0),
                some.stream().mapToDouble(Option::leastCosts).min().orElse(0),
                some.get(0).casts(),
                some.get(0).guards(),
                some.stream().allMatch(Option::buildsUp),
                some.stream().anyMatch(Option::squeezed),
                some.stream().map(Option::water).reduce(WaterTargets.NONE, WaterTargets::and));
    }

    /** Nothing, single products, and groups of such as are alike. */
    List<Option> of(Slot slot) {
        return options.get(slot);
    }

    /** Nothing and every single product, by name. */
    List<Option> singles(Slot slot) {
        return singles.get(slot);
    }

    /** The options a plan took. */
    Option[] worn(Choice choice) {
        return Arrays.stream(ORDER)
                .map(slot -> singles(slot).stream()
                        .filter(option -> option.product() == choice.in(slot))
                        .findFirst()
                        .orElseThrow())
                .toArray(Option[]::new);
    }

    /** From nothing to the most that any option of a slot brings. */
    Worn range(int slot) {
        return ranges[slot];
    }

    /** What any plan here has at least. */
    WaterTargets leastWater() {
        return leastWater;
    }

    /** What a whole plan has. */
    static WaterTargets water(Option[] taken) {
        WaterTargets all = WaterTargets.NONE;
        for (Option option : taken) {
            all = all.and(option.water());
        }
        return all.heldBy(taken[isTaken(taken, Slot.GEL) ? Slot.GEL.ordinal() : Slot.MOUSSE.ordinal()].water());
    }

    /** The first slot that is open yet, -1 for none. */
    static int undecided(Option[] taken) {
        return IntStream.range(0, taken.length)
                .filter(i -> taken[i] == null)
                .findFirst()
                .orElse(-1);
    }

    /** The slot whose several bottles are to be told apart next, those furthest apart first; -1 where each has just one. */
    static int widest(Option[] taken) {
        int widest = -1;
        double most = -1;
        for (int i = 0; i < taken.length; i++) {
            // Over a gel, a mousse goes on the crown alone.
            boolean crown = i == Slot.MOUSSE.ordinal() && isTaken(taken, Slot.GEL);
            double spread = taken[i].spread() * (crown ? CROWN_COUNTS : 1);
            if (!taken[i].isOne() && spread > most) {
                widest = i;
                most = spread;
            }
        }
        return widest;
    }

    /** Part of what is put on a whole head that what is put on the crown alone decides [OURS]. */
    private static final double CROWN_COUNTS = .2;

    static boolean isTaken(Option[] taken, Slot slot) {
        Option option = taken[slot.ordinal()];
        return option != null && !option.isEmpty();
    }
}
