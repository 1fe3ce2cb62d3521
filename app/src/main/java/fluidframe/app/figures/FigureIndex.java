package fluidframe.app.figures;

import fluidframe.app.storage.Changes;
import fluidframe.app.storage.Edition;
import fluidframe.core.listing.FigureNames;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Which figures there are in a studio, in the order of lists: by dance, the easiest first, then by title. */
final class FigureIndex {

    private final Changes.Count asOf;
    private final Map<String, Entry> byId = new LinkedHashMap<>();
    private final Map<String, List<Entry>> byDance = new LinkedHashMap<>();

    /** @param asOf how far things had changed when the rows were read */
    FigureIndex(Changes.Count asOf, List<FigureRow> rows) {
        this.asOf = asOf;
        for (FigureRow row : rows) {
            Entry entry = new Entry(row.edition(asOf.era()), row.summary());
            byId.put(row.slug(), entry);
            byDance.computeIfAbsent(row.dance(), added -> new ArrayList<>()).add(entry);
        }
    }

    private record Entry(Edition edition, FigureSummary summary) {}

    Changes.Count asOf() {
        return asOf;
    }

    List<Edition> editions(Collection<String> ids) {
        return ids.stream()
                .distinct()
                .map(byId::get)
                .filter(Objects::nonNull)
                .map(Entry::edition)
                .toList();
    }

    Map<String, FigureSummary> summariesOfDance(String dance) {
        return ofDance(dance).map(Entry::summary).collect(Collectors.toMap(FigureSummary::id, Function.identity()));
    }

    /** The titles of those with findings that say that they cannot be danced. */
    List<String> unsound(Collection<String> ids) {
        return ids.stream()
                .distinct()
                .map(byId::get)
                .filter(Objects::nonNull)
                .map(Entry::summary)
                .filter(figure -> figure.errors() > 0)
                .map(FigureSummary::title)
                .toList();
    }

    List<Edition> editionsOfDance(String dance) {
        return ofDance(dance).map(Entry::edition).toList();
    }

    /** Where no figure is called so, a dance or level that is named among the words is taken as asked for. */
    FigureListing search(FigureSearch search) {
        List<FigureSummary> called = sought(search);
        return new FigureListing(
                asOf, called.isEmpty() ? search.saidInWords().map(this::sought).orElse(called) : called);
    }

    private List<FigureSummary> sought(FigureSearch search) {
        Stream<Entry> sought = search.dance().isEmpty() ? byId.values().stream() : ofDance(search.dance());
        String words = search.words().toLowerCase(Locale.ROOT);
        return sought.map(Entry::summary)
                .filter(figure -> is(search.level(), figure.level())
                        && is(search.position(), figure.entry().position())
                        && is(search.foot(), figure.entry().foot())
                        && (search.facing().isEmpty()
                                || figure.entry().facings().stream()
                                        .anyMatch(facing -> facing.name().equals(search.facing())))
                        && isCalled(figure, words))
                .sorted(Comparator.comparingInt(figure -> words.isEmpty() ? 0 : distance(figure, words)))
                .toList();
    }

    /**
     * The figure that is called exactly so comes first, then those whose name begins so; the others as lists have them.
     */
    private static int distance(FigureSummary figure, String words) {
        return names(figure)
                .map(name -> name.toLowerCase(Locale.ROOT))
                .mapToInt(name -> name.equals(words) ? 0 : name.startsWith(words) ? 1 : 2)
                .min()
                .orElse(2);
    }

    private static Stream<String> names(FigureSummary figure) {
        return Stream.concat(Stream.of(figure.title()), figure.otherNames().stream());
    }

    private static boolean isCalled(FigureSummary figure, String words) {
        List<String> names = names(figure).toList();
        return names.stream().anyMatch(name -> name.toLowerCase(Locale.ROOT).contains(words))
                || FigureNames.mayBe(names, words);
    }

    private Stream<Entry> ofDance(String dance) {
        return byDance.getOrDefault(dance, List.of()).stream();
    }

    private static boolean is(String asked, String found) {
        return asked.isEmpty() || asked.equals(found);
    }
}
