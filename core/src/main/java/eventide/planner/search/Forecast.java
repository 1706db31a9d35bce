package eventide.planner.search;

import eventide.outcome.OtherStylers;
import eventide.outcome.OtherStylers.Place;
import eventide.outcome.OtherStylers.Worn;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Query;
import eventide.planner.compose.Candidate;
import eventide.planner.compose.Details;
import eventide.planner.compose.Details.Doses;
import eventide.planner.compose.Frame;
import eventide.planner.compose.Stylers;
import eventide.planner.compose.Stylers.BottleClass;
import eventide.wash.HoldWorn;
import eventide.wash.LabelWorn;
import eventide.wash.ScoreName;
import java.util.List;

/**
 * What plans done like one that was run would be worth with other stylers, from its features: its scores with theirs instead, less
 * what that run cost besides (findings, minutes, water left). No water is run.
 */
public final class Forecast {
    private static final ScoreName[] NAMES = ScoreName.values();
    private static final int WEIGHT = ScoreName.WEIGHT.ordinal();

    private final Query query;
    private final List<Place> places;
    private final double costs;

    /**
     * A mixture of kinds of bottle.
     *
     * @param kinds by slot, {@link BottleClass#NONE} for none
     */
    public record Mixture(BottleClass gel, BottleClass mousse, BottleClass cream, BottleClass leaveIn) {
        @Override
        public int hashCode() {
            return 31 * (31 * (31 * gel.hashCode() + mousse.hashCode()) + cream.hashCode()) + leaveIn.hashCode();
        }

        /** The kind in a slot, {@link BottleClass#NONE} where it is empty. */
        public BottleClass in(Stylers.Slot slot) {
            return switch (slot) {
                case GEL -> gel;
                case MOUSSE -> mousse;
                case CREAM -> cream;
                case LEAVE_IN -> leaveIn;
            };
        }

        /** With another kind in one slot. */
        public Mixture with(Stylers.Slot slot, BottleClass kind) {
            return new Mixture(
                    slot == Stylers.Slot.GEL ? kind : gel,
                    slot == Stylers.Slot.MOUSSE ? kind : mousse,
                    slot == Stylers.Slot.CREAM ? kind : cream,
                    slot == Stylers.Slot.LEAVE_IN ? kind : leaveIn);
        }

        /** With what holds of another. */
        public Mixture with(Mixture hold) {
            return new Mixture(hold.gel(), hold.mousse(), cream, leaveIn);
        }

        /** A plan to run: the first bottle of each kind, worked so. */
        public Candidate choice(Frame frame, Details details) {
            return new Candidate(
                    leaveIn.first(),
                    cream.first(),
                    gel.first(),
                    mousse.first(),
                    frame.hands(),
                    frame.sections(),
                    frame.drying(),
                    details);
        }
    }

    private Forecast(Query query, List<Place> places, double costs) {
        this.query = query;
        this.places = places;
        this.costs = costs;
    }

    /** Of a plan that was run: what findings, minutes and water took off it is taken off all that are like it. */
    public static Forecast from(Query query, Evaluation run) {
        Scores scores = OutcomeModel.scores(run.wash());
        return new Forecast(
                query,
                OtherStylers.on(run.wash(), OtherStylers::isStyler).places(),
                Objective.ofScores(query.goal(), scores) - run.worth());
    }

    /** The same parted otherwise, and costing more by so much. */
    public Forecast parted(int from, int to, double more) {
        return new Forecast(query, OtherStylers.parted(places, from, to), costs + more);
    }

    /** The same, worth less by so many points. */
    public Forecast costing(double more) {
        return new Forecast(query, places, costs + more);
    }

    /** Points of worth with these stylers, in these amounts. */
    public double worth(Mixture mixture, Doses dose, boolean foamUnder) {
        Worn crown = worn(mixture, dose, true, foamUnder);
        Worn elsewhere = worn(mixture, dose, false, foamUnder);
        double[] scores = new double[NAMES.length];
        double[] learned = learned(mixture);
        double worth = 0;
        double weight = 0;
        for (Place place : places) {
            place.scores(place.isCrown() ? crown : elsewhere, learned, scores);
            worth += place.share() * Objective.linear(query.goal(), scores);
            weight += place.share() * scores[WEIGHT];
        }
        return worth - Objective.limp(weight) - costs;
    }

    /** What the log has taught of its bottles, null for nothing. */
    private static double[] learned(Mixture mixture) {
        double[] points = null;
        for (Stylers.Slot slot : Stylers.Slot.values()) {
            double[] own = mixture.in(slot).learned();
            if (own != null) {
                points = points == null ? new double[NAMES.length] : points;
                for (int i = 0; i < own.length; i++) {
                    points[i] += own[i];
                }
            }
        }
        return points;
    }

    private static Worn worn(Mixture mixture, Doses dose, boolean crown, boolean foamUnder) {
        double held = dose.hold().factor;
        double fed = crown && dose.crownSpared() ? 0 : dose.moisture().factor;
        boolean foam = !mixture.mousse().isNone()
                && (crown || foamUnder || mixture.gel().isNone());
        BottleClass mousse = foam ? mixture.mousse() : BottleClass.NONE;
        double best = 0;
        double second = 0;
        double[] holds = {
            mixture.gel().hold() * HoldWorn.taken(held),
            mousse.hold() * HoldWorn.taken(held),
            mixture.cream().hold() * HoldWorn.taken(fed),
            mixture.leaveIn().hold() * HoldWorn.taken(fed)
        };
        for (double hold : holds) {
            second = Math.max(second, Math.min(best, hold));
            best = Math.max(best, hold);
        }
        double full = (mixture.gel().isNone() ? 0 : held) + (foam ? held : 0);
        double coated =
                full + (mixture.cream().isNone() ? 0 : fed) + (mixture.leaveIn().isNone() ? 0 : fed);
        LabelWorn label = mixture.gel().label().and(mousse.label());
        label = fed == 0
                ? label
                : label.and(mixture.cream().label()).and(mixture.leaveIn().label());
        return new Worn(
                HoldWorn.together(best, second),
                held * (mixture.gel().richness() + mousse.richness())
                        + fed * (mixture.cream().richness() + mixture.leaveIn().richness()),
                label.films(),
                label.humectants(),
                foam,
                full,
                Math.min(1, coated));
    }
}
