package eventide.learning;

/**
 * What a bottle does on hair of one kind, as an {@link Effect} is called by.
 *
 * @param bottle its name, whatever it holds
 * @param kind as {@link EffectsIn#kinds} calls it; never with an "on" in it
 */
record BottleOnKind(String bottle, String kind) {
    private static final String ON = " on ";

    static BottleOnKind of(Effect effect) {
        int at = effect.name().lastIndexOf(ON);
        return new BottleOnKind(effect.name().substring(0, at), effect.name().substring(at + ON.length()));
    }

    Effect effect() {
        return new Effect(Origin.BOTTLE_ON_KIND, bottle + ON + kind);
    }
}
