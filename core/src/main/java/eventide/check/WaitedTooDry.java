package eventide.check;

import static eventide.wash.Steps.percent;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.Routine;
import eventide.routine.Shaping;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Layer;
import eventide.wash.Steps;
import eventide.wash.Wash;
import eventide.wash.Window;
import java.util.ArrayList;
import java.util.List;

/**
 * W2: loaded hair waits for its turn at the shaping and dries out of what its styler works in. Hair that meets the styler
 * itself too dry is W1's.
 *
 * <p>Within a step and across steps; a stroke or an edge that puts no styler on is no turn. Also where sections dried out and a
 * mist of a moment is to bring them back. Mend: mist it, cover it, fewer sections, or another order. Source: common practice.
 */
final class WaitedTooDry implements Rule {
    @Override
    public String id() {
        return "W2";
    }

    @Override
    public String why() {
        return "Hair that dries while it waits forms no clumps and snags.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>(driedOut(wash));
        for (StepPlace place : wash.places()) {
            if (!shapes(wash.routine().at(place)) || place.index() <= wash.lastRinse()) {
                continue;
            }
            Visit driest = null;
            double least = -Window.TOLERANCE;
            Layer carried = null;
            for (Visit visit : wash.course().visits(place)) {
                Layer layer = lastLayerOn(wash, visit);
                if (layer == null) {
                    continue;
                }
                double over = visit.wetness()
                        - Window.of(layer.product(), wash.schools()).low();
                if (over < least && wasInWindow(wash, layer, visit)) {
                    least = over;
                    driest = visit;
                    carried = layer;
                }
            }
            if (driest != null) {
                found.add(finding(wash, place, driest, carried));
            }
        }
        return found;
    }

    /** Mend: a mist before each turn, to where the styler on the hair works best. */
    private Finding finding(Wash wash, StepPlace place, Visit driest, Layer carried) {
        Zone zone = driest.zones().iterator().next();
        double aim = Window.of(carried.product(), wash.schools()).aim();
        String waits = "The " + zone.label() + " waits " + Math.round(driest.startMinute() - carried.startMinute())
                + " minutes and falls to " + percent(driest.wetness()) + "; "
                + carried.product().name() + " wants at least "
                + percent(carried.product().windowLow()) + ".";
        Step step = wash.routine().at(place);
        Step mist = Step.of(Action.MIST)
                .toWetness(aim)
                .minutes(place.isInner() || step.sectionsOrOne() > 1 ? .25 : 1)
                .build();
        if (!place.isInner() && step.sectionsOrOne() > 1) {
            Double each = step.minutes() == null ? null : step.minutes() / step.sections();
            Step frame = Step.of(Action.EACH_SECTION)
                    .sections(step.sections())
                    .zones(step.zones())
                    .half(step.half())
                    .steps(List.of(
                            mist,
                            step.but()
                                    .sections(null)
                                    .zones(null)
                                    .half(null)
                                    .minutes(each)
                                    .build()))
                    .build();
            return Finding.of(
                    this,
                    Severity.WARN,
                    place,
                    zone,
                    waits,
                    new Mend(
                            "Mist each section as its turn comes",
                            wash.routine().replacing(place, frame)));
        }
        return Finding.of(
                this,
                Severity.WARN,
                place,
                zone,
                waits,
                new Mend("Mist it first", wash.routine().inserting(place, mist)));
    }

    /** A section that came to its turn all but dry takes more than a moment's mist to be wet through again. */
    private List<Finding> driedOut(Wash wash) {
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            boolean misted = place.isInner() && step.action() == Action.MIST && step.toWetness() != null;
            if (!misted || place.index() <= wash.lastRinse() || wash.isRefresh()) {
                continue;
            }
            Visit driest = null;
            for (Visit visit : wash.course().visits(place)) {
                boolean dry = visit.wetness() < ALL_BUT_DRY
                        && step.toWetness() - visit.wetness() > LIFTS_IN_A_MINUTE * visit.minutes();
                driest = dry && (driest == null || visit.wetness() < driest.wetness()) ? visit : driest;
            }
            if (driest != null) {
                Zone zone = driest.zones().iterator().next();
                Routine covered = wash.routine()
                        .inserting(place.index(), Step.of(Action.COVER).build());
                return List.of(Finding.of(
                        this,
                        Severity.WARN,
                        place,
                        zone,
                        "The " + zone.label() + " is down to " + percent(driest.wetness())
                                + " when its turn comes: a mist of a moment does not wet it through again.",
                        new Mend("Cover what waits", covered)));
            }
        }
        return List.of();
    }

    /** Percent of water below which a waiting section has dried out [OURS]. */
    private static final double ALL_BUT_DRY = 25;
    /** Points of water that a spray bottle brings into one section in a minute [OURS]. */
    private static final double LIFTS_IN_A_MINUTE = 120;

    private static boolean shapes(Step step) {
        // A fringe brushed into place is a finishing stroke.
        return step.action().shaping() == Shaping.BY_PIECE
                && (step.brushDirection() == null || step.brushDirection() == BrushDirection.UP_AND_OUT);
    }

    /** What the hands find on this hair, null for nothing: the last layer counts, those under it have their water through it. */
    private static Layer lastLayerOn(Wash wash, Visit visit) {
        Layer last = null;
        for (Layer layer : wash.layers()) {
            boolean loads = layer.holds() || layer.product().role().moisturises();
            if (loads
                    && layer.visits().stream()
                            .anyMatch(v -> v.endMinute() <= visit.startMinute() + 1e-9 && v.overlaps(visit))) {
                last = layer;
            }
        }
        return last;
    }

    /** It met the styler well and no dryer has been at it since: it only waited. */
    private static boolean wasInWindow(Wash wash, Layer layer, Visit visit) {
        Window window = Window.of(layer.product(), wash.schools());
        boolean met = layer.visits().stream()
                .filter(v -> v.overlaps(visit))
                .allMatch(v -> v.wetness() >= window.low() - Window.TOLERANCE);
        return met && !Steps.driedBetween(wash, layer.startMinute(), visit.startMinute());
    }
}
