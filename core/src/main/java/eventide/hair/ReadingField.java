package eventide.hair;

import eventide.shape.Said;
import eventide.shape.Word;

/** The five readings every plan needs, by their written name. */
public enum ReadingField implements Word, Said {
    STRAND("strand"),
    POROSITY("porosity"),
    PATTERN("pattern"),
    DENSITY("density"),
    LENGTH("lengthCm");

    private final String word;

    ReadingField(String word) {
        this.word = word;
    }

    @Override
    public String word() {
        return word;
    }
}
