package eventide.server.shelf;

import eventide.hair.Density;
import eventide.hair.Hair;
import eventide.hair.Pattern;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.planner.explain.OnThisHair;
import eventide.product.Compatibility;
import eventide.product.DoseUnit;
import eventide.product.Product;
import eventide.product.Role;
import eventide.product.RoleCard;
import eventide.routine.Action;
import eventide.routine.MixPart;
import eventide.routine.ProductUse;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.server.api.NotFoundException;
import eventide.server.api.Versions;
import eventide.server.photos.Pictures;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api")
class ShelfController {
    /** Of a bottle's picture, px. */
    private static final int LONGEST_SIDE = 1200;

    /** The head amounts are shown for where no client is in the chair: 30 cm, medium throughout. */
    private static final Hair USUAL = Hair.of(Strand.MEDIUM, Porosity.MEDIUM, Pattern.CURLY_3A, Density.MEDIUM, 30);

    private final ShelfRepository shelf;
    private final RubTestRepository rubTests;
    private final ShelfExchange exchange;
    private final ShelfImport imports;
    private final PhotoStore photos;
    private final Pictures pictures;
    private final Scale scale;
    private final Clock clock;

    ShelfController(
            ShelfRepository shelf,
            RubTestRepository rubTests,
            ShelfExchange exchange,
            ShelfImport imports,
            PhotoStore photos,
            Pictures pictures,
            Scale scale,
            Clock clock) {
        this.shelf = shelf;
        this.rubTests = rubTests;
        this.exchange = exchange;
        this.imports = imports;
        this.photos = photos;
        this.pictures = pictures;
        this.scale = scale;
        this.clock = clock;
    }

    @GetMapping("/products")
    List<Product> list(@RequestParam(name = "client", required = false) Long client) {
        return client == null ? shelf.list() : shelf.within(client);
    }

    @PostMapping("/products")
    @ResponseStatus(HttpStatus.CREATED)
    Product add(@RequestBody Product product) {
        return shelf.add(product);
    }

    /** What a bottle can be for. */
    @GetMapping("/roles")
    List<RoleCard> roles() {
        return RoleCard.ALL;
    }

    @GetMapping("/shelves")
    List<Shelf> shelves() {
        return shelf.shelves();
    }

    @PostMapping("/shelves")
    @ResponseStatus(HttpStatus.CREATED)
    Shelf addShelf(@RequestBody Shelf named) {
        return shelf.addShelf(named);
    }

    @GetMapping("/shelf/items")
    List<ShelfItem> items() {
        return shelf.items();
    }

    @PostMapping("/shelf/items")
    @ResponseStatus(HttpStatus.CREATED)
    ShelfItem addItem(@RequestBody ShelfItemDraft draft) {
        return shelf.add(draft);
    }

    @PutMapping("/shelf/items/{id}")
    ShelfItem save(
            @PathVariable long id,
            @RequestHeader(name = "If-Match", required = false) String ifMatch,
            @RequestBody ShelfItemDraft draft) {
        return shelf.save(id, Versions.from(ifMatch), draft);
    }

    /** Puts a bottle away; nothing is lost. */
    @DeleteMapping("/shelf/items/{id}")
    ShelfItem putAway(@PathVariable long id) {
        shelf.item(id);
        return shelf.archive(id, clock.instant());
    }

    /** Takes it out again. */
    @PostMapping("/shelf/items/{id}/back")
    ShelfItem takeOut(@PathVariable long id) {
        shelf.item(id);
        return shelf.archive(id, null);
    }

    /** What one wash takes of everything, for a head, or for a usual one. */
    @PostMapping("/shelf/use")
    List<ProductUse> use(@RequestBody Head head) {
        Hair hair = head.hair() == null ? USUAL : head.hair();
        return shelf.list().stream()
                .map(product -> ProductUse.of(product, hair))
                .toList();
    }

    /** What one bottle, as it stands on the shelf or is being written down, does on a head, or on a usual one. */
    @PostMapping("/products/on-hair")
    OnThisHair onHair(@RequestBody BottleOnHair asked) {
        return OnThisHair.of(asked.product(), asked.hair() == null ? USUAL : asked.hair(), asked.schools());
    }

    record BottleOnHair(Product product, @Maybe Hair hair, @Maybe Schools schools) {
        BottleOnHair {
            Shape.check(BottleOnHair.class, product, hair, schools);
        }
    }

    /** Whose hair amounts are for. */
    record Head(@Maybe Hair hair) {}

    /** Whether two layers go together, what the fingers said, and what they are mixed in the palm. */
    record Pair(Compatibility compatibility, @Maybe RubTest rubbed, Product mixed) {}

    @GetMapping("/shelf/pairs/{under}/{over}")
    Pair pair(
            @PathVariable long under,
            @PathVariable long over,
            @RequestParam(name = "share", defaultValue = "0.5") double share) {
        Product first = shelf.item(under).product();
        Product second = shelf.item(over).product();
        Step mix = Step.of(Action.APPLY)
                .mix(List.of(new MixPart(first, share), new MixPart(second, 1 - share)))
                .build();
        RubTest rubbed = rubTests.all().stream()
                .filter(test -> test.underId() == under && test.overId() == over)
                .findFirst()
                .orElse(null);
        return new Pair(Compatibility.of(first, second), rubbed, mix.worn());
    }

    @PutMapping("/shelf/rub-tests")
    RubTest rub(@RequestBody RubTest test) {
        shelf.item(test.underId());
        shelf.item(test.overId());
        rubTests.keep(test, clock.instant());
        return test;
    }

    /** So many doses on the scale, in g. */
    record Weighing(
            @Letters(least = 1, most = 40) String unit,
            Role role,
            @Range(from = 1, to = 100) Integer doses,
            @Range(from = 0.01, to = 5000, unit = "g") Double grams) {
        Weighing {
            Shape.check(Weighing.class, unit, role, doses, grams);
        }
    }

    @PostMapping("/shelf/measure")
    DoseUnit measure(@RequestBody Weighing weighing) {
        return DoseUnit.weighed(weighing.unit(), weighing.role(), weighing.doses(), weighing.grams());
    }

    /** What lies on the scale. */
    record ScaleReading(double grams, String from) {}

    @GetMapping("/scale")
    ScaleReading scale() {
        return new ScaleReading(scale.grams(), scale.label());
    }

    @GetMapping("/shelf/export")
    ResponseEntity<String> export(@RequestParam(name = "format", defaultValue = "JSON") ShelfExchange.Format format) {
        boolean csv = format == ShelfExchange.Format.CSV;
        return ResponseEntity.ok()
                .contentType(
                        csv
                                ? new MediaType("text", "csv", java.nio.charset.StandardCharsets.UTF_8)
                                : MediaType.APPLICATION_JSON)
                .header(
                        "Content-Disposition",
                        "attachment; filename=even-tide-shelf-" + LocalDate.now(clock) + (csv ? ".csv" : ".json"))
                .body(csv ? exchange.csv(shelf.items()) : exchange.json(shelf.items()));
    }

    @PostMapping("/shelf/import/preview")
    ShelfImport.Preview preview(@RequestBody ShelfImport.Asked asked) {
        return imports.preview(asked);
    }

    @PostMapping("/shelf/import")
    ShelfImport.Preview take(@RequestBody ShelfImport.Asked asked) {
        return imports.take(asked);
    }

    @PutMapping(path = "/shelf/items/{id}/photo", consumes = "image/*")
    ShelfItem photo(@PathVariable long id, @RequestBody byte[] picture) {
        shelf.item(id);
        photos.keep(id, pictures.redrawn(picture, LONGEST_SIDE));
        return shelf.item(id);
    }

    @GetMapping(path = "/shelf/photos/{key}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photo(@PathVariable String key) {
        return photos.find(key).orElseThrow(() -> new NotFoundException("such photograph"));
    }

    @DeleteMapping("/shelf/items/{id}/photo")
    ShelfItem removePhoto(@PathVariable long id) {
        photos.remove(id);
        return shelf.item(id);
    }
}
