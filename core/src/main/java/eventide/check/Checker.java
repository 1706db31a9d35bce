package eventide.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Asks every rule; a mend is offered only where it leaves nothing worse behind. */
public final class Checker {
    /** The rules, in the order of the trade's list. Adding one touches its own file and this line. */
    private static final List<Rule> RULES = List.of(
            new WindowMissed(),
            new WaitedTooDry(),
            new HoldWashedThin(),
            new MoistureOverHold(),
            new OilBeforeCast(),
            new HoldAlone(),
            new HeatUnguarded(),
            new NothingHolds(),
            new TooRich(),
            new TooMuchHold(),
            new TooLittle(),
            new RakedClumps(),
            new TooManyScrunches(),
            new BrushedDown(),
            new NotFinishedInTime(),
            new RoughTowel(),
            new RootsStuck(),
            new TornKnots(),
            new CrownForgotten(),
            new PartMovedDry(),
            new OnePosition(),
            new TouchedBeforeCast(),
            new ClippedTooLong(),
            new BrokenTooEarly(),
            new HotInContact(),
            new DampAir(),
            new EndsWet(),
            new MaskTooLong(),
            new ProteinRhythm(),
            new ResidueInTrial(),
            new BuildsUp(),
            new RinsedTooSoon(),
            new KnownAllergy(),
            new ScalpStop(),
            new TwoThingsAtOnce(),
            new StockShort());

    private static final Set<String> IDS = RULES.stream().map(Rule::id).collect(Collectors.toUnmodifiableSet());

    private Checker() {}

    public static List<Rule> rules() {
        return RULES;
    }

    /** STOP first, then by the place in the routine. */
    public static List<Finding> check(Wash wash) {
        List<Finding> found = plainly(wash);
        List<Finding> offered = new ArrayList<>();
        for (Finding finding : found) {
            offered.add(finding.mend() == null || improves(wash, found, finding) ? finding : finding.withoutMend());
        }
        return List.copyOf(offered);
    }

    /** The findings without trying their mends. */
    public static List<Finding> plainly(Wash wash) {
        return plainly(wash, IDS);
    }

    /**
     * The same of some rules alone.
     *
     * @param asked ids as in the trade's list
     */
    public static List<Finding> plainly(Wash wash, Set<String> asked) {
        List<Finding> found = new ArrayList<>();
        for (Rule rule : RULES) {
            if (asked.contains(rule.id())) {
                found.addAll(rule.findings(wash));
            }
        }
        found.sort(Comparator.comparing(Finding::severity).thenComparing(f -> f.step() == null ? -1 : f.step()));
        return found;
    }

    /** The finding is gone, or no more than a note, and no rule that was quiet warns instead. */
    private static boolean improves(Wash wash, List<Finding> before, Finding finding) {
        List<Finding> after = plainly(wash.with(finding.mend().routine()));
        List<Finding> was = of(finding.rule(), before);
        List<Finding> same = of(finding.rule(), after);
        boolean softer = loudCount(same) < loudCount(was);
        boolean fewer = loudCount(same) == loudCount(was) && same.size() < was.size();
        return (softer || fewer) && loud(before).containsAll(loud(after)) && loudCount(after) <= loudCount(before);
    }

    private static List<Finding> of(String rule, List<Finding> findings) {
        return findings.stream().filter(f -> f.rule().equals(rule)).toList();
    }

    private static Set<String> loud(List<Finding> findings) {
        return findings.stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .map(f -> f.rule() + f.severity())
                .collect(Collectors.toSet());
    }

    private static long loudCount(List<Finding> findings) {
        return findings.stream().filter(f -> f.severity() != Severity.NOTE).count();
    }
}
