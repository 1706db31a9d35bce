package eventide.check;

import eventide.product.Allergens;
import eventide.product.Allergens.Certainty;
import eventide.product.Allergens.Reaction;
import eventide.product.Product;
import eventide.routine.MixPart;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * S1: something the client is known to react to is, or may be, on the label, of a washing product too. It stops where the label
 * names it; it warns where that is not sure; a word nobody can place is said back.
 */
final class KnownAllergy implements Rule {
    @Override
    public String id() {
        return "S1";
    }

    @Override
    public String why() {
        return "A known allergy can do harm: use another product.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<String> allergies = wash.hair().allergiesOrEmpty();
        List<Finding> found = new ArrayList<>();
        if (allergies.isEmpty()) {
            return found;
        }
        for (StepPlace place : wash.places()) {
            for (Product product : products(wash.routine().at(place))) {
                List<Reaction> reactions = Allergens.on(product, allergies);
                if (!reactions.isEmpty()) {
                    found.add(finding(wash, place, product, reactions));
                }
            }
        }
        for (String word : Allergens.unknown(allergies)) {
            found.add(Finding.of(
                    this,
                    Severity.NOTE,
                    null,
                    null,
                    "“" + word + "” is no word known here: look for it on every label yourself.",
                    null));
        }
        return found;
    }

    /** @param reactions of one product, the surest first; only what is as sure as that is named */
    private Finding finding(Wash wash, StepPlace place, Product product, List<Reaction> reactions) {
        Certainty surest = reactions.get(0).certainty();
        String named = reactions.stream()
                .filter(reaction -> reaction.certainty() == surest)
                .map(KnownAllergy::said)
                .distinct()
                .collect(Collectors.joining(" and "));
        String message =
                switch (surest) {
                    case NAMED -> product.name() + " names " + named + ", which this client is known to react to.";
                    case RELATED -> product.name() + " has " + named + " on its label: ask before it is used.";
                    case POSSIBLE -> product.name() + " may contain " + named + ": ask before it is used.";
                    case NO_LABEL ->
                        product.name() + " has no label here, and this client reacts to " + named + ": read it first.";
                };
        return Finding.of(
                this,
                surest.stops() ? Severity.STOP : Severity.WARN,
                place,
                null,
                message,
                surest == Certainty.NO_LABEL
                        ? null
                        : new Mend(
                                "Leave " + product.name() + " out",
                                wash.routine().without(place)));
    }

    /** The name on the label, with the word the client knows it by where that is another. */
    private static String said(Reaction reaction) {
        boolean same = reaction.ingredient().isEmpty() || reaction.ingredient().equalsIgnoreCase(reaction.word());
        String word = reaction.certainty() == Certainty.RELATED ? "related to " + reaction.word() : reaction.word();
        return same ? reaction.word() : reaction.ingredient() + " (" + word + ")";
    }

    /** Everything a step brings onto the head: of a mix each part. */
    private static List<Product> products(Step step) {
        if (step.mix() != null) {
            return step.mix().stream().map(MixPart::product).toList();
        }
        return step.product() == null ? List.of() : List.of(step.product());
    }
}
