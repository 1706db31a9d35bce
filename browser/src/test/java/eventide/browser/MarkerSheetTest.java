package eventide.browser;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.testng.annotations.Test;

/** The page of ours that lies beside the hair, printed and measured with another hand's ruler. */
public class MarkerSheetTest extends InTheDemoSalon {
    private static final float DOTS_PER_INCH = 300;
    private static final double MILLIMETRES_PER_DOT = 25.4 / DOTS_PER_INCH;
    /** What a printer's own feed is out by anyway. */
    private static final double TRUE_TO_MILLIMETRES = .2;

    private BufferedImage sheet;

    private static int dots(double millimetres) {
        return (int) Math.round(millimetres / MILLIMETRES_PER_DOT);
    }

    private boolean isDark(int x, int y) {
        return (sheet.getRGB(x, y) & 0xff) < 128;
    }

    /** Length of the dark line that runs through a place, mm. */
    private double line(double x, double y, boolean across) {
        int from = across ? dots(x) : dots(y);
        int other = across ? dots(y) : dots(x);
        int first = from;
        int last = from;
        while (across ? isDark(first - 1, other) : isDark(other, first - 1)) {
            first--;
        }
        while (across ? isDark(last + 1, other) : isDark(other, last + 1)) {
            last++;
        }
        return (last - first + 1) * MILLIMETRES_PER_DOT;
    }

    @Test
    public void printedOnPaperItIsTrueToItsMillimetres() throws IOException {
        try (BrowserContext context = browsing.fresh(1280, 800)) {
            Page page = context.newPage();
            page.navigate(browsing.server().url("/api/pictures/marker-sheet.svg"));
            byte[] pdf = page.pdf(new Page.PdfOptions().setFormat("A4"));
            try (PDDocument printed = Loader.loadPDF(pdf)) {
                sheet = new PDFRenderer(printed).renderImageWithDPI(0, DOTS_PER_INCH);
            }
        }
        assertEquals(sheet.getWidth() * MILLIMETRES_PER_DOT, 210, 1);
        assertEquals(sheet.getHeight() * MILLIMETRES_PER_DOT, 297, 1);
        assertEquals(line(61, 70.2, true), 100, TRUE_TO_MILLIMETRES, "the bar across");
        assertEquals(line(14.2, 151, false), 200, TRUE_TO_MILLIMETRES, "the bar down");
        // The square's left edge: seven dark modules of its finder, a light one, and so on; from corner to corner 40
        // mm.
        assertEquals(line(20.8, 23, false), 7 * 40 / 25.0, TRUE_TO_MILLIMETRES, "a finder's side");
        int left = dots(20.8);
        assertTrue(isDark(left, dots(59.2)) && !isDark(left, dots(60.4)), "the square ends 40 mm below its top");
    }
}
