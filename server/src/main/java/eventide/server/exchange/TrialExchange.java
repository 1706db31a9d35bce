package eventide.server.exchange;

import eventide.learning.TrialPlan;
import eventide.server.exchange.SalonFile.SpoiltFile;
import eventide.server.exchange.SalonFile.TrialFile;
import eventide.server.learning.TrialRepository;
import eventide.server.washdays.WashDay;
import eventide.server.washdays.WashDayRepository;
import eventide.shape.Changed;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Trials out to a client's file and in again. */
@Component
class TrialExchange {
    private final TrialRepository trials;
    private final WashDayRepository washDays;

    TrialExchange(TrialRepository trials, WashDayRepository washDays) {
        this.trials = trials;
        this.washDays = washDays;
    }

    /** Null where this client has none. */
    List<TrialFile> filesOf(long client) {
        List<TrialRepository.Kept> kept = trials.ofClient(client);
        if (kept.isEmpty()) {
            return null;
        }
        Map<Long, Instant> planned =
                washDays.ofClient(client).stream().collect(Collectors.toMap(WashDay::id, WashDay::plannedAt));
        return kept.stream()
                .map(one -> new TrialFile(
                        Changed.with(one.plan(), "leftOut", null),
                        one.plan().leftOutOrNone().stream()
                                .filter(out -> planned.containsKey(out.washDay()))
                                .map(out -> new SpoiltFile(planned.get(out.washDay()), out.because()))
                                .toList()))
                .toList();
    }

    /**
     * @param files null for none
     */
    void keep(long client, List<TrialFile> files) {
        if (files == null) {
            return;
        }
        Map<Instant, Long> ids = washDays.ofClient(client).stream()
                .collect(Collectors.toMap(WashDay::plannedAt, WashDay::id, (one, other) -> one));
        for (int i = files.size() - 1; i >= 0; i--) {
            List<TrialPlan.LeftOut> out = files.get(i).spoilt().stream()
                    .filter(spoilt -> ids.containsKey(spoilt.plannedAt()))
                    .map(spoilt -> new TrialPlan.LeftOut(ids.get(spoilt.plannedAt()), spoilt.because()))
                    .toList();
            trials.add(client, Changed.with(files.get(i).plan(), "leftOut", out.isEmpty() ? null : out));
        }
    }
}
