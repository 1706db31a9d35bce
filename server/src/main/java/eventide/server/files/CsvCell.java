package eventide.server.files;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;

/**
 * Texts in a CSV file. A spreadsheet takes a cell that begins with {@code = + - @}, a tab or a line's end for something to work
 * out, so such a text goes out behind an apostrophe, and one that has apostrophes before such a sign already behind one more;
 * what comes in loses one again.
 */
public final class CsvCell {
    private static final Pattern BARE = Pattern.compile("(?s)'*[=+\\-@\\t\\r\\n].*");
    private static final Pattern GUARDED = Pattern.compile("(?s)'+[=+\\-@\\t\\r\\n].*");

    private CsvCell() {}

    /** Numbers and words of ours stay as they are. */
    public static Object out(Object cell) {
        return cell instanceof String text && BARE.matcher(text).matches() ? "'" + text : cell;
    }

    public static List<Object> out(Object... cells) {
        return Arrays.stream(cells).map(CsvCell::out).toList();
    }

    public static String in(String cell) {
        return cell != null && GUARDED.matcher(cell).matches() ? cell.substring(1) : cell;
    }
}
