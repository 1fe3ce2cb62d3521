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
            said.add(CardSentences.theOppositeSideOfTheBody());
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
                .ifPresent(position -> said.add(
                        position == Position.APART
                                ? CardSentences.nowApart()
                                : CardSentences.nowIn(position.wording())));
        change.hold().ifPresent(hold -> said.add(CardSentences.nowWith(hold.wording())));
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
                ? CardSentences.withoutWeight()
                : step.weight() == Weight.PART ? CardSentences.withOnlyPartOfTheWeight() : "";
        return List.of(foot + " " + way, modifiers, weight).stream()
                .filter(piece -> !piece.isEmpty())
                .collect(Collectors.joining(", "))
                .strip();
    }

    private static String way(FootPosition position, Foot foot) {
        String other =
                foot == Foot.BOTH ? CardSentences.theOtherFoot() : foot.other().wording();
        String place = switch (position.direction()) {
            case FORWARD -> "forward";
            case BACK -> "back";
            case SIDE -> CardSentences.toTheSide();
            case DIAGONAL_FORWARD -> CardSentences.diagonallyForward();
            case DIAGONAL_BACK -> CardSentences.diagonallyBack();
            case CLOSE ->
                position.touch().isPresent() ? CardSentences.besideThe(other) : CardSentences.closesToThe(other);
            case CROSS_IN_FRONT -> CardSentences.crossesInFrontOfThe(other);
            case CROSS_BEHIND -> CardSentences.crossesBehindThe(other);
            case IN_PLACE -> CardSentences.inPlace();
        };
        return position.touch()
                .map(Touch::wording)
                .map(touch -> touch + " " + place)
                .orElse(place);
    }

    private static String modifier(PositionModifier modifier) {
        return switch (modifier) {
            case CBMP -> CardSentences.onOrAcrossTheLineOf();
            case OUTSIDE_PARTNER -> CardSentences.outsideYourPartnerOnTheRight();
            case OUTSIDE_PARTNER_LEFT -> CardSentences.outsideYourPartnerOnTheLeft();
            case PARTNER_OUTSIDE, PARTNER_OUTSIDE_LEFT -> CardSentences.yourPartnerStepsOutsideYou();
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
            said.add(CardSentences.onThe(parts.get(0)));
        } else {
            said.add(CardSentences.firstThen(parts.get(0), String.join(", then ", parts.subList(1, parts.size()))));
        }
        footwork.notes().stream().map(Term::wording).forEach(said::add);
    }

    private static void turn(StepTurn turn, List<String> said) {
        turn.phase()
                .ifPresent(phase -> said.add(
                        (phase.begins() ? CardSentences.beginningToTurnToThe() : CardSentences.turningOnToThe())
                                + phase.side().wording()));
        if (!turn.between().isNone()) {
            said.add("turning " + Directions.of(turn.between()));
        }
        if (!turn.on().isNone()) {
            said.add(CardSentences.thenTurningOnThatFoot(Directions.of(turn.on())));
        }
        if (turn.body() instanceof BodyTurn.Less less) {
            said.add(CardSentences.theBodyTurningLessThanThe(Directions.amount(less.by())));
        } else if (turn.body() instanceof BodyTurn.Turns turns) {
            said.add(CardSentences.theBodyTurning(Directions.of(turns.turn())));
        } else if (turn.body() instanceof BodyTurn.Completes) {
            said.add(CardSentences.theBodyCompletingTheTurn());
        }
    }

    private static String doing(Action action) {
        return switch (action) {
            case LOCK -> CardSentences.lockingTheFeet();
            case CHECK -> CardSentences.checkingTheMovement();
            case SAME_FOOT -> CardSentences.onTheSameFootAgain();
            default -> "with a " + action.wording();
        };
    }
}
