package eventide.planner.compose;

import eventide.check.DampAir;
import eventide.drying.OpenEnds;
import eventide.hair.Pattern;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.planner.Query;
import eventide.product.Cast;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Heat;
import eventide.routine.Limits;
import eventide.routine.NightCare;
import eventide.routine.OwnedTool;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.Schools;
import eventide.routine.Speed;
import eventide.routine.Step;
import eventide.routine.StepBuilder;
import eventide.routine.Technique;
import eventide.routine.Tool;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/** From loaded, shaped hair to the end: cloth, clips, the drying programme with its stops, and the finish. */
public final class DryAndFinish {
    /** Of the whole head: the roots lag behind, and its lengths are then about 70 % dry [OURS]. */
    private static final double CLIPS_DRY = 62;

    /** Percent dry at which the dryer is put down where air does the rest [CP]. */
    private static final double PART_DRY = 85;
    /** Between rounds, when hair is about this dry, oil goes on frizzy strands [CP]. */
    private static final double BETWEEN_DRY = 80;
    /** How long a school stays where it says the dryer begins, minutes [OURS]. */
    private static final double BEGIN_MINUTES = 5;

    /** Cool air, or air alone, after a warm dryer, minutes [OURS]. */
    private static final double COOL_MINUTES = 2;
    /** Wrapped up in a T-shirt, minutes [CP: 10 to 30]. */
    private static final double PLOP_MINUTES = 10;

    private static final List<Position> TURNS = List.of(Position.SIDE, Position.UPSIDE_DOWN, Position.UPRIGHT);
    private static final List<Position> SIDES = List.of(Position.SIDE, Position.UPRIGHT);

    private final Query query;
    private final Bottles bottles;

    public DryAndFinish(Query query, Bottles bottles) {
        this.query = query;
        this.bottles = bottles;
    }

    /**
     * @param stayMinutes what goes home wet stays and dries for; counts nowhere else
     */
    public void dry(Candidate choice, double stayMinutes, List<Step> steps) {
        Details.Finish finish = choice.details().finish();
        switch (finish.cloth()) {
            case MICROPLOP ->
                steps.add(Step.of(Action.MICROPLOP).tool(Tool.TSHIRT).build());
            case PLOP ->
                steps.add(Step.of(Action.PLOP)
                        .tool(Tool.TSHIRT)
                        .minutes(PLOP_MINUTES)
                        .build());
            default -> {
                // no cloth drinks the styler
            }
        }
        if (choice.drying() == Candidate.Drying.HOME) {
            stay(choice, stayMinutes, steps);
            return;
        }
        boolean clips = finish.clips();
        if (clips) {
            steps.add(Step.of(Action.CLIP_ROOTS)
                    .zones(Set.of(Zone.CROWN))
                    .count(6)
                    .build());
        }
        if (choice.drying() == Candidate.Drying.AIR || choice.drying() == Candidate.Drying.AIR_ROOTS) {
            air(choice, clips, steps);
        } else if (choice.drying() == Candidate.Drying.HOOD) {
            hood(choice, clips, steps);
        } else {
            diffuse(choice, clips, stayMinutes, steps);
        }
    }

    /**
     * What minutes there are before it goes home: under the dryer there is, held off the hair, else in the air.
     */
    private void stay(Candidate choice, double minutes, List<Step> steps) {
        if (minutes > COOL_MINUTES && mayBlow()) {
            guard(choice, steps);
            StepBuilder dryer = query.limitsOrUsual().has(OwnedTool.DIFFUSER)
                    ? Step.of(Action.HOVER).speed(Speed.HIGH).position(turns(choice))
                    : Step.of(Action.HOOD);
            steps.add(dryer.heat(Heat.WARM).minutes(minutes - COOL_MINUTES).build());
            steps.add(Step.of(Action.AIR).minutes(COOL_MINUTES).build());
        } else if (minutes > 0) {
            steps.add(air().minutes(minutes).build());
        }
    }

    /** Left to the air; moved by a fan where it is so damp that hair would hardly dry. A fan belongs to the room, not to the tools. */
    private StepBuilder air() {
        return Step.of(DampAir.slowsDrying(query.air()) ? Action.FAN : Action.AIR);
    }

    /** Whether there is a machine and the school lets one dry. */
    boolean mayBlow() {
        Limits limits = query.limitsOrUsual();
        return query.schoolsOrDefault().dryTo() != Schools.DryTo.AIR
                && (limits.has(OwnedTool.DIFFUSER) || limits.has(OwnedTool.HOODED_DRYER));
    }

    /** In the room's air: clips out on the way, roots by the dryer where the plan says so. */
    private void air(Candidate choice, boolean clips, List<Step> steps) {
        if (clips) {
            steps.add(air().untilDry(CLIPS_DRY).build());
            steps.add(Step.of(Action.UNCLIP).zones(Set.of(Zone.CROWN)).build());
        }
        if (choice.drying() == Candidate.Drying.AIR) {
            steps.add(air().untilDry(100.0).build());
            return;
        }
        guard(choice, steps);
        steps.add(air().untilDry(PART_DRY).build());
        steps.add(Step.of(Action.HOVER)
                .parts(Set.of(Part.ROOTS))
                .heat(Heat.WARM)
                .speed(Speed.LOW)
                .tension(true)
                .position(turns(choice))
                .untilDry(100.0)
                .build());
        steps.add(air().untilDry(100.0).build());
    }

    /** Warm air all round, hands off; the air after it cools the hair. */
    private void hood(Candidate choice, boolean clips, List<Step> steps) {
        guard(choice, steps);
        if (clips) {
            steps.add(hood(CLIPS_DRY));
            steps.add(Step.of(Action.UNCLIP).zones(Set.of(Zone.CROWN)).build());
        }
        steps.add(hood(100));
        steps.add(Step.of(Action.AIR).minutes(COOL_MINUTES).build());
    }

    private static Step hood(double untilDry) {
        return Step.of(Action.HOOD).heat(Heat.WARM).untilDry(untilDry).build();
    }

    /** A protectant before heat, unless the gel is one. */
    private void guard(Candidate choice, List<Step> steps) {
        Product guard = bottles.first(Role.HEAT_PROTECTANT);
        boolean guarded = choice.gel() != null && choice.gel().guardsHeat();
        if (guard != null && !guarded) {
            steps.add(Step.of(Action.APPLY)
                    .product(guard)
                    .technique(Technique.SPRAY)
                    .build());
        }
    }

    /** Hovering until the cast has set, then the bowl: before that it would be broken up where it is cupped. */
    private void diffuse(Candidate choice, boolean clips, double stayMinutes, List<Step> steps) {
        guard(choice, steps);
        begin(choice, steps);
        if (Cast.isSetBy(choice.hold()) && !query.schoolsOrDefault().cupsFromStart()) {
            steps.add(dryer(choice, Action.HOVER, OpenEnds.CAST_HAS_SET, Speed.HIGH));
        }
        if (clips) {
            steps.add(dryer(choice, Action.CUP, CLIPS_DRY, Speed.LOW));
            steps.add(Step.of(Action.UNCLIP).zones(Set.of(Zone.CROWN)).build());
        }
        Product oil = oil(Schools.OilPlace.BETWEEN);
        if (oil != null) {
            steps.add(dryer(choice, Action.CUP, BETWEEN_DRY, Speed.LOW));
            steps.add(drops(Action.APPLY, oil)
                    .zones(Set.of(Zone.CROWN, Zone.HAIRLINE))
                    .build());
        }
        if (choice.drying() != Candidate.Drying.DIFFUSE) {
            steps.add(dryer(choice, Action.CUP, choice.details().finish().stop(), Speed.LOW));
            if (choice.drying() == Candidate.Drying.PART) {
                steps.add(air().untilDry(100.0).build());
            } else if (stayMinutes > 0) {
                steps.add(air().minutes(stayMinutes).build());
            }
            return;
        }
        if (choice.details().finish().roots() == Details.Roots.TENSED) {
            steps.add(dryer(choice, Action.CUP, PART_DRY, Speed.LOW));
            steps.add(Step.of(Action.HOVER)
                    .parts(Set.of(Part.ROOTS))
                    .heat(Heat.WARM)
                    .speed(Speed.LOW)
                    .tension(true)
                    .untilDry(100.0)
                    .build());
        }
        steps.add(dryer(choice, Action.CUP, 100, Speed.LOW));
        // A dryer without a cool setting: the air cools it [CP].
        boolean cool = query.limitsOrUsual().has(OwnedTool.COOL_SETTING);
        steps.add(
                cool
                        ? Step.of(Action.CUP)
                                .heat(Heat.COOL)
                                .speed(Speed.LOW)
                                .minutes(COOL_MINUTES)
                                .build()
                        : Step.of(Action.AIR).minutes(COOL_MINUTES).build());
    }

    /** Where a school begins: held off the hair, so that nothing is touched before the cast. None said: all over. */
    private void begin(Candidate choice, List<Step> steps) {
        Schools.DiffuseFrom from = query.schoolsOrDefault().diffuseFrom();
        if (from == null) {
            return;
        }
        steps.add(Step.of(Action.HOVER)
                .parts(from == Schools.DiffuseFrom.ROOTS ? Set.of(Part.ROOTS) : Set.of(Part.LENGTHS, Part.ENDS))
                .heat(Heat.WARM)
                .speed(Speed.HIGH)
                .position(turns(choice))
                .minutes(BEGIN_MINUTES)
                .build());
    }

    /** @param untilDry percent dry at which it is put down */
    private static Step dryer(Candidate choice, Action action, double untilDry, Speed speed) {
        return Step.of(action)
                .heat(Heat.WARM)
                .speed(speed)
                .position(turns(choice))
                .untilDry(untilDry)
                .build();
    }

    private static List<Position> turns(Candidate choice) {
        return choice.details().finish().turned() ? TURNS : SIDES;
    }

    private static StepBuilder drops(Action action, Product oil) {
        return Step.of(action).product(oil).technique(Technique.DROPS);
    }

    /** The oil for a place, null where it does not go there: as a finish unless the school says other, never on fine hair. */
    public Product oil(Schools.OilPlace at) {
        Schools.OilPlace place = query.schoolsOrDefault().oil();
        boolean here = place == at || place == null && at == Schools.OilPlace.FINISH;
        if (!here || query.hair().strand() == Strand.FINE) {
            return null;
        }
        // On dry hair: an oil that asks for water is another thing.
        return bottles.first(Role.OIL, p -> at == Schools.OilPlace.BASE || p.takesAt(0));
    }

    /** Breaks the cast, fluffs and lifts roots, as decided: for hair that ends dry only. */
    public void finish(Candidate choice, List<Step> steps) {
        Product oil = oil(Schools.OilPlace.FINISH);
        boolean cast = casts(choice);
        if (choice.details().finish().castLeft()) {
            return;
        }
        if (oil != null && (cast || query.goal().softness() >= 2)) {
            steps.add(drops(Action.BREAK_CAST, oil).build());
        } else if (cast) {
            steps.add(Step.of(Action.BREAK_CAST).build());
        }
        if (choice.details().finish().fluff()) {
            steps.add(Step.of(Action.FLUFF).build());
        }
        if (choice.drying().ends()) {
            roots(choice.details().finish().roots(), steps);
        }
    }

    /** What is done at the roots once hair is dry. */
    private static void roots(Details.Roots roots, List<Step> steps) {
        if (roots == Details.Roots.PICKED) {
            steps.add(Step.of(Action.PICK)
                    .tool(Tool.PICK)
                    .parts(Set.of(Part.ROOTS))
                    .build());
        } else if (roots == Details.Roots.STRETCHED) {
            steps.add(Step.of(Action.STRETCH)
                    .heat(Heat.COOL)
                    .tension(true)
                    .parts(Set.of(Part.ROOTS))
                    .build());
        }
    }

    /** What may be done at the roots: where they are dry, with what is here today, for who wants it. */
    public static List<Details.Roots> roots(Query query, Candidate choice) {
        List<Details.Roots> open = new ArrayList<>(List.of(Details.Roots.LEFT));
        boolean bare = choice.drying().ends() && !choice.details().finish().castLeft();
        if (bare && query.goal().volume() > 0 && query.limitsOrUsual().has(OwnedTool.PICK)) {
            open.add(Details.Roots.PICKED);
        }
        boolean longer = query.goal().length() > 0 && !isLoose(query.hair().pattern());
        boolean dryer = query.limitsOrUsual().has(OwnedTool.DIFFUSER);
        if (bare && longer && dryer && query.limitsOrUsual().has(OwnedTool.COOL_SETTING)) {
            open.add(Details.Roots.STRETCHED);
        }
        if (longer && dryer && choice.drying() == Candidate.Drying.DIFFUSE) {
            open.add(Details.Roots.TENSED);
        }
        return open;
    }

    /** Waves and straight hair have hardly any length to give back. */
    private static boolean isLoose(Pattern pattern) {
        return pattern.isWavy() || pattern.isStraight();
    }

    /** The cloths that are here, and that the school and the pattern take: coils keep their water [CP]. */
    public static List<Details.Cloth> cloths(Query query) {
        boolean any = query.limitsOrUsual().has(OwnedTool.TSHIRT)
                && !query.schoolsOrDefault().neverFabric()
                && !query.hair().pattern().isCoily();
        if (!any) {
            return List.of(Details.Cloth.NONE);
        }
        boolean asked = query.schoolsOrDefault().fabric() == Schools.YesNo.YES;
        return asked
                ? List.of(Details.Cloth.MICROPLOP, Details.Cloth.PLOP)
                : List.of(Details.Cloth.MICROPLOP, Details.Cloth.PLOP, Details.Cloth.NONE);
    }

    /** Whether what goes on holds enough to set a cast. */
    public static boolean casts(Candidate choice) {
        return Cast.isSetBy(choice.hold());
    }

    /** Fluffed where volume is wanted, no clips, no cast left: what a search begins with. */
    public static Details.Finish usual(Query query) {
        boolean volume = query.goal().wantsVolume();
        return new Details.Finish(
                true,
                false,
                false,
                volume,
                PART_DRY,
                Details.Roots.LEFT,
                cloths(query).get(0),
                Details.Stay.REST,
                false,
                NightCare.NONE);
    }

    /** Every way to clip, stop, break the cast and fluff that is another routine. */
    public static List<Details.Finish> all(Query query, Candidate choice) {
        List<Details.Finish> all = new ArrayList<>();
        boolean mayClip = query.limitsOrUsual().has(OwnedTool.CLIPS) && choice.drying() != Candidate.Drying.HOME;
        for (boolean clips : mayClip ? BOTH : NEITHER) {
            for (double stop : choice.drying().stops() ? stops(query) : List.of(PART_DRY)) {
                all.add(finish(clips, false, false, stop));
                if (choice.drying().ends()) {
                    all.add(finish(clips, false, true, stop));
                    if (casts(choice)) {
                        all.add(finish(clips, true, false, stop));
                    }
                }
            }
        }
        return all;
    }

    /** @param stop percent dry at which the dryer is put down, where it is before the end */
    private static Details.Finish finish(boolean clips, boolean castLeft, boolean fluff, double stop) {
        return new Details.Finish(
                true,
                clips,
                castLeft,
                fluff,
                stop,
                Details.Roots.LEFT,
                Details.Cloth.NONE,
                Details.Stay.NONE,
                false,
                NightCare.NONE);
    }

    /** Where oil goes on between rounds another round follows. */
    private static List<Double> stops(Query query) {
        boolean between = query.schoolsOrDefault().oil() == Schools.OilPlace.BETWEEN;
        return STOPS.stream().filter(stop -> !between || stop > BETWEEN_DRY).toList();
    }

    /** Percent dry at which a dryer is put down [CP]. */
    private static final List<Double> STOPS = List.of(75.0, PART_DRY, 90.0, 95.0);

    private static final List<Boolean> BOTH = List.of(false, true);
    private static final List<Boolean> NEITHER = List.of(false);
}
