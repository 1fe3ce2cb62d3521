package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Caution;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Mute;
import fluidframe.core.figure.Neighbours;
import fluidframe.core.figure.Teaching;
import fluidframe.core.figure.Variants;
import fluidframe.core.space.Alignment;
import fluidframe.core.step.Step;
import fluidframe.core.text.Fraction;
import fluidframe.core.text.Id;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Feel;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;

/** Reads a draft into a figure, collecting every text it cannot read instead of stopping at the first. */
public final class DraftReader {

    /** More rows than any figure needs; a chart beyond this is a mistake. */
    public static final int MOST_ROWS = 64;
    /** More bars than any figure needs. */
    public static final int MOST_BARS = 64;

    private static final Pattern MUTED_RULE = Pattern.compile("[A-Z]\\d{1,2}");
    /** Letters in the title of a figure. */
    public static final int LONGEST_NAME = DraftTexts.LONGEST_NAME;

    private static final int MOST_NAMES = 20;

    private final FigureDraft draft;
    private final List<Dance> dances;
    private final DraftTexts texts = new DraftTexts();
    private final RowReader rows = new RowReader(texts);

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
        return new DraftReading(figure, reader.texts.unreadable());
    }

    private Optional<Figure> figure() {
        checkNames();
        Optional<Dance> dance =
                dances.stream().filter(each -> each.id().equals(draft.dance())).findFirst();
        if (dance.isEmpty()) {
            texts.complain(
                    Place.field("dance"),
                    draft.dance(),
                    "a dance: "
                            + String.join(", ", dances.stream().map(Dance::id).toList()));
        }
        Optional<Beats> length = dance.flatMap(this::length);
        Level level = texts.read(Place.field("level"), draft.level(), Level.LEXICON::read)
                .orElse(Level.OPEN);
        Relation start = texts.relation("start", draft.start());
        Relation end = texts.relation("end", draft.end());
        List<Alignment> startAlignments =
                texts.each("startAlignments", draft.startAlignments(), VariantsReader::alignment);
        Chart man = chart(Part.MAN);
        Chart lady = chart(Part.LADY);
        Feel feel = draft.feel()
                .flatMap(text -> texts.read(Place.field("feel"), text, Feel.LEXICON::read))
                .orElse(dance.map(each -> each.rhythm().feel()).orElse(Feel.QUARTER));
        Variants variants = new VariantsReader(draft, dances, texts).read(Map.of(Part.MAN, man, Part.LADY, lady));
        List<Caution> cautions = texts.each("cautions", draft.cautions(), Caution.LEXICON::read);
        Neighbours neighbours =
                new Neighbours(texts.texts("follows", draft.follows()), texts.texts("precedes", draft.precedes()));
        Teaching teaching = new Teaching(
                texts.texts("cues", draft.cues()),
                texts.texts("faults", draft.faults()),
                texts.texts("drills", draft.drills()),
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
            texts.complain(Place.field("id"), draft.id(), NotationSentences.anIdOfSmallLettersDigits());
        }
        if (draft.title().isBlank() || draft.title().length() > LONGEST_NAME) {
            texts.complain(Place.field("title"), draft.title(), NotationSentences.aTitleOf1ToLetters(LONGEST_NAME));
        }
        if (draft.otherNames().size() > MOST_NAMES) {
            texts.complain(
                    Place.field("otherNames"),
                    draft.otherNames().size() + " names",
                    NotationSentences.atMostOtherNames(MOST_NAMES));
        }
        for (int i = 0; i < draft.otherNames().size(); i++) {
            texts.checkName("otherNames/" + i, draft.otherNames().get(i));
        }
    }

    private Optional<Beats> length(Dance dance) {
        Place place = Place.field("bars");
        return texts.read(place, draft.bars(), text -> {
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

    private Chart chart(Part part) {
        List<RowDraft> chart = draft.chart(part);
        if (chart.isEmpty() || chart.size() > MOST_ROWS) {
            texts.complain(Place.chart(part), chart.size() + " rows", "1 to " + MOST_ROWS + " rows");
        }
        List<Step> steps = new ArrayList<>();
        for (int i = 0; i < Math.min(chart.size(), MOST_ROWS); i++) {
            int row = i;
            steps.add(rows.read(
                    chart.get(i),
                    column -> Place.cell(part, row, column),
                    () -> Situations.of(chart, row, draft.dance(), dances)));
        }
        return new Chart(part, steps);
    }

    private void checkMutes() {
        for (int i = 0; i < draft.mutes().size(); i++) {
            Mute mute = draft.mutes().get(i);
            if (mute.reason().isBlank() || mute.reason().length() > DraftTexts.LONGEST_TEXT) {
                texts.complain(
                        Place.field("mutes/" + i + "/reason"),
                        mute.reason(),
                        NotationSentences.theReasonWhyThisFindingIs());
            }
            if (!MUTED_RULE.matcher(mute.rule()).matches()) {
                texts.complain(Place.field("mutes/" + i + "/rule"), mute.rule(), NotationSentences.theIdOfARuleSuch());
            }
            checkPointer("mutes/" + i + "/at", mute.at());
        }
        for (int i = 0; i < draft.derived().size(); i++) {
            checkPointer("derived/" + i, draft.derived().get(i));
        }
    }

    private void checkPointer(String field, String pointer) {
        if (!pointer.isEmpty() && (!pointer.startsWith("/") || pointer.length() > LONGEST_NAME)) {
            texts.complain(Place.field(field), pointer, NotationSentences.aPlaceInTheFigureSuch());
        }
    }

    private Optional<LocalDate> day(String text) {
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            texts.complain(Place.field("lastRead"), text, NotationSentences.aDaySuchAs202611());
            return Optional.empty();
        }
    }
}
