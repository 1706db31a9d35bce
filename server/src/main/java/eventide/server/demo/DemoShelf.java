package eventide.server.demo;

import eventide.product.Product;
import eventide.server.json.Shapes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** The salon's shelf at Merrow Quay, in {@code demo/shelf.json}. Every product is invented. */
@Component
class DemoShelf {
    private final Shapes shapes;

    DemoShelf(Shapes shapes) {
        this.shapes = shapes;
    }

    List<Product> products() {
        try (InputStream in = DemoShelf.class.getResourceAsStream("/demo/shelf.json")) {
            List<Product> products = new ArrayList<>();
            for (JsonNode node : shapes.tree(new String(in.readAllBytes(), StandardCharsets.UTF_8))) {
                products.add(shapes.read(node, Product.class, id -> null));
            }
            return products;
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }
}
