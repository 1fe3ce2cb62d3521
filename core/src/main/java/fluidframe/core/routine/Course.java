package fluidframe.core.routine;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.EntryState;
import fluidframe.core.link.ExitState;
import fluidframe.core.link.Line;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repairs;
import fluidframe.core.link.Travel;
import fluidframe.core.music.MusicMap;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Rhythm;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A routine laid out in time and along the sides of the room, every repeat in its place, with a verdict wherever two
 * passages meet.
 *
 * @param routine the routine
 * @param firstBeat where in the bar it begins, from zero
 * @param placements every passage in order
 * @param seams one between each two
 * @param length beats in all
 */
public record Course(
        Routine routine, Beats firstBeat, List<ScoredPlacement> placements, List<Seam> seams, Beats length) {

    public Course {
        placements = List.copyOf(placements);
        seams = List.copyOf(seams);
    }

    public static Course of(Routine routine) {
        return new Walk(routine).course();
    }

    /** How a passage leaves the couple, named from the next side if a corner is turned after it. */
    public ExitState exit(int passage) {
        ScoredPlacement scored = placements.get(passage);
        ExitState exit = scored.dancing().exitFrom(scored.entry(), startsAt(passage));
        return scored.placement().cornerAfter() ? exit.afterCorner() : exit;
    }

    /** What is danced up to a passage and with it, each as often as it is danced; nothing where none is named. */
    public List<Placement> upTo(Optional<Integer> passage) {
        return placements.subList(0, passage.map(last -> last + 1).orElse(0)).stream()
                .map(ScoredPlacement::placement)
                .map(Placement::once)
                .toList();
    }

    /** Where in the bar a passage begins, from zero. */
    public Beats startsAt(int passage) {
        return routine.dance()
                .rhythm()
                .withinBar(firstBeat.plus(placements.get(passage).onset()));
    }

    /** Where a passage meets the next. */
    public Repairs.Join join(int passage) {
        ScoredPlacement before = placements.get(passage);
        ScoredPlacement after = placements.get(passage + 1);
        return new Repairs.Join(
                before.dancing(),
                before.entry(),
                startsAt(passage),
                after.dancing(),
                after.placement().start().map(Alignment::foot),
                before.placement().cornerAfter());
    }

    /**
     * The music as the routine is counted: a hit on the second beat of a bar is one on the first figure of a dance that
     * begins there.
     */
    public MusicMap heard() {
        return routine.music().hitsFrom(firstBeat);
    }

    public int count(Outcome outcome) {
        return (int) seams.stream()
                .filter(seam -> seam.verdict().outcome() == outcome)
                .count();
    }

    /** Carries beat, facing and side of the room from each passage to the next. */
    private static final class Walk {

        private final Routine routine;
        private final Rhythm rhythm;
        private final List<ScoredPlacement> placements = new ArrayList<>();
        private final List<Seam> seams = new ArrayList<>();
        private Optional<ExitState> exit = Optional.empty();
        private Beats firstBeat;
        private Beats onset = Beats.ZERO;
        private int side;

        Walk(Routine routine) {
            this.routine = routine;
            this.rhythm = routine.dance().rhythm();
            this.firstBeat = Beats.of(rhythm.startBeats().first() - 1);
        }

        Course course() {
            for (Passage passage : routine.passages()) {
                place(passage);
            }
            return new Course(routine, firstBeat, placements, seams, onset);
        }

        private void place(Passage passage) {
            Stopping.check();
            Placement placement = passage.placement();
            Dancing dancing = placement.item().after(exit.orElseGet(() -> opening(placement)), routine.dance());
            EntryState entry = dancing.entry();
            exit.ifPresent(left -> meet(left, dancing, placement));
            Heading facing = placement
                    .start()
                    .map(Alignment::foot)
                    .orElseGet(() -> exit.map(ExitState::facing)
                            .map(entry::nearestTo)
                            .orElse(dancing.danced().startHeading()));
            if (placements.isEmpty()) {
                firstBeat = entry.beat().orElse(firstBeat);
            }
            Beats at = firstBeat.plus(onset);
            ExitState left = dancing.exitFrom(facing, rhythm.withinBar(at));
            int bar = Math.floorDiv(at.ticks(), rhythm.bar().ticks()) + 1;
            placements.add(new ScoredPlacement(
                    passage, dancing, onset, bar, rhythm.beatOfBar(at), side, facing, left.facing()));
            onset = onset.plus(dancing.length());
            side += placement.cornerAfter() ? 1 : 0;
            exit = Optional.of(placement.cornerAfter() ? left.afterCorner() : left);
        }

        private void meet(ExitState left, Dancing dancing, Placement placement) {
            int after = placements.size() - 1;
            ScoredPlacement before = placements.get(after);
            EntryState asked = placement
                    .start()
                    .map(alignment -> dancing.entry().from(alignment.foot()))
                    .orElse(dancing.entry());
            seams.add(new Seam(
                    after,
                    before.placement().cornerAfter(),
                    Link.between(left, asked, before.dancing().figure(), dancing.figure(), routine.conditions())));
        }

        /**
         * How the couple stand before an element that begins the routine: as the first figure after it wants them, on
         * the first beat of a bar.
         */
        private ExitState opening(Placement first) {
            Optional<EntryState> wanted = routine.placements().stream()
                    .map(Placement::item)
                    .filter(Dancing.class::isInstance)
                    .map(item -> ((Dancing) item).entry())
                    .findFirst();
            Heading facing = first.start()
                    .map(Alignment::foot)
                    .or(() -> wanted.map(entry -> entry.facings().get(0)))
                    .orElse(Heading.LINE_OF_DANCE);
            return new ExitState(
                    wanted.map(EntryState::manFree).orElse(Foot.BOTH),
                    wanted.map(EntryState::ladyFree).orElse(Foot.BOTH),
                    facing,
                    wanted.map(EntryState::relation).orElse(Relation.of(Position.CLOSED, Hold.CLOSED)),
                    false,
                    Travel.ON_THE_SPOT,
                    false,
                    Beats.ZERO,
                    wanted.map(EntryState::line).orElse(Line.IN_LINE),
                    true,
                    0);
        }
    }
}
