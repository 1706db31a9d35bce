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
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
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
        return readings.people().stream()
                .flatMap(person -> EyeReport.of(readings.of(person)).measured(person).stream())
                .toList();
    }

    /** Another whenever a swatch was scored. */
    @Transactional(readOnly = true)
    public long version() {
        return readings.latest();
    }

    /** Everybody who has practised, by name. */
    @Transactional(readOnly = true)
    public List<OfPerson> all() {
        Set<String> names = new TreeSet<>(readings.people());
        names.addAll(guesses.people());
        names.addAll(faults.people());
        return names.stream()
                .map(name -> new OfPerson(name, readings.scored(name), guesses.guessed(name), faults.looked(name)))
                .toList();
    }

    /** What stands here already, the same at the same moment, is not kept twice. */
    @Transactional
    public void keep(List<OfPerson> brought) {
        for (OfPerson one : brought) {
            Set<SwatchScored> scored = new HashSet<>(readings.scored(one.person()));
            one.swatches().stream()
                    .filter(scored::add)
                    .forEach(swatch -> readings.keep(one.person(), swatch.reading(), swatch.at()));
            Set<SectionGuessed> guessed = new HashSet<>(guesses.guessed(one.person()));
            one.sections().stream()
                    .filter(guessed::add)
                    .forEach(section -> guesses.keep(one.person(), section.guess(), section.at()));
            Set<FaultLooked> looked = new HashSet<>(faults.looked(one.person()));
            one.faults().stream()
                    .filter(looked::add)
                    .forEach(fault -> faults.keep(one.person(), fault.fault(), fault.at()));
        }
    }
}
