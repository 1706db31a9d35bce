package eventide.planner;

/** One way of shaping, parting and drying. */
record Frame(Choice.Hands hands, Choice.Sections sections, Choice.Drying drying) {}
