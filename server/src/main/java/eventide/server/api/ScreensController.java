package eventide.server.api;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Every address of the app that is no file and no API call is the app itself. */
@Controller
class ScreensController {
    @GetMapping({"/clients/**", "/shelf", "/practice", "/settings", "/new"})
    String screen() {
        return "forward:/index.html";
    }
}
