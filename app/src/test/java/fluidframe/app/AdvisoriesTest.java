package fluidframe.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Nothing is shipped of which the list in the documentation says that it has been mended since. */
class AdvisoriesTest {

    private static final JsonMapper JSON = JsonMapper.shared();

    private record Component(String name, String version) {}

    /** The libraries of the program, and of what its pages are made of and with. */
    private static List<Component> shipped() throws IOException {
        List<Component> shipped = new ArrayList<>();
        try (InputStream bill = AdvisoriesTest.class.getResourceAsStream("/META-INF/sbom/application.cdx.json")) {
            JSON.readTree(bill)
                    .path("components")
                    .forEach(each -> shipped.add(new Component(
                            each.path("group").asString("") + ":"
                                    + each.path("name").asString(),
                            each.path("version").asString(""))));
        }
        JsonNode packages = JSON.readTree(Files.readString(Path.of("..", "web", "package-lock.json")))
                .path("packages");
        packages.properties().stream()
                .filter(each -> each.getKey().contains("node_modules/"))
                .forEach(each -> shipped.add(new Component(
                        "npm:"
                                + each.getKey()
                                        .substring(
                                                each.getKey().lastIndexOf("node_modules/") + "node_modules/".length()),
                        each.getValue().path("version").asString(""))));
        return shipped;
    }

    @Test
    void nothingIsShippedThatHasBeenMendedSince() throws IOException {
        List<Component> shipped = shipped();
        assertThat(shipped)
                .extracting(Component::name)
                .contains("com.h2database:h2", "org.apache.tomcat.embed:tomcat-embed-core", "npm:svelte");
        List<String> found = new ArrayList<>();
        for (JsonNode advisory : JSON.readTree(Files.readString(Path.of("..", "docs", "advisories.json")))
                .path("advisories")) {
            shipped.stream()
                    .filter(each -> each.name().equals(advisory.path("package").asString())
                            && isBefore(
                                    each.version(), advisory.path("mendedIn").asString()))
                    .forEach(each -> found.add(each + ": " + advisory.path("id").asString() + ", "
                            + advisory.path("what").asString()));
        }
        assertThat(found).isEmpty();
    }

    /** What is not needed is not shipped. */
    @Test
    void whatNothingAsksForIsLeftOut() throws IOException {
        assertThat(shipped())
                .extracting(Component::name)
                .doesNotContain(
                        "dk.brics.automaton:automaton",
                        "org.ehcache:sizeof",
                        "org.apache.tomcat.embed:tomcat-embed-websocket");
    }

    @ParameterizedTest
    @CsvSource({
        "1.9.9, 1.10.0, true",
        "2.0, 2.0.0, false",
        "2.12.6, 2.12.6.1, true",
        "11.0.22, 11.0.8, false",
        "3.0.0-rc.1, 3.0.1, true"
    })
    void versionsAreInOrder(String one, String other, boolean before) {
        assertThat(isBefore(one, other)).isEqualTo(before);
    }

    private static boolean isBefore(String one, String other) {
        List<Integer> first = numbers(one);
        List<Integer> second = numbers(other);
        for (int i = 0; i < Math.max(first.size(), second.size()); i++) {
            int difference = (i < first.size() ? first.get(i) : 0) - (i < second.size() ? second.get(i) : 0);
            if (difference != 0) {
                return difference < 0;
            }
        }
        return false;
    }

    private static List<Integer> numbers(String version) {
        return Stream.of(version.split("[-+]")[0].split("\\."))
                .flatMap(part -> Arrays.stream(part.split("\\D")))
                .filter(part -> !part.isEmpty())
                .map(Integer::valueOf)
                .toList();
    }
}
