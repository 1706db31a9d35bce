package eventide.check;

import static eventide.wash.Steps.percent;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.wash.Layer;
import eventide.wash.TouchUp;
import eventide.wash.Wash;
import eventide.wash.Window;
import java.util.ArrayList;
import java.util.List;

/**
 * W1: a styler meets hair outside the wetness it works in.
 *
 * <p>Judged on the parts it is aimed at, roots by the roots' water; where water follows in the same turn of hands, after that
 * water. Within 5 points a note; a technique's own window (a brush or coils from 65 %) is a note. Masks and washing products
 * never. Mend: re-wet, squeeze or wait first. Source: the product's own window.
 */
final class WindowMissed implements Rule {
    /** Brushing and coiling want wet, slippery hair [CP: above about 65 %]. */
    private static final double HANDS_FROM = 65;
    /** Hands squeeze no lower; below this time has to do it [OURS]. */
    private static final double HANDS_SQUEEZE_TO = 55;
    /** Points beside the window that are only worth a note [CP]. */
    private static final double SLIGHT = 5;

    @Override
    public String id() {
        return "W1";
    }

    @Override
    public String why() {
        return "Outside its wetness a styler is diluted or will not spread.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>();
        for (Layer layer : wash.layers()) {
            Window window = Window.of(layer.product(), wash.schools());
            if (!TouchUp.onStyled(wash, layer)) {
                styler(wash, layer, window, found);
            }
        }
        if (!wash.isRefresh()) {
            hands(wash, found); // redefining a few misted pieces by coil or brush is the usual refresh
        }
        return found;
    }

    /** One finding a layer, of the section farthest off; of a zone only where others met their water. A little off, or a finishing product, is a note. */
    private void styler(Wash wash, Layer layer, Window window, List<Finding> found) {
        Visit worst = null;
        double miss = 0;
        int missed = 0;
        for (Visit visit : layer.visits()) {
            double by = window.miss(met(wash, layer, visit));
            if (Math.abs(by) > Window.TOLERANCE) {
                missed++;
            }
            if (Math.abs(by) > Math.abs(miss)) {
                miss = by;
                worst = visit;
            }
        }
        if (missed == 0) {
            return;
        }
        boolean all = missed == layer.visits().size();
        Zone zone = all && layer.zones().size() > 1
                ? null
                : worst.zones().iterator().next();
        String name = layer.product().name();
        String where = zone == null ? "" : " at the " + zone.label();
        String message = miss < 0
                ? "Too dry for " + name + where + ": " + percent(met(wash, layer, worst)) + " wet, it works from "
                        + percent(window.low()) + "."
                : "Too wet for " + name + where + ": " + percent(met(wash, layer, worst)) + ", it works up to "
                        + percent(window.high()) + ".";
        boolean soft = layer.product().role().kind() == Role.Group.FINISH || Math.abs(miss) <= SLIGHT;
        Severity severity = soft ? Severity.NOTE : Severity.WARN;
        Mend mend = miss < 0 ? wetter(wash, layer, window) : drier(wash, layer, window);
        found.add(Finding.of(this, severity, layer.place(), zone, message, mend));
    }

    /**
     * The water it meets: of the roots where it is aimed at those, and what follows in the same turn of hands.
     *
     * @return percent wet
     */
    private static double met(Wash wash, Layer layer, Visit visit) {
        Step step = layer.step();
        boolean roots = step.parts() != null
                && step.parts().contains(Part.ROOTS)
                && !step.parts().contains(Part.LENGTHS)
                && !step.parts().contains(Part.ENDS);
        double met = roots ? visit.rootsWetness() : visit.wetness();
        StepPlace place = layer.place();
        if (!place.isInner()) {
            return met;
        }
        List<Step> inner = wash.routine().steps().get(place.index()).steps();
        if (place.inner() + 1 < inner.size()
                && inner.get(place.inner() + 1).action().wets()) {
            for (Visit next : wash.course().visits(new StepPlace(place.index(), place.inner() + 1))) {
                if (next.section() == visit.section()) {
                    return Math.max(met, wash.course().lengthsAfter(next));
                }
            }
        }
        return met;
    }

    /** Where only the sections that wait dry out each is misted at its turn; hair that is dry all over is misted, or wetted anew where a mist would not reach. */
    private static Mend wetter(Wash wash, Layer layer, Window window) {
        Routine routine = wash.routine();
        StepPlace place = layer.place();
        Step step = layer.step();
        Step mist = Step.of(Action.MIST)
                .zones(step.zones())
                .half(step.half())
                .toWetness(window.aim())
                .build();
        boolean onlySomeWait = window.miss(layer.visits().get(0).wetness()) >= -Window.TOLERANCE;
        if (!place.isInner() && step.sectionsOrOne() > 1 && onlySomeWait) {
            Double each = step.minutes() == null ? null : step.minutes() / step.sections();
            Step own = step.but()
                    .sections(null)
                    .zones(null)
                    .half(null)
                    .minutes(each)
                    .build();
            Step inner =
                    Step.of(Action.MIST).toWetness(window.aim()).minutes(.25).build();
            Step frame = Step.of(Action.EACH_SECTION)
                    .sections(step.sections())
                    .zones(step.zones())
                    .half(step.half())
                    .steps(List.of(inner, own))
                    .build();
            return new Mend("Mist each section as its turn comes", routine.replacing(place, frame));
        }
        if (place.isInner()) {
            return new Mend(
                    "Mist each section first",
                    routine.inserting(
                            place,
                            Step.of(Action.MIST)
                                    .toWetness(window.aim())
                                    .minutes(.25)
                                    .build()));
        }
        boolean deep = window.low() - layer.visits().get(0).wetness() > 20;
        Step wet = deep
                ? Step.of(Action.REWET)
                        .zones(step.zones())
                        .half(step.half())
                        .toWetness(window.aim())
                        .build()
                : mist;
        return new Mend(
                (deep ? "Re-wet" : "Mist it") + " to " + percent(window.aim()) + " first",
                routine.inserting(place, wet));
    }

    /** Too much water in the step before it: less of that; null where that is not what wets it. */
    private static Mend wettedLess(Wash wash, Layer layer, Window window) {
        StepPlace place = layer.place();
        if (place.isInner() ? place.inner() == 0 : place.index() == 0) {
            return null;
        }
        StepPlace before = place.isInner()
                ? new StepPlace(place.index(), place.inner() - 1)
                : new StepPlace(place.index() - 1, -1);
        Step wets = wash.routine().at(before);
        boolean tooFar =
                wets.action().wets() && wets.toWetness() != null && wets.toWetness() > window.high() + Window.TOLERANCE;
        return tooFar
                ? new Mend(
                        "Wet it to " + percent(window.aim()) + " only",
                        wash.routine()
                                .replacing(
                                        before,
                                        wets.but().toWetness(window.aim()).build()))
                : null;
    }

    /** To three quarters up the window, by hand as far as hands get water out, by air below that. */
    private static Mend drier(Wash wash, Layer layer, Window window) {
        Mend less = wettedLess(wash, layer, window);
        if (less != null) {
            return less;
        }
        double to = Math.round(window.low() + (window.high() - window.low()) * .75);
        Step step = layer.step();
        Step before = to >= HANDS_SQUEEZE_TO
                ? Step.of(Action.SQUEEZE)
                        .zones(step.zones())
                        .half(step.half())
                        .toWetness(to)
                        .minutes(layer.place().isInner() ? .2 : 1)
                        .build()
                : Step.of(Action.AIR).untilDry(100 - to).build();
        String label = to >= HANDS_SQUEEZE_TO
                ? "Squeeze it to " + percent(to) + " first"
                : "Let it dry to " + percent(to) + " first";
        if (layer.place().isInner() && to < HANDS_SQUEEZE_TO) {
            return new Mend(label, wash.routine().inserting(layer.place().index(), before));
        }
        return new Mend(label, wash.routine().inserting(layer.place(), before));
    }

    /** A brush or coiling fingers want slip whatever the product bears: a note. */
    private void hands(Wash wash, List<Finding> found) {
        for (StepPlace place : wash.places()) {
            Step step = wash.routine().at(place);
            boolean brushed = step.action() == Action.BRUSH_STYLE || step.action() == Action.COIL;
            if (!brushed || place.index() <= wash.lastRinse()) {
                continue;
            }
            double driest = 100;
            for (Visit visit : wash.course().visits(place)) {
                driest = Math.min(driest, visit.wetness());
            }
            if (driest < HANDS_FROM - Window.TOLERANCE) {
                String what = step.action() == Action.COIL ? "Coiling" : "Brush-styling";
                Step mist = Step.of(Action.MIST)
                        .toWetness(75.0)
                        .minutes(place.isInner() ? .25 : 1)
                        .build();
                found.add(Finding.of(
                        this,
                        Severity.NOTE,
                        place,
                        null,
                        what + " wants wet, slippery hair, above about 65 %; here it comes down to " + percent(driest)
                                + ".",
                        new Mend("Mist it first", wash.routine().inserting(place, mist))));
            }
        }
    }
}
