package eventide.product;

import eventide.product.LabelReading.Entry;
import eventide.product.LabelReading.Proposal;
import java.util.ArrayList;
import java.util.List;

/**
 * Hold, richness and wetness window as a label suggests them. Percentages are not on a label, so these are starting
 * points; a stylist's own values win. All figures [OURS], set so that the demo's bottles come out as stylists rate them.
 */
final class LabelProposal {
    /** How fast hold and richness rise with what stands on the label. */
    private static final double HOLD_RISES = 1.15;

    /** How soon richness nears its end of the scale, for each point of weight of what is rich [OURS]. */
    private static final double RICHNESS_RISES = .75;
    /** Sentences that say what a proposal rests on. */
    private static final int MOST_EVIDENCE = 5;

    private final List<Entry> entries;
    private final Role role;
    private final List<String> evidence = new ArrayList<>();

    private LabelProposal(LabelReading reading, Role role) {
        this.entries = reading.ingredients();
        this.role = role;
    }

    /** The reading with values proposed for a bottle of this role. */
    static LabelReading on(LabelReading reading, Role role) {
        Proposal proposal = new LabelProposal(reading, role).propose();
        return new LabelReading(
                reading.ingredients(),
                reading.traits(),
                reading.onePercentAfter(),
                reading.allergens(),
                reading.breaks(),
                reading.unknown(),
                proposal);
    }

    /**
     * Hold by film formers, with less and less for each more; richness by oils, butters and what else weighs; the window by the
     * role and what thickens it [OURS, from common practice].
     */
    private Proposal propose() {
        double film = LabelTraits.weight(entries, Family.FILM_FORMER);
        double hold = tenth(mostHold() * (1 - Math.exp(-HOLD_RISES * film)));
        speak(Family.FILM_FORMER, "holds");
        double weight = .95 * LabelTraits.weight(entries, Family.BUTTER)
                + .75 * LabelTraits.weight(entries, Family.OIL)
                + .8 * LabelTraits.weight(entries, Family.WAX, Family.MINERAL_OIL)
                + .55 * LabelTraits.weight(entries, Family.FATTY_ALCOHOL)
                + .5 * LabelTraits.weight(entries, Family.SILICONE)
                + .3 * LabelTraits.weight(entries, Family.CONDITIONER);
        double richness = tenth(10 * (1 - Math.exp(-RICHNESS_RISES * weight)));
        speak(Family.BUTTER, "is rich");
        speak(Family.OIL, "softens and weighs");
        speak(Family.FATTY_ALCOHOL, "gives slip and some weight");
        speak(Family.SILICONE, "coats");
        double[] window = window(film);
        return new Proposal(
                hold,
                richness,
                window[0],
                window[1],
                List.copyOf(evidence.subList(0, Math.min(MOST_EVIDENCE, evidence.size()))));
    }

    /** Notes the first two entries that speak for something. */
    private void speak(Family family, String does) {
        entries.stream()
                .filter(entry -> entry.is(family) && !entry.trace())
                .limit(2)
                .forEach(entry -> evidence.add(entry.name() + " at " + entry.position() + " " + does));
    }

    private double mostHold() {
        return role.usual().mostHold();
    }

    /**
     * By role [CP]: foam brings its own water, a gel thick with gum or carbomer drowns on dripping hair.
     *
     * @return lowest and highest percent wet
     */
    private double[] window(double film) {
        return role == Role.GEL ? gelWindow(film) : usualWindow();
    }

    private double[] usualWindow() {
        return new double[] {role.usual().windowLow(), role.usual().windowHigh()};
    }

    /**
     * @param film weight of film formers
     * @return lowest and highest percent of water
     */
    private double[] gelWindow(double film) {
        double body = LabelTraits.weight(entries, Family.THICKENER);
        if (body > .5) {
            evidence.add("thick: squeezed-out hair, dripping would dilute it");
            return new double[] {50, 85};
        }
        if (film > 1) {
            evidence.add("much film former in thin water: soaking hair");
            return new double[] {65, 98};
        }
        return usualWindow();
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }
}
