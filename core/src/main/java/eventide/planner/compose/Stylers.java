package eventide.planner.compose;

import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.planner.Query;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Advised;
import eventide.routine.Schools;
import eventide.wash.HoldWorn;
import eventide.wash.LabelWorn;
import eventide.wash.Richness;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/** The layers a plan decides, and what the shelf has for each. */
public final class Stylers {
    /** A place for one styler, or for none. */
    public enum Slot {
        GEL("gel"),
        MOUSSE("mousse"),
        CREAM("cream"),
        LEAVE_IN("leave-in");

        public final String label;

        Slot(String label) {
            this.label = label;
        }
    }

    /**
     * Bottles of one slot that come to the same in every score, whatever water they ask for: the first stands for all.
     *
     * @param members none for leaving the slot empty
     * @param hold of the advised amount, as far as its role counts, 0 to 10
     * @param richness of the advised amount, in points of {@link Richness}
     * @param learned what the log has taught of it, one for each {@link ScoreName}; null for nothing
     */
    public record BottleClass(
            List<Product> members, double hold, double richness, LabelWorn label, boolean guards, double[] learned) {
        public static final BottleClass NONE = new BottleClass(List.of(), 0, 0, new LabelWorn(0, 0), false, null);

        /** A class is only ever itself: a search looks mixtures of them up thousands of times, and bottles are long to compare. */
        @Override
        public boolean equals(Object other) {
            return this == other;
        }

        @Override
        public int hashCode() {
            return System.identityHashCode(this);
        }

        /** Null for none. */
        public Product first() {
            return members.isEmpty() ? null : members.get(0);
        }

        public boolean isNone() {
            return members.isEmpty();
        }

        /** Whether it feeds as well as holds, so that nothing need go under it. */
        public boolean isConditioning() {
            return !isNone() && first().isConditioning();
        }
    }

    private record Alike(
            double hold,
            double richness,
            LabelWorn label,
            boolean guards,
            boolean buildsUp,
            int water,
            Map<ScoreName, Double> learned) {
        static Alike of(Product product, Query query) {
            return new Alike(
                    HoldWorn.counts(product) ? product.hold() : 0,
                    Richness.of(product),
                    LabelWorn.of(product),
                    product.guardsHeat(),
                    product.label().traits().buildsUp(),
                    waterFor(product, query),
                    query.learnedOrNone().ofBottle(product.name()));
        }
    }

    /** Percent of water below which hair is squeezed dry for a styler: a wait, or a cloth, more [OURS]. */
    private static final double DRY = 55;

    /** How dry the hair is made for it: which minutes it takes hangs on that. */
    private static int waterFor(Product product, Query query) {
        if (!Composer.isSqueezedFor(product, query.schoolsOrDefault())) {
            return 0;
        }
        return Composer.squeezedTo(product, Details.Water.USUAL) < DRY ? 2 : 1;
    }

    private final Map<Slot, List<Product>> bottles = new EnumMap<>(Slot.class);
    private final Map<Slot, List<BottleClass>> kinds = new EnumMap<>(Slot.class);
    private final Query query;

    /** @param allowed what may be used here at all */
    public Stylers(Query query, List<Product> allowed) {
        this.query = query;
        fill(Slot.GEL, allowed, p -> p.role() == Role.GEL);
        fill(Slot.MOUSSE, allowed, p -> p.role() == Role.MOUSSE);
        fill(Slot.CREAM, allowed, p -> p.role() == Role.CREAM && suits(p));
        fill(Slot.LEAVE_IN, allowed, p -> (p.role() == Role.LEAVE_IN || p.role() == Role.PRIMER) && suits(p));
    }

    /** Richness of a butter, of 10 [OURS]. */
    private static final double BUTTER = 8;

    /** Butters are for porous, coarse or tight hair: fine, closed or loose hair takes light, water-based moisture [CP]. */
    private boolean suits(Product product) {
        boolean light = query.hair().strand() == Strand.FINE
                || query.hair().porosity() == Porosity.LOW
                || query.hair().pattern().isWavy()
                || query.hair().pattern().isStraight();
        return product.richness() < BUTTER || !light;
    }

    /** The least trouble first, then the cheapest, then by name: of what comes to the same the first is taken. */
    private void fill(Slot slot, List<Product> allowed, Predicate<Product> wanted) {
        List<Product> some = allowed.stream()
                .filter(wanted)
                .sorted(Comparator.comparingDouble(this::asksMuch)
                        .thenComparingDouble(this::costCents)
                        .thenComparing(Product::name))
                .toList();
        bottles.put(slot, some);
        Map<Alike, List<Product>> alike = new LinkedHashMap<>();
        some.forEach(product -> alike.computeIfAbsent(Alike.of(product, query), any -> new ArrayList<>())
                .add(product));
        kinds.put(
                slot,
                alike.entrySet().stream()
                        .map(entry -> new BottleClass(
                                entry.getValue(),
                                entry.getKey().hold(),
                                entry.getKey().richness(),
                                entry.getKey().label(),
                                entry.getKey().guards(),
                                points(entry.getKey().learned())))
                        .toList());
    }

    /** By the order of {@link ScoreName}; null for nothing. */
    private static double[] points(Map<ScoreName, Double> learned) {
        if (learned.isEmpty()) {
            return null;
        }
        double[] points = new double[ScoreName.values().length];
        learned.forEach((score, some) -> points[score.ordinal()] = some);
        return points;
    }

    /** What works in hair as it comes is less trouble than what asks for it squeezed, or keeps to few points of water. */
    private double asksMuch(Product product) {
        double squeezed = Composer.isSqueezedFor(product, query.schoolsOrDefault()) ? 100 : 0;
        return squeezed - (product.windowHigh() - product.windowLow());
    }

    /** What a head of it costs, in cents; 0 where nobody knows. */
    private double costCents(Product product) {
        return product.priceCents() == null || product.sizeMl() == null
                ? 0
                : Advised.headMl(product, query.hair()) * product.priceCents() / product.sizeMl();
    }

    /** Every bottle that may take a slot. */
    public List<Product> bottles(Slot slot) {
        return bottles.get(slot);
    }

    /** The same gathered. */
    public List<BottleClass> kinds(Slot slot) {
        return kinds.get(slot);
    }

    /** The kind a bottle is of, {@link BottleClass#NONE} for null and for what is of none here. */
    public BottleClass kind(Slot slot, Product product) {
        for (BottleClass kind : product == null ? List.<BottleClass>of() : kinds.get(slot)) {
            for (Product member : kind.members()) {
                if (member == product || member.equals(product)) {
                    return kind;
                }
            }
        }
        return BottleClass.NONE;
    }

    /** Every combination of layers the trade and the school allow here [CP]. */
    public List<Layers> layerings() {
        List<Layers> all = new ArrayList<>();
        boolean[] both = {false, true};
        for (boolean leaveIn : both) {
            for (boolean cream : both) {
                for (boolean gel : both) {
                    for (boolean mousse : both) {
                        Layers layers = new Layers(leaveIn, cream, gel, mousse);
                        if (isOnTheShelf(layers) && isInPlace(gel, mousse)) {
                            all.add(layers);
                        }
                    }
                }
            }
        }
        return all;
    }

    /** Whether there is a bottle for each of them. */
    private boolean isOnTheShelf(Layers layers) {
        return (!layers.leaveIn() || !bottles(Slot.LEAVE_IN).isEmpty())
                && (!layers.cream() || !bottles(Slot.CREAM).isEmpty())
                && (!layers.gel() || !bottles(Slot.GEL).isEmpty())
                && (!layers.mousse() || !bottles(Slot.MOUSSE).isEmpty());
    }

    /**
     * Mousse goes instead of gel where that is the school, and usually on fine hair; elsewhere with it, where there is any. Coils
     * are never held by foam alone while there is a gel [CP].
     */
    public boolean isInPlace(boolean gel, boolean mousse) {
        Schools.MoussePlace school = query.schoolsOrDefault().mousse();
        boolean instead = school == Schools.MoussePlace.INSTEAD
                || school == null
                        && query.hair().strand() == Strand.FINE
                        && !query.hair().pattern().isCoily();
        return !mousse || (instead ? !gel : gel || bottles(Slot.GEL).isEmpty());
    }
}
