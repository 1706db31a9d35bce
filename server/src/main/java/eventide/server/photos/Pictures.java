package eventide.server.photos;

import eventide.picture.Measurement;
import eventide.picture.Measurer;
import eventide.picture.Picture;
import eventide.picture.Ruler;
import eventide.picture.View;
import eventide.server.load.BusyException;
import eventide.shape.InvalidException;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.stereotype.Component;

/** Draws pictures one at a time: two large ones side by side would need the memory of both. */
@Component
public class Pictures {
    /** Under which a photograph is to be had: 122 random bits, so that nobody comes to one by counting. */
    public static String newKey() {
        return UUID.randomUUID().toString();
    }

    /** A picture takes two seconds at the most; a phone's whole set may queue. */
    private static final int MOST_WAITED_SECONDS = 20;

    private static final int SMALL_SIDE = 240;

    private final Semaphore brush = new Semaphore(1, true);

    /** As {@link Picture#redrawn}, in turn. */
    public byte[] redrawn(byte[] upload, int longestSide) {
        begin();
        try {
            return Picture.redrawn(upload, longestSide);
        } finally {
            brush.release();
        }
    }

    /** What it says of hair: {@link Measurer#measure}, in turn; the ruler null where nobody tapped. */
    public Measurement measured(byte[] upload, double squareMillimetres, View view, Ruler ruler) {
        begin();
        try {
            return Measurer.measure(
                    Picture.read(upload, Measurer.LONGEST_SIDE), Picture.size(upload), squareMillimetres, view, ruler);
        } finally {
            brush.release();
        }
    }

    /** For a list. */
    public byte[] small(byte[] picture) {
        return redrawn(picture, SMALL_SIDE);
    }

    /**
     * One kept by us elsewhere: as it is where it is as we write them, else redrawn.
     *
     * @throws InvalidException as {@link Picture#redrawn}
     */
    public byte[] kept(byte[] picture) {
        return Picture.isOurs(picture) ? picture : redrawn(picture, Picture.LONGEST_SIDE);
    }

    private void begin() {
        try {
            if (brush.tryAcquire(MOST_WAITED_SECONDS, TimeUnit.SECONDS)) {
                return;
            }
        } catch (InterruptedException ended) {
            Thread.currentThread().interrupt();
        }
        throw new BusyException("Other pictures are being drawn: send this one again in a moment.", 5);
    }
}
