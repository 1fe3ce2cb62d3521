package fluidframe.core.question;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Link;
import fluidframe.core.link.Move;
import fluidframe.core.link.Outcome;
import fluidframe.core.link.Repertoire;
import fluidframe.core.link.VerdictSentence;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** Which figure may follow another as it is charted: one that holds, among others that cannot follow it in any way. */
final class Followers {

    private Followers() {}

    static Optional<Question> ask(QuestionKey key, Figure figure, Repertoire repertoire) {
        Random random = new Random(key.salt());
        Dancing last = Dancing.of(figure, Way.AS_CHARTED);
        List<Move> moves = repertoire.after(Optional.of(figure), last.exit());
        Set<String> possible = moves.stream()
                .filter(move -> move.outcome() != Outcome.BREAKS)
                .map(move -> move.dancing().figure().id())
                .collect(Collectors.toSet());
        List<Figure> right = drawn(
                repertoire.figures().stream()
                        .filter(other -> !other.id().equals(figure.id())
                                && moves.stream()
                                        .anyMatch(move -> move.outcome() == Outcome.HOLDS
                                                && move.dancing().figure().id().equals(other.id())))
                        .toList(),
                random);
        Set<String> possibleTitles = repertoire.figures().stream()
                .filter(other -> possible.contains(other.id()))
                .map(Figure::title)
                .collect(Collectors.toSet());
        List<Figure> wrong = drawn(
                onePerTitle(repertoire.figures().stream()
                        .filter(other -> !possibleTitles.contains(other.title())
                                && !other.id().equals(figure.id()))
                        .toList()),
                random);
        if (right.isEmpty() || wrong.size() < Options.OTHERS) {
            return Optional.empty();
        }
        List<Figure> others = wrong.subList(0, Options.OTHERS);
        List<String> explanation = new ArrayList<>(List.of(
                QuestionSentences.afterTheTheHolds(figure.title(), right.get(0).title())));
        others.forEach(other -> explanation.add(other.title() + ": " + why(last, other, repertoire)));
        return Optional.of(new Question(
                key,
                QuestionSentences.whichOfTheseMayFollowThe(figure.title()),
                List.of(),
                Options.of(
                        right.get(0).title(), others.stream().map(Figure::title).toList(), random),
                explanation));
    }

    /** A coach's copy may bear the title of another figure; an answer is a title and must mean one. */
    private static List<Figure> onePerTitle(List<Figure> figures) {
        return List.copyOf(figures.stream()
                .collect(
                        Collectors.toMap(Figure::title, figure -> figure, (first, second) -> first, LinkedHashMap::new))
                .values());
    }

    private static String why(Dancing last, Figure other, Repertoire repertoire) {
        return VerdictSentence.of(Link.between(
                last.exit(), Dancing.of(other, Way.AS_CHARTED).entry(), last.figure(), other, repertoire.conditions()));
    }

    private static List<Figure> drawn(List<Figure> figures, Random random) {
        List<Figure> drawn = new ArrayList<>(figures);
        Collections.shuffle(drawn, random);
        return drawn;
    }
}
