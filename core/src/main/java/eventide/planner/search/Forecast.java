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
import java.util.stream.Stream;

/**
 * What plans done like one that was run would be worth with other stylers, from its features: its scores with theirs instead, less
 * what that run cost besides (findings, minutes, water left). No water is run.
 */
public final class Forecast {
    private static final ScoreName[] NAMES = ScoreName.values();
    private static final int WEIGHT = ScoreName.WEIGHT.ordinal();

    private final Query query;
    private final Place[] places;
    private final double costs;
    /** What rules took off the run, but for what it bears: that is known of any stylers. */
    private final double flaws;
    /** What it costs where nothing of the mixture holds: nothing where something beside it does. */
    private final double unheld;

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

        /** What a plan wears; a bottle that is of no kind here is taken for none. */
        public static Mixture of(Candidate plan, Stylers stylers) {
            return new Mixture(
                    stylers.kind(Stylers.Slot.GEL, plan.gel()),
                    stylers.kind(Stylers.Slot.MOUSSE, plan.mousse()),
                    stylers.kind(Stylers.Slot.CREAM, plan.cream()),
                    stylers.kind(Stylers.Slot.LEAVE_IN, plan.leaveIn()));
        }

        /** Whether what holds feeds as well. */
        public boolean isConditioning() {
            return gel.isConditioning() || mousse.isConditioning();
        }

        /** Whether any of it is put on for its hold. */
        boolean holds() {
            return holds(gel) || holds(mousse) || holds(cream) || holds(leaveIn);
        }

        private static boolean holds(BottleClass kind) {
            return !kind.isNone() && Objective.holds(kind.first());
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

    private Forecast(Query query, Place[] places, double costs, double flaws, double unheld) {
        this.query = query;
        this.places = places;
        this.costs = costs;
        this.flaws = flaws;
        this.unheld = unheld;
    }

    /** Of a plan that was run: what findings, minutes and water took off it is taken off all that are like it. */
    public static Forecast from(Query query, Evaluation run) {
        Scores scores = OutcomeModel.scores(run.wash());
        List<Place> places = OtherStylers.on(run.wash(), OtherStylers::isStyler).places();
        double flaws = run.bound() - run.worth();
        double rich = places.stream().anyMatch(Place::isTooRich) ? Objective.tooRich(query.goal()) : 0;
        boolean held = run.wash().layers().stream().anyMatch(layer -> Objective.holds(layer.product()));
        boolean heldBeside = run.wash().layers().stream()
                .anyMatch(layer -> !OtherStylers.isStyler(layer) && Objective.holds(layer.product()));
        double costs =
                Objective.ofScores(query.goal(), scores) - run.bound() - (held ? 0 : Objective.unheld(query.goal()));
        double unheld = heldBeside ? 0 : Objective.unheld(query.goal());
        return new Forecast(query, places.toArray(Place[]::new), costs, flaws - rich, unheld);
    }

    /** The same parted otherwise, and costing more by so much. */
    public Forecast parted(int from, int to, double more) {
        Place[] parted = Stream.of(places).map(place -> place.parted(from, to)).toArray(Place[]::new);
        return new Forecast(query, parted, costs + more, flaws, unheld);
    }

    /** The same, worth less by so many points. */
    public Forecast costing(double more) {
        return new Forecast(query, places, costs + more, flaws, unheld);
    }

    /** What rules took off the run it is of, in points of worth, but for what hair bears. */
    public double flaws() {
        return flaws;
    }

    /** The same where no rule speaks but the one of what hair bears. */
    public Forecast unflawed() {
        return new Forecast(query, places, costs, 0, unheld);
    }

    /** Points of worth with these stylers, in these amounts. */
    public double worth(Mixture mixture, Doses dose, boolean foamUnder) {
        Worn crown = worn(mixture, dose, true, foamUnder);
        Worn elsewhere = isAlike(mixture, dose, foamUnder) ? crown : worn(mixture, dose, false, foamUnder);
        double[] scores = new double[NAMES.length];
        double[] learned = learned(mixture);
        double worth = 0;
        double weight = 0;
        boolean rich = false;
        for (Place place : places) {
            Worn worn = place.isCrown() ? crown : elsewhere;
            place.scores(worn, learned, scores);
            rich |= place.isTooRich(worn);
            worth += place.share() * Objective.linear(query.goal(), scores);
            weight += place.share() * scores[WEIGHT];
        }
        return worth
                - Objective.limp(weight)
                - costs
                - flaws
                - (rich ? Objective.tooRich(query.goal()) : 0)
                - (unheld == 0 || mixture.holds() ? 0 : unheld);
    }

    /** Whether the crown wears what the rest does. */
    private static boolean isAlike(Mixture mixture, Doses dose, boolean foamUnder) {
        return !dose.crownSpared()
                && (foamUnder || mixture.mousse().isNone() || mixture.gel().isNone());
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
