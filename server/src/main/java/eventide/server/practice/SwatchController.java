package eventide.server.practice;

import eventide.picture.SwatchDrawing;
import eventide.practice.EyeReport;
import eventide.practice.SwatchReading;
import eventide.practice.SwatchSet;
import eventide.practice.SwatchTruth;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Drawn swatches to train an eye on, and what each person made of them. */
@RestController
@RequestMapping("/api/practice")
class SwatchController {
    private final PracticeReadings readings;
    private final Clock clock;

    SwatchController(PracticeReadings readings, Clock clock) {
        this.readings = readings;
        this.clock = clock;
    }

    /** Names of swatches, in the order they are to be shown. */
    record SwatchesToRead(List<String> items) {}

    /** Told after a swatch was scored: what it is, and what is known of the eye now. */
    record SwatchTold(SwatchTruth truth, EyeReport eye) {}

    /** Every eye of the salon that has practised. */
    record Eyes(Map<String, EyeReport> people) {}

    /** Stateless: what was answered comes with the question. */
    @PostMapping("/swatches")
    SwatchesToRead swatches(@RequestBody SwatchSet asked) {
        return new SwatchesToRead(asked.items());
    }

    /** Stateless: how steady an eye is by what it scored. */
    @PostMapping("/eye")
    EyeReport eye(@RequestBody List<SwatchReading> scored) {
        return EyeReport.of(scored);
    }

    /** It never changes: a name is one swatch for good. */
    @GetMapping(path = "/swatches/{item}.png", produces = MediaType.IMAGE_PNG_VALUE)
    ResponseEntity<byte[]> picture(@PathVariable String item) {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.maxAge(Duration.ofDays(1)).cachePrivate())
                .body(SwatchDrawing.png(SwatchReading.swatchOf(item), SwatchReading.isAgain(item)));
    }

    @GetMapping("/people")
    Eyes people() {
        return new Eyes(readings.latest().entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, one -> EyeReport.of(one.getValue()))));
    }

    @GetMapping("/people/{person}")
    EyeReport person(@PathVariable String person) {
        return EyeReport.of(readings.of(person));
    }

    /** What a person should score next. */
    @PostMapping("/people/{person}/swatches")
    SwatchesToRead next(@PathVariable String person, @RequestBody SwatchSet asked) {
        return new SwatchesToRead(new SwatchSet(asked.seed(), asked.count(), readings.of(person)).items());
    }

    /** Kept, then told. */
    @PostMapping("/people/{person}/readings")
    SwatchTold read(@PathVariable String person, @RequestBody SwatchReading reading) {
        readings.keep(Person.named(person), reading, clock.instant());
        return new SwatchTold(SwatchTruth.of(reading), EyeReport.of(readings.of(person)));
    }
}
