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
import java.util.List;
import java.util.function.Function;

/** What a coach asks of the list, each in canonical shorthand; empty means any. */
public record FigureSearch(String dance, String level, String position, String foot, String facing, String words) {

    /**
     * @throws RefusedException naming every parameter that cannot be read
     */
    public static FigureSearch of(String dance, String level, String position, String foot, String facing, String words) {
        List<Fault> faults = new ArrayList<>();
        FigureSearch search = new FigureSearch(
                canonical("dance", dance, FigureSearch::dance, faults),
                canonical("level", level, text -> Level.LEXICON.read(text).shorthand(), faults),
                canonical("position", position, text -> Position.LEXICON.read(text).shorthand(), faults),
                canonical("foot", foot, text -> Foot.LEXICON.read(text).shorthand(), faults),
                canonical("facing", facing, text -> Heading.parse(text).toString(), faults),
                words == null ? "" : words.strip());
        if (!faults.isEmpty()) {
            throw new RefusedException("The search cannot be read.", faults);
        }
        return search;
    }

    private static String dance(String text) {
        return Dances.find(text).map(Dance::id).orElseThrow(() -> new UnreadableTextException(text, "a dance: "
                + String.join(", ", Dances.all().stream().map(Dance::id).toList())));
    }

    private static String canonical(String parameter, String text, Function<String, String> reader, List<Fault> faults) {
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
