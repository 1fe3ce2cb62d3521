package fluidframe.core.room;

import fluidframe.core.link.EntryState;
import fluidframe.core.link.Link;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Verdict;
import fluidframe.core.routine.Course;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Point;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The places of each side at which a corner could be turned: near enough to the end of the side, and with a link that
 * does not break.
 */
final class CornerProposals {

    private static final double NEAR = 3.5;
    private static final int BEST = 3;

    private final Score score;
    private final Course course;
    private final Floor floor;
    private final CouplePath path;

    CornerProposals(Score score, CouplePath path) {
        this.score = score;
        this.course = score.course();
        this.floor = score.routine().floor();
        this.path = path;
    }

    List<CornerProposal> best() {
        if (!score.routine().dance().travels()) {
            return List.of();
        }
        List<CornerProposal> found = new ArrayList<>();
        int sides = score.placements().stream()
                .mapToInt(ScoredPlacement::side)
                .max()
                .orElse(0);
        for (int side = 0; side <= sides; side++) {
            found.addAll(onSide(side));
        }
        return found;
    }

    private List<CornerProposal> onSide(int side) {
        List<CornerProposal> found = new ArrayList<>();
        for (int i = 0; i + 1 < score.placements().size(); i++) {
            Stopping.check();
            ScoredPlacement placement = score.placements().get(i);
            if (placement.side() == side && !placement.placement().cornerAfter()) {
                Point at = path.of(i + 1).get(0).centre();
                double ahead = floor.ahead(at, side);
                Verdict verdict = roundCorner(i);
                if (ahead < NEAR && verdict.outcome() != Outcome.BREAKS) {
                    found.add(new CornerProposal(i, side, ahead, verdict));
                }
            }
        }
        found.sort(Comparator.<CornerProposal, Outcome>comparing(
                        proposal -> proposal.verdict().outcome())
                .thenComparingDouble(CornerProposal::ahead)
                .thenComparingInt(CornerProposal::after));
        return found.subList(0, Math.min(BEST, found.size()));
    }

    private Verdict roundCorner(int passage) {
        ScoredPlacement next = score.placements().get(passage + 1);
        EntryState entry = next.placement()
                .start()
                .map(alignment -> next.dancing().entry().from(alignment.foot()))
                .orElse(next.dancing().entry());
        return Link.between(
                course.exit(passage).afterCorner(),
                entry,
                score.placements().get(passage).dancing().figure(),
                next.dancing().figure(),
                score.routine().conditions());
    }
}
