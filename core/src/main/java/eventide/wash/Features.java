package eventide.wash;

import eventide.drying.Visit;
import eventide.hair.Zone;
import eventide.product.Cast;
import eventide.product.Role;
import eventide.routine.Action;
import eventide.routine.Half;
import eventide.routine.Part;
import eventide.routine.Schools;
import eventide.shape.Maybe;
import java.util.EnumMap;
import java.util.Map;

/**
 * What a run of a routine came to at one zone: all that scores are worked out from besides the hair itself and the hands that
 * shaped it. On a side it is that half's; where both halves are looked at together, both.
 *
 * @param holdPutOn hold of all layers, 0 to 10, whatever water it met
 * @param holdMet of it, what met its water, 0 to 10
 * @param holdFullness amount of hold against the advised one, ratio; 0 where none went on
 * @param strongestHold hold of the one strongest product, 0 to 10
 * @param richness richness left in the hair, in points of the scale
 * @param richnessBorne what the hair bears of it
 * @param coated how much of what is advised went on in all, 0 to 1
 * @param foam whether a foam is among it
 * @param wetnessAtHold percent of water where the strongest hold went on; absent where none did
 * @param sections the most sections any step was done in
 * @param scrunches of wet hair
 * @param touchesBeforeCast turns of hands or the bowl on drying hair before its cast had set
 * @param castSet whether what went on sets a cast at all
 * @param castBroken whether it was broken
 * @param rootsFree of the stylers that went on, the part kept off the roots, 0 to 1; 0 where none did
 * @param tension whether it was dried under tension
 * @param hotUnguarded whether hot air met hair that nothing guards
 * @param minutesInAir minutes it dries in air alone, after the last step too
 * @param minutesInDampAir of them, those in air that is damp to dry in
 * @param humectants the most of what draws water on any label worn, 0 to 1
 * @param filmFormers the most of film formers, 0 to 1
 */
public record Features(
        double holdPutOn,
        double holdMet,
        double holdFullness,
        double strongestHold,
        double richness,
        double richnessBorne,
        double coated,
        boolean foam,
        @Maybe Double wetnessAtHold,
        int sections,
        int scrunches,
        int touchesBeforeCast,
        boolean castSet,
        boolean castBroken,
        double rootsFree,
        boolean tension,
        boolean hotUnguarded,
        double minutesInAir,
        double minutesInDampAir,
        double humectants,
        double filmFormers) {

    /** What the run came to in one zone. */
    public static Features of(Wash wash, Zone zone) {
        double put = HoldWorn.put(wash, zone);
        Layer strongest = HoldWorn.strongest(wash, zone);
        boolean holds = strongest != null && strongest.product().hold() > 0;
        double wetness = holds ? HoldWorn.wetness(strongest, zone) : Double.NaN;
        double inAir = AirMet.minutesInAir(wash, zone);
        LabelWorn label = LabelWorn.of(wash, zone);
        return new Features(
                put,
                HoldWorn.met(wash, zone),
                Fullness.ofHold(wash, zone),
                strongest == null ? 0 : strongest.product().hold(),
                Richness.of(wash, zone),
                // A school is what a stylist holds; it changes no hair.
                Richness.borne(wash.hair().at(zone), Schools.DEFAULT),
                Fullness.ofCoat(wash, zone),
                isFoamed(wash, zone),
                Double.isNaN(wetness) ? null : wetness,
                sections(wash, zone),
                Scrunches.count(wash, zone),
                Touches.beforeCast(wash, zone),
                Cast.isSetBy(put),
                isCastBroken(wash, zone),
                rootsFree(wash, zone),
                isTensed(wash, zone),
                HeatMet.isHotUnguarded(wash, zone),
                inAir,
                AirMet.dampness(wash) > 0 ? inAir : 0,
                label.humectants(),
                label.films());
    }

    /** Of every zone, as it is said: a side is its own half where halves differ, the rest of the head both together. */
    public static Map<Zone, Features> byZone(Wash wash) {
        Map<Zone, Features> features = new EnumMap<>(Zone.class);
        for (Zone zone : Zone.values()) {
            boolean isSide = wash.hasHalves() && (zone == Zone.LEFT || zone == Zone.RIGHT);
            Wash own = isSide ? wash.on(zone == Zone.LEFT ? Half.LEFT : Half.RIGHT) : wash;
            features.put(zone, of(own, zone).rounded());
        }
        return features;
    }

    /** Of every zone of each half alone, as it is said: a half has its own side and its part of the rest. Empty where nothing keeps to one half. */
    public static Map<Half, Map<Zone, Features>> byHalf(Wash wash) {
        Map<Half, Map<Zone, Features>> halves = new EnumMap<>(Half.class);
        if (!wash.hasHalves()) {
            return halves;
        }
        for (Half half : Half.values()) {
            Map<Zone, Features> features = new EnumMap<>(Zone.class);
            for (Zone zone : Zone.values()) {
                if (zone != (half == Half.LEFT ? Zone.RIGHT : Zone.LEFT)) {
                    features.put(zone, of(wash.on(half), zone).rounded());
                }
            }
            halves.put(half, features);
        }
        return halves;
    }

    /** How much humectants draw that no film keeps in, 0 to 1. */
    public double drawn() {
        return humectants * (1 - filmFormers);
    }

    /** As it is said: to what anybody could tell apart. */
    public Features rounded() {
        return new Features(
                tenth(holdPutOn),
                tenth(holdMet),
                Math.round(holdFullness * 100) / 100.0,
                tenth(strongestHold),
                tenth(richness),
                tenth(richnessBorne),
                Math.round(coated * 100) / 100.0,
                foam,
                wetnessAtHold == null ? null : (double) Math.round(wetnessAtHold),
                sections,
                scrunches,
                touchesBeforeCast,
                castSet,
                castBroken,
                Math.round(rootsFree * 100) / 100.0,
                tension,
                hotUnguarded,
                tenth(minutesInAir),
                tenth(minutesInDampAir),
                Math.round(humectants * 100) / 100.0,
                Math.round(filmFormers * 100) / 100.0);
    }

    private static double tenth(double value) {
        return Math.round(value * 10) / 10.0;
    }

    /** Into how many the head was parted for what went on last: the finest parting a zone was in, 1 for none. */
    private static int sections(Wash wash, Zone zone) {
        int most = 1;
        for (var place : wash.places()) {
            if (place.index() > wash.lastRinse() && wash.reaches(place, zone)) {
                most = Math.max(
                        most,
                        (place.isInner()
                                        ? wash.routine().steps().get(place.index())
                                        : wash.routine().at(place))
                                .sectionsOrOne());
            }
        }
        return most;
    }

    private static boolean isCastBroken(Wash wash, Zone zone) {
        for (Visit visit : wash.stylingIn(zone)) {
            if (visit.step().action() == Action.BREAK_CAST) {
                return true;
            }
        }
        return false;
    }

    private static boolean isFoamed(Wash wash, Zone zone) {
        for (Layer layer : wash.layersIn(zone)) {
            if (layer.product().role() == Role.MOUSSE) {
                return true;
            }
        }
        return false;
    }

    private static double rootsFree(Wash wash, Zone zone) {
        int stylers = 0;
        int off = 0;
        for (Layer layer : wash.layersIn(zone)) {
            if (layer.holds() || layer.product().role().moisturises()) {
                stylers++;
                off += layer.step().reaches(Part.ROOTS) ? 0 : 1;
            }
        }
        return stylers == 0 ? 0 : off / (double) stylers;
    }

    private static boolean isTensed(Wash wash, Zone zone) {
        for (Visit visit : wash.stylingIn(zone)) {
            if (visit.step().action().isDrying()
                    && Boolean.TRUE.equals(visit.step().tension())) {
                return true;
            }
        }
        return false;
    }
}
