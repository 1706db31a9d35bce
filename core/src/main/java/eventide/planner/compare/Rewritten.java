package eventide.planner.compare;

import java.util.ArrayList;
import java.util.List;

/**
 * Lines of one routine that stand otherwise in another.
 *
 * @param was as they stand in the one; none where the other only adds some
 * @param now as they stand in the other; none where it only leaves some out
 */
public record Rewritten(List<String> was, List<String> now) {
    /** More pairs of lines than this are not weighed against each other: then all between is one piece. */
    private static final int MOST_PAIRS = 1_000_000;

    /** As few lines as can be, in their order: the rest is the longest run of lines that both have. */
    public static List<Rewritten> between(List<String> one, List<String> other) {
        int same = 0;
        while (same < Math.min(one.size(), other.size()) && one.get(same).equals(other.get(same))) {
            same++;
        }
        List<String> left = one.subList(same, one.size());
        List<String> right = other.subList(same, other.size());
        if (left.isEmpty() && right.isEmpty()) {
            return List.of();
        }
        return (long) left.size() * right.size() > MOST_PAIRS
                ? List.of(new Rewritten(List.copyOf(left), List.copyOf(right)))
                : pieces(left, right, common(left, right));
    }

    /** How many lines both have in the same order, from each pair of places on. */
    private static int[][] common(List<String> one, List<String> other) {
        int[][] common = new int[one.size() + 1][other.size() + 1];
        for (int i = one.size() - 1; i >= 0; i--) {
            for (int j = other.size() - 1; j >= 0; j--) {
                common[i][j] = one.get(i).equals(other.get(j))
                        ? common[i + 1][j + 1] + 1
                        : Math.max(common[i + 1][j], common[i][j + 1]);
            }
        }
        return common;
    }

    /** @param common lengths of what two tails have in common, by where they begin */
    private static List<Rewritten> pieces(List<String> one, List<String> other, int[][] common) {
        List<Rewritten> pieces = new ArrayList<>();
        List<String> was = new ArrayList<>();
        List<String> now = new ArrayList<>();
        int i = 0;
        int j = 0;
        while (i < one.size() || j < other.size()) {
            boolean both = i < one.size() && j < other.size() && one.get(i).equals(other.get(j));
            if (both) {
                close(was, now, pieces);
                i++;
                j++;
            } else if (j == other.size() || i < one.size() && common[i + 1][j] >= common[i][j + 1]) {
                was.add(one.get(i++));
            } else {
                now.add(other.get(j++));
            }
        }
        close(was, now, pieces);
        return List.copyOf(pieces);
    }

    /** Ends a piece that was rewritten, if any is open. */
    private static void close(List<String> was, List<String> now, List<Rewritten> pieces) {
        if (!was.isEmpty() || !now.isEmpty()) {
            pieces.add(new Rewritten(List.copyOf(was), List.copyOf(now)));
            was.clear();
            now.clear();
        }
    }
}
