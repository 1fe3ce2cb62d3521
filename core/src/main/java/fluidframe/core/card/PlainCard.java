package fluidframe.core.card;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.couple.Titles;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Moments;
import fluidframe.core.step.FootworkSchool;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * One part of a figure in plain language.
 *
 * @param title the figure's name
 * @param dancer what the part is called
 * @param opening how the couple stand before the first step
 * @param lines one for each row
 * @param closing how they stand at the end
 * @param cautions what to heed, in words; never empty
 */
public record PlainCard(
        String title, String dancer, String opening, List<Line> lines, String closing, List<String> cautions) {

    /**
     * One row.
     *
     * @param count what is counted
     * @param text what is danced, one sentence
     */
    public record Line(String count, String text) {}

    public PlainCard {
        lines = List.copyOf(lines);
        cautions = List.copyOf(cautions);
    }

    public static PlainCard of(Figure figure, Part part, Titles titles, FootworkSchool school) {
        Chart chart = figure.chart(part);
        StepSentence sentence = new StepSentence(school);
        List<Relation> relations = Moments.relations(figure, part, figure.timing(Part.MAN), figure.timing(Part.LADY));
        Relation before = figure.start();
        List<Line> lines = new ArrayList<>();
        for (int row = 0; row < chart.steps().size(); row++) {
            Step step = chart.steps().get(row);
            lines.add(new Line(
                    step.count().map(Object::toString).orElse(""),
                    sentence.of(step, row, RelationChange.between(before, relations.get(row)))));
            before = relations.get(row);
        }
        Set<Caution> cautions = EnumSet.of(Caution.WARM_UP);
        cautions.addAll(figure.teaching().cautions());
        return new PlainCard(
                figure.title(),
                titles.of(part),
                CardSentences.startInLookingTo(
                        figure.start().position().wording(),
                        figure.start().hold().wording(),
                        Directions.of(chart.turnAccount().start())),
                lines,
                CardSentences.endInLookingTo(
                        figure.end().position().wording(),
                        figure.end().hold().wording(),
                        Directions.of(chart.turnAccount().end())),
                cautions.stream().map(Caution::wording).toList());
    }
}
