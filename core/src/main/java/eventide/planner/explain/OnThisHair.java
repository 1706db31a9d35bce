package eventide.planner.explain;

import eventide.air.Air;
import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.product.Allergens;
import eventide.product.Cast;
import eventide.product.LabelReading;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Goal;
import eventide.routine.IngredientLists;
import eventide.routine.ProductUse;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.wash.Richness;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What one product does on one head: the same plain wash with and without it, and what its label and weight say.
 *
 * @param use what one wash takes
 * @param changes scores that it moves, the largest first; empty for what is rinsed out
 * @param says plain facts
 * @param cautions what speaks against it on this head
 */
public record OnThisHair(ProductUse use, List<Moved> changes, List<String> says, List<String> cautions) {
    /** Parts of what the hair bears from which a product fills it, and below which it is not noticed [OURS]. */
    private static final double LITTLE_ROOM = .6;

    /** Share of what hair bears below which richness is hardly felt [OURS]. */
    private static final double HARDLY_FELT = .15;
    /** Holds from which a cast is firm, and below which a moisturiser has none to speak of, of 10 [OURS]. */
    private static final double FIRM = 7;

    /** Hold below which a bottle holds nothing, of 10 [OURS]. */
    private static final double LITTLE_HOLD = 1;

    private static final Goal NO_WISH = new Goal(1, 1, 1, 1, 1, null);
    private static final Air MILD = Air.of(22, 52);

    /** @param given the client's schools, may be null */
    public static OnThisHair of(Product product, Hair hair, Schools given) {
        Schools schools = given == null ? Schools.DEFAULT : given;
        List<String> says = new ArrayList<>();
        List<String> cautions = new ArrayList<>();
        if (!product.role().washesOut()) {
            weight(product, hair, schools, says, cautions);
            hold(product, says);
        }
        says.addAll(RinsedOut.says(product, hair));
        label(product, hair, schools, says, cautions);
        return new OnThisHair(
                ProductUse.of(product, hair),
                changes(product, hair, schools),
                List.copyOf(says),
                List.copyOf(cautions));
    }

    /** What a plain wash with it comes to against the same without: all else mild, and no wish. */
    private static List<Moved> changes(Product product, Hair hair, Schools schools) {
        if (product.role().washesOut()) {
            return List.of();
        }
        Scores with = OutcomeModel.scores(Wash.of(plainWash(product, product), hair, NO_WISH, MILD, schools, null));
        Scores without = OutcomeModel.scores(Wash.of(plainWash(null, product), hair, NO_WISH, MILD, schools, null));
        return Moved.between(without, with);
    }

    /** With the product or without any, on hair as wet as it asks for; put on there, scrunched a little, left to the air, the cast broken; oils go on dry. */
    private static Routine plainWash(Product product, Product window) {
        List<Step> steps = new ArrayList<>();
        boolean onDry = product != null && product.role().kind() == Role.Group.OIL;
        double level = (window.windowLow() + window.windowHigh()) / 2;
        steps.add(Step.of(Action.RINSE).build());
        steps.add(Step.of(Action.SQUEEZE).toWetness(Math.max(1, level)).build());
        Step on = product == null
                ? null
                : Step.of(Action.APPLY)
                        .product(product)
                        .technique(Technique.PRAYING_HANDS)
                        .build();
        if (on != null && !onDry) {
            steps.add(on);
        }
        steps.add(Step.of(Action.SCRUNCH).count(2).build());
        steps.add(Step.of(Action.AIR).untilDry(100.0).build());
        steps.add(Step.of(Action.BREAK_CAST).build());
        if (on != null && onDry) {
            steps.add(on);
        }
        return Routine.of(List.copyOf(steps));
    }

    /** What it weighs against what each zone bears; too much is a caution. */
    private static void weight(Product product, Hair hair, Schools schools, List<String> says, List<String> cautions) {
        double points = Richness.of(product);
        List<String> over = new ArrayList<>();
        double share = 0;
        for (Zone zone : Zone.values()) {
            double borne = Richness.borne(hair.at(zone), schools);
            share += zone.share() * points / borne;
            if (points > borne) {
                over.add(zone.label());
            }
        }
        if (over.size() == Zone.values().length) {
            cautions.add("Too rich for this hair by itself.");
        } else if (!over.isEmpty()) {
            cautions.add("Too rich at the " + String.join(", ", over) + ".");
        } else {
            says.add(String.format(
                    Locale.ROOT,
                    "Weighs %.0f %% of what this hair bears%s.",
                    share * 100,
                    share > LITTLE_ROOM
                            ? ": little room for another layer"
                            : share < HARDLY_FELT ? ": hardly felt" : ""));
        }
    }

    /** What it holds by itself. */
    private static void hold(Product product, List<String> says) {
        if (product.role().moisturises()) {
            says.add("Holds " + (product.hold() < LITTLE_HOLD ? "nothing" : "little")
                    + " by itself: a gel or mousse must follow for more than a day.");
        } else if (product.role().holds() && product.hold() >= FIRM) {
            says.add("Sets a firm cast: crunchy until it is broken.");
        } else if (product.role().holds() && Cast.isSetBy(product.hold())) {
            says.add("Sets a cast that breaks easily.");
        } else if (product.role().holds()) {
            says.add("A soft hold without a cast to speak of.");
        }
    }

    /** What its label means for this client: what is reacted to before all else. */
    private static void label(Product product, Hair hair, Schools schools, List<String> says, List<String> cautions) {
        Allergens.on(product, hair.allergiesOrEmpty()).stream()
                .findFirst()
                .ifPresent(reaction -> cautions.add(
                        switch (reaction.certainty()) {
                            case NAMED ->
                                "Names " + reaction.ingredient() + " (" + reaction.word()
                                        + "), a known allergy: another product.";
                            case RELATED ->
                                "Has " + reaction.ingredient() + ", related to " + reaction.word() + ": ask first.";
                            case POSSIBLE ->
                                "May contain " + reaction.ingredient() + " (" + reaction.word() + "): ask first.";
                            case NO_LABEL ->
                                "No label here, and this client reacts to " + reaction.word() + ": read it first.";
                        }));
        IngredientLists.broken(schools.ingredients(), product)
                .forEach(broken -> cautions.add("Breaks the client's list: " + broken + "."));
        LabelReading.Traits traits = product.label().traits();
        boolean brittle = false;
        boolean soft = false;
        for (Zone zone : Zone.values()) {
            brittle |= hair.at(zone).condition().contains(Condition.BRITTLE);
            soft |= hair.at(zone).condition().contains(Condition.OVER_SOFT);
        }
        if (traits.protein() == LabelReading.ProteinLoad.YES) {
            (brittle ? cautions : says)
                    .add(
                            brittle
                                    ? "Protein on brittle hair: it stiffens and snaps."
                                    : soft ? "Protein, which over-soft hair asks for." : "Protein that counts.");
        }
        if (traits.buildsUp()) {
            cautions.add("Stays on the hair: a cleanser that lifts it must come round.");
        }
        if (traits.humectants() == LabelReading.Load.HIGH && !product.role().washesOut()) {
            says.add("High in humectants: good from 2 to 15 °C dew point, swells above, dries out below.");
        }
        if (traits.filmFormers() == LabelReading.Load.HIGH) {
            says.add("High in film formers: keeps damp air out.");
        }
    }
}
