package fluidframe.core.notation;

import fluidframe.core.couple.Part;
import fluidframe.core.dance.Dance;
import fluidframe.core.figure.Chart;
import fluidframe.core.figure.NamedTiming;
import fluidframe.core.figure.RepeatUnit;
import fluidframe.core.figure.Rows;
import fluidframe.core.figure.School;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.SplitPurpose;
import fluidframe.core.figure.Usage;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Variation;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.time.Count;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;

/** Reads in which other ways a figure of a draft is danced. */
final class VariantsReader {

    private final FigureDraft draft;
    private final List<Dance> dances;
    private final DraftTexts texts;
    private final RowReader rowReader;

    VariantsReader(FigureDraft draft, List<Dance> dances, DraftTexts texts) {
        this.draft = draft;
        this.dances = dances;
        this.texts = texts;
        this.rowReader = new RowReader(texts);
    }

    Variants read(Map<Part, Chart> charts) {
        FigureDraft.VariantsDraft variants = draft.variants();
        List<Variation> schools = variations("schools", variants.schools(), charts);
        for (int i = 0; i < schools.size(); i++) {
            texts.read(Place.field("schools/" + i + "/name"), schools.get(i).name(), School.LEXICON::read);
        }
        return new Variants(
                timings(),
                splits(),
                variations("finishes", variants.finishes(), charts),
                repeat(),
                variants.manSchool().flatMap(text -> texts.read(Place.field("school/man"), text, School.LEXICON::read)),
                variants.ladySchool()
                        .flatMap(text -> texts.read(Place.field("school/lady"), text, School.LEXICON::read)),
                schools,
                variations("entries", variants.entries(), charts),
                usage(variants.usage()));
    }

    private Usage usage(FigureDraft.UsageDraft usage) {
        Place place = Place.field("curve");
        int curve = usage.curve()
                .flatMap(text -> texts.read(place, text, Turn::parseSize))
                .map(Turn::size)
                .orElse(0);
        if (curve > Usage.MOST_CURVE) {
            texts.complain(
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
            texts.checkName(at + "/name", variation.name());
            variations.add(new Variation(
                    variation.name(),
                    changes(at, variation.man(), charts.get(Part.MAN)),
                    changes(at, variation.lady(), charts.get(Part.LADY)),
                    variation.start().map(start -> texts.relation(at + "/start", start)),
                    variation.end().map(end -> texts.relation(at + "/end", end))));
        }
        return variations;
    }

    private SortedMap<Integer, Step> changes(String field, List<FigureDraft.RowChangeDraft> changes, Chart chart) {
        SortedMap<Integer, Step> rows = new TreeMap<>();
        for (int i = 0; i < changes.size(); i++) {
            FigureDraft.RowChangeDraft change = changes.get(i);
            String at = field + "/" + chart.part().key() + "/" + i;
            if (change.row() < 1 || change.row() > chart.steps().size() || rows.containsKey(change.row() - 1)) {
                texts.complain(
                        Place.field(at + "/row"),
                        String.valueOf(change.row()),
                        NotationSentences.aRowOfTheSChart(
                                chart.part().wording(), chart.steps().size()));
            } else {
                RowDraft row = draft.chart(chart.part()).get(change.row() - 1).with(change.cells());
                int index = change.row() - 1;
                rows.put(
                        index,
                        rowReader.read(
                                row,
                                column -> Place.field(at + "/" + column.key()),
                                () -> Situations.of(draft.chart(chart.part()), index, draft.dance(), dances)));
            }
        }
        return rows;
    }

    private Optional<RepeatUnit> repeat() {
        return draft.variants().repeat().flatMap(unit -> {
            Optional<SortedSet<Integer>> times =
                    texts.read(Place.field("repeat/times"), unit.times(), RepeatTimes::parse);
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
            texts.complain(Place.field(field), first + "–" + last, NotationSentences.rowsFrom1ToTheFirst(size));
            return Optional.empty();
        }
        return Optional.of(new Rows(first - 1, last - 1));
    }

    private List<NamedTiming> timings() {
        List<NamedTiming> timings = new ArrayList<>();
        for (int i = 0; i < draft.variants().timings().size(); i++) {
            FigureDraft.TimingDraft timing = draft.variants().timings().get(i);
            texts.checkName("timings/" + i + "/name", timing.name());
            Optional<Count> man = texts.read(
                    Place.field("timings/" + i + "/man"),
                    timing.man(),
                    text -> Counts.read(text, draft.man().size()));
            Optional<Count> lady = texts.read(
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
            texts.checkName("splits/" + i + "/name", split.name());
            List<Alignment> starts =
                    texts.each("splits/" + i + "/startAlignments", split.startAlignments(), VariantsReader::alignment);
            Place place = Place.field("splits/" + i + "/purpose");
            Optional<SplitPurpose> purpose =
                    split.purpose().flatMap(text -> texts.read(place, text, SplitPurpose.LEXICON::read));
            rows("splits/" + i, split.first(), split.last(), draft.man().size())
                    .ifPresent(
                            rows -> splits.add(new Split(split.name(), split.first(), split.last(), starts, purpose)));
        }
        return splits;
    }

    static Alignment alignment(String text) {
        return (Alignment) Column.ALIGNMENT.read(text);
    }
}
