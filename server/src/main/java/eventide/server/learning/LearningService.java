package eventide.server.learning;

import eventide.drying.Course;
import eventide.hair.Hair;
import eventide.learning.HairSince;
import eventide.learning.Learned;
import eventide.learning.Sample;
import eventide.learning.ScoresGiven;
import eventide.log.Rating;
import eventide.log.Washed;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.washdays.RatedWashes;
import eventide.server.washdays.RatedWashes.Honest;
import eventide.server.washdays.RatedWashes.Rated;
import eventide.server.washdays.WashDay;
import eventide.wash.Teaching;
import eventide.wash.Wash;
import java.time.Clock;
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

    private final RatedWashes rated;
    private final ClientRepository clients;
    private final Clock clock;
    private final Map<Rated, Optional<Sample>> samples = new HashMap<>();
    private List<Rated> known = List.of();
    private Learned learned = Learned.of(List.of());

    LearningService(RatedWashes rated, ClientRepository clients, Clock clock) {
        this.rated = rated;
        this.clients = clients;
        this.clock = clock;
    }

    /** As the log stands. One at a time works it out; the others wait for that one. */
    public synchronized Learned learned() {
        List<Rated> now = rated.latest();
        if (!now.equals(known)) {
            samples.keySet().retainAll(Set.copyOf(now));
            read(now.stream().filter(wash -> !samples.containsKey(wash)).toList());
            learned = Learned.of(
                    now.stream().map(samples::get).flatMap(Optional::stream).toList());
            known = now;
        }
        return learned;
    }

    private void read(List<Rated> missing) {
        for (int from = 0; from < missing.size(); from += AT_ONCE) {
            List<Rated> some = missing.subList(from, Math.min(missing.size(), from + AT_ONCE));
            Map<Long, Hair> hair = new HashMap<>();
            some.forEach(wash -> hair.computeIfAbsent(
                    wash.clientId(), id -> clients.find(id).map(Client::hair).orElse(null)));
            Map<Long, Honest> found = rated.honest(some.stream().map(Rated::id).toList()).stream()
                    .collect(Collectors.toMap(one -> one.day().id(), one -> one));
            samples.putAll(some.parallelStream()
                    .collect(Collectors.toMap(wash -> wash, wash -> Optional.ofNullable(found.get(wash.id()))
                            .map(one -> sample(one, hair.get(wash.clientId()))))));
        }
    }

    /** Null for a wash that was only scored before it could be judged. */
    private Sample sample(Honest honest, Hair now) {
        Rating rating = honest.rating();
        if (rating == null) {
            return null;
        }
        WashDay day = honest.day();
        Washed washed = day.washed(clock.instant());
        Course course = washed.course();
        Wash wash = Wash.of(
                washed.routine(), day.hair(), day.goal(), day.air(), day.schools(), null, Teaching.NONE, course);
        return Sample.of(
                String.valueOf(day.id()),
                head(day.clientId()),
                rating.rater(),
                wash,
                ScoresGiven.overall(rating),
                now != null && HairSince.reads(day.hair(), now),
                ScoresGiven.byZone(rating));
    }

    /** How a client is called among the heads. */
    public static String head(long client) {
        return String.format(java.util.Locale.ROOT, "%09d", client);
    }

    /** Who scored a head last, null where nobody said. */
    String rater(long client) {
        return rated.ofClient(client).stream()
                .map(Honest::rating)
                .filter(rating -> rating != null && rating.rater() != null)
                .map(Rating::rater)
                .reduce((earlier, later) -> later)
                .filter(Objects::nonNull)
                .orElse(null);
    }
}
