package eventide.server.washdays;

import eventide.hair.PhotoView;
import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.log.Rating.ZoneRating;
import eventide.picture.MarkerSheet;
import eventide.picture.Measurement;
import eventide.picture.Ruler;
import eventide.picture.View;
import eventide.practice.EyeScore;
import eventide.practice.WitnessReport;
import eventide.practice.Witnessed;
import eventide.server.api.NotFoundException;
import eventide.server.photos.Pictures;
import eventide.server.washdays.WitnessStore.Photographed;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Photographs as a second witness, beside the eye, over the washes that have both. */
@Component
class WitnessService {
    /** Measured for one answer: whoever asks is not kept waiting, and asks again for the rest [OURS]. */
    private static final int READ_AT_ONCE = 1;

    private final WitnessStore store;
    private final WashPhotoStore photos;
    private final HistoryQuery history;
    private final Pictures pictures;

    WitnessService(WitnessStore store, WashPhotoStore photos, HistoryQuery history, Pictures pictures) {
        this.store = store;
        this.photos = photos;
        this.history = history;
        this.pictures = pictures;
    }

    /**
     * One picture beside the eye.
     *
     * @param at when the wash was planned
     * @param zone that the picture shows most of, and whose scores stand beside it
     * @param scores those that both gave
     */
    record SeenByBoth(
            long washDay, long clientId, Instant at, PhotoView view, Zone zone, String key, List<Witnessed> scores) {}

    /**
     * All of them.
     *
     * @param seen the latest first
     * @param unread pictures that are still to be measured: asking again measures some more
     * @param unfit pictures that cannot be measured
     */
    record Witness(WitnessReport report, List<SeenByBoth> seen, int unread, int unfit) {}

    /**
     * @param client whose; null for the whole salon
     */
    Witness witness(Long client) {
        List<Photographed> all = new ArrayList<>();
        int left = READ_AT_ONCE;
        for (Photographed one : store.ofScored(client)) {
            all.add(one.said() == null && left-- > 0 ? read(one) : one);
        }
        List<Photographed> fit = all.stream().filter(Photographed::isFit).toList();
        Map<Long, HistoryQuery.Honest> honest =
                history
                        .honest(fit.stream()
                                .map(Photographed::washDay)
                                .distinct()
                                .toList())
                        .stream()
                        .collect(Collectors.toMap(one -> one.day().id(), Function.identity()));
        List<SeenByBoth> seen = fit.stream()
                .map(one -> seen(one, honest.get(one.washDay())))
                .filter(Objects::nonNull)
                .toList();
        int unread = (int) all.stream().filter(one -> one.said() == null).count();
        return new Witness(
                WitnessReport.of(
                        seen.stream().flatMap(one -> one.scores().stream()).toList()),
                seen,
                unread,
                all.size() - unread - fit.size());
    }

    /** What one photograph says, beside the light of the one before it. */
    Measurement measured(String key) {
        WashPhotoStore.Shown shown = photos.shown(key).orElseThrow(() -> new NotFoundException("such photograph"));
        return measured(key, shown).after(store.lastLight(key).orElse(null));
    }

    /** Scale set by two taps, then measured anew; a sheet in view knows better. */
    Measurement ruled(String key, Ruler ruler) {
        photos.rule(key, ruler);
        return measured(key);
    }

    private Measurement measured(String key, WashPhotoStore.Shown shown) {
        Measurement measured =
                pictures.measured(shown.jpeg(), MarkerSheet.SQUARE, View.of(shown.view()), shown.ruler());
        store.keep(key, WitnessStore.Said.of(measured));
        return measured;
    }

    private Photographed read(Photographed one) {
        WashPhotoStore.Shown shown = photos.shown(one.key()).orElse(null);
        if (shown == null) {
            return one;
        }
        WitnessStore.Said said = WitnessStore.Said.of(measured(one.key(), shown));
        return new Photographed(one.washDay(), one.view(), one.key(), said);
    }

    /** Null where no eye looked at that zone in time, or the two say nothing of the same. */
    private static SeenByBoth seen(Photographed one, HistoryQuery.Honest wash) {
        Rating rating = wash == null ? null : wash.rating();
        ZoneRating eye = rating == null ? null : rating.byZone().get(one.view().zone());
        if (eye == null) {
            return null;
        }
        WitnessStore.Said says = one.said();
        List<Witnessed> scores = new ArrayList<>();
        add(scores, one.key(), EyeScore.DEFINITION, says.definition(), eye.definition());
        add(scores, one.key(), EyeScore.CLUMPING, says.clumping(), eye.clumping());
        add(scores, one.key(), EyeScore.FRIZZ, says.frizz(), eye.frizz());
        return scores.isEmpty()
                ? null
                : new SeenByBoth(
                        one.washDay(),
                        wash.day().clientId(),
                        wash.day().plannedAt(),
                        one.view(),
                        one.view().zone(),
                        one.key(),
                        scores);
    }

    private static void add(
            List<Witnessed> scores, String key, EyeScore score, WitnessStore.Points picture, Double eye) {
        if (picture != null && eye != null) {
            scores.add(new Witnessed(key, score, picture.value(), picture.low(), picture.high(), eye));
        }
    }
}
