package eventide.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import javax.imageio.ImageIO;

/** What was measured, to lay over the picture: outline blue, strays ochre, gaps between clumps white. */
final class Overlay {
    private static final Color OUTLINE = new Color(0x1F6FA8);
    private static final int STRAY = 0xFFC7862B;
    private static final int EDGE = 0xB0FFFFFF;
    private static final double STRAY_FROM = .3;

    private Overlay() {}

    static String of(Look look) {
        int width = look.presence().hair.width;
        int height = look.presence().hair.height;
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
        Body body = look.body();
        for (int y = body.top; y <= body.bottom; y++) {
            int left = body.left[y - body.top];
            int right = body.right[y - body.top];
            for (int x = 0; x < width; x++) {
                boolean beyond = x < left || x > right;
                if (beyond && look.presence().hair.unsafe_get(x, y) > STRAY_FROM) {
                    drawn.setRGB(x, y, STRAY);
                } else if (!beyond && body.mask.unsafe_get(x, y) == 0) {
                    drawn.setRGB(x, y, EDGE);
                }
            }
        }
        Graphics2D pen = drawn.createGraphics();
        pen.setColor(OUTLINE);
        for (int i = 1; i < body.left.length; i++) {
            int y = body.top + i;
            pen.drawLine(body.left[i - 1], y - 1, body.left[i], y);
            pen.drawLine(body.right[i - 1], y - 1, body.right[i], y);
        }
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(drawn, "png", out);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return "data:image/png;base64," + Base64.getEncoder().encodeToString(out.toByteArray());
    }
}
