package eventide.drying;

/** A moment on the tide that hands wait for. */
public record Mark(double minute, What what) {
    /** What happens then. */
    public enum What {
        CAST_SET,
        CLIPS_OUT,
        LENGTHS_DRY,
        ROOTS_DRY
    }
}
