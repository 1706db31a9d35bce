package eventide.planner.compose;

/** One way of shaping, parting and drying. */
public record Frame(Choice.Hands hands, Choice.Sections sections, Choice.Drying drying) {}
