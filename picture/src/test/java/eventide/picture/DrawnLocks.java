package eventide.picture;

import eventide.practice.Swatch;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;

/** Drawn locks, and what a camera does to them. */
final class DrawnLocks {
    private DrawnLocks() {}

    static BufferedImage drawn(Swatch swatch) {
        return SwatchDrawing.of(swatch, SwatchDrawing.USUAL_SCALE);
    }

    /** Tilt to 8 degrees, light to 30 %, scale to a half or the double, noise, JPEG at 60: all at once. */
    static BufferedImage disturbed(BufferedImage image, Random chance) {
        BufferedImage tilted = tilted(image, (chance.nextDouble() * 2 - 1) * 8);
        BufferedImage scaled = Scaling.by(tilted, Math.pow(2, chance.nextDouble() * 2 - 1));
        return jpeg(lit(scaled, .7 + .6 * chance.nextDouble(), 5, chance), .6f);
    }

    static BufferedImage tilted(BufferedImage image, double degrees) {
        BufferedImage tilted = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = tilted.createGraphics();
        pen.setColor(new Color(image.getRGB(2, image.getHeight() - 3)));
        pen.fillRect(0, 0, tilted.getWidth(), tilted.getHeight());
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.rotate(Math.toRadians(degrees), image.getWidth() / 2.0, 0);
        pen.drawImage(image, 0, 0, null);
        pen.dispose();
        return tilted;
    }

    static BufferedImage lit(BufferedImage image, double light, double noise, Random chance) {
        BufferedImage lit = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < lit.getHeight(); y++) {
            for (int x = 0; x < lit.getWidth(); x++) {
                int pixel = image.getRGB(x, y);
                double grain = chance.nextGaussian() * noise;
                int made = 0;
                for (int shift = 16; shift >= 0; shift -= 8) {
                    made |= (int) Math.max(0, Math.min(255, (pixel >> shift & 255) * light + grain)) << shift;
                }
                lit.setRGB(x, y, made);
            }
        }
        return lit;
    }

    static BufferedImage jpeg(BufferedImage image, float quality) {
        try {
            return ImageIO.read(new ByteArrayInputStream(jpegBytes(image, quality)));
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    static byte[] jpegBytes(BufferedImage image, float quality) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpg").next();
        ImageWriteParam parameters = writer.getDefaultWriteParam();
        parameters.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
        parameters.setCompressionQuality(quality);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.write(null, new IIOImage(image, null, null), parameters);
            writer.dispose();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
        return bytes.toByteArray();
    }
}
