package eventide.planner.compose;

import eventide.product.Product;
import eventide.shape.Maybe;
import java.util.Objects;

/**
 * What a plan decides. Any product may be null: that layer is left out.
 *
 * @param leaveIn a leave-in or a primer
 * @param hands without anything that holds they shape nothing, and are all one
 * @param sections against what is usual for such hair
 * @param details the smaller things
 */
public record Candidate(
        @Maybe Product leaveIn,
        @Maybe Product cream,
        @Maybe Product gel,
        @Maybe Product mousse,
        Shaping hands,
        Sections sections,
        Drying drying,
        Details details) {
    /** How hands shape it. */
    public enum Shaping {
        SCRUNCH("scrunched"),
        SMOOTH("smoothed in sections"),
        BRUSH("brush-styled"),
        COIL("finger-coiled"),
        SHINGLE("every curl by hand");

        public final String label;

        Shaping(String label) {
            this.label = label;
        }
    }

    /** Into how many pieces a head is parted, against what is usual for its hair. */
    public enum Sections {
        USUAL(1),
        FEWER(2 / 3.0),
        MORE(1.5);

        public final double factor;

        /** @param factor times the number that is usual for such hair */
        Sections(double factor) {
            this.factor = factor;
        }
    }

    /** How it is dried. */
    public enum Drying {
        DIFFUSE("diffused to dry"),
        PART("diffused, then air"),
        LEAVE("diffused most of the way, the rest by air at home"),
        AIR_ROOTS("air dried, the roots with the dryer"),
        HOOD("dried under the hood"),
        AIR("air dried"),
        HOME("left to dry at home");

        public final String label;

        /** The hair is dry, roots too, when the routine ends. */
        public boolean ends() {
            return this != LEAVE && this != HOME;
        }

        /** The dryer is put down before the hair is dry. */
        public boolean stops() {
            return this == PART || this == LEAVE;
        }

        /** Whether any of it is dried by warm or cool blown air. */
        public boolean usesDryer() {
            return this != AIR && this != HOME;
        }

        Drying(String label) {
            this.label = label;
        }
    }

    /** Without what mostly is alike: a search looks plans up many thousand times. */
    @Override
    public int hashCode() {
        int hash = Objects.hashCode(leaveIn);
        hash = 31 * hash + Objects.hashCode(cream);
        hash = 31 * hash + Objects.hashCode(gel);
        hash = 31 * hash + Objects.hashCode(mousse);
        hash = 31 * hash + hands.ordinal();
        hash = 31 * hash + sections.ordinal();
        hash = 31 * hash + drying.ordinal();
        return 31 * hash + details.hashCode();
    }

    /** The same layers, hands, parting and drying with other smaller things. */
    public Candidate with(Details other) {
        return new Candidate(leaveIn, cream, gel, mousse, hands, sections, drying, other);
    }

    /** Whether anything holds that hands could shape. */
    public boolean isShaped() {
        return gel != null || mousse != null;
    }

    /** Hold goes on and is shaped on one section after the other, not over the whole head at once. */
    public boolean isBySection() {
        return isShaped() && hands != Shaping.SCRUNCH;
    }

    /** Its hands, parting and drying, whatever it wears. */
    public Frame frame() {
        return new Frame(hands, sections, drying);
    }

    /** How it is shaped and dried, in words; without anything that holds nothing is shaped. */
    public String words() {
        return (isShaped() ? hands.label : "nothing shaped") + ", " + drying.label;
    }

    /**
     * The strongest hold worn.
     *
     * @return from 0 (nothing on it holds) to 10
     */
    public double hold() {
        double strongest = gel == null ? 0 : gel.hold();
        return mousse == null ? strongest : Math.max(strongest, mousse.hold());
    }

    /** The same layers and smaller things, shaped, parted and dried otherwise. */
    public Candidate with(Frame other) {
        return new Candidate(leaveIn, cream, gel, mousse, other.hands(), other.sections(), other.drying(), details);
    }

    /** With another bottle in a slot, null for none. */
    public Candidate with(Stylers.Slot slot, Product other) {
        return new Candidate(
                slot == Stylers.Slot.LEAVE_IN ? other : leaveIn,
                slot == Stylers.Slot.CREAM ? other : cream,
                slot == Stylers.Slot.GEL ? other : gel,
                slot == Stylers.Slot.MOUSSE ? other : mousse,
                hands,
                sections,
                drying,
                details);
    }

    /** The bottle in a slot, null where it is left empty. */
    public Product in(Stylers.Slot slot) {
        return switch (slot) {
            case GEL -> gel;
            case MOUSSE -> mousse;
            case CREAM -> cream;
            case LEAVE_IN -> leaveIn;
        };
    }

    /** Whether the same four bottles go on, however they are worked. */
    public boolean wearsSame(Candidate other) {
        return leaveIn == other.leaveIn && cream == other.cream && gel == other.gel && mousse == other.mousse;
    }
}
