package fluidframe.core.listing;

import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.NamedTiming;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.Variation;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Ways;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Item;
import fluidframe.core.listing.FigureNames.Fit;
import fluidframe.core.routine.Section;
import fluidframe.core.text.Fraction;
import fluidframe.core.text.PlainText;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.lang3.StringUtils;

/**
 * Reads a list of figures as coaches keep it, line by line or run together: shortened and misspelt names, parts,
 * repeats, finishes, corners, sections, bars noted beside. A name with several meanings is not decided, and one that
 * means nothing is a gap in its place.
 */
public final class ListingReader {

    /** Longer than the list of any routine. */
    public static final int MOST_LETTERS = 20_000;

    public static final int MOST_ENTRIES = 200;

    private static final int MOST_CHOICES = 5;
    private static final int MOST_TIMES = 8;
    /** Between the best and the next, so that the best is meant. */
    private static final double MARGIN = 0.12;

    private static final double EXACT = 0.97;

    private static final Pattern LINE = Pattern.compile("\n");
    private static final Pattern HEADING_MARKS = Pattern.compile("[\\[\\]#=*:()]");
    private static final Pattern NUMBERING = Pattern.compile("^ ?(?:\\d{1,3} ?[.)](?= )|[-–—•*·] ) ?");
    private static final Pattern BARS = Pattern.compile(
            "[(\\[]? ?(?<![\\w.,])(\\d{1,3}(?:[.,]5| ?½| 1/2)?|½) ?bars?(?!\\w) ?[)\\]]?", Pattern.CASE_INSENSITIVE);
    private static final Pattern CORNER =
            Pattern.compile("[\\[(]? ?(?<!\\w)corner(?!\\w) ?[\\])]?|[↰⟲]", Pattern.CASE_INSENSITIVE);
    private static final Pattern CORNER_BEFORE =
            Pattern.compile("[\\[(]? ?(?<!\\w)corner(?: before| first)? ?[\\])]?", Pattern.CASE_INSENSITIVE);
    private static final Pattern AS_BEFORE =
            Pattern.compile("^ ?(?:same as|as|repeat|like) (.{1,40}?) ?$", Pattern.CASE_INSENSITIVE);
    private static final Pattern TIMES = Pattern.compile(
            "(?<![\\d–-])[x×] ?(\\d{1,2})(?!\\w)|(?<!\\w)(\\d{1,2}) ?[x×](?= |$|[,;)])|(?<!\\w)(\\d{1,2}|two|three|four|five|six) times(?!\\w)|(?<!\\w)(twice)(?!\\w)|\\(([2-9])\\) ?$",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern SEVERAL = Pattern.compile("^([2-9]) (\\D.*s)$");
    private static final Pattern PART = Pattern.compile(
            "[(\\[]? ?(?:steps? ?)?(?<!\\w)(\\d{1,2}) ?(?:-|–|—|to) ?(\\d{1,2})(?!\\w)(?: ?of)? ?[)\\]]?",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern HALF =
            Pattern.compile("(?<!\\w)(first|1st|second|2nd) (?:half|part)(?: of)?(?!\\w)", Pattern.CASE_INSENSITIVE);
    private static final Pattern SECTION = Pattern.compile(
            "^ ?[\\[#=*]*+ ?((?:(?:long|short|first|second|third|fourth|1st|2nd|3rd|4th) side|verse|chorus|intro(?:duction)?|bridge|break|ending|opening|section|part|phrase|side)(?!\\w)[^:,;>→]{0,30}?|[A-Z]|[^:,;>→]{1,40}(?=:)) ?[\\]#=*]{0,8} ?:? ?$",
            Pattern.CASE_INSENSITIVE);
    /** Words that are a heading, however near the name of a figure comes to them: a verse is no reverse. */
    private static final Pattern SECTION_WORD = Pattern.compile(
            "^\\W*+(?:verse|chorus|refrain|intro|introduction|bridge|section|phrase|part)(?!\\w)",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern SECTION_BEFORE = Pattern.compile("^ ?([^:,;>→\\[\\]]{1,40}): (?=\\S)");
    private static final Pattern SEPARATOR = Pattern.compile(
            " ?(?:->|=>|→|⇒|>|;|\\+) ?|(?<!\\d) [-–—] (?!\\d)| ?, ?| / | ?(?:/{2,}+|\\|) ?| then ",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ELEMENT = Pattern.compile(
            "^(hold|tap|replace|check|walk|walks|walk round|round|bow|pose|pause|wait)(?: for)?(?: (\\d{1,3}))?(?: (?:beats?|counts?|steps?))?$",
            Pattern.CASE_INSENSITIVE);
    /** Words that say how a figure is danced, not which. */
    private static final Set<String> MODIFIERS = Set.of(
            "under",
            "over",
            "turned",
            "underturned",
            "overturned",
            "ended",
            "ending",
            "end",
            "finished",
            "dc",
            "dw",
            "lod",
            "danced",
            "ordinary",
            "normal",
            "standard",
            "again",
            "repeat");

    private final PlainText plain;
    private final String text;
    private final Dance dance;
    private final FigureNames names;
    private final List<ListedEntry> entries = new ArrayList<>();
    private Optional<String> title = Optional.empty();
    private Optional<Section> section = Optional.empty();

    private ListingReader(String text, Dance dance, List<Figure> book) {
        this.plain = PlainText.ofLines(text.substring(0, Math.min(text.length(), MOST_LETTERS)));
        this.text = plain.text();
        this.dance = dance;
        this.names = new FigureNames(book);
    }

    /**
     * @param text what is listed; of more than {@value #MOST_LETTERS} letters or {@value #MOST_ENTRIES} entries the
     *     first
     * @param book the figures of the dance
     */
    public static RoutineListing read(String text, Dance dance, List<Figure> book) {
        ListingReader reader = new ListingReader(text, dance, book);
        int from = 0;
        for (String line : LINE.split(reader.text, -1)) {
            Stopping.check();
            if (reader.entries.size() < MOST_ENTRIES) {
                reader.line(line, from);
            }
            from += line.length() + 1;
        }
        return new RoutineListing(
                reader.title,
                reader.entries.stream()
                        .limit(MOST_ENTRIES)
                        .map(entry -> entry.in(reader.plain))
                        .toList());
    }

    private record Piece(String text, int from) {}

    private void line(String line, int offset) {
        if (line.isBlank()) {
            return;
        }
        Matcher numbering = NUMBERING.matcher(line);
        int begin = numbering.find() ? numbering.end() : 0;
        String rest = line.substring(begin);
        int from = offset + begin;
        Matcher heading = SECTION.matcher(rest);
        if (heading.matches() && isHeading(rest)) {
            String name = heading.group(1);
            Matcher corner = CORNER_BEFORE.matcher(name);
            if (corner.find()) {
                turnCorner();
                name = corner.replaceAll(" ");
            }
            section = Optional.of(section(name));
            return;
        }
        Matcher before = SECTION_BEFORE.matcher(rest);
        if (before.find() && isHeading(before.group(1))) {
            section = Optional.of(section(before.group(1)));
            from += before.end();
            rest = rest.substring(before.end());
        }
        if (readAgain(rest, from)) {
            return;
        }
        List<Piece> pieces = pieces(rest, from);
        boolean names = entries.isEmpty()
                && title.isEmpty()
                && isTitle(rest)
                && pieces.stream()
                        .allMatch(piece -> best(piece.text())
                                .filter(fit -> fit.share() >= FigureNames.LIKELY)
                                .isEmpty());
        if (names) {
            title = Optional.of(rest.strip());
            return;
        }
        pieces.forEach(this::entry);
    }

    private boolean isHeading(String said) {
        double leastOfFigure = SECTION_WORD.matcher(said).find() ? EXACT : FigureNames.LIKELY;
        return best(bare(said)).filter(fit -> fit.share() >= leastOfFigure).isEmpty();
    }

    /** The first line is a title if it speaks of the routine or the dance. */
    private boolean isTitle(String line) {
        String plain = line.toLowerCase(Locale.ROOT);
        return Stream.of(
                        "routine",
                        "choreo",
                        "programme",
                        "program",
                        dance.title().toLowerCase(Locale.ROOT))
                .anyMatch(plain::contains);
    }

    private static Section section(String heading) {
        Matcher times = TIMES.matcher(heading);
        int danced = times.find() ? times(times) : 1;
        String name = HEADING_MARKS
                .matcher(times.reset().replaceAll(""))
                .replaceAll(" ")
                .strip();
        return new Section(name.isEmpty() ? heading.strip() : name, Math.min(Math.max(danced, 1), Section.MOST_TIMES));
    }

    private static int times(Matcher times) {
        String number = Stream.of(times.group(1), times.group(2), times.group(3), times.group(5))
                .filter(java.util.Objects::nonNull)
                .findFirst()
                .orElse("2");
        List<String> words = List.of("two", "three", "four", "five", "six");
        int word = words.indexOf(number.toLowerCase(Locale.ROOT));
        return word >= 0 ? word + 2 : Integer.parseInt(number);
    }

    /** What separators part, unless two pieces together are the name of a figure. */
    private List<Piece> pieces(String line, int offset) {
        List<Piece> pieces = new ArrayList<>();
        Matcher separator = SEPARATOR.matcher(line);
        int begin = 0;
        while (pieces.size() < MOST_ENTRIES && separator.find()) {
            add(line, begin, separator.start(), offset, pieces);
            begin = separator.end();
        }
        add(line, begin, line.length(), offset, pieces);
        for (int i = 0; i + 1 < pieces.size(); i++) {
            Stopping.check();
            Piece one = pieces.get(i);
            Piece other = pieces.get(i + 1);
            String both = text.substring(one.from(), other.from() + other.text().length());
            double together = best(bare(both)).map(Fit::share).orElse(0.0);
            if (together >= EXACT
                    && together > best(bare(one.text())).map(Fit::share).orElse(0.0)) {
                pieces.set(i, new Piece(both, one.from()));
                pieces.remove(i + 1);
            }
        }
        return pieces;
    }

    /** Without what stands beside a name. */
    private static String bare(String said) {
        return Stream.of(BARS, CORNER, TIMES)
                .reduce(said, (rest, pattern) -> pattern.matcher(rest).replaceAll(" "), (one, other) -> other);
    }

    private static void add(String line, int begin, int end, int offset, List<Piece> pieces) {
        String piece = line.substring(begin, end);
        if (!piece.isBlank()) {
            int blanks = piece.length() - piece.stripLeading().length();
            pieces.add(new Piece(piece.strip(), offset + begin + blanks));
        }
    }

    private Optional<Fit> best(String said) {
        return names.fitting(FigureNames.words(said), Set.of()).stream().findFirst();
    }

    /** After what was listed last. */
    private void turnCorner() {
        if (!entries.isEmpty()) {
            entries.set(entries.size() - 1, entries.get(entries.size() - 1).withCornerAfter(true));
        }
    }

    /**
     * "Verse 2: as verse 1": what was listed under that heading once more; whether a corner follows is a matter of its
     * new place.
     */
    private boolean readAgain(String line, int from) {
        Matcher again = AS_BEFORE.matcher(line);
        if (!again.matches()) {
            return false;
        }
        int begin = IntStream.range(0, entries.size())
                .filter(i -> entries.get(i)
                        .section()
                        .filter(named ->
                                named.title().equalsIgnoreCase(again.group(1).strip()))
                        .isPresent())
                .findFirst()
                .orElse(-1);
        if (begin < 0) {
            return false;
        }
        int end = IntStream.range(begin + 1, entries.size())
                .filter(i -> entries.get(i).section().isPresent())
                .findFirst()
                .orElse(entries.size());
        List<ListedEntry> danced = List.copyOf(entries.subList(begin, end));
        for (int i = 0; i < danced.size(); i++) {
            boolean last = i == danced.size() - 1;
            entries.add(danced.get(i)
                    .with()
                    .from(from)
                    .to(from + line.length())
                    .section(section)
                    .cornerAfter(danced.get(i).cornerAfter() && !last)
                    .build());
            section = Optional.empty();
        }
        return true;
    }

    private void entry(Piece piece) {
        Stopping.check();
        String said = piece.text();
        Matcher corner = CORNER.matcher(said);
        boolean cornerAfter = false;
        if (corner.find()) {
            boolean first = said.substring(0, corner.start()).isBlank();
            cornerAfter = !first || corner.find();
            said = corner.reset().replaceAll(" ").strip();
            if (first) {
                turnCorner();
            }
        }
        List<String> remarks = new ArrayList<>();
        Matcher bars = BARS.matcher(said);
        Optional<Fraction> length = Optional.empty();
        if (bars.find()) {
            length = Optional.of(
                    Fraction.parse(bars.group(1).replace(",5", " 1/2").replace(".5", " 1/2")));
            said = bars.reset().replaceFirst(" ").strip();
        }
        Matcher repeats = TIMES.matcher(said);
        int times = 1;
        if (repeats.find()) {
            times = Math.min(Math.max(times(repeats), 1), MOST_TIMES);
            said = repeats.reset().replaceFirst(" ").strip();
        }
        Matcher several = SEVERAL.matcher(said);
        if (times == 1
                && several.find()
                && best(several.group(2)).map(Fit::share).orElse(0.0)
                        > best(said).map(Fit::share).orElse(0.0)) {
            times = Math.min(Integer.parseInt(several.group(1)), MOST_TIMES);
            said = several.group(2);
        }
        said = StringUtils.strip(said, "()[] ");
        if (said.isEmpty()) {
            return;
        }
        ListedEntry entry = new ListedEntry(
                piece.from(),
                piece.from() + piece.text().length(),
                piece.text(),
                Optional.empty(),
                List.of(),
                times,
                cornerAfter,
                section,
                remarks);
        section = Optional.empty();
        entries.add(read(entry, said, length));
    }

    private ListedEntry read(ListedEntry entry, String said, Optional<Fraction> length) {
        Optional<Element> element = element(said);
        if (element.isPresent()) {
            return entry.withItem(Optional.of(element.get()));
        }
        Matcher part = PART.matcher(said);
        Matcher half = HALF.matcher(said);
        boolean parted = part.find();
        boolean halved = !parted && half.find();
        String name = parted
                ? part.reset().replaceFirst(" ").strip()
                : halved ? half.reset().replaceFirst(" ").strip() : said;
        List<String> words = FigureNames.words(name);
        List<Fit> fits = names.fitting(words, MODIFIERS);
        if (fits.isEmpty()) {
            return entry;
        }
        double best = fits.get(0).share();
        List<Fit> likely = fits.stream()
                .filter(fit -> fit.share() >= Math.max(FigureNames.LIKELY, best - MARGIN)
                        && (fit.ordered() || !fits.get(0).ordered()))
                .toList();
        List<String> remarks = new ArrayList<>(entry.remarks());
        List<Dancing> choices = new ArrayList<>();
        for (Fit fit : likely.isEmpty() ? fits.stream().limit(MOST_CHOICES).toList() : likely) {
            Way way = way(
                    fit,
                    words,
                    parted ? part(fit.figure(), said) : halved ? half(fit.figure(), said) : Optional.empty(),
                    choices.isEmpty() ? remarks : new ArrayList<>(),
                    halved || parted && !isWhole(fit.figure(), said));
            choices.add(dancing(fit.figure(), way));
        }
        boolean sure = likely.size() == 1
                || !likely.isEmpty() && best >= EXACT && likely.get(1).share() < EXACT;
        ListedEntry known = entry.withChoices(
                choices.stream().distinct().limit(MOST_CHOICES).toList());
        if (!sure) {
            return known;
        }
        return repeated(known, choices.get(0), length, remarks);
    }

    /** As often as its unit allows by itself, else one after another. */
    private static ListedEntry repeated(
            ListedEntry entry, Dancing dancing, Optional<Fraction> length, List<String> remarks) {
        Item item = dancing;
        int times = entry.times();
        boolean unit = times > 1
                && dancing.figure()
                        .variants()
                        .repeat()
                        .filter(repeat -> repeat.times().contains(entry.times()))
                        .isPresent()
                && dancing.way().split().isEmpty();
        if (unit) {
            item = dancing(dancing.figure(), dancing.way().withRepeats(times));
            times = 1;
        }
        double bars = item.length().toDouble()
                * times
                / dancing.danced().rhythm().bar().toDouble();
        length.filter(said -> Math.abs((double) said.parts() / said.whole() - bars) > 0.01)
                .ifPresent(said -> remarks.add(ListingSentences.notedAsBarsDancedIn(said, shown(bars))));
        return entry.withItem(Optional.of(item)).withTimes(times).withRemarks(remarks);
    }

    private static String shown(double bars) {
        return bars == Math.rint(bars)
                ? String.valueOf((int) bars)
                : StringUtils.stripEnd(String.format(Locale.ROOT, "%.2f", bars), "0");
    }

    private static Dancing dancing(Figure figure, Way way) {
        try {
            return Dancing.of(figure, way);
        } catch (IllegalArgumentException noSuchWay) {
            return Dancing.of(figure, Way.AS_CHARTED);
        }
    }

    /** Whether a part that was named is all of it: "basic 1-6". */
    private static boolean isWhole(Figure figure, String said) {
        Matcher part = PART.matcher(said);
        int steps = figure.man().steps().size();
        return part.find() && Integer.parseInt(part.group(1)) == 1 && Integer.parseInt(part.group(2)) == steps;
    }

    private static Optional<Split> part(Figure figure, String said) {
        Matcher part = PART.matcher(said);
        return part.find()
                ? figure.variants().splits().stream()
                        .filter(split -> split.first() == Integer.parseInt(part.group(1))
                                && split.last() == Integer.parseInt(part.group(2)))
                        .findFirst()
                : Optional.empty();
    }

    private static Optional<Split> half(Figure figure, String said) {
        Matcher half = HALF.matcher(said);
        boolean first =
                half.find() && Set.of("first", "1st").contains(half.group(1).toLowerCase(Locale.ROOT));
        return figure.variants().splits().stream()
                .filter(split -> first ? split.first() == 1 : split.first() > 1)
                .findFirst();
    }

    /** The variants that the words besides the name speak of. */
    private static Way way(Fit fit, List<String> words, Optional<Split> split, List<String> remarks, boolean parted) {
        Figure figure = fit.figure();
        Way way = split.map(found -> Way.AS_CHARTED.withSplit(found.name())).orElse(Way.AS_CHARTED);
        if (parted && split.isEmpty()) {
            remarks.add(ListingSentences.theHasNoSuchPart(figure.title()));
        }
        Set<String> rest = new HashSet<>();
        for (int i = 0; i < words.size(); i++) {
            if (!fit.matched().contains(i)) {
                rest.add(words.get(i));
            }
        }
        if (rest.isEmpty()) {
            return way;
        }
        Optional<String> finish = figure.variants().finishes().stream()
                .map(Variation::name)
                .filter(name -> speaksOf(name, rest))
                .findFirst();
        Optional<String> entry = figure.variants().entries().stream()
                .map(Variation::name)
                .filter(name -> speaksOf(name, rest))
                .findFirst();
        Optional<String> timing = figure.variants().timings().stream()
                .map(NamedTiming::name)
                .filter(name -> speaksOf(name, rest))
                .findFirst();
        Way found = way;
        found = finish.map(found::withFinish).orElse(found);
        found = entry.map(found::withEntry).orElse(found);
        found = timing.map(found::withTiming).orElse(found);
        if (!Ways.of(figure).containsKey(found)) {
            found = way;
        }
        Set<String> spoken = Stream.of(found.finish(), found.entry(), found.timing())
                .flatMap(Optional::stream)
                .flatMap(name -> FigureNames.words(name).stream())
                .collect(Collectors.toSet());
        List<String> unused = words.stream()
                .filter(word -> rest.contains(word) && !spoken.contains(word))
                .toList();
        if (!unused.isEmpty()) {
            remarks.add(ListingSentences.isNotAVariantOfThe(String.join(" ", unused), figure.title()));
        }
        return found;
    }

    /** Whether most words of a variant's name were said. */
    private static boolean speaksOf(String variant, Set<String> rest) {
        List<String> words = FigureNames.words(variant);
        long said = words.stream().filter(rest::contains).count();
        return said > 0 && 2 * said >= words.size();
    }

    private static Optional<Element> element(String said) {
        Matcher matcher = ELEMENT.matcher(said.strip());
        if (!matcher.matches()) {
            return Optional.empty();
        }
        String word = matcher.group(1).toLowerCase(Locale.ROOT);
        ElementKind kind = switch (word) {
            case "pause", "wait", "hold" -> ElementKind.HOLD;
            case "walk", "walks" -> ElementKind.WALK;
            case "walk round", "round" -> ElementKind.ROUND;
            case "tap" -> ElementKind.TAP;
            case "replace" -> ElementKind.REPLACE;
            case "check" -> ElementKind.CHECK;
            case "bow" -> ElementKind.BOW;
            default -> ElementKind.POSE;
        };
        boolean alone = matcher.group(2) == null
                && (kind == ElementKind.WALK || kind == ElementKind.CHECK || kind == ElementKind.REPLACE);
        int beats = matcher.group(2) == null ? 1 : Integer.parseInt(matcher.group(2));
        return alone || beats < 1 || beats > Element.MOST_BEATS
                ? Optional.empty()
                : Optional.of(Element.of(kind, beats));
    }
}
