package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountException;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.List;

/** The rows one dancer dances. */
public record Chart(Part part, List<Step> steps) {

    public Chart {
        steps = List.copyOf(steps);
    }

    /**
     * When each row falls.
     *
     * @throws CountException if a row has no count, or the counts mean nothing in this rhythm
     */
    public Timing timing(Rhythm rhythm, Beats length) {
        List<CountToken> tokens = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            int index = i;
            tokens.add(steps.get(i)
                    .count()
                    .orElseThrow(() -> new CountException(index, FigureSentences.thisRowHasNoCount())));
        }
        return Timing.of(rhythm, new Count(tokens), length);
    }

    /** The foot free before the first row and after each row, so one more entry than there are rows. */
    public FreeFeet freeFeet() {
        return FreeFeet.of(this);
    }

    /**
     * The same rows laid on another count.
     *
     * @throws CountException if the count has another number of marks than there are rows
     */
    public Chart counted(Count count) {
        List<CountToken> tokens = count.tokens();
        if (tokens.size() != steps.size()) {
            throw new CountException(
                    Math.max(0, Math.min(tokens.size(), steps.size()) - 1),
                    FigureSentences.theSChartHasRowsThis(part.wording(), steps.size(), tokens.size()));
        }
        List<Step> counted = new ArrayList<>();
        for (int row = 0; row < tokens.size(); row++) {
            counted.add(steps.get(row).withCount(tokens.get(row)));
        }
        return new Chart(part, counted);
    }

    /** The same chart rotated as a whole. */
    public Chart turned(Turn by) {
        return new Chart(part, steps.stream().map(step -> step.turned(by)).toList());
    }

    public TurnAccount turnAccount() {
        return TurnAccount.of(this);
    }
}
