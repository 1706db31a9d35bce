package eventide.server.practice;

import eventide.practice.FeelReport;
import eventide.practice.FeltGuess;
import eventide.practice.FeltLock;
import eventide.practice.FeltSet;
import eventide.practice.FeltTruth;
import java.time.Clock;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Sections whose water is to be felt, a stand-in scale that knows it, and how far each hand is to be trusted. */
@RestController
@RequestMapping("/api/practice")
class FeelController {
    private final PracticeGuesses guesses;
    private final Clock clock;

    FeelController(PracticeGuesses guesses, Clock clock) {
        this.guesses = guesses;
        this.clock = clock;
    }

    /** Sections to feel, in the order they are to be felt. */
    record SectionsToFeel(List<FeltLock> sections) {}

    /** Stateless: the same seed gives the same sections. */
    @PostMapping("/sections")
    SectionsToFeel sections(@RequestBody FeltSet asked) {
        return new SectionsToFeel(asked.locks());
    }

    @GetMapping("/people/{person}/feel")
    FeelReport feel(@PathVariable String person) {
        return FeelReport.of(guesses.of(person));
    }

    /** Kept, then told. */
    @PostMapping("/people/{person}/guesses")
    FeltTruth guess(@PathVariable String person, @RequestBody FeltGuess guess) {
        guesses.keep(Person.named(person), guess, clock.instant());
        return FeltTruth.of(guess, FeelReport.of(guesses.of(person)));
    }
}
