package eventide.learning;

/**
 * One thing that may make scores differ from what the model says.
 *
 * @param name of the rater, head, bottle or way; empty where there is only one of its source
 */
public record Effect(Origin origin, String name) {}
