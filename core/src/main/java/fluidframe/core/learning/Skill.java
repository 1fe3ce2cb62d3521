package fluidframe.core.learning;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.figure.Figure;
import fluidframe.core.step.ActionTrait;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.step.Step;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;

/**
 * Something that is learned once and danced in many figures: a heel turn of the lady, beginning in promenade, stepping
 * outside partner.
 *
 * @param what what it is
 * @param part who does it; empty for both
 */
public record Skill(String what, Optional<Part> part) implements Comparable<Skill> {

    private static final Set<Position> FIRST_POSITIONS =
            EnumSet.of(Position.CLOSED, Position.CLOSED_FACING, Position.OPEN_FACING, Position.APART);
    private static final Set<PositionModifier> OUTSIDE =
            EnumSet.of(PositionModifier.OUTSIDE_PARTNER, PositionModifier.OUTSIDE_PARTNER_LEFT);
    private static final Comparator<Skill> ORDER = Comparator.comparing(Skill::what)
            .thenComparing(skill -> skill.part().map(Enum::ordinal).orElse(-1));

    /** Everything a figure asks, read from its charts. */
    public static SortedSet<Skill> of(Figure figure) {
        SortedSet<Skill> skills = new TreeSet<>();
        if (!FIRST_POSITIONS.contains(figure.start().position())) {
            skills.add(new Skill(
                    LearningSentences.beginningIn(figure.start().position().wording()), Optional.empty()));
        }
        for (Part part : Part.values()) {
            for (Step step : figure.chart(part).steps()) {
                step.actions().stream()
                        .filter(action -> !action.is(ActionTrait.EVERYDAY))
                        .forEach(action -> skills.add(new Skill(action.wording(), Optional.of(part))));
                step.footPosition()
                        .filter(position -> !Collections.disjoint(position.modifiers(), OUTSIDE))
                        .ifPresent(position ->
                                skills.add(new Skill(LearningSentences.steppingOutsidePartner(), Optional.of(part))));
            }
        }
        return skills;
    }

    /** "heel turn of the lady". */
    public String wording() {
        return what
                + part.map(whose -> LearningSentences.ofThe(whose.wording())).orElse("");
    }

    @Override
    public int compareTo(Skill other) {
        return ORDER.compare(this, other);
    }
}
