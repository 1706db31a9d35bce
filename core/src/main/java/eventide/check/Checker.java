package eventide.check;

import eventide.wash.Wash;
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
            new Flakes(),
            new HoldAlone(),
            new HeatUnguarded(),
            new NothingHolds(),
            new TooRich(),
            new TooMuchHold(),
            new TooLittle(),
            new HumectantsAlone(),
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
            new NeverDetangled(),
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
            new LeftUnrinsed(),
            new StrippedTwice(),
            new NotWhatWasAgreed(),
            new KnownAllergy(),
            new ScalpStop(),
            new TwoThingsAtOnce(),
            new StockShort());

    private static final Set<String> IDS = RULES.stream().map(Rule::id).collect(Collectors.toUnmodifiableSet());

    private Checker() {}

    /** Every rule a wash is read by. */
    public static List<Rule> rules() {
        return RULES;
    }

    /** STOP first, then by the place in the routine. */
    public static List<Finding> check(Wash wash) {
        List<Finding> found = plainly(wash);
        List<Finding> offered = new ArrayList<>();
        for (Finding finding : found) {
            offered.add(finding.with(mend(wash, found, finding)));
        }
        return Folded.of(wash, offered);
    }

    /** Further mends that may be taken together with one, because it alone would leave something else amiss. */
    private static final int MOST_TOGETHER = 2;

    /** The finding's own mend, together with what that makes necessary; null where nothing would be better for it. */
    private static Mend mend(Wash wash, List<Finding> found, Finding finding) {
        Mend mend = finding.mend();
        for (int further = 0; mend != null; further++) {
            List<Finding> after = plainly(wash.with(mend.routine()));
            if (improves(found, after, finding.rule())) {
                return mend;
            }
            Mend taken = mend;
            mend = further == MOST_TOGETHER
                    ? null
                    : after.stream()
                            .filter(left -> left.mend() != null && isAmiss(left, found, finding.rule()))
                            .findFirst()
                            .map(left -> taken.then(left.mend()))
                            .orElse(null);
        }
        return null;
    }

    /** Still of the rule that is to be mended, or said only since. */
    private static boolean isAmiss(Finding left, List<Finding> before, String rule) {
        return left.rule().equals(rule)
                || left.severity() != Severity.NOTE && !loud(before).contains(loudness(left));
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
    private static boolean improves(List<Finding> before, List<Finding> after, String rule) {
        List<Finding> was = of(rule, before);
        List<Finding> same = of(rule, after);
        boolean softer = loudCount(same) < loudCount(was);
        boolean fewer = loudCount(same) == loudCount(was) && same.size() < was.size();
        return (softer || fewer) && loud(before).containsAll(loud(after)) && loudCount(after) <= loudCount(before);
    }

    private static List<Finding> of(String rule, List<Finding> findings) {
        return findings.stream().filter(f -> f.rule().equals(rule)).toList();
    }

    /** What is worse than a note, as rule and place: a mend may trade no warning for another. */
    private static Set<String> loud(List<Finding> findings) {
        return findings.stream()
                .filter(f -> f.severity() != Severity.NOTE)
                .map(Checker::loudness)
                .collect(Collectors.toSet());
    }

    private static String loudness(Finding finding) {
        return finding.rule() + finding.severity();
    }

    private static long loudCount(List<Finding> findings) {
        return findings.stream().filter(f -> f.severity() != Severity.NOTE).count();
    }
}
