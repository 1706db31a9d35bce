package eventide.server.planning;

import eventide.hair.Assessment;
import eventide.hair.Assessor;
import eventide.hair.HairTests;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Stateless: the tests of a consult to readings. */
@RestController
class AssessController {
    @PostMapping("/api/hair/assess")
    Assessment assess(@RequestBody HairTests tests) {
        return Assessor.assess(tests);
    }
}
