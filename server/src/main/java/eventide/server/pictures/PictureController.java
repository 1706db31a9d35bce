package eventide.server.pictures;

import eventide.picture.MarkerSheet;
import eventide.picture.Measurement;
import eventide.picture.View;
import eventide.server.photos.Pictures;
import eventide.shape.InvalidException;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Pictures of hair measured, with nothing kept. */
@RestController
@RequestMapping("/api/pictures")
class PictureController {
    private final Pictures pictures;

    PictureController(Pictures pictures) {
        this.pictures = pictures;
    }

    /**
     * @param markerMillimetres side of the sheet's square as it was printed; absent, as the sheet has it
     * @param view absent for a lock by itself
     */
    @PostMapping(path = "/measure", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Measurement measure(
            @RequestPart MultipartFile image,
            @RequestParam(required = false) Double markerMillimetres,
            @RequestParam(required = false) View view)
            throws IOException {
        double side = markerMillimetres == null ? MarkerSheet.SQUARE : markerMillimetres;
        if (!(side >= MarkerSheet.LEAST_SQUARE && side <= MarkerSheet.MOST_SQUARE)) {
            throw InvalidException.of("markerMillimetres", MarkerSheet.RANGE + side);
        }
        return pictures.measured(image.getBytes(), side, view == null ? View.SWATCH : view, null);
    }

    /** To print. */
    @GetMapping(path = "/marker-sheet.svg", produces = "image/svg+xml")
    String markerSheet() {
        return MarkerSheet.svg();
    }
}
