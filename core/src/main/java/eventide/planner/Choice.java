package eventide.planner;

import eventide.product.Product;
import eventide.shape.Maybe;

/** What a plan decides. Any product may be null: that layer is left out. */
record Choice(
        @Maybe Product leaveIn,
        @Maybe Product cream,
        @Maybe Product gel,
        @Maybe Product mousse,
        Hands hands,
        Drying drying) {
    /** How hands shape it. */
    enum Hands {
        SCRUNCH("scrunched"),
        SMOOTH("smoothed in sections"),
        BRUSH("brush-styled"),
        COIL("finger-coiled"),
        SHINGLE("every curl by hand");

        final String label;

        Hands(String label) {
            this.label = label;
        }
    }

    /** How it is dried. */
    enum Drying {
        DIFFUSE("diffused to dry"),
        PART("diffused, then air"),
        LEAVE("diffused to 85 %, the rest by air at home"),
        AIR("air dried"),
        HOME("left to dry at home");

        final String label;

        /** The hair is dry, roots too, when the routine ends. */
        boolean ends() {
            return this != LEAVE && this != HOME;
        }

        boolean usesDryer() {
            return this != AIR && this != HOME;
        }

        Drying(String label) {
            this.label = label;
        }
    }

    Choice with(Hands otherHands, Drying otherDrying) {
        return new Choice(leaveIn, cream, gel, mousse, otherHands, otherDrying);
    }

    /** How it is shaped and dried, in words; without anything that holds nothing is shaped. */
    String words() {
        return (gel == null && mousse == null ? "nothing shaped" : hands.label) + ", " + drying.label;
    }

    /** The strongest hold worn. */
    double hold() {
        double strongest = gel == null ? 0 : gel.hold();
        return mousse == null ? strongest : Math.max(strongest, mousse.hold());
    }

    Product in(Search.Slot slot) {
        return switch (slot) {
            case GEL -> gel;
            case MOUSSE -> mousse;
            case CREAM -> cream;
            case LEAVE_IN -> leaveIn;
        };
    }

    boolean wearsSame(Choice other) {
        return leaveIn == other.leaveIn && cream == other.cream && gel == other.gel && mousse == other.mousse;
    }
}
