package eventide.server.exchange;

import eventide.chair.ChairEvent;
import eventide.log.FollowingDay;
import eventide.server.clients.Client;
import eventide.server.clients.ClientArchive;
import eventide.server.clients.ClientDraft;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.ReadingTaken;
import eventide.server.clients.Referral;
import eventide.server.exchange.SalonFile.ClientFile;
import eventide.server.exchange.SalonFile.PhotoFile;
import eventide.server.exchange.SalonFile.ReadingFile;
import eventide.server.exchange.SalonFile.ReferralFile;
import eventide.server.exchange.SalonFile.ShelfFile;
import eventide.server.exchange.SalonFile.WashFile;
import eventide.server.json.Shapes;
import eventide.server.shelf.Bottle;
import eventide.server.shelf.Shelf;
import eventide.server.shelf.ShelfItemDraft;
import eventide.server.shelf.ShelfRepository;
import eventide.server.washdays.WashDay;
import eventide.server.washdays.WashDayDraft;
import eventide.server.washdays.WashDayRepository;
import eventide.server.washdays.WashPhotoStore;
import eventide.shape.Fault;
import eventide.shape.InvalidException;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/** Clients out to a file and in again: shown first, written whole or not at all. */
@Service
class SalonExchange {
    private final ClientRepository clients;
    private final ClientArchive archive;
    private final WashDayRepository washDays;
    private final WashPhotoStore photos;
    private final ShelfRepository shelf;
    private final Shapes shapes;

    SalonExchange(
            ClientRepository clients,
            ClientArchive archive,
            WashDayRepository washDays,
            WashPhotoStore photos,
            ShelfRepository shelf,
            Shapes shapes) {
        this.clients = clients;
        this.archive = archive;
        this.washDays = washDays;
        this.photos = photos;
        this.shelf = shelf;
        this.shapes = shapes;
    }

    /** What to do with a client whose name stands here already. */
    enum SameName {
        KEEP,
        ADD
    }

    /** A file to take in. */
    record Brought(String text, @Maybe SameName sameName) {
        Brought {
            Shape.check(Brought.class, text, sameName);
        }
    }

    /** One client as it would be taken in. */
    record Comes(int number, @Maybe String name, int washDays, boolean here, List<Fault> faults) {}

    /** What taking a file in would do. */
    record Arrival(List<Comes> clients, int good, int faulty, int here) {}

    /** Every client, or one. */
    SalonFile file(Long client) {
        List<Client> wanted = client == null ? clients.list() : List.of(clients.get(client));
        return new SalonFile(
                SalonFile.FORMAT_VERSION, wanted.stream().map(this::file).toList());
    }

    private ClientFile file(Client client) {
        return new ClientFile(
                new ClientDraft(
                        client.name(),
                        client.hair(),
                        client.goal(),
                        client.schools(),
                        client.limits(),
                        client.notes(),
                        client.intake(),
                        null,
                        null),
                client.changedAt(),
                clients.readings(client.id()).stream()
                        .sorted(Comparator.comparing(ReadingTaken::takenAt).thenComparing(ReadingTaken::id))
                        .map(r -> new ReadingFile(r.takenAt(), r.hair(), r.occasion(), r.note(), r.intake()))
                        .toList(),
                client.referrals().stream()
                        .map(r -> new ReferralFile(r.seen(), r.openedAt(), r.clearedAt(), r.clearedNote()))
                        .toList(),
                washDays.ofClient(client.id()).stream()
                        .sorted(Comparator.comparing(WashDay::plannedAt).thenComparing(WashDay::id))
                        .map(this::file)
                        .toList(),
                shelves(client.id()));
    }

    /** Null where this client has none. */
    private List<ShelfFile> shelves(long client) {
        List<ShelfFile> own = shelf.shelves().stream()
                .filter(one -> one.clientId() != null && one.clientId() == client)
                .map(one -> new ShelfFile(
                        one.name(),
                        shelf.items().stream()
                                .filter(item -> item.shelfId().equals(one.id()))
                                .map(Bottle::of)
                                .toList()))
                .toList();
        return own.isEmpty() ? null : own;
    }

    private WashFile file(WashDay day) {
        List<PhotoFile> seen =
                photos.whole(day.id()).stream().map(PhotoFile::of).toList();
        return new WashFile(
                new WashDayDraft(
                        day.name(), day.hair(), day.goal(), day.air(), day.schools(), day.limits(), day.routine()),
                day.plannedAt(),
                day.finishedAt(),
                washDays.events(day.id()),
                day.rating(),
                washDays.before(day.id()),
                washDays.following(day.id()),
                seen.isEmpty() ? null : seen);
    }

    Arrival preview(Brought brought) {
        Set<String> here = new HashSet<>();
        clients.list().forEach(client -> here.add(key(client.name())));
        List<Comes> comes = new ArrayList<>();
        JsonNode all = clientsOf(brought.text());
        for (int i = 0; i < all.size(); i++) {
            List<Fault> faults = new ArrayList<>();
            ClientFile file = read(all.get(i), i, faults);
            String name = file == null ? null : file.client().name();
            comes.add(new Comes(
                    i + 1,
                    name,
                    file == null ? 0 : file.washDays().size(),
                    name != null && here.contains(key(name)),
                    faults));
        }
        int faulty = (int) comes.stream().filter(c -> !c.faults().isEmpty()).count();
        int known = (int) comes.stream().filter(Comes::here).count();
        return new Arrival(comes, comes.size() - faulty, faulty, known);
    }

    /** All of them, or with any fault none. */
    @Transactional
    Arrival take(Brought brought) {
        Arrival arrival = preview(brought);
        List<Fault> faults = new ArrayList<>();
        arrival.clients().forEach(comes -> faults.addAll(comes.faults()));
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        JsonNode all = clientsOf(brought.text());
        for (Comes comes : arrival.clients()) {
            if (!comes.here() || brought.sameName() == SameName.ADD) {
                int i = comes.number() - 1;
                write(read(all.get(i), i, faults));
            }
        }
        return arrival;
    }

    private void write(ClientFile file) {
        long id = archive.add(
                file.client(),
                file.changedAt(),
                file.readings().stream()
                        .map(r -> new ReadingTaken(
                                null, r.takenAt(), r.hair(), r.occasion(), r.note(), r.intake(), List.of()))
                        .toList(),
                file.referrals().stream()
                        .map(r -> new Referral(null, r.seen(), r.openedAt(), r.clearedAt(), r.clearedNote()))
                        .toList());
        for (ShelfFile own : file.shelves() == null ? List.<ShelfFile>of() : file.shelves()) {
            Long shelfId = shelf.addShelf(new Shelf(null, own.name(), id)).id();
            own.bottles().forEach(bottle -> shelf.add(new ShelfItemDraft(bottle.product(), shelfId, bottle.facts())));
        }
        for (WashFile wash : file.washDays()) {
            long day = washDays.add(id, wash.plan(), wash.plannedAt()).id();
            List<ChairEvent> events = wash.events();
            if (!events.isEmpty()) {
                washDays.add(day, events);
            }
            for (int i = wash.ratedBefore().size() - 1; i >= 0; i--) {
                washDays.ratedBefore(day, wash.ratedBefore().get(i));
            }
            if (wash.rating() != null) {
                washDays.rate(day, wash.rating(), wash.finishedAt() == null ? wash.plannedAt() : wash.finishedAt());
            }
            for (FollowingDay following : wash.following()) {
                washDays.follow(day, following);
            }
            for (PhotoFile photo : wash.photosOrNone()) {
                photos.putBack(day, photo.whole());
            }
        }
    }

    private ClientFile read(JsonNode node, int index, List<Fault> faults) {
        try {
            ClientFile file = shapes.read(node, ClientFile.class, id -> null);
            look(file);
            return file;
        } catch (InvalidException refused) {
            refused.faults()
                    .forEach(fault ->
                            faults.add(fault.under(Integer.toString(index)).under("clients")));
            return null;
        }
    }

    /** Whether each photograph is one. */
    private static void look(ClientFile file) {
        List<Fault> faults = new ArrayList<>();
        for (int day = 0; day < file.washDays().size(); day++) {
            List<PhotoFile> photos = file.washDays().get(day).photosOrNone();
            for (int i = 0; i < photos.size(); i++) {
                try {
                    photos.get(i).whole();
                } catch (InvalidException refused) {
                    for (Fault fault : refused.faults()) {
                        faults.add(fault.under(Integer.toString(i))
                                .under("photos")
                                .under(Integer.toString(day))
                                .under("washDays"));
                    }
                }
            }
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
    }

    private JsonNode clientsOf(String text) {
        JsonNode tree;
        try {
            tree = shapes.tree(text);
        } catch (JacksonException unreadable) {
            throw InvalidException.of("text", "this is no file of ours: it must be JSON, as it was saved here");
        }
        boolean known = tree != null
                && tree.isObject()
                && tree.path("formatVersion").asInt(0) == SalonFile.FORMAT_VERSION
                && tree.path("clients").isArray();
        if (!known) {
            throw InvalidException.of(
                    "text", "this is no file of ours: it must have formatVersion 1 and a list of clients");
        }
        return tree.get("clients");
    }

    private static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }
}
