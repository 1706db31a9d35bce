package eventide.server.photos;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.file.FileTypeDirectory;
import com.drew.metadata.jfif.JfifDirectory;
import com.drew.metadata.jpeg.HuffmanTablesDirectory;
import com.drew.metadata.jpeg.JpegDirectory;
import eventide.shape.InvalidException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** A picture sent to us: type and size checked, set upright, drawn anew as JPEG so that no metadata stays in it. */
public final class Picture {
    private static final int MOST_BYTES = 8_000_000;
    /** More than this is no photograph but a bomb. */
    private static final long MOST_PIXELS = 60_000_000;

    /** Of what is kept, px. */
    public static final int LONGEST_SIDE = 1600;

    /** All that a JPEG needs to be drawn: what else one carries is somebody's data. */
    private static final Set<Class<? extends Directory>> BARE =
            Set.of(JpegDirectory.class, JfifDirectory.class, HuffmanTablesDirectory.class, FileTypeDirectory.class);

    private Picture() {}

    /**
     * A picture that was kept by us elsewhere: as it is where it is as we write them, else redrawn.
     *
     * @throws InvalidException as {@link #redrawn}
     */
    public static byte[] kept(byte[] picture) {
        byte[] redrawn = redrawn(picture, LONGEST_SIDE);
        return isOurs(picture) ? picture : redrawn;
    }

    private static boolean isOurs(byte[] picture) {
        try {
            Metadata all = ImageMetadataReader.readMetadata(new ByteArrayInputStream(picture), picture.length);
            JpegDirectory jpeg = all.getFirstDirectoryOfType(JpegDirectory.class);
            boolean bare = jpeg != null && !jpeg.hasErrors();
            for (Directory directory : all.getDirectories()) {
                bare &= BARE.contains(directory.getClass());
            }
            return bare && Math.max(jpeg.getImageWidth(), jpeg.getImageHeight()) <= LONGEST_SIDE;
        } catch (ImageProcessingException | IOException | MetadataException unreadable) {
            return false;
        }
    }

    /**
     * @param longestSide of what is kept, px; a smaller picture is not made larger
     * @throws InvalidException for what is too large, no picture, or a damaged one
     */
    public static byte[] redrawn(byte[] upload, int longestSide) {
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
                return jpeg(upright(scaled(reader.read(0), longestSide), turned(upload)));
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

    private static BufferedImage scaled(BufferedImage image, int longestSide) {
        double scale = Math.min(1, longestSide / (double) Math.max(image.getWidth(), image.getHeight()));
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

    /** Quarter turns to the right that set it upright, as the camera wrote them down; 0 where it did not. */
    private static int turned(byte[] upload) {
        try {
            ExifIFD0Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(upload))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer way = exif == null ? null : exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
            return way == null ? 0 : way == 6 ? 1 : way == 3 ? 2 : way == 8 ? 3 : 0;
        } catch (ImageProcessingException | IOException unreadable) {
            return 0;
        }
    }

    private static BufferedImage upright(BufferedImage image, int quarters) {
        if (quarters == 0) {
            return image;
        }
        boolean lies = quarters % 2 == 1;
        BufferedImage turned = new BufferedImage(
                lies ? image.getHeight() : image.getWidth(),
                lies ? image.getWidth() : image.getHeight(),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = turned.createGraphics();
        pen.translate(turned.getWidth() / 2.0, turned.getHeight() / 2.0);
        pen.rotate(quarters * Math.PI / 2);
        pen.drawImage(image, -image.getWidth() / 2, -image.getHeight() / 2, null);
        pen.dispose();
        return turned;
    }
}
