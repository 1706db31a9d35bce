package eventide.server.planning;

import eventide.planner.Judgement;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Suggestions;
import eventide.planner.compare.AirCompared;
import eventide.planner.compare.Compared;
import eventide.planner.compare.SchoolsCompared;
import eventide.planner.explain.StepReason;
import eventide.planner.explain.TakeAlong;
import eventide.product.Product;
import eventide.routine.ActionCard;
import eventide.routine.HalfTrial;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import eventide.server.load.LongWork;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Stateless computation: the same question gives the same answer. */
@RestController
@RequestMapping("/api/routines")
class PlanningController {
    private static final double NANOS_IN_A_MILLI = 1e6;

    private final LongWork longWork;

    PlanningController(LongWork longWork) {
        this.longWork = longWork;
    }

    @PostMapping("/check")
    Judgement check(@RequestBody Judgement.Question question) {
        return longWork.run(question.routine().turns(), () -> Judgement.of(question));
    }

    @PostMapping("/suggest")
    Suggestions suggest(@RequestBody Query query) {
        long began = System.nanoTime();
        Suggestions found = longWork.run(stop -> Planner.suggest(query, stop));
        return found.took((System.nanoTime() - began) / NANOS_IN_A_MILLI);
    }

    /** Where other schools would plan otherwise today, and what that would change. */
    @PostMapping("/schools")
    SchoolsCompared schools(@RequestBody Query query) {
        return longWork.run(stop -> SchoolsCompared.of(query, stop));
    }

    /** What today's air makes the plan do. */
    @PostMapping("/air")
    AirCompared air(@RequestBody Query query) {
        return longWork.run(stop -> AirCompared.of(query, stop));
    }

    /** What a step can be, for building one by hand. */
    @GetMapping("/actions")
    List<ActionCard> actions() {
        return ActionCard.ALL;
    }

    /** Two routines on one head, laid over each other. */
    @PostMapping("/compare")
    Compared compare(@RequestBody Compared.Pairing pairing) {
        return longWork.run(pairing.turns(), () -> Compared.of(pairing));
    }

    /** Why one step is there, and what leaving it out would change. */
    @PostMapping("/why")
    StepReason why(@RequestBody StepReason.OneStep question) {
        return longWork.run(question.routine().turns(), () -> StepReason.of(question));
    }

    /** As plain text, for a message. */
    @PostMapping("/text")
    TakeAlong text(@RequestBody Judgement.Question question) {
        return longWork.run(question.routine().turns(), () -> TakeAlong.of(question));
    }

    /** One head split for a trial with one difference between its halves. */
    @PostMapping("/halves")
    HalfTrial halves(@RequestBody Split split) {
        int inner = split.inner() == null ? -1 : split.inner();
        return HalfTrial.of(split.routine(), new StepPlace(split.step(), inner), split.product());
    }

    /** The same trial with its sides swapped, for the next wash. */
    @PostMapping("/halves/swap")
    Routine swap(@RequestBody Halved halved) {
        return HalfTrial.swapped(halved.routine());
    }

    record Halved(Routine routine) {
        Halved {
            Shape.check(Halved.class, routine);
        }
    }

    record Split(
            Routine routine,
            @Range(from = 0, to = 200) Integer step,
            @Maybe @Range(from = 0, to = 200) Integer inner,
            Product product) {
        Split {
            Shape.check(Split.class, routine, step, inner, product);
        }
    }
}
