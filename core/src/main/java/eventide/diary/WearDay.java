package eventide.diary;

/**
 * What a day of wear is expected to be.
 *
 * @param points of the wishes it meets: each score by what it weighs in them
 */
record WearDay(int day, double definition, double frizz, double volume, double softness, double points) {}
