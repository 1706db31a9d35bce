package eventide.picture;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.Result;
import com.google.zxing.ResultPoint;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.Map;

/**
 * The square of our sheet, found in a picture.
 *
 * @param millimetresPerPixel of the picture
 * @param tiltDegrees by which the sheet is turned away from the camera, about
 * @param toPicture from millimetres of the sheet to pixels
 */
record Marker(double millimetresPerPixel, double tiltDegrees, AffineTransform toPicture) {
    /** From the middle of one eye of the square to the next, of its whole side. */
    private static final double EYES = (MarkerSheet.MODULES - 7.0) / MarkerSheet.MODULES;

    private static final double EYE_IN = 3.5 / MarkerSheet.MODULES;

    /**
     * @param sideMillimetres of the square as it was printed
     * @return null where it is not in view
     */
    static Marker in(BufferedImage image, double sideMillimetres) {
        int width = image.getWidth();
        int height = image.getHeight();
        int[] pixels = image.getRGB(0, 0, width, height, null, 0, width);
        Result found;
        try {
            found = new QRCodeReader()
                    .decode(
                            new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(width, height, pixels))),
                            Map.of(DecodeHintType.TRY_HARDER, Boolean.TRUE));
        } catch (ReaderException none) {
            return null;
        }
        ResultPoint[] eyes = found.getResultPoints();
        if (!MarkerSheet.WORDS.equals(found.getText()) || eyes.length < 3) {
            return null;
        }
        ResultPoint below = eyes[0];
        ResultPoint corner = eyes[1];
        ResultPoint beside = eyes[2];
        double across = Math.hypot(beside.getX() - corner.getX(), beside.getY() - corner.getY());
        double down = Math.hypot(below.getX() - corner.getX(), below.getY() - corner.getY());
        double apart = EYES * sideMillimetres;
        // Millimetres from the square's corner to pixels, by its three eyes.
        AffineTransform toPicture = new AffineTransform(
                (beside.getX() - corner.getX()) / apart,
                (beside.getY() - corner.getY()) / apart,
                (below.getX() - corner.getX()) / apart,
                (below.getY() - corner.getY()) / apart,
                corner.getX(),
                corner.getY());
        toPicture.translate(-EYE_IN * sideMillimetres, -EYE_IN * sideMillimetres);
        // What is turned away looks shorter one way: the longer of both is the scale.
        double scale = apart / Math.max(across, down);
        double tilt = Math.toDegrees(Math.acos(Math.min(1, Math.min(across, down) / Math.max(across, down))));
        return new Marker(scale, tilt, toPicture);
    }

    /** Where a point of the sheet lies in the picture, from the square's corner in mm. */
    Point2D at(double x, double y) {
        return toPicture.transform(new Point2D.Double(x, y), null);
    }
}
