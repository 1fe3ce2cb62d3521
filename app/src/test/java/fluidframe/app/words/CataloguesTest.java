package fluidframe.app.words;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.lang3.StringUtils;
import org.junit.jupiter.api.Test;

/** Everything that core and app say to people stands in the catalogues, in words that coaches use, and is said. */
class CataloguesTest {

    private static final List<String> MODULES = List.of("core", "app");
    private static final int LONGEST_SENTENCE = 28;
    /** Words that coaches do not use for what a program does; the plain word stands for each. */
    private static final Pattern FORBIDDEN =
            Pattern.compile("(?i)\\b(reckon\\w*|wished|mends?|unkept|called so|it would go|meant so|throw(n|ing)? away"
                    + "|let(s)? in|laid by|lays? nothing|looking for|begin again|nothing yet|write (it|them) down"
                    + "|meanwhile|anew|therein|thereof|whither)\\b");

    private static final Pattern PARTS = Pattern.compile("(?i)\\b(man|men|lady|ladies|he|she|his|her|him|hers)\\b");
    /** What is typed and sent keeps its names, and so does what says what may be. */
    private static final List<String> KEYS_OF_PARTS = List.of(
            "core/notation.aPlaceInTheFigureSuch",
            "core/practice.whatWasPractisedSuchAsFigure",
            "core/question.theKeyOfAQuestionSuch",
            "core/couple.manLadyOrLeaderFollower",
            "app/sounds.manOrLady",
            "app/questions.manOrLady",
            "app/routines.manOrLady",
            "app/people.manLadyOrEither",
            "app/exchange.manOrLady",
            "app/tellings.manOrLady",
            "app/drills.manOrLady");

    private static final Pattern NAMED = Pattern.compile("(?<=\\{)\\w+(?=[,}])");
    private static final Pattern VALUE = Pattern.compile("\\{\\w+}");
    private static final Pattern CHOICES = Pattern.compile("\\{\\w+, (?:select|plural),|[\\w=]+ \\{");
    private static final Pattern SENTENCE_END = Pattern.compile("[.?!:;](?:\\s|$)");
    private static final Pattern SPACE = Pattern.compile("\\s+");
    private static final Pattern LETTER = Pattern.compile("[A-Za-z]");

    private record Message(String module, String area, String key, String text) {

        boolean isVariant() {
            return area.contains("_");
        }

        String place() {
            return module + "/" + StringUtils.substringBefore(area, "_") + "." + key;
        }

        boolean namesManOrLady() {
            return PARTS.matcher(NAMED.matcher(text.replace("MAN {", "{")).replaceAll(""))
                    .find();
        }

        @Override
        public String toString() {
            return module + "/" + area + ": " + key + " = " + text;
        }
    }

    @Test
    void noMessageUsesWordsThatCoachesDoNot() {
        assertThat(messages()
                        .filter(message -> FORBIDDEN
                                .matcher(VALUE.matcher(message.text()).replaceAll(""))
                                .find()))
                .isEmpty();
    }

    @Test
    void sentencesAreShort() {
        assertThat(messages()
                        .filter(message -> SENTENCE_END
                                .splitAsStream(CHOICES.matcher(
                                                VALUE.matcher(message.text()).replaceAll("value"))
                                        .replaceAll(". "))
                                .anyMatch(sentence -> words(sentence) > LONGEST_SENTENCE)))
                .isEmpty();
    }

    @Test
    void everyMessageIsSaid() {
        assertThat(messages().filter(message -> !said(message))).isEmpty();
    }

    @Test
    void everySentenceThatNamesManOrLadyNamesLeaderAndFollowerForWhoeverCallsThemSo() {
        Map<String, String> leader =
                messages().filter(Message::isVariant).collect(Collectors.toMap(Message::place, Message::text));
        assertThat(messages()
                        .filter(message -> !message.isVariant() && message.namesManOrLady())
                        .map(Message::place)
                        .filter(place -> !leader.containsKey(place)))
                .containsExactlyInAnyOrderElementsOf(KEYS_OF_PARTS);
        assertThat(messages().filter(Message::isVariant).filter(Message::namesManOrLady))
                .isEmpty();
        messages()
                .filter(message -> !message.isVariant() && leader.containsKey(message.place()))
                .forEach(message -> assertThat(values(leader.get(message.place())))
                        .as(message.place())
                        .isEqualTo(values(message.text())));
    }

    private static Set<String> values(String text) {
        MessagePattern pattern = new MessagePattern(text);
        return IntStream.range(0, pattern.countParts())
                .mapToObj(pattern::getPart)
                .filter(part -> part.getType() == MessagePattern.Part.Type.ARG_NAME)
                .map(pattern::getSubstring)
                .collect(Collectors.toSet());
    }

    @Test
    void everySentenceStandsInACatalogue() {
        List<String> outside = new ArrayList<>();
        MODULES.forEach(module -> SentencesOutside.in(sources(module)).forEach(outside::add));
        assertThat(outside).isEmpty();
    }

    private static long words(String sentence) {
        return SPACE.splitAsStream(sentence)
                .filter(word -> LETTER.matcher(word).find())
                .count();
    }

    private static boolean said(Message message) {
        Path folder = sources(message.module()).resolve("fluidframe").resolve(message.module());
        String area = StringUtils.substringBefore(message.area(), "_");
        String sentences = StringUtils.capitalize(area) + "Sentences";
        String code = read(folder.resolve(area));
        return code.contains(sentences + "." + message.key() + "(")
                || code.contains(sentences + "::" + message.key() + ")");
    }

    private static String read(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.filter(Files::isRegularFile).map(CataloguesTest::text).collect(Collectors.joining("\n"));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Stream<Message> messages() {
        return MODULES.stream().flatMap(CataloguesTest::messages);
    }

    private static Stream<Message> messages(String module) {
        Path folder = Path.of("..", module, "src/main/resources/sentences", module);
        List<Message> messages = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Properties catalogue = new Properties();
                try (Reader reader = Files.newBufferedReader(file)) {
                    catalogue.load(reader);
                }
                String area = file.getFileName().toString().replace(".properties", "");
                catalogue
                        .stringPropertyNames()
                        .forEach(key -> messages.add(new Message(module, area, key, catalogue.getProperty(key))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return messages.stream();
    }

    private static Path sources(String module) {
        return Path.of("..", module, "src/main/java");
    }
}
