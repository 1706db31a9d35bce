package eventide.picture;

import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import java.util.Arrays;

/**
 * Part of a picture, px.
 *
 * @param right past its last column
 * @param bottom past its last row
 */
record Frame(int left, int top, int right, int bottom) {
    /** The body and so much around it, as far as the picture goes. */
    static Frame around(Body body, int beyond) {
        int first = body.mask.width;
        int last = -1;
        for (int row = 0; row < body.left.length; row++) {
            first = body.left[row] < 0 ? first : Math.min(first, body.left[row]);
            last = Math.max(last, body.right[row]);
        }
        return new Frame(
                Math.max(0, first - beyond),
                Math.max(0, body.top - beyond),
                Math.min(body.mask.width, last + 1 + beyond),
                Math.min(body.mask.height, body.bottom + 1 + beyond));
    }

    GrayF32 of(GrayF32 picture) {
        GrayF32 part = new GrayF32(right - left, bottom - top);
        for (int y = 0; y < part.height; y++) {
            System.arraycopy(picture.data, picture.getIndex(left, top + y), part.data, y * part.width, part.width);
        }
        return part;
    }

    GrayU8 of(GrayU8 picture) {
        GrayU8 part = new GrayU8(right - left, bottom - top);
        for (int y = 0; y < part.height; y++) {
            System.arraycopy(picture.data, picture.getIndex(left, top + y), part.data, y * part.width, part.width);
        }
        return part;
    }

    /** Columns of the whole picture, said in those of this part; what is none stays below 0. */
    int[] columns(int[] whole) {
        return Arrays.stream(whole).map(x -> x < 0 ? x : x - left).toArray();
    }
}
