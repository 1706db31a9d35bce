package eventide.server.washdays;

import eventide.server.api.NotFoundException;
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
@RequestMapping("/api/wash-days/{id}/photos")
class WashPhotoController {
    private final WashDayRepository washDays;
    private final WashPhotoStore photos;
    private final Clock clock;

    WashPhotoController(WashDayRepository washDays, WashPhotoStore photos, Clock clock) {
        this.washDays = washDays;
        this.photos = photos;
        this.clock = clock;
    }

    @GetMapping
    List<WashPhotoStore.Kept> list(@PathVariable long id) {
        washDays.get(id);
        return photos.list(id);
    }

    @PutMapping(path = "/{view}", consumes = "image/*")
    List<WashPhotoStore.Kept> keep(
            @PathVariable long id, @PathVariable WashPhotoStore.View view, @RequestBody byte[] picture) {
        washDays.get(id);
        photos.keep(id, view, picture, clock.instant());
        return photos.list(id);
    }

    @GetMapping(path = "/{view}", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] photo(
            @PathVariable long id,
            @PathVariable WashPhotoStore.View view,
            @RequestParam(required = false) Boolean small) {
        return photos.find(id, view, Boolean.TRUE.equals(small))
                .orElseThrow(() -> new NotFoundException("photograph of wash day", id));
    }

    @DeleteMapping("/{view}")
    List<WashPhotoStore.Kept> remove(@PathVariable long id, @PathVariable WashPhotoStore.View view) {
        photos.remove(id, view);
        return list(id);
    }
}
