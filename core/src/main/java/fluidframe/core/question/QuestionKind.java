package fluidframe.core.question;

import fluidframe.core.dance.Dance;
import fluidframe.core.notation.Column;
import fluidframe.core.text.Lexicon;
import fluidframe.core.text.Term;
import fluidframe.core.text.Words;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** What can be asked of a figure. */
public enum QuestionKind implements Term {
    FREE_FOOT("free foot", "which foot is free"),
    ALIGNMENT("alignment", "how the dancer is aligned", Column.ALIGNMENT),
    TURN("turn", "how much is turned", Column.TURN),
    FOOT_POSITION("foot position", "where the foot goes", Column.FOOT_POSITION),
    FOOTWORK("footwork", "which part of the foot", Column.FOOTWORK),
    RISE("rise", "rise and fall", Column.RISE),
    SWAY("sway", "which way the sway goes", Column.SWAY),
    PARTNER("partner", "what the other part does meanwhile"),
    TIMING("timing", "the count of a figure"),
    FOLLOWS("follows", "what may follow, and why not the others"),
    MISTAKE("mistake", "the mistake in a chart"),
    NAME("name", "the figure by its steps"),
    ORDER("order", "the steps in their order"),
    PICTURE("picture", "the figure by its moving picture");

    public static final Lexicon<QuestionKind> LEXICON =
            Lexicon.of(QuestionSentences.aKindOfQuestion(), List.of(values()));

    private final Words words;
    private final Optional<Column> column;

    QuestionKind(String shorthand, String wording) {
        this.words = Words.of(shorthand, wording);
        this.column = Optional.empty();
    }

    QuestionKind(String shorthand, String wording, Column column) {
        this.words = Words.of(shorthand, wording);
        this.column = Optional.of(column);
    }

    @Override
    public Words words() {
        return words;
    }

    /** The column of the chart whose cell is asked for, if one is. */
    Optional<Column> column() {
        return column;
    }

    /**
     * Whether a dance has what is asked for. Sway belongs to the swing, so it is asked where there is rise and fall
     * too: in Tango nobody is asked for it.
     */
    public boolean isAskedOf(Dance dance) {
        return switch (this) {
            case RISE -> dance.technique().rises();
            case SWAY -> dance.technique().rises() && dance.technique().sways();
            default -> true;
        };
    }

    /** Whatever can be asked on paper too; a moving picture is asked for by name. */
    static List<QuestionKind> all() {
        return Arrays.stream(values()).filter(kind -> kind != PICTURE).toList();
    }

    @Override
    public String toString() {
        return shorthand();
    }
}
