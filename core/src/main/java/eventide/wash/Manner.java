package eventide.wash;

import eventide.routine.Action;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.Technique;
import eventide.shape.Said;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** A way of working that a log can tell apart: what is learned of one holds wherever a routine is done that way. */
public enum Manner implements Said {
    COILED("coiled", "not coiled", step -> step.action() == Action.COIL),
    SHINGLED("shingled", "not shingled", step -> step.action() == Action.SHINGLE),
    BRUSHED("brush-styled", "not brush-styled", step -> step.action() == Action.BRUSH_STYLE),
    RAKED("raked", "not raked", step -> step.technique() == Technique.RAKE),
    SMALL_SECTIONS(
            "sections of 10 and more", "fewer sections than 10", step -> step.sectionsOrOne() >= Manner.SMALL_FROM),
    FABRIC("cloth on wet hair", "no cloth", Manner::isWrapped),
    UPSIDE_DOWN("styled upside down", "not upside down", Manner::isUpsideDown),
    DIFFUSED("diffused", "not diffused", step -> step.action() == Action.CUP || step.action() == Action.HOVER),
    HOODED("under the hood", "no hood", step -> step.action() == Action.HOOD),
    FLUFFED("fluffed once dry", "not fluffed", step -> step.action() == Action.FLUFF),
    PICKED("picked at the root", "not picked", step -> step.action() == Action.PICK);

    /** From so many on it is careful work [CP: 8 and more; the ten OURS]. */
    private static final int SMALL_FROM = 10;

    private final String label;
    private final String otherwise;
    private final Predicate<Step> is;

    /**
     * @param otherwise what is said of a wash without it
     * @param is whether a step is done so
     */
    Manner(String label, String otherwise, Predicate<Step> is) {
        this.label = label;
        this.otherwise = otherwise;
        this.is = is;
    }

    @Override
    public String label() {
        return label;
    }

    /** What it is called where it is not done. */
    public String otherwise() {
        return otherwise;
    }

    /** Every way a routine is done in, once it is rinsed for the last time. */
    public static Set<Manner> of(Routine routine) {
        Set<Manner> all = EnumSet.noneOf(Manner.class);
        for (Step step :
                routine.steps().subList(routine.lastRinse() + 1, routine.steps().size())) {
            add(step, all);
            if (step.steps() != null) {
                step.steps().forEach(inner -> add(inner, all));
            }
        }
        return all;
    }

    private static void add(Step step, Set<Manner> all) {
        for (Manner one : values()) {
            if (one.is.test(step)) {
                all.add(one);
            }
        }
    }

    private static boolean isWrapped(Step step) {
        return step.action() == Action.PLOP || step.action() == Action.MICROPLOP || step.action() == Action.WET_PLOP;
    }

    private static boolean isUpsideDown(Step step) {
        List<Position> positions = step.position();
        return !step.action().isDrying() && positions != null && positions.contains(Position.UPSIDE_DOWN);
    }
}
