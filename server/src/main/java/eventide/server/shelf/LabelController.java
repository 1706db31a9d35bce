package eventide.server.shelf;

import eventide.product.LabelReader;
import eventide.product.LabelReading;
import eventide.product.Role;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Shape;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Stateless: the text of a label to what it says. */
@RestController
class LabelController {
    private static final int MOST_TEXT = 20_000;

    /** A label; with a role, values for the bottle are proposed too. */
    record Text(@Letters(most = MOST_TEXT) String ingredients, @Maybe Role role) {
        Text {
            Shape.check(Text.class, ingredients, role);
        }
    }

    @PostMapping("/api/labels/read")
    LabelReading read(@RequestBody Text text) {
        return text.role() == null
                ? LabelReader.read(text.ingredients())
                : LabelReader.read(text.ingredients(), text.role());
    }
}
