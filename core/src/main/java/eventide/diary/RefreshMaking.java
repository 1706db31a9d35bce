package eventide.diary;

import eventide.hair.Pattern;
import eventide.hair.Zone;
import eventide.outcome.Outcome;
import eventide.outcome.OutcomeModel;
import eventide.outcome.WornDay;
import eventide.planner.Judgement;
import eventide.planner.Query;
import eventide.planner.Reason;
import eventide.planner.compose.ShelfFilter;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Advised;
import eventide.routine.Limits;
import eventide.routine.Part;
import eventide.routine.Routine;
import eventide.routine.Step;
import eventide.routine.StepPlace;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.shape.Source;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A refresh of the outer hair [CP]: the roots shaken out, only what frizzes misted, a pea to a coin of what is worn already, thinned with
 * water and glazed over it, the pieces that lost it coiled anew, and left to dry.
 */
final class RefreshMaking {
    /**
     * How wetly it is done.
     *
     * @param isMisted false where there is no time for water
     * @param misted of dry hair, to this, percent; null for a light mist as usual, which dries in 15 to 20 minutes [CP]
     * @param coilMinutes at the pieces that lost their curl
     */
    private record Work(boolean isMisted, Double misted, double coilMinutes, String but) {}

    /** Unhurried first. */
    private static final List<Work> WORKS = List.of(
            new Work(true, null, 3, ""),
            new Work(true, 7.0, 1, ", with no more than a breath, for it has to dry in the minutes there are"),
            new Work(false, null, 0, ""));

    /** A pea and a coin, ml [CP]. */
    private static final double PEA_ML = .3;

    /** Millilitres of a coin in the palm, the most a refresh takes [CP]. */
    private static final double COIN_ML = 2;
    /** Of what a wash takes of it, so much again [OURS: a pea a zone on a medium head]. */
    private static final double AGAIN = .12;
    /** Foam that fills the palm, ml [CP: an egg is about 40]. */
    private static final double FOAM_MOST_ML = 40;

    /** Millilitres of foam below which nothing can be smoothed over. */
    private static final double FOAM_LEAST_ML = 8;
    /** Parts of water to one [CP: thinned with water in the palm]. */
    private static final double THINNED = 1;
    /** A drop, ml. */
    private static final double DROP_ML = .05;
    /** Of the definition lost since the wash day a refresh brings back so much, where it is done [OURS]. */
    private static final double BROUGHT_BACK = .5;
    /** Hair lies flat at the root from this day on, where volume is wanted [CP: from day 3]. */
    private static final int FLAT_FROM = 3;

    private final RefreshQuestion asked;
    private final Set<Zone> zones;
    private final List<Product> allowed;
    private List<Reason> why = new ArrayList<>();

    RefreshMaking(RefreshQuestion asked) {
        this.asked = asked;
        this.zones = EnumSet.copyOf(asked.zones() == null ? WashDue.first(asked) : asked.zones());
        this.allowed = new ShelfFilter(
                        new Query(asked.hair(), asked.goal(), asked.air(), asked.schools(), null, asked.shelf()))
                .allowed();
    }

    /**
     * The first way of working that breaks no rule and keeps the minutes, from the wettest to the driest; shaken out and left
     * alone where none does.
     */
    Refresh refresh() {
        Outcome styled = OutcomeModel.predict(
                Wash.of(asked.worn(), asked.hair(), asked.goal(), asked.air(), asked.schools(), null));
        Refresh.Looks now = now(styled);
        Refresh made = null;
        for (Work work : WORKS) {
            why = new ArrayList<>();
            Product styler = work.isMisted() ? styler() : null;
            Routine routine = new Routine(1, steps(styler, work), 0.0, null, null, null, asked.nights());
            Judgement judged = judged(routine);
            made = Refresh.with(
                    routine,
                    List.copyOf(why),
                    now,
                    work.isMisted() ? brings(styled, now, styler != null) : now,
                    judged);
            if (judged.minutes() <= asked.minutesOrUsual()) {
                break;
            }
        }
        return made;
    }

    /** By the same rules and water as any routine. */
    private Judgement judged(Routine routine) {
        return Judgement.of(new Judgement.Question(
                asked.hair(),
                asked.goal(),
                asked.air(),
                asked.schools(),
                Limits.ofMinutes((int) Math.ceil(asked.minutesOrUsual())),
                routine));
    }

    /** Roots shaken first, while all is dry; water only where it frizzes. */
    private List<Step> steps(Product styler, Work work) {
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(Action.SHAKE_ROOTS).minutes(1.0).build());
        lift(steps);
        if (!work.isMisted()) {
            say("No time for water to dry: shaken out, lifted, and left alone.", 0);
        } else {
            mist(steps, styler, work);
        }
        oil(steps);
        return steps;
    }

    /** Lengths and ends of what frizzes, what is worn already in thin film over it. */
    private void mist(List<Step> steps, Product styler, Work work) {
        say(
                (asked.zones() == null ? "After such a night it frizzes first at the " : "It frizzes at the ")
                        + listed() + ": only that is misted" + work.but() + ".",
                steps.size());
        steps.add(Step.of(Action.MIST)
                .zones(zones)
                .parts(EnumSet.of(Part.LENGTHS, Part.ENDS))
                .toWetness(work.misted())
                .minutes(1.0)
                .build());
        if (styler != null) {
            boolean foam = styler.role() == Role.MOUSSE;
            steps.add(Step.of(Action.APPLY)
                    .product(styler)
                    .technique(foam ? Technique.SMOOTH : Technique.GLAZE)
                    .zones(zones)
                    .parts(EnumSet.of(Part.LENGTHS, Part.ENDS))
                    .amountMl(amount(styler))
                    .dilution(foam ? null : Double.valueOf(THINNED))
                    .build());
        }
        shape(steps, work);
        steps.add(Step.of(Action.AIR).zones(zones).untilDry(100.0).build());
    }

    /** Ends rather than roots; face and crown first. */
    private void shape(List<Step> steps, Work work) {
        Pattern pattern = asked.hair().pattern();
        EnumSet<Zone> seen = EnumSet.of(Zone.HAIRLINE, Zone.CROWN);
        seen.retainAll(zones);
        if (pattern.isWavy() || pattern.isStraight() || seen.isEmpty()) {
            // Hardly damp hair that is scrunched only breaks what holds it: it is pressed.
            steps.add(Step.of(Action.PRESS).zones(zones).build());
            return;
        }
        steps.add(Step.of(Action.COIL).zones(seen).minutes(work.coilMinutes()).build());
        say("Only the pieces that lost their curl are coiled, face and crown first.", steps.size() - 1);
    }

    /** While the roots are dry still. */
    private void lift(List<Step> steps) {
        boolean flat = asked.goal().wantsVolume() && asked.day() >= FLAT_FROM;
        Product lift = flat ? first(Role.DRY_SHAMPOO) : null;
        if (lift != null) {
            steps.add(Step.of(Action.APPLY)
                    .product(lift)
                    .technique(Technique.SPRAY)
                    .zones(EnumSet.of(Zone.CROWN))
                    .parts(EnumSet.of(Part.ROOTS))
                    .build());
            say("Flat at the root from day 3: a breath of " + lift.name() + " at the crown.", steps.size() - 1);
        } else if (flat) {
            steps.add(Step.of(Action.PICK)
                    .tool(Tool.PICK)
                    .parts(EnumSet.of(Part.ROOTS))
                    .zones(EnumSet.of(Zone.CROWN))
                    .minutes(1.0)
                    .build());
            say("Flat at the root from day 3: lifted with a pick, roots only.", steps.size() - 1);
        }
    }

    /** Two drops on the ends where softness is wanted and there is an oil. */
    private void oil(List<Step> steps) {
        Product oil = asked.goal().softness() >= 2 ? first(Role.OIL) : null;
        if (oil != null) {
            steps.add(Step.of(Action.APPLY)
                    .product(oil)
                    .technique(Technique.DROPS)
                    .parts(EnumSet.of(Part.ENDS))
                    .amountMl(2 * DROP_ML)
                    .build());
            say("Two drops on dry ends, for softness.", steps.size() - 1);
        }
    }

    /** Of that role by name, so that it is always the same one; null for none. */
    private Product first(Role role) {
        return allowed.stream()
                .filter(product -> product.role() == role)
                .min(Comparator.comparing(Product::name))
                .orElse(null);
    }

    /** What is worn already where it may be had, else the most like it; null for water alone. */
    private Product styler() {
        Product worn = lastHold();
        if (worn == null) {
            say("Nothing that holds is in it: water wakes what is.", null);
            return null;
        }
        Product same = allowed.stream()
                .filter(product -> product.name().equals(worn.name()))
                .findFirst()
                .orElse(null);
        if (same != null) {
            say(
                    "The same " + same.name() + " that is worn" + (same.role() == Role.MOUSSE ? "" : ", thinned")
                            + ": nothing that could flake over it.",
                    null);
            return same;
        }
        Product like = allowed.stream()
                .filter(product -> product.role() == worn.role())
                .min(Comparator.comparingDouble((Product product) -> Math.abs(product.hold() - worn.hold()))
                        .thenComparing(Product::name))
                .orElse(null);
        say(
                like == null
                        ? worn.name() + " may not be had, nor anything like it: water alone wakes what is in the hair."
                        : worn.name() + " may not be had: " + like.name() + " is the most like it. Rub both first.",
                null);
        return like;
    }

    /** What is on the hair: more of the same takes up with it, another may flake. */
    private Product lastHold() {
        Product last = null;
        Routine worn = asked.worn();
        for (StepPlace place : worn.places()) {
            Product product = worn.at(place).worn();
            boolean holds = product != null && (product.role() == Role.GEL || product.role() == Role.MOUSSE);
            last = place.index() > worn.lastRinse() && holds ? product : last;
        }
        return last;
    }

    /**
     * A pea to a coin, by how much hair it is for.
     *
     * @return millilitres
     */
    private double amount(Product styler) {
        double share = zones.stream()
                .mapToDouble(zone -> Advised.zoneMl(styler, asked.hair(), zone))
                .sum();
        boolean foam = styler.role() == Role.MOUSSE;
        double most = foam ? FOAM_MOST_ML : COIN_ML;
        double least = foam ? FOAM_LEAST_ML : PEA_ML;
        return Math.round(10 * Math.max(least, Math.min(most, AGAIN * share))) / 10.0;
    }

    /** How it wears by the model on the morning it is asked. */
    private Refresh.Looks now(Outcome styled) {
        List<WornDay> days = styled.byDay();
        WornDay day = days.get(Math.min(asked.day(), days.size()) - 1);
        return new Refresh.Looks(day.definition(), day.frizz(), day.volume(), day.softness());
    }

    /** Half of what was lost since the wash day, where it is done; the same more of frizz calmed, with nothing that holds half as much. */
    private Refresh.Looks brings(Outcome styled, Refresh.Looks now, boolean held) {
        double share = zones.stream().mapToDouble(Zone::share).sum();
        double back = BROUGHT_BACK * share * (held ? 1 : .5);
        WornDay first = styled.byDay().get(0);
        return new Refresh.Looks(
                round(now.definition() + back * Math.max(0, first.definition() - now.definition())),
                round(now.frizz() - back * Math.max(0, now.frizz() - first.frizz())),
                now.volume(),
                now.softness());
    }

    private static double round(double value) {
        return Math.round(value * 100) / 100.0;
    }

    /** "hairline, crown and nape". */
    private String listed() {
        List<String> names = zones.stream()
                .map(zone -> zone.label().toLowerCase(Locale.ROOT))
                .toList();
        int last = names.size() - 1;
        return last == 0 ? names.get(0) : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
    }

    private void say(String text, Integer step) {
        why.add(new Reason(text, Source.COMMON_PRACTICE, step));
    }
}
