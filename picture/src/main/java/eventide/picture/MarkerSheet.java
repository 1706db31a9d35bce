package eventide.picture;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.util.Locale;
import java.util.Map;

/**
 * A page to print and photograph beside the hair: a square that is found without tapping and tells the scale and the tilt, bars to
 * check the printing by, grey and colour patches for the light. Lengths in millimetres, of an A4 page.
 */
public final class MarkerSheet {
    /** Side of the square, without the white around it. */
    public static final double SQUARE = 40;

    /** As small and as large as a printer makes it, mm. */
    public static final double LEAST_SQUARE = 5;

    public static final double MOST_SQUARE = 400;
    public static final String RANGE = "the square's side must be from 5 to 400 mm, but was ";

    /** What the square says: a picture with another in view is not taken for ours. */
    static final String WORDS = "EVENTIDE SHEET 1";

    static final int MODULES = 25;
    private static final int VERSION = 2;
    /** From the page's corner to the square's. */
    static final double LEFT = 20;

    static final double TOP = 20;
    /** Patches stand right of the square in two rows: greys from white to black, then colours. */
    static final double PATCH = 15;

    static final double PATCHES_LEFT = LEFT + SQUARE + 12;
    private static final String[] GREYS = {"#ffffff", "#c0c0c0", "#808080", "#404040", "#000000"};
    private static final String[] COLOURS = {"#b03030", "#308030", "#3040b0", "#d0b020", "#904090"};

    private MarkerSheet() {}

    /** How many greys there are, from white to black. */
    static int greys() {
        return GREYS.length;
    }

    static BitMatrix square() {
        try {
            return new QRCodeWriter()
                    .encode(
                            WORDS,
                            BarcodeFormat.QR_CODE,
                            MODULES,
                            MODULES,
                            Map.of(EncodeHintType.MARGIN, 0, EncodeHintType.QR_VERSION, VERSION));
        } catch (WriterException impossible) {
            throw new IllegalStateException("These words always fit", impossible);
        }
    }

    /** As SVG of a page's true size. */
    public static String svg() {
        StringBuilder svg = new StringBuilder(
                """
                <svg xmlns="http://www.w3.org/2000/svg" width="210mm" height="297mm" viewBox="0 0 210 297" font-family="sans-serif">
                <title>Even Tide: sheet for photographs</title>
                <rect width="210" height="297" fill="#ffffff"/>
                """);
        BitMatrix square = square();
        double module = SQUARE / MODULES;
        for (int y = 0; y < MODULES; y++) {
            for (int x = 0; x < MODULES; x++) {
                if (square.get(x, y)) {
                    svg.append(rect(LEFT + x * module, TOP + y * module, module + .01, module + .01, "#000000", ""));
                }
            }
        }
        for (int i = 0; i < GREYS.length; i++) {
            svg.append(rect(PATCHES_LEFT + i * PATCH, TOP, PATCH, PATCH, GREYS[i], ""));
            svg.append(rect(PATCHES_LEFT + i * PATCH, TOP + PATCH + 2, PATCH, PATCH, COLOURS[i], ""));
        }
        svg.append(rect(
                PATCHES_LEFT, TOP, GREYS.length * PATCH, PATCH, "none", " stroke=\"#000000\" stroke-width=\".2\""));
        bar(svg, LEFT, 70, 100, true);
        bar(svg, 14, 84, 200, false);
        svg.append(text(
                PATCHES_LEFT,
                TOP + 38,
                3.4,
                "Print at 100 %. The square is 40 mm, the bar below 100 mm, the one at the side 200 mm."));
        svg.append(text(LEFT, 80, 4, "Hang or lay the hair here, the square in view, the light from the front."));
        return svg.append("</svg>\n").toString();
    }

    /** A bar of a length with a stroke each centimetre. */
    private static void bar(StringBuilder svg, double x, double y, int length, boolean lying) {
        svg.append(
                lying
                        ? rect(x, y, length, .4, "#000000", " id=\"bar-across\"")
                        : rect(x, y, .4, length, "#000000", " id=\"bar-down\""));
        for (int i = 0; i <= length; i += 10) {
            double deep = i % 50 == 0 ? 4 : 2;
            svg.append(
                    lying
                            ? rect(x + i - .1, y - deep, .2, deep, "#000000", "")
                            : rect(x - deep, y + i - .1, deep, .2, "#000000", ""));
        }
    }

    private static String rect(double x, double y, double width, double height, String fill, String more) {
        return String.format(
                Locale.ROOT,
                "<rect x=\"%.3f\" y=\"%.3f\" width=\"%.3f\" height=\"%.3f\" fill=\"%s\"%s/>%n",
                x,
                y,
                width,
                height,
                fill,
                more);
    }

    private static String text(double x, double y, double size, String words) {
        return String.format(
                Locale.ROOT, "<text x=\"%.1f\" y=\"%.1f\" font-size=\"%.1f\">%s</text>%n", x, y, size, words);
    }
}
