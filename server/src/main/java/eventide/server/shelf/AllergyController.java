package eventide.server.shelf;

import eventide.product.Allergens;
import eventide.product.AllergyReading;
import eventide.shape.Letters;
import eventide.shape.Shape;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Stateless: what a client says they react to, and what that is taken to mean. */
@RestController
class AllergyController {
    /** Free words, several to a line if need be. */
    record Words(@Letters(most = 200) List<String> words) {
        Words {
            Shape.check(Words.class, words);
        }
    }

    @PostMapping("/api/allergies/read")
    AllergyReading read(@RequestBody Words said) {
        return Allergens.read(said.words());
    }
}
