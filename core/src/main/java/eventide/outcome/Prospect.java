package eventide.outcome;

import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.product.Cast;
import eventide.product.Product;
import eventide.product.Role;
import eventide.wash.Features;
import eventide.wash.HoldWorn;
import eventide.wash.Layer;
import eventide.wash.Richness;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.Predicate;

/**
 * The best that washes of one kind could come to: the same steps, with stylers whose hold and richness lie within bounds.
 * No wash of the kind scores better in anything that is wanted, or worse in anything that is not: every piece of the
 * outcome rises or falls with hold and richness all the way, so each is taken at its better end, and mishaps are left out.
 */
public final class Prospect {
    private static final List<Effect> SURE =
            List.of(new HairEffect(), new CareEffect(), new HandsEffect(), new DryingEffect());
    private static final ScoreName[] NAMES = ScoreName.values();
    private static final int VOLUME = ScoreName.VOLUME.ordinal();
    /** Nothing worn and a trace worn are the same but for the number of pieces. */
    private static final double TRACE = 1e-9;

    private final List<Place> places = new ArrayList<>();

    /** Zones that read and score alike, as one; {@code share} is their part of the head. */
    public static final class Place {
        private final Wash wash;
        private final Features features;
        private final Zone zone;
        private final Reading hair;
        private final Bearing bearing;
        private final double dewPointC;
        private final double besideRichness;
        private final boolean broken;
        private final double[] sure;
        private double share;

        private Place(Wash wash, Features features, Zone zone, double[] sure, double besideRichness) {
            this.wash = wash;
            this.zone = zone;
            this.hair = wash.hair().at(zone);
            this.features = features;
            this.bearing = Bearing.of(wash, features.richnessBorne());
            this.dewPointC = wash.air().wornDewPointC();
            this.besideRichness = besideRichness;
            this.broken = features.castBroken();
            this.sure = sure;
            this.share = zone.share();
        }

        public boolean isCrown() {
            return zone == Zone.CROWN;
        }

        public double share() {
            return share;
        }

        /** The same but for what is sure. */
        private Place plus(double[] more) {
            double[] sums = sure.clone();
            for (int i = 0; i < sums.length; i++) {
                sums[i] += more[i];
            }
            Place place = new Place(wash, features, zone, sums, besideRichness);
            place.share = share;
            return place;
        }

        private boolean isLike(Place other) {
            return isCrown() == other.isCrown()
                    && hair.equals(other.hair)
                    && broken == other.broken
                    && besideRichness == other.besideRichness
                    && Arrays.equals(sure, other.sure);
        }

        /** What hold within these bounds adds to each score, at best. */
        public double[] byHold(double least, double most) {
            Pieces low = new Pieces(zone);
            Pieces high = new Pieces(zone);
            holdPieces(least, low);
            holdPieces(most, high);
            double[] sums = low.better(high);
            // Whether there is a cast is a step, not a slope: both sides of it are weighed where both may be.
            if (Cast.isSetBy(most)) {
                double[] cast = finish(most);
                boolean sure = Cast.isSetBy(least);
                for (int i = 0; i < sums.length; i++) {
                    sums[i] += sure ? cast[i] : Prospect.better(NAMES[i], cast[i], 0);
                }
            }
            return sums;
        }

        private void holdPieces(double hold, Ledger into) {
            ProductEffect.holds(hold, hold, hair, "", into);
            FinishEffect.worn(
                    dewPointC,
                    hair,
                    hold,
                    (1 - DoingConstants.FILM_GUARDS) * (broken ? 1 : 1 - DoingConstants.CAST_KEEPS_OUT),
                    into);
        }

        private double[] finish(double hold) {
            Ledger ledger = new Ledger(zone, false);
            FinishEffect.finish(broken, hold, ledger);
            return sums(ledger);
        }

        /** What richness within these bounds adds to each score, at best; in points of {@link Richness}. */
        public double[] byRichness(double least, double most) {
            Pieces low = new Pieces(zone);
            Pieces high = new Pieces(zone);
            ProductEffect.moistens(Math.max(TRACE, least + besideRichness), bearing, hair, low);
            ProductEffect.moistens(Math.max(TRACE, most + besideRichness), bearing, hair, high);
            return low.better(high);
        }

        /**
         * Each score with what hold, richness and foam add.
         *
         * @param into where they are put, one for each {@link ScoreName}
         */
        public void scores(double[] byHold, double[] byRichness, boolean foam, double[] into) {
            for (int i = 0; i < into.length; i++) {
                into[i] = Ledger.bend(sure[i] + byHold[i] + byRichness[i], NAMES[i].most());
            }
            if (foam) {
                double lifted = sure[VOLUME] + byHold[VOLUME] + byRichness[VOLUME] + Constants.FOAM_LIFTS;
                into[VOLUME] = Ledger.bend(lifted, ScoreName.VOLUME.most());
            }
        }
    }

    private Prospect() {}

    /**
     * @param plain a wash of that kind
     * @param open which of its layers stand for the stylers in question, and are not counted
     * @param inAir of its time in air, the part that any wash of the kind takes at least, 0 to 1
     */
    public static Prospect of(Wash plain, Predicate<Layer> open, double inAir) {
        Prospect prospect = new Prospect();
        for (Zone zone : Zone.values()) {
            Ledger ledger = new Ledger(zone, false);
            Features features = Features.of(plain, zone);
            SURE.forEach(effect -> effect.add(plain, features, plain.hair().at(zone), ledger));
            DryingEffect.wetter(plain, ledger);
            MishapEffect.slowInAir(plain, inAir * features.minutesInAir(), ledger);
            FinishEffect.kept(plain, ledger);
            FinishEffect.air(plain, plain.hair().at(zone), ledger);
            ProductEffect.coats(1, ledger);
            double beside = 0;
            for (Layer layer : plain.layersIn(zone)) {
                if (!open.test(layer)) {
                    beside += Richness.of(layer.product());
                    if (layer.product().role() == Role.OIL) {
                        ProductEffect.oils("", ledger);
                    }
                }
            }
            prospect.add(new Place(plain, features, zone, sums(ledger), beside));
        }
        return prospect;
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

    /** The same washes with the head parted into another number of sections. */
    public Prospect parted(int from, int to) {
        Prospect prospect = new Prospect();
        for (Place place : places) {
            Ledger before = new Ledger(place.zone, false);
            Ledger after = new Ledger(place.zone, false);
            HandsEffect.sections(from, before);
            HandsEffect.sections(to, after);
            double[] more = sums(after);
            double[] less = sums(before);
            for (int i = 0; i < more.length; i++) {
                more[i] -= less[i];
            }
            prospect.places.add(place.plus(more));
        }
        return prospect;
    }

    /**
     * The same washes with less of the hold than advised.
     *
     * @param held the part of it that goes on, 0 to 1; rounded amounts are a little more
     * @param crown whether what goes on there leaves strands bare
     * @param elsewhere the same everywhere else
     */
    public Prospect thinned(double held, boolean crown, boolean elsewhere) {
        Prospect prospect = new Prospect();
        for (Place place : places) {
            Ledger less = new Ledger(place.zone, false);
            if (place.isCrown() ? crown : elsewhere) {
                ProductEffect.thin(Math.min(1, held + ROUNDED), less);
            }
            prospect.places.add(place.plus(sums(less)));
        }
        return prospect;
    }

    /** Amounts are said to the nearest tenth of a ml: of a small one that may be so much more, as a part of the advised [OURS]. */
    private static final double ROUNDED = .03;

    public List<Place> places() {
        return places;
    }

    /** Hold of the strongest of some products and the next, 0 to 10: rises with each. */
    public static double together(double best, double second) {
        return HoldWorn.together(best, second);
    }

    /**
     * What a product adds to the hold of a head, 0 where its role does not count.
     *
     * @param fullness its amount against the advised one
     */
    public static double hold(Product product, double fullness) {
        return HoldWorn.counts(product) ? product.hold() * HoldWorn.taken(fullness) : 0;
    }

    private static double[] sums(Ledger ledger) {
        double[] sums = new double[NAMES.length];
        for (int i = 0; i < sums.length; i++) {
            sums[i] = ledger.sum(NAMES[i]);
        }
        return sums;
    }

    private static double better(ScoreName score, double a, double b) {
        boolean less = score == ScoreName.FRIZZ || score == ScoreName.SHRINKAGE || score == ScoreName.WEIGHT;
        return less ? Math.min(a, b) : Math.max(a, b);
    }

    /** Contributions in the order they are made, so that two runs can be laid side by side. */
    private static final class Pieces extends Ledger {
        private static final int MOST = 16;

        private final double[] by = new double[MOST];
        private final ScoreName[] of = new ScoreName[MOST];
        private int count;

        Pieces(Zone zone) {
            super(zone, false);
        }

        @Override
        void add(ScoreName score, double points, String because) {
            of[count] = score;
            by[count++] = points;
        }

        double[] better(Pieces other) {
            double[] sums = new double[NAMES.length];
            for (int i = 0; i < count; i++) {
                sums[of[i].ordinal()] += Prospect.better(of[i], by[i], other.by[i]);
            }
            return sums;
        }
    }
}
