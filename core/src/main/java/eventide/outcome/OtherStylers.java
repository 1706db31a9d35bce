package eventide.outcome;

import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.product.Role;
import eventide.wash.Features;
import eventide.wash.LabelWorn;
import eventide.wash.Layer;
import eventide.wash.Richness;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/**
 * The scores of a wash with other stylers on it, worked out from its features alone: no water is run. What the stylers did to it is
 * taken off, by the very pieces of the outcome that put it there, and what the others would do is put on. Exact where the others
 * meet the same water in the same minutes; how far it is off elsewhere is for whoever asks to find out by running it.
 */
public final class OtherStylers {
    private static final ScoreName[] NAMES = ScoreName.values();

    private final List<Place> places = new ArrayList<>();

    /**
     * What is worn of stylers at one place.
     *
     * @param hold of all of them together, 0 to 10, as met its water
     * @param richness in points of {@link Richness}, without what else is worn
     * @param films of their labels, 0 to 1
     * @param humectants of their labels, 0 to 1
     * @param full amount of hold against the advised one, 0 where none goes on
     * @param coated how much of what is advised went on in all, 0 to 1
     */
    public record Worn(
            double hold, double richness, double films, double humectants, boolean foam, double full, double coated) {}

    /** Zones that read and came out alike, as one. */
    public static final class Place {
        private final Wash wash;
        private final Zone zone;
        private final Reading hair;
        private final Bearing bearing;
        private final Features features;
        private final double besideRichness;
        private final LabelWorn besideLabel;
        private final double[] sure;
        private double share;

        private Place(Wash wash, Zone zone, Predicate<Layer> open) {
            this.wash = wash;
            this.zone = zone;
            this.hair = wash.hair().at(zone);
            this.features = Features.of(wash, zone);
            this.bearing = Bearing.of(wash, features.richnessBorne());
            this.besideRichness = wash.layersIn(zone).stream()
                    .filter(open.negate())
                    .mapToDouble(Richness::of)
                    .sum();
            this.besideLabel = LabelWorn.of(wash, zone, open.negate());
            this.share = zone.share();
            this.sure = sums(OutcomeModel.ledger(wash, zone));
            Ledger own = pieces(features.holdPutOn(), own());
            for (int i = 0; i < sure.length; i++) {
                sure[i] -= own.sum(NAMES[i]);
            }
            if (!wash.correction().isNone()) {
                wash.layersIn(zone).stream()
                        .filter(open)
                        .map(layer -> layer.product().name())
                        .distinct()
                        .forEach(name -> wash.teaching().takeFrom(sure, name));
            }
        }

        private Place(Place like, double[] sure) {
            this.wash = like.wash;
            this.zone = like.zone;
            this.hair = like.hair;
            this.features = like.features;
            this.bearing = like.bearing;
            this.besideRichness = like.besideRichness;
            this.besideLabel = like.besideLabel;
            this.share = like.share;
            this.sure = sure;
        }

        private Worn own() {
            return new Worn(
                    features.holdMet(),
                    features.richness(),
                    features.filmFormers(),
                    features.humectants(),
                    features.foam(),
                    features.holdFullness(),
                    features.coated());
        }

        private Ledger pieces(double put, Worn worn) {
            Ledger ledger = new Ledger(zone, false);
            ProductEffect.stylers(worn, put, bearing, hair, "", "", ledger);
            double drawn = worn.humectants() * (1 - worn.films());
            FinishEffect.stylers(wash, features.castBroken(), put, worn.films(), drawn, hair, ledger);
            MishapEffect.weakInAir(wash, put, features.minutesInAir(), ledger);
            return ledger;
        }

        /** Whether it is the crown, where a foam may go on alone. */
        public boolean isCrown() {
            return zone == Zone.CROWN;
        }

        /** Of the head's hair, from 0 to 1. */
        public double share() {
            return share;
        }

        /** Whether it would wear clearly more richness than it bears, with these stylers on what else is worn. */
        public boolean isTooRich(Worn stylers) {
            return isTooRich(stylers.richness() + besideRichness);
        }

        /** Whether it does as it was run. */
        public boolean isTooRich() {
            return isTooRich(features.richness());
        }

        private boolean isTooRich(double richness) {
            return Richness.isTooMuch(richness, features.richnessBorne(), hair, wash.goal());
        }

        /**
         * Each score with these stylers instead.
         *
         * @param learned what the log has taught of them, one for each {@link ScoreName}; null for nothing
         * @param into where they are put, one for each {@link ScoreName}
         */
        public void scores(Worn stylers, double[] learned, double[] into) {
            Worn worn = new Worn(
                    stylers.hold(),
                    stylers.richness() + besideRichness,
                    Math.max(stylers.films(), besideLabel.films()),
                    Math.max(stylers.humectants(), besideLabel.humectants()),
                    stylers.foam(),
                    stylers.full(),
                    stylers.coated());
            Ledger ledger = pieces(worn.hold(), worn);
            for (int i = 0; i < into.length; i++) {
                double taught = learned == null ? 0 : learned[i];
                into[i] = Ledger.bend(sure[i] + taught + ledger.sum(NAMES[i]), NAMES[i].most());
            }
        }

        private boolean isLike(Place other) {
            return isCrown() == other.isCrown()
                    && hair.equals(other.hair)
                    && features.castBroken() == other.features.castBroken()
                    && besideRichness == other.besideRichness
                    && besideLabel.equals(other.besideLabel)
                    && Arrays.equals(sure, other.sure);
        }

        /** The same hair of the same wash, parted into another number of sections. */
        public Place parted(int from, int to) {
            Ledger before = new Ledger(zone, false);
            Ledger after = new Ledger(zone, false);
            HandsEffect.sections(from, before);
            HandsEffect.sections(to, after);
            double[] sums = sure.clone();
            for (int i = 0; i < sums.length; i++) {
                sums[i] += after.sum(NAMES[i]) - before.sum(NAMES[i]);
            }
            return new Place(this, sums);
        }
    }

    private OtherStylers() {}

    /**
     * @param open which of its layers the others would stand for
     */
    public static OtherStylers on(Wash wash, Predicate<Layer> open) {
        OtherStylers swapped = new OtherStylers();
        for (Zone zone : Zone.values()) {
            swapped.add(new Place(wash, zone, open));
        }
        return swapped;
    }

    private void add(Place place) {
        for (Place known : places) {
            if (known.isLike(place)) {
                known.share += place.share;
                return;
            }
        }
        places.add(place);
    }

    /** Hair that is scored alike: shares add to 1. */
    public List<Place> places() {
        return places;
    }

    /** Whether a layer is one that {@link Worn} speaks of. */
    public static boolean isStyler(Layer layer) {
        return layer.holds()
                || layer.product().role().moisturises() && layer.product().role() != Role.OIL;
    }

    /**
     * By the order of {@link ScoreName}, before they are bent into the scale.
     *
     * @return points, one a score in the order of {@link ScoreName}
     */
    private static double[] sums(Ledger ledger) {
        double[] sums = new double[NAMES.length];
        for (int i = 0; i < sums.length; i++) {
            sums[i] = ledger.sum(NAMES[i]);
        }
        return sums;
    }
}
