package eventide.drying;

import eventide.shape.Said;

/**
 * A moment on the tide that hands wait for.
 *
 * @param minute from the first step
 */
public record Mark(double minute, Moment what) {
    /** What happens then. */
    public enum Moment implements Said {
        CAST_SET("cast sets"),
        CLIPS_OUT("clips out"),
        LENGTHS_DRY("lengths dry"),
        ROOTS_DRY("roots dry");

        private final String label;

        Moment(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }
}
