package eventide.outcome;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import eventide.Heads;
import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.Random;
import org.testng.annotations.Test;

/** Directions the trade is sure of [CP], and that every score is the sum of its reasons. */
public class OutcomeModelTest {
    private static final Goal GOAL = new Goal(2, 1, 0, 1, 1, null);
    private static final Air ROOM = Air.of(22, 50);

    private static Scores scores(Routine routine, Hair hair, Air air) {
        return OutcomeModel.scores(Wash.of(routine, hair, GOAL, air, null, null));
    }

    private static Routine with(Product product, Double ml) {
        return Routine.of(
                Step.of(Action.APPLY).product(product).amountMl(ml).minutes(3.0).build(),
                Step.of(Action.HOVER).untilDry(100.0).build());
    }

    private static Product gel(double hold, double richness) {
        return Product.of("gel", Role.GEL, hold, richness, 40, 100);
    }

    @Test
    public void moreHoldNeverLowersDefinition() {
        Random random = new Random(21);
        for (int i = 0; i < 200; i++) {
            Hair hair = Heads.random(random);
            double hold = random.nextInt(9);
            Scores less = scores(with(gel(hold, 1), null), hair, ROOM);
            Scores more = scores(with(gel(hold + 1, 1), null), hair, ROOM);
            assertTrue(more.definition() >= less.definition(), hair + " hold " + hold);
            assertTrue(more.frizz() <= less.frizz(), hair + " hold " + hold);
            assertTrue(more.days() >= less.days(), hair + " hold " + hold);
        }
    }

    @Test
    public void moreRichnessNeverLiftsVolumeAndNeverLessensWeight() {
        Random random = new Random(22);
        for (int i = 0; i < 200; i++) {
            Hair hair = Heads.random(random);
            double richness = random.nextInt(10);
            Product lighter = Product.of("cream", Role.CREAM, 0, richness, 30, 100);
            Product richer = Product.of("cream", Role.CREAM, 0, richness + 1, 30, 100);
            Scores light = scores(with(lighter, 5.0), hair, ROOM);
            Scores rich = scores(with(richer, 5.0), hair, ROOM);
            assertTrue(
                    rich.volume() <= light.volume() + 1e-9 && rich.weight() >= light.weight(),
                    hair + " richness " + richness);
        }
    }

    @Test
    public void damperAirNeverLessensFrizz() {
        Random random = new Random(23);
        for (int i = 0; i < 100; i++) {
            Hair hair = Heads.random(random);
            double dry = scores(with(gel(5, 1), null), hair, Air.of(25, 40)).frizz();
            double damp = scores(with(gel(5, 1), null), hair, Air.of(25, 85)).frizz();
            assertTrue(damp >= dry, hair.toString());
        }
    }

    @Test
    public void scrunchingPastTheCountFrizzes() {
        Step gel = Step.of(Action.APPLY).product(gel(5, 1)).minutes(3.0).build();
        Scores few = scores(Routine.of(gel, Step.of(Action.SCRUNCH).count(3).build()), Heads.curly(), ROOM);
        Scores many = scores(Routine.of(gel, Step.of(Action.SCRUNCH).count(15).build()), Heads.curly(), ROOM);
        assertTrue(many.frizz() > few.frizz() && many.shrinkagePercent() > few.shrinkagePercent());
    }

    @Test
    public void missingTheWindowCostsDefinition() {
        Step gel = Step.of(Action.APPLY)
                .product(Product.of("gel", Role.GEL, 7, 1, 70, 98))
                .minutes(3.0)
                .build();
        Scores met = scores(Routine.of(gel).startingAt(85), Heads.curly(), ROOM);
        Scores missed = scores(Routine.of(gel).startingAt(40), Heads.curly(), ROOM);
        assertTrue(missed.definition() < met.definition() - 1 && missed.frizz() > met.frizz() + .5);
    }

    @Test
    public void contributionsOfAZoneAddUpToItsScore() {
        Random random = new Random(24);
        for (int i = 0; i < 60; i++) {
            Wash wash = Wash.of(Heads.randomRoutine(random), Heads.random(random), GOAL, ROOM, null, null);
            Outcome outcome = OutcomeModel.predict(wash);
            for (Zone zone : Zone.values()) {
                for (ScoreName score : ScoreName.values()) {
                    double sum = outcome.contributions().stream()
                            .filter(c -> c.zone() == zone && c.score() == score)
                            .mapToDouble(Contribution::by)
                            .sum();
                    double value = outcome.byZone().get(zone).of(score);
                    // Each entry is rounded to a hundredth; a bend under half a hundredth is not listed.
                    if (sum != 0 || value > .5) {
                        assertEquals(sum, value, .38, zone + " " + score.word());
                    }
                }
            }
        }
    }

    @Test
    public void scoresStayOnTheirScales() {
        Random random = new Random(25);
        for (int i = 0; i < 300; i++) {
            Scores s = scores(Heads.randomRoutine(random), Heads.random(random), ROOM);
            for (ScoreName name : ScoreName.values()) {
                assertTrue(s.of(name) >= 0 && s.of(name) <= name.most(), name.word() + " " + s.of(name));
            }
        }
    }

    @Test
    public void theBendRisesWithoutEverReachingTheEnd() {
        double last = -1;
        for (double raw = -5; raw < 20; raw += .1) {
            double bent = Ledger.bend(raw, 10);
            assertTrue(bent > last || bent > 9.99, "at " + raw);
            assertTrue(bent >= 0 && bent <= 10);
            last = bent;
        }
        assertEquals(Ledger.bend(5, 10), 5, 1e-12);
    }
}
