package eventide.practice;

/**
 * One score of one wash, by a picture and by an eye.
 *
 * @param key of the picture
 * @param picture points, 0 to 10, as measured
 * @param low of the interval that holds what the picture says in four cases of five
 * @param eye points, 0 to 10, as given for the zone the picture shows
 */
public record Witnessed(String key, EyeScore score, double picture, double low, double high, double eye) {
    /** Points by which the picture says more than the eye. */
    double apart() {
        return picture - eye;
    }
}
