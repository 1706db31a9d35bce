package eventide.server.demo;

import eventide.air.Air;
import eventide.chair.ChairEvent;
import eventide.hair.CurlGeometry;
import eventide.hair.Hair;
import eventide.hair.Measured;
import eventide.hair.Zone;
import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.log.StrandByRuler;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Suggestion;
import eventide.product.Product;
import eventide.routine.HalfTrial;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import eventide.server.clients.Client;
import eventide.server.shelf.ShelfRepository;
import eventide.server.washdays.WashDay;
import eventide.server.washdays.WashDayDraft;
import eventide.server.washdays.WashDayRepository;
import eventide.wash.Wash;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Washes of the demo as they might have been: what the planner gives, done a little slower than planned, scored as
 * predicted with a steady hand's scatter, a weaker left side, and for some products a head that does not like them.
 */
@Component
class DemoHistory {
    private static final long SEED = 20260401;
    private static final double WEAK_SIDE = .5;
    /** What the model cannot know: this head and that bottle do not go together. */
    private static final double DISLIKED = 1.8;

    private final ShelfRepository shelf;
    private final WashDayRepository washDays;
    private final Clock clock;
    private final Random scatter = new Random(SEED);

    DemoHistory(ShelfRepository shelf, WashDayRepository washDays, Clock clock) {
        this.shelf = shelf;
        this.washDays = washDays;
        this.clock = clock;
    }

    /**
     * One wash of the past.
     *
     * @param choice which of the planner's suggestions
     * @param tried what went on in the place of its gel, null for nothing else
     * @param halves only on the right half of the head
     * @param disliked what went on did not suit this head
     */
    record Past(int daysAgo, int choice, String tried, boolean halves, boolean disliked) {
        static Past ago(int days, int choice) {
            return new Past(days, choice, null, false, false);
        }

        static Past with(int days, int choice, String tried) {
            return new Past(days, choice, tried, false, false);
        }

        static Past failed(int days, int choice, String tried) {
            return new Past(days, choice, tried, false, true);
        }

        static Past halves(int days, int choice, String tried) {
            return new Past(days, choice, tried, true, false);
        }
    }

    /** The oldest first. */
    void washes(Client client, List<Past> past) {
        List<Product> products = shelf.within(client.id());
        List<Suggestion> suggestions = Planner.suggest(
                        new Query(client.hair(), client.goal(), Air.of(22, 52), null, client.limits(), products))
                .suggestions();
        for (Past one : past) {
            Suggestion chosen = suggestions.get(Math.min(one.choice(), suggestions.size() - 1));
            wash(client, one, chosen, tried(chosen.routine(), one, products));
        }
    }

    private static Routine tried(Routine routine, Past past, List<Product> products) {
        if (past.tried() == null) {
            return routine;
        }
        StepPlace place = routine.places().stream()
                .filter(p -> routine.at(p).holds() && p.index() > routine.lastRinse())
                .findFirst()
                .orElseThrow();
        String own = routine.at(place).worn().name();
        Product other = products.stream()
                .filter(product ->
                        product.name().equals(past.tried()) && !product.name().equals(own))
                .findFirst()
                .orElse(null);
        if (other == null) {
            return routine; // it is what the planner takes anyway
        }
        return past.halves()
                ? HalfTrial.of(routine, place, other).routine()
                : routine.replacing(
                        place, routine.at(place).but().product(other).build());
    }

    private void wash(Client client, Past past, Suggestion chosen, Routine routine) {
        Air air = Air.of(21 + scatter.nextInt(3), 48 + scatter.nextInt(10));
        Instant start = clock.instant().minus(Duration.ofDays(past.daysAgo())).minus(Duration.ofHours(3));
        Wash wash = Wash.of(routine, client.hair(), client.goal(), air, null, client.limits());
        WashDay day = washDays.add(
                client.id(),
                new WashDayDraft(
                        past.tried() == null ? chosen.name() : chosen.name() + ", with " + past.tried(),
                        client.hair(),
                        client.goal(),
                        air,
                        null,
                        client.limits(),
                        routine),
                start);
        washDays.add(day.id(), done(wash, start));
        Outcome outcome = OutcomeModel.predict(wash);
        washDays.rate(day.id(), rating(outcome, client.hair(), past), start.plus(Duration.ofHours(4)));
        following(day.id(), outcome, past);
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

    private Rating rating(Outcome outcome, Hair hair, Past past) {
        Map<Zone, Rating.ZoneRating> zones = new EnumMap<>(Zone.class);
        double off = past.disliked() ? DISLIKED : 0;
        for (Zone zone : Zone.values()) {
            Scores s = outcome.byZone().get(zone);
            double weak = zone == Zone.LEFT ? WEAK_SIDE : 0;
            zones.put(
                    zone,
                    Rating.ZoneRating.of(
                            scattered(s.definition() - weak - off),
                            scattered(s.clumping() - weak - off / 2),
                            scattered(s.frizz() + weak + off),
                            scattered(s.volume())));
        }
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
                true, true, zones, null, (double) Math.round(outcome.overall().days()), notes, strands);
    }

    /** Every other wash was looked at on the days after. */
    private void following(long day, Outcome outcome, Past past) {
        if (past.daysAgo() % 2 == 0 || past.daysAgo() < 4) {
            return;
        }
        int days = (int) Math.max(2, Math.round(outcome.overall().days()));
        double off = past.disliked() ? DISLIKED : 0;
        for (int d = 2; d <= days + 1; d++) {
            boolean over = d == days + 1;
            washDays.follow(
                    day,
                    new FollowingDay(
                            d,
                            scattered(outcome.overall().definition() - off - (d - 1) * .6),
                            scattered(outcome.overall().frizz() + off + (d - 1) * .7),
                            scattered(outcome.overall().volume() + (d - 1) * .4),
                            d == 3 ? Set.of(FollowingDay.Refresh.MISTED, FollowingDay.Refresh.SHAKEN) : null,
                            over ? true : null,
                            null));
        }
    }

    /** To the half point, as a hand writes it. */
    private double scattered(double score) {
        double value = score + scatter.nextGaussian() * .5;
        return Math.max(0, Math.min(10, Math.round(value * 2) / 2.0));
    }
}
