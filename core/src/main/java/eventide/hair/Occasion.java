package eventide.hair;

import eventide.shape.Said;

/** What made somebody read the hair again. */
public enum Occasion implements Said {
    FIRST("first reading"),
    CHECK("read again"),
    AFTER_BLEACH("after bleach"),
    AFTER_COLOUR("after colour"),
    AFTER_TRIM("after a trim"),
    SEASON("for the season");

    private final String label;

    Occasion(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
