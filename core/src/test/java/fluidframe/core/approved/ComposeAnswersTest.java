package fluidframe.core.approved;

import fluidframe.core.SmallBook;
import fluidframe.core.compose.Answer;
import fluidframe.core.compose.Choice;
import fluidframe.core.compose.Composer;
import fluidframe.core.compose.Composition;
import fluidframe.core.compose.Difference;
import fluidframe.core.compose.LikelyCorners;
import fluidframe.core.compose.Relaxation;
import fluidframe.core.compose.Taste;
import fluidframe.core.compose.Wish;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Repertoire;
import fluidframe.core.music.MusicMap;
import fluidframe.core.music.MusicSection;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is composed for every kind of wish, with its points, its reasons, and what would have to be given up. */
class ComposeAnswersTest {

    private static final Beats BAR = Beats.of(3);
    private static final MusicMap MUSIC = MusicMap.plain(BAR, 4, new Tempo(29))
            .withSections(List.of(new MusicSection(3, ""), new MusicSection(5, "")))
            .withHits(Set.of(BAR, BAR.times(6)));

    @ParameterizedTest
    @ValueSource(strings = {"kinds", "walks", "many"})
    void compositions(String name) throws IOException {
        List<Figure> book = switch (name) {
            case "kinds" -> ApprovedBook.waltz();
            case "walks" -> SmallBook.random(6, 4);
            default -> SmallBook.random(14, 11);
        };
        Repertoire repertoire = Repertoire.of(book, new Conditions(false, Level.SILVER));
        List<String> lines = new ArrayList<>();
        wishes(book).forEach((title, wish) -> {
            Answer answer = Composer.compose(repertoire, wish, () -> false);
            lines.add(title + ": " + (answer.exact() ? "exact" : "not proved") + ", at most " + answer.bound());
            answer.compositions().forEach(composition -> lines.add("    " + shown(composition)));
            answer.compositions()
                    .forEach(composition -> lines.add(
                            "    " + Difference.between(answer.compositions().get(0), composition, BAR, 4)));
            answer.relaxations().stream()
                    .map(Relaxation::labels)
                    .forEach(labels -> lines.add("    give up: " + labels));
        });
        for (double metres : new double[] {0.5, 2, 3.5, 8}) {
            for (int bars : new int[] {1, 6, 24}) {
                lines.add("likely corners of " + bars + " bars on sides of " + metres + " m: "
                        + LikelyCorners.of(repertoire, BAR.times(bars), side -> side % 2 == 0 ? metres : metres / 2));
            }
        }
        Approved.assertApproved("compositions-" + name, lines);
    }

    /** What cannot be had, and what would have to be given up of each kind of wish. */
    @ParameterizedTest
    @ValueSource(strings = {"kinds", "walks"})
    void relaxations(String name) throws IOException {
        List<Figure> book = name.equals("kinds") ? ApprovedBook.waltz() : SmallBook.random(6, 4);
        List<String> lines = new ArrayList<>();
        for (Conditions conditions : List.of(
                new Conditions(true, Level.PRE_BRONZE),
                new Conditions(true, Level.SILVER),
                new Conditions(false, Level.BRONZE))) {
            Repertoire repertoire = Repertoire.of(book, conditions);
            impossible(book).forEach((title, wish) -> {
                Answer answer = Composer.compose(repertoire, wish, () -> false);
                lines.add(
                        conditions + ", " + title + ": " + answer.compositions().size());
                answer.relaxations()
                        .forEach(relaxation -> lines.add("    " + relaxation.labels() + " " + relaxation.conditions()
                                + " " + relaxation.wish().least() + " to "
                                + relaxation.wish().most() + ", "
                                + relaxation.wish().corners() + " corners "
                                + relaxation.wish().sides() + " "
                                + relaxation.wish().choice() + " "
                                + relaxation.wish().mostTimes() + " "
                                + relaxation.wish().taste()));
            });
        }
        Approved.assertApproved("relaxations-" + name, lines);
    }

    private static Map<String, Wish> impossible(List<Figure> book) {
        Wish plain = Wish.of(BAR.times(2), BAR.times(2), MusicMap.plain(BAR, 4, new Tempo(29)));
        Dancing last = Dancing.of(book.get(book.size() - 1), Way.AS_CHARTED);
        Taste coach = new Taste(true, true, true, true, true, 1, true);
        Map<String, Wish> wishes = new LinkedHashMap<>();
        for (int figure = 0; figure < book.size(); figure += 2) {
            Set<String> wanted = Set.of(book.get(figure).id());
            wishes.put(
                    "one bar of " + wanted,
                    plain.withLength(BAR, BAR).withRequired(wanted).withTaste(coach));
            wishes.put("two bars of " + wanted, plain.withRequired(wanted));
            wishes.put(
                    "two bars that bend without " + wanted,
                    plain.withBends(true).withForbidden(wanted).withTaste(coach));
            wishes.put(
                    "into the last with " + wanted, plain.withRequired(wanted).withTo(Optional.of(last)));
        }
        wishes.put(
                "a corner in a bar",
                plain.withLength(BAR, BAR)
                        .withCorners(1)
                        .withSides(List.of(0.1, 0.1))
                        .withTaste(coach));
        wishes.put("many corners", plain.withCorners(8).withTaste(coach));
        wishes.put(
                "across a section",
                plain.withMusic(plain.music().withSections(List.of(new MusicSection(2, ""))))
                        .withRequired(Set.of(book.get(0).id())));
        wishes.put(
                "long, each once",
                plain.withLength(BAR.times(9), BAR.times(9)).withMostTimes(1).withTaste(coach));
        return wishes;
    }

    private static String shown(Composition composition) {
        String steps = composition.steps().stream()
                .map(piece -> piece.onset() + " " + piece.dancing() + " " + piece.facing() + " " + piece.outcome()
                        + (piece.cornerAfter() ? " corner" : ""))
                .collect(Collectors.joining(", "));
        return composition.points() + " " + composition.reasons() + " " + composition.length() + ": " + steps;
    }

    private static Map<String, Wish> wishes(List<Figure> book) {
        Dancing first = Dancing.of(book.get(0), Way.AS_CHARTED);
        Dancing last = Dancing.of(book.get(book.size() - 1), Way.AS_CHARTED);
        String third = book.get(2).id();
        String fourth = book.get(3).id();
        Wish plain = Wish.of(BAR.times(6), BAR.times(6), MUSIC).withMostTimes(3);
        Wish bends = plain.withBends(true);
        Map<String, Wish> wishes = new LinkedHashMap<>();
        wishes.put("six bars", plain);
        wishes.put("six bars that may bend", bends);
        wishes.put("three to five bars", bends.withLength(BAR.times(3), BAR.times(5)));
        wishes.put("each once", bends.withMostTimes(1));
        wishes.put("with a figure", bends.withRequired(Set.of(third)));
        wishes.put(
                "with two and without one",
                bends.withRequired(Set.of(third, fourth))
                        .withForbidden(Set.of(book.get(1).id())));
        wishes.put(
                "favourites and highlights",
                bends.withChoice(new Choice(Set.of(), Set.of(), Set.of(third), Set.of(fourth))));
        wishes.put("round a corner", bends.withCorners(1));
        wishes.put("round two with sides", bends.withCorners(1).withSides(List.of(3.0, 2.0)));
        wishes.put("one side of the room", bends.withSides(List.of(4.0)));
        wishes.put("into a figure", bends.withTo(Optional.of(last)));
        wishes.put(
                "after a figure",
                new Wish(
                        Optional.of(new Wish.Beginning(Optional.of(first.figure()), first.exit())),
                        Optional.of(last),
                        BAR.times(4),
                        BAR.times(4),
                        Choice.FREE,
                        2,
                        BAR.times(2),
                        true,
                        0,
                        MUSIC,
                        List.of(),
                        bends.weights(),
                        3,
                        Taste.FREE,
                        List.of()));
        wishes.put("with taste", bends.withTaste(new Taste(true, true, true, true, true, 2, true)));
        wishes.put(
                "with taste, round a corner",
                bends.withTaste(new Taste(true, true, true, true, true, 3, true))
                        .withCorners(2));
        wishes.put("with repeats", bends.withTaste(new Taste(false, false, true, false, true, 4, false)));
        wishes.put("what cannot be", plain.withLength(BAR, BAR).withRequired(Set.of(third, fourth)));
        wishes.put("one answer", bends.withAnswers(1));
        return wishes;
    }
}
