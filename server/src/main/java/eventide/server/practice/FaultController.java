package eventide.server.practice;

import eventide.practice.FaultReport;
import eventide.practice.FaultTried;
import java.time.Clock;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How everybody does at finding faults, and which come back. */
@RestController
@RequestMapping("/api/practice/people/{person}/faults")
class FaultController {
    private final PracticeFaults faults;
    private final Clock clock;

    FaultController(PracticeFaults faults, Clock clock) {
        this.faults = faults;
        this.clock = clock;
    }

    @GetMapping
    FaultReport report(@PathVariable String person) {
        return FaultReport.of(faults.of(person));
    }

    /** Kept, then told. */
    @PostMapping
    FaultReport looked(@PathVariable String person, @RequestBody FaultTried fault) {
        faults.keep(Person.named(person), fault.known(), clock.instant());
        return report(person);
    }
}
