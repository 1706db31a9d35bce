package eventide.picture;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;
import static org.testng.Assert.expectThrows;

import eventide.shape.InvalidException;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBuffer;
import java.awt.image.Raster;
import java.awt.image.WritableRaster;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Pictures as they are sent, and as they are kept. */
public class PictureTest {
    private static final int WIDE = 400;
    private static final int HIGH = 200;
    private static final Color[] CORNERS = {Color.RED, Color.GREEN, Color.BLUE, Color.YELLOW};

    /** Its four quarters in four colours, from the upper left to the right, then below. */
    private static BufferedImage quarters() {
        BufferedImage image = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        for (int i = 0; i < 4; i++) {
            pen.setColor(CORNERS[i]);
            pen.fillRect(i % 2 * WIDE / 2, i / 2 * HIGH / 2, WIDE / 2, HIGH / 2);
        }
        pen.dispose();
        return image;
    }

    private static byte[] written(BufferedImage image, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    /** With an EXIF block that says how the camera was held (CIPA DC-008, tag 0x0112). */
    private static byte[] held(byte[] jpeg, int orientation) {
        ByteBuffer exif = ByteBuffer.allocate(36);
        exif.put((byte) 0xFF).put((byte) 0xE1).putShort((short) 34);
        exif.put("Exif\0\0".getBytes(StandardCharsets.US_ASCII));
        exif.put("MM".getBytes(StandardCharsets.US_ASCII)).putShort((short) 42).putInt(8);
        exif.putShort((short) 1).putShort((short) 0x0112).putShort((short) 3).putInt(1);
        exif.putShort((short) orientation).putShort((short) 0).putInt(0);
        ByteArrayOutputStream with = new ByteArrayOutputStream();
        with.write(jpeg, 0, 2);
        with.writeBytes(exif.array());
        with.write(jpeg, 2, jpeg.length - 2);
        return with.toByteArray();
    }

    private record Held(int orientation, int wide, String upright) {
        @Override
        public String toString() {
            return "orientation " + orientation;
        }
    }

    /** Which quarter stands where once it is upright, by the standard's table: R red, G green, B blue, Y yellow. */
    @DataProvider
    public Object[] held() {
        return new Object[] {
            new Held(1, WIDE, "RGBY"),
            new Held(2, WIDE, "GRYB"),
            new Held(3, WIDE, "YBGR"),
            new Held(4, WIDE, "BYRG"),
            new Held(5, HIGH, "RBGY"),
            new Held(6, HIGH, "BRYG"),
            new Held(7, HIGH, "YGBR"),
            new Held(8, HIGH, "GYRB"),
        };
    }

    @Test(dataProvider = "held")
    public void itIsSetUprightHoweverItWasHeldMirroredToo(Held held) throws IOException {
        byte[] upload = held(written(quarters(), "jpeg"), held.orientation());
        BufferedImage upright = ImageIO.read(new ByteArrayInputStream(Picture.redrawn(upload, 1600)));
        assertEquals(upright.getWidth(), held.wide());
        StringBuilder seen = new StringBuilder();
        for (int i = 0; i < 4; i++) {
            int x = upright.getWidth() * (1 + i % 2 * 2) / 4;
            int y = upright.getHeight() * (1 + i / 2 * 2) / 4;
            seen.append(letter(new Color(upright.getRGB(x, y))));
        }
        assertEquals(seen.toString(), held.upright());
    }

    private static char letter(Color seen) {
        for (int i = 0; i < 4; i++) {
            Color one = CORNERS[i];
            int apart = Math.abs(one.getRed() - seen.getRed())
                    + Math.abs(one.getGreen() - seen.getGreen())
                    + Math.abs(one.getBlue() - seen.getBlue());
            if (apart < 60) {
                return "RGBY".charAt(i);
            }
        }
        return '?';
    }

    @Test
    public void nothingButThePictureStaysInIt() throws IOException {
        ByteArrayOutputStream upload = new ByteArrayOutputStream();
        upload.writeBytes(held(written(quarters(), "jpeg"), 6));
        upload.writeBytes("hidden behind the end".getBytes(StandardCharsets.US_ASCII));
        String kept = new String(Picture.redrawn(upload.toByteArray(), 1600), StandardCharsets.ISO_8859_1);
        assertFalse(kept.contains("Exif"));
        assertFalse(kept.contains("hidden"));
    }

    @Test
    public void oneOfOursIsKeptAsItIsAndNothingElseIs() throws IOException {
        byte[] ours = Picture.redrawn(written(quarters(), "png"), 1600);
        assertTrue(Picture.isOurs(ours));
        ByteArrayOutputStream longer = new ByteArrayOutputStream();
        longer.writeBytes(ours);
        longer.writeBytes("more".getBytes(StandardCharsets.US_ASCII));
        assertFalse(Picture.isOurs(longer.toByteArray()), "bytes behind the end");
        assertFalse(Picture.isOurs(held(ours, 1)), "with metadata");
        assertFalse(Picture.isOurs(java.util.Arrays.copyOf(ours, ours.length - 40)), "cut");
        assertFalse(Picture.isOurs(written(quarters(), "png")), "a PNG");
    }

    @Test
    public void aLargeOneIsDecodedSampledDown() throws IOException {
        byte[] flat = written(new BufferedImage(7700, 7700, BufferedImage.TYPE_BYTE_GRAY), "png");
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(Picture.redrawn(flat, 1600)));
        assertEquals(kept.getWidth() + "x" + kept.getHeight(), "1600x1600");
    }

    @Test
    public void oneBeyondAllTelephonesIsRefusedBySizeAlone() throws IOException {
        byte[] large = written(new BufferedImage(9000, 7000, BufferedImage.TYPE_BYTE_BINARY), "png");
        // Cut after its header: whoever began to decode it would call it damaged.
        byte[] header = java.util.Arrays.copyOf(large, 200);
        InvalidException refused = expectThrows(InvalidException.class, () -> Picture.redrawn(header, 1600));
        assertEquals(refused.faults().get(0).message(), "a photograph must be at most 60 megapixels, but was 63");
    }

    @Test
    public void aProgressiveOneMayBeHalfAsLarge() throws IOException {
        BufferedImage image = new BufferedImage(6000, 5500, BufferedImage.TYPE_BYTE_GRAY);
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ImageWriteParam progressive = writer.getDefaultWriteParam();
        progressive.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(to);
            writer.write(null, new IIOImage(image, null, null), progressive);
        }
        writer.dispose();
        InvalidException refused = expectThrows(InvalidException.class, () -> Picture.redrawn(out.toByteArray(), 1600));
        assertTrue(
                refused.getMessage().contains("30 megapixels where it is progressive, but was 33"),
                refused.getMessage());
    }

    @Test
    public void damagedOnesAreCalledSo() throws IOException {
        byte[] good = written(quarters(), "png");
        Random random = new Random(5);
        for (int i = 0; i < 300; i++) {
            byte[] bad = good.clone();
            for (int n = 0; n < 8; n++) {
                bad[8 + random.nextInt(bad.length - 8)] = (byte) random.nextInt();
            }
            try {
                assertTrue(Picture.redrawn(bad, 300).length > 0);
            } catch (InvalidException refused) {
                assertTrue(refused.getMessage().contains("photo"), refused.getMessage());
            }
        }
    }

    /** Sixteen bits a channel and see-through: eight bytes a pixel, which must not all be in memory at once. */
    @Test
    public void aLargePictureOfDeepColourIsReadInPart() throws IOException {
        BufferedImage deep = new BufferedImage(
                new java.awt.image.ComponentColorModel(
                        java.awt.color.ColorSpace.getInstance(java.awt.color.ColorSpace.CS_sRGB),
                        true,
                        false,
                        java.awt.Transparency.TRANSLUCENT,
                        java.awt.image.DataBuffer.TYPE_USHORT),
                java.awt.image.Raster.createInterleavedRaster(
                        java.awt.image.DataBuffer.TYPE_USHORT, 4200, 4200, 4, null),
                false,
                null);
        byte[] upload = written(deep, "png");
        BufferedImage read = Picture.read(upload, 3000);
        assertTrue(read.getWidth() < 3000, "sampled further than it was asked for: " + read.getWidth());
        assertEquals(Picture.size(upload).width(), 4200, "its own size is told all the same");
    }

    /** Written for a printing press: four inks, of which no camera knows. */
    @Test
    public void oneOfFourInksIsRefused() throws IOException {
        WritableRaster inks = Raster.createInterleavedRaster(DataBuffer.TYPE_BYTE, 64, 48, 4, null);
        for (int x = 0; x < 64; x++) {
            inks.setPixel(x, x % 48, new int[] {200, 40, 90, 10});
        }
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(to);
            writer.write(new IIOImage(inks, null, null));
        } finally {
            writer.dispose();
        }
        String told = expectThrows(InvalidException.class, () -> Picture.read(out.toByteArray(), 100))
                .faults()
                .get(0)
                .message();
        assertTrue(told.contains("four inks"), told);
    }

    @Test
    public void aMovingPictureIsRefused() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
            writer.setOutput(stream);
            writer.prepareWriteSequence(null);
            for (int i = 0; i < 2; i++) {
                writer.writeToSequence(
                        new IIOImage(new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB), null, null), null);
            }
            writer.endWriteSequence();
        }
        InvalidException refused = expectThrows(InvalidException.class, () -> Picture.read(out.toByteArray(), 100));
        assertTrue(refused.getMessage().contains("moves"), refused.getMessage());
    }
}
