package eventide.server.demo;

import eventide.air.Air;
import eventide.check.Wash;
import eventide.hair.Condition;
import eventide.hair.CurlGeometry;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Measured;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.ReadingField;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.log.Rating;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.outcome.Scores;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Suggestion;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.server.clients.Client;
import eventide.server.clients.ClientDraft;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.Intake;
import eventide.server.clients.Occasion;
import eventide.server.shelf.Shelf;
import eventide.server.shelf.ShelfItemDraft;
import eventide.server.shelf.ShelfRepository;
import eventide.server.washdays.Run;
import eventide.server.washdays.StepDone;
import eventide.server.washdays.WashDay;
import eventide.server.washdays.WashDayDraft;
import eventide.server.washdays.WashDayRepository;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Before the first visitor comes, fills an empty house with the company of a travelling puppet theatre at Merrow Quay. People and scores are invented;
 * routines are what the planner gives, scores the prediction with a steady hand's scatter.
 */
@Component
@ConditionalOnProperty(name = "eventide.demo", havingValue = "true")
class DemoSalon implements SmartInitializingSingleton {
    private static final long SEED = 20260401;

    private final ClientRepository clients;
    private final ShelfRepository shelf;
    private final WashDayRepository washDays;
    private final DemoShelf demoShelf;
    private final Clock clock;
    private final Random scatter = new Random(SEED);

    DemoSalon(
            ClientRepository clients,
            ShelfRepository shelf,
            WashDayRepository washDays,
            DemoShelf demoShelf,
            Clock clock) {
        this.clients = clients;
        this.shelf = shelf;
        this.washDays = washDays;
        this.demoShelf = demoShelf;
        this.clock = clock;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (!clients.list().isEmpty()) {
            return;
        }
        demoShelf.products().forEach(shelf::add);
        Limits evening = Limits.ofMinutes(120);
        Limits noBrush = new Limits(
                210.0,
                null,
                Set.of(OwnedTool.DIFFUSER, OwnedTool.COOL_SETTING, OwnedTool.CLIPS, OwnedTool.TSHIRT),
                null,
                null);

        ottoline(evening);
        bram(evening);
        sunniva(noBrush);
        perrin(evening);
    }

    private void ottoline(Limits evening) {
        Client ottoline = add(
                "Ottoline Marsh",
                ottoline(),
                new Goal(2, 3, 0, 1, 1, null),
                evening,
                "Plays the heron. Hot lights, wants height at the crown.");
        Shelf own = shelf.addShelf(new Shelf(null, "Ottoline's own", ottoline.id()));
        shelf.add(new ShelfItemDraft(
                Product.of("Petrel travel mousse", Role.MOUSSE, 3, 1, 35, 75)
                        .withIngredients("Aqua, Polyquaternium-11, Cocamidopropyl Betaine, Panthenol, Phenoxyethanol"),
                own.id(),
                null));
        wash(ottoline, 26, 0);
        wash(ottoline, 19, 1);
        wash(ottoline, 12, 0);
        wash(ottoline, 5, 0);
    }

    private void bram(Limits evening) {
        Client bram = add(
                "Bram Tolliver",
                Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 36),
                new Goal(3, 1, 1, 2, 2, null),
                evening,
                "Rigs the lamps. Bleached ends from last winter.");
        bram = readAgain(
                bram,
                bram(),
                Occasion.AFTER_BLEACH,
                "The front was bleached for the lamplighter; soaks up everything now.",
                29);
        wash(bram, 23, 0);
        wash(bram, 16, 1);
        wash(bram, 9, 0);
    }

    private void sunniva(Limits noBrush) {
        Client sunniva = add(
                "Sunniva Okoro-Dell",
                sunniva(),
                new Goal(2, 1, 2, 3, 3, 2),
                noBrush,
                "Carves the heads. Time for a long day once a week.");
        wash(sunniva, 22, 0);
        wash(sunniva, 15, 0);
        wash(sunniva, 7, 1);
    }

    private void perrin(Limits evening) {
        Client perrin = add(
                "Perrin Vane",
                Hair.of(Strand.MEDIUM, Porosity.LOW, Pattern.WAVY_2B, Density.HIGH, 28),
                new Goal(2, 2, 0, 2, 1, 1),
                evening,
                "New to the company; first wash still to come.");
        clients.save(
                perrin.id(),
                perrin.version(),
                new ClientDraft(
                        perrin.name(),
                        perrin.hair(),
                        perrin.goal(),
                        null,
                        perrin.limits(),
                        perrin.notes(),
                        new Intake(
                                null,
                                null,
                                Set.of(ReadingField.POROSITY, ReadingField.DENSITY),
                                "whatever the last digs had",
                                null,
                                "every cream so far",
                                Set.of(Intake.Comfort.NECK),
                                null,
                                null,
                                null,
                                null,
                                null,
                                null),
                        null,
                        null),
                clock.instant().minus(Duration.ofDays(30)));
    }

    private static Hair ottoline() {
        return Hair.of(Strand.FINE, Porosity.LOW, Pattern.WAVY_2C, Density.MEDIUM, 38)
                .withZones(Map.of(
                        Zone.CROWN, new ZoneReadings(null, null, Pattern.CURLY_3A, null, null, null),
                        Zone.HAIRLINE, new ZoneReadings(null, null, Pattern.WAVY_2B, Density.LOW, 24.0, null)));
    }

    private static Hair bram() {
        return Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3B, Density.MEDIUM, 34)
                .withZones(Map.of(
                        Zone.HAIRLINE,
                        new ZoneReadings(Strand.FINE, Porosity.HIGH, null, null, 26.0, Set.of(Condition.BLEACHED))));
    }

    private static Hair sunniva() {
        return Hair.of(Strand.COARSE, Porosity.HIGH, Pattern.COILY_4A, Density.HIGH, 30)
                .withZones(Map.of(Zone.NAPE, new ZoneReadings(null, null, Pattern.COILY_4C, null, null, null)))
                .withAllergies(List.of("almond"));
    }

    private Client add(String name, Hair hair, Goal goal, Limits limits, String notes) {
        return clients.add(
                new ClientDraft(name, hair, goal, null, limits, notes),
                clock.instant().minus(Duration.ofDays(30)));
    }

    private Client readAgain(Client client, Hair hair, Occasion occasion, String note, int daysAgo) {
        return clients.save(
                client.id(),
                client.version(),
                new ClientDraft(
                        client.name(),
                        hair,
                        client.goal(),
                        client.schools(),
                        client.limits(),
                        client.notes(),
                        client.intake(),
                        occasion,
                        note),
                clock.instant().minus(Duration.ofDays(daysAgo)));
    }

    /** A wash some days ago, with one of the planner's suggestions, done a little slower than planned. */
    private void wash(Client client, int daysAgo, int choice) {
        Air air = Air.of(21 + scatter.nextInt(3), 48 + scatter.nextInt(10));
        List<Product> products = shelf.within(client.id());
        List<Suggestion> suggestions = Planner.suggest(
                        new Query(client.hair(), client.goal(), air, null, client.limits(), products))
                .suggestions();
        Suggestion chosen = suggestions.get(Math.min(choice, suggestions.size() - 1));
        Instant start = clock.instant().minus(Duration.ofDays(daysAgo)).minus(Duration.ofHours(3));
        WashDay day = washDays.add(
                client.id(),
                new WashDayDraft(
                        chosen.name(), client.hair(), client.goal(), air, null, client.limits(), chosen.routine()),
                start);
        washDays.run(day.id(), new Run(done(chosen, start), true, null), clock.instant());
        washDays.rate(
                day.id(),
                rating(
                        Wash.of(chosen.routine(), client.hair(), client.goal(), air, null, client.limits()),
                        client.hair()),
                clock.instant());
    }

    private List<StepDone> done(Suggestion chosen, Instant start) {
        List<StepDone> done = new ArrayList<>();
        Instant at = start;
        for (var step : chosen.tide().steps()) {
            double slower = 1 + scatter.nextDouble() * .2;
            Instant end = at.plusSeconds(Math.round((step.endMinute() - step.startMinute()) * 60 * slower));
            done.add(new StepDone(step.index(), at, end, false));
            at = end;
        }
        return done;
    }

    private Rating rating(Wash wash, Hair hair) {
        Outcome outcome = OutcomeModel.predict(wash);
        Map<Zone, Rating.ZoneRating> zones = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            Scores s = outcome.byZone().get(zone);
            double weakSide = zone == Zone.LEFT ? -.5 : 0;
            zones.put(
                    zone,
                    new Rating.ZoneRating(
                            scattered(s.definition() + weakSide),
                            scattered(s.clumping() + weakSide),
                            scattered(s.frizz() - weakSide),
                            scattered(s.volume())));
        }
        double stretched = hair.lengthCm();
        double natural = CurlGeometry.naturalCm(stretched, outcome.overall().shrinkagePercent() / 100);
        return new Rating(
                true,
                true,
                zones,
                new Measured(Math.round(natural * 2) / 2.0, stretched),
                (double) Math.round(outcome.overall().days()),
                null);
    }

    /** To the half point, as a hand writes it. */
    private double scattered(double score) {
        double value = score + scatter.nextGaussian() * .5;
        return Math.max(0, Math.min(10, Math.round(value * 2) / 2.0));
    }
}
