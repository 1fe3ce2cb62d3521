package fluidframe.core.phrase;

import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.StepDirection;
import fluidframe.core.text.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * "Facing the wall", "backing diagonally to centre", "moving down the line, pointing to wall", "DC". Two neighbouring
 * directions are the one between them.
 */
public final class AlignmentPhrasing implements Phrasing {

    private static final Pattern BETWEEN = Pattern.compile(" ?(?:[/⁄∕]|and|or) ?(?:the )?");

    private enum Relation {
        FACING,
        BACKING,
        POINTING,
        MOVING,
        IGNORED
    }

    private sealed interface Piece permits Looks, Where {}

    private record Looks(Relation relation) implements Piece {}

    private record Where(Heading heading) implements Piece {}

    private static final Phrasebook<Piece> BOOK = Headings.sayIn(
            new Phrasebook<Piece>()
                    .say(
                            new Looks(Relation.FACING),
                            "facing|faces|face|faced|fcg|fac|f|looking|look|looks (to|towards|toward) (the)")
                    .say(new Looks(Relation.BACKING), "backing|backs|backed|bkg|bk|b|back (to) (the)", "with back to")
                    .say(
                            new Looks(Relation.POINTING),
                            "pointing|points|point|pointed|ptg|pt|p (to) (the)",
                            "toe|toes|foot|feet pointing|turned|pointed (to) (the)",
                            "toe|toes (to)")
                    .say(
                            new Looks(Relation.MOVING),
                            "moving|moves|move|m|travelling|traveling|travels|progressing (along|down|to|towards) (the)")
                    .say(
                            new Looks(Relation.IGNORED),
                            "between|room|dance|of|alignment",
                            "of (the) lod|line (of) (dance)"),
            Where::new);

    @Override
    public List<String> nearest(String word) {
        return BOOK.nearest(word, AlignmentPhrasing::shown);
    }

    @Override
    public Reading read(String text, Situation situation) {
        Sentence<Piece> sentence = Sentence.read(text, BOOK, AlignmentPhrasing::none);
        Optional<Heading> moving = Optional.empty();
        List<Alignment> alignments = new ArrayList<>();
        Relation relation = null;
        Heading bare = null;
        List<Sentence.Said<Piece>> said = sentence.said();
        for (int at = 0; at < said.size(); at++) {
            Piece piece = said.get(at).meaning();
            if (piece instanceof Looks looks) {
                relation = looks.relation() == Relation.IGNORED ? relation : looks.relation();
                continue;
            }
            Heading heading = ((Where) piece).heading();
            if (at + 1 < said.size()
                    && said.get(at + 1).meaning() instanceof Where next
                    && isBetween(text, said, at)
                    && Math.abs(heading.turnTo(next.heading()).sixteenths()) == 2) {
                heading = heading.plus(new Turn(heading.turnTo(next.heading()).sixteenths() / 2));
                at++;
            }
            if (relation == Relation.MOVING) {
                moving = Optional.of(heading);
            } else if (relation == null) {
                bare = heading;
            } else if (alignments.isEmpty()) {
                alignments.add(of(relation, heading));
            } else {
                sentence.leave(said.get(at));
            }
            relation = null;
        }
        if (relation != null && bare != null && alignments.isEmpty() && relation != Relation.MOVING) {
            alignments.add(of(relation, bare));
            bare = null;
        }
        return reading(alignments, moving, Optional.ofNullable(bare), situation, sentence);
    }

    /** "Between wall and DW", "LOD/DW"; where nothing joins them one of the two is too many. */
    private static boolean isBetween(String text, List<Sentence.Said<Piece>> said, int at) {
        return BETWEEN.matcher(text.substring(
                                said.get(at).to(), said.get(at + 1).from()))
                        .matches()
                || text.toLowerCase(Locale.ROOT).contains("between");
    }

    private static Reading reading(
            List<Alignment> alignments,
            Optional<Heading> moving,
            Optional<Heading> bare,
            Situation situation,
            Sentence<Piece> sentence) {
        List<Leftover> leftovers = sentence.leftovers();
        if (moving.isPresent()) {
            return alignments.stream()
                    .map(Alignment::foot)
                    .findFirst()
                    .or(() -> bare)
                    .map(foot -> Reading.sure(new Alignment.Moving(moving.get(), foot).toString(), leftovers))
                    .orElseGet(() ->
                            new Reading(List.of(new Alignment.Facing(moving.get()).toString()), false, leftovers));
        }
        if (!alignments.isEmpty()) {
            return bare.isEmpty()
                    ? Reading.sure(alignments.get(0).toString(), leftovers)
                    : new Reading(List.of(alignments.get(0).toString()), false, leftovers);
        }
        if (bare.isEmpty()) {
            return new Reading(List.of(), false, leftovers);
        }
        boolean back = situation
                .direction()
                .filter(direction -> direction == StepDirection.BACK || direction == StepDirection.DIAGONAL_BACK)
                .isPresent();
        String facing = new Alignment.Facing(bare.get()).toString();
        return back
                ? Reading.either(List.of(new Alignment.Backing(bare.get()).toString(), facing), leftovers)
                : Reading.sure(facing, leftovers);
    }

    private static Alignment of(Relation relation, Heading heading) {
        return switch (relation) {
            case BACKING -> new Alignment.Backing(heading);
            case POINTING -> new Alignment.Pointing(heading);
            default -> new Alignment.Facing(heading);
        };
    }

    private static Optional<Piece> none(Token number) {
        return Optional.empty();
    }

    private static String shown(Piece piece) {
        return piece instanceof Where where
                ? where.heading().toString()
                : piece instanceof Looks looks && looks.relation() != Relation.IGNORED
                        ? looks.relation().name().substring(0, 1).toLowerCase()
                        : "";
    }
}
