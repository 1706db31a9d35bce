package eventide.server.demo;

import eventide.air.Air;
import eventide.air.Outdoors;
import eventide.chair.ChairEvent;
import eventide.diary.DiaryWash;
import eventide.diary.LastCare;
import eventide.hair.CurlGeometry;
import eventide.hair.Hair;
import eventide.hair.Measured;
import eventide.hair.Zone;
import eventide.learning.TrialPlan;
import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.log.StrandByRuler;
import eventide.log.Wear;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Suggestion;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.HalfTrial;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.server.clients.Client;
import eventide.server.learning.TrialRepository;
import eventide.server.shelf.ShelfRepository;
import eventide.server.washdays.WashDay;
import eventide.server.washdays.WashDayDraft;
import eventide.server.washdays.WashDayRepository;
import eventide.wash.ScoreName;
import eventide.wash.Wash;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Washes of the demo as they might have been: what the planner gives, done a little slower than planned, in the weather of the day,
 * scored as the {@link HiddenTruth} of this salon has it.
 */
@Component
class DemoHistory {
    private static final long SEED = 20260401;
    private final ShelfRepository shelf;
    private final WashDayRepository washDays;
    private final Clock clock;
    private final ZoneId zone;
    private final TrialRepository trials;
    private final Random scatter = new Random(SEED);
    private final HiddenTruth truth = new HiddenTruth(SEED);
    /** A chance of its own, so that what else is drawn stays as it is. */
    private final Random weighing = new Random(SEED + 1);

    DemoHistory(ShelfRepository shelf, WashDayRepository washDays, TrialRepository trials, Clock clock, ZoneId zone) {
        this.trials = trials;
        this.shelf = shelf;
        this.washDays = washDays;
        this.clock = clock;
        this.zone = zone;
    }

    /**
     * One wash of the past.
     *
     * @param choice which of the planner's suggestions
     * @param tried what went on in the place of its gel, null for nothing else
     * @param halves only on the right half of the head
     * @param swapped the halves the other way round
     * @param disliked what went on did not suit this head
     * @param care given with the wash
     */
    record Past(int daysAgo, int choice, String tried, boolean halves, boolean swapped, boolean disliked, Care care) {
        Past(int daysAgo, int choice, String tried, boolean halves, boolean swapped, boolean disliked) {
            this(daysAgo, choice, tried, halves, swapped, disliked, Care.NONE);
        }

        static Past ago(int days, int choice) {
            return new Past(days, choice, null, false, false, false);
        }

        /** With protein before the mask or in its place. */
        static Past protein(int days) {
            return new Past(days, 0, null, false, false, false, Care.PROTEIN);
        }

        /** With the clarifier in the place of the cleanser. */
        static Past clarified(int days, int choice) {
            return new Past(days, choice, null, false, false, false, Care.CLARIFIER);
        }

        static Past with(int days, int choice, String tried) {
            return new Past(days, choice, tried, false, false, false);
        }

        static Past failed(int days, int choice, String tried) {
            return new Past(days, choice, tried, false, false, true);
        }

        static Past halves(int days, int choice, String tried) {
            return new Past(days, choice, tried, true, false, false);
        }

        static Past swapped(int days, int choice, String tried) {
            return new Past(days, choice, tried, true, true, false);
        }
    }

    private enum Care {
        NONE,
        PROTEIN,
        CLARIFIER
    }

    /** The oldest first. */
    void washes(Client client, List<Past> past) {
        List<Product> products = shelf.within(client.id());
        List<Suggestion> suggestions = Planner.suggest(
                        new Query(client.hair(), client.goal(), Air.of(22, 52), null, client.limits(), products))
                .suggestions();
        LastCare known = LastCare.UNKNOWN;
        for (Past one : past) {
            Suggestion chosen = suggestions.get(Math.min(one.choice(), suggestions.size() - 1));
            Routine routine = cared(tried(chosen.routine(), one, products), one.care(), products);
            LocalDate day = LocalDate.ofInstant(begun(one.daysAgo()), zone);
            wash(client, known.on(day, client.hair(), day), one, chosen, routine);
            known = known.with(List.of(DiaryWash.of(day, routine, Wear.of(null, List.of()), new HashSet<>())));
        }
    }

    /** A trial agreed before the oldest of its washes; stopped on a day, or running where that is below 0. */
    void trial(
            Client client,
            String tried,
            List<ScoreName> scores,
            int agreedPairs,
            int beganDaysAgo,
            int stoppedDaysAgo) {
        Routine plan = Planner.suggest(new Query(
                        client.hair(), client.goal(), Air.of(22, 52), null, client.limits(), shelf.within(client.id())))
                .suggestions()
                .get(0)
                .routine();
        String used = plan.at(holds(plan)).worn().name();
        trials.add(
                client.id(),
                new TrialPlan(
                        used,
                        tried,
                        TrialPlan.Way.HALVES,
                        scores,
                        1.0,
                        90.0,
                        agreedPairs,
                        clock.instant().minus(Duration.ofDays(beganDaysAgo)),
                        stoppedDaysAgo < 0 ? null : clock.instant().minus(Duration.ofDays(stoppedDaysAgo)),
                        null));
    }

    private static StepPlace holds(Routine routine) {
        return routine.places().stream()
                .filter(p -> routine.at(p).holds() && p.index() > routine.lastRinse())
                .findFirst()
                .orElseThrow();
    }

    private static Routine tried(Routine routine, Past past, List<Product> products) {
        if (past.tried() == null) {
            return routine;
        }
        StepPlace place = holds(routine);
        String own = routine.at(place).worn().name();
        Product other = products.stream()
                .filter(product ->
                        product.name().equals(past.tried()) && !product.name().equals(own))
                .findFirst()
                .orElse(null);
        if (other == null) {
            return routine; // it is what the planner takes anyway
        }
        if (past.swapped()) {
            return HalfTrial.swapped(HalfTrial.of(routine, place, other).routine());
        }
        return past.halves()
                ? HalfTrial.of(routine, place, other).routine()
                : routine.replacing(
                        place, routine.at(place).but().product(other).build());
    }

    private static Routine cared(Routine routine, Care care, List<Product> products) {
        return switch (care) {
            case NONE -> routine;
            case PROTEIN -> strengthened(routine, products);
            case CLARIFIER -> clarified(routine, products);
        };
    }

    private static Routine clarified(Routine routine, List<Product> products) {
        StepPlace cleanse = routine.places().stream()
                .filter(place -> routine.at(place).action() == Action.CLEANSE)
                .findFirst()
                .orElseThrow();
        return routine.replacing(
                cleanse,
                Step.of(Action.CLARIFY).product(first(Role.CLARIFIER, products)).build());
    }

    private static Product first(Role role, List<Product> products) {
        return products.stream()
                .filter(product -> product.role() == role)
                .findFirst()
                .orElseThrow();
    }

    /** A quarter of an hour of protein after the first rinse, and rinsed again. */
    private static Routine strengthened(Routine routine, List<Product> products) {
        Product protein = first(Role.PROTEIN, products);
        return routine.inserting(0, Step.of(Action.RINSE).build())
                .inserting(
                        0,
                        Step.of(Action.PROTEIN).product(protein).minutes(15.0).build())
                .inserting(0, Step.of(Action.RINSE).build());
    }

    /** Three hours before this hour of that day, but on that day: the salon may be opened for the first time at night. */
    private Instant begun(int daysAgo) {
        LocalDate day = LocalDate.ofInstant(clock.instant(), zone).minusDays(daysAgo);
        Instant usual = clock.instant().minus(Duration.ofDays(daysAgo)).minus(Duration.ofHours(3));
        Instant earliest = day.atStartOfDay(zone).toInstant();
        return usual.isBefore(earliest) ? earliest : usual;
    }

    private void wash(Client client, Hair hair, Past past, Suggestion chosen, Routine routine) {
        Air air = new Air(
                21.0 + scatter.nextInt(3),
                48.0 + scatter.nextInt(10),
                new Outdoors(8.0 + scatter.nextInt(16), 55.0 + scatter.nextInt(35)));
        Instant start = begun(past.daysAgo());
        Wash wash = Wash.of(routine, hair, client.goal(), air, null, client.limits());
        WashDay day = washDays.add(
                client.id(),
                new WashDayDraft(
                        past.tried() == null ? chosen.name() : chosen.name() + ", with " + past.tried(),
                        hair,
                        client.goal(),
                        air,
                        null,
                        client.limits(),
                        routine),
                start);
        washDays.add(day.id(), done(wash, start));
        Outcome outcome = OutcomeModel.predict(wash);
        washDays.rate(day.id(), rating(outcome, wash, client.name(), past), start.plus(Duration.ofHours(4)));
        following(
                day.id(),
                outcome,
                past,
                truth.of(wash, client.name(), HiddenTruth.rater(past.daysAgo()), past.disliked() ? past.tried() : null),
                HiddenTruth.secondDayLifts(client.name()));
    }

    private List<ChairEvent> done(Wash wash, Instant start) {
        List<ChairEvent> done = new ArrayList<>();
        done.add(ChairEvent.of("begin", start, ChairEvent.Kind.BEGIN, null));
        Instant at = start;
        for (var step : wash.course().tide().steps()) {
            double slower = 1 + scatter.nextDouble() * .2;
            at = at.plusSeconds(Math.round((step.endMinute() - step.startMinute()) * 60 * slower));
            done.add(ChairEvent.of("done-" + step.index(), at, ChairEvent.Kind.DONE, step.index()));
        }
        return done;
    }

    private Rating rating(Outcome outcome, Wash wash, String client, Past past) {
        Map<Zone, Rating.ZoneRating> zones = new EnumMap<>(Zone.class);
        String rater = HiddenTruth.rater(past.daysAgo());
        String disliked = past.disliked() ? past.tried() : null;
        for (Zone zone : Zone.values()) {
            Scores s = outcome.byZone().get(zone);
            HiddenTruth.Off off = truth.of(wash, client, zone, rater, disliked);
            zones.put(
                    zone,
                    new Rating.ZoneRating(
                            scattered(s.definition() + off.definition()),
                            scattered(s.clumping() + off.definition() / 2),
                            scattered(s.frizz() + off.frizz()),
                            scattered(s.volume() + off.volume()),
                            null,
                            null,
                            scattered(s.weight() + HiddenTruth.heavier(wash, zone), weighing),
                            null));
        }
        Hair hair = wash.hair();
        List<StrandByRuler> strands = new ArrayList<>();
        for (Zone zone : List.of(Zone.CROWN, Zone.LEFT, Zone.NAPE)) {
            double stretched = hair.at(zone).lengthCm();
            double percent = outcome.byZone().get(zone).shrinkagePercent() + scatter.nextGaussian() * 2;
            double natural = CurlGeometry.naturalCm(stretched, percent / 100);
            strands.add(new StrandByRuler(
                    zone, new Measured(Math.min(stretched, Math.round(natural * 2) / 2.0), stretched)));
        }
        String notes = past.disliked() ? past.tried() + ": limp by noon, never again on this head." : null;
        return new Rating(
                true, true, zones, null, (double) Math.round(outcome.overall().days()), notes, strands, rater);
    }

    /** Every other wash was looked at on the days after. */
    private void following(long day, Outcome outcome, Past past, HiddenTruth.Off off, double secondDay) {
        if (past.daysAgo() % 2 == 0 || past.daysAgo() < 4) {
            return;
        }
        int days = (int) Math.max(2, Math.round(outcome.overall().days()));
        for (int d = 2; d <= days + 1; d++) {
            boolean over = d == days + 1;
            washDays.follow(
                    day,
                    new FollowingDay(
                            d,
                            scattered(outcome.overall().definition()
                                    + off.definition()
                                    - (d - 1) * .6
                                    + (d == 2 ? secondDay : 0)),
                            scattered(outcome.overall().frizz() + off.frizz() + (d - 1) * .7),
                            scattered(outcome.overall().volume() + off.volume() + (d - 1) * .4),
                            d == 3 ? Set.of(FollowingDay.Refresh.MISTED, FollowingDay.Refresh.SHAKEN) : null,
                            over ? true : null,
                            null));
        }
    }

    /** To the half point, as a hand writes it. */
    private double scattered(double score) {
        return scattered(score, scatter);
    }

    private static double scattered(double score, Random chance) {
        double value = score + chance.nextGaussian() * .5;
        return Math.max(0, Math.min(10, Math.round(value * 2) / 2.0));
    }
}
