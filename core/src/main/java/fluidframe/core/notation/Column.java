package fluidframe.core.notation;

import fluidframe.core.couple.RelationChange;
import fluidframe.core.phrase.AlignmentPhrasing;
import fluidframe.core.phrase.BodyPhrasing;
import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.FootPositionPhrasing;
import fluidframe.core.phrase.FootworkPhrasing;
import fluidframe.core.phrase.OwnWords;
import fluidframe.core.phrase.Phrasing;
import fluidframe.core.phrase.Phrasings;
import fluidframe.core.phrase.RisePhrasing;
import fluidframe.core.phrase.Situation;
import fluidframe.core.phrase.TurnPhrasing;
import fluidframe.core.space.Alignment;
import fluidframe.core.step.Action;
import fluidframe.core.step.BodyAction;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepTurn;
import fluidframe.core.step.Sway;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.text.Words;
import fluidframe.core.time.Count;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The columns of a chart, in the order a coach writes them. Each knows how to read its cell, how to write it back as
 * canonical shorthand, and how to say it in full. An empty cell says nothing.
 */
public enum Column {
    COUNT(
            "count",
            "Count",
            Count::parseToken,
            new CountPhrasing(),
            step -> text(step.count()),
            step -> text(step.count())),
    WORDS(
            "words",
            "Also counted",
            Count::parseToken,
            new CountPhrasing(),
            step -> text(step.alsoCounted()),
            step -> text(step.alsoCounted())),
    FOOT(
            "foot",
            "Foot",
            Foot.LEXICON::read,
            Phrasings.FOOT,
            step -> text(step.foot()),
            step -> step.foot().map(Foot::wording).orElse("")),
    FOOT_POSITION(
            "footPosition",
            "Foot position",
            FootPosition::parse,
            new FootPositionPhrasing(),
            step -> text(step.footPosition()),
            step -> step.footPosition().map(FootPosition::wording).orElse("")),
    ALIGNMENT(
            "alignment",
            "Alignment",
            Alignment::parse,
            new AlignmentPhrasing(),
            step -> text(step.alignment()),
            step -> step.alignment().map(Alignment::wording).orElse("")),
    TURN(
            "turn",
            "Turn",
            StepTurn::parse,
            new TurnPhrasing(),
            step -> step.turn().toString(),
            step -> step.turn().wording()),
    RISE(
            "rise",
            "Rise and fall",
            RiseFall::parse,
            new RisePhrasing(),
            step -> step.rise().toString(),
            step -> step.rise().wording()),
    FOOTWORK(
            "footwork",
            "Footwork",
            Footwork::parse,
            new FootworkPhrasing(),
            step -> step.footwork().toString(),
            step -> step.footwork().wording()),
    SWAY(
            "sway",
            "Sway",
            Sway.LEXICON::read,
            Phrasings.SWAY,
            step -> text(step.sway()),
            step -> step.sway().map(Sway::wording).orElse("")),
    CBM(
            "cbm",
            "CBM",
            ContraryBodyMovement::read,
            Phrasings.CONTRARY_BODY_MOVEMENT,
            step -> step.cbm() ? ContraryBodyMovement.CBM.shorthand() : "",
            step -> step.cbm() ? ContraryBodyMovement.CBM.wording() : ""),
    ACTION(
            "action",
            "Action",
            Action.LEXICON::readAll,
            Phrasings.ACTION,
            step -> terms(step.actions(), Term::shorthand),
            step -> terms(step.actions(), Term::wording)),
    BODY(
            "body",
            "Hips and body",
            BodyAction::parse,
            new BodyPhrasing(),
            step -> step.body().toString(),
            step -> step.body().wording()),
    RELATION(
            "relation",
            "Position and hold",
            RelationChange::parse,
            Phrasings.RELATION,
            step -> step.relation().toString(),
            step -> step.relation().wording()),
    ARMS("arms", "Arms", String::strip, OwnWords.ANY, Step::arms, Step::arms),
    LEAD("lead", "Lead", String::strip, OwnWords.ANY, Step::lead, Step::lead),
    NOTE("note", "Note", String::strip, OwnWords.ANY, Step::note, Step::note);

    /** Contrary body movement: there or not. */
    private enum ContraryBodyMovement implements Term {
        CBM("CBM", "contrary body movement", "yes"),
        NONE("-", "none", "no");

        private static final Lexicon<ContraryBodyMovement> LEXICON =
                Lexicon.of(NotationSentences.cbmOrNothing(), List.of(values()));

        private final Words words;

        ContraryBodyMovement(String shorthand, String wording, String synonym) {
            this.words = Words.of(shorthand, wording, synonym);
        }

        static boolean read(String text) {
            return LEXICON.read(text) == CBM;
        }

        @Override
        public Words words() {
            return words;
        }
    }

    private final String key;
    private final String title;
    private final Function<String, ?> reader;
    private final Phrasing phrasing;
    private final Function<Step, String> shorthand;
    private final Function<Step, String> wording;

    Column(
            String key,
            String title,
            Function<String, ?> reader,
            Phrasing phrasing,
            Function<Step, String> shorthand,
            Function<Step, String> wording) {
        this.key = key;
        this.title = title;
        this.reader = reader;
        this.phrasing = phrasing;
        this.shorthand = shorthand;
        this.wording = wording;
    }

    /** The name of this column in books and addresses. */
    public String key() {
        return key;
    }

    public String title() {
        return title;
    }

    public static Optional<Column> find(String key) {
        return Arrays.stream(values()).filter(column -> column.key.equals(key)).findFirst();
    }

    /** Whether its cells are notation; the others are anybody's own words. */
    public boolean isNotation() {
        return this != ARMS && this != LEAD && this != NOTE;
    }

    /** How its cells are said. */
    public Phrasing phrasing() {
        return phrasing;
    }

    /**
     * Reads canonical shorthand.
     *
     * @throws UnreadableTextException if the text is none of this column
     */
    Object readShorthand(String text) {
        return reader.apply(text);
    }

    /**
     * Reads a cell that is not empty, whatever row it stands in.
     *
     * @throws UnreadableTextException if the text does not belong in this column, or could mean two things
     */
    Object read(String text) {
        CellReading reading = CellReader.read(this, text, () -> Situation.UNKNOWN);
        if (!reading.isUnderstood()) {
            throw new UnreadableTextException(
                    text,
                    reading.expected(),
                    reading.choices().stream().map(CellReading.Choice::text).toList());
        }
        return reading.value().orElseThrow();
    }

    /**
     * Shorthand as the program writes it.
     *
     * @throws UnreadableTextException if the text is no shorthand of this column
     */
    public String canonical(String text) {
        return shorthandOf(readShorthand(text));
    }

    /** What a reading of this column says, as the program writes it. */
    public String shorthandOf(Object reading) {
        return shorthand(RowReader.step(Map.of(this, reading)));
    }

    /** The cell as canonical shorthand; empty where the row says nothing. */
    public String shorthand(Step step) {
        return shorthand.apply(step);
    }

    /** The cell in full words; empty where the row says nothing. */
    public String wording(Step step) {
        return wording.apply(step);
    }

    private static String text(Optional<?> value) {
        return value.map(Object::toString).orElse("");
    }

    private static <T extends Term> String terms(List<T> terms, Function<T, String> say) {
        return terms.stream().map(say).collect(Collectors.joining(", "));
    }
}
