package eventide.server.shelf;

import eventide.product.Product;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/products")
class ShelfController {
    private final ShelfRepository shelf;

    ShelfController(ShelfRepository shelf) {
        this.shelf = shelf;
    }

    @GetMapping
    List<Product> list() {
        return shelf.list();
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    Product add(@RequestBody Product product) {
        return shelf.add(product);
    }
}
