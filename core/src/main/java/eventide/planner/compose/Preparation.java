package eventide.planner.compose;

import eventide.hair.Condition;
import eventide.hair.Hair;
import eventide.hair.Porosity;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.planner.Query;
import eventide.planner.Reason;
import eventide.product.Product;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.DetangleFrom;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.routine.Step;
import eventide.routine.Tool;
import java.util.ArrayList;
import java.util.List;

/** What is done before styling: wash, care where the hair asks for it and the time allows, slip and a clean rinse. */
public final class Preparation {
    /** What a wash day gives besides the wash. */
    public enum Care {
        NONE("no treatment"),
        MASK("a mask"),
        PROTEIN("protein");

        public final String label;

        Care(String label) {
            this.label = label;
        }
    }

    /** Between two treatments with protein, days: fortnightly, weekly where hair is known to thrive on it [CP]. */
    private static final double FORTNIGHT = 14;

    /** Days. */
    private static final double WEEK = 7;
    /** Left to work, minutes [CP]. */
    private static final List<Double> PROTEIN_MINUTES = List.of(15.0, 30.0);

    /** Minutes of a mask on fine hair after the shampoo [CP: longer goes limp]. */
    private static final double MASK_FINE = 2;
    /** The same on medium strands [CP]. */
    private static final double MASK_MEDIUM = 5;
    /** The same on coarse strands [CP]. */
    private static final double MASK_COARSE = 12;

    private static final List<Double> MASK_MINUTES = List.of(MASK_FINE, MASK_MEDIUM, 10.0, MASK_COARSE, 15.0);
    /** Minutes of a mask before the shampoo, on any hair [CP]. */
    private static final double MASK_BEFORE = 20;

    private static final List<Double> MASK_BEFORE_MINUTES = List.of(MASK_BEFORE, 40.0);

    private final Query query;
    private final Bottles bottles;
    private final ScalpCare scalp;

    public Preparation(Query query, Bottles bottles) {
        this.query = query;
        this.bottles = bottles;
        this.scalp = new ScalpCare(query);
    }

    /** What this head asks for, of what the shelf has: over-soft hair protein, dry or worn hair moisture [CP]. */
    public Care asked() {
        Hair hair = query.hair();
        boolean soft = has(Condition.OVER_SOFT);
        Double since = hair.daysSinceProtein();
        boolean dueAgain = since == null || since >= (soft ? WEEK : FORTNIGHT);
        if (soft && dueAgain && !has(Condition.BRITTLE) && bottles.first(Role.PROTEIN) != null) {
            return Care.PROTEIN;
        }
        boolean dry = hair.porosity() == Porosity.HIGH || hair.strand() == Strand.COARSE || has(Condition.BRITTLE);
        boolean worn = has(Condition.BLEACHED) || has(Condition.HEAT_DAMAGED) || has(Condition.CHEMICALLY_STRAIGHTENED);
        return (dry || worn) && !soft && bottles.first(Role.MASK) != null ? Care.MASK : Care.NONE;
    }

    /** Whether any zone is read so. */
    private boolean has(Condition condition) {
        for (Zone zone : Zone.values()) {
            if (query.hair().at(zone).condition().contains(condition)) {
                return true;
            }
        }
        return false;
    }

    /** What a search begins with: the care asked for as long as is usual, and a clarifier where residue shows or may. */
    public Details.Before usual(Care care) {
        boolean clarified = mayClarify() && mustClarify();
        return new Details.Before(care, usualMinutes(care), clarified && !strips(care, true));
    }

    /** How long it is left on by the trade, minutes: of a mask before the shampoo long, after it by the strand. */
    private double usualMinutes(Care care) {
        if (care != Care.MASK) {
            return care == Care.NONE ? 0 : PROTEIN_MINUTES.get(0);
        }
        if (query.schoolsOrDefault().mask() == Schools.MaskPlace.BEFORE) {
            return MASK_BEFORE;
        }
        Strand strand = query.hair().strand();
        return strand == Strand.FINE ? MASK_FINE : strand == Strand.MEDIUM ? MASK_MEDIUM : MASK_COARSE;
    }

    /** Every way to prepare this head: without care or with what it asks for, shorter and longer, clarified or only washed. */
    public List<Details.Before> all() {
        List<Details.Before> all = new ArrayList<>();
        Care asked = asked();
        boolean must = mustClarify() && !strips(asked, true);
        for (boolean clarified : mayClarify() ? must ? List.of(true) : List.of(false, true) : List.of(false)) {
            all.add(new Details.Before(Care.NONE, 0, clarified));
            if (!strips(asked, clarified)) {
                minutes(asked).forEach(some -> all.add(new Details.Before(asked, some, clarified)));
            }
        }
        return all;
    }

    /** Without the care where there is one, else with it as short as it may be. */
    public Details.Before otherwise(Details.Before own) {
        return own.care() == Care.NONE
                ? new Details.Before(asked(), minutes(asked()).get(0), own.clarified() && !strips(asked(), true))
                : new Details.Before(Care.NONE, 0, own.clarified());
    }

    /** Clarified and given protein in one wash is too much for hair that is bleached, brittle or dry [CP]. */
    private boolean strips(Care care, boolean clarified) {
        return clarified && care == Care.PROTEIN && query.hair().isFragileAnywhere();
    }

    /** The times it may be left on, shortest first; none where nothing is given. */
    private List<Double> minutes(Care care) {
        boolean before = query.schoolsOrDefault().mask() == Schools.MaskPlace.BEFORE;
        return switch (care) {
            case NONE -> List.of();
            case MASK -> before ? MASK_BEFORE_MINUTES : MASK_MINUTES;
            case PROTEIN -> PROTEIN_MINUTES;
        };
    }

    /**
     * A scalp that asks for a wash is not left unwashed where only a clarifier would do it; a new client, and hair that is built up,
     * is clarified, or what was there before blurs what comes of it [CP].
     */
    private boolean mustClarify() {
        boolean onlyIt = cleanser() == null && (scalp.wantsMedicated() || scalp.wantsTwice());
        return mayClarify() && (onlyIt || isBuiltUp() && !isClarified());
    }

    /** Within a week it is clear already [CP]. */
    private boolean isClarified() {
        Double since = query.hair().daysSinceClarify();
        return since != null && since <= WEEK;
    }

    private boolean mayClarify() {
        return bottles.first(Role.CLARIFIER) != null;
    }

    private boolean isBuiltUp() {
        return Boolean.TRUE.equals(query.hair().buildUp())
                || Boolean.TRUE.equals(query.hair().newClient());
    }

    /** Wash, treatment, slip, detangling and rinse, in that order; no step for what the shelf does not have. */
    public List<Step> steps(Details.Before how) {
        Care care = how.care();
        Schools.MaskPlace place = query.schoolsOrDefault().mask();
        boolean before = care == Care.MASK && (place == Schools.MaskPlace.BEFORE || place == Schools.MaskPlace.BOTH);
        List<Step> steps = new ArrayList<>();
        if (before) {
            steps.add(Step.of(Action.REWET).build());
            steps.add(mask(place == Schools.MaskPlace.BEFORE ? how.minutes() : MASK_BEFORE));
            steps.add(Step.of(Action.RINSE).build());
        }
        Product cleanser = cleanser();
        boolean washed = true;
        if (how.clarified()) {
            steps.add(Step.of(Action.CLARIFY)
                    .product(bottles.first(Role.CLARIFIER))
                    .build());
            if (ScalpCare.treats(cleanser) && scalp.wantsMedicated()) {
                steps.add(Step.of(Action.RINSE).build());
                steps.add(Step.of(Action.CLEANSE).product(cleanser).build());
            }
        } else if (cleanser != null) {
            cleanse(cleanser, steps);
        } else {
            washed = before;
        }
        boolean after = !before || place == Schools.MaskPlace.BOTH;
        treat(how, after, steps);
        Product conditioner = bottles.first(Role.CONDITIONER);
        if (care == Care.MASK && after) {
            return steps; // it gives its own slip
        }
        if (conditioner != null) {
            steps.add(Step.of(Action.CONDITION).product(conditioner).build());
            steps.add(detangle());
            steps.add(Step.of(Action.RINSE).build());
        } else if (washed || care != Care.NONE) {
            steps.add(Step.of(Action.RINSE).build());
        }
        return steps;
    }

    /** The one for the scalp where that shows something, else the one that suits the strand. */
    private Product cleanser() {
        Product forTheScalp = scalp.cleanser(bottles);
        Product plain = forTheScalp == null ? plainCleanser() : forTheScalp;
        return plain == null ? bottles.first(Role.CLEANSER) : plain;
    }

    /** One that needs no time on the scalp. */
    private Product plainCleanser() {
        return bottles.first(Role.CLEANSER, product -> !ScalpCare.treats(product));
    }

    /** What works by its time comes last, and once. */
    private void cleanse(Product cleanser, List<Step> steps) {
        Product first = ScalpCare.treats(cleanser) ? plainCleanser() : cleanser;
        if (scalp.wantsTwice() && first != null) {
            steps.add(Step.of(Action.CLEANSE).product(first).build());
            steps.add(Step.of(Action.RINSE).build());
        }
        steps.add(Step.of(Action.CLEANSE).product(cleanser).build());
    }

    /** Why the scalp is washed as it is; empty where it shows nothing. */
    public List<Reason> scalpReasons(Routine routine) {
        return scalp.reasons(routine);
    }

    /** On squeezed hair, so that water does not bar the way [CP]. */
    private void treat(Details.Before how, boolean after, List<Step> steps) {
        if (how.care() == Care.PROTEIN) {
            steps.add(Step.of(Action.SQUEEZE).build());
            steps.add(Step.of(Action.PROTEIN)
                    .product(bottles.first(Role.PROTEIN))
                    .minutes(how.minutes())
                    .build());
            steps.add(Step.of(Action.RINSE).build());
        } else if (how.care() == Care.MASK && after) {
            steps.add(Step.of(Action.SQUEEZE).build());
            steps.add(mask(how.minutes()));
            steps.add(detangle());
            steps.add(Step.of(Action.RINSE).build());
        }
    }

    /** From the ends up, with fingers, in conditioner. */
    private static Step detangle() {
        return Step.of(Action.DETANGLE)
                .from(DetangleFrom.ENDS)
                .tool(Tool.FINGERS)
                .build();
    }

    /** @param minutes it is left on */
    private Step mask(double minutes) {
        return Step.of(Action.MASK)
                .product(bottles.first(Role.MASK))
                .minutes(minutes)
                .build();
    }
}
