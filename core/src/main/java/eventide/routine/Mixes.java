package eventide.routine;

import eventide.product.Product;
import eventide.product.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;

/** Products blended in the palm. */
public final class Mixes {
    private Mixes() {}

    /**
     * The mix as one product [OURS]: hold, richness and window are the means by share; the role is that of the largest
     * share (the first of equals), except that any share of hold makes a mix of stylers a gel or mousse.
     */
    static Product asProduct(List<MixPart> mix) {
        if (mix == null || mix.isEmpty()) {
            return null;
        }
        MixPart lead = mix.get(0);
        for (MixPart part : mix) {
            boolean firmer =
                    part.product().role().holds() && !lead.product().role().holds() && part.share() > 0;
            boolean larger = part.share() > lead.share()
                    && part.product().role().holds() == lead.product().role().holds();
            if (firmer || larger) {
                lead = part;
            }
        }
        Product first = lead.product();
        Role role = first.role();
        double hold = 0;
        double richness = 0;
        double low = 0;
        double high = 0;
        double share = 0;
        for (MixPart part : mix) {
            share += part.share();
            hold += part.share() * part.product().hold();
            richness += part.share() * part.product().richness();
            low += part.share() * part.product().windowLow();
            high += part.share() * part.product().windowHigh();
        }
        String name = mix.stream().map(p -> p.product().name()).collect(Collectors.joining(" + "));
        String ingredients = mix.stream()
                .map(p -> p.product().ingredients())
                .filter(Objects::nonNull)
                .collect(Collectors.joining(", "));
        boolean guard = mix.stream().anyMatch(p -> p.product().guardsHeat());
        return new Product(
                null,
                name,
                role,
                hold / share,
                richness / share,
                low / share,
                high / share,
                ingredients.isEmpty() ? null : ingredients,
                first.dose(),
                null,
                null,
                null,
                first.texture(),
                first.contactMinutes(),
                guard);
    }

    /**
     * A step of which some sections had what it says and the rest another product: their mix, by how many.
     *
     * @param before ratio of the sections that had what the step says, from 0 to 1
     */
    public static Step from(Step step, double before, Product product) {
        List<MixPart> kept = step.mix() != null
                ? step.mix()
                : step.product() == null ? List.of() : List.of(new MixPart(step.product(), 1.0));
        if (before >= 1) {
            return step; // nothing was left to do with it
        }
        if (before <= 0 || kept.isEmpty()) {
            return step.but().mix(null).product(product).build();
        }
        List<MixPart> mix = new ArrayList<>();
        kept.forEach(part -> mix.add(new MixPart(part.product(), part.share() * before)));
        mix.add(new MixPart(product, 1 - before));
        return step.but().product(null).mix(mix).build();
    }

    /** Cost in cents of this much of a mix, each product by its own price. */
    static double costCents(List<MixPart> mix, double amountMl) {
        return mix.stream()
                .mapToDouble(p -> p.product().costCents(amountMl * p.share()))
                .sum();
    }
}
