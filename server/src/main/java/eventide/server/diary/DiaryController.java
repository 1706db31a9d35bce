package eventide.server.diary;

import eventide.diary.Desk;
import eventide.diary.DiaryPlan;
import eventide.diary.DiaryQuestion;
import eventide.diary.Refresh;
import eventide.diary.RefreshQuestion;
import eventide.server.load.LongWork;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The salon's morning; and, with nothing kept, what is due on a head when and what a morning asks of it. */
@RestController
@RequestMapping("/api")
class DiaryController {
    private final DeskService desk;
    private final LongWork longWork;

    DiaryController(DeskService desk, LongWork longWork) {
        this.desk = desk;
        this.longWork = longWork;
    }

    /** This morning: who comes, what is late, what waits. */
    @GetMapping("/today/desk")
    Desk desk() {
        return longWork.run(stop -> desk.desk());
    }

    /** The days to come of one head, with an event back-planned where there is one. */
    @PostMapping("/diary/plan")
    DiaryPlan plan(@RequestBody DiaryQuestion asked) {
        return longWork.run(stop -> DiaryPlan.of(asked));
    }

    /** A small refresh of the outer hair, or the word that a wash is due. */
    @PostMapping("/care/refresh")
    Refresh refresh(@RequestBody RefreshQuestion asked) {
        return longWork.run(asked.worn().turns(), () -> Refresh.of(asked));
    }
}
