package eventide.server.exchange;

import eventide.server.exchange.SalonFile.TemplateFile;
import eventide.server.planning.Template;
import eventide.server.planning.TemplateRepository;
import java.util.List;
import org.springframework.stereotype.Component;

/** Routines kept for any head, out to a salon's file and in again. */
@Component
class TemplateExchange {
    private final TemplateRepository templates;

    TemplateExchange(TemplateRepository templates) {
        this.templates = templates;
    }

    /** Null where none are kept. */
    List<TemplateFile> files() {
        List<TemplateFile> kept = templates.list().stream()
                .map(template -> new TemplateFile(template.name(), template.routine(), template.keptAt()))
                .toList();
        return kept.isEmpty() ? null : kept;
    }

    /** One that stands here already under its name, the same step for step, is not kept twice. */
    void keep(List<TemplateFile> routines) {
        List<Template> here = templates.list();
        for (TemplateFile one : routines) {
            boolean known = here.stream()
                    .anyMatch(t ->
                            t.name().equals(one.name().strip()) && t.routine().equals(one.routine()));
            if (!known) {
                templates.keep(one.name(), one.routine(), one.keptAt());
            }
        }
    }
}
