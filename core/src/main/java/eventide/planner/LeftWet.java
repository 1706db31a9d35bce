package eventide.planner;

import eventide.drying.Courses;
import eventide.hair.Strand;
import eventide.planner.Search.Frame;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Schools;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * The water that plans of one kind leave in the hair at least, where they leave it to dry at home: found by running the
 * longest of them, with every layer there can be, over the driest hair any styler asks for.
 */
final class LeftWet {
    /** Points of water that another plan may have less [OURS]. */
    private static final double LESS = 3;
    /** The same where a dryer stops, its roots having had more of it [OURS]. */
    private static final double LESS_STOPPED = 7;
    /** The same where hair is misted for one layer and squeezed for the next: each squeeze takes some from the roots [OURS]. */
    private static final double LESS_SQUEEZED = 7;

    private final Query query;
    private final Composer composer;
    private final Details details;
    private final Courses courses;
    private final Map<Key, Double> known = new ConcurrentHashMap<>();

    private record Key(Frame frame, boolean shaped, WaterTargets water, Layers layers) {}

    LeftWet(Query query, Composer composer, Details details, Courses courses) {
        this.query = query;
        this.composer = composer;
        this.details = details;
        this.courses = courses;
    }

    /**
     * What it takes from the worth of every such plan; 0 where they end dry.
     *
     * @param layers null while any may still be added
     */
    double costs(Frame frame, boolean shaped, WaterTargets water, Layers layers) {
        return frame.drying().ends() ? 0 : known.computeIfAbsent(new Key(frame, shaped, water, layers), this::run);
    }

    private double run(Key key) {
        Layers layers = key.layers() == null ? every(key.shaped()) : key.layers();
        Choice longest = new Choice(
                layers.leaveIn() ? stand(Role.LEAVE_IN) : null,
                layers.cream() ? stand(Role.CREAM) : null,
                layers.gel() ? stand(Role.GEL) : null,
                layers.mousse() ? stand(Role.MOUSSE) : null,
                key.frame().hands(),
                Choice.Sections.MORE,
                key.frame().drying(),
                details.with(layers.worked(details.work())));
        var routine = composer.sparing(key.water()).compose(longest);
        double left = Worth.left(courses.over(routine));
        boolean home = key.frame().drying() == Choice.Drying.HOME;
        double less = !home ? LESS_STOPPED : layers.count() > 1 ? LESS_SQUEEZED : LESS;
        return Worth.DAMP_COSTS * Math.max(0, left - less);
    }

    private Layers every(boolean shaped) {
        Schools.MoussePlace mousse = query.schoolsOrDefault().mousse();
        boolean one = mousse == Schools.MoussePlace.INSTEAD
                || mousse == null && query.hair().strand() == Strand.FINE;
        return new Layers(true, true, shaped, shaped && !one, true);
    }

    private static Product stand(Role role) {
        return new StandIn(role, role == Role.GEL, false).bottle();
    }
}
