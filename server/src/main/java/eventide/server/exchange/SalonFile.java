package eventide.server.exchange;

import eventide.chair.ChairEvent;
import eventide.diary.KeptDiary;
import eventide.hair.Hair;
import eventide.hair.Occasion;
import eventide.hair.PhotoView;
import eventide.learning.TrialPlan;
import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.picture.Ruler;
import eventide.routine.Routine;
import eventide.server.clients.ClientDraft;
import eventide.server.clients.Intake;
import eventide.server.photos.Pictures;
import eventide.server.planning.Template;
import eventide.server.practice.PracticeProgress;
import eventide.server.shelf.Bottle;
import eventide.server.washdays.ScoreRepository;
import eventide.server.washdays.WashDayDraft;
import eventide.server.washdays.WashPhotoStore;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.time.Instant;
import java.util.Base64;
import java.util.List;

/** Clients with all that is kept of them, the routines kept for any head, and what everybody has practised. What goes out comes in again unchanged. */
record SalonFile(
        @Range(from = 1, to = 1) Integer formatVersion,
        List<ClientFile> clients,
        @Maybe List<TemplateFile> templates,
        @Maybe List<PracticeProgress.OfPerson> practice) {
    static final int FORMAT_VERSION = 1;

    SalonFile {
        Shape.check(SalonFile.class, formatVersion, clients, templates, practice);
        clients = Frozen.list(clients);
        templates = Frozen.list(templates);
        practice = Frozen.list(practice);
    }

    /** A routine kept for any head. */
    record TemplateFile(
            @Letters(least = 1, most = Template.LONGEST_NAME) String name, Routine routine, Instant keptAt) {
        TemplateFile {
            Shape.check(TemplateFile.class, name, routine, keptAt);
        }
    }

    /** One client. */
    record ClientFile(
            ClientDraft client,
            Instant changedAt,
            List<ReadingFile> readings,
            List<ReferralFile> referrals,
            List<WashFile> washDays,
            @Maybe List<ShelfFile> shelves,
            @Maybe List<TrialFile> trials,
            @Maybe KeptDiary diary) {
        ClientFile {
            Shape.check(ClientFile.class, client, changedAt, readings, referrals, washDays, shelves, trials, diary);
            trials = Frozen.list(trials);
            shelves = shelves == null ? null : Frozen.list(shelves);
            readings = Frozen.list(readings);
            referrals = Frozen.list(referrals);
            washDays = Frozen.list(washDays);
        }
    }

    /**
     * A trial; the washes it leaves out told by the moment they were planned, for another salon counts them otherwise.
     *
     * @param plan with no wash left out
     */
    record TrialFile(TrialPlan plan, List<SpoiltFile> spoilt) {
        TrialFile {
            Shape.check(TrialFile.class, plan, spoilt);
            spoilt = Frozen.list(spoilt);
        }
    }

    record SpoiltFile(Instant plannedAt, @Letters(least = 1, most = 300) String because) {
        SpoiltFile {
            Shape.check(SpoiltFile.class, plannedAt, because);
        }
    }

    /** A shelf of the client's own. */
    record ShelfFile(@Letters(least = 1, most = 120) String name, List<Bottle> bottles) {
        ShelfFile {
            Shape.check(ShelfFile.class, name, bottles);
            bottles = Frozen.list(bottles);
        }
    }

    /** A head as it was read on a day. */
    record ReadingFile(
            Instant takenAt,
            Hair hair,
            @Maybe Occasion occasion,
            @Maybe @Letters(most = 2000) String note,
            @Maybe Intake intake) {
        ReadingFile {
            Shape.check(ReadingFile.class, takenAt, hair, occasion, note, intake);
        }
    }

    /** A stop for the scalp's sake. */
    record ReferralFile(
            @Letters(least = 1, most = 200) String seen,
            Instant openedAt,
            @Maybe Instant clearedAt,
            @Maybe @Letters(most = 2000) String clearedNote) {
        ReferralFile {
            Shape.check(ReferralFile.class, seen, openedAt, clearedAt, clearedNote);
        }
    }

    /** A wash day: the plan, what happened, what came of it. */
    record WashFile(
            WashDayDraft plan,
            Instant plannedAt,
            @Maybe Instant finishedAt,
            List<ChairEvent> events,
            @Maybe Rating rating,
            List<ScoreRepository.Corrected> ratedBefore,
            List<FollowingDay> following,
            @Maybe List<PhotoFile> photos) {
        WashFile {
            Shape.check(WashFile.class, plan, plannedAt, finishedAt, events, rating, ratedBefore, following, photos);
            events = Frozen.list(events);
            ratedBefore = Frozen.list(ratedBefore);
            following = Frozen.list(following);
            photos = photos == null ? null : Frozen.list(photos);
        }

        List<PhotoFile> photosOrNone() {
            return photos == null ? List.of() : photos;
        }
    }

    /** A photograph of a wash: a JPEG as base64 (RFC 4648, with padding). */
    record PhotoFile(PhotoView view, Instant takenAt, String jpegBase64, @Maybe Ruler ruler) {
        PhotoFile {
            Shape.check(PhotoFile.class, view, takenAt, jpegBase64, ruler);
        }

        static PhotoFile of(WashPhotoStore.Whole photo) {
            return new PhotoFile(
                    photo.view(), photo.takenAt(), Base64.getEncoder().encodeToString(photo.jpeg()), photo.ruler());
        }

        /**
         * As it can be kept.
         *
         * @throws InvalidException where this is no base64 or no picture
         */
        WashPhotoStore.Whole whole(Pictures pictures) {
            byte[] bytes;
            try {
                bytes = Base64.getDecoder().decode(jpegBase64);
            } catch (IllegalArgumentException mangled) {
                throw InvalidException.of("jpegBase64", "jpegBase64 must be a picture written as base64");
            }
            byte[] large = pictures.kept(bytes);
            return new WashPhotoStore.Whole(view, takenAt, large, pictures.small(large), ruler);
        }
    }
}
