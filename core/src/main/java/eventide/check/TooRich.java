package eventide.check;

import eventide.hair.Reading;
import eventide.hair.Zone;
import eventide.routine.Routine;
import eventide.routine.StepPlace;
import eventide.wash.Layer;
import eventide.wash.Richness;
import eventide.wash.Wash;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * A1: more richness left in the hair than its strand bears, or any of it on the scalp.
 *
 * <p>A mask or a conditioner never rinsed and a finishing oil beyond its drops count. A note where softness comes first; silent
 * there on coarse or coily hair. Mend: lighter, less, a layer dropped, rinsed. Source: common practice; the scale ours.
 */
final class TooRich implements Rule {
    @Override
    public String id() {
        return "A1";
    }

    @Override
    public String why() {
        return "More weight than the strand bears, or product on the scalp, leaves hair limp and greasy.";
    }

    @Override
    public List<Finding> findings(Wash wash) {
        List<Finding> found = new ArrayList<>(heavy(wash));
        found.addAll(OnTheScalp.findings(this, wash));
        return found;
    }

    /** One finding for the head, said of the zone that is worst off; of the whole head where all of it is. */
    private List<Finding> heavy(Wash wash) {
        Zone worst = null;
        double most = 0;
        int over = 0;
        for (Zone zone : Zone.values()) {
            Reading reading = wash.hair().at(zone);
            double worn = Richness.of(wash, zone);
            double borne = Richness.borne(reading, wash.schools());
            if (Richness.isTooMuch(worn, borne, reading, wash.goal())) {
                over++;
                if (worn / borne > most) {
                    most = worn / borne;
                    worst = zone;
                }
            }
        }
        if (worst == null) {
            return List.of();
        }
        Zone zone = worst;
        Layer heaviest = wash.layersIn(zone).stream()
                .max(Comparator.comparingDouble(Richness::of))
                .orElseThrow();
        Reading reading = wash.hair().at(zone);
        boolean everywhere = over == Zone.values().length;
        String message = "Too rich for " + reading.strand().name().toLowerCase(Locale.ROOT) + " hair"
                + (everywhere ? "" : " at the " + zone.label()) + ": "
                + heaviest.product().name() + " weighs most.";
        return List.of(Finding.of(
                this,
                wash.goal().softnessFirst() ? Severity.NOTE : Severity.WARN,
                heaviest.place(),
                everywhere ? null : zone,
                message,
                mend(wash, zone, heaviest)));
    }

    /** What holds is halved, for without it nothing lasts; what feeds may go. */
    private static Mend mend(Wash wash, Zone zone, Layer heaviest) {
        if (heaviest.holds()) {
            double less = Math.round(heaviest.amount().ml() * 50) / 100.0;
            return new Mend(
                    "Use half as much",
                    wash.routine()
                            .replacing(
                                    heaviest.place(),
                                    heaviest.step().but().amountMl(less).build()));
        }
        return lighter(wash, zone);
    }

    /** Without the richest, and the next, until it is borne: of two rich layers one may still be too much. */
    private static Mend lighter(Wash wash, Zone zone) {
        List<Layer> richest = wash.layersIn(zone).stream()
                .filter(layer -> !layer.holds())
                .sorted(Comparator.comparingDouble(layer -> -Richness.of(layer)))
                .toList();
        Mend mend = null;
        for (int left = 1; left <= richest.size(); left++) {
            List<Layer> out = richest.subList(0, left);
            Routine routine = wash.routine();
            for (StepPlace place : out.stream()
                    .map(Layer::place)
                    .sorted(Comparator.reverseOrder())
                    .toList()) {
                routine = routine.without(place);
            }
            String names = out.stream().map(layer -> layer.product().name()).collect(Collectors.joining(" and "));
            mend = new Mend("Leave " + names + " out", routine);
            List<Layer> rest = wash.layersIn(zone).stream()
                    .filter(layer -> !out.contains(layer))
                    .toList();
            Reading reading = wash.hair().at(zone);
            if (!Richness.isTooMuch(Richness.of(rest), Richness.borne(reading, wash.schools()), reading, wash.goal())) {
                break;
            }
        }
        return mend;
    }
}
