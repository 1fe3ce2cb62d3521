package fluidframe.app.floor;

import fluidframe.app.floor.FloorDocument.ObstacleDocument;
import fluidframe.app.problems.Fault;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Obstacle;
import fluidframe.core.space.Point;
import java.util.ArrayList;
import java.util.List;

/** Reads rooms. Where none is given, everything is danced in the usual hall. */
public final class Floors {

    static final int LONGEST_TITLE = 60;

    private Floors() {}

    /**
     * @param travels whether the dance goes round the room, which says where it usually starts
     * @param place JSON pointer to the document in what was sent
     * @param faults gets what is wrong
     * @return the room; the usual hall where something is wrong
     */
    public static Floor read(FloorDocument document, boolean travels, String place, List<Fault> faults) {
        Floor hall = Floor.hall(travels);
        if (document == null) {
            return hall;
        }
        try {
            Floor usual = Floor.of(document.length(), document.width(), travels);
            Point start = document.start() == null
                    ? usual.start()
                    : new Point(document.start().x(), document.start().y());
            List<Obstacle> obstacles = new ArrayList<>();
            for (ObstacleDocument obstacle :
                    document.obstacles() == null ? List.<ObstacleDocument>of() : document.obstacles()) {
                obstacles.add(obstacle(obstacle, place + "/obstacles/" + obstacles.size(), faults));
            }
            return faults.isEmpty() ? new Floor(document.length(), document.width(), start, obstacles) : hall;
        } catch (IllegalArgumentException e) {
            faults.add(Fault.of(place, e.getMessage(), FloorSentences.aFloorOfMToM(Floor.SMALLEST, Floor.LARGEST)));
            return hall;
        }
    }

    private static Obstacle obstacle(ObstacleDocument document, String place, List<Fault> faults) {
        String title = document.title().strip();
        if (title.isEmpty() || title.length() > LONGEST_TITLE) {
            faults.add(Fault.of(place + "/title", title, FloorSentences.whatItIsIn1To(LONGEST_TITLE)));
        }
        return new Obstacle(title, document.x(), document.y(), document.length(), document.width());
    }
}
