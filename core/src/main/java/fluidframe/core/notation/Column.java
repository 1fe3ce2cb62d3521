package fluidframe.core.notation;

import fluidframe.core.couple.RelationChange;
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
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * The columns of a chart, in the order a coach writes them. Each knows how to read its cell, how to write it back as
 * canonical shorthand, and how to say it in full. An empty cell says nothing.
 */
public enum Column {
    COUNT("count", "Count", Count::parseToken,
            step -> text(step.count()), step -> text(step.count())),
    WORDS("words", "Also counted", Count::parseToken,
            step -> text(step.alsoCounted()), step -> text(step.alsoCounted())),
    FOOT("foot", "Foot", Foot.LEXICON::read,
            step -> text(step.foot()), step -> step.foot().map(Foot::wording).orElse("")),
    FOOT_POSITION("footPosition", "Foot position", FootPosition::parse,
            step -> text(step.footPosition()), step -> step.footPosition().map(FootPosition::wording).orElse("")),
    ALIGNMENT("alignment", "Alignment", Alignment::parse,
            step -> text(step.alignment()), step -> step.alignment().map(Alignment::wording).orElse("")),
    TURN("turn", "Turn", StepTurn::parse,
            step -> step.turn().toString(), step -> step.turn().wording()),
    RISE("rise", "Rise and fall", RiseFall::parse,
            step -> step.rise().toString(), step -> step.rise().wording()),
    FOOTWORK("footwork", "Footwork", Footwork::parse,
            step -> step.footwork().toString(), step -> step.footwork().wording()),
    SWAY("sway", "Sway", Sway.LEXICON::read,
            step -> text(step.sway()), step -> step.sway().map(Sway::wording).orElse("")),
    CBM("cbm", "CBM", ContraryBodyMovement::read,
            step -> step.cbm() ? ContraryBodyMovement.CBM.shorthand() : "", step -> step.cbm() ? ContraryBodyMovement.CBM.wording() : ""),
    ACTION("action", "Action", Action.LEXICON::readAll,
            step -> terms(step.actions(), Term::shorthand), step -> terms(step.actions(), Term::wording)),
    BODY("body", "Hips and body", BodyAction::parse,
            step -> step.body().toString(), step -> step.body().wording()),
    RELATION("relation", "Position and hold", RelationChange::parse,
            step -> step.relation().toString(), step -> step.relation().wording()),
    ARMS("arms", "Arms", String::strip, Step::arms, Step::arms),
    LEAD("lead", "Lead", String::strip, Step::lead, Step::lead),
    NOTE("note", "Note", String::strip, Step::note, Step::note);

    /** Contrary body movement: there or not. */
    private enum ContraryBodyMovement implements Term {
        CBM("CBM", "contrary body movement", "yes"), NONE("-", "none", "no");

        private static final Lexicon<ContraryBodyMovement> LEXICON = Lexicon.of("CBM, or nothing", List.of(values()));

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
    private final Function<Step, String> shorthand;
    private final Function<Step, String> wording;

    Column(String key, String title, Function<String, ?> reader, Function<Step, String> shorthand,
           Function<Step, String> wording) {
        this.key = key;
        this.title = title;
        this.reader = reader;
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

    /**
     * Reads a cell that is not empty.
     *
     * @throws UnreadableTextException if the text does not belong in this column
     */
    Object read(String text) {
        try {
            return reader.apply(text);
        } catch (UnreadableTextException e) {
            return inShorthand(text, e);
        }
    }

    /** Shorthand first, since most cells are; what cannot be read so is tried as people say it, and complained of as it was written. */
    private Object inShorthand(String text, UnreadableTextException asWritten) {
        String shorthand = Phrasing.shorthand(this, text);
        if (shorthand.equals(text)) {
            throw asWritten;
        }
        try {
            return reader.apply(shorthand);
        } catch (UnreadableTextException e) {
            throw asWritten;
        }
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
