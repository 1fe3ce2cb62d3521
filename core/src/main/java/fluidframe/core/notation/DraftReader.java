package fluidframe.core.notation;

import fluidframe.core.couple.Hold;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.Position;
import fluidframe.core.couple.Proximity;
import fluidframe.core.couple.Relation;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Mute;
import fluidframe.core.figure.NamedTiming;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.figure.RepeatUnit;
import fluidframe.core.figure.Rows;
import fluidframe.core.figure.School;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.SplitPurpose;
import fluidframe.core.figure.Teaching;
import fluidframe.core.figure.Usage;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Variation;
import fluidframe.core.phrase.Situation;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Action;
import fluidframe.core.step.BodyAction;
import fluidframe.core.step.Foot;
import fluidframe.core.step.FootPosition;
import fluidframe.core.step.Footwork;
import fluidframe.core.step.RiseFall;
import fluidframe.core.step.Step;
import fluidframe.core.step.StepTurn;
import fluidframe.core.step.Sway;
import fluidframe.core.text.Fraction;
import fluidframe.core.text.Id;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Count;
import fluidframe.core.time.CountToken;
import fluidframe.core.time.Feel;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Pattern;

/** Reads a draft into a figure, collecting every text it cannot read instead of stopping at the first. */
public final class DraftReader {

    /** More rows than any figure needs; a chart beyond this is a mistake. */
    public static final int MOST_ROWS = 64;
    /** More bars than any figure needs. */
    public static final int MOST_BARS = 64;

    private static final Pattern MUTED_RULE = Pattern.compile("[A-Z]\\d{1,2}");
    public static final int LONGEST_NAME = 120;
    private static final int MOST_NAMES = 20;
    private static final int LONGEST_TEXT = 1000;

    private final FigureDraft draft;
    private final List<Dance> dances;
    private final List<Unreadable> unreadable = new ArrayList<>();

    private DraftReader(FigureDraft draft, List<Dance> dances) {
        this.draft = draft;
        this.dances = dances;
    }

    public static DraftReading read(FigureDraft draft) {
        return read(draft, Dances.all());
    }

    /** @param dances those a figure may be of */
    public static DraftReading read(FigureDraft draft, List<Dance> dances) {
        DraftReader reader = new DraftReader(draft, dances);
        Optional<Figure> figure = reader.figure();
        return new DraftReading(figure, reader.unreadable);
    }

    private Optional<Figure> figure() {
        checkNames();
        Optional<Dance> dance =
                dances.stream().filter(each -> each.id().equals(draft.dance())).findFirst();
        if (dance.isEmpty()) {
            complain(
                    Place.field("dance"),
                    draft.dance(),
                    "a dance: "
                            + String.join(", ", dances.stream().map(Dance::id).toList()));
        }
        Optional<Beats> length = dance.flatMap(this::length);
        Level level =
                read(Place.field("level"), draft.level(), Level.LEXICON::read).orElse(Level.OPEN);
        Relation start = relation("start", draft.start());
        Relation end = relation("end", draft.end());
        List<Alignment> startAlignments = each("startAlignments", draft.startAlignments(), DraftReader::alignment);
        Chart man = chart(Part.MAN);
        Chart lady = chart(Part.LADY);
        Feel feel = draft.feel()
                .flatMap(text -> read(Place.field("feel"), text, Feel.LEXICON::read))
                .orElse(dance.map(each -> each.rhythm().feel()).orElse(Feel.QUARTER));
        Variants variants = variants(Map.of(Part.MAN, man, Part.LADY, lady));
        List<Caution> cautions = each("cautions", draft.cautions(), Caution.LEXICON::read);
        Neighbours neighbours = new Neighbours(texts("follows", draft.follows()), texts("precedes", draft.precedes()));
        Teaching teaching = new Teaching(
                texts("cues", draft.cues()),
                texts("faults", draft.faults()),
                texts("drills", draft.drills()),
                cautions,
                draft.lastRead().flatMap(this::day));
        checkMutes();
        Set<String> derived = new TreeSet<>(draft.derived());
        if (dance.isEmpty() || length.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new Figure(
                draft.id(),
                dance.get(),
                feel,
                draft.title().strip(),
                draft.otherNames(),
                level,
                length.get(),
                start,
                end,
                startAlignments,
                draft.insistsOnAlignment(),
                man,
                lady,
                variants,
                neighbours,
                teaching,
                draft.sameFoot(),
                draft.mutes(),
                derived));
    }

    private void checkNames() {
        if (!Id.isId(draft.id())) {
            complain(Place.field("id"), draft.id(), NotationSentences.anIdOfSmallLettersDigits());
        }
        if (draft.title().isBlank() || draft.title().length() > LONGEST_NAME) {
            complain(Place.field("title"), draft.title(), NotationSentences.aTitleOf1ToLetters(LONGEST_NAME));
        }
        if (draft.otherNames().size() > MOST_NAMES) {
            complain(
                    Place.field("otherNames"),
                    draft.otherNames().size() + " names",
                    NotationSentences.atMostOtherNames(MOST_NAMES));
        }
        for (int i = 0; i < draft.otherNames().size(); i++) {
            checkName("otherNames/" + i, draft.otherNames().get(i));
        }
    }

    private Optional<Beats> length(Dance dance) {
        Place place = Place.field("bars");
        return read(place, draft.bars(), text -> {
            Fraction bars = decimal(text);
            int ticks;
            try {
                ticks = new Fraction(
                                Math.multiplyExact(
                                        bars.parts(), dance.rhythm().bar().ticks()),
                                bars.whole())
                        .in(1);
            } catch (ArithmeticException e) {
                throw new UnreadableTextException(text, NotationSentences.barsThatComeOutInWhole());
            }
            if (ticks <= 0 || ticks > MOST_BARS * dance.rhythm().bar().ticks() || ticks % Beats.TICKS_PER_BEAT != 0) {
                throw new UnreadableTextException(text, NotationSentences.toBarsThatComeOutIn(MOST_BARS));
            }
            return new Beats(ticks);
        });
    }

    /** Bars may be written 1 1/2 or 1.5. */
    private static Fraction decimal(String text) {
        if (!text.contains(".")) {
            return Fraction.parse(text);
        }
        try {
            BigDecimal value = new BigDecimal(text.strip());
            if (value.signum() < 0 || value.scale() > 3) {
                throw new UnreadableTextException(text, NotationSentences.aNumberOfBarsSuchAs());
            }
            return new Fraction(value.movePointRight(3).intValueExact(), 1000);
        } catch (NumberFormatException | ArithmeticException e) {
            throw new UnreadableTextException(text, NotationSentences.aNumberOfBarsSuchAs());
        }
    }

    private Relation relation(String field, FigureDraft.RelationDraft relation) {
        Position position = read(Place.field(field + "/position"), relation.position(), Position.LEXICON::read)
                .orElse(Position.CLOSED);
        Hold hold = read(Place.field(field + "/hold"), relation.hold(), Hold.LEXICON::read)
                .orElse(Hold.CLOSED);
        Proximity proximity = relation.proximity()
                .flatMap(text -> read(Place.field(field + "/proximity"), text, Proximity.LEXICON::read))
                .orElse(Proximity.CLOSE);
        return new Relation(position, hold, proximity);
    }

    private Chart chart(Part part) {
        List<RowDraft> rows = draft.chart(part);
        if (rows.isEmpty() || rows.size() > MOST_ROWS) {
            complain(Place.chart(part), rows.size() + " rows", "1 to " + MOST_ROWS + " rows");
        }
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < Math.min(rows.size(), MOST_ROWS); i++) {
            int row = i;
            steps.add(step(
                    rows.get(i),
                    column -> Place.cell(part, row, column),
                    () -> Situations.of(rows, row, draft.dance(), dances)));
        }
        return new Chart(part, steps);
    }

    /**
     * One row by itself.
     *
     * @throws UnreadableTextException for the first cell that cannot be read
     */
    static Step readRow(RowDraft row) {
        Map<Column, Object> read = new EnumMap<>(Column.class);
        row.filled().cells().forEach((column, text) -> read.put(column, column.read(text)));
        return step(read);
    }

    private Step step(RowDraft row, Function<Column, Place> place, Supplier<Situation> situation) {
        Map<Column, Object> read = new EnumMap<>(Column.class);
        row.cells().forEach((column, text) -> {
            if (!text.isBlank()) {
                cell(column, text, place.apply(column), situation).ifPresent(value -> read.put(column, value));
            }
        });
        return step(read);
    }

    /** What a cell says; where some of it was not understood, what the rest says. */
    private Optional<Object> cell(Column column, String text, Place place, Supplier<Situation> situation) {
        if (text.length() > LONGEST_TEXT) {
            complain(place, text.length() + " letters", NotationSentences.atMostLetters2(LONGEST_TEXT));
            return Optional.empty();
        }
        CellReading reading = CellReader.read(column, text, situation);
        if (!reading.isUnderstood()) {
            unreadable.add(Unreadable.of(place, text, reading));
        }
        return reading.value();
    }

    static Step step(Map<Column, Object> read) {
        return new Step(
                Optional.ofNullable((CountToken) read.get(Column.COUNT)),
                Optional.ofNullable((CountToken) read.get(Column.WORDS)),
                Optional.ofNullable((Foot) read.get(Column.FOOT)),
                Optional.ofNullable((FootPosition) read.get(Column.FOOT_POSITION)),
                Optional.ofNullable((Alignment) read.get(Column.ALIGNMENT)),
                (StepTurn) read.getOrDefault(Column.TURN, StepTurn.NONE),
                (RiseFall) read.getOrDefault(Column.RISE, RiseFall.NONE),
                (Footwork) read.getOrDefault(Column.FOOTWORK, Footwork.NONE),
                Optional.ofNullable((Sway) read.get(Column.SWAY)),
                (Boolean) read.getOrDefault(Column.CBM, false),
                actions(read.get(Column.ACTION)),
                (BodyAction) read.getOrDefault(Column.BODY, BodyAction.NONE),
                (RelationChange) read.getOrDefault(Column.RELATION, RelationChange.NONE),
                (String) read.getOrDefault(Column.ARMS, ""),
                (String) read.getOrDefault(Column.LEAD, ""),
                (String) read.getOrDefault(Column.NOTE, ""));
    }

    private static List<Action> actions(Object read) {
        return read == null
                ? List.of()
                : ((List<?>) read).stream().map(Action.class::cast).toList();
    }

    private Variants variants(Map<Part, Chart> charts) {
        FigureDraft.VariantsDraft variants = draft.variants();
        List<Variation> schools = variations("schools", variants.schools(), charts);
        for (int i = 0; i < schools.size(); i++) {
            read(Place.field("schools/" + i + "/name"), schools.get(i).name(), School.LEXICON::read);
        }
        return new Variants(
                timings(),
                splits(),
                variations("finishes", variants.finishes(), charts),
                repeat(),
                variants.manSchool().flatMap(text -> read(Place.field("school/man"), text, School.LEXICON::read)),
                variants.ladySchool().flatMap(text -> read(Place.field("school/lady"), text, School.LEXICON::read)),
                schools,
                variations("entries", variants.entries(), charts),
                usage(variants.usage()));
    }

    private Usage usage(FigureDraft.UsageDraft usage) {
        Place place = Place.field("curve");
        int curve = usage.curve()
                .flatMap(text -> read(place, text, Turn::parseSize))
                .map(Turn::size)
                .orElse(0);
        if (curve > Usage.MOST_CURVE) {
            complain(
                    place,
                    usage.curve().orElseThrow(),
                    NotationSentences.aCurveOfNoMoreThan(new Turn(Usage.MOST_CURVE).sizeText()));
        }
        return new Usage(usage.eitherFoot(), curve, usage.opens(), usage.closes());
    }

    private List<Variation> variations(String field, List<FigureDraft.VariationDraft> drafts, Map<Part, Chart> charts) {
        List<Variation> variations = new ArrayList<>();
        for (int i = 0; i < drafts.size(); i++) {
            FigureDraft.VariationDraft variation = drafts.get(i);
            String at = field + "/" + i;
            checkName(at + "/name", variation.name());
            variations.add(new Variation(
                    variation.name(),
                    changes(at, variation.man(), charts.get(Part.MAN)),
                    changes(at, variation.lady(), charts.get(Part.LADY)),
                    variation.start().map(start -> relation(at + "/start", start)),
                    variation.end().map(end -> relation(at + "/end", end))));
        }
        return variations;
    }

    private SortedMap<Integer, Step> changes(String field, List<FigureDraft.RowChangeDraft> changes, Chart chart) {
        SortedMap<Integer, Step> rows = new TreeMap<>();
        for (int i = 0; i < changes.size(); i++) {
            FigureDraft.RowChangeDraft change = changes.get(i);
            String at = field + "/" + chart.part().key() + "/" + i;
            if (change.row() < 1 || change.row() > chart.steps().size() || rows.containsKey(change.row() - 1)) {
                complain(
                        Place.field(at + "/row"),
                        String.valueOf(change.row()),
                        NotationSentences.aRowOfTheSChart(
                                chart.part().wording(), chart.steps().size()));
            } else {
                RowDraft row = draft.chart(chart.part()).get(change.row() - 1).with(change.cells());
                int index = change.row() - 1;
                rows.put(
                        index,
                        step(
                                row,
                                column -> Place.field(at + "/" + column.key()),
                                () -> Situations.of(draft.chart(chart.part()), index, draft.dance(), dances)));
            }
        }
        return rows;
    }

    private Optional<RepeatUnit> repeat() {
        return draft.variants().repeat().flatMap(unit -> {
            Optional<SortedSet<Integer>> times = read(Place.field("repeat/times"), unit.times(), RepeatTimes::parse);
            Optional<Rows> man =
                    rows("repeat", unit.first(), unit.last(), draft.man().size());
            Optional<Rows> lady = rows(
                    "repeat",
                    unit.ladyFirst().orElse(unit.first()),
                    unit.ladyLast().orElse(unit.last()),
                    draft.lady().size());
            return times.isPresent() && man.isPresent() && lady.isPresent()
                    ? Optional.of(new RepeatUnit(man.get(), lady.get(), times.get()))
                    : Optional.empty();
        });
    }

    private Optional<Rows> rows(String field, int first, int last, int size) {
        if (first < 1 || last < first || last > size) {
            complain(Place.field(field), first + "–" + last, NotationSentences.rowsFrom1ToTheFirst(size));
            return Optional.empty();
        }
        return Optional.of(new Rows(first - 1, last - 1));
    }

    private void checkMutes() {
        for (int i = 0; i < draft.mutes().size(); i++) {
            Mute mute = draft.mutes().get(i);
            if (mute.reason().isBlank() || mute.reason().length() > LONGEST_TEXT) {
                complain(
                        Place.field("mutes/" + i + "/reason"),
                        mute.reason(),
                        NotationSentences.theReasonWhyThisFindingIs());
            }
            if (!MUTED_RULE.matcher(mute.rule()).matches()) {
                complain(Place.field("mutes/" + i + "/rule"), mute.rule(), NotationSentences.theIdOfARuleSuch());
            }
            checkPointer("mutes/" + i + "/at", mute.at());
        }
        for (int i = 0; i < draft.derived().size(); i++) {
            checkPointer("derived/" + i, draft.derived().get(i));
        }
    }

    private void checkPointer(String field, String pointer) {
        if (!pointer.isEmpty() && (!pointer.startsWith("/") || pointer.length() > LONGEST_NAME)) {
            complain(Place.field(field), pointer, NotationSentences.aPlaceInTheFigureSuch());
        }
    }

    private void checkName(String field, String name) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            complain(Place.field(field), name, NotationSentences.aNameOf1ToLetters(LONGEST_NAME));
        }
    }

    private List<NamedTiming> timings() {
        List<NamedTiming> timings = new ArrayList<>();
        for (int i = 0; i < draft.variants().timings().size(); i++) {
            FigureDraft.TimingDraft timing = draft.variants().timings().get(i);
            checkName("timings/" + i + "/name", timing.name());
            Optional<Count> man = read(
                    Place.field("timings/" + i + "/man"),
                    timing.man(),
                    text -> Counts.read(text, draft.man().size()));
            Optional<Count> lady = read(
                    Place.field("timings/" + i + "/lady"),
                    timing.lady(),
                    text -> Counts.read(text, draft.lady().size()));
            if (man.isPresent() && lady.isPresent()) {
                timings.add(new NamedTiming(timing.name(), man.get(), lady.get()));
            }
        }
        return timings;
    }

    private List<Split> splits() {
        List<Split> splits = new ArrayList<>();
        for (int i = 0; i < draft.variants().splits().size(); i++) {
            FigureDraft.SplitDraft split = draft.variants().splits().get(i);
            checkName("splits/" + i + "/name", split.name());
            List<Alignment> starts =
                    each("splits/" + i + "/startAlignments", split.startAlignments(), DraftReader::alignment);
            Place place = Place.field("splits/" + i + "/purpose");
            Optional<SplitPurpose> purpose =
                    split.purpose().flatMap(text -> read(place, text, SplitPurpose.LEXICON::read));
            rows("splits/" + i, split.first(), split.last(), draft.man().size())
                    .ifPresent(
                            rows -> splits.add(new Split(split.name(), split.first(), split.last(), starts, purpose)));
        }
        return splits;
    }

    private List<String> texts(String field, List<String> texts) {
        for (int i = 0; i < texts.size(); i++) {
            if (texts.get(i).isBlank() || texts.get(i).length() > LONGEST_TEXT) {
                complain(
                        Place.field(field + "/" + i),
                        texts.get(i).length() + " letters",
                        "1 to " + LONGEST_TEXT + " letters");
            }
        }
        return texts;
    }

    private Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            complain(Place.field("lastRead"), text, NotationSentences.aDaySuchAs202611());
            return Optional.empty();
        }
    }

    private <T> List<T> each(String field, List<String> texts, Function<String, T> reader) {
        List<T> read = new ArrayList<>();
        for (int i = 0; i < texts.size(); i++) {
            read(Place.field(field + "/" + i), texts.get(i), reader).ifPresent(read::add);
        }
        return read;
    }

    private static Alignment alignment(String text) {
        return (Alignment) Column.ALIGNMENT.read(text);
    }

    private <T> Optional<T> read(Place place, String text, Function<String, T> reader) {
        if (text.length() > LONGEST_TEXT) {
            complain(place, text.length() + " letters", NotationSentences.atMostLetters2(LONGEST_TEXT));
            return Optional.empty();
        }
        try {
            return Optional.of(reader.apply(text));
        } catch (UnreadableTextException e) {
            unreadable.add(Unreadable.of(place, e));
            return Optional.empty();
        }
    }

    private void complain(Place place, String text, String expected) {
        unreadable.add(new Unreadable(
                place,
                text.length() > LONGEST_NAME ? text.substring(0, LONGEST_NAME) + "…" : text,
                expected,
                List.of()));
    }
}
