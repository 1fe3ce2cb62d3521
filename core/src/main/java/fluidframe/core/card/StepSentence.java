package fluidframe.core.card;

import fluidframe.core.couple.Position;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.step.Action;
import fluidframe.core.step.BodyTurn;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.FootworkSchool;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepTurn;
import fluidframe.core.step.Sway;
import fluidframe.core.step.Touch;
import fluidframe.core.step.Weight;
import fluidframe.core.text.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * One chart row as one sentence: the foot, how it meets the floor, the turn, where one then looks, and what the body
 * does.
 */
final class StepSentence {

    private final FootworkSchool school;

    StepSentence(FootworkSchool school) {
        this.school = school;
    }

    /** @param change what changes of position and hold at this row, whichever part's chart says it */
    String of(Step step, int row, RelationChange change) {
        List<String> said = new ArrayList<>();
        said.add(foot(step));
        footwork(step, said);
        turn(step.turn(), said);
        step.alignment().ifPresent(alignment -> said.add(Directions.of(alignment)));
        step.actions().stream().filter(action -> action != Action.TAP).forEach(action -> said.add(doing(action)));
        if (!step.rise().isNone()) {
            said.add(step.rise()
                    .wordingBeside(row, step.count().map(Object::toString).orElse("")));
        }
        step.sway().filter(sway -> sway != Sway.NONE).ifPresent(sway -> said.add("sway " + sway.wording()));
        if (step.cbm()) {
            said.add("the opposite side of the body swings with the step");
        }
        if (!step.body().isNone()) {
            said.add(step.body().wording());
        }
        standing(step.relation(), said);
        standing(change.without(step.leadsTo()), said);
        addText("arms: ", step.arms(), said);
        addText("lead: ", step.lead(), said);
        addText("", step.note(), said);
        String sentence = said.stream().filter(piece -> !piece.isEmpty()).collect(Collectors.joining(", "));
        return sentence.isEmpty() ? "Hold." : Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1) + ".";
    }

    private static void standing(RelationChange change, List<String> said) {
        change.position()
                .ifPresent(position ->
                        said.add(position == Position.APART ? "now apart" : "now in " + position.wording()));
        change.hold().ifPresent(hold -> said.add("now with " + hold.wording()));
        change.proximity().ifPresent(proximity -> said.add("now " + proximity.wording()));
    }

    private static void addText(String label, String text, List<String> said) {
        if (!text.isEmpty()) {
            said.add(label + text);
        }
    }

    private static String foot(Step step) {
        String foot = step.foot().map(Foot::wording).orElse("");
        if (step.footPosition().isEmpty()) {
            return foot;
        }
        FootPosition position = step.footPosition().get();
        String way = way(position, step.foot().orElse(Foot.BOTH));
        String modifiers =
                position.modifiers().stream().map(StepSentence::modifier).collect(Collectors.joining(", "));
        String weight = step.weight() == Weight.NONE
                ? "without weight"
                : step.weight() == Weight.PART ? "with only part of the weight" : "";
        return List.of(foot + " " + way, modifiers, weight).stream()
                .filter(piece -> !piece.isEmpty())
                .collect(Collectors.joining(", "))
                .strip();
    }

    private static String way(FootPosition position, Foot foot) {
        String other = foot == Foot.BOTH ? "the other foot" : foot.other().wording();
        String place = switch (position.direction()) {
            case FORWARD -> "forward";
            case BACK -> "back";
            case SIDE -> "to the side";
            case DIAGONAL_FORWARD -> "diagonally forward";
            case DIAGONAL_BACK -> "diagonally back";
            case CLOSE -> position.touch().isPresent() ? "beside the " + other : "closes to the " + other;
            case CROSS_IN_FRONT -> "crosses in front of the " + other;
            case CROSS_BEHIND -> "crosses behind the " + other;
            case IN_PLACE -> "in place";
        };
        return position.touch()
                .map(Touch::wording)
                .map(touch -> touch + " " + place)
                .orElse(place);
    }

    private static String modifier(PositionModifier modifier) {
        return switch (modifier) {
            case CBMP -> "on or across the line of the other foot";
            case OUTSIDE_PARTNER -> "outside your partner on the right";
            case OUTSIDE_PARTNER_LEFT -> "outside your partner on the left";
            case PARTNER_OUTSIDE, PARTNER_OUTSIDE_LEFT -> "your partner steps outside you";
            default -> modifier.wording();
        };
    }

    private void footwork(Step step, List<String> said) {
        Footwork footwork = step.footwork().in(school);
        if (footwork.isNone()) {
            return;
        }
        List<String> parts = footwork.contacts().stream()
                .map(contact -> new Footwork(List.of(contact), Set.of()).wording())
                .toList();
        if (parts.size() == 1) {
            said.add("on the " + parts.get(0));
        } else {
            said.add(parts.get(0) + " first, then " + String.join(", then ", parts.subList(1, parts.size())));
        }
        footwork.notes().stream().map(Term::wording).forEach(said::add);
    }

    private static void turn(StepTurn turn, List<String> said) {
        turn.phase()
                .ifPresent(phase -> said.add((phase.begins() ? "beginning to turn to the " : "turning on to the ")
                        + phase.side().wording()));
        if (!turn.between().isNone()) {
            said.add("turning " + Directions.of(turn.between()));
        }
        if (!turn.on().isNone()) {
            said.add("then turning " + Directions.of(turn.on()) + " on that foot");
        }
        if (turn.body() instanceof BodyTurn.Less less) {
            said.add("the body turning " + Directions.amount(less.by()) + " less than the foot");
        } else if (turn.body() instanceof BodyTurn.Turns turns) {
            said.add("the body turning " + Directions.of(turns.turn()));
        } else if (turn.body() instanceof BodyTurn.Completes) {
            said.add("the body completing the turn");
        }
    }

    private static String doing(Action action) {
        return switch (action) {
            case LOCK -> "locking the feet";
            case CHECK -> "checking the movement";
            case SAME_FOOT -> "on the same foot again";
            default -> "with a " + action.wording();
        };
    }
}
