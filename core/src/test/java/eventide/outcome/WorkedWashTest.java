package eventide.outcome;

import static org.testng.Assert.assertEquals;

import eventide.air.Air;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.wash.Features;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.io.IOException;
import java.util.List;
import java.util.Locale;
import org.testng.annotations.Test;

/** One wash followed from what it came to at the crown to two of its scores; the page shows it, and this keeps the page true. */
public class WorkedWashTest {
    private static final String HEAD = "| worked wash, the crown | |\n| --- | --- |\n";

    private static final Hair HAIR = Hair.of(Strand.MEDIUM, Porosity.HIGH, Pattern.CURLY_3B, Density.MEDIUM, 35);
    private static final Routine ROUTINE = Routine.of(
            Step.of(Action.CLEANSE).build(),
            Step.of(Action.RINSE).build(),
            Step.of(Action.SQUEEZE).toWetness(75.0).build(),
            put(Product.of("leave-in", Role.LEAVE_IN, 0, 3, 40, 100)),
            put(Product.of("gel", Role.GEL, 7, 1, 55, 90)),
            Step.of(Action.SCRUNCH).count(3).build(),
            Step.of(Action.HOVER).untilDry(60.0).build(),
            Step.of(Action.CUP).untilDry(100.0).build(),
            Step.of(Action.BREAK_CAST).build());

    private static Step put(Product product) {
        return Step.of(Action.APPLY)
                .product(product)
                .technique(Technique.PRAYING_HANDS)
                .build();
    }

    private static Wash wash() {
        return Wash.of(ROUTINE, HAIR, new Goal(2, 1, 1, 1, 1, null), Air.of(22, 50), null, null);
    }

    @Test
    public void thePageFollowsAWashToItsScores() throws IOException {
        Features features = Features.of(wash(), Zone.CROWN).rounded();
        Outcome outcome = OutcomeModel.predict(wash());
        StringBuilder table = new StringBuilder(HEAD);
        line(table, "hold put on, hold that met its water", features.holdPutOn() + ", " + features.holdMet());
        line(table, "richness worn, and borne", features.richness() + ", " + features.richnessBorne());
        line(table, "water at the gel, percent", String.valueOf(features.wetnessAtHold()));
        line(table, "scrunches, touches before the cast", features.scrunches() + ", " + features.touchesBeforeCast());
        for (ScoreName score : List.of(ScoreName.DEFINITION, ScoreName.FRIZZ)) {
            for (Contribution piece : pieces(outcome, score)) {
                line(table, name(score) + ": " + piece.because(), signed(piece.by()));
            }
            line(
                    table,
                    "**" + name(score) + "**",
                    String.valueOf(outcome.byZone().get(Zone.CROWN).of(score)));
        }
        JudgePage.assertHolds(HEAD, table.toString());
    }

    @Test
    public void thePiecesAddUpToTheScore() {
        Outcome outcome = OutcomeModel.predict(wash());
        for (ScoreName score : ScoreName.values()) {
            double sum = pieces(outcome, score).stream()
                    .mapToDouble(Contribution::by)
                    .sum();
            assertEquals(sum, outcome.byZone().get(Zone.CROWN).of(score), .06, score.toString());
        }
    }

    private static List<Contribution> pieces(Outcome outcome, ScoreName score) {
        return outcome.contributions().stream()
                .filter(piece -> piece.zone() == Zone.CROWN && piece.score() == score && piece.by() != 0)
                .toList();
    }

    private static String name(ScoreName score) {
        return score.name().toLowerCase(Locale.ROOT);
    }

    private static String signed(double by) {
        return String.format(Locale.ROOT, "%+.2f", by);
    }

    private static void line(StringBuilder table, String what, String value) {
        table.append("| ").append(what).append(" | ").append(value).append(" |\n");
    }
}
