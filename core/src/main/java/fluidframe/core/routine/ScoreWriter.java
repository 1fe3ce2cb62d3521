package fluidframe.core.routine;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.FreeFeet;
import fluidframe.core.figure.TurnAccount;
import fluidframe.core.floor.CoupleFit;
import fluidframe.core.floor.CoupleStance;
import fluidframe.core.floor.CoupleTrack;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Link;
import fluidframe.core.link.Travel;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Unrolls a routine placement by placement, carrying beat, facing, side of the room and stance from each to the next. */
final class ScoreWriter {

    /** A corner turns the line of dance a quarter to the left. */
    private static final Turn CORNER = new Turn(4);

    private final Routine routine;
    private final Rhythm rhythm;
    private final Floor floor;
    private final List<ScoredPlacement> placements = new ArrayList<>();
    private final List<Seam> seams = new ArrayList<>();
    private final List<ScoreStep> steps = new ArrayList<>();
    private Optional<CoupleStance> start = Optional.empty();
    private Optional<ExitState> exit = Optional.empty();
    private CoupleStance stance;
    private Beats firstBeat = Beats.ZERO;
    private Beats onset = Beats.ZERO;
    private int side;

    ScoreWriter(Routine routine, Floor floor) {
        this.routine = routine;
        this.rhythm = routine.dance().rhythm();
        this.floor = floor;
    }

    Score write() {
        List<Passage> passages = routine.passages();
        for (int i = 0; i < passages.size(); i++) {
            place(i, passages.get(i));
        }
        steps.sort(Comparator.comparing(ScoreStep::onset).thenComparing(ScoreStep::part));
        return new Score(routine, start, firstBeat, placements, seams, steps, onset, routine.tempo().seconds(rhythm, onset));
    }

    private void place(int index, Passage passage) {
        Placement placement = passage.placement();
        Dancing dancing = placement.item().after(exit.orElseGet(() -> opening(placement)), routine.dance());
        Figure figure = dancing.danced();
        EntryState entry = dancing.entry();
        exit.ifPresent(left -> {
            ScoredPlacement before = placements.get(index - 1);
            EntryState asked = placement.start().map(alignment -> entry.from(alignment.foot())).orElse(entry);
            seams.add(new Seam(index - 1, before.placement().cornerAfter(), Link.between(left, asked, before.dancing().figure(), dancing.figure(), routine.terms())));
        });
        Heading facing = placement.start().map(Alignment::foot)
                .orElseGet(() -> exit.map(ExitState::facing).map(entry::nearestTo).orElse(figure.startHeading()));
        Turn turnedBy = figure.startHeading().turnTo(facing);
        double sideTurn = side * CORNER.radians();
        if (index == 0) {
            firstBeat = entry.beat().orElse(firstStartBeat());
            stance = CoupleStance.standing(figure.start(), floor.start(), facing.radians());
            start = Optional.of(stance);
        }
        Timing man = timing(figure.man(), figure);
        Timing lady = timing(figure.lady(), figure);
        CoupleTrack track = CoupleFit.solve(figure, man, lady, stance, turnedBy.radians() + sideTurn);
        write(index, figure, turnedBy, man, lady, track);
        Beats startsAt = rhythm.withinBar(firstBeat.plus(onset));
        ExitState left = ExitState.of(figure, turnedBy, startsAt);
        placements.add(new ScoredPlacement(passage, dancing, onset, bar(onset), beat(onset), side, facing, left.facing()));
        onset = onset.plus(figure.length());
        stance = track.end();
        side += placement.cornerAfter() ? 1 : 0;
        exit = Optional.of(placement.cornerAfter() ? left.afterCorner() : left);
    }

    /** How the couple stand before an element that begins the routine: as the first figure after it wants them, on the first beat of a bar. */
    private ExitState opening(Placement first) {
        Optional<EntryState> wanted = routine.passages().stream().map(passage -> passage.placement().item()).filter(Dancing.class::isInstance)
                .map(item -> ((Dancing) item).entry()).findFirst();
        Heading facing = first.start().map(Alignment::foot).or(() -> wanted.map(entry -> entry.facings().get(0))).orElse(Heading.LINE_OF_DANCE);
        return new ExitState(wanted.map(EntryState::manFree).orElse(Foot.BOTH), wanted.map(EntryState::ladyFree).orElse(Foot.BOTH), facing,
                wanted.map(EntryState::relation).orElse(Relation.of(Position.CLOSED, Hold.CLOSED)), false, Travel.ON_THE_SPOT, false, Beats.ZERO);
    }

    private Beats firstStartBeat() {
        return Beats.of(rhythm.startBeats().first() - 1);
    }

    private static Timing timing(Chart chart, Figure figure) {
        return chart.timing(figure.rhythm(), figure.length());
    }

    private int bar(Beats at) {
        return Math.floorDiv(firstBeat.plus(at).ticks(), rhythm.bar().ticks()) + 1;
    }

    private int beat(Beats at) {
        return rhythm.beatOfBar(firstBeat.plus(at));
    }

    private void write(int index, Figure figure, Turn turnedBy, Timing man, Timing lady, CoupleTrack track) {
        for (Part part : Part.values()) {
            Timing timing = part == Part.MAN ? man : lady;
            FreeFeet free = figure.chart(part).freeFeet();
            TurnAccount account = figure.chart(part).turnAccount();
            Relation relation = figure.start();
            for (int row = 0; row < timing.slots().size(); row++) {
                Slot slot = timing.slots().get(row);
                Step step = figure.chart(part).steps().get(row);
                relation = relation.with(step.relation());
                Beats at = onset.plus(slot.onset());
                steps.add(new ScoreStep(index, row, part, step, at, slot.length(), routine.tempo().seconds(rhythm, at),
                        bar(at), beat(at), free.after().get(row), step.alignment().map(alignment -> alignment.turned(turnedBy)),
                        account.entries().get(row).body().plus(turnedBy), relation, track.of(part).get(row)));
            }
        }
    }
}
