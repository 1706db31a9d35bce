package eventide.chair;

import eventide.routine.Action;
import eventide.routine.Routine;
import eventide.routine.Step;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;

/** The run as a state machine: takes events in the order they were made, passes over what no longer fits. */
final class ChairFold {
    private final Routine routine;
    private final TreeMap<Integer, Own> steps = new TreeMap<>();
    private final List<ChairRecord.Pause> pauses = new ArrayList<>();
    private final Set<Integer> dropped = new TreeSet<>();
    /** Asked for again after they were left out. */
    private final Set<Integer> wanted = new TreeSet<>();

    /** By {@link #place}: an amount said again takes the place of the one before. */
    private final Map<String, ChairRecord.Given> given = new LinkedHashMap<>();

    private final List<ChairRecord.Swapped> swapped = new ArrayList<>();
    private final List<ChairRecord.Noted> notes = new ArrayList<>();
    private final List<ChairRecord.Looked> looks = new ArrayList<>();
    private final List<ChairRecord.Righted> righted = new ArrayList<>();
    private final Set<String> answered = new TreeSet<>();
    /** The step in hand, by its index; null before the first and after the last. */
    private Integer open;

    private Instant finishedAt;

    /** A step as far as it has come. */
    private static final class Own {
        private final Instant startedAt;
        private final List<Instant> sectionEnds = new ArrayList<>();
        private Instant endedAt;
        private boolean skipped;

        private Own(Instant startedAt) {
            this.startedAt = startedAt;
        }
    }

    ChairFold(Routine routine) {
        this.routine = routine;
    }

    /** What names a step this routine has not was meant for another version of it, and is passed over. */
    void take(ChairEvent event) {
        Integer step = event.step();
        if (step != null && step >= routine.steps().size()) {
            return;
        }
        switch (event.kind()) {
            case BEGIN -> begin(event.at());
            case DONE -> end(step, event.at(), false);
            case SKIP -> end(step, event.at(), true);
            case BACK -> back(step);
            case SECTION -> section(step, event.section(), event.at());
            case DROP -> drop(step);
            case RESTORE -> restore(step);
            case AMOUNT -> given.put(place(event), new ChairRecord.Given(step, event.inner(), event.ratio()));
            case SWAP -> swap(step, event);
            case NOTE -> note(event);
            case LOOK -> looks.add(new ChairRecord.Looked(event.at(), event.look(), event.trust()));
            case MISTED, SQUEEZED, LEFT ->
                righted.add(new ChairRecord.Righted(
                        event.at(),
                        step,
                        ChairRecord.Righted.Did.valueOf(event.kind().name())));
            case PAUSE -> pause(event.at());
            case RESUME -> resume(event.at());
            case ANSWERED -> answered.add(event.timer());
            case FINISH -> finish(event.at());
            default -> throw new IllegalStateException("a kind of event nobody thought of: " + event.kind());
        }
    }

    /** Once: a second beginning, from another device, changes nothing. */
    private void begin(Instant at) {
        if (open == null && steps.isEmpty()) {
            next(-1, at);
        }
    }

    /** Opens the first step after one that is neither done nor dropped; with none left the run is over. */
    private void next(int after, Instant at) {
        for (int i = after + 1; i < routine.steps().size(); i++) {
            if (!dropped.contains(i) && !steps.containsKey(i) && !takesOutNothing(i)) {
                open = i;
                steps.put(i, new Own(at));
                return;
            }
        }
        open = null;
        finishedAt = at;
        resume(at);
    }

    /** Clips that were to go in before, and of which none did. */
    private boolean takesOutNothing(int index) {
        if (routine.steps().get(index).action() != Action.UNCLIP || wanted.contains(index)) {
            return false;
        }
        List<Integer> clips = IntStream.range(0, index)
                .filter(i -> routine.steps().get(i).action() == Action.CLIP_ROOTS)
                .boxed()
                .toList();
        return !clips.isEmpty()
                && clips.stream().allMatch(i -> dropped.contains(i) || steps.containsKey(i) && steps.get(i).skipped);
    }

    /** Closes the step in hand and opens the next; hands that were off are on again by that. */
    private void end(int step, Instant at, boolean skipped) {
        if (open == null || open != step) {
            return; // another device was quicker
        }
        Own own = steps.get(step);
        own.endedAt = at;
        own.skipped = skipped;
        resume(at);
        next(step, at);
    }

    /** Takes back the last section of the step in hand; else makes an earlier one the step in hand again, and undoes what came after it. */
    private void back(int step) {
        Own own = steps.get(step);
        if (own == null) {
            return;
        }
        if (open != null && open == step) {
            if (!own.sectionEnds.isEmpty()) {
                own.sectionEnds.remove(own.sectionEnds.size() - 1);
            }
            return;
        }
        steps.tailMap(step, false).clear();
        own.endedAt = null;
        own.skipped = false;
        int sections = sections(step);
        if (sections > 0 && own.sectionEnds.size() == sections) {
            own.sectionEnds.remove(sections - 1);
        }
        open = step;
        finishedAt = null;
    }

    /** Sections are done in their order: one that is not the next was counted by another device already. The last one ends the step. */
    private void section(int step, int section, Instant at) {
        Own own = steps.get(step);
        if (open == null || open != step || section != own.sectionEnds.size()) {
            return;
        }
        own.sectionEnds.add(at);
        if (own.sectionEnds.size() >= sections(step)) {
            end(step, at, false);
        }
    }

    /**
     * 0 where a step is done in one.
     *
     * @return pieces
     */
    private int sections(int step) {
        Step own = routine.steps().get(step);
        return own.sections() == null ? 0 : own.sections();
    }

    /** Only what has not been begun can be left out. */
    private void drop(int step) {
        if (!steps.containsKey(step)) {
            dropped.add(step);
            wanted.remove(step);
        }
    }

    /** In the middle of a step only what is still to be done; once it is over, all of it was with the other product. */
    private void swap(int step, ChairEvent event) {
        int from = open != null && open == step ? steps.get(step).sectionEnds.size() : 0;
        swapped.removeIf(other ->
                other.step() == step && Objects.equals(other.inner(), event.inner()) && other.fromSection() >= from);
        swapped.add(new ChairRecord.Swapped(step, event.inner(), event.product(), from));
    }

    /** Clips that take out nothing are left out by themselves: who asks for them means it. */
    private void restore(int step) {
        dropped.remove(step);
        wanted.add(step);
    }

    /** The same sign at the same zone once more takes it back. */
    private void note(ChairEvent event) {
        boolean taken = notes.removeIf(note -> note.zone() == event.zone() && note.sign() == event.sign());
        if (!taken) {
            notes.add(new ChairRecord.Noted(event.at(), event.zone(), event.sign()));
        }
    }

    /** One at a time, and only while a step is in hand. */
    private void pause(Instant at) {
        if (open != null && (pauses.isEmpty() || pauses.get(pauses.size() - 1).to() != null)) {
            pauses.add(new ChairRecord.Pause(at, null));
        }
    }

    /** Nothing where no pause is open. */
    private void resume(Instant at) {
        int last = pauses.size() - 1;
        if (last >= 0 && pauses.get(last).to() == null) {
            pauses.set(last, new ChairRecord.Pause(pauses.get(last).from(), at));
        }
    }

    /** The run is over wherever it stands; a step left in the middle of its sections counts as skipped, any other as done. */
    private void finish(Instant at) {
        if (steps.isEmpty() || finishedAt != null) {
            return;
        }
        if (open != null) {
            Own own = steps.get(open);
            own.endedAt = at;
            own.skipped = !own.sectionEnds.isEmpty(); // left in the middle
        }
        open = null;
        finishedAt = at;
        resume(at);
    }

    /** Of an amount: the step, and within a group which of those inside it. */
    private static String place(ChairEvent event) {
        return event.step() + "/" + (event.inner() == null ? "" : event.inner());
    }

    /** What it all came to, unchangeable. */
    ChairRecord record(List<ChairRecord.Mended> mended) {
        List<StepDone> done = new ArrayList<>();
        steps.forEach((index, own) ->
                done.add(new StepDone(index, own.startedAt, own.endedAt, own.skipped, own.sectionEnds)));
        Set<Integer> leftOut = new TreeSet<>(dropped);
        for (int i = 0; i < routine.steps().size(); i++) {
            if (!steps.containsKey(i) && takesOutNothing(i)) {
                leftOut.add(i);
            }
        }
        return new ChairRecord(
                List.copyOf(done),
                open,
                done.isEmpty() ? null : done.get(0).startedAt(),
                finishedAt,
                List.copyOf(pauses),
                Collections.unmodifiableSet(leftOut),
                List.copyOf(given.values()),
                List.copyOf(swapped),
                List.copyOf(notes),
                List.copyOf(looks),
                List.copyOf(righted),
                Collections.unmodifiableSet(answered),
                mended);
    }
}
