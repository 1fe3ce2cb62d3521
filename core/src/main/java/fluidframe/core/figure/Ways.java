package fluidframe.core.figure;

import fluidframe.core.couple.Part;
import fluidframe.core.couple.Relation;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Heading;
import fluidframe.core.space.Turn;
import fluidframe.core.step.Step;
import fluidframe.core.time.Beats;
import fluidframe.core.time.CountException;
import fluidframe.core.time.Slot;
import fluidframe.core.time.Timing;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A figure danced in one of its ways is a figure again: the same rows entered, counted, finished, repeated or cut
 * otherwise, or as in a mirror. So everything that is computed of a figure is computed of every way of dancing it.
 */
public final class Ways {

    private Ways() {}

    /**
     * Every way in which a figure can be danced. Left out are ways whose count has no name in the dance, and repeats of
     * a unit that the finish changes.
     */
    public static Map<Way, Figure> of(Figure figure) {
        Variants variants = figure.variants();
        List<Way> ways = new ArrayList<>();
        for (Optional<String> entry :
                orNone(variants.entries().stream().map(Variation::name).toList())) {
            for (Optional<String> finish :
                    orNone(variants.finishes().stream().map(Variation::name).toList())) {
                for (Optional<String> timing : orNone(
                        variants.timings().stream().map(NamedTiming::name).toList())) {
                    add(figure, new Way(Optional.empty(), finish, timing, 1, Optional.empty(), entry, false), ways);
                }
            }
        }
        if (variants.usage().eitherFoot()) {
            List.copyOf(ways).forEach(way -> ways.add(way.onOtherFoot()));
        }
        Map<Way, Figure> danced = new LinkedHashMap<>();
        ways.forEach(way -> tried(figure, way).ifPresent(each -> danced.put(way, each)));
        return danced;
    }

    /**
     * A whole way, and what it leaves room for: its unit repeated, where neither end changes the unit, and its parts,
     * where every change falls into them.
     */
    private static void add(Figure figure, Way way, List<Way> ways) {
        Variants variants = figure.variants();
        ways.add(way);
        List<Variation> changes = Stream.concat(
                        way.entry().map(name -> named(variants.entries(), name)).stream(),
                        way.finish().map(name -> named(variants.finishes(), name)).stream())
                .toList();
        variants.repeat()
                .filter(unit -> changes.stream().noneMatch(change -> touches(change, unit)))
                .ifPresent(unit -> unit.times().stream()
                        .filter(times -> times > 1)
                        .forEach(times -> ways.add(way.withRepeats(times))));
        variants.splits().forEach(split -> {
            boolean changed = changes.stream().allMatch(change -> touches(change, split));
            if (changed
                    && split.last() - split.first() + 1 < figure.man().steps().size()) {
                ways.add(way.withSplit(split.name()));
            }
        });
    }

    private static List<Optional<String>> orNone(List<String> names) {
        List<Optional<String>> all = new ArrayList<>();
        all.add(Optional.empty());
        names.forEach(name -> all.add(Optional.of(name)));
        return all;
    }

    /** A change inside the unit would come every time the unit is danced, not at one end. */
    private static boolean touches(Variation change, RepeatUnit unit) {
        return change.man().keySet().stream()
                .anyMatch(row -> row >= unit.man().first() && row <= unit.man().last());
    }

    private static boolean touches(Variation finish, Split split) {
        return finish.man().keySet().stream().anyMatch(row -> row + 1 >= split.first() && row + 1 <= split.last());
    }

    private static Optional<Figure> tried(Figure figure, Way way) {
        try {
            return Optional.of(danced(figure, way));
        } catch (CountException uncountable) {
            return Optional.empty();
        }
    }

    /**
     * @throws CountException where the count has no name in the dance
     * @throws IllegalArgumentException if the figure has no variant of that name
     */
    public static Figure danced(Figure figure, Way way) {
        Variants variants = figure.variants();
        Figure danced = way.school()
                .map(name -> named(variants.schools(), name).applyTo(figure))
                .orElse(figure);
        danced = way.entry().isPresent()
                ? named(variants.entries(), way.entry().get()).applyTo(danced)
                : danced;
        danced = way.finish().isPresent()
                ? named(variants.finishes(), way.finish().get()).applyTo(danced)
                : danced;
        danced = way.timing().isPresent() ? timed(danced, way.timing().get()) : danced;
        danced = way.repeats() > 1 ? Repeats.danced(danced, way.repeats()) : danced;
        danced = danced == figure ? figure : danced.withLength(Counted.length(danced));
        danced = way.split().isPresent() ? cut(danced, way.split().get()) : danced;
        danced = way.otherFoot() ? onOtherFoot(danced) : danced;
        return danced == figure ? figure : danced.withVariants(variants.ofOtherRows());
    }

    /** As in a mirror, from where it is charted to begin. */
    private static Figure onOtherFoot(Figure figure) {
        if (!figure.variants().usage().eitherFoot()) {
            throw new IllegalArgumentException(FigureSentences.itIsDancedFromOneFoot());
        }
        Figure mirrored = MirrorImage.of(figure);
        Turn back = mirrored.startHeading().turnTo(figure.startHeading());
        return mirrored.withCharts(mirrored.man().turned(back), mirrored.lady().turned(back))
                .withStartAlignments(figure.startAlignments());
    }

    private static Variation named(List<Variation> variations, String name) {
        return variations.stream()
                .filter(variation -> variation.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(FigureSentences.noVariant(name)));
    }

    private static Figure timed(Figure figure, String name) {
        NamedTiming timing = figure.variants().timings().stream()
                .filter(each -> each.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(FigureSentences.noTiming(name)));
        return figure.withCharts(
                figure.man().counted(timing.man()), figure.lady().counted(timing.lady()));
    }

    private static Figure cut(Figure figure, String name) {
        Split split = figure.variants()
                .split(name)
                .filter(each -> each.last() <= figure.man().steps().size())
                .orElseThrow(() -> new IllegalArgumentException(FigureSentences.noPart(name)));
        Timing his = figure.timing(Part.MAN);
        Timing hers = figure.timing(Part.LADY);
        Beats from = his.slots().get(split.first() - 1).onset();
        Beats to = his.slots().get(split.last() - 1).end();
        Relation before = figure.start();
        Relation after = figure.start();
        for (Moment moment : Moments.of(figure, his, hers)) {
            before = moment.onset().compareTo(from) < 0 ? moment.relation() : before;
            after = moment.onset().compareTo(to) < 0 ? moment.standing() : after;
        }
        boolean toTheEnd = split.last() == figure.man().steps().size();
        Heading written = figure.man().turnAccount().start();
        Heading there =
                figure.man().turnAccount().entries().get(split.first() - 1).before();
        Turn on = written.turnTo(there);
        Chart man = new Chart(Part.MAN, figure.man().steps().subList(split.first() - 1, split.last()));
        List<Step> hersCut = new ArrayList<>();
        for (int row = 0; row < hers.slots().size(); row++) {
            Slot slot = hers.slots().get(row);
            if (slot.onset().compareTo(from) >= 0 && slot.onset().compareTo(to) < 0) {
                hersCut.add(figure.lady().steps().get(row));
            }
        }
        List<Alignment> starts = split.startAlignments().isEmpty()
                ? figure.startAlignments().stream()
                        .map(alignment -> alignment.turned(on))
                        .toList()
                : split.startAlignments();
        return countable(figure.withCharts(man, new Chart(Part.LADY, hersCut))
                .withStart(before)
                .withEnd(toTheEnd ? figure.end() : after)
                .withStartAlignments(starts)
                .withLength(to.minus(from)));
    }

    /** A part may begin with what is no count of its own, such as an "&" whose beat belongs to the step before. */
    private static Figure countable(Figure part) {
        for (Part each : Part.values()) {
            part.timing(each);
        }
        return part;
    }
}
