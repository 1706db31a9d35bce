package eventide.wash;

import eventide.routine.Action;
import eventide.routine.Position;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.shape.Said;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** A way of working that a log can tell apart: what is learned of one holds wherever a routine is done that way. */
public enum Manner implements Said {
    COILED("coiled", wash -> has(wash, step -> step.action() == Action.COIL)),
    SHINGLED("shingled", wash -> has(wash, step -> step.action() == Action.SHINGLE)),
    BRUSHED("brush-styled", wash -> has(wash, step -> step.action() == Action.BRUSH_STYLE)),
    RAKED("raked", wash -> has(wash, step -> step.technique() == Technique.RAKE)),
    SMALL_SECTIONS("sections of 10 and more", Manner::smallSections),
    FABRIC("cloth on wet hair", wash -> has(wash, Manner::isWrapped)),
    UPSIDE_DOWN("styled upside down", wash -> has(wash, Manner::isUpsideDown)),
    DIFFUSED("diffused", wash -> has(wash, step -> step.action() == Action.CUP || step.action() == Action.HOVER)),
    HOODED("under the hood", wash -> has(wash, step -> step.action() == Action.HOOD)),
    FLUFFED("fluffed once dry", wash -> has(wash, step -> step.action() == Action.FLUFF)),
    PICKED("picked at the root", wash -> has(wash, step -> step.action() == Action.PICK));

    /** From so many on it is careful work [CP: 8 and more; the ten OURS]. */
    private static final int SMALL_FROM = 10;

    private final String label;
    private final Predicate<Wash> is;

    Manner(String label, Predicate<Wash> is) {
        this.label = label;
        this.is = is;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether a wash was done so. */
    public boolean isOf(Wash wash) {
        return is.test(wash);
    }

    /** Every way a wash was done in. */
    public static Set<Manner> of(Wash wash) {
        Set<Manner> all = EnumSet.noneOf(Manner.class);
        for (Manner one : values()) {
            if (one.isOf(wash)) {
                all.add(one);
            }
        }
        return all;
    }

    private static boolean has(Wash wash, Predicate<Step> wanted) {
        return wash.places().stream()
                .filter(place -> place.index() > wash.lastRinse())
                .map(wash.routine()::at)
                .anyMatch(wanted);
    }

    private static boolean smallSections(Wash wash) {
        return wash.places().stream()
                .filter(place -> place.index() > wash.lastRinse())
                .map(place -> place.isInner()
                        ? wash.routine().steps().get(place.index())
                        : wash.routine().at(place))
                .anyMatch(step -> step.sectionsOrOne() >= SMALL_FROM);
    }

    private static boolean isWrapped(Step step) {
        return step.action() == Action.PLOP || step.action() == Action.MICROPLOP || step.action() == Action.WET_PLOP;
    }

    private static boolean isUpsideDown(Step step) {
        List<Position> positions = step.position();
        return !step.action().isDrying() && positions != null && positions.contains(Position.UPSIDE_DOWN);
    }
}
