package eventide.server.api;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Does nothing: tells whether the server is up, and what a call costs before any work is done. */
@RestController
class NoopController {
    @GetMapping("/api/noop")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void nothing() {
        // on purpose
    }
}
