package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Relation;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Moment;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.Place;
import fluidframe.core.step.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * P1. Position and hold follow only from what the rows say ("in PP" in a foot position says it too), must be said alike
 * by both parts where both speak, and must reach the stated end. A figure may end outside partner when its last step
 * is.
 */
final class RelationsLeadOn extends CheckedRule {

    RelationsLeadOn() {
        super("P1", AuditSentences.positionAndHoldChangeOnlyWhere(), AuditSentences.aPositionThatChangesByItself());
    }

    @Override
    public List<Finding> check(Subject subject) {
        List<Finding> found = new ArrayList<>();
        List<Moment> moments = subject.moments();
        for (Moment moment : moments) {
            if (moment.isShared()) {
                contradiction(subject, moment).ifPresent(found::add);
            }
        }
        if (!moments.isEmpty() && found.isEmpty()) {
            end(subject, moments.get(moments.size() - 1)).ifPresent(found::add);
        }
        return found;
    }

    private Optional<Finding> contradiction(Subject subject, Moment moment) {
        Step his = subject.steps(Part.MAN).get(moment.manDone());
        Step hers = subject.steps(Part.LADY).get(moment.ladyDone());
        Optional<Position> hisPosition = said(his);
        Optional<Position> herPosition = said(hers);
        boolean positions =
                hisPosition.isPresent() && herPosition.isPresent() && hisPosition.get() != herPosition.get();
        boolean holds = his.relation().hold().isPresent()
                && hers.relation().hold().isPresent()
                && !his.relation().hold().equals(hers.relation().hold());
        if (!positions && !holds) {
            return Optional.empty();
        }
        boolean inCell = hers.relation().position().isPresent() || !positions;
        String stated = positions
                ? herPosition.get().shorthand()
                : hers.relation().hold().orElseThrow().shorthand();
        String wanted = positions
                ? hisPosition.get().shorthand()
                : his.relation().hold().orElseThrow().shorthand();
        Place place = Place.cell(Part.LADY, moment.ladyDone(), inCell ? Column.RELATION : Column.FOOT_POSITION);
        return Optional.of(error(
                place,
                stated,
                wanted,
                AuditSentences.atTheSameMomentTheMans(
                        (moment.manDone() + 1), wanted, (moment.ladyDone() + 1), stated)));
    }

    private static Optional<Position> said(Step step) {
        return step.leadsTo().position();
    }

    private Optional<Finding> end(Subject subject, Moment last) {
        Figure figure = subject.figure();
        Relation reached = last.relation();
        Relation stated = figure.end();
        boolean position =
                reached.position() == stated.position() || last.standing().position() == stated.position();
        if (position && reached.hold() == stated.hold()) {
            return Optional.empty();
        }
        int row = figure.man().steps().size() - 1;
        Place place = Place.cell(Part.MAN, row, Column.RELATION);
        String missing = position ? "hold " + stated.hold() : stated.position().toString();
        RelationChange there = figure.man().steps().get(row).relation();
        RelationChange mended = new RelationChange(
                position ? there.position() : Optional.of(stated.position()),
                reached.hold() == stated.hold() ? there.hold() : Optional.of(stated.hold()),
                there.proximity());
        return Optional.of(error(
                place,
                reached.toString(),
                stated.toString(),
                AuditSentences.theRowsLeadFromToThe(figure.start(), reached, stated, missing),
                new Fix(AuditSentences.sayItOnTheLastStep(), place, mended.toString())));
    }
}
