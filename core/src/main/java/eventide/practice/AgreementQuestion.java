package eventide.practice;

import eventide.shape.Bounded;
import eventide.shape.Fault;
import eventide.shape.Frozen;
import eventide.shape.InvalidException;
import eventide.shape.Letters;
import eventide.shape.Maybe;
import eventide.shape.Range;
import eventide.shape.Shape;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * Scores that eyes gave to the same things, to be read for how well the eyes agree.
 *
 * @param ratings each eye scores an item once at most; not every eye need have seen every item
 * @param truth what items really are, where that is known: then each eye is measured against it
 */
public record AgreementQuestion(List<EyeRating> ratings, @Maybe List<KnownScore> truth) implements Bounded {
    /** As many as a salon gives in years. */
    public static final int MOST_RATINGS = 20_000;

    /**
     * One eye's score of one item, 0 to 10.
     *
     * @param rater whose eye
     * @param item what was scored: a swatch, a picture, a head
     */
    public record EyeRating(
            @Letters(least = 1, most = 60) String rater,
            @Letters(least = 1, most = 200) String item,
            @Range(from = 0, to = 10) Double score) {
        public EyeRating {
            Shape.check(EyeRating.class, rater, item, score);
        }
    }

    /**
     * What an item really is, 0 to 10.
     *
     * @param score what it truly is, 0 to 10
     */
    public record KnownScore(@Letters(least = 1, most = 200) String item, @Range(from = 0, to = 10) Double score) {
        public KnownScore {
            Shape.check(KnownScore.class, item, score);
        }
    }

    public AgreementQuestion {
        Shape.check(AgreementQuestion.class, ratings, truth);
        if (ratings.isEmpty()) {
            throw InvalidException.of("ratings", "ratings must hold at least one score, but were empty");
        }
        ratings = Frozen.list(ratings);
        truth = Frozen.list(truth);
    }

    /** Too many, or something said twice. */
    @Override
    public List<Fault> beyond() {
        List<Fault> faults = new ArrayList<>();
        if (ratings.size() > MOST_RATINGS) {
            faults.add(
                    new Fault("/ratings", "ratings must be at most " + MOST_RATINGS + ", but were " + ratings.size()));
            return faults;
        }
        Set<List<String>> seen = new HashSet<>();
        for (int i = 0; i < ratings.size(); i++) {
            EyeRating one = ratings.get(i);
            if (!seen.add(List.of(one.rater(), one.item()))) {
                faults.add(new Fault(
                        "/ratings/" + i, one.rater() + " has scored " + one.item() + " already: one score an eye"));
            }
        }
        Set<String> known = new HashSet<>();
        for (int i = 0; i < truthOrNone().size(); i++) {
            if (!known.add(truthOrNone().get(i).item())) {
                faults.add(
                        new Fault("/truth/" + i, truthOrNone().get(i).item() + " is known already: one truth an item"));
            }
        }
        return faults;
    }

    List<KnownScore> truthOrNone() {
        return truth == null ? List.of() : truth;
    }
}
