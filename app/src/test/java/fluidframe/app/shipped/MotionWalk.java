package fluidframe.app.shipped;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.figure.Moments;
import fluidframe.core.motion.DancerMotion;
import fluidframe.core.motion.Motion;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.step.Foot;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Follows a couple through a whole score in small pieces of a beat, and keeps the worst it has seen. */
final class MotionWalk {

    private static final double PIECE = 1.0 / 16;
    private static final double CARRYING = 0.01;
    private static final List<Foot> FEET = List.of(Foot.LEFT, Foot.RIGHT);

    private final Score score;
    private final Motion motion;
    /** By their onset, in beats. */
    private final NavigableMap<Double, List<ScoreStep>> steps;

    private final double secondsPerPiece;
    private double slide;
    private double nearest = Double.MAX_VALUE;
    private double outside;
    private double outsideAt;
    private double feet = Double.MAX_VALUE;
    private double fastest;

    private MotionWalk(Score score) {
        this.score = score;
        this.motion = score.motion().orElseThrow();
        this.steps = score.steps().stream()
                .collect(Collectors.groupingBy(step -> step.onset().toDouble(), TreeMap::new, Collectors.toList()));
        this.secondsPerPiece =
                score.routine().tempo().seconds(score.routine().dance().rhythm(), Beats.ONE) * PIECE;
    }

    static MotionWalk through(Score score) {
        MotionWalk walk = new MotionWalk(score);
        for (double beat = -1; beat < score.length().toDouble(); beat += PIECE) {
            walk.look(beat);
        }
        return walk;
    }

    private void look(double beat) {
        for (Part part : Part.values()) {
            DancerMotion dancer = motion.of(part);
            for (Foot foot : FEET) {
                if (Math.min(dancer.weightOn(foot, beat), dancer.weightOn(foot, beat + PIECE)) > CARRYING) {
                    slide = Math.max(
                            slide,
                            dancer.foot(foot)
                                    .at(beat)
                                    .distanceTo(dancer.foot(foot).at(beat + PIECE)));
                }
            }
        }
        for (Part part : Part.values()) {
            fastest = Math.max(
                    fastest,
                    motion.of(part)
                                    .body()
                                    .at(beat)
                                    .distanceTo(motion.of(part).body().at(beat + PIECE))
                            / secondsPerPiece);
        }
        double apart =
                motion.man().body().at(beat).distanceTo(motion.lady().body().at(beat));
        nearest = Math.min(nearest, apart);
        List<Relation> relations = relations(beat);
        double from = relations.stream()
                .mapToDouble(relation -> relation.position().nearest())
                .min()
                .orElse(0);
        double to = relations.stream().mapToDouble(Relation::farthest).max().orElse(6);
        double beyond = Math.max(apart - to, from - apart);
        if (beyond > outside) {
            outside = beyond;
            outsideAt = beat;
        }
        for (Foot his : FEET) {
            for (Foot hers : FEET) {
                double between = motion.man()
                        .foot(his)
                        .at(beat)
                        .distanceTo(motion.lady().foot(hers).at(beat));
                boolean standing =
                        motion.man().weightOn(his, beat) > 0.5 && motion.lady().weightOn(hers, beat) > 0.5;
                feet = standing ? Math.min(feet, between) : feet;
            }
        }
    }

    /** Where they stand to each other before, at and after a point of time. */
    private List<Relation> relations(double beat) {
        List<Relation> found = new ArrayList<>();
        Relation before = score.placements().get(0).dancing().danced().start();
        Double last = steps.floorKey(beat);
        Stream.of(
                        Optional.ofNullable(last).map(steps::lowerEntry),
                        Optional.ofNullable(steps.floorEntry(beat)),
                        Optional.ofNullable(steps.higherEntry(beat)))
                .flatMap(Optional::stream)
                .flatMap(entry -> entry.getValue().stream())
                .forEach(step -> {
                    found.add(step.relation());
                    Optional<Position> passing = Moments.passing(step.step());
                    passing.ifPresent(position -> found.add(step.relation().with(position)));
                });
        if (last == null) {
            found.add(before);
        }
        return found;
    }

    /** Metres by which a foot moved in a sixteenth of a beat while it carried weight. */
    double slide() {
        return slide;
    }

    /** Metres between the bodies at their nearest. */
    double nearest() {
        return nearest;
    }

    /** Metres by which the bodies were too far apart or too near for any of the positions around. */
    double outside() {
        return outside;
    }

    /** Metres between the middles of two feet of different dancers that both carried their weight. */
    double feet() {
        return feet;
    }

    /** Metres a second of the faster body. */
    double fastest() {
        return fastest;
    }

    @Override
    public String toString() {
        return String.format(
                Locale.ROOT,
                "%s: a foot slides %.3f m, the bodies come as near as %.2f m and are %.2f m outside the band at beat %.2f, feet stand %.2f m apart, the fastest goes %.1f m/s",
                score.routine().id(),
                slide,
                nearest,
                outside,
                outsideAt,
                feet,
                fastest);
    }
}
