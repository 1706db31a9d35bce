package eventide.words;

import eventide.air.DewPointBand;
import eventide.chair.ChairEvent;
import eventide.diary.Desk;
import eventide.diary.DiaryEntry;
import eventide.drying.Mark;
import eventide.drying.Wetness;
import eventide.hair.BuildUpSign;
import eventide.hair.Comfort;
import eventide.hair.Condition;
import eventide.hair.Density;
import eventide.hair.Occasion;
import eventide.hair.PhotoView;
import eventide.hair.Porosity;
import eventide.hair.ReadingField;
import eventide.hair.Reads;
import eventide.hair.Scalp;
import eventide.hair.Strand;
import eventide.hair.Zone;
import eventide.learning.BottleLearned;
import eventide.log.FollowingDay;
import eventide.product.Compatibility;
import eventide.product.Family;
import eventide.product.Role;
import eventide.product.Rubbed;
import eventide.routine.Action;
import eventide.routine.BrushDirection;
import eventide.routine.DetangleFrom;
import eventide.routine.Extent;
import eventide.routine.Half;
import eventide.routine.Heat;
import eventide.routine.Motion;
import eventide.routine.NightCare;
import eventide.routine.OwnedTool;
import eventide.routine.Part;
import eventide.routine.Position;
import eventide.routine.RinseWater;
import eventide.routine.Speed;
import eventide.routine.StepField;
import eventide.routine.Technique;
import eventide.routine.Tool;
import eventide.routine.Wish;
import eventide.shape.Maybe;
import eventide.shape.Said;
import eventide.shape.Source;
import eventide.wash.ScoreName;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Everything a step, a head or a score is called, as a stylist reads it: the one place screens and printed pages have their words from.
 * Keys are the words of the written form; a second language would be a second value of this.
 *
 * @param actions in the order of the work
 * @param techniques how a product is put on
 * @param fields of a step that take one word, with the words each takes
 * @param roles what a product is for
 * @param tools that may be at hand
 * @param scores by their written name
 * @param wetness from the wettest down
 * @param bottleVerdicts what a log says of a bottle
 * @param diary what is done on a day
 * @param deskTaps where a line of the desk leads
 * @param readings the levels of a reading by its written name
 * @param conditions what has happened to the fibre
 * @param scalp what it shows
 * @param buildUp what build-up looks and feels like
 * @param comfort what the chair has to mind
 * @param families what an ingredient is to hair
 * @param wishes what a client may want, by its written name
 * @param refreshes what keeps a style going, as a log calls it
 * @param phases the parts of the work
 * @param stepFields what a step may say, as it is asked for
 * @param signs what is seen at the chair
 * @param readingNames the five readings, by their written name
 * @param views from where a head is photographed
 * @param marks the moments on the tide that hands wait for
 * @param sources where a number or a rule comes from
 * @param occasions what made somebody read the hair again
 * @param flakes how likely two products curdle on each other
 * @param rubbed what the fingers saw of two products
 * @param airs what the air does to hair, by its dew point
 * @param degrees of a wish, from 0 to 3
 */
public record Vocabulary(
        Map<String, Drawn> actions,
        Map<String, Drawn> techniques,
        Map<String, Map<String, String>> fields,
        Map<String, RoleWord> roles,
        Map<String, String> tools,
        Map<String, String> zones,
        Map<String, String> scores,
        Map<String, NightWord> nights,
        List<WetnessWord> wetness,
        Map<String, String> bottleVerdicts,
        Map<String, String> diary,
        Map<String, String> deskTaps,
        Map<String, Map<String, LevelWord>> readings,
        Map<String, String> conditions,
        Map<String, ScalpWord> scalp,
        Map<String, String> buildUp,
        Map<String, String> comfort,
        Map<String, FamilyWord> families,
        Map<String, WishWord> wishes,
        Map<String, String> refreshes,
        Map<String, String> views,
        Map<String, String> phases,
        Map<String, String> stepFields,
        Map<String, String> signs,
        Map<String, String> readingNames,
        Map<String, String> marks,
        Map<String, String> sources,
        Map<String, String> occasions,
        Map<String, String> flakes,
        Map<String, String> rubbed,
        Map<String, String> airs,
        List<String> degrees) {
    /** In English, as the trade speaks it. */
    public static final Vocabulary ENGLISH = new Vocabulary(
            words(Action.values(), Action::name, action -> new Drawn(action.label(), action.motion())),
            words(Technique.values(), Technique::name, one -> new Drawn(one.label(), one.motion())),
            allFields(),
            words(Role.values(), Role::name, role -> new RoleWord(role.label(), role.washesOut())),
            labels(OwnedTool.values()),
            labels(Zone.values()),
            words(ScoreName.values(), ScoreName::word, ScoreName::label),
            words(NightCare.values(), NightCare::name, care -> new NightWord(care.label(), care.brief())),
            WetnessWord.ALL,
            labels(BottleLearned.Standing.values()),
            labels(DiaryEntry.Kind.values()),
            labels(Desk.Tap.values()),
            allReadings(),
            labels(Condition.values()),
            words(Scalp.values(), Scalp::name, seen -> new ScalpWord(seen.label(), seen.stopsStyling())),
            labels(BuildUpSign.values()),
            labels(Comfort.values()),
            words(Family.values(), Family::name, family -> new FamilyWord(family.label(), family.mark())),
            words(Wish.values(), Wish::word, wish -> new WishWord(wish.label(), wish.hint())),
            labels(FollowingDay.Refresh.values()),
            labels(PhotoView.values()),
            labels(Action.Phase.values()),
            words(StepField.values(), StepField::word, StepField::label),
            labels(ChairEvent.Sign.values()),
            words(ReadingField.values(), ReadingField::word, ReadingField::label),
            labels(Mark.Moment.values()),
            labels(Source.values()),
            labels(Occasion.values()),
            labels(Compatibility.Likelihood.values()),
            labels(Rubbed.values()),
            labels(DewPointBand.values()),
            Wish.DEGREES);

    /**
     * What hands do.
     *
     * @param motion how it is drawn moving
     */
    public record Drawn(String label, Motion motion) {}

    /**
     * What a bottle is for.
     *
     * @param washesOut rinsed out again: its wetness window means nothing
     */
    public record RoleWord(String label, boolean washesOut) {}

    /**
     * What an ingredient is to hair.
     *
     * @param mark two letters to stand beside it; absent where it says nothing at the chair
     */
    public record FamilyWord(String label, @Maybe String mark) {}

    /**
     * What keeps the shape overnight.
     *
     * @param brief in a word or two, to choose by
     */
    public record NightWord(String label, String brief) {}

    /**
     * A level of a reading.
     *
     * @param sign what it is told by; absent for the one between
     */
    public record LevelWord(String label, @Maybe String sign) {}

    /**
     * What may be wanted.
     *
     * @param hint what is meant; absent where the label says it
     */
    public record WishWord(String label, @Maybe String hint) {}

    /**
     * What a scalp shows.
     *
     * @param stops no styling until it is cleared
     */
    public record ScalpWord(String label, boolean stops) {}

    /**
     * What hair of some water is called [CP].
     *
     * @param fromPercent the least water that is called so, percent
     */
    public record WetnessWord(int fromPercent, String word) {
        private static final List<WetnessWord> ALL = Stream.of(Wetness.values())
                .sorted(Comparator.reverseOrder())
                .map(word -> new WetnessWord((int) word.fromPercent(), word.label()))
                .toList();
    }

    /** Levels of a reading, weakest first. */
    private static Map<String, Map<String, LevelWord>> allReadings() {
        Map<String, Map<String, LevelWord>> words = new LinkedHashMap<>();
        words.put("strand", levels(Strand.values()));
        words.put("porosity", levels(Porosity.values()));
        words.put("density", levels(Density.values()));
        return words;
    }

    private static Map<String, LevelWord> levels(Reads[] all) {
        return words(all, Reads::name, level -> new LevelWord(level.label(), level.sign()));
    }

    /** What a step may be told, by the field's own word. */
    private static Map<String, Map<String, String>> allFields() {
        Map<String, Map<String, String>> words = new LinkedHashMap<>();
        words.put(StepField.TECHNIQUE.word(), labels(Technique.values()));
        words.put(StepField.TOOL.word(), labels(Tool.values()));
        words.put(StepField.HALF.word(), labels(Half.values()));
        words.put(StepField.HEAT.word(), labels(Heat.values()));
        words.put(StepField.SPEED.word(), labels(Speed.values()));
        words.put(StepField.BRUSH_DIRECTION.word(), labels(BrushDirection.values()));
        words.put(StepField.EXTENT.word(), labels(Extent.values()));
        words.put(StepField.WATER.word(), labels(RinseWater.values()));
        words.put(StepField.FROM.word(), labels(DetangleFrom.values()));
        words.put(StepField.PARTS.word(), labels(Part.values()));
        words.put(StepField.POSITION.word(), labels(Position.values()));
        return words;
    }

    private static Map<String, String> labels(Said[] all) {
        return words(all, Said::name, Said::label);
    }

    /** In the order they are written down. */
    private static <T, W> Map<String, W> words(T[] all, Function<T, String> written, Function<T, W> word) {
        Map<String, W> words = new LinkedHashMap<>();
        for (T one : all) {
            words.put(written.apply(one), word.apply(one));
        }
        return words;
    }
}
