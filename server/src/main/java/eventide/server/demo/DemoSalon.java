package eventide.server.demo;

import eventide.hair.Comfort;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Occasion;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.ReadingField;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.hair.ZoneReadings;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.OwnedTool;
import eventide.server.clients.Client;
import eventide.server.clients.ClientDraft;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.Intake;
import eventide.server.shelf.Shelf;
import eventide.server.shelf.ShelfItemDraft;
import eventide.server.shelf.ShelfRepository;
import eventide.wash.ScoreName;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * Before the first visitor comes, fills an empty house with the company of a travelling puppet theatre at Merrow Quay. People and scores are invented;
 * routines are what the planner gives, scores what a hidden truth makes of them, with chance.
 */
@Component
@ConditionalOnProperty(name = "eventide.demo", havingValue = "true")
class DemoSalon implements SmartInitializingSingleton {
    /** Longer than the oldest wash is ago. */
    private static final int KNOWN_FOR_DAYS = 110;

    private static final List<ScoreName> DEFINITION_FIRST = List.of(ScoreName.DEFINITION, ScoreName.FRIZZ);

    private final ClientRepository clients;
    private final ShelfRepository shelf;
    private final DemoHistory history;
    private final DemoShelf demoShelf;
    private final DemoDiary diary;
    private final Clock clock;

    DemoSalon(
            ClientRepository clients,
            ShelfRepository shelf,
            DemoHistory history,
            DemoShelf demoShelf,
            DemoDiary diary,
            Clock clock) {
        this.clients = clients;
        this.shelf = shelf;
        this.history = history;
        this.demoShelf = demoShelf;
        this.diary = diary;
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
        company(evening, noBrush);
        diary.fill();
    }

    /** The rest of the company, each washed about weekly. */
    private void company(Limits evening, Limits noBrush) {
        for (DemoCompany.Player player : DemoCompany.PLAYERS) {
            Client client = add(
                    player.name(),
                    player.hair(),
                    player.goal(),
                    player.hasEvening() ? evening : noBrush,
                    player.notes());
            history.washes(client, player.history());
            if (player.name().equals("Jory Penhale")) {
                history.trial(client, "Fathom firm gel", DEFINITION_FIRST, 6, 95, 50);
            }
            if (player.name().equals("Wren Castellan")) {
                history.trial(client, "Sandbar light gel", DEFINITION_FIRST, 6, 33, -1);
            }
        }
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
        history.washes(
                ottoline,
                List.of(
                        DemoHistory.Past.ago(61, 0),
                        DemoHistory.Past.clarified(54, 0),
                        DemoHistory.Past.ago(47, 1),
                        DemoHistory.Past.ago(40, 0),
                        DemoHistory.Past.halves(33, 0, "Sandbar light gel"),
                        DemoHistory.Past.clarified(26, 0),
                        DemoHistory.Past.ago(19, 1),
                        DemoHistory.Past.ago(12, 0),
                        DemoHistory.Past.ago(5, 0)));
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
        history.washes(
                bram,
                List.of(
                        DemoHistory.Past.halves(93, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.swapped(86, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.halves(79, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.swapped(72, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.halves(65, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.swapped(58, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.halves(51, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.swapped(44, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.halves(37, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.swapped(30, 0, "Lee shore gel-cream"),
                        DemoHistory.Past.protein(23),
                        DemoHistory.Past.ago(16, 1),
                        DemoHistory.Past.ago(9, 0)));
        history.trial(bram, "Lee shore gel-cream", List.of(ScoreName.FRIZZ, ScoreName.DEFINITION), 10, 96, 29);
    }

    private void sunniva(Limits noBrush) {
        Client sunniva = add(
                "Sunniva Okoro-Dell",
                sunniva(),
                new Goal(2, 1, 2, 3, 3, 2),
                noBrush,
                "Carves the heads. Time for a long day once a week.");
        history.washes(
                sunniva,
                List.of(
                        DemoHistory.Past.ago(57, 0),
                        DemoHistory.Past.ago(50, 1),
                        DemoHistory.Past.ago(43, 0),
                        DemoHistory.Past.ago(36, 0),
                        DemoHistory.Past.with(29, 0, "Kelp jelly"),
                        DemoHistory.Past.ago(22, 0),
                        DemoHistory.Past.ago(15, 0),
                        DemoHistory.Past.ago(7, 1)));
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
                                Set.of(Comfort.NECK),
                                null,
                                null,
                                null,
                                null,
                                null,
                                null),
                        null,
                        null),
                clock.instant().minus(Duration.ofDays(KNOWN_FOR_DAYS)));
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
                clock.instant().minus(Duration.ofDays(KNOWN_FOR_DAYS)));
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
}
