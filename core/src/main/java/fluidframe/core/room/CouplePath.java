package fluidframe.core.room;

import fluidframe.core.couple.Part;
import fluidframe.core.motion.Motion;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.space.Point;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.List;

/** Where both bodies are, a quarter of a beat at a time. */
final class CouplePath {

    private static final double PIECE = 0.25;

    private final List<Spot> spots = new ArrayList<>();
    private final List<List<Spot>> byPlacement = new ArrayList<>();

    /**
     * Both bodies at one moment.
     *
     * @param beat from the start of the routine
     * @param index index of what is danced
     * @param placement what is danced
     */
    record Spot(double beat, int index, ScoredPlacement placement, Point man, Point lady) {

        Point centre() {
            return man.midpoint(lady);
        }

        Point of(Part part) {
            return part == Part.MAN ? man : lady;
        }
    }

    CouplePath(Score score) {
        score.motion().ifPresent(motion -> walk(score, motion));
    }

    private void walk(Score score, Motion motion) {
        for (int i = 0; i < score.placements().size(); i++) {
            Stopping.check();
            int first = spots.size();
            ScoredPlacement placement = score.placements().get(i);
            double end = placement.onset().plus(placement.length()).toDouble();
            for (double beat = placement.onset().toDouble(); beat < end; beat += PIECE) {
                spots.add(new Spot(
                        beat,
                        i,
                        placement,
                        motion.man().body().at(beat),
                        motion.lady().body().at(beat)));
            }
            byPlacement.add(List.copyOf(spots.subList(first, spots.size())));
        }
    }

    List<Spot> spots() {
        return spots;
    }

    List<Spot> of(int placement) {
        return placement < byPlacement.size() ? byPlacement.get(placement) : List.of();
    }

    /** Metres the middle of the couple moves. */
    double length() {
        double length = 0;
        for (int i = 1; i < spots.size(); i++) {
            length += spots.get(i).centre().distanceTo(spots.get(i - 1).centre());
        }
        return length;
    }
}
