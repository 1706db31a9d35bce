package eventide.picture;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.binary.GThresholdImageOps;
import boofcv.alg.filter.blur.GBlurImageOps;
import boofcv.struct.ConnectRule;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayS32;
import boofcv.struct.image.GrayU8;
import java.util.Arrays;

/** The clumps of a lock or a head: what is hair through and through, thin strands opened away. */
final class Body {
    final GrayU8 mask;
    /** Of the rows that have hair, px: how wide it is from its first to its last clump, at the median. */
    final double width;

    /** The smoothed outline: the first and the last px of each row from {@link #top} to {@link #bottom}. */
    final int[] left;

    final int[] right;
    final int top;
    final int bottom;
    final double area;

    private Body(GrayU8 mask, double width, int[] left, int[] right, int top, int bottom, double area) {
        this.left = left;
        this.right = right;
        this.mask = mask;
        this.width = width;
        this.top = top;
        this.bottom = bottom;
        this.area = area;
    }

    /**
     * @param opened half of the width of what is still a strand, px
     */
    static Body of(GrayF32 hair, double opened) {
        GrayF32 soft = new GrayF32(hair.width, hair.height);
        GBlurImageOps.gaussian(hair, soft, Math.max(.6, opened / 2), -1, null);
        GrayU8 solid = new GrayU8(hair.width, hair.height);
        GThresholdImageOps.threshold(soft, solid, .5, false);
        int times = Math.max(1, (int) Math.round(opened));
        GrayU8 eroded = BinaryImageOps.erode8(solid, times, null);
        GrayU8 opening = BinaryImageOps.dilate8(eroded, times, null);
        BinaryImageOps.logicAnd(opening, solid, opening);
        withoutCrumbs(opening);
        int[] lefts = new int[hair.height];
        int[] rights = new int[hair.height];
        int[] widths = new int[hair.height];
        int rows = 0;
        int top = hair.height;
        int bottom = -1;
        long area = 0;
        for (int y = 0; y < hair.height; y++) {
            int first = -1;
            int last = -1;
            for (int x = 0; x < hair.width; x++) {
                if (opening.unsafe_get(x, y) != 0) {
                    first = first < 0 ? x : first;
                    last = x;
                    area++;
                }
            }
            lefts[y] = first;
            rights[y] = last;
            if (first >= 0) {
                widths[rows++] = last - first + 1;
                top = Math.min(top, y);
                bottom = y;
            }
        }
        int[] some = Arrays.copyOf(widths, rows);
        Arrays.sort(some);
        return new Body(
                opening,
                rows == 0 ? 0 : some[rows / 2],
                rows == 0 ? new int[0] : smoothed(lefts, top, bottom),
                rows == 0 ? new int[0] : smoothed(rights, top, bottom),
                top,
                bottom,
                area);
    }

    /** The same in a part of its picture that has all of it. */
    Body within(Frame frame) {
        return new Body(
                frame.of(mask),
                width,
                frame.columns(left),
                frame.columns(right),
                top - frame.top(),
                bottom - frame.top(),
                area);
    }

    /** What is smaller than such a part of the largest piece is strands that happen to lie together [OURS]. */
    private static final double CRUMB = .03;

    private static void withoutCrumbs(GrayU8 mask) {
        GrayS32 labels = new GrayS32(mask.width, mask.height);
        int pieces = BinaryImageOps.contour(mask, ConnectRule.EIGHT, labels).size();
        int[] area = new int[pieces + 1];
        for (int label : labels.data) {
            area[label]++;
        }
        area[0] = 0;
        double least = CRUMB * Arrays.stream(area).max().orElse(0);
        for (int i = 0; i < mask.data.length; i++) {
            mask.data[i] = (byte) (area[labels.data[i]] > least ? 1 : 0);
        }
    }

    /** Rows to either side that decide together where the outline runs. */
    private static final int SMOOTHED = 3;

    /** The middle of the rows around, those without hair left out. */
    private static int[] smoothed(int[] edge, int top, int bottom) {
        int[] smooth = new int[bottom - top + 1];
        for (int y = top; y <= bottom; y++) {
            int[] near = Arrays.stream(edge, Math.max(top, y - SMOOTHED), Math.min(bottom, y + SMOOTHED) + 1)
                    .filter(x -> x >= 0)
                    .sorted()
                    .toArray();
            smooth[y - top] = near.length == 0 ? -1 : near[near.length / 2];
        }
        return smooth;
    }
}
