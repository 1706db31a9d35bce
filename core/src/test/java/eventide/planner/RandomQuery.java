package eventide.planner;

import eventide.Heads;
import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.shape.Changed;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/** Random heads with zones and conditions of their own, wishes, airs, tools and limits, over a whole shelf: same seed, same question. */
public final class RandomQuery {
    private static final Role[] STYLERS = {
        Role.GEL,
        Role.GEL,
        Role.GEL,
        Role.CREAM,
        Role.CREAM,
        Role.LEAVE_IN,
        Role.LEAVE_IN,
        Role.MOUSSE,
        Role.MOUSSE,
        Role.PRIMER
    };
    private static final Integer[] MINUTES = {40, 60, 90, 120, 180, 240};

    private RandomQuery() {}

    /** @param bottles in all, seven of them not stylers */
    public static Query of(Random random, int bottles) {
        int minutes = Heads.one(random, MINUTES);
        return new Query(
                head(random), goal(random), air(random), null, limits(random, minutes), shelf(random, bottles));
    }

    static Limits limits(Random random, int minutes) {
        Set<OwnedTool> tools = EnumSet.noneOf(OwnedTool.class);
        for (OwnedTool tool : OwnedTool.values()) {
            if (random.nextDouble() < .75) {
                tools.add(tool);
            }
        }
        return new Limits((double) minutes, null, tools, null, null);
    }

    private static Goal goal(Random random) {
        return new Goal(
                random.nextInt(4), random.nextInt(4), random.nextInt(4), random.nextInt(4), random.nextInt(4), null);
    }

    private static Air air(Random random) {
        Air room = Air.of(16 + random.nextInt(14), 25 + random.nextInt(56));
        return random.nextDouble() < .4
                ? Changed.with(
                        room,
                        "outdoors",
                        new Outdoors((double) Heads.one(random, new Integer[] {-6, 8, 18, 28, 31}), (double)
                                Heads.one(random, new Integer[] {35, 60, 85})))
                : room;
    }

    static Hair head(Random random) {
        Hair hair = Hair.of(
                Heads.one(random, Strand.values()),
                Heads.one(random, Porosity.values()),
                Heads.one(random, Pattern.values()),
                Heads.one(random, Density.values()),
                8 + random.nextInt(58));
        if (random.nextBoolean()) {
            Map<Zone, ZoneReadings> zones = new EnumMap<>(Zone.class);
            zones.put(Zone.HAIRLINE, new ZoneReadings(Strand.FINE, null, null, null, null, null));
            Zone zone = Heads.one(random, new Zone[] {Zone.LEFT, Zone.NAPE, Zone.CROWN, Zone.BACK});
            Pattern pattern = Heads.one(random, new Pattern[] {Pattern.WAVY_2B, Pattern.CURLY_3A, Pattern.COILY_4A});
            zones.put(
                    zone,
                    switch (random.nextInt(3)) {
                        case 0 -> new ZoneReadings(null, null, null, Density.HIGH, null, null);
                        case 1 -> new ZoneReadings(null, Porosity.HIGH, null, null, null, Set.of(Condition.BLEACHED));
                        default -> new ZoneReadings(null, null, pattern, null, null, null);
                    });
            hair = hair.withZones(zones);
        }
        if (random.nextDouble() < .3) {
            hair = hair.withCondition(Set.of(Heads.one(random, new Condition[] {
                Condition.BLEACHED, Condition.COLOURED, Condition.HEAT_DAMAGED, Condition.OVER_SOFT, Condition.BRITTLE
            })));
        }
        return random.nextDouble() < .2 ? Changed.with(hair, "newClient", true) : hair;
    }

    static List<Product> shelf(Random random, int bottles) {
        List<Product> shelf = new ArrayList<>();
        shelf.add(Product.of("wash", Role.CLEANSER, 0, 1, 0, 100));
        shelf.add(Product.of("clarifier", Role.CLARIFIER, 0, 0, 0, 100));
        shelf.add(Product.of("conditioner", Role.CONDITIONER, 0, 4, 0, 100));
        shelf.add(Product.of("mask", Role.MASK, 0, 7, 0, 100));
        shelf.add(Product.of("protein", Role.PROTEIN, 0, 3, 0, 100));
        shelf.add(Product.of("guard", Role.HEAT_PROTECTANT, 0, 1, 20, 100).withHeatGuard(true));
        shelf.add(Product.of("oil", Role.OIL, 0, 5, 0, 30));
        for (int i = shelf.size(); i < bottles; i++) {
            Role role = Heads.one(random, STYLERS);
            int hold = role == Role.GEL
                    ? 3 + random.nextInt(7)
                    : role == Role.CREAM
                            ? random.nextInt(5)
                            : role == Role.MOUSSE ? 2 + random.nextInt(5) : random.nextInt(2);
            int richness = role == Role.GEL
                    ? random.nextInt(6)
                    : role == Role.CREAM
                            ? 4 + random.nextInt(6)
                            : role == Role.MOUSSE ? random.nextInt(3) : 1 + random.nextInt(7);
            shelf.add(Product.of(
                    role.label() + " " + i,
                    role,
                    hold,
                    richness,
                    Heads.one(random, new Integer[] {30, 45, 60}),
                    Heads.one(random, new Integer[] {75, 90, 100})));
        }
        return shelf;
    }
}
