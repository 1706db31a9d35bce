package eventide.server.planning;

import eventide.planner.compare.Refit;
import eventide.routine.Routine;
import eventide.server.api.NotFoundException;
import eventide.server.load.LongWork;
import eventide.shape.Letters;
import eventide.shape.Shape;
import java.time.Clock;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Routines kept, and fitted to the head in the chair. */
@RestController
@RequestMapping("/api")
class TemplateController {
    private final TemplateRepository templates;
    private final LongWork longWork;
    private final Clock clock;

    TemplateController(TemplateRepository templates, LongWork longWork, Clock clock) {
        this.longWork = longWork;
        this.templates = templates;
        this.clock = clock;
    }

    @GetMapping("/templates")
    List<Template> list() {
        return templates.list();
    }

    @PostMapping("/templates")
    @ResponseStatus(HttpStatus.CREATED)
    Template keep(@RequestBody TemplateDraft draft) {
        return templates.keep(draft.name(), draft.routine(), clock.instant());
    }

    @DeleteMapping("/templates/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable long id) {
        if (!templates.remove(id, clock.instant())) {
            throw new NotFoundException("template", id);
        }
    }

    @PostMapping("/templates/{id}/back")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void back(@PathVariable long id) {
        if (!templates.remove(id, null)) {
            throw new NotFoundException("template", id);
        }
    }

    /** Any routine fitted to a head, with every change and why; keeps nothing. */
    @PostMapping("/routines/refit")
    Refit refit(@RequestBody Refit.Fitting fitting) {
        return longWork.run(stop -> Refit.of(fitting, stop));
    }

    record TemplateDraft(@Letters(least = 1, most = Template.LONGEST_NAME) String name, Routine routine) {
        TemplateDraft {
            Shape.check(TemplateDraft.class, name, routine);
        }
    }
}
