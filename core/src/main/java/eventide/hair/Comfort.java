package eventide.hair;

import eventide.shape.Said;

/** What the chair has to mind [CP]. */
public enum Comfort implements Said {
    NECK("neck at the basin"),
    DIZZY("gets dizzy"),
    TENDER_SCALP("tender scalp"),
    NO_TIGHT_TENSION("nothing tight"),
    LOW_HEAT("little heat"),
    CHILD("a child");

    private final String label;

    Comfort(String label) {
        this.label = label;
    }

    @Override
    public String label() {
        return label;
    }
}
