package eventide.planner;

import java.util.HashMap;
import java.util.Map;

/**
 * How long a search goes on that finds nothing better. Where few plans can be written at all it goes on until none of the
 * rest can be better. On a large shelf thousands of mixtures of bottles come within a fraction of a point of the best: there
 * it takes what it has once so many, the most promising first, have brought nothing. All figures [OURS].
 */
final class Patience {
    /** Of so many plans each is looked at, if need be. */
    private static final int FEW = 5000;
    /** Runs through the water that brought nothing better: on random shelves of 60 the plan taken is hardly ever found later. */
    private static final int RUNS = 250;
    /** Branches weighed that brought nothing better. */
    private static final int BRANCHES = 10_000;
    /** The same where nothing yet keeps the limits: then it is said which one is in the way. */
    private static final int RUNS_WITHOUT_ANY = 600;

    /** Of one kind so many that break a limit, and hardly one that does not: what else is of that kind can wait. */
    private static final int BARREN_FROM = 10;

    private static final int BARREN_RATIO = 9;

    private final boolean endless;
    private final Map<Branch.Kind, int[]> fruitful = new HashMap<>();
    private int runs;
    private int branches;

    private Patience(boolean endless) {
        this.endless = endless;
    }

    /**
     * @param plans that can be written
     */
    static Patience with(long plans) {
        return new Patience(plans <= FEW);
    }

    static Patience endless() {
        return new Patience(true);
    }

    void ran(Judged plan) {
        runs++;
        fruitful.computeIfAbsent(Branch.Kind.of(plan.choice()), any -> new int[2])[plan.isFeasible() ? 1 : 0]++;
    }

    void weighed(int more) {
        branches += more;
    }

    /** Something better was found: all begins anew. */
    void reward() {
        runs = 0;
        branches = 0;
    }

    /** Nearly all of its kind broke a limit. */
    boolean isBarren(Branch.Kind kind) {
        int[] some = fruitful.get(kind);
        return some != null && some[0] >= BARREN_FROM && some[0] > BARREN_RATIO * some[1];
    }

    /**
     * @param any whether a plan is known that keeps the limits
     */
    boolean isOver(boolean any) {
        return !endless && (any ? runs >= RUNS || branches >= BRANCHES : runs >= RUNS_WITHOUT_ANY);
    }
}
