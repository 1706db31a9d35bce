package eventide.picture;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;

/** Pictures made smaller or larger with nothing lost between the pixels: halved as often as it takes, then brought to size. */
final class Scaling {
    private Scaling() {}

    static BufferedImage by(BufferedImage image, double factor) {
        return to(image, Math.max(1, (int) Math.round(image.getWidth() * factor)), Math.max(1, (int)
                Math.round(image.getHeight() * factor)));
    }

    static BufferedImage to(BufferedImage image, int width, int height) {
        BufferedImage now = image;
        while (now.getWidth() >= 2 * width && now.getHeight() >= 2 * height) {
            now = drawn(now, now.getWidth() / 2, now.getHeight() / 2);
        }
        return now.getWidth() == width && now.getHeight() == height && now.getType() == BufferedImage.TYPE_INT_RGB
                ? now
                : drawn(now, width, height);
    }

    private static BufferedImage drawn(BufferedImage image, int width, int height) {
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        pen.drawImage(image, 0, 0, width, height, null);
        pen.dispose();
        return drawn;
    }
}
