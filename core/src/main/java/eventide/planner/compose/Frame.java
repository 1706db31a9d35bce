package eventide.planner.compose;

/** One way of shaping, parting and drying. */
public record Frame(Candidate.Hands hands, Candidate.Sections sections, Candidate.Drying drying) {}
