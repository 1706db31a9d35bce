package eventide.routine;

import static eventide.routine.ActionFacts.Trait.*;
import static eventide.routine.ActionFacts.drying;
import static eventide.routine.ActionFacts.finishing;
import static eventide.routine.ActionFacts.keeping;
import static eventide.routine.ActionFacts.preparing;
import static eventide.routine.ActionFacts.styling;
import static eventide.routine.StepField.*;
import static eventide.routine.Timed.Until.*;
import static eventide.routine.WaterDone.*;

import eventide.hair.Hair;
import eventide.hair.Strand;
import eventide.product.Product;
import eventide.shape.Said;
import java.util.Set;

/**
 * What hands or air do in a step, and all there is to know of it: its words, its drawing, how long it takes, what it does to water, air and
 * clumps, and which fields mean something to it. Another action is one more entry here.
 */
public enum Action implements Said {
    OIL_SCALP(preparing("oil the scalp")
            .purpose("An oil before the wash loosens what sits on the scalp, and is washed out again.")
            .howTo("Fingertips in circles; on the scalp, not the lengths.")
            .drawn(Motion.MASSAGE)
            .takes(5)
            .timed("oil", "Scalp oil", NEXT_RINSE)
            .is(SPARABLE)
            .fields(PRODUCT, MIX, AMOUNT_ML, TECHNIQUE)),
    DETANGLE(preparing("detangle")
            .purpose("Knots come out while water and slip let the hair glide, from the ends upward.")
            .howTo("From the ends upward, fingers first on a hard knot. Never force it from the top.")
            .drawn(Motion.COMB)
            .takes((step, hair, size) -> (hair.pattern().isTight() ? 9 : 5) * size)
            .is(TOUCHES, RUFFLES)
            .fields(PRODUCT, MIX, AMOUNT_ML, TOOL, FROM, SECTIONS)),
    CLEANSE(preparing("cleanse")
            .purpose("For the scalp; the lengths are cleaned by what runs through.")
            .howTo("On the scalp; what runs through cleans the lengths.")
            .drawn(Motion.MASSAGE)
            .takes(Action::cleansing)
            .water(SOAKED)
            .timed("contact", "", LABEL_TIME)
            .is(WASHES)
            .fields(PRODUCT, MIX, AMOUNT_ML, COUNT, WATER, DILUTION)),
    CLARIFY(preparing("clarify")
            .purpose("Takes build-up off, so that stylers reach the hair and the result can be read.")
            .howTo("Scalp and lengths, until they squeak.")
            .drawn(Motion.MASSAGE)
            .takes(Action::cleansing)
            .water(SOAKED)
            .timed("contact", "", LABEL_TIME)
            .besides("a clarifier")
            .is(WASHES)
            .fields(PRODUCT, MIX, AMOUNT_ML, COUNT, WATER, DILUTION)),
    CONDITION(preparing("condition")
            .purpose("Slip for detangling, softness for the lengths.")
            .howTo("On the lengths, worked through with the fingers.")
            .takes(3)
            .water(SOAKED)
            .is(WASHES)
            .fields(PRODUCT, MIX, AMOUNT_ML, WATER, DILUTION, SECTIONS)),
    MASK(preparing("mask")
            .purpose("Moisture for dry or worn lengths before they are styled.")
            .howTo("On squeezed hair. Thin it with water in the palms where it sits in one place.")
            .takes((step, hair, size) -> hair.strand() == Strand.FINE ? 2 : hair.strand() == Strand.MEDIUM ? 5 : 12)
            .timed("mask", "Mask", NEXT_RINSE)
            .besides("a mask")
            .is(BY_ITSELF, WASHES, SPARABLE)
            .fields(PRODUCT, MIX, AMOUNT_ML, HEAT_CAP, DILUTION, SECTIONS)),
    PROTEIN(preparing("protein")
            .purpose("Strength for over-soft or bleached hair.")
            .howTo("On squeezed hair, for its time and no longer.")
            .takes(15)
            .timed("protein", "Protein", NEXT_RINSE)
            .besides("protein")
            .is(BY_ITSELF, WASHES, SPARABLE)
            .fields(PRODUCT, MIX, AMOUNT_ML, HEAT_CAP, DILUTION, SECTIONS)),
    RINSE(preparing("rinse")
            .purpose("Takes out what is not meant to stay, and soaks all of the hair alike.")
            .howTo("Until nothing more comes out.")
            .drawn(Motion.WATER)
            .takes(2)
            .water(SOAKED)
            .fields(WATER)),
    SQUISH(preparing("squish in water")
            .purpose("Pushes water and slip up into the hair until it is slick and heavy: then clumps form.")
            .howTo("Push water up into the hair until it squelches and feels slick and heavy.")
            .drawn(Motion.SCRUNCH)
            .takes(2)
            .water(LENGTHS_WETTED)
            .forms(Shaping.IN_HAND)
            .fields(TO_WETNESS, COUNT, PRODUCT, MIX, AMOUNT_ML, WATER)),
    SQUEEZE(preparing("squeeze out")
            .purpose("Brings the water down to what the next styler works in.")
            .howTo("Big pieces, slowly. Squeeze, never rub.")
            .drawn(Motion.SQUEEZE)
            .takes(.5)
            .water(SQUEEZED)
            .fields(TO_WETNESS, TOOL)),
    REWET(preparing("re-wet")
            .purpose("Brings the water back up to what the next styler works in.")
            .howTo("Evenly, roots too.")
            .drawn(Motion.WATER)
            .takes(2)
            .water(WETTED)
            .fields(TO_WETNESS, WATER, SECTIONS)),
    COVER(preparing("cover")
            .purpose("Keeps hair wet that waits for its turn.")
            .howTo("Cap over the hair that waits.")
            .drawn(Motion.CLOTH)
            .takes(.5)
            .is(BY_ITSELF)
            .fields(TOOL)),
    WAIT(preparing("wait")
            .purpose("Gives what is in the hair its time.")
            .howTo("Cover what waits, so that it does not dry.")
            .drawn(Motion.WAIT)
            .takes(5)
            .timed("wait", "Wait", ITS_MINUTES)
            .is(BY_ITSELF)),

    SECTION(styling("section off")
            .purpose("Parts the head, so that every strand is reached and what waits is out of the way.")
            .howTo("Bottom to top, back to front; crown before last, front last.")
            .drawn(Motion.PART)
            .takes(2)
            .fields(SECTIONS, COUNT, TOOL)),
    APPLY(styling("apply")
            .purpose("Puts a styler where it is to work.")
            .howTo("Root to tip, until every strand is coated and none is slippery.")
            .takes((step, hair, size) ->
                    3 * size * (step.technique() == null ? 1 : step.technique().takes()))
            .fields(PRODUCT, MIX, DILUTION, AMOUNT_ML, TECHNIQUE, SECTIONS, TOOL, COUNT)),
    SMOOTH(styling("smooth")
            .purpose("Lays strands together from root to tip: definition, less frizz.")
            .howTo("Root to tip, until every strand is coated and none is slippery.")
            .takesBySize(4)
            .forms(Shaping.LAID)
            .shaped("smoothed in sections")
            .is(TOUCHES, RUFFLES)
            .fields(SECTIONS, TOOL, COUNT)),
    SCRUNCH(styling("scrunch")
            .purpose("Pushes the curl up into clumps, with volume and spring.")
            .howTo("To the root, in every direction. The crown is what people forget.")
            .drawn(Motion.SCRUNCH)
            .takes((step, hair, size) -> Math.max(1, step.count() == null ? 2 : step.count() * .1) * Math.sqrt(size))
            .forms(Shaping.IN_HAND)
            .is(TOUCHES, RUFFLES, DISTURBS_CAST, SPARABLE)
            .fields(SECTIONS, TOOL, COUNT)),
    PRESS(styling("press")
            .purpose("Sets clumps between the palms without roughing them up.")
            .howTo("Between the palms, in place. Do not scrunch.")
            .drawn(Motion.PRESS)
            .takesBySize(2)
            .forms(Shaping.IN_HAND)
            .is(TOUCHES, SPARABLE)
            .fields(SECTIONS, TOOL, COUNT)),
    COIL(styling("finger coil")
            .purpose("Winds each piece into its own curl: definition that lasts.")
            .howTo("Around the finger the way the curl wants, and let it slide off.")
            .drawn(Motion.COIL)
            .takes((step, hair, size) -> (step.extent() == Extent.MID_TO_ENDS ? 18 : 26) * size)
            .forms(Shaping.BY_PIECE)
            .shaped("finger-coiled")
            .is(TOUCHES, RUFFLES, SPARABLE)
            .fields(SECTIONS, EXTENT, COUNT)),
    SHINGLE(styling("shingle")
            .purpose("Works every curl by hand: the most definition for the most time.")
            .howTo("Every curl by hand, root to tip.")
            .drawn(Motion.COIL)
            .takesBySize(60)
            .forms(Shaping.BY_PIECE)
            .shaped("every curl by hand")
            .is(TOUCHES, RUFFLES)
            .fields(SECTIONS)),
    BRUSH_STYLE(styling("brush-style")
            .purpose("Lines strands up under tension into even clumps; up and out lifts the root as well.")
            .howTo(step -> step.brushDirection() == BrushDirection.DOWN
                    ? "With tension, down along the head: it will lie flat."
                    : "A small section up and out with tension, about 90° from the scalp.")
            .drawn(Motion.BRUSH)
            .takesBySize(14)
            .forms(Shaping.BY_PIECE)
            .shaped("brush-styled")
            .is(TOUCHES, RUFFLES)
            .fields(SECTIONS, TOOL, BRUSH_DIRECTION, COUNT)),
    TWIST(styling("twist")
            .purpose("Turns single pieces into one curl each.")
            .howTo("Two strands around each other, away from the face.")
            .drawn(Motion.COIL)
            .takesBySize(5)
            .forms(Shaping.BY_PIECE)
            .is(TOUCHES, RUFFLES, SPARABLE)
            .fields(SECTIONS, COUNT)),
    DIVIDE_CLUMPS(styling("divide clumps")
            .purpose("Splits clumps that are too wide: volume, for a little frizz.")
            .howTo("Part each wide clump with the fingers, from the gap down.")
            .drawn(Motion.RAKE)
            .takesBySize(2)
            .is(TOUCHES, RUFFLES, DISTURBS_CAST, SPARABLE)
            .fields(SECTIONS, TOOL)),
    LIFT_ROOTS(styling("lift the roots")
            .purpose("Takes wet hair off the scalp, so that it does not dry flat.")
            .howTo("Fingers lift the hair off the scalp, all over.")
            .drawn(Motion.LIFT)
            .takes(1)
            .is(SPARABLE)
            .fields(TOOL, COUNT)),
    SHAKE_ROOTS(styling("shake the roots")
            .purpose("Frees roots that lie flat or stuck, so that they dry with volume.")
            .howTo("Hands at the scalp and shake; again at every turn of the head.")
            .drawn(Motion.SHAKE)
            .takes(.5)
            .besides("shaking the roots")
            .is(SPARABLE)
            .fields(COUNT)),
    SET_PART(styling("set the parting")
            .purpose("Hair sets as it lies wet, so the parting is made now.")
            .howTo("Now, while it is wet: hair sets as it lies.")
            .drawn(Motion.PART)
            .takes(1)
            .fields(TOOL)),

    MICROPLOP(drying("microplop")
            .purpose("A few slow squeezes in cloth take off water that would have to be dried.")
            .howTo("Big pieces, a few slow squeezes each.")
            .drawn(Motion.SQUEEZE)
            // A few slow squeezes for each big piece [CP]: about a minute on a usual head, fewer on a short one [OURS].
            .takes((step, hair, size) -> Math.max(.5, Math.min(2, size)))
            .water(CLOTHED)
            .besides("microplopping")
            .is(SPARABLE)
            .fields(TOOL, TO_WETNESS, COUNT)),
    PLOP(drying("plop")
            .purpose("Cloth draws the water out while the curl keeps its shape.")
            .howTo("Curls stacked in the cloth, wrapped and pressed.")
            .drawn(Motion.CLOTH)
            .takes(15)
            .timed("plop", "Plop", ITS_MINUTES)
            .besides("plopping")
            .is(BY_ITSELF, SPARABLE)
            .fields(TOOL, TO_WETNESS)),
    WET_PLOP(drying("wet-plop")
            .purpose("Under a cap what was put on soaks in before the water goes.")
            .howTo("Under the cap, so that the styler soaks in.")
            .drawn(Motion.CLOTH)
            .takes(8)
            .timed("plop", "Plop", ITS_MINUTES)
            .is(BY_ITSELF, SPARABLE)
            .fields(TOOL)),
    CLIP_ROOTS(drying("clip the roots")
            .purpose("Clips stand the roots up while they dry: volume where hair lies flat.")
            .howTo("In the gaps between clumps, standing up.")
            .drawn(Motion.CLIP)
            .takes(2)
            .besides("root clips")
            .is(SPARABLE)
            .fields(COUNT)),
    UNCLIP(drying("clips out")
            .purpose("Left in longer, clips dent the roots and keep them wet.")
            .howTo("Open each one wide, lift it straight out.")
            .drawn(Motion.CLIP)
            .takes(1)
            .fields(COUNT)),
    HOVER(drying("hover")
            .purpose("Dries the outside without touching it, until the cast has set.")
            .howTo("Far off, roots first. Nothing touches the hair until the cast has set.")
            .drawn(Motion.HOVER)
            .dries(Airflow.dryer(.45, 1.90))
            .timed("dry", "Hover", DRY)
            .is(SPARABLE)
            .fields(HEAT, SPEED, UNTIL_DRY, TENSION)),
    CUP(drying("cup")
            .purpose("Dries to the root with the curl held up in the bowl.")
            .howTo("Bowl under the ends, up to the head, then switch on. Off before letting go.")
            .drawn(Motion.CUP)
            .dries(Airflow.dryer(.80, 2.55))
            .timed("cup", "Cup", MOVING_ON)
            .is(DISTURBS_CAST, SPARABLE)
            .fields(HEAT, SPEED, UNTIL_DRY, SECTIONS, COUNT, TENSION)),
    HAMMOCK(drying("hammock")
            .purpose("Dries in a sling, so that loose curls keep their shape.")
            .howTo("Lay the curls in the sling, lift it to the head, blow through the cloth.")
            .drawn(Motion.CUP)
            .dries(Airflow.dryer(.70, 2.30))
            .timed("dry", "Hammock", DRY)
            .fields(HEAT, SPEED, UNTIL_DRY, TOOL)),
    HOOD(drying("hood")
            .purpose("Warm air all round, hands off.")
            .howTo("Hands off until the cast has set.")
            .drawn(Motion.HOVER)
            .dries(Airflow.hood(.90, 1.50))
            .timed("hood", "Hood", ITS_MINUTES)
            .is(BY_ITSELF)
            .fields(HEAT, SPEED, UNTIL_DRY)),
    FAN(drying("fan")
            .purpose("Moving air shortens the wait and leaves the curl alone.")
            .howTo("Hands off until the cast has set.")
            .drawn(Motion.HOVER)
            .dries(Airflow.fan(2.2))
            .timed("dry", "Fan", DRY)
            .is(BY_ITSELF)
            .fields(SPEED, UNTIL_DRY)),
    AIR(drying("air dry")
            .purpose("Nothing touches the curl while it dries.")
            .howTo("Hands off until the cast has set.")
            .drawn(Motion.WAIT)
            .dries(Airflow.STILL)
            .timed("dry", "Air", DRY)
            .is(BY_ITSELF)
            .fields(UNTIL_DRY)),

    BREAK_CAST(finishing("break the cast")
            .purpose("Takes the stiffness out once all is dry: soft hair that keeps its hold.")
            .howTo("Feel the roots first: dry? Then scrunch with dry hands until it is soft.")
            .drawn(Motion.SCRUNCH)
            .takes(2)
            .besides("breaking the cast")
            .is(TOUCHES)
            .fields(PRODUCT, MIX, AMOUNT_ML, TOOL, COUNT, TECHNIQUE)),
    PICK(finishing("pick the roots")
            .purpose("Lifts dry roots for volume and leaves the lengths alone.")
            .howTo("At the root only: through the lengths it breaks clumps.")
            .drawn(Motion.LIFT)
            .takes(1)
            .besides("picking the roots")
            .is(TOUCHES, RUFFLES, DISTURBS_CAST, SPARABLE)
            .fields(TOOL)),
    FLUFF(finishing("fluff")
            .purpose("Opens the dry hair: bigger, for a little frizz.")
            .howTo("Hands in and out the same way.")
            .drawn(Motion.SHAKE)
            .takes(1)
            .besides("fluffing")
            .is(TOUCHES, RUFFLES, DISTURBS_CAST, SPARABLE)
            .fields(TOOL, COUNT)),
    STRETCH(finishing("stretch")
            .purpose("Air under tension at dry roots gives length.")
            .howTo("Cool air, gentle tension at the roots.")
            .drawn(Motion.HOVER)
            .takes(3)
            .besides("stretching the roots")
            .is(DISTURBS_CAST, SPARABLE)
            .fields(HEAT, SPEED, TENSION, TOOL)),

    PIN_UP(keeping("pin up")
            .purpose("Gathered loosely on top, hair is not slept flat.")
            .howTo("Loose, with a tie that does not crease.")
            .drawn(Motion.CLIP)
            .takes(1)
            .fields(TOOL, COUNT)),
    MIST(keeping("mist")
            .purpose("Brings the outer hair back to the water that what comes next works in.")
            .howTo("Only what is frizzy or too dry.")
            .drawn(Motion.DROPS)
            .takes(1)
            .water(MISTED)
            .fields(PRODUCT, MIX, AMOUNT_ML, TO_WETNESS, COUNT)),
    COVER_NIGHT(keeping("cover for the night")
            .purpose("Satin instead of cotton: less rubbing, more days.")
            .howTo("Satin over it, nothing tight.")
            .drawn(Motion.CLOTH)
            .takes(480)
            .is(BY_ITSELF)
            .fields(TOOL, UNTIL_DRY)),

    EACH_SECTION(styling("section by section")
            .purpose("Wet, loaded and shaped piece by piece, no section waits for its styler.")
            .takes(0)
            .frame());

    /** The part of the work a step belongs to. */
    public enum Phase implements Said {
        PREPARE,
        STYLE,
        DRY,
        FINISH,
        KEEP
    }

    private final ActionFacts facts;
    /** The meaningful fields by ordinal: asked of every step by every rule. */
    private final boolean[] uses = new boolean[StepField.values().length];

    Action(ActionFacts facts) {
        this.facts = facts;
        facts.meaningful().forEach(field -> uses[field.ordinal()] = true);
    }

    /** Four minutes, or the label's time where that is longer. */
    private static double cleansing(Step step, Hair hair, double size) {
        Product worn = step.worn();
        return worn == null || worn.contactMinutes() == null ? 4 : Math.max(4, worn.contactMinutes());
    }

    /** The part of the work it belongs to. */
    public Phase phase() {
        return facts.phase;
    }

    /** In the imperative; the same wherever it is named. */
    @Override
    public String label() {
        return facts.label;
    }

    /** What it is done for, in a stylist's words [CP]. */
    public String purpose() {
        return facts.purpose;
    }

    /** How hands do it, in a line to be read from the mirror [CP]. */
    public String howTo(Step step) {
        return facts.howTo.apply(step);
    }

    /** How it is drawn. */
    public Motion motion() {
        return facts.motion;
    }

    /** As something done besides: "root clips"; null for what nobody would miss in a telling [OURS]. */
    public String besides() {
        return facts.besides;
    }

    /** Hair that was shaped so: "finger-coiled"; null where hands leave no such mark. */
    public String shapedWords() {
        return facts.shapedWords;
    }

    /**
     * Minutes for the whole head where the step says none [OURS, from common practice]; {@code NaN} where only the level of water ends it.
     *
     * @param size of the head against the one plain figures are for, a ratio
     */
    public double usualMinutes(Step step, Hair hair, double size) {
        return facts.minutes.of(step, hair, size);
    }

    /** Whether a field changes what it does. */
    public boolean uses(StepField field) {
        return uses[field.ordinal()];
    }

    /** The fields that change what this action does. */
    public Set<StepField> meaningful() {
        return facts.meaningful();
    }

    /** What it does to water at a stroke. */
    public WaterDone water() {
        return facts.water;
    }

    /** The air it dries with, null where it does not dry. */
    public Airflow airflow() {
        return facts.air;
    }

    /** How firmly it forms clumps. */
    public Shaping shaping() {
        return facts.shaping;
    }

    /** The clock it starts at the chair, null for none. */
    public Timed timed() {
        return facts.timed;
    }

    /** Ends with hair fully wet, roots too. */
    public boolean soaks() {
        return facts.water == WaterDone.SOAKED;
    }

    /** Water leaves by air, still or blown, until a level or a time. */
    public boolean isDrying() {
        return facts.air != null;
    }

    /** Warm or moving air from a machine aimed at the hair. */
    public boolean isDryer() {
        return facts.air != null && facts.air.isWarmed();
    }

    /** Adds water. */
    public boolean wets() {
        return facts.water.adds();
    }

    /** Puts a product on the hair, if one is named. */
    public boolean takesProduct() {
        return uses(PRODUCT);
    }

    /** Hands or a tool move the clumps. */
    public boolean touchesHair() {
        return facts.has(TOUCHES);
    }

    /** And leave them otherwise than they were. */
    public boolean ruffles() {
        return facts.has(RUFFLES);
    }

    /** Breaks a cast that is not set yet, on hair that dries. */
    public boolean disturbsCast() {
        return facts.has(DISTURBS_CAST);
    }

    /** Puts on what is meant to be rinsed out again. */
    public boolean washes() {
        return facts.has(WASHES);
    }

    /** A wash-and-go stands without it [CP]. */
    public boolean isSparable() {
        return facts.has(SPARABLE);
    }

    /** The stylist's hands are busy for the whole step, not only at its start. */
    public boolean isHandsOn() {
        return !facts.has(BY_ITSELF);
    }
}
