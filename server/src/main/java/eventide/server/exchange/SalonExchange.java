package eventide.server.exchange;

import eventide.chair.ChairEvent;
import eventide.chair.ChairRecord;
import eventide.diary.KeptDiary;
import eventide.log.FollowingDay;
import eventide.server.clients.Client;
import eventide.server.clients.ClientArchive;
import eventide.server.clients.ClientDraft;
import eventide.server.clients.ClientRepository;
import eventide.server.clients.ReadingTaken;
import eventide.server.clients.Referral;
import eventide.server.diary.DiaryRepository;
import eventide.server.exchange.SalonFile.ClientFile;
import eventide.server.exchange.SalonFile.PhotoFile;
import eventide.server.exchange.SalonFile.ReadingFile;
import eventide.server.exchange.SalonFile.ReferralFile;
import eventide.server.exchange.SalonFile.ShelfFile;
import eventide.server.exchange.SalonFile.TemplateFile;
import eventide.server.exchange.SalonFile.WashFile;
import eventide.server.json.Shapes;
import eventide.server.photos.Pictures;
import eventide.server.practice.PracticeProgress;
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
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
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
    private final TemplateExchange templates;
    private final PracticeProgress practice;
    private final TrialExchange trials;
    private final DiaryRepository diaries;
    private final Pictures pictures;
    private final Shapes shapes;
    private final TransactionTemplate writing;

    SalonExchange(
            ClientRepository clients,
            ClientArchive archive,
            WashDayRepository washDays,
            WashPhotoStore photos,
            ShelfRepository shelf,
            TemplateExchange templates,
            PracticeProgress practice,
            TrialExchange trials,
            DiaryRepository diaries,
            Pictures pictures,
            Shapes shapes,
            PlatformTransactionManager transactions) {
        this.clients = clients;
        this.archive = archive;
        this.washDays = washDays;
        this.photos = photos;
        this.shelf = shelf;
        this.templates = templates;
        this.practice = practice;
        this.trials = trials;
        this.diaries = diaries;
        this.pictures = pictures;
        this.shapes = shapes;
        this.writing = new TransactionTemplate(transactions);
    }

    private static final long MEGA = 1_000_000;
    /** As base64 a third more, which still comes in again. */
    private static final long MOST_PHOTO_BYTES = 28 * MEGA;

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

    /** A client as read, with the photographs as they can be kept; null where there are faults. */
    private record Read(ClientFile file, List<List<WashPhotoStore.Whole>> photos, List<Fault> faults) {}

    /** Every client, or one; with all of them go the routines kept for any head. One look at the database, so that it fits together. */
    @Transactional(readOnly = true)
    SalonFile file(Long client) {
        long bytes = photos.bytes(client);
        if (bytes > MOST_PHOTO_BYTES) {
            throw InvalidException.of(
                    "client",
                    "the photographs must be at most " + MOST_PHOTO_BYTES / MEGA + " MB together for one file, but are "
                            + bytes / MEGA + ": save clients one at a time, or take a backup, which has all of it");
        }
        List<Client> wanted = client == null ? clients.list() : List.of(clients.get(client));
        return new SalonFile(
                SalonFile.FORMAT_VERSION,
                wanted.stream().map(this::file).toList(),
                client == null ? templates.files() : null,
                client == null ? practised() : null);
    }

    /** Null where nobody has. */
    private List<PracticeProgress.OfPerson> practised() {
        List<PracticeProgress.OfPerson> all = practice.all();
        return all.isEmpty() ? null : all;
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
                shelves(client.id()),
                trials.filesOf(client.id()),
                diary(client.id()));
    }

    /** Null where nothing is kept of this client's days. */
    private KeptDiary diary(long client) {
        DiaryRepository.Kept kept = diaries.ofClient(client);
        return kept.version() == 0 ? null : kept.diary();
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
        JsonNode tree = treeOf(brought.text());
        templatesOf(tree);
        practiceOf(tree);
        return arrival(clientsOf(tree));
    }

    private Arrival arrival(List<Read> all) {
        Set<String> here = new HashSet<>();
        clients.list().forEach(client -> here.add(key(client.name())));
        List<Comes> comes = new ArrayList<>();
        for (Read read : all) {
            String name = read.file() == null ? null : read.file().client().name();
            comes.add(new Comes(
                    comes.size() + 1,
                    name,
                    read.file() == null ? 0 : read.file().washDays().size(),
                    name != null && here.contains(key(name)),
                    read.faults()));
        }
        int faulty = (int) comes.stream().filter(c -> !c.faults().isEmpty()).count();
        int known = (int) comes.stream().filter(Comes::here).count();
        return new Arrival(comes, comes.size() - faulty, faulty, known);
    }

    /** All of them, or with any fault none. Read and drawn before the first is written: writing holds up others. */
    Arrival take(Brought brought) {
        JsonNode tree = treeOf(brought.text());
        List<TemplateFile> routines = templatesOf(tree);
        List<PracticeProgress.OfPerson> practised = practiceOf(tree);
        List<Read> all = clientsOf(tree);
        List<Fault> faults = new ArrayList<>();
        all.forEach(read -> faults.addAll(read.faults()));
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        return writing.execute(status -> {
            Arrival arrival = arrival(all);
            for (Comes comes : arrival.clients()) {
                if (!comes.here() || brought.sameName() == SameName.ADD) {
                    write(all.get(comes.number() - 1));
                }
            }
            templates.keep(routines);
            practice.keep(practised);
            return arrival;
        });
    }

    private void write(Read read) {
        ClientFile file = read.file();
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
        for (int i = 0; i < file.washDays().size(); i++) {
            WashFile wash = file.washDays().get(i);
            long day = washDays.add(id, wash.plan(), wash.plannedAt()).id();
            List<ChairEvent> events = wash.events();
            if (!events.isEmpty()) {
                washDays.add(day, events);
            }
            for (int before = wash.ratedBefore().size() - 1; before >= 0; before--) {
                washDays.ratedBefore(day, wash.ratedBefore().get(before));
            }
            if (wash.rating() != null) {
                washDays.rate(day, wash.rating(), wash.finishedAt() == null ? wash.plannedAt() : wash.finishedAt());
            }
            washDays.standsAt(day, startedAt(wash), wash.finishedAt());
            for (FollowingDay following : wash.following()) {
                washDays.follow(day, following);
            }
            read.photos().get(i).forEach(photo -> photos.putBack(day, photo));
        }
        trials.keep(id, file.trials());
        if (file.diary() != null) {
            diaries.save(id, 0, file.diary());
        }
    }

    private static Instant startedAt(WashFile wash) {
        return ChairRecord.of(wash.plan().routine(), wash.events()).startedAt();
    }

    private Read read(JsonNode node, int index) {
        try {
            ClientFile file = shapes.read(node, ClientFile.class, id -> null);
            return new Read(file, photographs(file), List.of());
        } catch (InvalidException refused) {
            List<Fault> faults = refused.faults().stream()
                    .map(fault -> fault.under(Integer.toString(index)).under("clients"))
                    .toList();
            return new Read(null, List.of(), faults);
        }
    }

    /** Of each wash day, as they can be kept. */
    private List<List<WashPhotoStore.Whole>> photographs(ClientFile file) {
        List<Fault> faults = new ArrayList<>();
        List<List<WashPhotoStore.Whole>> all = new ArrayList<>();
        for (int day = 0; day < file.washDays().size(); day++) {
            List<PhotoFile> photos = file.washDays().get(day).photosOrNone();
            List<WashPhotoStore.Whole> whole = new ArrayList<>();
            for (int i = 0; i < photos.size(); i++) {
                try {
                    whole.add(photos.get(i).whole(pictures));
                } catch (InvalidException refused) {
                    for (Fault fault : refused.faults()) {
                        faults.add(fault.under(Integer.toString(i))
                                .under("photos")
                                .under(Integer.toString(day))
                                .under("washDays"));
                    }
                }
            }
            all.add(whole);
        }
        if (!faults.isEmpty()) {
            throw new InvalidException(faults);
        }
        return all;
    }

    private JsonNode treeOf(String text) {
        JsonNode tree;
        try {
            tree = shapes.tree(text);
        } catch (JacksonException unreadable) {
            throw InvalidException.of("text", "this is no file of ours: it must be JSON, as it was saved here");
        }
        boolean known = tree != null
                && tree.isObject()
                && tree.path("formatVersion").asDouble(0) == SalonFile.FORMAT_VERSION
                && tree.path("clients").isArray();
        if (!known) {
            throw InvalidException.of(
                    "text", "This is no file of clients that was saved from here, or one of another version.");
        }
        return tree;
    }

    private List<Read> clientsOf(JsonNode tree) {
        List<Read> all = new ArrayList<>();
        JsonNode clients = tree.get("clients");
        for (int i = 0; i < clients.size(); i++) {
            all.add(read(clients.get(i), i));
        }
        return all;
    }

    private List<TemplateFile> templatesOf(JsonNode tree) {
        return FileLists.read(shapes, tree, "templates", TemplateFile.class);
    }

    private List<PracticeProgress.OfPerson> practiceOf(JsonNode tree) {
        return FileLists.read(shapes, tree, "practice", PracticeProgress.OfPerson.class);
    }

    private static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }
}
