package eventide.picture;

import boofcv.alg.filter.binary.BinaryImageOps;
import boofcv.alg.filter.blur.GBlurImageOps;
import boofcv.alg.filter.derivative.DerivativeType;
import boofcv.alg.filter.derivative.GImageDerivativeOps;
import boofcv.alg.filter.misc.AverageDownSampleOps;
import boofcv.struct.border.BorderType;
import boofcv.struct.image.GrayF32;
import boofcv.struct.image.GrayU8;
import java.util.List;

/**
 * What is read off a picture before any of it is called by a word of the rubric. All without units, so that neither the size of the
 * picture nor its light counts.
 */
final class Traits {
    /** Scales at which stripes are looked for, px of a picture brought to its working width: each about 1.6 times the last [OURS]. */
    static final double[] SCALES = {1.2, 2, 3.2, 5, 8, 12.5, 20};
    /** Beyond the outline so much still belongs to its soft edge, px [OURS]. */
    private static final int EDGE = 2;

    private Traits() {}

    /** So far around the hair anything is looked at, px: as the widest blur reaches, and the farthest ring of strays. */
    static final int REACH = 64;

    /** As many as words are fitted on. */
    static final int COUNT = 12 + SCALES.length + AcrossProfile.COUNT;
    /** Behind those: which says the period across the lock; the next how strongly it comes back. */
    static final int PERIOD = COUNT;

    /** Which of them says how much of the change lies in the finest stripes. */
    static final int FINEST = 12;

    static double[] of(Presence presence, Body body) {
        double[] traits = new double[PERIOD + 2];
        double[] ink = ink(presence.hair, body);
        GrayF32 lit = lit(presence, body);
        double[] grain = grain(lit, body, 1.2, 3);
        double[] coarse = grain(lit, body, 1.5, 8);
        System.arraycopy(ink, 0, traits, 0, 6);
        traits[6] = grain[0];
        traits[7] = coarse[0];
        traits[8] = Math.log(grain[1] + .01);
        traits[9] = shine(presence, body);
        traits[10] = crests(lit, body, 2);
        traits[11] = crests(lit, body, 4);
        double[] bands = stripes(lit, body);
        System.arraycopy(bands, 0, traits, 12, bands.length);
        double[] across = AcrossProfile.traits(lit, body);
        System.arraycopy(across, 0, traits, 12 + bands.length, across.length);
        return traits;
    }

    /** Hair beyond the smoothed outline, px of it to a row, near it and farther off; then in the gaps between clumps, and how wide those are. */
    private static double[] ink(GrayF32 hair, Body body) {
        GrayU8 wide = BinaryImageOps.dilate8(body.mask, EDGE, null);
        double[] out = new double[RINGS.length - 1];
        double[] strands = new double[RINGS.length - 1];
        double within = 0;
        double gaps = 0;
        double span = 0;
        double runs = 0;
        double solid = 0;
        int rows = Math.max(1, (int) ((body.bottom - body.top + 1) * ABOVE_ENDS));
        for (int y = body.top; y < body.top + rows; y++) {
            int first = body.left[y - body.top];
            int last = body.right[y - body.top];
            for (int x = 0; x < hair.width; x++) {
                double part = hair.unsafe_get(x, y);
                int beyond = Math.max(first - x, x - last);
                if (beyond <= 0) {
                    span++;
                    boolean in = body.mask.unsafe_get(x, y) != 0;
                    gaps += in ? 0 : 1;
                    within += wide.unsafe_get(x, y) == 0 ? part : 0;
                    boolean begins = in && (x == 0 || body.mask.unsafe_get(x - 1, y) == 0);
                    runs += begins ? 1 : 0;
                    solid += in ? 1 : 0;
                } else {
                    for (int ring = 0; ring < out.length; ring++) {
                        boolean here = beyond > RINGS[ring] && beyond <= RINGS[ring + 1];
                        out[ring] += here ? part : 0;
                        strands[ring] += here && isCrest(hair, x, y) ? 1 : 0;
                    }
                }
            }
        }
        return new double[] {
            Math.sqrt((strands[0] + strands[1] + strands[2]) / rows),
            Math.sqrt((strands[1] + strands[2]) / rows),
            Math.sqrt(Math.max(0, out[0] + out[1] + out[2]) / rows),
            Math.log(Math.max(0, within) / rows + .2),
            gaps / Math.max(1, span),
            Math.log(solid / Math.max(1, runs))
        };
    }

    /** A strand that crosses a row stands out from both its sides. */
    private static boolean isCrest(GrayF32 hair, int x, int y) {
        if (x < 2 || x > hair.width - 3) {
            return false;
        }
        float here = hair.unsafe_get(x, y);
        return here > CREST
                && here > hair.unsafe_get(x - 1, y)
                && here >= hair.unsafe_get(x + 1, y)
                && here - Math.min(hair.unsafe_get(x - 2, y), hair.unsafe_get(x + 2, y)) > CREST / 2;
    }

    /** Part of a pixel that a strand covers at the least [OURS]. */
    private static final float CREST = .22f;

    /** Where clumps taper there is no telling a strand from an end [OURS]. */
    private static final double ABOVE_ENDS = .8;

    /** Beyond the outline, px: what lies nearer is its soft edge [OURS]. */
    private static final int[] RINGS = {3, 9, 20, 60};

    /** Brightness inside the clumps against what is usual around: the light of the room taken out. */
    private static GrayF32 lit(Presence presence, Body body) {
        GrayF32 hair = presence.hair;
        double sum = 0;
        double squares = 0;
        double count = 0;
        for (int i = 0; i < hair.data.length; i++) {
            if (body.mask.data[i] != 0) {
                double value = hair.data[i];
                sum += value;
                squares += value * value;
                count++;
            }
        }
        double mean = sum / Math.max(1, count);
        double spread = Math.sqrt(Math.max(1e-6, squares / Math.max(1, count) - mean * mean));
        GrayF32 lit = new GrayF32(hair.width, hair.height);
        for (int i = 0; i < hair.data.length; i++) {
            lit.data[i] = (float) Math.max(-3, Math.min(3, (hair.data[i] - mean) / spread));
        }
        return lit;
    }

    /** How alike directions are over a stretch, by the structure tensor (Bigun and Granlund 1987), weighed by how clear they are; and how clear. */
    private static double[] grain(GrayF32 lit, Body body, double fine, double over) {
        int w = lit.width;
        int h = lit.height;
        GrayF32 soft = blurred(lit, fine);
        GrayF32 dx = new GrayF32(w, h);
        GrayF32 dy = new GrayF32(w, h);
        GImageDerivativeOps.gradient(DerivativeType.SCHARR, soft, dx, dy, BorderType.EXTENDED);
        GrayF32 xx = new GrayF32(w, h);
        GrayF32 xy = new GrayF32(w, h);
        GrayF32 yy = new GrayF32(w, h);
        for (int i = 0; i < dx.data.length; i++) {
            float in = body.mask.data[i] != 0 ? 1 : 0;
            xx.data[i] = in * dx.data[i] * dx.data[i];
            xy.data[i] = in * dx.data[i] * dy.data[i];
            yy.data[i] = in * dy.data[i] * dy.data[i];
        }
        GrayU8 mask = body.mask;
        double each = 1;
        if (over >= WIDE) {
            xx = halved(xx);
            xy = halved(xy);
            yy = halved(yy);
            mask = halved(mask);
            each = 2;
        }
        for (GrayF32 one : List.of(xx, xy, yy)) {
            GBlurImageOps.gaussian(one, one, each == 1 ? over : onHalf(over), -1, null);
        }
        double alike = 0;
        double energy = 0;
        for (int i = 0; i < xx.data.length; i++) {
            if (mask.data[i] != 0) {
                double d = xx.data[i] - yy.data[i];
                double trace = xx.data[i] + yy.data[i];
                alike += Math.sqrt(d * d + 4 * xy.data[i] * xy.data[i]);
                energy += trace;
            }
        }
        return new double[] {alike / Math.max(1e-9, energy), each * each * energy / Math.max(1, body.area)};
    }

    /** From this blur on, px, every second pixel says as much as all of them: what is narrower is smoothed away [OURS: moves no word by a tenth]. */
    private static final double WIDE = 3;

    /** What is left to blur in a halved picture: the mean of four pixels is a blur of half a pixel by itself. */
    private static double onHalf(double sigma) {
        return Math.sqrt(sigma * sigma - .25) / 2;
    }

    /** Half as wide and high, each pixel the mean of four. */
    private static GrayF32 halved(GrayF32 whole) {
        GrayF32 half = new GrayF32(whole.width / 2, whole.height / 2);
        AverageDownSampleOps.down(whole, 2, half);
        return half;
    }

    private static GrayU8 halved(GrayU8 mask) {
        GrayU8 half = new GrayU8(mask.width / 2, mask.height / 2);
        for (int y = 0; y < half.height; y++) {
            for (int x = 0; x < half.width; x++) {
                half.unsafe_set(x, y, mask.unsafe_get(2 * x, 2 * y));
            }
        }
        return half;
    }

    /** How much of the change of brightness lies in stripes of each width: a band-pass by differences of Gaussians, shares that add to 1. */
    private static double[] stripes(GrayF32 lit, Body body) {
        GrayF32 finer = blurred(lit, SCALES[0] * .6);
        GrayU8 mask = body.mask;
        double each = 1;
        double[] bands = new double[SCALES.length];
        double all = 0;
        for (int band = 0; band < bands.length; band++) {
            double last = band == 0 ? 0 : SCALES[band - 1];
            if (each == 1 && last >= WIDE) {
                finer = halved(finer);
                mask = halved(mask);
                each = 2;
            }
            // What is wide already is blurred on from there: blurs add up by their squares.
            GrayF32 coarser = each == 1
                    ? blurred(lit, SCALES[band])
                    : blurred(finer, onHalf(Math.sqrt(SCALES[band] * SCALES[band] - last * last)));
            double sum = 0;
            for (int i = 0; i < mask.data.length; i++) {
                if (mask.data[i] != 0) {
                    double d = finer.data[i] - coarser.data[i];
                    sum += d * d;
                }
            }
            bands[band] = sum * each * each;
            all += bands[band];
            finer = coarser;
        }
        for (int band = 0; band < bands.length; band++) {
            bands[band] = Math.log(bands[band] / Math.max(1e-9, all) + .01);
        }
        return bands;
    }

    private static GrayF32 blurred(GrayF32 lit, double sigma) {
        GrayF32 soft = new GrayF32(lit.width, lit.height);
        GBlurImageOps.gaussian(lit, soft, sigma, -1, null);
        return soft;
    }

    /** How often brightness crests along a row of so many px smoothed away, to a row of the working width. */
    private static double crests(GrayF32 lit, Body body, double smoothed) {
        GrayF32 soft = blurred(lit, smoothed);
        double crests = 0;
        double span = 0;
        for (int y = body.top; y <= body.bottom; y++) {
            for (int x = Math.max(1, body.left[y - body.top]);
                    x < Math.min(lit.width - 1, body.right[y - body.top]);
                    x++) {
                span++;
                float here = soft.unsafe_get(x, y);
                crests += here > soft.unsafe_get(x - 1, y) && here >= soft.unsafe_get(x + 1, y) ? 1 : 0;
            }
        }
        return Math.log(crests / Math.max(1, span) + .002);
    }

    /** How far the brightest tenth stands off the middle, against how bright that is. */
    private static double shine(Presence presence, Body body) {
        float[] inside = new float[(int) body.area + 1];
        int count = 0;
        for (int i = 0; i < presence.brightness.data.length; i++) {
            if (body.mask.data[i] != 0 && count < inside.length) {
                inside[count++] = presence.brightness.data[i];
            }
        }
        if (count == 0) {
            return 0;
        }
        java.util.Arrays.sort(inside, 0, count);
        double middle = inside[count / 2];
        return Math.log((inside[(int) (count * .95)] + .02) / (middle + .02));
    }
}
