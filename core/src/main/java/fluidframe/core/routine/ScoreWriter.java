package fluidframe.core.routine;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.FreeFeet;
import fluidframe.core.figure.Height;
import fluidframe.core.figure.Moments;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.geometry.CoupleStance;
import fluidframe.core.geometry.CoupleStances;
import fluidframe.core.geometry.StepLengths;
import fluidframe.core.music.TempoMap;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Walks a course over the floor, carrying the couple's stance from each passage to the next. */
final class ScoreWriter {

    /** A corner turns the line of dance a quarter to the left. */
    private static final Turn CORNER = new Turn(4);

    private final Course course;
    private final Rhythm rhythm;
    private final StepLengths lengths;
    private final TempoMap tempo;
    private final List<ScoreStep> steps = new ArrayList<>();
    private Optional<CoupleStance> start = Optional.empty();
    private CoupleStance stance;

    ScoreWriter(Course course) {
        this.course = course;
        this.rhythm = course.routine().dance().rhythm();
        this.tempo = course.routine().music().tempo();
        this.lengths = StepLengths.of(
                course.routine().dance(),
                course.routine().tempo(),
                course.routine().dancers());
    }

    Score write() {
        for (int i = 0; i < course.placements().size(); i++) {
            place(i, course.placements().get(i));
        }
        steps.sort(Comparator.comparing(ScoreStep::onset).thenComparing(ScoreStep::part));
        return new Score(course, start, steps, seconds(course.length()));
    }

    private void place(int index, ScoredPlacement placed) {
        Stopping.check();
        Figure figure = placed.dancing().danced();
        Turn turnedBy = figure.startHeading().turnTo(placed.entry());
        if (index == 0) {
            stance = CoupleStance.standing(
                    figure.start(),
                    course.routine().floor().start(),
                    placed.entry().radians());
            start = Optional.of(stance);
        }
        Timing man = figure.timing(Part.MAN);
        Timing lady = figure.timing(Part.LADY);
        CoupleStances stances = CoupleFit.solve(
                figure, man, lady, stance, turnedBy.radians() + placed.side() * CORNER.radians(), lengths);
        write(index, placed, turnedBy, man, lady, stances);
        stance = stances.end();
    }

    private double seconds(Beats at) {
        return course.routine().laying().isPresent()
                ? tempo.seconds(course.firstBeat().plus(at)) - tempo.seconds(course.firstBeat())
                : course.routine().tempo().seconds(rhythm, at);
    }

    private void write(
            int index, ScoredPlacement placed, Turn turnedBy, Timing man, Timing lady, CoupleStances stances) {
        Figure figure = placed.dancing().danced();
        for (Part part : Part.values()) {
            Timing timing = part == Part.MAN ? man : lady;
            FreeFeet free = figure.chart(part).freeFeet();
            TurnAccount account = figure.chart(part).turnAccount();
            List<Height> reached = Height.reached(figure.chart(part));
            List<Height> left = Height.after(figure.chart(part));
            List<Relation> relations = Moments.relations(figure, part, man, lady);
            for (int row = 0; row < timing.slots().size(); row++) {
                Slot slot = timing.slots().get(row);
                Step step = figure.chart(part).steps().get(row);
                Beats at = placed.onset().plus(slot.onset());
                Beats counted = course.firstBeat().plus(at);
                steps.add(new ScoreStep(
                        index,
                        row,
                        part,
                        step,
                        at,
                        slot.length(),
                        seconds(at),
                        Math.floorDiv(counted.ticks(), rhythm.bar().ticks()) + 1,
                        rhythm.beatOfBar(counted),
                        free.after().get(row),
                        step.alignment().map(alignment -> alignment.turned(turnedBy)),
                        account.entries().get(row).body().plus(turnedBy),
                        relations.get(row),
                        stances.of(part).get(row),
                        reached.get(row),
                        left.get(row)));
            }
        }
    }
}
