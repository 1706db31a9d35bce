package eventide.server.washdays;

import eventide.drying.Tide;
import eventide.planner.Judgement;
import eventide.shape.Maybe;

/** A wash day on the water: as planned, and as it was or is being done. */
public record WashTide(Judgement planned, @Maybe Tide actual) {}
