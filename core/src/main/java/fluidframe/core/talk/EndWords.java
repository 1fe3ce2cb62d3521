package fluidframe.core.talk;

import fluidframe.core.couple.Part;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.FigureDraft;
import fluidframe.core.notation.Place;
import fluidframe.core.phrase.Phrasebook;
import fluidframe.core.phrase.Situation;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** How the figure starts and how it ends. */
final class EndWords {

    private final Sentence sentence;

    EndWords(Sentence sentence) {
        this.sentence = sentence;
    }

    /** "It ends facing diagonal centre", "starts in promenade position". */
    int startOrEnd(int at) {
        Optional<Phrasebook.Match<Words.Does>> match = Words.JOINTS
                .longest(sentence.tokens, at)
                .filter(each -> each.meaning() == Words.Does.STARTS || each.meaning() == Words.Does.ENDS);
        if (match.isEmpty()) {
            return at;
        }
        int after = at + match.get().length();
        boolean ofAStep = after < sentence.tokens.size()
                && Words.OF_A_STEP.contains(sentence.tokens.get(after).word());
        int foot = after;
        while (foot < sentence.tokens.size()
                && Set.of("with", "on", "the", "his", "her")
                        .contains(sentence.tokens.get(foot).word())) {
            foot++;
        }
        if (sentence.isFoot(foot)) {
            return foot;
        }
        if (ofAStep) {
            return at;
        }
        sentence.end = Optional.of(match.get().meaning());
        boolean preposition = after > at + 1
                && Set.of("facing", "backing", "pointing", "in", "outside")
                        .contains(sentence.tokens.get(after - 1).word());
        return preposition ? after - 1 : after;
    }

    boolean startsOrEnds(Segment segment) {
        boolean starts = sentence.end.orElseThrow() == Words.Does.STARTS;
        if (segment.column() == Column.ALIGNMENT) {
            if (starts) {
                sentence.figure.become(sentence.figure.draft().withStartAlignments(List.of(segment.text())));
                sentence.heard.take(
                        sentence.place(segment.from()),
                        sentence.placeAfter(segment.to()),
                        Place.field("startAlignments/0"),
                        segment.text());
                return true;
            }
            int last = sentence.figure.rows(Part.MAN).size() - 1;
            if (last < 0) {
                return false;
            }
            if (sentence.figure.rows(Part.MAN).cell(last, Column.ALIGNMENT).isEmpty()) {
                sentence.figure.rows(Part.MAN).put(last, Column.ALIGNMENT, segment.text(), false);
            }
            sentence.heard.take(
                    sentence.place(segment.from()),
                    sentence.placeAfter(segment.to()),
                    Place.cell(Part.MAN, last, Column.ALIGNMENT),
                    sentence.figure.rows(Part.MAN).cell(last, Column.ALIGNMENT));
            return sentence.figure.rows(Part.MAN).cell(last, Column.ALIGNMENT).equals(segment.text())
                    || leaveFalse(segment);
        }
        Optional<Segment> relation = segment.column() == Column.RELATION
                ? Optional.of(segment)
                : sentence.segments.whole(Column.RELATION, segment.from(), segment.to(), Situation.UNKNOWN);
        if (relation.isEmpty()) {
            return false;
        }
        FigureDraft.RelationDraft before = starts
                ? sentence.figure.draft().start()
                : sentence.figure.draft().end();
        FigureDraft.RelationDraft after =
                RelationWords.with(before, relation.get().text());
        sentence.figure.become(
                starts
                        ? sentence.figure.draft().withStart(after)
                        : sentence.figure.draft().withEnd(after));
        if (!starts) {
            sentence.figure.endIsSaid();
        }
        sentence.heard.take(
                sentence.place(segment.from()),
                sentence.placeAfter(segment.to()),
                Place.field(starts ? "start/position" : "end/position"),
                relation.get().text());
        return true;
    }

    /** What contradicts the last row is said, not taken. */
    private boolean leaveFalse(Segment segment) {
        sentence.heard.forgetLast();
        sentence.heard.leave(sentence.place(segment.from()), sentence.placeAfter(segment.to()));
        return true;
    }
}
