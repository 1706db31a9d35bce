package eventide.server.washdays;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Photographs beside the eye. */
@RestController
@RequestMapping("/api/pictures")
class WitnessController {
    private final WitnessService witnesses;

    WitnessController(WitnessService witnesses) {
        this.witnesses = witnesses;
    }

    /**
     * @param client whose; absent for the whole salon
     */
    @GetMapping("/witness")
    WitnessService.Witness witness(@RequestParam(required = false) Long client) {
        return witnesses.witness(client);
    }
}
