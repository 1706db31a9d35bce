package eventide.server.practice;

import eventide.practice.Agreement;
import eventide.practice.AgreementQuestion;
import eventide.practice.BuildQuestion;
import eventide.practice.BuildTold;
import eventide.practice.Situation;
import eventide.practice.SituationQuestion;
import eventide.practice.SpoilQuestion;
import eventide.practice.Spoilt;
import eventide.server.load.LongWork;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A gymnasium for the eye, with nothing kept. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private final LongWork longWork;

    PracticeController(LongWork longWork) {
        this.longWork = longWork;
    }

    /** How well eyes agree, with each other and with the truth where it is known. */
    @PostMapping("/agreement")
    Agreement agreement(@RequestBody AgreementQuestion asked) {
        return longWork.run(stop -> Agreement.of(asked));
    }

    /** A head on some day, with a few bottles, for somebody to decide what to do. */
    @PostMapping("/situation")
    Situation situation(@RequestBody SituationQuestion asked) {
        return Situation.of(asked);
    }

    /** What somebody would do, beside what the planner would. */
    @PostMapping("/build")
    BuildTold build(@RequestBody BuildQuestion asked) {
        return longWork.run(stop -> BuildTold.of(asked, stop));
    }

    /** A routine with one fault in it, for somebody to find. */
    @PostMapping("/spoil")
    Spoilt spoil(@RequestBody SpoilQuestion asked) {
        return longWork.run(asked.routine().turns(), () -> Spoilt.of(asked));
    }
}
