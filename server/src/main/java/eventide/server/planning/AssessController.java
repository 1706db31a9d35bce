package eventide.server.planning;

import eventide.hair.Assessment;
import eventide.hair.Assessor;
import eventide.hair.GuidedTest;
import eventide.hair.Hair;
import eventide.hair.HairFacts;
import eventide.hair.HairTests;
import eventide.hair.Typical;
import eventide.planner.compare.Assumptions;
import eventide.routine.SchoolQuestion;
import eventide.server.load.LongWork;
import java.util.Arrays;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Stateless: the tests of a consult to readings, and what a plan rests on. */
@RestController
class AssessController {
    private final LongWork longWork;

    AssessController(LongWork longWork) {
        this.longWork = longWork;
    }

    /** The tests there are, as cards to work from. */
    @GetMapping("/api/hair/tests")
    List<GuidedTest.Card> tests() {
        return Arrays.stream(GuidedTest.values()).map(GuidedTest::card).toList();
    }

    /** What is taken for readings nobody has taken. */
    @GetMapping("/api/hair/typical")
    Assessment.Found typical() {
        return Typical.all();
    }

    /** Mass, shrinkage and hanging length of a head as read. */
    @PostMapping("/api/hair/facts")
    HairFacts facts(@RequestBody Hair hair) {
        return HairFacts.of(hair);
    }

    /** Which assumed reading the plan hangs on most. */
    @PostMapping("/api/hair/assumptions")
    Assumptions assumptions(@RequestBody Assumptions.Resting question) {
        return longWork.run(stop -> Assumptions.of(question, stop));
    }

    /** Where good stylists disagree, with what is usual and why. */
    @GetMapping("/api/schools")
    List<SchoolQuestion> schools() {
        return SchoolQuestion.ALL;
    }

    @PostMapping("/api/hair/assess")
    Assessment assess(@RequestBody HairTests tests) {
        return Assessor.assess(tests);
    }
}
