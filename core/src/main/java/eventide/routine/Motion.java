package eventide.routine;

/** How hands or tools move in a step: what is drawn moving, and which way. */
public enum Motion {
    RAKE,
    PALMS,
    GLAZE,
    SCRUNCH,
    COIL,
    BRUSH,
    PRESS,
    SHAKE,
    LIFT,
    DROPS,
    WATER,
    SQUEEZE,
    CLOTH,
    HOVER,
    CUP,
    CLIP,
    MASSAGE,
    COMB,
    WAIT,
    PART
}
