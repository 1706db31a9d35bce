package eventide.learning;

import eventide.shape.Said;
import eventide.wash.ScoreName;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;

/**
 * On one kind of hair, by how much each score came out otherwise than said.
 *
 * @param kind of hair, in words
 * @param washes it was on there; one head's hair is of two kinds, by strand and pattern, and by porosity
 * @param against what is said of it, by definition and frizz as its {@link BottleLearned#verdict} goes; of the other scores it is a matter of
 *     wishes whether more is better
 */
public record OnKind(String kind, int washes, AgainstSaid against, List<BottleMoved> scores) {
    /** Kinds with few washes are named while no more are told than this. */
    private static final int FEW = 3;
    /** More kinds than this, all alike, are not told one by one. */
    private static final int MANY = 2;

    static OnKind of(String kind, int washes, List<BottleMoved> scores) {
        boolean better = scores.stream().anyMatch(moved -> moved.isClearly(true));
        boolean worse = scores.stream().anyMatch(moved -> moved.isClearly(false));
        AgainstSaid against = better == worse
                ? better ? AgainstSaid.BOTH : AgainstSaid.NOT_CLEARLY
                : better ? AgainstSaid.BETTER : AgainstSaid.WORSE;
        return new OnKind(kind, washes, against, scores);
    }

    /** Seen often enough here, and it does what is said or better. */
    boolean earnsItsPlace() {
        return washes >= BottleLearned.ENOUGH
                && (against == AgainstSaid.BETTER || against == AgainstSaid.NOT_CLEARLY)
                && scores.stream().noneMatch(moved -> moved.comesOutWorse(BottleLearned.NEARLY));
    }

    /** Too few washes are told beside it. */
    private String words() {
        return kind
                + (washes >= BottleLearned.ENOUGH
                        ? ""
                        : " (" + washes + (washes == 1 ? " wash" : " washes") + " so far)");
    }

    /** Where it clearly does otherwise than said, in words. */
    static String words(List<OnKind> kinds) {
        List<String> told = new ArrayList<>();
        for (AgainstSaid against : List.of(AgainstSaid.BETTER, AgainstSaid.WORSE, AgainstSaid.BOTH)) {
            List<OnKind> some = kinds.stream()
                    .filter(kind -> kind.against() == against)
                    .sorted(Comparator.comparingInt(OnKind::washes).reversed())
                    .toList();
            if (some.size() == kinds.size() && some.size() > MANY) {
                told.add(against.label() + " on all of them");
            } else if (!some.isEmpty()) {
                long more = some.stream()
                        .skip(FEW)
                        .filter(kind -> kind.washes() < BottleLearned.ENOUGH)
                        .count();
                String named = some.stream()
                        .limit(some.size() - more)
                        .map(OnKind::words)
                        .collect(Collectors.joining(", "));
                told.add(against.label() + " on " + named + (more == 0 ? "" : " and " + more + " more with fewer"));
            }
        }
        List<String> good = kinds.stream()
                .filter(kind -> kind.earnsItsPlace() && kind.against() == AgainstSaid.NOT_CLEARLY)
                .map(OnKind::kind)
                .toList();
        if (kinds.stream().anyMatch(kind -> kind.against() == AgainstSaid.WORSE) && !good.isEmpty()) {
            told.add("as said on " + String.join(", ", good));
        }
        return told.isEmpty() ? "on none clearly otherwise than said" : String.join("; ", told);
    }

    /** How a bottle does on hair of one kind against what is said of it. */
    public enum AgainstSaid implements Said {
        BETTER("better than said"),
        WORSE("worse than said"),
        /** Better in definition and worse in frizz, or the other way about. */
        BOTH("in part better, in part worse than said"),
        NOT_CLEARLY("not clearly otherwise than said");

        private final String label;

        AgainstSaid(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * By how much one score came out otherwise than said.
     *
     * @param known points against what the model says
     */
    public record BottleMoved(ScoreName score, Estimate known) {
        /** By some points or more, as far as is known. */
        private boolean comesOutWorse(double points) {
            return isJudged() && (TrialReading.isBetterLow(score) ? known.points() : -known.points()) >= points;
        }

        private boolean isJudged() {
            return score == ScoreName.DEFINITION || score == ScoreName.FRIZZ;
        }

        /** Whether it is clear that the hair comes out better, or worse; frizz is better low. */
        private boolean isClearly(boolean better) {
            return isJudged() && (TrialReading.isBetterLow(score) == better ? known.high() < 0 : known.low() > 0);
        }
    }
}
