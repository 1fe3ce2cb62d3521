package fluidframe.core.question;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import fluidframe.core.Charts;
import fluidframe.core.Danced;
import fluidframe.core.SmallBook;
import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.MirrorImage;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Repertoire;
import fluidframe.core.notation.Column;
import fluidframe.core.question.Mark.Outcome;
import fluidframe.core.text.UnreadableTextException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuestionsTest {

    private static final Figure NATURAL = named("natural turn", "natural-turn");
    private static final Figure WHISK = named("whisk", "whisk");
    private static final Questions BOOK = new Questions(Repertoire.of(
            Stream.concat(Stream.of(NATURAL, WHISK, named("spin turn", "spin-turn")), SmallBook.random(6, 2).stream())
                    .toList(),
            Conditions.OPEN));

    private static Figure named(String danced, String id) {
        return Charts.read(Danced.figure(danced)).with().id(id).title(id).build();
    }

    private static Question ask(QuestionKind kind, String figure, Part part, int step) {
        return BOOK.ask(new QuestionKey(kind, figure, part, step - 1, 7)).orElseThrow();
    }

    @ParameterizedTest(name = "{0} of the {1} on {2}, answered {3}: {4}")
    @CsvSource(
            delimiter = '|',
            value = {
                "turn          | MAN  | 2 | 1/4 R                                  | RIGHT",
                "turn          | MAN  | 2 | a quarter to the right                 | RIGHT",
                "turn          | MAN  | 2 | 1/4 L                                  | WRONG",
                "turn          | MAN  | 2 | 1/8 R                                  | WRONG",
                "turn          | MAN  | 5 | 3/8 to right                           | NEARLY",
                "turn          | MAN  | 2 | bananas                                | UNREAD",
                "alignment     | MAN  | 1 | facing diagonal wall                   | RIGHT",
                "alignment     | MAN  | 1 | backing diagonal wall                  | WRONG",
                "footwork      | MAN  | 1 | heel toe                               | RIGHT",
                "footwork      | LADY | 1 | T H                                    | RIGHT",
                "footwork      | MAN  | 1 | toe heel                               | WRONG",
                "rise          | LADY | 4 | commence to rise at the end of 1       | RIGHT",
                "rise          | LADY | 1 | commence to rise at the end of 1       | NEARLY",
                "sway          | MAN  | 2 | to the right                           | RIGHT",
                "sway          | MAN  | 2 | left                                   | WRONG",
                "foot position | MAN  | 2 | side                                   | RIGHT",
                "free foot     | MAN  | 1 | left foot                              | RIGHT",
                "free foot     | MAN  | 1 | right                                  | WRONG",
                "partner       | MAN  | 1 | back                                   | RIGHT",
                "free foot     | MAN  | 1 | the left one                           | RIGHT",
                "free foot     | MAN  | 1 | it's his left                          | RIGHT",
                "free foot     | MAN  | 1 | the right foot is free                 | WRONG",
                "alignment     | MAN  | 1 | he looks diagonally to the wall        | RIGHT",
                "alignment     | MAN  | 1 | she looks down the line of dance       | WRONG",
                "alignment     | MAN  | 1 | has his back to the wall               | WRONG",
                "turn          | MAN  | 2 | he makes a quarter turn to the right   | RIGHT",
                "turn          | MAN  | 2 | there is none                          | WRONG",
                "turn          | MAN  | 2 | he doesn't turn                        | WRONG",
                "turn          | MAN  | 2 | a quarter                              | UNREAD",
                "footwork      | MAN  | 1 | first the heel, then the toe           | RIGHT",
                "rise          | LADY | 4 | it starts to rise at the end of 1      | RIGHT",
                "sway          | MAN  | 2 | there isn't any                        | WRONG",
                "sway          | MAN  | 2 | he leans to the left                   | WRONG",
                "foot position | MAN  | 2 | his left foot goes to the side         | RIGHT",
                "foot position | MAN  | 2 | a little step                          | WRONG",
                "partner       | MAN  | 1 | her left foot goes back                | RIGHT",
                "turn          | MAN  | 2 | I don't know                           | WRONG",
                "timing        | MAN  | 1 | no idea, sorry                         | WRONG",
                "order         | MAN  | 1 | pass                                   | WRONG"
            })
    void answersAreReadAsChartsAre(String kind, Part part, int step, String answer, Outcome outcome) {
        Mark mark = Marker.mark(ask(QuestionKind.LEXICON.read(kind), "natural-turn", part, step), answer);

        assertThat(mark.outcome()).as(mark.sentence()).isEqualTo(outcome);
    }

    @ParameterizedTest(name = "{0}, step {1}, answered {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "turn          | 2 | 1/4 L                | left and right",
                "turn          | 5 | he turns three eighths to the left | left and right",
                "alignment     | 1 | backing diagonal wall | facing and backing",
                "turn          | 2 | 1/8 R                | the amount is not",
                "footwork      | 1 | toe heel             | the other order",
                "foot position | 1 | back                 | forward and back",
                "foot position | 2 | closes               | That is step 3",
                "sway          | 2 | none                 | There is sway"
            })
    void aWrongAnswerSaysWhatWasConfused(String kind, int step, String answer, String confused) {
        Mark mark = Marker.mark(ask(QuestionKind.LEXICON.read(kind), "natural-turn", Part.MAN, step), answer);
        assertThat(mark.outcome()).isEqualTo(Outcome.WRONG);
        assertThat(mark.sentence()).startsWith("It is ").containsIgnoringCase(confused);
    }

    @Test
    void whoGivesUpIsToldTheAnswer() {
        Mark mark = Marker.mark(ask(QuestionKind.FREE_FOOT, "natural-turn", Part.MAN, 1), "I don’t know");
        assertThat(mark.sentence()).isEqualTo("It is left foot.");
    }

    @Test
    void nothingIsAskedThatTheDanceDoesNotHave() {
        Dance tango = Dances.find("tango").orElseThrow();
        Dance waltz = Dances.find("waltz").orElseThrow();
        assertThat(QuestionKind.values())
                .filteredOn(kind -> !kind.isAskedOf(tango))
                .containsExactly(QuestionKind.RISE, QuestionKind.SWAY);
        assertThat(QuestionKind.values()).allMatch(kind -> kind.isAskedOf(waltz));
    }

    @Test
    void whatIsMissingOrTooMuchIsSaid() {
        assertThat(Marker.mark(ask(QuestionKind.TURN, "natural-turn", Part.MAN, 5), "3/8 R")
                        .sentence())
                .startsWith("Nearly: body, less is missing.")
                .endsWith("It is 3/8 to the right, the body 1/8 less.");
        assertThat(Marker.mark(ask(QuestionKind.TURN, "natural-turn", Part.MAN, 2), "1/4 R, body less")
                        .sentence())
                .startsWith("Nearly: body, less is too much.");
        assertThat(Marker.mark(ask(QuestionKind.TURN, "natural-turn", Part.MAN, 2), " ")
                        .sentence())
                .isEqualTo("Nothing was answered.");
        assertThat(Marker.mark(ask(QuestionKind.TURN, "natural-turn", Part.MAN, 2), "1/4")
                        .sentence())
                .contains("Did you mean");
    }

    @ParameterizedTest(name = "the count answered {0}: {1}")
    @CsvSource(
            delimiter = '|',
            value = {
                "1 2 3 1 2 3|RIGHT",
                "one two three one two three|RIGHT",
                "1 2 3, 1 2 3|RIGHT",
                "1 2 3|WRONG",
                "1 2 & 3 1 2|WRONG",
                "well|UNREAD"
            })
    void aCountIsRightIfItsStepsFallOnTheSameBeats(String answer, Outcome outcome) {
        Mark mark = Marker.mark(ask(QuestionKind.TIMING, "natural-turn", Part.MAN, 1), answer);

        assertThat(mark.outcome()).as(mark.sentence()).isEqualTo(outcome);
    }

    @ParameterizedTest
    @EnumSource(QuestionKind.class)
    void askedAgainAQuestionIsTheSame(QuestionKind kind) {
        List<Question> set = BOOK.set(new QuestionWish(Set.of(kind), Level.OPEN, Optional.empty(), Set.of()), 5, 3);

        assertThat(set).isNotEmpty().allSatisfy(question -> {
            assertThat(question.key().kind()).isEqualTo(kind);
            assertThat(BOOK.ask(QuestionKey.parse(question.key().toString()))).contains(question);
        });
    }

    @Test
    void aSetTakesTheKindsByTurnsAndAsksNothingTwice() {
        List<Question> set = BOOK.set(QuestionWish.ANYTHING, 26, 11);

        assertThat(set)
                .hasSize(26)
                .doesNotHaveDuplicates()
                .isEqualTo(BOOK.set(QuestionWish.ANYTHING, 26, 11))
                .isNotEqualTo(BOOK.set(QuestionWish.ANYTHING, 26, 12));
        assertThat(set.subList(0, 13))
                .extracting(question -> question.key().kind())
                .doesNotHaveDuplicates();
    }

    @Test
    void onlyWhatIsWishedIsAsked() {
        assertThat(BOOK.set(new QuestionWish(Set.of(), Level.OPEN, Optional.of(Part.LADY), Set.of("whisk")), 200, 1))
                .isNotEmpty()
                .allSatisfy(question -> assertThat(question.key())
                        .extracting(QuestionKey::figure, QuestionKey::part)
                        .containsExactly("whisk", Part.LADY));
        assertThat(BOOK.set(new QuestionWish(Set.of(), Level.PRE_BRONZE, Optional.empty(), Set.of()), 200, 1))
                .extracting(question -> question.key().figure())
                .doesNotContain("whisk", "natural-turn")
                .isNotEmpty();
        assertThatThrownBy(() -> BOOK.set(QuestionWish.ANYTHING, 201, 1)).hasMessageContaining("1 to 200");
    }

    @Test
    void oneStepOfAChartIsWrongAndOnlyThat() {
        Question question = ask(QuestionKind.MISTAKE, "natural-turn", Part.MAN, 1);
        int wrong = ((Expected.Located) question.expected()).row();

        for (int step = 1; step <= 6; step++) {
            assertThat(Marker.mark(question, "step " + step).outcome())
                    .isEqualTo(step == wrong + 1 ? Outcome.RIGHT : Outcome.WRONG);
        }
        assertThat(question.explanation().get(0)).containsIgnoringCase("step " + (wrong + 1));
        assertThat(Marker.mark(question, "the first").outcome()).isEqualTo(Outcome.UNREAD);
    }

    @Test
    void stepsArePutInOrder() {
        Question question = ask(QuestionKind.ORDER, "natural-turn", Part.MAN, 1);
        List<Integer> order = ((Expected.Ordered) question.expected()).order();

        assertThat(order.stream().map(question.rows()::get).map(row -> row.cell(Column.FOOT_POSITION)))
                .containsExactly("fwd", "sd", "cl", "bk", "sd", "cl");
        assertThat(Marker.mark(question, question.expected().wording()).outcome())
                .isEqualTo(Outcome.RIGHT);
        assertThat(Marker.mark(question, "1 2").outcome()).isEqualTo(Outcome.UNREAD);
    }

    @Test
    void whatMayFollowIsOneOfFourAndTheOthersAreSaidWhy() {
        Question question = ask(QuestionKind.FOLLOWS, "natural-turn", Part.MAN, 1);

        assertThat(((Expected.Chosen) question.expected()).options()).hasSize(4).doesNotHaveDuplicates();
        assertThat(question.explanation()).hasSize(4);
        assertThat(Marker.mark(question, question.expected().wording()).outcome())
                .isEqualTo(Outcome.RIGHT);
        assertThat(Marker.mark(question, "5").outcome()).isEqualTo(Outcome.UNREAD);
    }

    @Test
    void figuresOfOneTitleAreNotTakenForEachOther() {
        List<Figure> book = Stream.concat(
                        Stream.of(NATURAL, WHISK, named("spin turn", "spin-turn")), SmallBook.random(6, 2).stream())
                .toList();
        Stream<Figure> twins = book.stream()
                .map(MirrorImage::of)
                .map(figure -> figure.with().id(figure.id() + "-own").build());
        Questions doubled =
                new Questions(Repertoire.of(Stream.concat(book.stream(), twins).toList(), Conditions.OPEN));
        List<Question> asked = IntStream.range(0, 200)
                .mapToObj(salt -> doubled.ask(new QuestionKey(QuestionKind.FOLLOWS, "natural-turn", Part.MAN, 0, salt)))
                .flatMap(Optional::stream)
                .toList();

        assertThat(asked).isNotEmpty().allSatisfy(question -> {
            assertThat(((Expected.Chosen) question.expected()).options()).doesNotHaveDuplicates();
            assertThat(Marker.mark(question, question.expected().wording()).outcome())
                    .isEqualTo(Outcome.RIGHT);
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "turn~natural-turn~man~1",
                "luck~natural-turn~man~1~1",
                "turn~../x~man~1~1",
                "turn~natural-turn~man~-1~1",
                "turn~natural-turn~man~1~9999999999"
            })
    void whatIsNoKeyIsRefused(String text) {
        assertThatThrownBy(() -> QuestionKey.parse(text)).isInstanceOf(UnreadableTextException.class);
    }

    @Test
    void aKeyOfNothingAsksNothing() {
        assertThat(BOOK.ask(new QuestionKey(QuestionKind.TURN, "nothing", Part.MAN, 0, 0)))
                .isEmpty();
        assertThat(BOOK.ask(new QuestionKey(QuestionKind.TURN, "whisk", Part.MAN, 40, 0)))
                .isEmpty();
        assertThat(BOOK.ask(new QuestionKey(QuestionKind.TURN, "whisk", Part.MAN, 0, 0)))
                .as("nothing is turned there")
                .isEmpty();
    }
}
