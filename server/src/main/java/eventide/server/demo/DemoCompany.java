package eventide.server.demo;

import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.routine.Goal;
import eventide.server.demo.DemoHistory.Past;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The rest of the travelling puppet theatre, invented throughout. */
final class DemoCompany {
    /** One of the company. */
    record Player(String name, String notes, Hair hair, Goal goal, boolean hasEvening, List<Past> history) {}

    static final List<Player> PLAYERS = List.of(
            new Player(
                    "Ilva Quince",
                    "Reads the prologue. Hates anything she can feel.",
                    Hair.of(Strand.FINE, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 32),
                    new Goal(2, 2, 0, 2, 1, null),
                    true,
                    List.of(
                            Past.ago(52, 0),
                            Past.ago(45, 0),
                            Past.failed(38, 0, "Fathom firm gel"),
                            Past.ago(31, 0),
                            Past.ago(24, 1),
                            Past.ago(17, 0),
                            Past.ago(10, 0),
                            Past.ago(3, 0))),
            new Player(
                    "Corin Thessaly",
                    "Drives the wagon. Wind all day.",
                    Hair.of(Strand.COARSE, Porosity.LOW, Pattern.WAVY_2B, Density.HIGH, 26),
                    new Goal(1, 1, 0, 2, 2, 2),
                    true,
                    List.of(
                            Past.ago(55, 0),
                            Past.ago(46, 0),
                            Past.ago(37, 1),
                            Past.ago(28, 0),
                            Past.ago(19, 0),
                            Past.ago(10, 0))),
            new Player(
                    "Maud Ravel",
                    "Strings the puppets. Long sessions are welcome.",
                    Hair.of(Strand.MEDIUM, Porosity.HIGH, Pattern.COILY_4C, Density.HIGH, 24),
                    new Goal(2, 2, 1, 3, 3, 1),
                    false,
                    List.of(
                            Past.ago(60, 0),
                            Past.ago(48, 0),
                            Past.with(36, 0, "Lee shore gel-cream"),
                            Past.with(24, 0, "Lee shore gel-cream"),
                            Past.ago(12, 0))),
            new Player(
                    "Jory Penhale",
                    "Keeps the lights with Bram. Weaker on the left, sleeps on it.",
                    Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3C, Density.MEDIUM, 28)
                            .withZones(Map.of(
                                    Zone.LEFT, new ZoneReadings(null, null, Pattern.CURLY_3B, null, null, null))),
                    new Goal(3, 2, 0, 1, 2, null),
                    true,
                    List.of(
                            Past.ago(99, 0),
                            Past.halves(92, 0, "Fathom firm gel"),
                            Past.swapped(85, 0, "Fathom firm gel"),
                            Past.halves(78, 0, "Fathom firm gel"),
                            Past.swapped(71, 0, "Fathom firm gel"),
                            Past.halves(64, 0, "Fathom firm gel"),
                            Past.swapped(57, 0, "Fathom firm gel"),
                            Past.ago(50, 0),
                            Past.ago(43, 1),
                            Past.ago(36, 0),
                            Past.with(29, 0, "Fathom firm gel"),
                            Past.ago(22, 1),
                            Past.ago(15, 0),
                            Past.ago(8, 0))),
            new Player(
                    "Wren Castellan",
                    "Paints the sets, and her hair with them.",
                    Hair.of(Strand.FINE, Porosity.HIGH, Pattern.WAVY_2C, Density.LOW, 30)
                            .withZones(Map.of(
                                    Zone.HAIRLINE,
                                    new ZoneReadings(null, null, null, null, 22.0, Set.of(Condition.BLEACHED)))),
                    new Goal(2, 3, 0, 1, 1, 1),
                    true,
                    List.of(
                            Past.ago(44, 0),
                            Past.ago(37, 0),
                            Past.halves(30, 0, "Sandbar light gel"),
                            Past.swapped(23, 0, "Sandbar light gel"),
                            Past.halves(16, 0, "Sandbar light gel"),
                            Past.ago(9, 1),
                            Past.ago(2, 0))),
            new Player(
                    "Sabine Orlo",
                    "Conducts. On her feet until midnight, washes the day before.",
                    Hair.of(Strand.COARSE, Porosity.MEDIUM, Pattern.CURLY_3B, Density.HIGH, 42),
                    new Goal(2, 1, 1, 2, 3, 2),
                    false,
                    List.of(
                            Past.ago(53, 0),
                            Past.ago(43, 1),
                            Past.ago(33, 0),
                            Past.with(23, 0, "Kelp jelly"),
                            Past.ago(13, 0),
                            Past.ago(4, 0))),
            new Player(
                    "Tamsin Hale",
                    "Eleven, sells the programmes. Warm air only, and short.",
                    Hair.of(Strand.MEDIUM, Porosity.LOW, Pattern.CURLY_3A, Density.LOW, 22),
                    new Goal(1, 1, 0, 2, 1, 1),
                    true,
                    List.of(Past.ago(34, 0), Past.ago(20, 0), Past.ago(6, 0))));

    private DemoCompany() {}
}
