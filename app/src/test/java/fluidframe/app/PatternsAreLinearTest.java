package fluidframe.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchCondition;
import java.lang.reflect.Field;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/**
 * Whatever anybody types, a text twice as long makes no pattern look at more than twice as many letters. What matters
 * is how often it looks, which no machine changes.
 */
class PatternsAreLinearTest {

    private static final List<String> SHAPES = List.of(
            " ", "1", "a", "1/4 ", "1 x ", "1/", "½", "½ ", "a ", "a-", "- ", " -", "-", "1-", "1 - ", "1+", "1, ", ",",
            "(", "( ", "[", ")", ". ", ".", "S Q ", "sq", "L ", "@ 1/2 ", "as ", "to ", "\t", "\u00a0", "\u0301", "é",
            "and ", "x", "#", "= ", "/", "'", "\"", "~", ":", "bars ", "\n", "\n ");
    private static final List<String> BEFORE =
            List.of("", "1/4", "as ", "body less", "verse 1", "[", "\"", "left hand ");
    private static final List<String> AFTER = List.of("", "x", "1");
    private static final int LETTERS = 240;
    private static final double MOST_GROWTH = 2.3;
    /** More than a pattern needs that tries a bounded stretch from every letter. */
    private static final long MOST_LOOKS_A_LETTER = 2_000;

    private static final JavaClasses PROGRAM = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("fluidframe");

    private static boolean compilesNone(JavaMethod method) {
        return method.getMethodCallsFromSelf().stream()
                        .noneMatch(call -> call.getTargetOwner().isEquivalentTo(Pattern.class)
                                && call.getName().equals("compile"))
                || method.getReturnType().toErasure().isEquivalentTo(Pattern.class);
    }

    private static List<Pattern> patterns() {
        return PROGRAM.stream()
                .flatMap(each -> each.getFields().stream())
                .filter(field -> field.getRawType().isEquivalentTo(Pattern.class))
                .map(PatternsAreLinearTest::value)
                .toList();
    }

    private static Pattern value(JavaField declared) {
        try {
            Field field = declared.reflect();
            field.setAccessible(true);
            return (Pattern) field.get(null);
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }

    /** So that the sweep sees every pattern there is. */
    @Test
    void everyPatternIsAConstant() {
        noClasses()
                .should()
                .callMethod(String.class, "matches", String.class)
                .orShould()
                .callMethod(String.class, "replaceAll", String.class, String.class)
                .orShould()
                .callMethod(String.class, "replaceFirst", String.class, String.class)
                .check(PROGRAM);
        methods()
                .should(ArchCondition.from(
                        DescribedPredicate.describe("compile no pattern", PatternsAreLinearTest::compilesNone)))
                .check(PROGRAM);
    }

    @Test
    void twiceTheTextTakesTwiceTheLooks() {
        List<Pattern> patterns = patterns();
        assertThat(patterns).hasSizeGreaterThan(60);
        assertThat(patterns.stream().flatMap(pattern -> slowest(pattern).map(text -> pattern + " on " + text).stream()))
                .isEmpty();
    }

    /** The sweep itself finds what it is there for. */
    @Test
    void aPatternThatTriesEveryEndFromEveryBeginningIsFound() {
        assertThat(slowest(Pattern.compile("[a-z ]+\\s*R"))).isPresent();
        assertThat(slowest(Pattern.compile("(a+)+b"))).isPresent();
        assertThat(slowest(Pattern.compile("[a-z]{1,9} ?R"))).isEmpty();
    }

    private static Optional<String> slowest(Pattern pattern) {
        for (String shape : SHAPES) {
            for (String before : BEFORE) {
                for (String after : AFTER) {
                    String text = shape.repeat(LETTERS / shape.length());
                    if (looks(pattern, before + text + text + after)
                            > MOST_GROWTH * looks(pattern, before + text + after) + LETTERS) {
                        return Optional.of("\"" + before + "\" + many \"" + shape + "\" + \"" + after + "\"");
                    }
                }
            }
        }
        return Optional.empty();
    }

    private static long looks(Pattern pattern, String text) {
        CountedText counted = new CountedText(text, MOST_LOOKS_A_LETTER * text.length());
        try {
            pattern.matcher(counted).matches();
            Matcher finding = pattern.matcher(counted);
            while (finding.find()) {
                assertThat(finding.end()).isLessThanOrEqualTo(text.length());
            }
            return counted.looks();
        } catch (CountedText.TooManyLooksException | StackOverflowError e) {
            return Long.MAX_VALUE;
        }
    }
}
