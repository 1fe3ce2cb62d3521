package fluidframe.core.choreography;

import fluidframe.core.couple.Part;
import fluidframe.core.geometry.CoupleFit;
import fluidframe.core.link.Dancing;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/** Says of each answer what it is more of than all others, as it is measured on what is danced. */
final class Leanings {

    /** What a whole turn asks of her, in steps. */
    private static final double STEPS_OF_A_TURN = 6;

    private static final int WHOLE_TURN = 16;

    private Leanings() {}

    /** The best first; each leaning is given to the one that has most of it, if no other is as good. */
    static List<Choreography> named(List<Choreography> answers, Brief brief) {
        List<Choreography> named = new ArrayList<>();
        Set<Leaning> given = EnumSet.noneOf(Leaning.class);
        for (Choreography answer : answers) {
            if (answer.leaning() != Leaning.BALANCED && isMost(answer, answers, answer.leaning(), brief)) {
                given.add(answer.leaning());
            }
        }
        for (Choreography answer : answers) {
            Leaning own = answer.leaning();
            if (own != Leaning.BALANCED && isMost(answer, answers, own, brief)) {
                named.add(answer);
                continue;
            }
            Leaning other = Leaning.BALANCED;
            for (Leaning each : Leaning.values()) {
                if (each != Leaning.BALANCED && !given.contains(each) && isMost(answer, answers, each, brief)) {
                    other = each;
                    break;
                }
            }
            given.add(other);
            named.add(answer.as(other));
        }
        return named;
    }

    private static boolean isMost(Choreography answer, List<Choreography> all, Leaning leaning, Brief brief) {
        if (!applies(leaning, brief)) {
            return false;
        }
        ToDoubleFunction<Choreography> measure = each -> measure(each, leaning);
        double own = measure.applyAsDouble(answer);
        return all.stream().filter(other -> other != answer).allMatch(other -> measure.applyAsDouble(other) < own);
    }

    private static boolean applies(Leaning leaning, Brief brief) {
        boolean travels = brief.course().routine().dance().travels();
        return leaning == Leaning.TRAVELLING ? travels : leaning != Leaning.OPEN || !travels;
    }

    /** More is more of the leaning. */
    static double measure(Choreography answer, Leaning leaning) {
        return switch (leaning) {
            case BALANCED -> 0;
            case TRAVELLING ->
                answer.danced().stream().mapToDouble(Leanings::metres).sum();
            case OPEN ->
                answer.danced().stream()
                        .filter(each ->
                                !each.dancing().danced().end().position().isClosedHold())
                        .mapToDouble(each -> each.dancing().length().toDouble())
                        .sum();
            case CALM -> -energy(answer);
            case TURNING ->
                answer.danced().stream()
                        .mapToDouble(each -> Math.abs(each.dancing()
                                .danced()
                                .man()
                                .turnAccount()
                                .net()
                                .sixteenths()))
                        .sum();
            case EASY_FOR_HER ->
                -answer.danced().stream()
                        .mapToDouble(each -> herWork(each.dancing()))
                        .sum();
            case BRILLIANT -> energy(answer);
        };
    }

    /** Weighted by how long each lasts. */
    static double energy(Choreography answer) {
        double sum = 0;
        for (Choreography.Stage stage : answer.stages()) {
            sum += stage.energy() * stage.end().minus(stage.onset()).toDouble();
        }
        return sum / answer.length().toDouble();
    }

    private static double metres(Choreography.Danced danced) {
        var figure = danced.dancing().danced();
        var stances = CoupleFit.solve(figure, figure.timing(Part.MAN), figure.timing(Part.LADY));
        return stances.start().man().body().distanceTo(stances.end().man().body());
    }

    /** How much a figure asks of her, in whole turns and steps of hers. */
    static double herWork(Dancing dancing) {
        return dancing.danced().chart(Part.LADY).steps().stream()
                .mapToDouble(step -> (step.takesWeight() ? 1 / STEPS_OF_A_TURN : 0)
                        + (double) (step.turn().between().size()
                                        + step.turn().on().size())
                                / WHOLE_TURN)
                .sum();
    }
}
