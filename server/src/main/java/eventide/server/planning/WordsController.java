package eventide.server.planning;

import eventide.words.Vocabulary;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What everything is called: the screens are built with a copy of it. */
@RestController
@RequestMapping("/api/words")
class WordsController {
    @GetMapping
    Vocabulary words() {
        return Vocabulary.ENGLISH;
    }
}
