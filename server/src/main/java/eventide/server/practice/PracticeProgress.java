package eventide.server.practice;

import eventide.learning.MeasuredEye;
import eventide.practice.EyeReport;
import eventide.practice.FaultTried;
import eventide.practice.FeltGuess;
import eventide.practice.SwatchReading;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What everybody has practised, for whoever takes it along or brings it back. */
@Service
public class PracticeProgress {
    private final PracticeReadings readings;
    private final PracticeGuesses guesses;
    private final PracticeFaults faults;

    PracticeProgress(PracticeReadings readings, PracticeGuesses guesses, PracticeFaults faults) {
        this.readings = readings;
        this.guesses = guesses;
        this.faults = faults;
    }

    /** A swatch scored, and when. */
    public record SwatchScored(SwatchReading reading, Instant at) {
        public SwatchScored {
            Shape.check(SwatchScored.class, reading, at);
        }
    }

    /** A section guessed, and when. */
    public record SectionGuessed(FeltGuess guess, Instant at) {
        public SectionGuessed {
            Shape.check(SectionGuessed.class, guess, at);
        }
    }

    /** A fault looked for, and when. */
    public record FaultLooked(FaultTried fault, Instant at) {
        public FaultLooked {
            Shape.check(FaultLooked.class, fault, at);
        }
    }

    /**
     * One person's, each list oldest first.
     *
     * @param faults absent in files of before they were kept
     */
    public record OfPerson(
            @Letters(least = 1, most = 60) String person,
            List<SwatchScored> swatches,
            List<SectionGuessed> sections,
            @Maybe List<FaultLooked> faults) {
        public OfPerson {
            Shape.check(OfPerson.class, person, swatches, sections, faults);
            faults = faults == null ? List.of() : faults;
            bounded("swatches", swatches);
            bounded("sections", sections);
            bounded("faults", faults);
            swatches = Frozen.list(swatches);
            sections = Frozen.list(sections);
            faults = Frozen.list(faults);
        }
    }

    /** A set a day for years: more is no practice of one person, and would hold up others while it is written. [OURS] */
    private static final int MOST = 20_000;

    private static void bounded(String name, List<?> all) {
        if (all.size() > MOST) {
            throw InvalidException.of(
                    name, name + " must be at most " + MOST + " of one person, but were " + all.size());
        }
    }

    /** What swatches say of every eye that scored some. */
    @Transactional(readOnly = true)
    public List<MeasuredEye> eyes() {
        return readings.latest().entrySet().stream()
                .flatMap(one -> EyeReport.of(one.getValue()).measured(one.getKey()).stream())
                .toList();
    }

    /** Another whenever a swatch was scored. */
    @Transactional(readOnly = true)
    public long version() {
        return readings.lastNumber();
    }

    /** Everybody who has practised, by name. */
    @Transactional(readOnly = true)
    public List<OfPerson> all() {
        Map<String, List<SwatchScored>> swatches = readings.all();
        Map<String, List<SectionGuessed>> sections = guesses.all();
        Map<String, List<FaultLooked>> looked = faults.all();
        return Stream.of(swatches, sections, looked)
                .flatMap(all -> all.keySet().stream())
                .distinct()
                .sorted()
                .map(name -> new OfPerson(name, of(swatches, name), of(sections, name), of(looked, name)))
                .toList();
    }

    private static <T> List<T> of(Map<String, List<T>> all, String person) {
        return all.getOrDefault(person, List.of());
    }

    /** What stands here already, the same at the same moment, is not kept twice. */
    @Transactional
    public void keep(List<OfPerson> brought) {
        Known<SwatchScored> swatches = new Known<>(readings.all());
        Known<SectionGuessed> sections = new Known<>(guesses.all());
        Known<FaultLooked> looked = new Known<>(faults.all());
        for (OfPerson one : brought) {
            String person = one.person();
            swatches.fresh(person, one.swatches())
                    .forEach(swatch -> readings.keep(person, swatch.reading(), swatch.at()));
            sections.fresh(person, one.sections())
                    .forEach(section -> guesses.keep(person, section.guess(), section.at()));
            looked.fresh(person, one.faults()).forEach(fault -> faults.keep(person, fault.fault(), fault.at()));
        }
    }

    /** What stands here of everybody, and what was brought since. */
    private static final class Known<T> {
        private final Map<String, Set<T>> byPerson = new HashMap<>();

        Known(Map<String, List<T>> here) {
            here.forEach((person, all) -> byPerson.put(person, new HashSet<>(all)));
        }

        List<T> fresh(String person, List<T> brought) {
            Set<T> known = byPerson.computeIfAbsent(person, any -> new HashSet<>());
            return brought.stream().filter(known::add).toList();
        }
    }
}
