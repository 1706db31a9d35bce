package eventide.server.planning;

import eventide.planner.Judgement;
import eventide.planner.Planner;
import eventide.planner.Query;
import eventide.planner.Suggestions;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Stateless computation: the same question gives the same answer. */
@RestController
@RequestMapping("/api/routines")
class PlanningController {
    @PostMapping("/check")
    Judgement check(@RequestBody Judgement.Question question) {
        return Judgement.of(question);
    }

    @PostMapping("/suggest")
    Suggestions suggest(@RequestBody Query query) {
        return Planner.suggest(query);
    }
}
