package eventide.planner.compose;

/**
 * One way of shaping, parting and drying.
 *
 * @param hands how it is shaped
 * @param sections into how many pieces it is parted
 * @param drying how it is dried
 */
public record Frame(Candidate.Shaping hands, Candidate.Sections sections, Candidate.Drying drying) {}
