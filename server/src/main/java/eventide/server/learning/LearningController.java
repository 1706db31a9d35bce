package eventide.server.learning;

import eventide.learning.BottleLearned;
import eventide.learning.HeadLearned;
import eventide.learning.Learned;
import eventide.learning.NextTrial;
import eventide.learning.Prediction;
import eventide.learning.PredictionQuestion;
import eventide.learning.Trial;
import eventide.learning.TrialQuestion;
import eventide.planner.Query;
import eventide.server.clients.Client;
import eventide.server.clients.ClientRepository;
import eventide.server.load.LongWork;
import eventide.shape.InvalidException;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the log teaches: of one head, of the bottles, and of any washes given. */
@RestController
@RequestMapping("/api")
class LearningController {
    private final LearningService learning;
    private final ClientRepository clients;
    private final LongWork longWork;

    LearningController(LearningService learning, ClientRepository clients, LongWork longWork) {
        this.learning = learning;
        this.clients = clients;
        this.longWork = longWork;
    }

    /** A trial read from its pairs; nothing is kept. */
    @PostMapping("/learning/trial")
    Trial trial(@RequestBody TrialQuestion question) {
        return longWork.run(stop -> Trial.of(question));
    }

    /** A wash to come, from washes given; nothing is kept. */
    @PostMapping("/learning/predict")
    Prediction predict(@RequestBody PredictionQuestion question) {
        return longWork.run(stop -> Prediction.of(question));
    }

    /** What the log teaches of one head. */
    @GetMapping("/clients/{id}/learning")
    HeadLearned head(@PathVariable long id) {
        Client client = clients.get(id);
        if (client.hair() == null) {
            throw InvalidException.of("hair", "This head was not read yet: begin with the consult.");
        }
        return longWork.run(stop -> learning.head(client));
    }

    /** Trials worth doing on one head, for a plan asked for as it would be. */
    @PostMapping("/clients/{id}/learning/next")
    List<NextTrial> next(@PathVariable long id, @RequestBody Query query) {
        clients.get(id);
        return longWork.run(
                stop -> NextTrial.of(query, learning.learned(), LearningService.name(id), learning.rater(id), stop));
    }

    /** What every bottle did against what its label said. */
    @GetMapping("/learning/bottles")
    List<BottleLearned> bottles() {
        return longWork.run(stop -> {
            Learned learned = learning.learned();
            return BottleLearned.of(learned);
        });
    }
}
