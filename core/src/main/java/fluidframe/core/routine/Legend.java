package fluidframe.core.routine;

import fluidframe.core.step.FootworkSchool;
import fluidframe.core.text.Term;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What the codes mean that a routine is handed out in, for whoever takes it home: alignments, positions, holds and
 * footwork, each once, in the order in which they are met. What is a word already needs no meaning.
 */
public record Legend(List<Entry> entries) {

    public Legend {
        entries = List.copyOf(entries);
    }

    /**
     * One code.
     *
     * @param code as it is written
     * @param meaning in words; never the code itself
     */
    public record Entry(String code, String meaning) {}

    /** @param school how footwork is said */
    public static Legend of(Score score, FootworkSchool school) {
        Map<String, String> meanings = new LinkedHashMap<>();
        List<ScoreStep> steps = score.steps();
        steps.forEach(step -> step.alignment()
                .ifPresent(alignment -> meanings.putIfAbsent(alignment.toString(), alignment.wording())));
        steps.stream().map(step -> step.relation().position()).forEach(each -> put(each, meanings));
        steps.stream().map(step -> step.relation().hold()).forEach(each -> put(each, meanings));
        steps.stream()
                .map(step -> step.step().footwork())
                .forEach(footwork -> meanings.putIfAbsent(
                        footwork.toString(), footwork.in(school).wording()));
        List<Entry> entries = meanings.entrySet().stream()
                .filter(each -> !each.getKey().isBlank() && !each.getKey().equals(each.getValue()))
                .map(each -> new Entry(each.getKey(), each.getValue()))
                .toList();
        return new Legend(entries);
    }

    private static void put(Term term, Map<String, String> meanings) {
        meanings.putIfAbsent(term.shorthand(), term.wording());
    }
}
