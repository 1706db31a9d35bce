package eventide.picture;

import eventide.practice.Swatch;
import eventide.practice.SwatchLock;
import eventide.practice.SwatchStrand;
import eventide.shape.Parallel;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Line2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.stream.IntStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** A swatch as a picture. */
public final class SwatchDrawing {
    /** Pixels of a millimetre as it is shown. */
    public static final double USUAL_SCALE = 7;
    /** A strand on the card, mm: thicker than hair, so that it is seen [OURS]. */
    private static final double STRAND_WIDTH = .22;

    private static final Color LIGHT_GROUND = new Color(0xEDE9DF);
    private static final Color DARK_GROUND = new Color(0x1E2226);
    private static final int SHADES = 64;
    /** Of the card, one under the other [OURS]. */
    private static final int BANDS = 4;
    /** Of a PNG, 1 for none at all: a drawing in many shades hardly gets smaller by more, and takes longer [OURS]. */
    private static final float PNG_QUALITY = .8f;

    private SwatchDrawing() {}

    /**
     * @param scale pixels of a millimetre
     */
    public static BufferedImage of(Swatch swatch, double scale) {
        int width = (int) Math.round(SwatchLock.CARD_WIDTH * scale);
        int height = (int) Math.round(SwatchLock.CARD_HEIGHT * scale);
        BufferedImage card = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        List<SwatchStrand> strands = SwatchLock.of(swatch);
        // Bands of the card have no pixel in common: each is drawn by itself, the strands of every one in their order.
        Parallel.forEach(
                IntStream.range(0, BANDS).boxed().toList(),
                band -> draw(swatch, strands, card, scale, band * height / BANDS, (band + 1) * height / BANDS));
        return card;
    }

    private static void draw(
            Swatch swatch, List<SwatchStrand> strands, BufferedImage card, double scale, int top, int bottom) {
        int width = card.getWidth();
        Graphics2D pen = card.createGraphics();
        pen.setClip(0, top, width, bottom - top);
        pen.setColor(lit(swatch.dark() ? LIGHT_GROUND : DARK_GROUND, swatch.light()));
        pen.fillRect(0, top, width, bottom - top);
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        pen.setStroke(new BasicStroke((float) (STRAND_WIDTH * scale), BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
        Color[] shades = shades(swatch.dark());
        Line2D.Double line = new Line2D.Double();
        for (SwatchStrand strand : strands) {
            double[] across = strand.across();
            for (int i = 1; i < across.length; i++) {
                double from = Math.min(strand.down()[i - 1], strand.down()[i]) - STRAND_WIDTH;
                double to = Math.max(strand.down()[i - 1], strand.down()[i]) + STRAND_WIDTH;
                if (to * scale < top || from * scale > bottom) {
                    continue;
                }
                pen.setColor(shades[(int) Math.round(strand.brightness()[i] * (SHADES - 1))]);
                line.setLine(
                        width / 2.0 + across[i - 1] * scale,
                        strand.down()[i - 1] * scale,
                        width / 2.0 + across[i] * scale,
                        strand.down()[i] * scale);
                pen.draw(line);
            }
        }
        pen.dispose();
    }

    /** As a PNG. */
    public static byte[] png(Swatch swatch, boolean mirrored) {
        BufferedImage card = of(swatch, USUAL_SCALE);
        if (mirrored) {
            BufferedImage turned = new BufferedImage(card.getWidth(), card.getHeight(), BufferedImage.TYPE_INT_RGB);
            Graphics2D pen = turned.createGraphics();
            pen.drawImage(card, card.getWidth(), 0, -card.getWidth(), card.getHeight(), null);
            pen.dispose();
            card = turned;
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            how.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            how.setCompressionQuality(PNG_QUALITY);
            writer.setOutput(to);
            writer.write(null, new IIOImage(card, null, null), how);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    private static Color lit(Color ground, double light) {
        return new Color(
                channel(ground.getRed() * light),
                channel(ground.getGreen() * light),
                channel(ground.getBlue() * light));
    }

    private static int channel(double value) {
        return (int) Math.max(0, Math.min(255, Math.round(value)));
    }

    private static Color[] shades(boolean dark) {
        Color[] shades = new Color[SHADES];
        for (int i = 0; i < SHADES; i++) {
            double b = i / (SHADES - 1.0);
            shades[i] = dark
                    ? new Color(channel(22 + 150 * b), channel(14 + 112 * b), channel(10 + 82 * b))
                    : new Color(channel(92 + 160 * b), channel(70 + 150 * b), channel(44 + 130 * b));
        }
        return shades;
    }
}
