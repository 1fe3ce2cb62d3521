package fluidframe.core.audit;

import fluidframe.core.couple.Part;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.RepeatUnit;
import fluidframe.core.figure.Repeats;
import fluidframe.core.figure.Rows;
import fluidframe.core.figure.Split;
import fluidframe.core.figure.Variants;
import fluidframe.core.figure.Variation;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Ways;
import fluidframe.core.notation.Place;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Slot;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * A way of dancing a figure under audit: the chart it makes, and where its rows stand in the figure.
 *
 * @param said how a sentence about it begins
 * @param field the field of the figure that describes it
 * @param danced the figure it makes, of the stated length
 * @param rows for each part's row the row of the figure's chart, and the place where the way changes it
 */
record DancedWay(String said, String field, WayKind kind, Figure danced, RowPlaces rows) {

    /** Where a row of the way stands in the figure. */
    interface RowPlaces {

        /** The row of the figure's chart, from 0. */
        int charted(Part part, int row);

        /** The place in the way's own field, if it says the row itself. */
        default Optional<String> changed(Part part, int row) {
            return Optional.empty();
        }
    }

    /**
     * Each entry, finish, school and part by itself, each entry with each finish, and the unit danced as often as it
     * must be to show how it goes on.
     */
    static List<DancedWay> of(Figure figure) {
        List<DancedWay> ways = new ArrayList<>();
        Variants variants = figure.variants();
        variations(figure, variants.entries(), "entries", AuditSentences.withTheEntry(), WayKind.ENTRY, ways);
        variations(figure, variants.finishes(), "finishes", AuditSentences.withTheFinish(), WayKind.FINISH, ways);
        variations(figure, variants.schools(), "schools", AuditSentences.inTheSchool(), WayKind.SCHOOL, ways);
        for (Variation entry : variants.entries()) {
            for (Variation finish : variants.finishes()) {
                ways.add(new DancedWay(
                        AuditSentences.dancedWithTheEntryAndThe(entry.name(), finish.name()),
                        "finishes",
                        WayKind.ENTRY_AND_FINISH,
                        finish.applyTo(entry.applyTo(figure)),
                        (part, row) -> row));
            }
        }
        variants.repeat().flatMap(unit -> repeated(figure, unit)).ifPresent(ways::add);
        for (int i = 0; i < variants.splits().size(); i++) {
            part(figure, variants.splits().get(i), i).ifPresent(ways::add);
        }
        return ways;
    }

    private static void variations(
            Figure figure, List<Variation> variations, String field, String said, WayKind kind, List<DancedWay> ways) {
        for (int i = 0; i < variations.size(); i++) {
            Variation variation = variations.get(i);
            String at = field + "/" + i;
            ways.add(new DancedWay(
                    "Danced " + said + " \"" + variation.name() + "\": ",
                    at,
                    kind,
                    variation.applyTo(figure),
                    new Changes(variation, at)));
        }
    }

    private record Changes(Variation variation, String field) implements RowPlaces {

        @Override
        public int charted(Part part, int row) {
            return row;
        }

        @Override
        public Optional<String> changed(Part part, int row) {
            int position = List.copyOf(variation.rows(part).keySet()).indexOf(row);
            return position < 0 ? Optional.empty() : Optional.of(field + "/" + part.key() + "/" + position);
        }
    }

    private static Optional<DancedWay> repeated(Figure figure, RepeatUnit unit) {
        Optional<Integer> times = unit.times().stream()
                .filter(each -> each > 1 && Repeats.fits(figure, unit, each))
                .findFirst();
        return times.flatMap(each -> danced(figure, Way.AS_CHARTED.withRepeats(each)))
                .map(danced -> new DancedWay(
                        AuditSentences.dancedTimes(times.get()),
                        "repeat",
                        WayKind.REPEATS,
                        danced,
                        (part, row) -> unrepeated(unit.rows(part), row, times.get())));
    }

    private static int unrepeated(Rows unit, int row, int times) {
        int length = unit.last() - unit.first() + 1;
        int after = unit.first() + times * length;
        return row < unit.first()
                ? row
                : row >= after ? row - (times - 1) * length : unit.first() + (row - unit.first()) % length;
    }

    private static Optional<DancedWay> part(Figure figure, Split split, int index) {
        return danced(figure, Way.AS_CHARTED.withSplit(split.name())).map(danced -> {
            OptionalInt hers = firstOfHers(figure, split);
            return new DancedWay(
                    AuditSentences.dancedAsThePart(split.name()),
                    "splits/" + index,
                    WayKind.PART,
                    danced,
                    (part, row) -> row + (part == Part.MAN ? split.first() - 1 : hers.orElse(0)));
        });
    }

    private static OptionalInt firstOfHers(Figure figure, Split split) {
        Slot from = figure.timing(Part.MAN).slots().get(split.first() - 1);
        List<Slot> hers = figure.timing(Part.LADY).slots();
        return IntStream.range(0, hers.size())
                .filter(row -> hers.get(row).onset().compareTo(from.onset()) >= 0)
                .findFirst();
    }

    /** What has no length of its own is told by the rules of the count. */
    private static Optional<Figure> danced(Figure figure, Way way) {
        try {
            return Optional.of(Ways.danced(figure, way));
        } catch (CountException e) {
            return Optional.empty();
        }
    }

    /** Where a place of the way's own charts is in the figure as it is written. */
    Place charted(Place place) {
        if (place.part().isEmpty() || place.step().isEmpty()) {
            return place;
        }
        return new Place(
                place.field(),
                place.part(),
                Optional.of(rows.charted(place.part().get(), place.step().get())),
                place.column());
    }

    /** The place in the way that says it; else the way as a whole. */
    Place own(Place place) {
        Optional<String> changed = place.part().isPresent() && place.step().isPresent()
                ? rows.changed(place.part().get(), place.step().get())
                : Optional.empty();
        return Place.field(changed.orElse(field));
    }
}
