package fluidframe.core.talk;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft.RelationDraft;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.PositionModifier;
import fluidframe.core.text.UnreadableTextException;
import java.util.List;
import java.util.Map;

/** Position and hold of a figure's start and end as they are told. */
final class RelationWords {

    private static final Map<PositionModifier, Position> IMPLIED = Map.of(
            PositionModifier.IN_PROMENADE,
            Position.PROMENADE,
            PositionModifier.IN_COUNTER_PROMENADE,
            Position.COUNTER_PROMENADE,
            PositionModifier.IN_FALLAWAY,
            Position.FALLAWAY,
            PositionModifier.OUTSIDE_PARTNER,
            Position.OUTSIDE_RIGHT,
            PositionModifier.PARTNER_OUTSIDE,
            Position.OUTSIDE_RIGHT,
            PositionModifier.OUTSIDE_PARTNER_LEFT,
            Position.OUTSIDE_LEFT,
            PositionModifier.PARTNER_OUTSIDE_LEFT,
            Position.OUTSIDE_LEFT);

    private RelationWords() {}

    /**
     * A position and hold with what is said of them changed; a cell that says two things at once changes nothing, and
     * is found unreadable by whoever reads the chart.
     */
    static RelationDraft with(RelationDraft before, String said) {
        RelationChange change;
        try {
            change = RelationChange.parse(said);
        } catch (UnreadableTextException saysTwoThings) {
            return before;
        }
        return new RelationDraft(
                change.position().map(Position::shorthand).orElse(before.position()),
                change.hold().map(Hold::shorthand).orElse(before.hold()),
                change.proximity().map(Object::toString).or(before::proximity));
    }

    /**
     * Where the man's rows leave the couple: in the position that was told last, or in the one that only the last step
     * is in.
     */
    static RelationDraft after(List<RowDraft> man, RelationDraft start) {
        RelationDraft told = start;
        RelationDraft now = start;
        for (RowDraft row : man) {
            now = told;
            for (PositionModifier modifier : modifiers(row.cell(Column.FOOT_POSITION))) {
                Position position = IMPLIED.get(modifier);
                now = position == null ? now : new RelationDraft(position.shorthand(), now.hold(), now.proximity());
            }
            String relation = row.cell(Column.RELATION);
            told = relation.isEmpty() ? told : with(told, relation);
            now = relation.isEmpty() ? now : with(now, relation);
        }
        return now;
    }

    private static List<PositionModifier> modifiers(String cell) {
        try {
            return cell.isEmpty()
                    ? List.of()
                    : List.copyOf(FootPosition.parse(cell).modifiers());
        } catch (UnreadableTextException notInShorthand) {
            return List.of();
        }
    }
}
