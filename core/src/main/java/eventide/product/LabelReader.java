package eventide.product;

import eventide.product.LabelReading.Entry;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads an ingredient list: names, families, where traces begin, and what it breaks. Total: any text gets a reading. */
public final class LabelReader {
    /** A share as some labels print it: "5 %", "(0,5%)". */
    private static final Pattern PERCENT = Pattern.compile("\\(?\\s*(\\d{1,3}(?:[.,]\\d+)?)\\s*%\\s*\\)?");
    /** Footnote and trade signs: they say where a thing comes from, not what it is. */
    private static final Pattern MARKS = Pattern.compile("[*†‡°^¹²³®™]+");
    /** Left open at the end too: lists are cut off where a label was cropped. */
    private static final Pattern BRACKET = Pattern.compile("\\s*[\\[({]([^\\[\\](){}]*)[\\])}]?\\s*");
    /** Readings that are kept; the one that was asked for longest ago goes first [OURS]. */
    private static final int REMEMBERED = 2000;
    /** Of a name. */
    private static final int MOST_WORDS = 8;

    /** Known names it takes to call text a list whose commas were lost [OURS]. */
    private static final int FEWEST_OF_A_LIST = 3;

    /** Labels are read again and again; a reading is a value, so one is as good as another. */
    private static final Map<String, LabelReading> READ =
            Collections.synchronizedMap(new LinkedHashMap<>(64, .75f, true) {
                private static final long serialVersionUID = 1;

                @Override
                protected boolean removeEldestEntry(Map.Entry<String, LabelReading> eldest) {
                    return size() > REMEMBERED;
                }
            });

    private final IngredientDictionary dictionary;
    private final List<Entry> entries = new ArrayList<>();
    private final Set<String> entered = new LinkedHashSet<>();

    private LabelReader(IngredientDictionary dictionary) {
        this.dictionary = dictionary;
    }

    /** With the dictionary that ships; the same text gives the same reading. */
    public static LabelReading read(String text) {
        LabelReading known = READ.get(text);
        if (known == null) {
            known = read(text, IngredientDictionary.shipped());
            READ.put(text, known);
        }
        return known;
    }

    /** As {@link #read(String)}, with values proposed for a bottle of this role. */
    public static LabelReading read(String text, Role role) {
        return LabelProposal.on(read(text), role);
    }

    /** @param dictionary another than the app's own, for trying one out */
    static LabelReading read(String text, IngredientDictionary dictionary) {
        return new LabelReader(dictionary).run(text);
    }

    /** Piece by piece between commas; text without any is parted by the names that are known. */
    private LabelReading run(String text) {
        String bounded = text.length() > LabelSplitter.MOST_TEXT ? text.substring(0, LabelSplitter.MOST_TEXT) : text;
        List<LabelSplitter.Piece> pieces = LabelSplitter.split(bounded);
        for (LabelSplitter.Piece piece : pieces) {
            if (pieces.size() == 1
                    && piece.text().matches("[^()\\[\\]&/]+")
                    && find(piece.text()).isEmpty()) {
                parted(piece).forEach(this::enter);
            } else {
                enter(piece);
            }
        }
        return LabelTraits.of(entries, dictionary);
    }

    /** Names parted by blanks alone: the longest that are known, one after the other; what lies between stays together. */
    private List<LabelSplitter.Piece> parted(LabelSplitter.Piece piece) {
        String[] words = piece.text().split("\\s+");
        List<LabelSplitter.Piece> parts = new ArrayList<>();
        StringBuilder unknown = new StringBuilder();
        int known = 0;
        for (int at = 0; at < words.length; ) {
            int taken = 0;
            for (int to = Math.min(words.length, at + MOST_WORDS); to > at && taken == 0; to--) {
                String some = String.join(" ", Arrays.asList(words).subList(at, to));
                taken = dictionary.find(some).isPresent() || ByItsName.of(some).isPresent() ? to - at : 0;
            }
            if (taken == 0) {
                unknown.append(unknown.isEmpty() ? "" : " ").append(words[at]);
                at++;
                continue;
            }
            flush(unknown, parts, piece);
            parts.add(new LabelSplitter.Piece(
                    String.join(" ", Arrays.asList(words).subList(at, at + taken)), piece.mayContain()));
            known++;
            at += taken;
        }
        flush(unknown, parts, piece);
        // One name and a remark is no list.
        return known >= FEWEST_OF_A_LIST ? parts : List.of(piece);
    }

    /** What was not known so far, as one piece. */
    private static void flush(StringBuilder unknown, List<LabelSplitter.Piece> parts, LabelSplitter.Piece of) {
        if (!unknown.isEmpty()) {
            parts.add(new LabelSplitter.Piece(unknown.toString(), of.mayContain()));
            unknown.setLength(0);
        }
    }

    /** One piece: its share and its signs taken off, then looked up in each way it may be spelled. What nobody knows is entered as it stands. */
    private void enter(LabelSplitter.Piece piece) {
        Double percent = null;
        Matcher said = PERCENT.matcher(piece.text());
        if (said.find()) {
            double value = Double.parseDouble(said.group(1).replace(',', '.'));
            percent = value <= 100 ? (Double) value : null;
        }
        String text = MARKS.matcher(said.replaceAll(" "))
                .replaceAll(" ")
                .replaceAll("\\s+", " ")
                .strip();
        text = text.replaceAll("[.:\\s]+$", "");
        if (text.chars().noneMatch(Character::isLetterOrDigit)) {
            return;
        }
        for (String reading : LabelSplitter.readings(text)) {
            if (enterKnown(reading, piece, percent)) {
                return;
            }
        }
        add(null, LabelSplitter.readings(text).get(0), piece, percent);
    }

    /** Tries the name whole, without its brackets, by what is in them, and as several parted by slashes or "and". */
    private boolean enterKnown(String text, LabelSplitter.Piece piece, Double percent) {
        Optional<Ingredient> whole = find(text);
        if (whole.isPresent()) {
            add(whole.get(), text, piece, percent);
            return true;
        }
        Matcher bracket = BRACKET.matcher(text);
        if (bracket.find()) {
            return enterBracketed(text, bracket, piece, percent);
        }
        String[] parts = text.split("\\s*/\\s*|\\s+(?:&|and|et|und)\\s+");
        if (parts.length < 2) {
            return false;
        }
        List<Ingredient> found = new ArrayList<>();
        for (String part : parts) {
            find(part).ifPresent(found::add);
        }
        if (new LinkedHashSet<>(found).size() == 1) {
            add(found.get(0), text, piece, percent); // the same thing in several languages
            return true;
        }
        if (found.size() < parts.length) {
            return false;
        }
        for (int i = 0; i < parts.length; i++) {
            add(found.get(i), parts[i], piece, null);
        }
        return true;
    }

    /** What is in brackets is another name of what is before them, a list of what it is made of, or the word "and". */
    private boolean enterBracketed(String text, Matcher bracket, LabelSplitter.Piece piece, Double percent) {
        String inside = bracket.group(1);
        String before = text.substring(0, bracket.start()).strip();
        String after = text.substring(bracket.end()).strip();
        if (inside.strip().equalsIgnoreCase("and")) {
            boolean first = enterOrAdd(before, piece);
            boolean second = enterOrAdd(after, piece);
            return first || second;
        }
        String without = (before + " " + after).strip();
        boolean named = !without.isEmpty() && enterKnown(without, piece, percent);
        List<String> listed = new ArrayList<>();
        for (LabelSplitter.Piece own : LabelSplitter.split(inside)) {
            listed.add(own.text());
        }
        boolean several = listed.size() > 1;
        if (!named && !several) {
            return find(inside)
                    .map(found -> {
                        add(found, text, piece, percent);
                        return true;
                    })
                    .orElse(false);
        }
        if (several) {
            if (!named) {
                add(null, without.isEmpty() ? text : without, piece, percent);
            }
            listed.forEach(own -> enter(new LabelSplitter.Piece(own, piece.mayContain())));
        }
        return true;
    }

    /** By its name where that is known, else as it stands; false where there is none. */
    private boolean enterOrAdd(String text, LabelSplitter.Piece piece) {
        if (text.isEmpty()) {
            return false;
        }
        if (!enterKnown(text, piece, null)) {
            add(null, text, piece, null);
        }
        return true;
    }

    /** By the dictionary, by how it is misspelled, by how such names are built; the surest first. */
    private Optional<Ingredient> find(String word) {
        return dictionary.find(word).or(() -> dictionary.findByLooks(word)).or(() -> ByItsName.of(word));
    }

    /** At its place in the list. */
    private void add(Ingredient known, String written, LabelSplitter.Piece piece, Double percent) {
        String name = known == null ? written : known.name();
        if (!entered.add(IngredientDictionary.key(name))) {
            return; // named twice: the first place counts
        }
        entries.add(new Entry(
                entries.size() + 1,
                name,
                known == null ? Set.of() : known.families(),
                known == null ? "not in the dictionary" : known.note(),
                written,
                percent,
                false,
                piece.mayContain(),
                known == null ? dictionary.closest(written) : List.of()));
    }
}
