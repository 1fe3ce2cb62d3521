package fluidframe.core.question;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Repertoire;
import fluidframe.core.notation.Column;
import fluidframe.core.notation.DraftWriter;
import fluidframe.core.notation.RowDraft;
import fluidframe.core.step.Foot;
import fluidframe.core.step.Step;
import fluidframe.core.time.Slot;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;

/** Asks of the figures of one dance. What has no single right answer is not asked. */
public final class Questions {

    public static final int MOST_IN_A_SET = 200;
    private static final int FEWEST_TO_ORDER = 3;
    private static final int MOST_TO_ORDER = 9;
    private static final List<Column> NAMING =
            List.of(Column.COUNT, Column.FOOT, Column.FOOT_POSITION, Column.ALIGNMENT, Column.TURN);
    private static final List<Column> ORDERING =
            List.of(Column.FOOT, Column.FOOT_POSITION, Column.ALIGNMENT, Column.TURN);

    private final Repertoire repertoire;

    /** @param repertoire all figures of the dance */
    public Questions(Repertoire repertoire) {
        this.repertoire = repertoire;
    }

    /**
     * A set of different questions, the kinds by turns, the same for the same seed; fewer than wanted where there is no
     * more to ask.
     *
     * @throws IllegalArgumentException for none or more than {@value #MOST_IN_A_SET}
     */
    public List<Question> set(QuestionWish wish, int count, long seed) {
        if (count < 1 || count > MOST_IN_A_SET) {
            throw new IllegalArgumentException(QuestionSentences.questionsExpected1To(count, MOST_IN_A_SET));
        }
        Random random = new Random(seed);
        Map<QuestionKind, List<QuestionKey>> byKind = new EnumMap<>(QuestionKind.class);
        keys(wish, random)
                .forEach(key -> byKind.computeIfAbsent(key.kind(), added -> new ArrayList<>())
                        .add(key));
        byKind.values().forEach(keys -> Collections.shuffle(keys, random));
        List<Question> set = new ArrayList<>();
        Set<String> asked = new HashSet<>();
        while (set.size() < count && byKind.values().stream().anyMatch(keys -> !keys.isEmpty())) {
            for (List<QuestionKey> keys : byKind.values()) {
                Optional<Question> next = next(keys, asked);
                next.filter(added -> set.size() < count).ifPresent(set::add);
            }
        }
        return set;
    }

    /** The next of the keys that leads to a question that has not been asked. */
    private Optional<Question> next(List<QuestionKey> keys, Set<String> asked) {
        while (!keys.isEmpty()) {
            Stopping.check();
            Optional<Question> question = ask(keys.remove(keys.size() - 1))
                    .filter(each -> asked.add(each.prompt()
                            + each.rows()
                            + (each.key().kind() == QuestionKind.PICTURE
                                    ? each.key().figure()
                                    : "")));
            if (question.isPresent()) {
                return question;
            }
        }
        return Optional.empty();
    }

    private List<QuestionKey> keys(QuestionWish wish, Random random) {
        List<QuestionKey> keys = new ArrayList<>();
        for (Figure figure : repertoire.figures()) {
            if (figure.level().compareTo(wish.highest()) <= 0
                    && (wish.figures().isEmpty() || wish.figures().contains(figure.id()))) {
                for (QuestionKind kind : QuestionKind.values()) {
                    for (Part part : Part.values()) {
                        if (wish.kinds().contains(kind)
                                && kind.isAskedOf(figure.dance())
                                && wish.asks(part)
                                && (kind != QuestionKind.PICTURE || part == Part.MAN)) {
                            rows(kind, figure.chart(part).steps())
                                    .forEach(row -> keys.add(
                                            new QuestionKey(kind, figure.id(), part, row, random.nextInt(1_000_000))));
                        }
                    }
                }
            }
        }
        return keys;
    }

    private static IntStream rows(QuestionKind kind, List<Step> steps) {
        if (kind.column().isPresent()) {
            return IntStream.range(0, steps.size())
                    .filter(row ->
                            !kind.column().get().shorthand(steps.get(row)).isEmpty());
        }
        return kind == QuestionKind.FREE_FOOT || kind == QuestionKind.PARTNER
                ? IntStream.range(0, steps.size())
                : IntStream.of(0);
    }

    /** The question of a key; empty if there is no such figure or row, or what is asked has no single answer there. */
    public Optional<Question> ask(QuestionKey key) {
        return repertoire.figures().stream()
                .filter(figure -> figure.id().equals(key.figure()))
                .findFirst()
                .filter(figure -> key.row() < figure.chart(key.part()).steps().size())
                .flatMap(figure -> ask(key, figure));
    }

    private Optional<Question> ask(QuestionKey key, Figure figure) {
        return switch (key.kind()) {
            case FREE_FOOT -> freeFoot(key, figure);
            case ALIGNMENT, TURN, FOOT_POSITION, FOOTWORK, RISE, SWAY -> cell(key, figure);
            case PARTNER -> partner(key, figure);
            case TIMING -> timing(key, figure);
            case NAME -> name(key, figure);
            case ORDER -> order(key, figure);
            case PICTURE -> picture(key, figure);
            case FOLLOWS -> Followers.ask(key, figure, repertoire);
            case MISTAKE -> PlantedMistake.in(figure, key).map(PlantedMistake::question);
        };
    }

    private static Optional<Question> freeFoot(QuestionKey key, Figure figure) {
        Foot free = figure.chart(key.part()).freeFeet().after().get(key.row());
        if (free == Foot.BOTH) {
            return Optional.empty();
        }
        return Optional.of(new Question(
                key,
                QuestionSentences.whichFootOfTheIsFree(figure.title(), whose(key), (key.row() + 1)),
                List.of(),
                new Expected.Said(figure, key.part(), key.row(), Column.FOOT, free.shorthand(), free.wording()),
                List.of(QuestionSentences.stepTakesTheWeightOntoThe(
                        (key.row() + 1), free.other().wording(), free.wording()))));
    }

    private static Optional<Question> cell(QuestionKey key, Figure figure) {
        Column column = key.kind().column().orElseThrow();
        Step step = figure.chart(key.part()).steps().get(key.row());
        String shorthand = column.shorthand(step);
        if (shorthand.isEmpty()) {
            return Optional.empty();
        }
        String wording = column.wording(step);
        return Optional.of(new Question(
                key,
                prompt(key, figure, step),
                List.of(),
                new Expected.Said(figure, key.part(), key.row(), column, shorthand, wording),
                List.of(QuestionSentences.ofStep(column.title(), (key.row() + 1), wording))));
    }

    private static String prompt(QuestionKey key, Figure figure, Step step) {
        String asked = QuestionSentences.asked(key.kind().name());
        int number = key.row() + 1;
        return step.count()
                .map(count -> QuestionSentences.ofCountedStepIsAsked(figure.title(), whose(key), number, count, asked))
                .orElseGet(() -> QuestionSentences.ofStepIsAsked(figure.title(), whose(key), number, asked));
    }

    private static String whose(QuestionKey key) {
        return key.part().wording();
    }

    /** What the other part's foot does on a step that begins at the same time. */
    private static Optional<Question> partner(QuestionKey key, Figure figure) {
        Part other = key.part().partner();
        Slot slot = figure.timing(key.part()).slots().get(key.row());
        List<Slot> theirs = figure.timing(other).slots();
        return IntStream.range(0, theirs.size())
                .filter(row -> theirs.get(row).onset().equals(slot.onset()))
                .boxed()
                .findFirst()
                .flatMap(row -> {
                    Step own = figure.chart(key.part()).steps().get(key.row());
                    Step step = figure.chart(other).steps().get(row);
                    String shorthand = Column.FOOT_POSITION.shorthand(step);
                    if (shorthand.isEmpty()
                            || Column.FOOT_POSITION.wording(own).isEmpty()
                            || own.foot().isEmpty()) {
                        return Optional.empty();
                    }
                    return Optional.of(new Question(
                            key,
                            QuestionSentences.stepTheTakesTheWhereDoes(
                                    figure.title(),
                                    (key.row() + 1),
                                    whose(key),
                                    own.foot().get().wording(),
                                    Column.FOOT_POSITION.wording(own),
                                    other.wording()),
                            List.of(),
                            new Expected.Said(
                                    figure,
                                    other,
                                    row,
                                    Column.FOOT_POSITION,
                                    shorthand,
                                    Column.FOOT_POSITION.wording(step)),
                            List.of(QuestionSentences.stepOfThe(
                                    (row + 1),
                                    other.wording(),
                                    step.foot()
                                            .map(foot -> foot.wording() + " ")
                                            .orElse(""),
                                    Column.FOOT_POSITION.wording(step)))));
                });
    }

    /** A figure that is danced in several timings has no single one. */
    private static Optional<Question> timing(QuestionKey key, Figure figure) {
        if (!figure.variants().timings().isEmpty()) {
            return Optional.empty();
        }
        String count = figure.timing(key.part()).count().toString();
        return Optional.of(new Question(
                key,
                QuestionSentences.sayTheCountOfThe(figure.title(), whose(key)),
                List.of(),
                new Expected.Counted(figure, key.part(), count),
                List.of(QuestionSentences.theIsCounted(figure.title(), count))));
    }

    private Optional<Question> name(QuestionKey key, Figure figure) {
        Random random = new Random(key.salt());
        List<RowDraft> shown = shown(figure, key.part(), NAMING);
        List<String> others = new ArrayList<>(repertoire.figures().stream()
                .filter(other -> !other.title().equals(figure.title())
                        && !shown(other, key.part(), NAMING).equals(shown))
                .map(Figure::title)
                .distinct()
                .toList());
        Collections.shuffle(others, random);
        if (others.size() < Options.OTHERS) {
            return Optional.empty();
        }
        return Optional.of(new Question(
                key,
                QuestionSentences.whichFigureIsThisAsThe(figure.dance().title(), whose(key)),
                shown,
                Options.of(figure.title(), others.subList(0, Options.OTHERS), random),
                List.of(QuestionSentences.theseAreTheStepsOfThe(figure.title()))));
    }

    /** What moves alike in both parts could not be told apart. */
    private Optional<Question> picture(QuestionKey key, Figure figure) {
        Random random = new Random(key.salt());
        List<String> others = new ArrayList<>(repertoire.figures().stream()
                .filter(other -> !other.title().equals(figure.title())
                        && !(shown(other, Part.MAN, NAMING).equals(shown(figure, Part.MAN, NAMING))
                                && shown(other, Part.LADY, NAMING).equals(shown(figure, Part.LADY, NAMING))))
                .map(Figure::title)
                .distinct()
                .toList());
        Collections.shuffle(others, random);
        if (others.size() < Options.OTHERS) {
            return Optional.empty();
        }
        return Optional.of(new Question(
                key,
                QuestionSentences.whichFigureIsDancedHere(figure.dance().title()),
                List.of(),
                Options.of(figure.title(), others.subList(0, Options.OTHERS), random),
                List.of(QuestionSentences.thatWasThe(figure.title()))));
    }

    /** Rows that look alike could change places. */
    private static Optional<Question> order(QuestionKey key, Figure figure) {
        List<RowDraft> rows = shown(figure, key.part(), ORDERING);
        if (rows.size() < FEWEST_TO_ORDER || rows.size() > MOST_TO_ORDER || new HashSet<>(rows).size() < rows.size()) {
            return Optional.empty();
        }
        List<Integer> order =
                new ArrayList<>(IntStream.range(0, rows.size()).boxed().toList());
        Collections.shuffle(order, new Random(key.salt()));
        List<RowDraft> mixed = order.stream().map(rows::get).toList();
        List<Integer> right =
                IntStream.range(0, rows.size()).mapToObj(order::indexOf).toList();
        return Optional.of(new Question(
                key,
                QuestionSentences.putTheseStepsOfTheIn(figure.title(), whose(key)),
                mixed,
                new Expected.Ordered(right),
                List.of(QuestionSentences.inOrder(new Expected.Ordered(right).wording()))));
    }

    private static List<RowDraft> shown(Figure figure, Part part, List<Column> columns) {
        return DraftWriter.write(figure).chart(part).stream()
                .map(row -> row.only(columns))
                .toList();
    }
}
