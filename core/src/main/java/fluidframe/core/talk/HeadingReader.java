package fluidframe.core.talk;

import fluidframe.core.figure.Level;
import fluidframe.core.notation.Place;
import fluidframe.core.phrase.Phrasebook;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Reads what is told of a figure besides its steps: its title, level, cues, faults and drills. */
final class HeadingReader {

    private static final int MOST_TITLE_WORDS = 7;

    private final String text;
    private final ToldFigure figure;
    private final Heard heard;
    private int readTo;

    HeadingReader(String text, ToldFigure figure, Heard heard) {
        this.text = text;
        this.figure = figure;
        this.heard = heard;
    }

    /** Whether a heading before has taken this sentence with it. */
    boolean hasRead(Statement sentence) {
        return sentence.from() < readTo;
    }

    /** A cue or a fault goes on to the end of its line, if it begins the line, else to the end of its sentence. */
    private Statement withItsLine(Statement sentence) {
        boolean beginsLine = sentence.from() == 0 || text.substring(text.lastIndexOf('\n', sentence.from() - 1) + 1, sentence.from()).isBlank();
        int lineEnd = text.indexOf('\n', sentence.from());
        return beginsLine ? new Statement(text.substring(sentence.from(), lineEnd < 0 ? text.length() : lineEnd).strip(), sentence.from()) : sentence;
    }

    /** @return whether the sentence was a heading with what belongs to it */
    boolean readHeading(Statement heading) {
        Statement sentence = withItsLine(heading);
        List<Token> words = Tokens.of(sentence.text());
        Optional<Phrasebook.Match<Words.Told>> match = words.isEmpty() ? Optional.empty() : Words.HEADINGS.longest(words, 0);
        if (match.isEmpty()) {
            return false;
        }
        int after = match.get().length();
        boolean colon = after < words.size() && words.get(after).is(";");
        if (after >= words.size() || !colon && !Set.of("is", "are").contains(words.get(after).word())) {
            return false;
        }
        if (after + 1 >= words.size()) {
            return false;
        }
        String said = sentence.text().substring(words.get(after + 1).from()).strip();
        String whole = said.endsWith(".") && said.indexOf('.') == said.length() - 1 ? said.substring(0, said.length() - 1) : said;
        String capital = whole.substring(0, 1).toUpperCase(Locale.ROOT) + whole.substring(1);
        switch (match.get().meaning()) {
            case CUE -> figure.become(figure.draft().withCues(added(figure.draft().cues(), capital)));
            case FAULT -> figure.become(figure.draft().withFaults(added(figure.draft().faults(), capital)));
            case DRILL -> figure.become(figure.draft().withDrills(added(figure.draft().drills(), capital)));
            case TITLE -> figure.become(figure.draft().withTitle(whole));
        }
        String field = switch (match.get().meaning()) {
            case CUE -> "cues/" + (figure.draft().cues().size() - 1);
            case FAULT -> "faults/" + (figure.draft().faults().size() - 1);
            case DRILL -> "drills/" + (figure.draft().drills().size() - 1);
            case TITLE -> "title";
        };
        heard.take(sentence.from(), sentence.to(), Place.field(field), capital);
        readTo = sentence.to();
        return true;
    }

    private static List<String> added(List<String> texts, String text) {
        return Stream.concat(texts.stream(), Stream.of(text)).toList();
    }

    /** The first sentence, if it says nothing of a step: "Natural turn, waltz, bronze, two bars". */
    boolean readTitle(Statement sentence) {
        List<Token> words = Tokens.of(sentence.text());
        boolean step = words.stream().anyMatch(word -> Set.of("forward", "fwd", "facing", "slow", "quick", "heel", "man", "lady", "he", "she", "count", "timing", "starts", "begins", "start", "begin").contains(word.word()));
        if (step || words.isEmpty() || words.get(0).isNumber() || beginsWithFoot(words) || words.stream().anyMatch(word -> word.is(";"))) {
            return false;
        }
        String[] pieces = sentence.text().split(",", -1);
        if (Tokens.of(pieces[0]).size() > MOST_TITLE_WORDS) {
            return false;
        }
        int from = sentence.from();
        for (int i = 0; i < pieces.length; i++) {
            String piece = pieces[i].strip();
            Optional<Level> level = Level.LEXICON.find(piece);
            if (i == 0) {
                figure.become(figure.draft().withTitle(piece));
                heard.take(from, from + pieces[i].length(), Place.field("title"), piece);
            } else if (level.isPresent()) {
                figure.become(figure.draft().withLevel(level.get().shorthand()));
                heard.take(from, from + pieces[i].length(), Place.field("level"), level.get().shorthand());
            } else if (!piece.isEmpty() && !piece.equalsIgnoreCase(figure.dance().title()) && !piece.equalsIgnoreCase(figure.dance().id()) && !saysBars(piece)) {
                heard.leave(from, from + pieces[i].length());
            }
            from += pieces[i].length() + 1;
        }
        return true;
    }

    /** How long it is follows from its count. */
    private static boolean beginsWithFoot(List<Token> words) {
        boolean article = words.size() > 1 && words.get(0).is("the");
        return Set.of("right", "left", "rf", "lf", "both").contains(words.get(article ? 1 : 0).word());
    }

    /** "Fallaway rock: left foot back …": what is left of a sentence that begins with its title. */
    Statement withoutTitle(Statement sentence) {
        int colon = sentence.text().indexOf(':');
        if (colon <= 0) {
            return sentence;
        }
        List<Token> words = Tokens.of(sentence.text().substring(0, colon));
        boolean names = !words.isEmpty() && words.size() <= MOST_TITLE_WORDS && !beginsWithFoot(words) && words.stream().noneMatch(Token::isNumber) && Words.HEADINGS.longest(words, 0).isEmpty()
                && Words.COLUMNS.longest(words, 0).isEmpty() && words.stream().noneMatch(word -> Set.of("man", "lady", "gent", "he", "she", "his", "her", "for", "step", "foot", "slow", "quick").contains(word.word()));
        if (!names) {
            return sentence;
        }
        String title = sentence.text().substring(0, colon).strip();
        figure.become(figure.draft().withTitle(title));
        heard.take(sentence.from(), sentence.from() + colon, Place.field("title"), title);
        return new Statement(sentence.text().substring(colon + 1), sentence.from() + colon + 1);
    }

    private static boolean saysBars(String piece) {
        List<Token> words = Tokens.of(piece);
        return words.size() == 2 && words.get(1).word().startsWith("bar");
    }
}
