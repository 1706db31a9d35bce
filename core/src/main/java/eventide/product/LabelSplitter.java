package eventide.product;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Cuts an ingredient text, as people really have it, into the names that stand in it. */
final class LabelSplitter {
    /** Far longer than any label; keeps one request from occupying the server. */
    static final int MOST_TEXT = 20_000;

    private static final Pattern HEADING = Pattern.compile(
            "^\\s*(full\\s+)?(ingredients?|inci|ingr[ée]dients?|inhaltsstoffe|bestandteile|ingredientes|ingredienti|composition|ingredi[ëe]nten)"
                    + "(\\s*[(/]?\\s*inci\\s*\\)?)?[ \\t]*[:：\\-–\\n]\\s*",
            Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    private static final String MAY =
            "may contain|peut contenir|kann enthalten|puede contener|può contenere|\\+\\s*/\\s*-|±";
    private static final String TRACES =
            "(des\\s+)?traces? (of\\b|de\\b|d')|(kann )?spuren von\\b|trazas de\\b|tracce di\\b";
    private static final Pattern MAY_CONTAIN = Pattern.compile(
            "[\\[(]?\\s*(" + MAY + ")\\s*(" + TRACES + ")?\\s*[:：]?", Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    /** Said of one thing, and of nothing that stands behind it. */
    private static final Pattern ONLY_TRACES =
            Pattern.compile("^\\W*(" + TRACES + ")\\s*[:：]?\\s*", Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);
    /** A footnote: a mark at the start of a line or sentence, then words. */
    private static final Pattern FOOTNOTE =
            Pattern.compile("(?m)(^|[.;\\s])[*†‡°¹²³]+\\s*(?=[\\p{L}])[^*†‡,]*\\.?\\s*$");

    private static final Pattern FOOTNOTE_WORDS = Pattern.compile(
            "(?i)[*†‡°¹²³^]+\\s*(=|:|:|from |certified|organic|issu|aus |kontrolliert|natural(ly)? |of natural|d'origine|da agricoltura|de agricultura|composant|components? of|occurring).*$",
            Pattern.DOTALL);
    private static final String HARD = ",;，、،；•●▪■·|\t";
    private static final char SOFT_HYPHEN = '\u00AD';

    private LabelSplitter() {}

    /**
     * A name as cut out, and whether it stands behind "may contain".
     *
     * @param mayContain whether it stands behind those words
     */
    record Piece(String text, boolean mayContain) {}

    /** Cuts a label into names. What is not one goes: headings, footnotes and their marks, hyphens at a line's end. */
    static List<Piece> split(String text) {
        String plain = Normalizer.normalize(text, Normalizer.Form.NFKC)
                .replace("\r\n", "\n")
                .replace('\r', '\n')
                .replace('\u00A0', ' ');
        plain = HEADING.matcher(plain).replaceFirst("");
        // A word broken at a line's end: kept whole, the hyphen softened so that either reading can be tried.
        plain = plain.replaceAll("(?<=\\p{L})-[ ]*\\n[ ]*(?=\\p{L})", String.valueOf(SOFT_HYPHEN));
        plain = FOOTNOTE_WORDS.matcher(plain).replaceFirst("");
        plain = FOOTNOTE.matcher(plain).replaceAll("");
        List<Piece> pieces = new ArrayList<>();
        Matcher may = MAY_CONTAIN.matcher(plain);
        if (may.find()) {
            cut(plain.substring(0, may.start()), false, pieces);
            // The bracket that opened before these words closes behind the last of them.
            cut(plain.substring(may.end()).replaceAll("[\\])}]+[\\s.]*$", ""), true, pieces);
        } else {
            cut(plain, false, pieces);
        }
        return pieces;
    }

    /** At commas and the like, but not inside brackets, nor in a number with a comma. */
    private static void cut(String text, boolean mayContain, List<Piece> into) {
        boolean byMarks = text.chars().anyMatch(c -> HARD.indexOf(c) >= 0);
        StringBuilder piece = new StringBuilder();
        int depth = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '(' || c == '[' || c == '{') {
                depth++;
            } else if ((c == ')' || c == ']' || c == '}') && depth > 0) {
                depth--;
            }
            boolean mark = HARD.indexOf(c) >= 0 && !isInsideNumber(text, i);
            boolean line = c == '\n' && (!byMarks || isBlankLine(text, i));
            boolean stop = c == '.' && depth == 0 && endsSentence(text, i);
            if (depth == 0 && (mark || line || stop) || depth > 0 && mark && isUnclosed(text, i)) {
                keep(piece, mayContain, into);
                depth = 0;
            } else {
                piece.append(c == '\n' ? ' ' : c);
            }
        }
        keep(piece, mayContain, into);
    }

    /** The comma of 1,2-Hexanediol and of 0,5 %. */
    private static boolean isInsideNumber(String text, int i) {
        return text.charAt(i) == ','
                && i > 0
                && i + 1 < text.length()
                && Character.isDigit(text.charAt(i - 1))
                && Character.isDigit(text.charAt(i + 1));
    }

    private static boolean isBlankLine(String text, int i) {
        return i + 1 < text.length() && text.charAt(i + 1) == '\n';
    }

    /** A full stop followed by a capital or by nothing, where the word before is no abbreviation. */
    private static boolean endsSentence(String text, int i) {
        boolean last = text.substring(i + 1).isBlank();
        boolean spaced = i + 1 < text.length() && Character.isWhitespace(text.charAt(i + 1));
        boolean word = i >= 4 && text.substring(i - 4, i).chars().allMatch(Character::isLetter);
        boolean denat = i >= 5 && text.substring(i - 5, i).equalsIgnoreCase("denat");
        return last || (spaced && word && !denat);
    }

    /** A bracket that is never closed must not swallow the rest of the list. */
    private static boolean isUnclosed(String text, int i) {
        int close = -1;
        for (int k = i; k < text.length() && close < 0; k++) {
            char c = text.charAt(k);
            if (c == ')' || c == ']' || c == '}') {
                close = k;
            } else if (c == '(' || c == '[' || c == '{') {
                return true;
            }
        }
        return close < 0;
    }

    /** Ends a piece; what has neither letter nor digit is nothing. */
    private static void keep(StringBuilder piece, boolean mayContain, List<Piece> into) {
        String text = piece.toString()
                .replaceAll("\\s+", " ")
                .replaceAll("^[\\s\\-–—:.•*]+(?=\\s|\\p{L})", "")
                .strip();
        piece.setLength(0);
        Matcher traces = ONLY_TRACES.matcher(text);
        boolean only = traces.find();
        String named = only ? text.substring(traces.end()) : text;
        if (named.chars().anyMatch(Character::isLetterOrDigit)) {
            into.add(new Piece(named, mayContain || only));
        }
    }

    /** Both readings of a word broken over a line: closed up, and hyphenated. */
    static List<String> readings(String text) {
        if (text.indexOf(SOFT_HYPHEN) < 0) {
            return List.of(text);
        }
        String soft = String.valueOf(SOFT_HYPHEN);
        return List.of(text.replace(soft, ""), text.replace(soft, "-"));
    }
}
