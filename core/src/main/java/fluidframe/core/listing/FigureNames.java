package fluidframe.core.listing;

import fluidframe.core.figure.Figure;
import fluidframe.core.figure.NamedTiming;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Variation;
import fluidframe.core.text.PlainText;
import fluidframe.core.text.Token;
import fluidframe.core.text.Tokens;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.lang3.StringUtils;
import org.apache.commons.text.similarity.LevenshteinDistance;

/**
 * The names of the figures of a book, by which a coach may call them: title and other names, shortened, misspelt, in
 * another order. How well a name fits is the share of the words that both have.
 */
public final class FigureNames {

    private static final Pattern MARKS = Pattern.compile("\\p{M}");

    /** What coaches shorten, word by word. */
    private static final Map<String, String> SHORT = new HashMap<>();

    private static final Set<String> SMALL = Set.of(
            "the", "on", "a", "an", "of", "with", "and", "to", "in", "from", "for", "by", "foot", "at", "into", "w");
    /** From here on two names may be meant for the same. */
    static final double LIKELY = 0.72;

    private static final double NEAR = 0.3;
    /** What a name loses whose words are said in another order. */
    private static final double OUT_OF_ORDER = 0.2;
    /** A name of which only some words are said, and nothing else, may be meant; the more of it the likelier. */
    private static final double PART_OF_NAME = 0.2;

    private static final double BEGUN = 0.9;
    private static final double MISSPELT = 0.8;
    private static final int SHORTEST_BEGINNING = 3;
    private static final int SHORTEST_MISSPELT = 4;
    private static final int LONG_WORD = 7;
    /** No name has so many words, whatever is said with it. */
    private static final int MOST_WORDS = 30;

    static {
        String[] pairs = {
            "nat",
            "natural",
            "rev",
            "reverse",
            "prom",
            "promenade",
            "pp",
            "promenade",
            "tele",
            "telemark",
            "imp",
            "impetus",
            "hes",
            "hesitation",
            "hesi",
            "hesitation",
            "prog",
            "progressive",
            "chg",
            "change",
            "chng",
            "change",
            "cl",
            "closed",
            "ny",
            "new york",
            "hth",
            ListingSentences.handToHand(),
            "sts",
            ListingSentences.shoulderToShoulder(),
            "oht",
            ListingSentences.openHipTwist(),
            "cht",
            ListingSentences.closedHipTwist(),
            "hs",
            "hockey stick",
            "ua",
            "underarm",
            "cbl",
            ListingSentences.crossBodyLead(),
            "fwd",
            "forward",
            "bk",
            "back",
            "bwd",
            "backward",
            "backwards",
            "backward",
            "forwards",
            "forward",
            "dbl",
            "double",
            "drs",
            ListingSentences.doubleReverseSpin(),
            "nst",
            ListingSentences.naturalSpinTurn(),
            "rt",
            "right",
            "lt",
            "left",
            "r",
            "right",
            "l",
            "left",
            "rf",
            "right",
            "lf",
            "left",
            "cuc",
            "cucaracha",
            "op",
            "open",
            "trn",
            "turn",
            "tn",
            "turn",
            "qtr",
            "quarter",
            "qt",
            "quarter turn",
            "sync",
            "syncopated",
            "cont",
            "contra",
            "chk",
            "check",
            "fall",
            "fallaway",
            "weav",
            "weave",
            "cha",
            "cha",
            "1",
            "one",
            "2",
            "two",
            "3",
            "three",
            "4",
            "four",
            "5",
            "five",
            "6",
            "six",
            "v",
            "volta",
            "wlk",
            "walk",
            "bf",
            "bota fogo",
            "ch",
            "chasse",
            "cpp",
            "counter promenade",
            "btb",
            "behind back",
            "lady's",
            "lady",
            "ladys",
            "lady",
            "1/4",
            "quarter",
            "1/2",
            "half",
            "3/4",
            "three quarter",
            "chas",
            "cha",
            "wd",
            "weave",
            "pivots",
            "pivot",
            "botafogo",
            "bota fogo",
            "botafogos",
            "bota fogo"
        };
        for (int i = 0; i < pairs.length; i += 2) {
            SHORT.put(pairs[i], pairs[i + 1]);
        }
    }

    /**
     * A figure and how well a name fits it.
     *
     * @param share of the words that both have, 0 to 1
     * @param matched the words of the entry that are in the figure's name
     * @param ordered whether they stand in the name's order
     */
    record Fit(Figure figure, double share, Set<Integer> matched, boolean ordered) {}

    /**
     * @param words the words of the name
     * @param variants the words of the names of its figure's variants, which say how it is danced
     */
    private record Name(Figure figure, List<String> words, Set<String> variants) {}

    private final List<Name> names = new ArrayList<>();
    /** For each word that was said the words of names that it may be, and how well it fits them. */
    private final Map<String, Map<String, Double>> likenesses = new HashMap<>();

    public FigureNames(List<Figure> figures) {
        for (Figure figure : figures) {
            Set<String> variants = variants(figure);
            Stream.concat(Stream.of(figure.title()), figure.otherNames().stream())
                    .map(FigureNames::words)
                    .filter(words -> !words.isEmpty())
                    .distinct()
                    .forEach(words -> names.add(new Name(figure, words, variants)));
        }
    }

    private static Set<String> variants(Figure figure) {
        Variants variants = figure.variants();
        return Stream.of(
                        variants.finishes().stream().map(Variation::name),
                        variants.entries().stream().map(Variation::name),
                        variants.schools().stream().map(Variation::name),
                        variants.timings().stream().map(NamedTiming::name))
                .flatMap(names -> names)
                .flatMap(name -> words(name).stream())
                .collect(Collectors.toSet());
    }

    /** The words of a name, in full and without small ones. */
    static List<String> words(String text) {
        String plain = MARKS.matcher(Normalizer.normalize(PlainText.ofLine(text).text(), Normalizer.Form.NFD))
                .replaceAll("");
        List<String> words = new ArrayList<>();
        for (Token token : Tokens.of(plain)) {
            for (String word : StringUtils.split(inFull(token.word()), " ")) {
                String single = word.length() > SHORTEST_MISSPELT
                                && word.endsWith("s")
                                && !word.endsWith("ss")
                                && !word.endsWith("us")
                        ? word.substring(0, word.length() - 1)
                        : word;
                if (!SMALL.contains(single) && Character.isLetterOrDigit(single.charAt(0))) {
                    words.add(single);
                }
            }
        }
        return words;
    }

    /** A short name may stand for several of its kind: "NYs". */
    private static String inFull(String word) {
        boolean several = !SHORT.containsKey(word) && word.length() > 2 && word.endsWith("s");
        return several
                ? SHORT.getOrDefault(word.substring(0, word.length() - 1), word)
                : SHORT.getOrDefault(word, word);
    }

    /** Whether somebody who types so much may look for one of these names, however it is shortened or misspelt. */
    public static boolean mayBe(List<String> names, String typed) {
        List<String> words = words(typed);
        return !words.isEmpty()
                && names.stream()
                        .map(FigureNames::words)
                        .anyMatch(name -> words.stream()
                                .allMatch(word -> name.stream()
                                        .anyMatch(each -> each.startsWith(word) || likeness(word, each) > 0)));
    }

    /** The figures that a name may mean, the best first; each once. */
    List<Fit> fitting(List<String> said, Set<String> modifiers) {
        if (said.size() > MOST_WORDS) {
            return List.of();
        }
        Map<Figure, Fit> best = new LinkedHashMap<>();
        List<Map<String, Double>> likely = said.stream().map(this::likenesses).toList();
        for (Name name : names) {
            Fit fit = fit(name, said, likely, modifiers);
            if (fit.share() >= NEAR) {
                best.merge(name.figure(), fit, (one, other) -> one.share() >= other.share() ? one : other);
            }
        }
        return best.values().stream()
                .sorted(Comparator.comparingDouble(Fit::share).reversed())
                .toList();
    }

    private Map<String, Double> likenesses(String said) {
        return likenesses.computeIfAbsent(
                said,
                asked -> names.stream()
                        .flatMap(name -> name.words().stream())
                        .distinct()
                        .filter(word -> likeness(asked, word) > 0)
                        .collect(Collectors.toMap(Function.identity(), word -> likeness(asked, word))));
    }

    /** Words that say how it is danced do not count against a name that lacks them. */
    private static Fit fit(Name name, List<String> said, List<Map<String, Double>> likely, Set<String> modifiers) {
        Set<Integer> matched = new LinkedHashSet<>();
        double sum = 0;
        for (String word : name.words()) {
            int at = -1;
            double like = 0;
            for (int i = 0; i < said.size(); i++) {
                double likeness = matched.contains(i) ? 0 : likely.get(i).getOrDefault(word, 0.0);
                if (likeness > like) {
                    like = likeness;
                    at = i;
                }
            }
            if (at >= 0) {
                matched.add(at);
                sum += like;
            }
        }
        long others = IntStream.range(0, said.size())
                .filter(i -> !matched.contains(i)
                        && !modifiers.contains(said.get(i))
                        && !name.variants().contains(said.get(i)))
                .count();
        double share = 2 * sum / (name.words().size() + matched.size() + others);
        boolean wholly = others == 0 && !matched.isEmpty();
        int stray = matched.size() - inOrder(List.copyOf(matched));
        double ordered = share * (1 - OUT_OF_ORDER * stray / Math.max(1, matched.size()));
        return new Fit(
                name.figure(),
                wholly ? Math.max(ordered, LIKELY + PART_OF_NAME * ordered) : ordered,
                matched,
                stray == 0);
    }

    /** How many of the places can stand one after another as they are. */
    private static int inOrder(List<Integer> places) {
        int[] longest = new int[places.size()];
        for (int i = 0; i < longest.length; i++) {
            longest[i] = 1;
            for (int j = 0; j < i; j++) {
                longest[i] = places.get(j) < places.get(i) ? Math.max(longest[i], longest[j] + 1) : longest[i];
            }
        }
        return Arrays.stream(longest).max().orElse(0);
    }

    private static double likeness(String said, String word) {
        if (said.equals(word)) {
            return 1;
        }
        if (said.length() >= SHORTEST_BEGINNING && word.startsWith(said)) {
            return BEGUN;
        }
        int most = word.length() >= LONG_WORD ? 2 : 1;
        boolean near = said.length() >= SHORTEST_MISSPELT
                && word.length() >= SHORTEST_MISSPELT
                && Math.abs(said.length() - word.length()) <= most
                && new LevenshteinDistance(most).apply(said, word) >= 0;
        return near ? MISSPELT : 0;
    }
}
