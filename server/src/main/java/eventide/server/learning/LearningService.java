package eventide.server.learning;

import eventide.drying.Course;
import eventide.hair.Hair;
import eventide.learning.Effect;
import eventide.learning.HairSince;
import eventide.learning.HeadLearned;
import eventide.learning.Learned;
import eventide.learning.Origin;
import eventide.learning.Relabelled;
import eventide.learning.Sample;
import eventide.learning.ScoresGiven;
import eventide.log.Rating;
import eventide.log.Washed;
import eventide.product.Product;
import eventide.routine.Goal;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.practice.PracticeProgress;
import eventide.server.shelf.ShelfRepository;
import eventide.server.washdays.HistoryQuery;
import eventide.server.washdays.HistoryQuery.Honest;
import eventide.server.washdays.HistoryQuery.Rated;
import eventide.server.washdays.WashDay;
import eventide.shape.Parallel;
import eventide.wash.Teaching;
import eventide.wash.Wash;
import java.time.Clock;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/**
 * What the whole log teaches. Nothing of it is kept: it is worked out from the washes, each run through the water once, and worked out
 * anew when one of them, or a head's reading, has another version.
 */
@Service
public class LearningService {
    /** Washes read from the file at once. */
    private static final int AT_ONCE = 200;

    private final HistoryQuery history;
    private final ClientRepository clients;
    private final ShelfRepository shelf;
    private final PracticeProgress practice;
    private final TrialRepository trials;
    private final Clock clock;
    private Map<String, Product> labels = Map.of();
    private final Map<Rated, Optional<Sample>> samples = new HashMap<>();
    private List<Rated> known = List.of();
    private long practised = 0;
    private Learned learned = Learned.of(List.of());

    LearningService(
            HistoryQuery history,
            ClientRepository clients,
            ShelfRepository shelf,
            PracticeProgress practice,
            TrialRepository trials,
            Clock clock) {
        this.practice = practice;
        this.trials = trials;
        this.history = history;
        this.clients = clients;
        this.shelf = shelf;
        this.clock = clock;
    }

    /** As the log stands; what was spoilt teaches nothing. One at a time works it out; the others wait for that one. */
    public synchronized Learned learned() {
        Set<Long> spoilt = trials.spoilt();
        List<Rated> now = history.rated().stream()
                .filter(wash -> !spoilt.contains(wash.id()))
                .toList();
        boolean relabelled = relabel();
        long swatches = practice.version();
        if (relabelled || swatches != practised || !now.equals(known)) {
            samples.keySet().retainAll(Set.copyOf(now));
            read(now.stream().filter(wash -> !samples.containsKey(wash)).toList());
            learned = Learned.of(
                    now.stream().map(samples::get).flatMap(Optional::stream).toList(), practice.eyes());
            known = now;
            practised = swatches;
        }
        return learned;
    }

    /** Forgets the washes of every bottle whose label was changed since; whether there is one. */
    private boolean relabel() {
        Map<String, Product> now = shelf.list().stream()
                .collect(Collectors.toMap(Product::name, product -> product, (first, again) -> first));
        Set<Effect> changed = now.values().stream()
                .filter(product ->
                        labels.containsKey(product.name()) && Relabelled.differ(labels.get(product.name()), product))
                .map(product -> new Effect(Origin.BOTTLE, product.name()))
                .collect(Collectors.toSet());
        labels = now;
        return samples.values()
                .removeIf(sample -> sample.isPresent()
                        && !Collections.disjoint(sample.get().effects().keySet(), changed));
    }

    private void read(List<Rated> missing) {
        for (int from = 0; from < missing.size(); from += AT_ONCE) {
            List<Rated> some = missing.subList(from, Math.min(missing.size(), from + AT_ONCE));
            Map<Long, Hair> hair = new HashMap<>();
            some.forEach(wash -> hair.computeIfAbsent(
                    wash.clientId(), id -> clients.find(id).map(Client::hair).orElse(null)));
            Map<Long, Honest> found = history
                    .honest(some.stream().map(Rated::id).toList())
                    .stream()
                    .collect(Collectors.toMap(one -> one.day().id(), one -> one));
            Map<Long, Hair> then =
                    history.hairAt(found.values().stream().map(Honest::day).toList());
            List<Optional<Sample>> read = Parallel.map(some, wash -> Optional.ofNullable(found.get(wash.id()))
                    .map(one -> sample(one, then.get(wash.id()), hair.get(wash.clientId()))));
            for (int i = 0; i < read.size(); i++) {
                samples.put(some.get(i), read.get(i));
            }
        }
    }

    /**
     * Null for a wash that was only scored before it could be judged.
     *
     * @param then the hair when it was begun
     * @param now as it was read last
     */
    private Sample sample(Honest honest, Hair then, Hair now) {
        Rating rating = honest.rating();
        if (rating == null) {
            return null;
        }
        WashDay day = honest.day();
        Washed washed = day.washed(clock.instant());
        Course course = washed.course();
        Wash wash = Wash.of(
                Relabelled.of(washed.routine(), labels),
                then,
                day.goal(),
                day.air(),
                day.schools(),
                null,
                Teaching.NONE,
                course);
        return Sample.of(
                String.valueOf(day.id()),
                name(day.clientId()),
                rating.rater(),
                wash,
                ScoresGiven.overall(rating),
                now != null && HairSince.reads(day.hair(), now),
                ScoresGiven.byZone(rating));
    }

    /** What the log teaches of one head that was read. */
    public HeadLearned head(Client client) {
        Set<String> bottles = shelf.within(client.id()).stream()
                .filter(product -> product.role().holds() || product.role().moisturises())
                .map(Product::name)
                .collect(Collectors.toSet());
        return HeadLearned.of(learned(), name(client.id()), client.hair(), wishes(client), rater(client.id()), bottles);
    }

    /** A head whose wishes nobody asked for yet wants a little of everything. */
    private static Goal wishes(Client client) {
        return client.goal() == null ? new Goal(1, 1, 0, 1, 1, null) : client.goal();
    }

    /** How a client is called among the heads. */
    public static String name(long client) {
        return String.format(java.util.Locale.ROOT, "%09d", client);
    }

    /** Who scored a head last, null where nobody said. */
    String rater(long client) {
        return history.ratedOf(client).stream()
                .map(Honest::rating)
                .filter(rating -> rating != null && rating.rater() != null)
                .map(Rating::rater)
                .reduce((earlier, later) -> later)
                .filter(Objects::nonNull)
                .orElse(null);
    }
}
