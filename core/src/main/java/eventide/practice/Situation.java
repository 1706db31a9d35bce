package eventide.practice;

import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.hair.Hair;
import eventide.hair.Scalp;
import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Frame;
import eventide.planner.compose.ShelfFilter;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.Slot;
import eventide.planner.search.Ways;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.shape.Changed;
import eventide.shape.InvalidException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;

/**
 * A head on a day that chance made, and what there is to decide: which bottle for each layer, how it is shaped, how it is dried.
 *
 * @param wants what the head is done for, in words
 * @param weather the air in words
 * @param shelf what was left standing of what this head may wear: all that is washed out, and a few of each styler
 * @param layers in the order they go on
 */
public record Situation(
        String wants,
        Air air,
        String weather,
        Limits limits,
        List<Product> shelf,
        List<LayerChoice> layers,
        List<HandsWay> hands,
        List<DryingWay> drying) {
    /** Bottles of each layer: more than a hand of them is a search, not a decision [OURS]. */
    private static final int BOTTLES = 3;

    private static final List<Double> MINUTES = List.of(60.0, 90.0, 120.0, 180.0);

    /** Days that ask for different bottles: the bands of dew point of the trade, and a frost [OURS]. */
    private static final List<Weather> DAYS = List.of(
            new Weather("easy air", Air.of(21, 45)),
            new Weather("frost outside", new Air(21.0, 35.0, new Outdoors(-4.0, 75.0))),
            new Weather("humid outside", new Air(23.0, 55.0, new Outdoors(22.0, 75.0))),
            new Weather("very humid outside", new Air(25.0, 60.0, new Outdoors(29.0, 80.0))));

    /** @param words as a stylist would say it */
    private record Weather(String words, Air air) {}

    /**
     * A layer to decide.
     *
     * @param bottles by name; none of them may be left out too
     */
    public record LayerChoice(Slot slot, String label, List<String> bottles) {}

    /** A way of shaping, by its written word and in a stylist's. */
    public record HandsWay(Candidate.Shaping value, String label) {}

    /** A way of drying. */
    public record DryingWay(Candidate.Drying value, String label) {}

    static final List<Slot> ORDER = List.of(Slot.LEAVE_IN, Slot.CREAM, Slot.GEL, Slot.MOUSSE);

    /**
     * @throws InvalidException for a head that is to be referred first
     */
    public static Situation of(SituationQuestion asked) {
        refer(asked.hair());
        Random chance = new Random(asked.seed());
        Weather day = DAYS.get(chance.nextInt(DAYS.size()));
        Limits given = asked.limits() == null ? Limits.ofMinutes(120) : asked.limits();
        Limits limits = new Limits(MINUTES.get(chance.nextInt(MINUTES.size())), null, given.tools(), null, null);
        Query all = new Query(asked.hair(), asked.goal(), day.air(), asked.schools(), limits, asked.shelf());
        Query query = Changed.with(all, "shelf", few(all, chance));
        Stylers stylers = stylers(query);
        return new Situation(
                wants(asked.goal()),
                day.air(),
                day.words(),
                limits,
                query.shelf(),
                ORDER.stream()
                        .map(slot -> new LayerChoice(
                                slot,
                                slot.label,
                                stylers.bottles(slot).stream()
                                        .map(Product::name)
                                        .distinct()
                                        .toList()))
                        .filter(layer -> !layer.bottles().isEmpty())
                        .toList(),
                handsOpen(query).stream()
                        .map(hands -> new HandsWay(hands, hands.label))
                        .toList(),
                dryingOpen(query).stream()
                        .map(drying -> new DryingWay(drying, drying.label))
                        .toList());
    }

    /** Nobody practises styling a scalp that is not to be styled. */
    static void refer(Hair hair) {
        if (hair.scalpOrEmpty().stream().anyMatch(Scalp::stopsStyling)) {
            throw InvalidException.of(
                    "hair", "The scalp shows something to refer first: no styling until it is cleared.");
        }
    }

    /** What may go on this head, by layer. */
    static Stylers stylers(Query query) {
        return new Stylers(query, new ShelfFilter(query).allowed());
    }

    /** Ways of shaping this head may be given here. */
    static List<Candidate.Shaping> handsOpen(Query query) {
        return new Ways(query).open().stream().map(Frame::hands).distinct().toList();
    }

    /** Ways of drying there are the tools for here. */
    static List<Candidate.Drying> dryingOpen(Query query) {
        return new Ways(query).open().stream().map(Frame::drying).distinct().toList();
    }

    /** The wishes, strongest first, as a client would say them. */
    private static String wants(Goal goal) {
        Map<String, Integer> wishes = new LinkedHashMap<>();
        wishes.put("definition", goal.definition());
        wishes.put("volume", goal.volume());
        wishes.put("kept length", goal.length());
        wishes.put("softness", goal.softness());
        wishes.put("days of wear", goal.longevity());
        List<String> words = wishes.entrySet().stream()
                .filter(wish -> wish.getValue() > 0)
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .map(wish ->
                        (wish.getValue() == 1 ? "a little " : wish.getValue() == 3 ? "above all " : "") + wish.getKey())
                .toList();
        return words.isEmpty() ? "nothing in particular" : String.join(", ", words);
    }

    /** A few bottles of each slot that may be had here, by chance. */
    private static List<Product> few(Query query, Random chance) {
        List<Product> allowed = new ShelfFilter(query).allowed();
        Stylers stylers = new Stylers(query, allowed);
        List<Product> some = new ArrayList<>();
        for (Slot slot : ORDER) {
            List<Product> bottles = new ArrayList<>(stylers.bottles(slot));
            Collections.shuffle(bottles, chance);
            some.addAll(bottles.subList(0, Math.min(BOTTLES, bottles.size())));
        }
        Stream<Product> rest = allowed.stream().filter(product -> !isLayer(product));
        return Stream.concat(rest, some.stream()).toList();
    }

    /** Whether it is one of the layers that are to be built. */
    private static boolean isLayer(Product product) {
        return product.role() == Role.GEL
                || product.role() == Role.MOUSSE
                || product.role() == Role.CREAM
                || product.role() == Role.LEAVE_IN
                || product.role() == Role.PRIMER;
    }
}
