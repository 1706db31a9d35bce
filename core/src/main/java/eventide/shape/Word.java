package eventide.shape;

/** A constant of a closed vocabulary whose written form is not always a Java name, such as {@code 2A}. */
public interface Word {
    /** The word as written outside. */
    String word();
}
