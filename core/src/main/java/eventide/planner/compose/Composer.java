package eventide.planner.compose;

import eventide.hair.Density;
import eventide.hair.Pattern;
import eventide.hair.Zone;
import eventide.planner.Query;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Advised;
import eventide.routine.BrushDirection;
import eventide.routine.OwnedTool;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.wash.Scrunches;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Writes a choice out as a routine, in the trade's order of work. */
public final class Composer {
    /** Brushing and coiling want hair wetter than about 65 % [CP]; a little over, for it goes on drying. */
    private static final double SLIPPERY = 75;
    /** Before each section, minutes [OURS]. */
    public static final double MIST_MINUTES = .25;
    /** Two hands squeeze hair in about, minutes [OURS, as the step takes]. */
    public static final double SQUEEZE_MINUTES = .5;
    /** Hands squeeze no drier than this, percent [OURS]. */
    private static final double LEAST_SQUEEZED = 50;

    /** Sections of which the last wait long enough to be covered [OURS]. */
    private static final int WAITS_LONG_FROM = 6;

    /** Percent of water are said in fives: no hand hits them nearer [CP]. */
    private static final double FIVE = 5;
    /** Foam that lifts a crown: two eggs [CP: an egg is about 40 ml]. */
    private static final double CROWN_FOAM_ML = 80;
    /** Where foam goes over a gel. */
    private static final Set<Zone> CROWN_ALONE = Set.of(Zone.CROWN);
    /** Where a school wants the hair at the gel, percent: soaking, or damp [CP]. */
    public static final double SOAKING = 80;

    /** Percent of water hair is brought to where the school wants stylers on damp hair [CP]. */
    public static final double DAMP = 50;

    /** Part of a styler's window that hair is squeezed above what is aimed at [OURS]. */
    private static final double WAITS = .2;

    private final Query query;
    private final Preparation preparation;
    private final DryAndFinish drying;
    private final Pattern pattern;

    /** @param shelf what may be used here, as {@link ShelfFilter} leaves it */
    public Composer(Query query, List<Product> shelf) {
        this.query = query;
        Bottles bottles = new Bottles(query, shelf);
        this.preparation = new Preparation(query, bottles);
        this.drying = new DryAndFinish(query, bottles);
        this.pattern = query.hair().pattern();
    }

    /**
     * @param stayMinutes what goes home wet stays and dries for; counts nowhere else
     */
    public Routine compose(Candidate choice, double stayMinutes) {
        List<Step> steps = new ArrayList<>(preparation.steps(choice.details().before()));
        style(choice, steps);
        drying.dry(choice, stayMinutes, steps);
        if (choice.drying().ends()) {
            drying.finish(choice, steps);
        }
        Routine routine = Routine.of(steps);
        Details.Finish finish = choice.details().finish();
        return routine.kept(finish.refreshed(), finish.night());
    }

    /** The shortest stay there is before going home wet, minutes. */
    public double leastStay() {
        boolean underHood = drying.mayBlow() && !query.limitsOrUsual().has(OwnedTool.DIFFUSER);
        return underHood ? LEAST_UNDER_HOOD : LEAST_STAY;
    }

    /** Minutes below which nobody stays on under a dryer [OURS]. */
    private static final double LEAST_STAY = 5;
    /** Setting somebody under a hood for less takes longer than she sits there, minutes [OURS]. */
    private static final double LEAST_UNDER_HOOD = 10;

    /** Layers from the lightest to the one that holds, by the school's order, then the hands. */
    private void style(Candidate choice, List<Step> steps) {
        if (query.goal().volume() == 0) {
            // Hair sets as it lies wet: the line is made before anything goes on, and none where volume matters [CP].
            steps.add(Step.of(Action.SET_PART).build());
        }
        int sections = sections(choice);
        Details.Doses dose = choice.details().dose();
        List<Product> layers = new ArrayList<>();
        addIf(layers, drying.oil(Schools.OilPlace.BASE));
        boolean creamFirst = choice.details().work().creamFirst();
        addIf(layers, creamFirst ? choice.cream() : choice.leaveIn());
        addIf(layers, creamFirst ? choice.leaveIn() : choice.cream());
        for (Product layer : layers) {
            meet(choice, layer, steps);
            boolean moisture = layer == choice.leaveIn() || layer == choice.cream();
            Technique technique = layer == choice.leaveIn() ? Technique.RAKE : Technique.PRAYING_HANDS;
            StepBuilder apply =
                    Step.of(Action.APPLY).product(layer).technique(technique).sections(sections);
            if (moisture && dose.crownSpared()) {
                apply.zones(EnumSet.complementOf(EnumSet.of(Zone.CROWN)));
            }
            steps.add(dosed(offTheScalp(apply), layer, moisture ? dose.moisture() : Details.Share.ADVISED));
        }
        Product hold = choice.gel() != null ? choice.gel() : choice.mousse();
        boolean both = choice.gel() != null && choice.mousse() != null;
        boolean under = choice.details().work().foamUnder();
        if (both && under) {
            meet(choice, choice.mousse(), steps);
            StepBuilder apply = Step.of(Action.APPLY)
                    .product(choice.mousse())
                    .technique(Technique.PRAYING_HANDS)
                    .sections(sections);
            steps.add(dosed(offTheScalp(apply), choice.mousse(), dose.hold()));
        }
        if (hold != null) {
            shape(choice, hold, sections, steps);
        }
        if (both && !under) {
            // The rest keeps the water its gel is setting in.
            meet(choice, choice.mousse(), CROWN_ALONE, steps);
            StepBuilder apply = Step.of(Action.APPLY)
                    .product(choice.mousse())
                    .technique(Technique.PAT)
                    .zones(CROWN_ALONE);
            double ml = dose.hold().factor * Advised.zoneMl(choice.mousse(), query.hair(), Zone.CROWN);
            steps.add(
                    ml > CROWN_FOAM_ML
                            ? offTheScalp(apply).amountMl(CROWN_FOAM_ML).build()
                            : dosed(offTheScalp(apply), choice.mousse(), dose.hold()));
        }
        if (choice.details().work().lifted()) {
            // Head down, a shake frees them; upright they are lifted by the fingers [CP].
            boolean down = choice.details().work().upsideDown();
            steps.add(Step.of(down ? Action.SHAKE_ROOTS : Action.LIFT_ROOTS).build());
        }
    }

    /** With an amount where that is to be another than the advised one. */
    private Step dosed(StepBuilder apply, Product product, Details.Share amount) {
        if (amount == Details.Share.ADVISED) {
            return apply.build();
        }
        double advised = apply.build().zonesOrAll().stream()
                .mapToDouble(zone -> Advised.zoneMl(product, query.hair(), zone))
                .sum();
        return apply.amountMl(Math.round(advised * amount.factor * 10) / 10.0).build();
    }

    /** What holds goes on over the whole head where it is scrunched, else section by section, shaped while it is wet. */
    private void shape(Candidate choice, Product hold, int sections, List<Step> steps) {
        boolean free = leavesRootsFree();
        Details.Share amount = choice.details().dose().hold();
        if (choice.hands() == Candidate.Shaping.SCRUNCH) {
            meet(choice, hold, steps);
            Technique technique = hold.role() == Role.MOUSSE ? Technique.PRAYING_HANDS : Technique.GLAZE;
            steps.add(dosed(
                    on(Step.of(Action.APPLY).product(hold).technique(technique).sections(sections), free),
                    hold,
                    amount));
            scrunch(choice, steps);
            return;
        }
        boolean slides = choice.hands() == Candidate.Shaping.BRUSH || choice.hands() == Candidate.Shaping.COIL;
        double aim = slides ? slippery(aim(choice, hold), hold) : aim(choice, hold);
        squeezeFor(choice, hold, null, steps);
        Tool cover = query.limitsOrUsual().has(OwnedTool.CAP)
                ? Tool.CAP
                : query.limitsOrUsual().has(OwnedTool.TSHIRT) ? Tool.TSHIRT : null;
        if (sections >= WAITS_LONG_FROM && cover != null) {
            steps.add(Step.of(Action.COVER).tool(cover).build());
        }
        List<Step> inner = new ArrayList<>();
        inner.add(Step.of(Action.MIST).toWetness(aim).minutes(MIST_MINUTES).build());
        inner.add(dosed(on(Step.of(Action.APPLY).product(hold).technique(Technique.SMOOTH), free), hold, amount));
        switch (choice.hands()) {
            case BRUSH ->
                inner.add(Step.of(Action.BRUSH_STYLE)
                        .tool(Tool.BRUSH)
                        .brushDirection(query.goal().wantsVolume() ? BrushDirection.UP_AND_OUT : BrushDirection.FORWARD)
                        .build());
            case COIL -> inner.add(Step.of(Action.COIL).build());
            case SHINGLE -> inner.add(Step.of(Action.SHINGLE).build());
            default -> inner.add(Step.of(Action.SMOOTH).build());
        }
        steps.add(Step.of(Action.EACH_SECTION)
                .sections(sections)
                .order(choice.details().work().order().zones)
                .steps(inner)
                .build());
        if (choice.hands() == Candidate.Shaping.BRUSH) {
            afterBrushing(choice, steps);
        } else if (choice.hands() == Candidate.Shaping.SMOOTH && !pattern.isCoily()) {
            scrunch(choice, steps);
        }
    }

    /** As the school says; where none does, by the pattern. */
    private void afterBrushing(Candidate choice, List<Step> steps) {
        Schools.ScrunchAfterBrush school = query.schoolsOrDefault().scrunchAfterBrush();
        boolean waves = pattern.isWavy() || pattern.isStraight();
        if (school == Schools.ScrunchAfterBrush.YES || school != Schools.ScrunchAfterBrush.NO && waves) {
            scrunch(choice, steps);
        } else {
            steps.add(Step.of(Action.PRESS).build());
        }
    }

    private boolean sparesTheScalp() {
        return new ScalpCare(query).keepsRootsFree();
    }

    private StepBuilder offTheScalp(StepBuilder apply) {
        return on(apply, sparesTheScalp());
    }

    /** A scalp to be spared comes first, then what the school says, then whether volume is wanted. */
    private boolean leavesRootsFree() {
        Schools.RootProduct school = query.schoolsOrDefault().roots();
        return sparesTheScalp()
                || school == Schools.RootProduct.FREE
                || school != Schools.RootProduct.TO_ROOT && query.goal().wantsVolume();
    }

    private static StepBuilder on(StepBuilder apply, boolean free) {
        return free ? apply.parts(Set.of(Part.LENGTHS, Part.ENDS)) : apply;
    }

    /** Every zone as often as its own pattern takes it. */
    private void scrunch(Candidate choice, List<Step> steps) {
        int count = choice.details().work().scrunches();
        Set<Zone> fewer = EnumSet.noneOf(Zone.class);
        for (Zone zone : Zone.values()) {
            if (count > Scrunches.most(query.hair().at(zone).pattern())) {
                fewer.add(zone);
            }
        }
        if (!fewer.isEmpty()) {
            Set<Zone> others = EnumSet.complementOf(EnumSet.copyOf(fewer));
            steps.add(scrunch(choice, count).zones(others).build());
            steps.add(scrunch(choice, Scrunches.CURLY).zones(fewer).build());
        } else {
            steps.add(scrunch(choice, count).build());
        }
    }

    private static StepBuilder scrunch(Candidate choice, int count) {
        StepBuilder scrunch = Step.of(Action.SCRUNCH).count(count);
        return choice.details().work().upsideDown() ? scrunch.position(List.of(Position.UPSIDE_DOWN)) : scrunch;
    }

    /** Brings hair to the water a product works in; a step that changes nothing is taken out again at the end. */
    private void meet(Candidate choice, Product product, List<Step> steps) {
        meet(choice, product, null, steps);
    }

    /** @param zones all of the head where null */
    private void meet(Candidate choice, Product product, Set<Zone> zones, List<Step> steps) {
        squeezeFor(choice, product, zones, steps);
        if (product.windowLow() > 40 || isSoaked(product)) {
            steps.add(Step.of(Action.MIST)
                    .zones(zones)
                    .toWetness(aim(choice, product))
                    .build());
        }
    }

    /**
     * Brings the hair to a product's water where it comes wetter.
     *
     * @param zones all of the head where null
     */
    private void squeezeFor(Candidate choice, Product product, Set<Zone> zones, List<Step> steps) {
        if (isSqueezedFor(product, query.schoolsOrDefault())) {
            steps.add(Step.of(Action.SQUEEZE)
                    .zones(zones)
                    .toWetness(squeezed(choice, product))
                    .build());
        }
    }

    /** Whether hair comes out of the rinse wetter than a product likes it. */
    public static boolean isSqueezedFor(Product product, Schools schools) {
        return product.windowHigh() < 97 && !isSoaked(product, schools) || isDamp(product, schools);
    }

    private boolean isSoaked(Product product) {
        return isSoaked(product, query.schoolsOrDefault());
    }

    private static boolean isSoaked(Product product, Schools schools) {
        return product.role() == Role.GEL && schools.gelOn() == Schools.GelOn.SOAKING;
    }

    private boolean isDamp(Product product) {
        return isDamp(product, query.schoolsOrDefault());
    }

    private static boolean isDamp(Product product, Schools schools) {
        return product.role() == Role.GEL && schools.gelOn() == Schools.GelOn.DAMP;
    }

    /** Percent of water the hair is squeezed to. */
    private double squeezed(Candidate choice, Product product) {
        return isDamp(product)
                ? DAMP
                : squeezedTo(product, choice.details().work().water());
    }

    /** The water left in the hair for a product, percent. */
    public static double squeezedTo(Product product, Details.Water water) {
        double window = product.windowHigh() - product.windowLow();
        // Hair goes on drying till the styler is in it: a little wetter than it is to meet it.
        double to = product.windowLow() + window * Math.min(1, water.within + WAITS);
        return inFives(Math.max(LEAST_SQUEEZED, to), LEAST_SQUEEZED, product.windowHigh());
    }

    /** What hair is misted to for brushing and coiling with a product, percent. */
    public static double slippery(double aim, Product product) {
        return Math.max(aim, inFives(SLIPPERY, product.windowLow(), product.windowHigh()));
    }

    /** The water a product is met by, percent, in fives where its window has such a level: drier, usual or wetter in it. */
    public static double within(Product product, Details.Water water) {
        double to = product.windowLow() + (product.windowHigh() - product.windowLow()) * water.within;
        return inFives(to, product.windowLow(), product.windowHigh());
    }

    /**
     * The nearest level that a hand can tell from the next, inside a window where there is one: levels are said in fives.
     *
     * @return percent wet, in fives where a five lies inside the window
     */
    private static double inFives(double percent, double low, double high) {
        double nearest = Math.round(percent / FIVE) * FIVE;
        nearest = nearest > high ? Math.floor(high / FIVE) * FIVE : nearest;
        nearest = nearest < low ? Math.ceil(low / FIVE) * FIVE : nearest;
        return nearest > high ? percent : nearest;
    }

    /** Percent of water a product is to meet, by the school where it says, else by its own window. */
    private double aim(Candidate choice, Product product) {
        if (isSoaked(product) || isDamp(product)) {
            return isDamp(product) ? DAMP : SOAKING;
        }
        return within(product, choice.details().work().water());
    }

    private int sections(Candidate choice) {
        return sections(choice.frame(), choice.isShaped());
    }

    /**
     * 2–3 for wavy to 8 and more for coily; more for definition, fewer for volume [CP], and no more than its length has pieces for.
     *
     * @return pieces, at least 1
     */
    public int sections(Frame frame, boolean shaped) {
        double sections = pattern.isStraight() || pattern.isWavy() ? 3 : pattern.isCurly() ? 4 : 8;
        if (query.goal().definition() == 3) {
            sections *= 1.5;
        }
        if (query.goal().wantsVolume() && query.goal().volume() > query.goal().definition()) {
            sections *= .75;
        }
        if (query.hair().density() == Density.HIGH) {
            sections *= 1.25;
        }
        // Where nothing holds nobody shapes, and all hands come to the same.
        boolean piecewise =
                shaped && (frame.hands() == Candidate.Shaping.COIL || frame.hands() == Candidate.Shaping.SHINGLE);
        if (piecewise) {
            sections *= 1.5;
        }
        sections *= frame.sections().factor;
        int least = !shaped || frame.hands() == Candidate.Shaping.SCRUNCH ? 2 : 4;
        double most = Math.max(
                least, Math.min(MOST_PIECES, LEAST_PIECES + query.hair().lengthCm() / CM_FOR_A_PIECE));
        return (int) Math.max(least, Math.round(Math.min(most, sections)));
    }

    /** Short hair has few pieces to part it into: so many, and one more for so many cm [OURS]. */
    private static final double LEAST_PIECES = 2;

    /** Centimetres of hair that make one more piece worth parting [OURS]. */
    private static final double CM_FOR_A_PIECE = 3;
    /** More are hours of work, whatever the hair [OURS]. */
    private static final double MOST_PIECES = 16;

    /** @param product null for none */
    private static void addIf(List<Product> layers, Product product) {
        if (product != null) {
            layers.add(product);
        }
    }
}
