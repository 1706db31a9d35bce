package eventide.chair;

import eventide.routine.BrushDirection;
import eventide.routine.Step;
import eventide.routine.Technique;

/** How hands do a step, in a line to be read from the mirror [CP throughout]. */
final class HowTo {
    private HowTo() {}

    /** Of a group, how its last step is done: the shaping. */
    static String of(Step step) {
        if (step.isEachSection()) {
            return of(step.steps().get(step.steps().size() - 1));
        }
        if (step.technique() != null) {
            return technique(step.technique());
        }
        return switch (step.action().phase()) {
            case PREPARE -> preparing(step);
            case STYLE -> styling(step);
            case DRY -> drying(step);
            case FINISH, KEEP -> finishing(step);
        };
    }

    private static String technique(Technique technique) {
        return switch (technique) {
            case RAKE -> "Fingers spread, from just under the root through to the ends.";
            case PRAYING_HANDS -> "Between flat palms, from under the root to the tip.";
            case GLAZE -> "Flat palms skim over the clumps. Do not rake them.";
            case SCRUNCH -> "Cup the ends, lift them to the root, squeeze.";
            case SMOOTH -> "Closed fingers, root to tip, until every strand is coated.";
            case PAT -> "Press it on; do not stroke.";
            case SPRAY -> "An arm's length off, evenly.";
            case DROPS -> "Rub it between dry palms first; mids and ends only.";
        };
    }

    private static String preparing(Step step) {
        return switch (step.action()) {
            case OIL_SCALP -> "Fingertips in circles; on the scalp, not the lengths.";
            case DETANGLE -> "From the ends upward, fingers first on a hard knot. Never force it from the top.";
            case CLEANSE -> "On the scalp; what runs through cleans the lengths.";
            case CLARIFY -> "Scalp and lengths, until they squeak.";
            case CONDITION -> "On the lengths, worked through with the fingers.";
            case MASK -> "On squeezed hair. Thin it with water in the palms where it sits in one place.";
            case PROTEIN -> "On squeezed hair, for its time and no longer.";
            case RINSE -> "Until nothing more comes out.";
            case SQUISH -> "Push water up into the hair until it squelches and feels slick and heavy.";
            case SQUEEZE -> "Big pieces, slowly. Squeeze, never rub.";
            case REWET -> "Evenly, roots too.";
            case COVER -> "Cap over the hair that waits.";
            default -> "Cover what waits, so that it does not dry.";
        };
    }

    private static String styling(Step step) {
        return switch (step.action()) {
            case SECTION -> "Bottom to top, back to front; crown before last, front last.";
            case APPLY, SMOOTH -> "Root to tip, until every strand is coated and none is slippery.";
            case SCRUNCH -> "To the root, in every direction. The crown is what people forget.";
            case PRESS -> "Between the palms, in place. Do not scrunch.";
            case COIL -> "Around the finger the way the curl wants, and let it slide off.";
            case SHINGLE -> "Every curl by hand, root to tip.";
            case BRUSH_STYLE ->
                step.brushDirection() == BrushDirection.DOWN
                        ? "With tension, down along the head: it will lie flat."
                        : "A small section up and out with tension, about 90° from the scalp.";
            case TWIST -> "Two strands around each other, away from the face.";
            case DIVIDE_CLUMPS -> "Part each wide clump with the fingers, from the gap down.";
            case LIFT_ROOTS -> "Fingers lift the hair off the scalp, all over.";
            case SHAKE_ROOTS -> "Hands at the scalp and shake; again at every turn of the head.";
            default -> "Now, while it is wet: hair sets as it lies.";
        };
    }

    private static String drying(Step step) {
        return switch (step.action()) {
            case MICROPLOP -> "Big pieces, a few slow squeezes each.";
            case PLOP -> "Curls stacked in the cloth, wrapped and pressed.";
            case WET_PLOP -> "Under the cap, so that the styler soaks in.";
            case CLIP_ROOTS -> "In the gaps between clumps, standing up.";
            case UNCLIP -> "Open each one wide, lift it straight out.";
            case HOVER -> "Far off, roots first. Nothing touches the hair until the cast has set.";
            case CUP -> "Bowl under the ends, up to the head, then switch on. Off before letting go.";
            case HAMMOCK -> "Lay the curls in the sling, lift it to the head, blow through the cloth.";
            default -> "Hands off until the cast has set.";
        };
    }

    private static String finishing(Step step) {
        return switch (step.action()) {
            case BREAK_CAST -> "Feel the roots first: dry? Then scrunch with dry hands until it is soft.";
            case PICK -> "At the root only: through the lengths it breaks clumps.";
            case FLUFF -> "Hands in and out the same way.";
            case STRETCH -> "Cool air, gentle tension at the roots.";
            case PIN_UP -> "Loose, with a tie that does not crease.";
            case MIST -> "Only what is frizzy or too dry.";
            default -> "Satin over it, nothing tight.";
        };
    }
}
