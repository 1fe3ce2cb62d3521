package fluidframe.core.piece;

import fluidframe.core.music.TempoMap;
import fluidframe.core.phrase.Leftover;
import fluidframe.core.text.PlainText;
import fluidframe.core.time.Beats;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.lang3.StringUtils;

/**
 * Reads a piece of music as a coach writes it down: "intro 4, verse 16, chorus 16, break 2, end 4; 29 bars a minute,
 * slowing to 20 over the last 4 bars; hit on 1 of bar 37". What is not understood is left over, and what cannot be is
 * left out with a sentence; the rest is kept.
 */
public final class PieceReader {

    public static final int MOST_LETTERS = 4_000;
    private static final int MOST_LETTERS_OF_A_CLAUSE = 200;

    private static final List<String> NUMBERS =
            List.of("one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven", "twelve");
    private static final String NUMBER = "\\d{1,3}|" + String.join("|", NUMBERS);
    private static final String TEMPO = "(\\d{1,3}(?:[.,]\\d{1,2})?)";
    private static final String A_MINUTE =
            " ?(?:bars?|measures?) ?(?:a|per|/|each|to the|the) ?min(?:ute)?s?| ?(?:mpm|bars?/min)";
    private static final String BEATS_A_MINUTE = " ?(?:beats? ?(?:a|per|/|each) ?min(?:ute)?|bpm)";
    private static final String KINDS = names(Stream.of(SectionKind.values())
            .flatMap(kind -> Stream.concat(Stream.of(kind.wording()), kind.synonyms().stream())));
    private static final String HITS = names(Stream.of(HitKind.values())
            .flatMap(kind -> Stream.concat(Stream.of(kind.wording()), kind.synonyms().stream())));
    private static final String BARS =
            "((?:" + NUMBER + ") ?[x×] ?\\d{1,3}|(?:" + NUMBER + ")(?: ?\\+ ?\\d{1,3}+){0,30}+)";

    private static final Pattern CLAUSE = Pattern.compile("[^;,\\n]+");
    private static final Pattern TEMPO_WORD = pattern("min|mpm|bpm|tempo");
    private static final Pattern AND = pattern(" and (?=on |bar |\\d)|(?<=\\d) and ");
    private static final Pattern PLUS = pattern(" ?\\+ ?");
    private static final Pattern TIMES = pattern(" ?[x×] ?");
    private static final Pattern QUOTED = pattern("[\"“]([^\"“”]{1,80}+)[\"”]");
    private static final Pattern METRE = pattern("(?:in |metre )?([234]) ?/ ?4|in (two|three|four|2|3|4)");
    private static final Pattern UP_BEAT = pattern("(?:an? )?(?:up-? ?beat|pick-? ?up)(?: of)? ?(" + NUMBER
            + "|half|a half|½|&)? ?(?:(?:a )?beats?|counts?)?|(" + NUMBER + ") beats? (?:up-? ?beat|pick-? ?up)");
    private static final Pattern STEADY = pattern("(?:tempo |at |then |now |about ){0,4}+" + TEMPO + "(?:" + A_MINUTE
            + "|(" + BEATS_A_MINUTE + "))?(?: from (?:bar )?(\\d{1,3})(?: on)?)?");
    private static final Pattern STEADY_FROM =
            pattern("(?:then )?from bar (\\d{1,3})(?: on)?,? (?:at )?" + TEMPO + "(?:" + A_MINUTE + ")?");
    private static final Pattern GRADUAL = pattern(
            "(?:slow(?:ing|s)?(?: down)?|rit(?:\\.|ardando)?|gets slower|speed(?:ing|s)?(?: up)?|quicken(?:ing|s)?|accel(?:\\.|erando)?|gradually) (?:to )?"
                    + TEMPO + "(?:" + A_MINUTE + ")?" + "(?: (?:over|in|during) (?:the )?last (" + NUMBER
                    + ")(?: bars?)?| from (?:bar )?(\\d{1,3})(?: (?:to|till|until|-) (?:bar )?(\\d{1,3}|the end))?| (?:over|in) bars? (\\d{1,3}) ?(?:-|–|to) ?(\\d{1,3})| by bar (\\d{1,3}))?");
    private static final Pattern SECTION = pattern("(?:(?:the|a) )?(?:(first|second|third|last) )?(" + KINDS
            + "|[a-d])(?: (\\d|" + String.join("|", NUMBERS) + ")(?= ))?(?: of|:| =| -)? ?" + BARS
            + " ?(?:bars?)?(?: ?[(\\[] ?([\\d+ ]{1,60}+)[)\\]]| in phrases of (" + NUMBER
            + ")| as ([\\d+ ]{1,60}+))?(?: ?[x×] ?(\\d)| (twice)| (\\d) times)?");
    private static final Pattern BARS_FIRST = pattern(BARS + " ?(?:bars?)?(?: of)?(?: (?:the|an?))? (" + KINDS + ")");
    private static final Pattern HIT = pattern(
            "(?:an? |the )?(" + HITS
                    + ")s?(?: (?:on|at|in))?(?: (?:beat |count )?(\\d|one|two|three|four) ?(&|a|and)?(?: of(?: the)?| in))? ?(?:bars? )?#?(\\d{1,3})(?:\\.(\\d))?(?: (?:on )?(?:beat|count) (\\d))?");
    private static final Pattern ANOTHER_HIT =
            pattern("(?:and )?(?:on )?(?:(?:beat )?(\\d|one|two|three|four) of )?(?:bar )?(\\d{1,3})");
    private static final Pattern WORDS = pattern(
            "(?:(?:cue|words?|sings?|sung)(?: words?)? )?[\"“]([^\"“”]{1,80}+)[\"”] (?:on|at|in)(?: (\\d) of)? ?bar (\\d{1,3})");
    private static final Pattern FADE =
            pattern("(?:it )?(?:fades?|faded|fading)(?: out| away)?(?: (?:over|in|during) (?:the )?(?:last )?(" + NUMBER
                    + ")(?: bars?)?)?");
    private static final Pattern TOTAL = pattern("(\\d{1,3}) bars?(?: (?:in all|all told|altogether|total|long))?");
    private static final int USUAL_FADE = 4;

    private final PlainText plain;
    private final String text;
    private final int phraseBars;
    private final int beatsPerBar;
    private final List<PieceSection> sections = new ArrayList<>();
    private final List<TempoMap.Change> changes = new ArrayList<>();
    private final List<Hit> hits = new ArrayList<>();
    private final List<CueWord> cueWords = new ArrayList<>();
    private final List<String> sentences = new ArrayList<>();
    private final List<Leftover> leftovers = new ArrayList<>();
    private final List<Runnable> atTheEnd = new ArrayList<>();
    private Optional<String> title = Optional.empty();
    private Optional<HitKind> listing = Optional.empty();
    private Beats upBeat = Beats.ZERO;
    private int fade;

    private PieceReader(String text, int beatsPerBar, int phraseBars) {
        this.plain = PlainText.ofLines(text.substring(0, Math.min(text.length(), MOST_LETTERS)));
        this.text = plain.text();
        this.phraseBars = phraseBars;
        this.beatsPerBar = clauses()
                .map(clause -> METRE.matcher(clause.trim().toLowerCase(Locale.ROOT)))
                .filter(Matcher::matches)
                .map(metre -> number(first(metre, 1, 2)))
                .findFirst()
                .orElse(beatsPerBar);
    }

    /**
     * @param text of more than {@value #MOST_LETTERS} letters the first
     * @param beatsPerBar unless the line says otherwise
     * @param phraseBars how long a phrase is unless the line says otherwise
     */
    public static PieceLine read(String text, int beatsPerBar, int phraseBars) {
        return new PieceReader(text, beatsPerBar, phraseBars).read();
    }

    private static Pattern pattern(String regex) {
        return Pattern.compile(regex, Pattern.CASE_INSENSITIVE);
    }

    private static String names(Stream<String> names) {
        return names.filter(name -> name.length() > 1)
                .sorted(Comparator.comparingInt(String::length).reversed())
                .collect(Collectors.joining("|"));
    }

    private Stream<String> clauses() {
        return CLAUSE.matcher(text).results().map(clause -> clause.group());
    }

    private PieceLine read() {
        Matcher clauses = CLAUSE.matcher(text);
        while (clauses.find()) {
            String clause = clauses.group();
            int from = clauses.start() + clause.length() - clause.stripLeading().length();
            readClause(
                    StringUtils.stripEnd(clause, ". ").strip(),
                    from,
                    clauses.start() + clause.stripTrailing().length());
        }
        atTheEnd.forEach(Runnable::run);
        return new PieceLine(title, piece(), sentences, leftovers);
    }

    private Optional<Piece> piece() {
        int bars = bars();
        leaveOutTemposOfNoBar();
        if (bars < 1 || changes.isEmpty()) {
            sentences.add(bars < 1 ? PieceSentences.noBarsWereFoundNameThe() : PieceSentences.noTempoWasFoundSayHow());
            return Optional.empty();
        }
        if (bars > Piece.MOST_BARS) {
            sentences.add(PieceSentences.barsWereFoundAPieceHas(bars, Piece.MOST_BARS));
            return Optional.empty();
        }
        Beats end = bar(bars + 1);
        hits.removeIf(hit -> isAfter(hit.at(), end, "The " + hit.kind()));
        cueWords.removeIf(words -> isAfter(words.at(), end, "\"" + words.words() + "\""));
        fade = Math.min(fade, bars);
        return Optional.of(new Piece(
                "",
                title.orElse(""),
                Set.of(),
                Beats.of(beatsPerBar),
                upBeat,
                sections,
                tempo(),
                hits.stream().limit(Piece.MOST_HITS).toList(),
                cueWords.stream().limit(Piece.MOST_HITS).toList(),
                fade));
    }

    /** The first tempo holds from the beginning; of two on one beat the last. */
    private TempoMap tempo() {
        List<TempoMap.Change> known = new ArrayList<>();
        for (TempoMap.Change change : changes) {
            known.removeIf(before -> before.at().equals(change.at()));
            known.add(change);
        }
        return new TempoMap(beatsPerBar, known);
    }

    private boolean isAfter(Beats at, Beats end, String what) {
        if (at.compareTo(end) < 0 && at.compareTo(Beats.ZERO.minus(upBeat)) >= 0) {
            return false;
        }
        sentences.add(PieceSentences.ofBarIsLeftOutThe(
                what, (Math.floorDiv(at.ticks(), Beats.of(beatsPerBar).ticks()) + 1), bars()));
        return true;
    }

    private int bars() {
        return sections.stream().mapToInt(PieceSection::bars).sum();
    }

    private Beats bar(int number) {
        return Beats.of(beatsPerBar).times(number - 1);
    }

    private void readClause(String clause, int from, int to) {
        boolean understood = clause.length() <= MOST_LETTERS_OF_A_CLAUSE
                && (METRE.matcher(clause).matches()
                        || readTitle(clause)
                        || readUpBeat(clause)
                        || readTempo(clause)
                        || readFade(clause)
                        || readWords(clause)
                        || readHit(clause)
                        || readSection(clause)
                        || readTotal(clause));
        if (!understood && !clause.isEmpty()) {
            leftovers.add(new Leftover(from, to, text.substring(from, to), List.of()).in(plain));
        }
    }

    private boolean readTitle(String clause) {
        Matcher quoted = QUOTED.matcher(clause);
        if (!quoted.matches() || title.isPresent()) {
            return false;
        }
        title = Optional.of(quoted.group(1).strip());
        return true;
    }

    private boolean readUpBeat(String clause) {
        Matcher matcher = UP_BEAT.matcher(clause);
        if (!matcher.matches()) {
            return false;
        }
        String said = first(matcher, 1, 2);
        Beats length = said.isEmpty()
                ? Beats.ONE
                : said.contains("half") || said.equals("½") || said.equals("&") ? Beats.HALF : Beats.of(number(said));
        if (length.compareTo(Beats.of(beatsPerBar)) >= 0) {
            sentences.add(PieceSentences.anUpBeatOfIsAs(length.wording()));
        } else {
            upBeat = length;
        }
        return true;
    }

    private boolean readTempo(String clause) {
        Matcher gradual = GRADUAL.matcher(clause);
        if (gradual.matches()) {
            double to = tempo(gradual.group(1));
            if (isTempo(to)) {
                atTheEnd.add(() -> becomeGradually(to, gradual));
            } else {
                sentences.add(noTempo(to));
            }
            return true;
        }
        Matcher from = STEADY_FROM.matcher(clause);
        if (from.matches()) {
            return change(bar(number(from.group(1))), tempo(from.group(2)), false);
        }
        Matcher steady = STEADY.matcher(clause);
        boolean says = steady.matches() && (TEMPO_WORD.matcher(clause).find() || steady.group(3) != null);
        if (!says) {
            return false;
        }
        double tempo = tempo(steady.group(1)) / (steady.group(2) != null ? beatsPerBar : 1);
        return change(steady.group(3) == null ? Beats.ZERO : bar(number(steady.group(3))), tempo, false);
    }

    private static double tempo(String number) {
        return Double.parseDouble(number.replace(',', '.'));
    }

    private boolean isTempo(double barsPerMinute) {
        return barsPerMinute >= TempoMap.SLOWEST && barsPerMinute <= TempoMap.FASTEST;
    }

    private boolean change(Beats at, double barsPerMinute, boolean gradual) {
        if (!isTempo(barsPerMinute)) {
            sentences.add(noTempo(barsPerMinute));
        } else {
            changes.add(new TempoMap.Change(at, barsPerMinute, gradual));
        }
        return true;
    }

    private static String noTempo(double barsPerMinute) {
        return PieceSentences.barsAMinuteIsNotA(
                new DecimalFormat("0.##", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(barsPerMinute));
    }

    private void leaveOutTemposOfNoBar() {
        if (bars() < 1) {
            return;
        }
        changes.removeIf(change -> {
            boolean within = change.at().compareTo(Beats.ZERO) >= 0
                    && (change.gradual() || change.at().compareTo(bar(bars() + 1)) < 0);
            if (!within) {
                sentences.add(PieceSentences.thereIsNoBarThePiece(
                        (Math.floorDiv(
                                        change.at().ticks(),
                                        Beats.of(beatsPerBar).ticks())
                                + 1),
                        bars()));
            }
            return !within;
        });
    }

    /**
     * From where it says to where it says, else over the last phrase; how fast it was at the beginning is how fast it
     * was before.
     */
    private void becomeGradually(double barsPerMinute, Matcher said) {
        int bars = bars();
        leaveOutTemposOfNoBar();
        if (bars < 1 || changes.isEmpty()) {
            return;
        }
        boolean toEnd = said.group(4) == null || said.group(4).contains("end");
        int begins = said.group(2) != null
                ? bars - number(said.group(2)) + 1
                : said.group(3) != null
                        ? number(said.group(3))
                        : said.group(5) != null ? number(said.group(5)) : Math.max(1, bars - phraseBars / 2 + 1);
        int ends = said.group(6) != null
                ? number(said.group(6)) + 1
                : said.group(7) != null
                        ? number(said.group(7))
                        : said.group(3) != null && !toEnd ? number(said.group(4)) + 1 : bars + 1;
        if (begins < 1 || begins >= ends || ends > bars + 1) {
            sentences.add(PieceSentences.theTempoCannotChangeFromBar(begins, (ends - 1), bars));
            return;
        }
        double before = tempo().barsPerMinute(bar(begins).toDouble());
        if (changes.stream().noneMatch(change -> change.at().equals(bar(begins)))) {
            change(bar(begins), before, false);
        }
        change(bar(ends), barsPerMinute, true);
    }

    private boolean readFade(String clause) {
        Matcher matcher = FADE.matcher(clause);
        if (!matcher.matches()) {
            return false;
        }
        fade = matcher.group(1) == null ? USUAL_FADE : number(matcher.group(1));
        return true;
    }

    private boolean readWords(String clause) {
        Matcher matcher = WORDS.matcher(clause);
        if (!matcher.matches()) {
            return false;
        }
        cueWords.add(new CueWord(
                bar(number(matcher.group(3)))
                        .plus(Beats.of(matcher.group(2) == null ? 0 : number(matcher.group(2)) - 1)),
                matcher.group(1).strip()));
        return true;
    }

    private boolean readHit(String clause) {
        String[] several = AND.split(clause);
        boolean all = true;
        for (String each : several) {
            Matcher hit = HIT.matcher(each.strip());
            Matcher another = ANOTHER_HIT.matcher(each.strip());
            if (hit.matches() && !isSection(hit, each)) {
                listing = HitKind.LEXICON.find(hit.group(1));
                String beat = first(hit, 2, 5, 6);
                addHit(number(hit.group(4)), beat.isEmpty() ? 1 : number(beat), hit.group(3));
            } else if (listing.isPresent() && another.matches()) {
                addHit(number(another.group(2)), another.group(1) == null ? 1 : number(another.group(1)), null);
            } else {
                all = false;
            }
        }
        listing = all ? listing : Optional.empty();
        return all;
    }

    /** "Break 2" is two bars of a break; "break on 3 of bar 8" and "break bar 8" are hits. */
    private static boolean isSection(Matcher hit, String said) {
        return SectionKind.LEXICON.find(hit.group(1)).isPresent()
                && !said.toLowerCase(Locale.ROOT).contains("bar");
    }

    private void addHit(int bar, int beat, String part) {
        if (beat > beatsPerBar) {
            sentences.add(PieceSentences.barHasNoBeatABar(bar, beat, beatsPerBar));
            return;
        }
        Beats within = part == null ? Beats.ZERO : part.equalsIgnoreCase("a") ? Beats.of(3, 4) : Beats.HALF;
        hits.add(new Hit(bar(bar).plus(Beats.of(beat - 1)).plus(within), listing.orElse(HitKind.ACCENT)));
    }

    private boolean readSection(String clause) {
        Matcher barsFirst = BARS_FIRST.matcher(clause);
        if (barsFirst.matches()) {
            return addSection(kind(barsFirst.group(2)), "", phrases(barsFirst.group(1), ""), 1);
        }
        Matcher section = SECTION.matcher(clause);
        if (!section.matches()) {
            return false;
        }
        String which = first(section, 1, 3);
        SectionKind kind = kind(section.group(2));
        boolean letter = section.group(2).length() == 1;
        String title = letter
                ? section.group(2).toUpperCase(Locale.ROOT)
                : which.isEmpty()
                        ? ""
                        : section.group(1) == null
                                ? kind.wording() + " " + which
                                : which.toLowerCase(Locale.ROOT) + " " + kind.wording();
        int times = section.group(9) != null
                ? 2
                : first(section, 8, 10).isEmpty() ? 1 : Math.max(1, number(first(section, 8, 10)));
        String phrased = first(section, 5, 7);
        String inPhrases = section.group(6) == null ? phrased : "every " + number(section.group(6));
        return addSection(kind, title, phrases(section.group(4), inPhrases), times);
    }

    private static SectionKind kind(String said) {
        return switch (said.toLowerCase(Locale.ROOT)) {
            case "a" -> SectionKind.VERSE;
            case "b" -> SectionKind.CHORUS;
            case "c", "d" -> SectionKind.BRIDGE;
            default -> SectionKind.LEXICON.find(said).orElseThrow();
        };
    }

    private boolean addSection(SectionKind kind, String title, List<Integer> phrases, int times) {
        try {
            PieceSection section = new PieceSection(kind, title, phrases);
            sections.addAll(Collections.nCopies(times, section));
        } catch (IllegalArgumentException e) {
            sentences.add(PieceSentences.theOfBarsIsLeftOut(
                    kind, phrases.stream().mapToInt(Integer::intValue).sum(), e.getMessage()));
        }
        return true;
    }

    /** "16", "8+6", "2 x 8" or "8 x 2", with what is said of its phrases besides. */
    private List<Integer> phrases(String bars, String said) {
        String[] sum = PLUS.split(bars);
        if (sum.length > 1) {
            return Arrays.stream(sum).map(PieceReader::number).toList();
        }
        String[] product = TIMES.split(bars);
        if (product.length == 2) {
            int one = number(product[0]);
            int other = number(product[1]);
            return Collections.nCopies(Math.min(one, other), Math.max(one, other));
        }
        int all = number(bars);
        if (said.contains("+")) {
            List<Integer> phrases = Arrays.stream(PLUS.split(said))
                    .map(String::strip)
                    .map(PieceReader::number)
                    .toList();
            int together = phrases.stream().mapToInt(Integer::intValue).sum();
            if (together == all) {
                return phrases;
            }
            sentences.add(PieceSentences.phrasesOfBarsAreNotThe(said.strip(), together, all));
        }
        int each = said.startsWith("every ") ? number(said.substring("every ".length())) : phraseBars;
        return all < 1
                ? List.of(all)
                : PieceSection.of(SectionKind.VERSE, "", all, Math.max(1, each)).phrases();
    }

    private boolean readTotal(String clause) {
        Matcher matcher = TOTAL.matcher(clause);
        if (!matcher.matches()) {
            return false;
        }
        int said = number(matcher.group(1));
        atTheEnd.add(0, () -> {
            if (sections.isEmpty()) {
                addSection(SectionKind.VERSE, "", phrases(String.valueOf(said), ""), 1);
            } else if (bars() != said) {
                sentences.add(PieceSentences.thePartsAreBarsTogetherNot(bars(), said));
            }
        });
        return true;
    }

    private static String first(Matcher matcher, int... groups) {
        return Arrays.stream(groups)
                .mapToObj(matcher::group)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse("");
    }

    private static int number(String said) {
        String word = said.strip().toLowerCase(Locale.ROOT);
        int index = NUMBERS.indexOf(word);
        return index >= 0 ? index + 1 : Integer.parseInt(word);
    }
}
