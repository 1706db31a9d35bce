package eventide.practice;

/**
 * One strand of a swatch, as it lies.
 *
 * @param across mm from the middle of the lock, one for each point
 * @param down mm from the top, likewise
 * @param brightness 0 dark to 1 bright, likewise
 */
public record SwatchStrand(double[] across, double[] down, double[] brightness) {}
