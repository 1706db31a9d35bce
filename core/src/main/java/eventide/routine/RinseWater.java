package eventide.routine;

/** Temperature of the water. */
public enum RinseWater {
    COOL,
    WARM
}
