package eventide.product;

import eventide.product.LabelReading.Breaks;
import eventide.product.LabelReading.Entry;
import eventide.product.LabelReading.Load;
import eventide.product.LabelReading.ProteinLoad;
import eventide.product.LabelReading.Silicones;
import eventide.product.LabelReading.Traits;
import java.util.ArrayList;
import java.util.List;

/** Sums a list of ingredients up. */
final class LabelTraits {
    /** A protein counts within the first five, further back it is a trace [CP]. */
    private static final int PROTEIN_COUNTS_TO = 5;
    /** Weight of a place on the list, and of a place among the traces [OURS: shares fall about geometrically]. */
    private static final double FALLS_BY = .78;

    /** Weight of an entry behind the one percent line, where order says nothing [OURS]. */
    private static final double AMONG_TRACES = .08;
    /** Summed weights from which a load is medium and high [OURS, set on the demo's labels]. */
    private static final double MEDIUM_FROM = .55;

    /** Weight from which there is much of it [OURS]. */
    private static final double HIGH_FROM = 1.25;
    /** Water and what stands right after it. */
    private static final int FIRST = 2;

    private LabelTraits() {}

    /** Marks what stands behind the one percent line as a trace, and sums up. */
    static LabelReading of(List<Entry> entries, IngredientDictionary dictionary) {
        Integer traces = onePercentAfter(entries, dictionary);
        List<Entry> marked = new ArrayList<>();
        for (Entry e : entries) {
            boolean trace = traces != null && e.position() > traces;
            marked.add(new Entry(
                    e.position(),
                    e.name(),
                    e.families(),
                    e.note(),
                    e.asWritten(),
                    e.percent(),
                    trace,
                    e.mayContain(),
                    e.closest()));
        }
        return new LabelReading(
                List.copyOf(marked),
                traits(marked),
                traces,
                marked.stream()
                        .filter(e -> e.is(Family.ALLERGEN) || e.is(Family.ALLERGEN_2023))
                        .map(Entry::name)
                        .toList(),
                new Breaks(breaks(marked, true), breaks(marked, false)),
                marked.stream().filter(e -> !e.isKnown()).map(Entry::asWritten).toList(),
                null);
    }

    /**
     * Behind which position nothing can be more than 1 %. Names stand in falling order of weight down to 1 % [PUB:
     * Regulation (EC) 1223/2009 Art. 19(1)(g)], so from the first that may be no more by law, or says so itself, on.
     */
    private static Integer onePercentAfter(List<Entry> entries, IngredientDictionary dictionary) {
        for (Entry entry : entries) {
            boolean capped =
                    dictionary.find(entry.name()).map(Ingredient::marksTraces).orElse(false);
            boolean said = entry.percent() != null && entry.percent() <= 1;
            if ((capped || said) && entry.position() > 1) {
                return entry.position() - 1;
            }
        }
        return null;
    }

    /** What rules and plans ask of a label, each from the families of its entries. */
    private static Traits traits(List<Entry> entries) {
        return new Traits(
                protein(entries),
                load(entries, Family.HUMECTANT),
                load(entries, Family.FILM_FORMER),
                oils(entries),
                has(entries, Family.SILICONE)
                        ? Silicones.BUILDS_UP
                        : has(entries, Family.SILICONE_SOLUBLE) ? Silicones.SOLUBLE : Silicones.NONE,
                has(entries, Family.SULFATE),
                has(entries, Family.DRYING_ALCOHOL),
                has(entries, Family.PARABEN),
                has(entries, Family.WAX),
                has(entries, Family.MINERAL_OIL),
                has(entries, Family.CONDITIONER) || has(entries, Family.FATTY_ALCOHOL),
                has(entries, Family.PROPELLANT));
    }

    /** Only early on the list is it enough to count; behind the one percent line, or far down, it is a trace. */
    private static ProteinLoad protein(List<Entry> entries) {
        ProteinLoad load = ProteinLoad.NONE;
        for (Entry entry : entries) {
            boolean protein = entry.is(Family.PROTEIN) || entry.is(Family.AMINO_ACID);
            if (protein && !entry.mayContain()) {
                boolean early = entry.position() <= PROTEIN_COUNTS_TO && !entry.trace();
                load = early || load == ProteinLoad.YES ? ProteinLoad.YES : ProteinLoad.TRACE;
            }
        }
        return load;
    }

    /**
     * Sum of the weights of a family's places.
     *
     * @return 0 where there is none; the first place on the list counts 1
     */
    static double weight(List<Entry> entries, Family... families) {
        double sum = 0;
        for (Entry entry : entries) {
            boolean counts = false;
            for (Family family : families) {
                counts |= entry.is(family);
            }
            if (counts && !entry.mayContain()) {
                sum += entry.trace() ? AMONG_TRACES : Math.pow(FALLS_BY, entry.position() - 1.0);
            }
        }
        return sum;
    }

    /** By weight over all entries of those families, which falls with the place on the list. */
    private static Load load(List<Entry> entries, Family... families) {
        double weight = weight(entries, families);
        if (weight <= 0) {
            return Load.NONE;
        }
        return weight < MEDIUM_FROM ? Load.LOW : weight < HIGH_FROM ? Load.MEDIUM : Load.HIGH;
    }

    /**
     * Names stand in falling order: an oil, a butter or petrolatum among the first two, water aside, is most of what is in the
     * bottle [PUB: Regulation (EC) 1223/2009 Art. 19(1)(g)].
     */
    private static Load oils(List<Entry> entries) {
        Load load = load(entries, Family.OIL, Family.BUTTER, Family.MINERAL_OIL);
        for (Entry entry : entries) {
            boolean fat = entry.is(Family.OIL) || entry.is(Family.BUTTER) || entry.is(Family.MINERAL_OIL);
            if (fat && entry.position() <= FIRST && !entry.trace() && !entry.mayContain()) {
                return Load.HIGH;
            }
        }
        return load;
    }

    /** Whether any of it is on the list; what may only be in it is not. */
    static boolean has(List<Entry> entries, Family family) {
        return entries.stream().anyMatch(entry -> entry.is(family) && !entry.mayContain());
    }

    /** The client's lists [CP as to what stands on them; the division into strict and loose OURS]. */
    private static List<String> breaks(List<Entry> entries, boolean strict) {
        List<String> broken = new ArrayList<>();
        for (Entry entry : entries) {
            String because = because(entry, strict);
            if (because != null) {
                broken.add(entry.name() + ": " + because);
            }
        }
        return List.copyOf(broken);
    }

    /**
     * Why an entry does not go with washing without detergents, null where it does.
     *
     * @param strict where even what water lifts is left out
     */
    private static String because(Entry entry, boolean strict) {
        if (entry.is(Family.SULFATE)) {
            return "a sulfate";
        }
        if (entry.is(Family.SILICONE)) {
            return "a silicone water does not lift";
        }
        if (entry.is(Family.MINERAL_OIL)) {
            return "mineral oil or petrolatum";
        }
        if (strict && entry.is(Family.WAX)) {
            return "a wax";
        }
        if (strict && entry.is(Family.DRYING_ALCOHOL)) {
            return "a drying alcohol";
        }
        return strict && entry.is(Family.PARABEN) ? "a paraben" : null;
    }
}
