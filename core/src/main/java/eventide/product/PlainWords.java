package eventide.product;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;

/** Words made comparable: small letters and digits, accents and ligatures opened up, one blank between two words. */
final class PlainWords {
    private static final Pattern MARKS = Pattern.compile("\\p{M}+");
    private static final Pattern OTHER = Pattern.compile("[^\\p{L}\\p{N}]+");

    private PlainWords() {}

    /** Lower case, without accents and signs, one blank between words: so that what is meant alike is written alike. */
    static String of(String text) {
        String open = text.toLowerCase(Locale.ROOT)
                .replace("œ", "oe")
                .replace("æ", "ae")
                .replace("ß", "ss")
                .replace("ø", "o");
        String bare =
                MARKS.matcher(Normalizer.normalize(open, Normalizer.Form.NFKD)).replaceAll("");
        return OTHER.matcher(bare).replaceAll(" ").strip();
    }
}
