package eventide.planner.compose;

import eventide.hair.Zone;
import eventide.routine.NightCare;
import java.util.List;

/**
 * The smaller things a plan decides once its layers, hands, parting and drying stand, in the order they are done.
 *
 * @param before care in the wash
 * @param dose how much of what holds and of what feeds
 * @param work water, order and hands while it goes on
 * @param finish from the last drying to the night
 */
public record Details(Before before, Doses dose, Work work, Finish finish) {
    /**
     * What is done before styling.
     *
     * @param minutes how long the care works, 0 where there is none
     */
    public record Before(Preparation.Care care, double minutes, boolean clarified) {}

    /**
     * How much of each layer, and where.
     *
     * @param crownSpared moisture is kept off the crown
     */
    public record Doses(Share moisture, Share hold, boolean crownSpared) {
        /** As advised, everywhere. */
        public static final Doses ADVISED = new Doses(Share.ADVISED, Share.ADVISED, false);
    }

    /** A layer against what is advised for it, which is as much as a head takes up: more would only be wasted. */
    public enum Share {
        ADVISED(1, "the advised amount"),
        LESS(.75, "three quarters"),
        HALF(.5, "half");

        public final double factor;
        public final String label;

        /** @param factor times the advised amount */
        Share(double factor, String label) {
            this.factor = factor;
            this.label = label;
        }
    }

    /**
     * How hands go about it.
     *
     * @param creamFirst cream goes under the leave-in instead of over it
     * @param lifted roots are lifted off the scalp at the end, shaken where the head was down
     * @param upsideDown scrunching and shaking are done with the head down
     * @param foamUnder where there is gel too, mousse goes under it instead of over it at the crown
     * @param scrunches how often each handful is scrunched
     */
    public record Work(
            Water water,
            Order order,
            boolean creamFirst,
            boolean lifted,
            boolean upsideDown,
            boolean foamUnder,
            int scrunches) {
        @Override
        public int hashCode() {
            int hash = 31 * water.ordinal() + order.ordinal();
            hash = 31 * hash + scrunches;
            return 16 * hash + (creamFirst ? 8 : 0) + (lifted ? 4 : 0) + (upsideDown ? 2 : 0) + (foamUnder ? 1 : 0);
        }

        /** Stylers met by drier or wetter hair, inside each one's own window. */
        public Work met(Water other) {
            return new Work(other, order, creamFirst, lifted, upsideDown, foamUnder, scrunches);
        }

        /** Sections taken in another order; and whether the cream goes on under the leave-in. */
        public Work ordered(Order other, boolean first) {
            return new Work(water, other, first, lifted, upsideDown, foamUnder, scrunches);
        }

        /** Roots lifted off the scalp or left; the head held down or upright while it is scrunched. */
        public Work held(boolean roots, boolean down) {
            return new Work(water, order, creamFirst, roots, down, foamUnder, scrunches);
        }

        /** Scrunched so many times, each zone no more often than its pattern takes. */
        public Work scrunched(int count) {
            return new Work(water, order, creamFirst, lifted, upsideDown, foamUnder, count);
        }
    }

    /** Where in a styler's window hair meets it. */
    public enum Water {
        DRIER(.3, "in the drier third of their window"),
        USUAL(.6, "in the middle of their window"),
        WETTER(.95, "at the wet end of their window");

        /** Part of the window from its dry end. */
        public final double within;

        public final String label;

        /** @param within where in a bottle's window, 0 for its lowest water, 1 for its highest */
        Water(double within, String label) {
            this.within = within;
            this.label = label;
        }
    }

    /** In which order the zones are taken, section by section [CP]. */
    public enum Order {
        TRADE(null, "bottom to top, the front last"),
        FRONT_EARLY(
                List.of(Zone.NAPE, Zone.HAIRLINE, Zone.BACK, Zone.LEFT, Zone.RIGHT, Zone.CROWN),
                "the front before the middle, so that it does not wait");

        /** Null for the trade's own. */
        public final List<Zone> zones;

        public final String label;

        /** @param zones in the order they are worked; null for the trade's */
        Order(List<Zone> zones, String label) {
            this.zones = zones;
            this.label = label;
        }
    }

    /**
     * Cloth, dryer, clips, cast and after.
     *
     * @param turned the head is turned upside down under the dryer too, not only to the sides
     * @param stop percent dry at which the dryer is put down where air does the rest; counts nowhere else
     * @param roots what is done at the roots once they are dry; where a cast is left they are too
     * @param stays how much of the time that is left is spent drying before it goes home; counts nowhere else
     * @param refreshed misted and set right each morning
     */
    public record Finish(
            boolean turned,
            boolean clips,
            boolean castLeft,
            boolean fluff,
            double stop,
            Roots roots,
            Cloth cloth,
            Stay stays,
            boolean refreshed,
            NightCare night) {
        @Override
        public int hashCode() {
            int hash = 31 * (int) stop + stays.ordinal();
            hash = 31 * hash + 8 * roots.ordinal() + cloth.ordinal();
            hash = 31 * hash + 2 * night.ordinal() + (refreshed ? 1 : 0);
            return 16 * hash + (turned ? 8 : 0) + (clips ? 4 : 0) + (castLeft ? 2 : 0) + (fluff ? 1 : 0);
        }

        /** Head down under the dryer too, or to the sides alone. */
        public Finish turned(boolean down) {
            return new Finish(down, clips, castLeft, fluff, stop, roots, cloth, stays, refreshed, night);
        }

        /** With something else done at the dry roots. */
        public Finish rooted(Roots other) {
            return new Finish(turned, clips, castLeft, fluff, stop, other, cloth, stays, refreshed, night);
        }

        /** With another cloth, or none, after the stylers. */
        public Finish pressed(Cloth other) {
            return new Finish(turned, clips, castLeft, fluff, stop, roots, other, stays, refreshed, night);
        }

        /** Staying longer or shorter before it goes home wet. */
        public Finish staying(Stay other) {
            return new Finish(turned, clips, castLeft, fluff, stop, roots, cloth, other, refreshed, night);
        }

        /** With other care from day to day; the wash itself is the same. */
        public Finish kept(boolean eachMorning, NightCare nights) {
            return new Finish(turned, clips, castLeft, fluff, stop, roots, cloth, stays, eachMorning, nights);
        }
    }

    /** What goes home wet may stay and dry while there is time. */
    public enum Stay {
        NONE(0, "not staying to dry"),
        HALF(.5, "staying half the time that is left to dry"),
        REST(1, "staying as long as there is time to dry");

        /** Of the minutes that are left, a ratio. */
        public final double share;

        public final String label;

        /** @param share of the minutes that are left, 0 to 1 */
        Stay(double share, String label) {
            this.share = share;
            this.label = label;
        }
    }

    /** What takes excess water off once the stylers are in [CP]. */
    public enum Cloth {
        NONE("no cloth"),
        MICROPLOP("pressed with a T-shirt"),
        PLOP("plopped in a T-shirt");

        public final String label;

        Cloth(String label) {
            this.label = label;
        }
    }

    /** What is done at dry roots: lifted with a pick for volume, stretched with cool air, or dried under tension, for length [CP]. */
    public enum Roots {
        LEFT("roots left alone once dry"),
        PICKED("roots lifted with a pick"),
        STRETCHED("roots stretched with cool air"),
        TENSED("roots finished with the dryer under tension");

        public final String label;

        Roots(String label) {
            this.label = label;
        }
    }

    /** By every part that tells plans apart which are run side by side: those of one number would wait for each other. */
    @Override
    public int hashCode() {
        int hash = 2 * (before.care().ordinal() * 64 + (int) before.minutes()) + (before.clarified() ? 1 : 0);
        hash = 31 * hash + 6 * dose.moisture().ordinal() + 2 * dose.hold().ordinal() + (dose.crownSpared() ? 1 : 0);
        hash = 31 * hash + work.hashCode();
        return 31 * hash + finish.hashCode();
    }

    /** With another care before styling. */
    public Details with(Before other) {
        return new Details(other, dose, work, finish);
    }

    /** In other amounts. */
    public Details with(Doses other) {
        return new Details(before, other, work, finish);
    }

    /** Worked otherwise while the stylers go on. */
    public Details with(Work other) {
        return new Details(before, dose, other, finish);
    }

    /** Dried, finished and kept otherwise. */
    public Details with(Finish other) {
        return new Details(before, dose, work, other);
    }
}
