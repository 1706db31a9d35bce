package eventide.wash;

import eventide.air.Air;
import eventide.drying.Course;
import eventide.drying.Mark;
import eventide.drying.TideModel;
import eventide.drying.Visit;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.product.Product;
import eventide.routine.Action;
import eventide.routine.Amount;
import eventide.routine.Amounts;
import eventide.routine.Goal;
import eventide.routine.Half;
import eventide.routine.Limits;
import eventide.routine.Measured;
import eventide.routine.NightCare;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

/** Everything there is to know about one routine on one head: what rules and scores look at. */
public final class Wash {
    private final Routine routine;
    private final Hair hair;
    private final Goal goal;
    private final Air air;
    private final Schools schools;
    private final Limits limits;
    private final Course course;
    private final Teaching teaching;
    private final List<Measured> measured;
    private final List<Layer> layers;
    private final Map<Zone, List<Layer>> layersByZone;
    private final Map<Zone, List<Visit>> stylingByZone;
    private final ZonesReached zonesReached;
    private final DewPoints dewPoints;
    private final double castMinute;
    private final double firstCastMinute;
    /** Null where both are looked at. */
    private final Half half;

    private final int lastRinse;
    /** Found on first asking, the same by whoever asks. */
    private volatile Set<Manner> manners;

    private final List<StepPlace> places;

    /** Of the air, in °C: worked out once, for every zone asks. */
    private record DewPoints(double roomC, double wornC, double driestC) {}

    private Wash(
            Routine routine,
            Hair hair,
            Goal goal,
            Air air,
            Schools schools,
            Limits limits,
            Course course,
            Teaching teaching) {
        this.routine = routine;
        this.hair = hair;
        this.goal = goal;
        this.air = air;
        this.schools = schools == null ? Schools.DEFAULT : schools;
        this.limits = limits;
        this.course = course;
        this.teaching = teaching;
        this.dewPoints = new DewPoints(air.dewPointC(), air.wornDewPointC(), air.driestDewPointC());
        this.measured = Amounts.measured(routine, hair);
        this.lastRinse = routine.lastRinse();
        this.places = List.copyOf(routine.places());
        this.zonesReached = new ZonesReached(routine, course);
        this.layers = layersWorn();
        this.layersByZone = new EnumMap<>(Zone.class);
        this.stylingByZone = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            layersByZone.put(zone, within(layers, layer -> layer.isIn(zone)));
            stylingByZone.put(
                    zone, within(course.visits(), visit -> visit.place().index() > lastRinse && visit.isIn(zone)));
        }
        double[] casts = course.tide().marks().stream()
                .filter(mark -> mark.what() == Mark.Moment.CAST_SET)
                .mapToDouble(Mark::minute)
                .toArray();
        this.castMinute = casts.length == 0 ? Double.POSITIVE_INFINITY : casts[casts.length - 1];
        this.firstCastMinute = casts.length == 0 ? Double.POSITIVE_INFINITY : casts[0];
        this.half = null;
    }

    /**
     * @param half the one that is looked at, null where like's is
     */
    private Wash(Wash like, Routine routine, Half half) {
        this.routine = routine;
        hair = like.hair;
        goal = like.goal;
        air = like.air;
        dewPoints = like.dewPoints;
        schools = like.schools;
        limits = like.limits;
        course = like.course;
        teaching = like.teaching;
        manners = like.manners;
        measured = like.measured;
        lastRinse = like.lastRinse;
        zonesReached = like.zonesReached;
        castMinute = like.castMinute;
        firstCastMinute = like.firstCastMinute;
        this.half = half == null ? like.half : half;
        if (half == null) {
            places = like.places;
            layers = like.layers;
            layersByZone = like.layersByZone;
            stylingByZone = like.stylingByZone;
            return;
        }
        places = like.places.stream().filter(place -> isOn(place, half)).toList();
        layers = within(like.layers, layer -> layer.isOn(half));
        layersByZone = new EnumMap<>(Zone.class);
        stylingByZone = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            layersByZone.put(zone, within(like.layersByZone.get(zone), layer -> layer.isOn(half)));
            stylingByZone.put(zone, within(like.stylingByZone.get(zone), visit -> isOn(visit.place(), half)));
        }
    }

    /** Whether a step keeps to the other half of the head, or its group does. */
    private boolean isOn(StepPlace place, Half wanted) {
        Half own = routine.at(place).half();
        Half frame = routine.steps().get(place.index()).half();
        return (own == null || own == wanted) && (frame == null || frame == wanted);
    }

    /** Whether only one half of the head is looked at. */
    public boolean isHalf() {
        return half != null;
    }

    /** As one half of the head had it: without what was done on the other alone. */
    public Wash on(Half wanted) {
        return new Wash(this, routine, wanted);
    }

    /** Whether anything in it keeps to one half of the head. */
    public boolean hasHalves() {
        for (StepPlace place : places) {
            if (routine.at(place).half() != null
                    || routine.steps().get(place.index()).half() != null) {
                return true;
            }
        }
        return false;
    }

    /** Whether a step of the routine is done on the half that is looked at. */
    public boolean has(Step step) {
        return half == null || step.half() == null || step.half() == half;
    }

    /** Runs the water model; schools and limits may be null. */
    public static Wash of(Routine routine, Hair hair, Goal goal, Air air, Schools schools, Limits limits) {
        return of(routine, hair, goal, air, schools, limits, Teaching.NONE, TideModel.run(routine, hair, air));
    }

    /**
     * As {@link #of(Routine, Hair, Goal, Air, Schools, Limits)} where the course is known.
     *
     * @param teaching what the log has taught
     * @param course of this routine over this head in this air
     */
    public static Wash of(
            Routine routine,
            Hair hair,
            Goal goal,
            Air air,
            Schools schools,
            Limits limits,
            Teaching teaching,
            Course course) {
        return new Wash(routine, hair, goal, air, schools, limits, course, teaching);
    }

    /** The same with what a log has taught of such washes. */
    public Wash taught(Correction learned) {
        return new Wash(routine, hair, goal, air, schools, limits, course, Teaching.of(learned));
    }

    /** The same wash kept otherwise from day to day: the water knows nothing of that. */
    public Wash kept(boolean refreshed, NightCare night) {
        return new Wash(this, routine.kept(refreshed, night), null);
    }

    /** The same head, air and wishes with another routine. */
    public Wash with(Routine other) {
        return of(other, hair, goal, air, schools, limits, teaching, TideModel.run(other, hair, air));
    }

    /** What is wanted of a list, in its order; a plain loop, for a search asks it a million times. */
    private static <T> List<T> within(List<T> all, Predicate<T> wanted) {
        List<T> found = new ArrayList<>(all.size());
        for (T one : all) {
            if (wanted.test(one)) {
                found.add(one);
            }
        }
        return List.copyOf(found);
    }

    /** What was put on and stayed on: after the last rinse, by steps that were reached. In the order it went on. */
    private List<Layer> layersWorn() {
        List<Layer> worn = new ArrayList<>();
        for (Measured amount : measured) {
            StepPlace place = amount.place();
            Step step = routine.at(place);
            if (place.index() <= lastRinse || step.washes()) {
                continue;
            }
            List<Visit> visits = course.visits(place);
            if (visits.isEmpty()) {
                continue;
            }
            worn.add(new Layer(
                    place,
                    step,
                    place.isInner() ? routine.steps().get(place.index()).half() : null,
                    amount.product(),
                    amount,
                    visits,
                    zonesOf(place)));
        }
        return List.copyOf(worn);
    }

    public Routine routine() {
        return routine;
    }

    /**
     * As {@link Routine#lastRinse()}, asked once.
     *
     * @return an index among the steps, or -1
     */
    public int lastRinse() {
        return lastRinse;
    }

    /** As {@link Routine#places()}, asked once. */
    public List<StepPlace> places() {
        return places;
    }

    public Hair hair() {
        return hair;
    }

    public Goal goal() {
        return goal;
    }

    public Air air() {
        return air;
    }

    /**
     * As {@link Air#dewPointC}.
     *
     * @return °C
     */
    public double roomDewPointC() {
        return dewPoints.roomC();
    }

    /**
     * As {@link Air#wornDewPointC}.
     *
     * @return °C
     */
    public double wornDewPointC() {
        return dewPoints.wornC();
    }

    /**
     * As {@link Air#driestDewPointC}.
     *
     * @return °C
     */
    public double driestDewPointC() {
        return dewPoints.driestC();
    }

    /** The trade's usual answers where none is named. */
    public Schools schools() {
        return schools;
    }

    /** Null where none are set. */
    public Limits limits() {
        return limits;
    }

    /** What the log has taught; {@link Correction#NONE} where nothing. */
    public Correction correction() {
        return teaching.correction();
    }

    /** The same, sorted by where it counts. */
    public Teaching teaching() {
        return teaching;
    }

    /** Every way of working it shows. */
    public Set<Manner> manners() {
        if (manners == null) {
            manners = Manner.of(routine);
        }
        return manners;
    }

    /** What the water did; its visits are those of this routine. */
    public Course course() {
        return course;
    }

    /** Of every step that puts something on, what it takes and what is advised. */
    public List<Amount> amounts() {
        return measured.stream().map(Measured::said).toList();
    }

    /** The same, not put in words. */
    public List<Measured> measured() {
        return measured;
    }

    /** What stays in the hair, in the order it went on. */
    public List<Layer> layers() {
        return layers;
    }

    /** What is worn in a zone, in the order it went on; what was rinsed out is not. */
    public List<Layer> layersIn(Zone zone) {
        return layersByZone.get(zone);
    }

    /** Every turn of hands or air at a zone once the hair is washed, in the order of time. */
    public List<Visit> stylingIn(Zone zone) {
        return stylingByZone.get(zone);
    }

    /** Hands are on some hair of a zone in this step. */
    public boolean reaches(StepPlace place, Zone zone) {
        return zonesReached.has(place, zone);
    }

    /** Zones any turn of a step was at. */
    private Set<Zone> zonesOf(StepPlace place) {
        Set<Zone> zones = EnumSet.noneOf(Zone.class);
        for (Zone zone : Zone.values()) {
            if (reaches(place, zone)) {
                zones.add(zone);
            }
        }
        return zones;
    }

    /**
     * When the last cast of the wash has set; infinite where none does.
     *
     * @return minutes from the first step
     */
    public double castMinute() {
        return castMinute;
    }

    /**
     * When the first cast of the wash has set; infinite where none does.
     *
     * @return minutes from the first step
     */
    public double firstCastMinute() {
        return firstCastMinute;
    }

    /** The last layer of hold put on before a minute, null where there is none. */
    public Layer lastHoldBefore(double minute) {
        Layer last = null;
        for (Layer layer : layers) {
            if (layer.holds() && layer.startMinute() < minute) {
                last = layer;
            }
        }
        return last;
    }

    /** Dry, styled hair that is only misted: a little of the same styler is meant, not a wash day. */
    public boolean isRefresh() {
        return routine.startWetnessOrDripping() < 10
                && course.visits().stream()
                        .noneMatch(v -> v.step().action().soaks() || v.step().action() == Action.REWET);
    }

    /** Steps with hands of their own that come after another, in the order of writing. */
    public boolean isAfter(StepPlace later, StepPlace earlier) {
        return later.compareTo(earlier) > 0;
    }

    /** What goes on in a step, mixed into one where several are; null for none. */
    public Product productOf(StepPlace place) {
        return routine.at(place).worn();
    }
}
