package eventide.server.washdays;

import eventide.hair.PhotoView;
import eventide.picture.Measurement;
import eventide.picture.Picture;
import eventide.picture.Ruler;
import eventide.server.api.NotFoundException;
import eventide.server.photos.Pictures;
import java.time.Clock;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photographs of a wash. */
@RestController
@RequestMapping("/api/wash-days")
class WashPhotoController {
    private final WashDayRepository washDays;
    private final WashPhotoStore photos;
    private final Pictures pictures;
    private final WitnessService witnesses;
    private final Clock clock;

    WashPhotoController(
            WashDayRepository washDays,
            WashPhotoStore photos,
            Pictures pictures,
            WitnessService witnesses,
            Clock clock) {
        this.washDays = washDays;
        this.photos = photos;
        this.pictures = pictures;
        this.witnesses = witnesses;
        this.clock = clock;
    }

    @GetMapping("/{id}/photos")
    List<WashPhotoStore.Kept> list(@PathVariable long id) {
        washDays.expect(id);
        return photos.list(id);
    }

    @PutMapping(path = "/{id}/photos/{view}", consumes = "image/*")
    List<WashPhotoStore.Kept> keep(@PathVariable long id, @PathVariable PhotoView view, @RequestBody byte[] picture) {
        washDays.expect(id);
        byte[] large = pictures.redrawn(picture, Picture.LONGEST_SIDE);
        photos.keep(id, new WashPhotoStore.Whole(view, clock.instant(), large, pictures.small(large), null));
        return photos.list(id);
    }

    /** By its key, which only the list of its wash day tells. */
    @GetMapping(path = "/photos/{key}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photo(@PathVariable String key, @RequestParam(required = false) Boolean small) {
        return photos.find(key, Boolean.TRUE.equals(small)).orElseThrow(() -> new NotFoundException("such photograph"));
    }

    /** What it says of the hair. */
    @GetMapping(path = "/photos/{key}/measured")
    Measurement measured(@PathVariable String key) {
        return witnesses.measured(key);
    }

    /** Two taps set its scale. */
    @PutMapping("/photos/{key}/ruler")
    Measurement rule(@PathVariable String key, @RequestBody Ruler ruler) {
        return witnesses.ruled(key, ruler);
    }

    @DeleteMapping("/{id}/photos/{view}")
    List<WashPhotoStore.Kept> remove(@PathVariable long id, @PathVariable PhotoView view) {
        photos.remove(id, view);
        return list(id);
    }
}
