package eventide.drying;

/**
 * A moment on the tide that hands wait for.
 *
 * @param minute from the first step
 */
public record Mark(double minute, What what) {
    /** What happens then. */
    public enum What {
        CAST_SET,
        CLIPS_OUT,
        LENGTHS_DRY,
        ROOTS_DRY
    }
}
