package eventide.routine;

import static eventide.routine.StepField.*;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** What hands or air do in a step: where it belongs in the work, and which fields mean something to it. */
public enum Action {
    OIL_SCALP(
            Phase.PREPARE,
            "oil the scalp",
            "An oil before the wash loosens what sits on the scalp, and is washed out again.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            TECHNIQUE),
    DETANGLE(
            Phase.PREPARE,
            "detangle",
            "Knots come out while water and slip let the hair glide, from the ends upward.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            TOOL,
            FROM,
            SECTIONS),
    CLEANSE(
            Phase.PREPARE,
            "cleanse",
            "For the scalp; the lengths are cleaned by what runs through.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            COUNT,
            WATER,
            DILUTION),
    CLARIFY(
            Phase.PREPARE,
            "clarify",
            "Takes build-up off, so that stylers reach the hair and the result can be read.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            COUNT,
            WATER,
            DILUTION),
    CONDITION(
            Phase.PREPARE,
            "condition",
            "Slip for detangling, softness for the lengths.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            WATER,
            DILUTION,
            SECTIONS),
    MASK(
            Phase.PREPARE,
            "mask",
            "Moisture for dry or worn lengths before they are styled.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            HEAT_CAP,
            DILUTION,
            SECTIONS),
    PROTEIN(
            Phase.PREPARE,
            "protein",
            "Strength for over-soft or bleached hair.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            HEAT_CAP,
            DILUTION,
            SECTIONS),
    RINSE(Phase.PREPARE, "rinse", "Takes out what is not meant to stay, and soaks all of the hair alike.", WATER),
    SQUISH(
            Phase.PREPARE,
            "squish in water",
            "Pushes water and slip up into the hair until it is slick and heavy: then clumps form.",
            TO_WETNESS,
            COUNT,
            PRODUCT,
            MIX,
            AMOUNT_ML,
            WATER),
    SQUEEZE(
            Phase.PREPARE,
            "squeeze out water",
            "Brings the water down to what the next styler works in.",
            TO_WETNESS,
            TOOL),
    REWET(
            Phase.PREPARE,
            "re-wet",
            "Brings the water back up to what the next styler works in.",
            TO_WETNESS,
            WATER,
            SECTIONS),
    COVER(Phase.PREPARE, "cover", "Keeps hair wet that waits for its turn.", TOOL),
    WAIT(Phase.PREPARE, "wait", "Gives what is in the hair its time."),

    SECTION(
            Phase.STYLE,
            "section off",
            "Parts the head, so that every strand is reached and what waits is out of the way.",
            SECTIONS,
            COUNT,
            TOOL),
    APPLY(
            Phase.STYLE,
            "apply",
            "Puts a styler where it is to work.",
            PRODUCT,
            MIX,
            DILUTION,
            AMOUNT_ML,
            TECHNIQUE,
            SECTIONS,
            TOOL,
            COUNT),
    SMOOTH(
            Phase.STYLE,
            "smooth",
            "Lays strands together from root to tip: definition, less frizz.",
            SECTIONS,
            TOOL,
            COUNT),
    SCRUNCH(Phase.STYLE, "scrunch", "Pushes the curl up into clumps, with volume and spring.", SECTIONS, TOOL, COUNT),
    PRESS(Phase.STYLE, "press", "Sets clumps between the palms without roughing them up.", SECTIONS, TOOL, COUNT),
    COIL(
            Phase.STYLE,
            "finger coil",
            "Winds each piece into its own curl: definition that lasts.",
            SECTIONS,
            EXTENT,
            COUNT),
    SHINGLE(Phase.STYLE, "shingle", "Works every curl by hand: the most definition for the most time.", SECTIONS),
    BRUSH_STYLE(
            Phase.STYLE,
            "brush-style",
            "Lines strands up under tension into even clumps; up and out lifts the root as well.",
            SECTIONS,
            TOOL,
            BRUSH_DIRECTION,
            COUNT),
    TWIST(Phase.STYLE, "twist", "Turns single pieces into one curl each.", SECTIONS, COUNT),
    DIVIDE_CLUMPS(
            Phase.STYLE,
            "divide clumps",
            "Splits clumps that are too wide: volume, for a little frizz.",
            SECTIONS,
            TOOL),
    LIFT_ROOTS(
            Phase.STYLE, "lift the roots", "Takes wet hair off the scalp, so that it does not dry flat.", TOOL, COUNT),
    SHAKE_ROOTS(
            Phase.STYLE, "shake the roots", "Frees roots that lie flat or stuck, so that they dry with volume.", COUNT),
    SET_PART(Phase.STYLE, "set the parting", "Hair sets as it lies wet, so the parting is made now.", TOOL),

    MICROPLOP(
            Phase.DRY,
            "microplop",
            "A few slow squeezes in cloth take off water that would have to be dried.",
            TOOL,
            TO_WETNESS,
            COUNT),
    PLOP(Phase.DRY, "plop", "Cloth draws the water out while the curl keeps its shape.", TOOL, TO_WETNESS),
    WET_PLOP(Phase.DRY, "wet-plop", "Under a cap what was put on soaks in before the water goes.", TOOL),
    CLIP_ROOTS(
            Phase.DRY,
            "clip the roots",
            "Clips stand the roots up while they dry: volume where hair lies flat.",
            COUNT),
    UNCLIP(Phase.DRY, "take the clips out", "Left in longer, clips dent the roots and keep them wet.", COUNT),
    HOVER(
            Phase.DRY,
            "hover-diffuse",
            "Dries the outside without touching it, until the cast has set.",
            HEAT,
            SPEED,
            UNTIL_DRY,
            TENSION),
    CUP(
            Phase.DRY,
            "cup-diffuse",
            "Dries to the root with the curl held up in the bowl.",
            HEAT,
            SPEED,
            UNTIL_DRY,
            SECTIONS,
            COUNT,
            TENSION),
    HAMMOCK(
            Phase.DRY,
            "hammock-diffuse",
            "Dries in a sling, so that loose curls keep their shape.",
            HEAT,
            SPEED,
            UNTIL_DRY,
            TOOL),
    HOOD(Phase.DRY, "sit under the hood", "Warm air all round, hands off.", HEAT, SPEED, UNTIL_DRY),
    FAN(Phase.DRY, "fan", "Moving air shortens the wait and leaves the curl alone.", SPEED, UNTIL_DRY),
    AIR(Phase.DRY, "air dry", "Nothing touches the curl while it dries.", UNTIL_DRY),

    BREAK_CAST(
            Phase.FINISH,
            "break the cast",
            "Takes the stiffness out once all is dry: soft hair that keeps its hold.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            TOOL,
            COUNT,
            TECHNIQUE),
    PICK(Phase.FINISH, "pick out the roots", "Lifts dry roots for volume and leaves the lengths alone.", TOOL),
    FLUFF(Phase.FINISH, "fluff", "Opens the dry hair: bigger, for a little frizz.", TOOL, COUNT),
    STRETCH(Phase.FINISH, "stretch", "Air under tension at dry roots gives length.", HEAT, SPEED, TENSION, TOOL),

    PIN_UP(Phase.KEEP, "pin up", "Gathered loosely on top, hair is not slept flat.", TOOL, COUNT),
    MIST(
            Phase.KEEP,
            "mist",
            "Brings the outer hair back to the water that what comes next works in.",
            PRODUCT,
            MIX,
            AMOUNT_ML,
            TO_WETNESS,
            COUNT),
    COVER_NIGHT(
            Phase.KEEP, "cover for the night", "Satin instead of cotton: less rubbing, more days.", TOOL, UNTIL_DRY),

    EACH_SECTION(
            Phase.STYLE,
            "section by section",
            "Wet, loaded and shaped piece by piece, no section waits for its styler.");

    /** The part of the work a step belongs to. */
    public enum Phase {
        PREPARE,
        STYLE,
        DRY,
        FINISH,
        KEEP
    }

    private final Phase phase;
    private final String label;
    private final String purpose;
    private final Set<StepField> meaningful;
    /** The same by ordinal: asked of every step by every rule. */
    private final boolean[] uses = new boolean[StepField.values().length];

    Action(Phase phase, String label, String purpose, StepField... own) {
        this.phase = phase;
        this.label = label;
        this.purpose = purpose;
        EnumSet<StepField> fields = EnumSet.copyOf(Set.of(ZONES, HALF, PARTS, MINUTES, POSITION));
        Collections.addAll(fields, own);
        if (label.equals("section by section")) {
            // The frame has no hands of its own: minutes and position belong to the steps inside.
            fields = EnumSet.of(ZONES, HALF, SECTIONS, ORDER, STEPS);
        }
        this.meaningful = Collections.unmodifiableSet(fields);
        fields.forEach(field -> uses[field.ordinal()] = true);
    }

    public Phase phase() {
        return phase;
    }

    /** As a stylist says it, in the imperative. */
    public String label() {
        return label;
    }

    /** What it is done for, in a stylist's words [CP]. */
    public String purpose() {
        return purpose;
    }

    public boolean uses(StepField field) {
        return uses[field.ordinal()];
    }

    /** The fields that change what this action does. */
    public Set<StepField> meaningful() {
        return meaningful;
    }

    /** Ends with hair fully wet, roots too. */
    public boolean soaks() {
        return this == CLEANSE || this == CLARIFY || this == CONDITION || this == RINSE;
    }

    public boolean isDrying() {
        return isDryer() || this == FAN || this == AIR;
    }

    /** Warm or moving air from a machine aimed at the hair. */
    public boolean isDryer() {
        return this == HOVER || this == CUP || this == HAMMOCK || this == HOOD;
    }

    /** Adds water. */
    public boolean wets() {
        return soaks() || this == REWET || this == SQUISH || this == MIST;
    }

    /** Puts a product on the hair, if one is named. */
    public boolean takesProduct() {
        return uses(PRODUCT);
    }

    /** Hands or a tool move the clumps. */
    public boolean touchesHair() {
        return switch (this) {
            case SMOOTH,
                    SCRUNCH,
                    PRESS,
                    COIL,
                    SHINGLE,
                    BRUSH_STYLE,
                    TWIST,
                    DIVIDE_CLUMPS,
                    DETANGLE,
                    FLUFF,
                    PICK,
                    BREAK_CAST -> true;
            default -> false;
        };
    }

    /** The stylist's hands are busy for the whole step, not only at its start. */
    public boolean isHandsOn() {
        return switch (this) {
            case WAIT, COVER, AIR, FAN, HOOD, PLOP, WET_PLOP, COVER_NIGHT, MASK, PROTEIN -> false;
            default -> true;
        };
    }
}
