package fluidframe.core.routine;

import fluidframe.core.step.FootworkSchool;
import fluidframe.core.text.Term;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the codes mean that a routine is handed out in, for whoever takes it home: alignments, positions, holds and
 * footwork, each once, in the order in which they are met.
 */
public record Legend(List<Entry> entries) {

    public Legend {
        entries = List.copyOf(entries);
    }

    /** What a code is of; the same letters may stand for a position and for a hold. */
    public enum Kind {
        ALIGNMENT,
        POSITION,
        HOLD,
        FOOTWORK
    }

    /**
     * One code.
     *
     * @param code as it is written
     * @param meaning in words; never the code itself
     */
    public record Entry(Kind kind, String code, String meaning) {}

    private record Code(Kind kind, String text) {}

    /** @param school how footwork is said */
    public static Legend of(Score score, FootworkSchool school) {
        Map<Code, String> meanings = new LinkedHashMap<>();
        for (ScoreStep step : score.steps()) {
            step.alignment()
                    .ifPresent(alignment ->
                            meanings.put(new Code(Kind.ALIGNMENT, alignment.toString()), alignment.wording()));
            put(Kind.POSITION, step.relation().position(), meanings);
            put(Kind.HOLD, step.relation().hold(), meanings);
            meanings.put(
                    new Code(Kind.FOOTWORK, step.step().footwork().toString()),
                    step.step().footwork().in(school).wording());
        }
        return new Legend(meanings.entrySet().stream()
                .filter(each -> !each.getValue().isBlank()
                        && !each.getValue().equals(each.getKey().text()))
                .map(each -> new Entry(each.getKey().kind(), each.getKey().text(), each.getValue()))
                .toList());
    }

    private static void put(Kind kind, Term term, Map<Code, String> meanings) {
        meanings.put(new Code(kind, term.shorthand()), term.wording());
    }
}
