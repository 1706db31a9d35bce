package eventide.shape;

import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Locale;

/** How many slips of the pen (a letter wrong, left out, put in, or two swapped) lie between two words. */
public final class Slips {
    private Slips() {}

    /**
     * The word that was most likely meant, in whichever case it was written.
     *
     * @return null where each is more than {@code most} slips away
     */
    public static String nearest(String written, Collection<String> words, int most) {
        String upper = written.toUpperCase(Locale.ROOT);
        return words.stream()
                .filter(word -> between(upper, word.toUpperCase(Locale.ROOT), most) <= most)
                .min(Comparator.comparingInt(word -> between(upper, word.toUpperCase(Locale.ROOT), most)))
                .orElse(null);
    }

    /** @return the number of slips, or {@code most + 1} where there are more than {@code most} */
    public static int between(String a, String b, int most) {
        int n = a.length();
        int m = b.length();
        if (Math.abs(n - m) > most) {
            return most + 1;
        }
        int[] before2 = new int[m + 1];
        int[] before = new int[m + 1];
        int[] row = new int[m + 1];
        for (int j = 0; j <= m; j++) {
            before[j] = j;
        }
        for (int i = 1; i <= n; i++) {
            // Only a band beside the diagonal can stay within the limit.
            int from = Math.max(1, i - most);
            int to = Math.min(m, i + most);
            Arrays.fill(row, most + 1);
            row[0] = i;
            int least = from == 1 ? row[0] : most + 1;
            for (int j = from; j <= to; j++) {
                int cost = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                int value = Math.min(Math.min(row[j - 1], before[j]) + 1, before[j - 1] + cost);
                boolean swapped =
                        i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1);
                if (swapped) {
                    value = Math.min(value, before2[j - 2] + 1);
                }
                row[j] = value;
                least = Math.min(least, value);
            }
            if (least > most) {
                return most + 1;
            }
            int[] spare = before2;
            before2 = before;
            before = row;
            row = spare;
        }
        return Math.min(before[m], most + 1);
    }
}
