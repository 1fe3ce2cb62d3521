package fluidframe.core.talk;

import fluidframe.core.figure.Level;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.phrase.CountPhrasing;
import fluidframe.core.phrase.Phrasebook;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.lang3.StringUtils;

/** Reads what is told of a figure besides its steps: its title, level, cues, faults and drills. */
final class HeadingReader {

    private static final Pattern SEMICOLON = Pattern.compile(" ?; ?");
    private static final Pattern DASH = Pattern.compile(" [—–-] ");

    private static final int MOST_TITLE_WORDS = 7;
    private static final int MOST_WORDS_OF_A_NAME = 5;
    private static final Set<String> OF_A_STEP = Set.of(
            "forward", "fwd", "facing", "slow", "quick", "heel", "man", "lady", "he", "she", "count", "timing",
            "starts", "begins", "start", "begin", "rf", "lf");
    /** What figures are called. */
    private static final Set<String> NOUNS = Set.of(
            "turn",
            "turns",
            "change",
            "changes",
            "chasse",
            "chassé",
            "promenade",
            "link",
            "walk",
            "walks",
            "basic",
            "whisk",
            "impetus",
            "telemark",
            "weave",
            "spin",
            "lock",
            "whip",
            "wave",
            "finish",
            "corte",
            "corté",
            "hover",
            "feather",
            "wing",
            "twinkle",
            "box",
            "break",
            "breaks",
            "rock",
            "rocks",
            "swivel",
            "swivels",
            "top",
            "twist",
            "stick",
            "york",
            "yorks",
            "alemana",
            "fan",
            "volta",
            "voltas",
            "fleckerl",
            "cross",
            "pass",
            "underarm",
            "twirl",
            "aida",
            "stroll",
            "hesitation",
            "stop",
            "check",
            "throwaway",
            "fallaway",
            "movement",
            "step",
            "steps",
            "figure",
            "grapevine",
            "oversway",
            "fencing",
            "spiral",
            "curl");

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
        boolean beginsLine = sentence.from() == 0
                || text.substring(text.lastIndexOf('\n', sentence.from() - 1) + 1, sentence.from())
                        .isBlank();
        int lineEnd = text.indexOf('\n', sentence.from());
        return beginsLine
                ? new Statement(
                        text.substring(sentence.from(), lineEnd < 0 ? text.length() : lineEnd)
                                .strip(),
                        sentence.from())
                : sentence;
    }

    /** @return whether the sentence was a heading with what belongs to it */
    boolean readHeading(Statement heading) {
        Statement sentence = withItsLine(heading);
        List<Token> words = Tokens.of(sentence.text());
        Optional<Phrasebook.Match<Words.Told>> match =
                words.isEmpty() ? Optional.empty() : Words.HEADINGS.longest(words, 0);
        if (match.isEmpty()) {
            return false;
        }
        int after = match.get().length();
        boolean colon = after < words.size() && words.get(after).is(";");
        if (after >= words.size()
                || !colon && !Set.of("is", "are").contains(words.get(after).word())) {
            return false;
        }
        if (after + 1 >= words.size()) {
            return false;
        }
        String said = sentence.text().substring(words.get(after + 1).from()).strip();
        String whole = said.endsWith(".") && said.indexOf('.') == said.length() - 1
                ? said.substring(0, said.length() - 1)
                : said;
        boolean several = match.get().meaning() != Words.Told.TITLE
                && words.get(match.get().length() - 1).word().endsWith("s");
        for (String each : several ? SEMICOLON.split(whole) : new String[] {whole}) {
            add(match.get().meaning(), each, sentence);
        }
        readTo = sentence.to();
        return true;
    }

    private void add(Words.Told heading, String said, Statement sentence) {
        if (said.isBlank()) {
            return;
        }
        String capital = said.substring(0, 1).toUpperCase(Locale.ROOT) + said.substring(1);
        FigureDraft draft = figure.draft();
        switch (heading) {
            case CUE -> figure.become(draft.withCues(added(draft.cues(), capital)));
            case FAULT -> figure.become(draft.withFaults(added(draft.faults(), capital)));
            case DRILL -> figure.become(draft.withDrills(added(draft.drills(), capital)));
            case TITLE -> figure.become(draft.withTitle(said));
        }
        String field = switch (heading) {
            case CUE -> "cues/" + draft.cues().size();
            case FAULT -> "faults/" + draft.faults().size();
            case DRILL -> "drills/" + draft.drills().size();
            case TITLE -> "title";
        };
        heard.take(sentence.from(), sentence.to(), Place.field(field), capital);
    }

    private static List<String> added(List<String> texts, String text) {
        return Stream.concat(texts.stream(), Stream.of(text)).toList();
    }

    /** The first sentence, if it says nothing of a step: "Natural turn, waltz, bronze, two bars". */
    boolean readTitle(Statement sentence) {
        List<Token> words = Tokens.of(sentence.text());
        boolean whole = words.size() <= MOST_WORDS_OF_A_NAME
                && words.stream()
                        .anyMatch(word ->
                                NOUNS.contains(word.word()) && !word.word().startsWith("step"))
                && words.stream()
                        .noneMatch(word -> Set.of("rf", "lf", "foot", "slow", "man", "lady", ",", "(")
                                .contains(word.word()));
        if (!whole && saysStep(words)
                || words.isEmpty()
                || words.get(0).isNumber()
                || beginsWithFoot(words)
                || words.stream().anyMatch(word -> word.is(";"))) {
            return false;
        }
        String[] pieces = sentence.text().split(",", -1);
        boolean counted = pieces[0].contains("(")
                && new CountPhrasing()
                                .rows(StringUtils.replaceChars(pieces[0].substring(pieces[0].indexOf('(')), "()", "  "))
                                .size()
                        > 1;
        boolean more = counted
                || namesFigure(Tokens.of(pieces[0]))
                        && Arrays.stream(pieces).skip(1).map(String::strip).anyMatch(piece -> !isKnown(piece));
        if (more || Tokens.of(pieces[0]).size() > MOST_TITLE_WORDS) {
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
                heard.take(
                        from,
                        from + pieces[i].length(),
                        Place.field("level"),
                        level.get().shorthand());
            } else if (!isKnown(piece)) {
                heard.leave(from, from + pieces[i].length());
            }
            from += pieces[i].length() + 1;
        }
        return true;
    }

    /** What stands beside a title: its level, its dance, how long it is. */
    private boolean isKnown(String piece) {
        return piece.isEmpty()
                || Level.LEXICON.find(piece).isPresent()
                || piece.equalsIgnoreCase(figure.dance().title())
                || piece.equalsIgnoreCase(figure.dance().id())
                || saysBars(piece);
    }

    private static boolean saysStep(List<Token> words) {
        return IntStream.range(0, words.size())
                .anyMatch(at -> OF_A_STEP.contains(words.get(at).word())
                        || words.get(at).is("foot") && at > 1 && !isOnFoot(words, at));
    }

    /** "Closed change on the left foot". */
    private static boolean isOnFoot(List<Token> words, int foot) {
        return words.subList(Math.max(0, foot - 3), foot).stream().anyMatch(word -> word.is("on"));
    }

    private static boolean beginsWithFoot(List<Token> words) {
        boolean article = words.size() > 1 && words.get(0).is("the");
        return Set.of("right", "left", "rf", "lf", "both")
                .contains(words.get(article ? 1 : 0).word());
    }

    /** "Fallaway rock: left foot back …": what is left of a sentence that begins with its title. */
    Statement withoutTitle(Statement sentence) {
        int bracket = sentence.text().indexOf('(');
        int comma = bracket > 0
                        && namesFigure(Tokens.of(sentence.text().substring(0, bracket)))
                        && new CountPhrasing()
                                        .rows(StringUtils.replaceChars(
                                                sentence.text().substring(bracket), "().", "   "))
                                        .size()
                                > 1
                ? bracket
                : sentence.text().indexOf(',');
        int colon = sentence.text().indexOf(':');
        boolean counted = bracket > 0 && comma == bracket;
        if (comma > 0
                && (colon < 0 || comma < colon)
                && namesFigure(Tokens.of(sentence.text().substring(0, comma)))) {
            colon = comma;
        }
        if (colon <= 0) {
            return sentence;
        }
        List<Token> words = Tokens.of(sentence.text().substring(0, colon));
        boolean names = namesFigure(words)
                        && words.size() <= MOST_TITLE_WORDS
                        && words.stream().noneMatch(Token::isNumber)
                || !words.isEmpty()
                        && words.size() <= MOST_TITLE_WORDS
                        && !beginsWithFoot(words)
                        && words.stream().noneMatch(Token::isNumber)
                        && Words.HEADINGS.longest(words, 0).isEmpty()
                        && Words.COLUMNS.longest(words, 0).isEmpty()
                        && words.stream()
                                .noneMatch(word -> Set.of(
                                                "man", "lady", "gent", "he", "she", "his", "her", "for", "step", "foot",
                                                "slow", "quick")
                                        .contains(word.word()));
        if (!names) {
            return sentence;
        }
        String title = DASH.split(sentence.text().substring(0, colon))[0].strip();
        figure.become(figure.draft().withTitle(title));
        heard.take(sentence.from(), sentence.from() + colon, Place.field("title"), title);
        return new Statement(
                sentence.text().substring(counted ? colon : colon + 1),
                sentence.from() + (counted ? colon : colon + 1));
    }

    /** "Closed promenade, …": a name, and no word of a step. */
    private static boolean namesFigure(List<Token> words) {
        return !words.isEmpty()
                && !saysStep(words)
                && IntStream.range(0, words.size())
                        .anyMatch(i -> NOUNS.contains(words.get(i).word())
                                && (i > 0 || !words.get(i).word().startsWith("step")));
    }

    /** How long it is follows from its count. */
    private static boolean saysBars(String piece) {
        List<Token> words = Tokens.of(piece);
        return words.size() == 2 && words.get(1).word().startsWith("bar");
    }
}
