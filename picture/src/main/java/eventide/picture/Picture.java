package eventide.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.Metadata;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.file.FileTypeDirectory;
import com.drew.metadata.jfif.JfifDirectory;
import com.drew.metadata.jpeg.HuffmanTablesDirectory;
import com.drew.metadata.jpeg.JpegDirectory;
import eventide.shape.InvalidException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

/**
 * A picture sent to us: its size known before any of it is decoded, decoded sampled down, set upright, and drawn anew as JPEG
 * so that no metadata and nothing behind its end stays in it.
 */
public final class Picture {
    private static final int MOST_BYTES = 8_000_000;
    /** No telephone takes a larger one; this much is decoded in about a second within 100 MB. */
    private static final int MOST_MEGAPIXELS = 60;
    /** A progressive JPEG is held whole before its first line is known: half the pixels take as long. */
    private static final int MOST_PROGRESSIVE_MEGAPIXELS = 30;

    private static final int PROGRESSIVE = 2;
    private static final double MILLION = 1e6;

    /** Decoded at so many times what is kept: enough for the scaling after it to smooth. */
    private static final int OVERSAMPLED = 2;

    private static final double QUALITY = .88;

    /** Of what is kept, px. */
    public static final int LONGEST_SIDE = 1600;

    /** All that a JPEG needs to be drawn: what else one carries is somebody's data. */
    private static final Set<Class<? extends Directory>> BARE =
            Set.of(JpegDirectory.class, JfifDirectory.class, HuffmanTablesDirectory.class, FileTypeDirectory.class);

    private static final String DAMAGED = "this picture is damaged and cannot be read";
    private static final int PRINTING_INKS = 4;

    private Picture() {}

    /** Whether it is as we write them: a bare JPEG of our size that ends where its picture ends. */
    public static boolean isOurs(byte[] picture) {
        try {
            Metadata all = ImageMetadataReader.readMetadata(new ByteArrayInputStream(picture), picture.length);
            JpegDirectory jpeg = all.getFirstDirectoryOfType(JpegDirectory.class);
            boolean bare = jpeg != null && !jpeg.hasErrors() && endsAtItsEnd(picture);
            for (Directory directory : all.getDirectories()) {
                bare &= BARE.contains(directory.getClass());
            }
            if (!bare) {
                return false;
            }
            try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture))) {
                ImageReader reader = ImageIO.getImageReaders(in).next();
                reader.setInput(in, true, true);
                boolean ours = Math.max(reader.getWidth(0), reader.getHeight(0)) <= LONGEST_SIDE;
                if (ours) {
                    reader.read(0); // damaged, it is none
                }
                reader.dispose();
                return ours;
            }
        } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
            return false;
        }
    }

    /** The first end-of-image marker (ISO/IEC 10918-1, table B.1) is the last thing in the file. */
    private static boolean endsAtItsEnd(byte[] jpeg) {
        for (int i = 0; i + 1 < jpeg.length; i++) {
            if (jpeg[i] == (byte) 0xFF && jpeg[i + 1] == (byte) 0xD9) {
                return i + 2 == jpeg.length;
            }
        }
        return false;
    }

    /**
     * @param longestSide of what is kept, px; a smaller picture is not made larger
     * @throws InvalidException for what is too large, no picture, or a damaged one
     */
    public static byte[] redrawn(byte[] upload, int longestSide) {
        try {
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Thumbnails.of(read(upload, longestSide))
                    .scale(1)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(out);
            return out.toByteArray();
        } catch (IOException broken) {
            throw InvalidException.of("photo", DAMAGED);
        }
    }

    /**
     * As a picture in memory, upright, on white where it lets light through.
     *
     * @param longestSide px; a smaller picture is not made larger
     * @throws InvalidException for what is too large, no picture, or a damaged one
     */
    public static BufferedImage read(byte[] upload, int longestSide) {
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
                reader.setInput(in, false, true);
                Metadata metadata = metadata(upload);
                refuseTooLarge(reader, metadata);
                refuseOtherKinds(reader, metadata);
                return drawn(sampled(reader, longestSide), longestSide, orientation(metadata));
            } finally {
                reader.dispose();
            }
        } catch (IOException
                | IllegalArgumentException
                | IndexOutOfBoundsException
                | NegativeArraySizeException broken) {
            if (broken instanceof InvalidException ours) {
                throw ours;
            }
            throw InvalidException.of("photo", DAMAGED);
        }
    }

    /**
     * Its own, upright.
     *
     * @throws InvalidException as {@link #read}
     */
    public static Measurement.Pixels size(byte[] upload) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(upload))) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in, true, true);
            boolean lies = orientation(metadata(upload)).ordinal() >= Orientation.LEFT_TOP.ordinal();
            Measurement.Pixels size = lies
                    ? new Measurement.Pixels(reader.getHeight(0), reader.getWidth(0))
                    : new Measurement.Pixels(reader.getWidth(0), reader.getHeight(0));
            reader.dispose();
            return size;
        } catch (IOException broken) {
            throw InvalidException.of("photo", DAMAGED);
        }
    }

    private static void refuseTooLarge(ImageReader reader, Metadata metadata) throws IOException {
        JpegDirectory jpeg = metadata.getFirstDirectoryOfType(JpegDirectory.class);
        Integer kind = jpeg == null ? null : jpeg.getInteger(JpegDirectory.TAG_COMPRESSION_TYPE);
        boolean progressive = kind != null && kind == PROGRESSIVE;
        int most = progressive ? MOST_PROGRESSIVE_MEGAPIXELS : MOST_MEGAPIXELS;
        double megapixels = (double) reader.getWidth(0) * reader.getHeight(0) / MILLION;
        if (megapixels > most) {
            throw InvalidException.of(
                    "photo",
                    "a photograph must be at most " + most + " megapixels"
                            + (progressive ? " where it is progressive" : "") + ", but was " + Math.round(megapixels));
        }
    }

    /** What is told apart only by what it says of itself. */
    private static void refuseOtherKinds(ImageReader reader, Metadata metadata) throws IOException {
        JpegDirectory jpeg = metadata.getFirstDirectoryOfType(JpegDirectory.class);
        Integer inks = jpeg == null ? null : jpeg.getInteger(JpegDirectory.TAG_NUMBER_OF_COMPONENTS);
        if (inks != null && inks == PRINTING_INKS) {
            throw InvalidException.of(
                    "photo",
                    "this picture is in the four inks of a printer: save it in red, green and blue, and send it again");
        }
        if ("gif".equalsIgnoreCase(reader.getFormatName()) && reader.getNumImages(true) > 1) {
            throw InvalidException.of("photo", "this picture moves: send a still one");
        }
    }

    /** So much of a picture is decoded at once, bytes: it is copied once more where it lets light through, in a heap of seven of them. */
    private static final double MOST_DECODED = 48e6;

    private static double bytesOfAPixel(ImageReader reader) throws IOException {
        Iterator<ImageTypeSpecifier> kinds = reader.getImageTypes(0);
        return kinds.hasNext() ? kinds.next().getColorModel().getPixelSize() / (double) Byte.SIZE : PRINTING_INKS;
    }

    private static BufferedImage sampled(ImageReader reader, int longestSide) throws IOException {
        double pixels = (double) reader.getWidth(0) * reader.getHeight(0);
        int forMemory = (int) Math.ceil(Math.sqrt(pixels * bytesOfAPixel(reader) / MOST_DECODED));
        int forSize = Math.max(reader.getWidth(0), reader.getHeight(0)) / (OVERSAMPLED * longestSide);
        int every = Math.max(1, Math.max(forMemory, forSize));
        ImageReadParam parameters = reader.getDefaultReadParam();
        parameters.setSourceSubsampling(every, every, 0, 0);
        return reader.read(0, parameters);
    }

    private static BufferedImage drawn(BufferedImage image, int longestSide, Orientation orientation)
            throws IOException {
        int side = Math.min(longestSide, Math.max(image.getWidth(), image.getHeight()));
        return Thumbnails.of(onWhite(image))
                .size(side, side)
                .addFilter(ExifFilterUtils.getFilterForOrientation(orientation))
                .imageType(BufferedImage.TYPE_INT_RGB)
                .asBufferedImage();
    }

    /** What a PNG lets through is paper. */
    private static BufferedImage onWhite(BufferedImage image) {
        if (image.getType() == BufferedImage.TYPE_3BYTE_BGR || image.getType() == BufferedImage.TYPE_INT_RGB) {
            return image;
        }
        BufferedImage drawn = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = drawn.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, drawn.getWidth(), drawn.getHeight());
        pen.drawImage(image, 0, 0, null);
        pen.dispose();
        return drawn;
    }

    /** Empty where none can be read. */
    private static Metadata metadata(byte[] upload) {
        try {
            return ImageMetadataReader.readMetadata(new ByteArrayInputStream(upload), upload.length);
        } catch (ImageProcessingException | IOException | RuntimeException unreadable) {
            return new Metadata();
        }
    }

    /** As the camera wrote down how it was held, mirrored ways too; upright where it did not. */
    private static Orientation orientation(Metadata metadata) {
        ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        Integer way = exif == null ? null : exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
        Orientation known = way == null ? null : Orientation.typeOf(way);
        return known == null ? Orientation.TOP_LEFT : known;
    }
}
