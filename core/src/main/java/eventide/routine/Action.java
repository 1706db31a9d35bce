package eventide.routine;

import static eventide.routine.StepField.*;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** What hands or air do in a step: where it belongs in the work, and which fields mean something to it. */
public enum Action {
    OIL_SCALP(Phase.PREPARE, "oil the scalp", PRODUCT, MIX, AMOUNT_ML, TECHNIQUE),
    DETANGLE(Phase.PREPARE, "detangle", PRODUCT, MIX, AMOUNT_ML, TOOL, FROM, SECTIONS),
    CLEANSE(Phase.PREPARE, "cleanse", PRODUCT, MIX, AMOUNT_ML, COUNT, WATER, DILUTION),
    CLARIFY(Phase.PREPARE, "clarify", PRODUCT, MIX, AMOUNT_ML, COUNT, WATER, DILUTION),
    CONDITION(Phase.PREPARE, "condition", PRODUCT, MIX, AMOUNT_ML, WATER, DILUTION, SECTIONS),
    MASK(Phase.PREPARE, "mask", PRODUCT, MIX, AMOUNT_ML, HEAT_CAP, DILUTION, SECTIONS),
    PROTEIN(Phase.PREPARE, "protein", PRODUCT, MIX, AMOUNT_ML, HEAT_CAP, DILUTION, SECTIONS),
    RINSE(Phase.PREPARE, "rinse", WATER),
    SQUISH(Phase.PREPARE, "squish in water", TO_WETNESS, COUNT, PRODUCT, MIX, AMOUNT_ML, WATER),
    SQUEEZE(Phase.PREPARE, "squeeze out water", TO_WETNESS, TOOL),
    REWET(Phase.PREPARE, "re-wet", TO_WETNESS, WATER, SECTIONS),
    COVER(Phase.PREPARE, "cover", TOOL),
    WAIT(Phase.PREPARE, "wait"),

    SECTION(Phase.STYLE, "section off", SECTIONS, COUNT, TOOL),
    APPLY(Phase.STYLE, "apply", PRODUCT, MIX, DILUTION, AMOUNT_ML, TECHNIQUE, SECTIONS, TOOL, COUNT),
    SMOOTH(Phase.STYLE, "smooth", SECTIONS, TOOL, COUNT),
    SCRUNCH(Phase.STYLE, "scrunch", SECTIONS, TOOL, COUNT),
    PRESS(Phase.STYLE, "press", SECTIONS, TOOL, COUNT),
    COIL(Phase.STYLE, "finger coil", SECTIONS, EXTENT, COUNT),
    SHINGLE(Phase.STYLE, "shingle", SECTIONS),
    BRUSH_STYLE(Phase.STYLE, "brush-style", SECTIONS, TOOL, BRUSH_DIRECTION, COUNT),
    TWIST(Phase.STYLE, "twist", SECTIONS, COUNT),
    DIVIDE_CLUMPS(Phase.STYLE, "divide clumps", SECTIONS, TOOL),
    LIFT_ROOTS(Phase.STYLE, "lift the roots", TOOL, COUNT),
    SHAKE_ROOTS(Phase.STYLE, "shake the roots", COUNT),
    SET_PART(Phase.STYLE, "set the parting", TOOL),

    MICROPLOP(Phase.DRY, "microplop", TOOL, TO_WETNESS, COUNT),
    PLOP(Phase.DRY, "plop", TOOL, TO_WETNESS),
    WET_PLOP(Phase.DRY, "wet-plop", TOOL),
    CLIP_ROOTS(Phase.DRY, "clip the roots", COUNT),
    UNCLIP(Phase.DRY, "take the clips out", COUNT),
    HOVER(Phase.DRY, "hover-diffuse", HEAT, SPEED, UNTIL_DRY, TENSION),
    CUP(Phase.DRY, "cup-diffuse", HEAT, SPEED, UNTIL_DRY, SECTIONS, COUNT, TENSION),
    HAMMOCK(Phase.DRY, "hammock-diffuse", HEAT, SPEED, UNTIL_DRY, TOOL),
    HOOD(Phase.DRY, "sit under the hood", HEAT, SPEED, UNTIL_DRY),
    FAN(Phase.DRY, "fan", SPEED, UNTIL_DRY),
    AIR(Phase.DRY, "air dry", UNTIL_DRY),

    BREAK_CAST(Phase.FINISH, "break the cast", PRODUCT, MIX, AMOUNT_ML, TOOL, COUNT, TECHNIQUE),
    PICK(Phase.FINISH, "pick out the roots", TOOL),
    FLUFF(Phase.FINISH, "fluff", TOOL, COUNT),
    STRETCH(Phase.FINISH, "stretch", HEAT, SPEED, TENSION, TOOL),

    PIN_UP(Phase.KEEP, "pin up", TOOL, COUNT),
    MIST(Phase.KEEP, "mist", PRODUCT, MIX, AMOUNT_ML, TO_WETNESS, COUNT),
    COVER_NIGHT(Phase.KEEP, "cover for the night", TOOL, UNTIL_DRY),

    EACH_SECTION(Phase.STYLE, "section by section");

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
    private final Set<StepField> meaningful;
    /** The same by ordinal: asked of every step by every rule. */
    private final boolean[] uses = new boolean[StepField.values().length];

    Action(Phase phase, String label, StepField... own) {
        this.phase = phase;
        this.label = label;
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
