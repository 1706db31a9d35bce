package eventide.chair;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;

/**
 * The events of a run in the order they were made, however they arrive. Of one device that is the order it counts in: where
 * its clock was set back meanwhile, its later times are moved on by as much, so that a tap neither vanishes nor comes before
 * the one it followed.
 *
 * @param events each once, with times that never run back on one device
 * @param mended those whose time was moved, in that order
 */
record Clocks(List<ChairEvent> events, List<ChairRecord.Mended> mended) {
    private static final Comparator<ChairEvent> AS_COUNTED = Comparator.comparing(
                    ChairEvent::seq, Comparator.nullsFirst(Comparator.naturalOrder()))
            .thenComparing(ChairEvent.IN_TIME);

    /** @param arrived in any order, any number of times: an event is known by its id */
    static Clocks of(Collection<ChairEvent> arrived) {
        Map<String, ChairEvent> once = new LinkedHashMap<>();
        arrived.stream().sorted(ChairEvent.IN_TIME).forEach(event -> once.putIfAbsent(event.id(), event));
        Map<String, List<ChairEvent>> byDevice = new HashMap<>();
        boolean oneDevice = countsAsOne(once.values());
        for (ChairEvent event : once.values()) {
            String device = event.device() != null ? event.device() : oneDevice ? "" : "?" + event.id();
            byDevice.computeIfAbsent(device, any -> new ArrayList<>()).add(event);
        }
        Map<String, Instant> said = new HashMap<>();
        List<ChairEvent> all = new ArrayList<>();
        for (List<ChairEvent> own : byDevice.values()) {
            all.addAll(mended(own, said));
        }
        all.sort(ChairEvent.IN_TIME);
        List<ChairRecord.Mended> mended = all.stream()
                .filter(event -> said.containsKey(event.id()))
                .map(event -> new ChairRecord.Mended(event.id(), said.get(event.id()), event.at()))
                .toList();
        return new Clocks(List.copyOf(all), mended);
    }

    /** Where none says its device, they are one device's as long as no number is counted twice. */
    private static boolean countsAsOne(Collection<ChairEvent> events) {
        Set<Integer> counted = new HashSet<>();
        return events.stream()
                .filter(event -> event.device() == null)
                .map(ChairEvent::seq)
                .allMatch(seq -> seq != null && counted.add(seq));
    }

    /**
     * One device's events in the order it counted them. Where its clock was set back in between, all behind is moved on, so
     * that no step ends before it began.
     *
     * @param said when each says it was, kept for whoever asks
     */
    private static List<ChairEvent> mended(List<ChairEvent> own, Map<String, Instant> said) {
        List<ChairEvent> counted = own.stream().sorted(AS_COUNTED).toList();
        if (counted.stream().map(ChairEvent::seq).anyMatch(Objects::isNull)) {
            return own;
        }
        List<ChairEvent> mended = new ArrayList<>();
        Duration behind = Duration.ZERO;
        Instant before = Instant.MIN;
        for (ChairEvent event : counted) {
            Instant at = event.at().plus(behind);
            if (at.isBefore(before)) {
                behind = Duration.between(event.at(), before);
                at = before;
            }
            if (!at.equals(event.at())) {
                said.put(event.id(), event.at());
            }
            mended.add(event.takenAt(at));
            before = at;
        }
        return mended;
    }
}
