package eventide.wash;

import eventide.hair.Porosity;
import eventide.hair.Reading;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Schools;
import java.util.List;

/** Richness left in the hair against what the hair bears. Both in points of the richness scale. */
public final class Richness {
    /** Points of richness that fine strands bear: fine takes little weight, coarse asks for it [CP; the figures OURS]. */
    private static final double BEARS_FINE = 4.5;
    /** Points of richness that medium strands bear [OURS]. */
    private static final double BEARS_MEDIUM = 10.5;
    /** Points of richness that coarse strands bear [OURS]. */
    private static final double BEARS_COARSE = 16;
    /** Points of richness that low porosity bears [OURS]. */
    private static final double BEARS_LOW_POROSITY = 6;
    /** Points of richness that medium porosity bears [OURS]. */
    private static final double BEARS_MEDIUM_POROSITY = 9;
    /** Points of richness that high porosity bears [OURS]. */
    private static final double BEARS_HIGH_POROSITY = 13;
    /** Times the advised amount beyond which more of a styler weighs no more: it runs off [OURS]. */
    private static final double MOST_FULLNESS = 3;
    /** The same of an oil: a finishing oil is advised by the drop, and spoonfuls are many times that [OURS]. */
    private static final double MOST_FULLNESS_OF_OIL = 30;

    /** Times what the hair bears from which it is clearly too much: short of that the judgement is the stylist's [OURS]. */
    private static final double CLEARLY_OVER = 1.15;

    private Richness() {}

    /**
     * Whether hair wears clearly more than it bears. Coarse or coily hair that is to be soft first may wear any of it: that is meant.
     *
     * @param worn in points of richness
     * @param borne likewise, as {@link #borne} says
     */
    public static boolean isTooMuch(double worn, double borne, Reading reading, Goal goal) {
        boolean wanted = (reading.strand() == Strand.COARSE || reading.pattern().isCoily()) && goal.softnessFirst();
        return !wanted && worn > CLEARLY_OVER * borne;
    }

    /**
     * Points of richness worn in a zone, by how much of each went on.
     *
     * @return points of richness, 0 to 10 in the advised amount
     */
    public static double of(Wash wash, Zone zone) {
        return of(wash.layersIn(zone));
    }

    /**
     * Points of richness of layers worn in one place.
     *
     * @return points of richness, 0 to 10 in the advised amount
     */
    public static double of(List<Layer> worn) {
        double left = 0;
        double right = 0;
        for (Layer layer : worn) {
            left += layer.isOn(Half.LEFT) ? of(layer) : 0;
            right += layer.isOn(Half.RIGHT) ? of(layer) : 0;
        }
        // Two halves on trial wear different things: the heavier is what the hair has to bear.
        return Math.max(left, right);
    }

    /**
     * What a layer weighs: its richness by how much of the advised amount went on.
     *
     * @return points of richness, 0 to 10 in the advised amount
     */
    public static double of(Layer layer) {
        return layer.product().richness() * perPoint(layer);
    }

    /** Points of richness left in the hair for each point on the label: by the role, and by how much went on. */
    public static double perPoint(Layer layer) {
        Role role = layer.product().role();
        double most = role == Role.OIL ? MOST_FULLNESS_OF_OIL : MOST_FULLNESS;
        return role.weighs() * Math.min(most, layer.fullness());
    }

    /**
     * Points of richness an advised amount of a product leaves.
     *
     * @return points of richness, 0 to 10 in the advised amount
     */
    public static double of(Product product) {
        return product.richness() * product.role().weighs();
    }

    /** Points of richness this hair carries without going limp: strand 2 to porosity 1 unless the school says other. */
    public static double borne(Reading reading, Schools schools) {
        double strand = reading.strand() == Strand.FINE
                ? BEARS_FINE
                : reading.strand() == Strand.MEDIUM ? BEARS_MEDIUM : BEARS_COARSE;
        double porosity = reading.porosity() == Porosity.LOW
                ? BEARS_LOW_POROSITY
                : reading.porosity() == Porosity.MEDIUM ? BEARS_MEDIUM_POROSITY : BEARS_HIGH_POROSITY;
        double share = schools.strandShare();
        return (share * strand + (1 - share) * porosity) * pattern(reading);
    }

    /**
     * Times what strand and porosity bear: straight and wavy hair shows weight sooner, coils wear it gladly [CP; the figures OURS].
     *
     * @return a factor about 1
     */
    private static double pattern(Reading reading) {
        if (reading.pattern().isStraight()) {
            return .85;
        }
        if (reading.pattern().isWavy()) {
            return .92;
        }
        return reading.pattern().isCoily() ? 1.2 : 1;
    }
}
