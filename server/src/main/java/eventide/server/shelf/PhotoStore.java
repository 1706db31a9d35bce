package eventide.server.shelf;

import eventide.shape.InvalidException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Pictures of bottles: type and size checked, drawn anew as JPEG so that no metadata stays in them. */
@Repository
class PhotoStore {
    static final int MOST_BYTES = 8_000_000;
    /** Longest side kept, px. */
    private static final int LONGEST_SIDE = 1200;
    /** More than this is no photograph but a bomb. */
    private static final long MOST_PIXELS = 60_000_000;

    private static final String KEEP =
            """
            merge into product_photo (product_id, jpeg) key (product_id) values (:id, :jpeg)
            """;
    private static final String FIND =
            """
            select jpeg from product_photo where product_id = :id
            """;
    private static final String REMOVE =
            """
            delete from product_photo where product_id = :id
            """;

    private final JdbcClient jdbc;

    PhotoStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    void keep(long product, byte[] upload) {
        jdbc.sql(KEEP).param("id", product).param("jpeg", redrawn(upload)).update();
    }

    Optional<byte[]> find(long product) {
        return jdbc.sql(FIND).param("id", product).query(byte[].class).optional();
    }

    void remove(long product) {
        jdbc.sql(REMOVE).param("id", product).update();
    }

    static byte[] redrawn(byte[] upload) {
        if (upload.length > MOST_BYTES) {
            throw InvalidException.of(
                    "photo", "a photograph must be at most 8 MB, but was " + upload.length + " bytes");
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(upload))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw InvalidException.of("photo", "this is no picture that can be read: send a JPEG or PNG");
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                long pixels = (long) reader.getWidth(0) * reader.getHeight(0);
                if (pixels > MOST_PIXELS) {
                    throw InvalidException.of("photo", "a photograph must be at most 60 megapixels");
                }
                return jpeg(scaled(reader.read(0)));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IllegalArgumentException | IndexOutOfBoundsException broken) {
            if (broken instanceof InvalidException ours) {
                throw ours;
            }
            throw InvalidException.of("photo", "this picture is damaged and cannot be read");
        }
    }

    private static BufferedImage scaled(BufferedImage image) {
        double scale = Math.min(1, LONGEST_SIDE / (double) Math.max(image.getWidth(), image.getHeight()));
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage drawn = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, width, height);
        pen.drawImage(image, 0, 0, width, height, null);
        pen.dispose();
        return drawn;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }
}
