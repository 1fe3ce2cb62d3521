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
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
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
     * The same with what is named among the words asked for as such: "silver foxtrot", "gold", "rumba from fan", "waltz
     * from promenade right foot"; empty if nothing is.
     */
    Optional<FigureSearch> saidInWords() {
        WordsLeft left = new WordsLeft(words);
        Optional<Dance> named = left.take(Dances.all(), each -> Stream.of(each.title()));
        Optional<Level> asked = left.take(List.of(Level.values()), each -> Stream.of(each.shorthand()));
        Optional<Foot> free =
                left.take(List.of(Foot.LEFT, Foot.RIGHT), each -> Stream.of(each.wording(), each.shorthand()));
        Optional<Position> from = left.take(
                List.of(Position.values()),
                each -> Stream.concat(Stream.of(each.wording(), each.shorthand()), each.words().synonyms().stream()));
        if (named.isEmpty() && asked.isEmpty() && free.isEmpty() && from.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new FigureSearch(
                named.map(Dance::id).orElse(dance),
                asked.map(Level::shorthand).orElse(level),
                from.map(Position::shorthand).orElse(position),
                free.map(Foot::shorthand).orElse(foot),
                facing,
                left.withoutConnecting()));
    }

    /** Words of which what is understood is taken away, so that nothing is understood twice. */
    private static final class WordsLeft {

        private static final Set<String> CONNECTING = Set.of(
                "from", "in", "on", "with", "the", "a", "starting", "beginning", "figure", "figures", "position");

        private String left;

        WordsLeft(String words) {
            this.left = words.toLowerCase(Locale.ROOT);
        }

        /** The one that is named by the most letters, if one is. */
        <T> Optional<T> take(List<T> all, Function<T, Stream<String>> names) {
            Optional<Map.Entry<String, T>> named = all.stream()
                    .flatMap(each -> names.apply(each).map(name -> Map.entry(name, each)))
                    .filter(each -> says(left, each.getKey()))
                    .max(Comparator.comparingInt(each -> each.getKey().length()));
            named.ifPresent(each -> left = without(left, each.getKey()));
            return named.map(Map.Entry::getValue);
        }

        String withoutConnecting() {
            return Stream.of(left.strip().split("\\s+"))
                    .filter(word -> !CONNECTING.contains(word))
                    .collect(Collectors.joining(" "));
        }
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
