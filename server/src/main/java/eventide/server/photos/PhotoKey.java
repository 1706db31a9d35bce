package eventide.server.photos;

import java.util.UUID;

/** Under which a photograph is to be had: 122 random bits, so that nobody comes to one by counting. */
public final class PhotoKey {
    private PhotoKey() {}

    public static String next() {
        return UUID.randomUUID().toString();
    }
}
