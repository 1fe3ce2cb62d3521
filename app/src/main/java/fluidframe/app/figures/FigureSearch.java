package fluidframe.app.figures;

import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.couple.Position;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Level;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.text.UnreadableTextException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/** What a coach asks of the list, each in canonical shorthand; empty means any. */
public record FigureSearch(String dance, String level, String position, String foot, String facing, String words) {

    /** @throws RefusedException naming every parameter that cannot be read */
    public static FigureSearch of(
            String dance, String level, String position, String foot, String facing, String words) {
        List<Fault> faults = new ArrayList<>();
        FigureSearch search = new FigureSearch(
                canonical("dance", dance, FigureSearch::dance, faults),
                canonical("level", level, text -> Level.LEXICON.read(text).shorthand(), faults),
                canonical(
                        "position",
                        position,
                        text -> Position.LEXICON.read(text).shorthand(),
                        faults),
                canonical("foot", foot, text -> Foot.LEXICON.read(text).shorthand(), faults),
                canonical("facing", facing, text -> Heading.parse(text).toString(), faults),
                words == null ? "" : words.strip());
        if (!faults.isEmpty()) {
            throw new RefusedException(FiguresSentences.theSearchCannotBeRead(), faults);
        }
        return search;
    }

    /**
     * The same with the dance and the level that are named among the words asked for as such: "silver foxtrot", "gold";
     * empty if neither is.
     */
    Optional<FigureSearch> saidInWords() {
        Optional<Dance> named = Dances.all().stream()
                .sorted(Comparator.comparingInt(each -> -each.title().length()))
                .filter(each -> says(words, each.title()))
                .findFirst();
        String besidesDance = named.map(each -> without(words, each.title())).orElse(words);
        Optional<Level> asked = Stream.of(Level.values())
                .filter(each -> says(besidesDance, each.shorthand()))
                .findFirst();
        if (named.isEmpty() && asked.isEmpty()) {
            return Optional.empty();
        }
        String left = asked.map(each -> without(besidesDance, each.shorthand()))
                .orElse(besidesDance)
                .strip();
        return Optional.of(new FigureSearch(
                named.map(Dance::id).orElse(dance),
                asked.map(Level::shorthand).orElse(level),
                position,
                foot,
                facing,
                left));
    }

    private static String without(String words, String what) {
        return (" " + words.toLowerCase(Locale.ROOT) + " ").replace(" " + what.toLowerCase(Locale.ROOT) + " ", " ");
    }

    private static boolean says(String words, String what) {
        return (" " + words.toLowerCase(Locale.ROOT) + " ").contains(" " + what.toLowerCase(Locale.ROOT) + " ");
    }

    private static String dance(String text) {
        return Dances.find(text)
                .map(Dance::id)
                .orElseThrow(() -> new UnreadableTextException(
                        text,
                        "a dance: "
                                + String.join(
                                        ", ",
                                        Dances.all().stream().map(Dance::id).toList())));
    }

    private static String canonical(
            String parameter, String text, Function<String, String> reader, List<Fault> faults) {
        if (text == null || text.isBlank()) {
            return "";
        }
        try {
            return reader.apply(text.strip());
        } catch (UnreadableTextException e) {
            faults.add(Fault.of("?" + parameter, e.text(), e.expected()));
            return "";
        }
    }
}
