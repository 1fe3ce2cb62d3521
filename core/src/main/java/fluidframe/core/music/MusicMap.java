package fluidframe.core.music;

import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * How a piece of music is built, as far as dancing needs it. Bars are counted from 1; points of time are beats from the
 * first bar line.
 *
 * @param bar how long a bar lasts
 * @param upBeat beats before the first bar line
 * @param phrases how many bars each phrase has, one after another; the last of them goes on and on
 * @param sections the parts of the piece, from the first to the last
 * @param tempo how fast it goes
 * @param hits where the music strikes
 */
@RecordBuilder
public record MusicMap(
        Beats bar,
        Beats upBeat,
        List<Integer> phrases,
        List<MusicSection> sections,
        TempoMap tempo,
        SortedSet<Beats> hits)
        implements MusicMapBuilder.With {

    /**
     * @throws IllegalArgumentException if there is no bar, no phrase, or one without bars, or if the up-beat is a bar
     *     or longer
     */
    public MusicMap {
        if (!bar.isPositive() || upBeat.compareTo(Beats.ZERO) < 0 || upBeat.compareTo(bar) >= 0) {
            throw new IllegalArgumentException(MusicSentences.aBarHasALengthAnd());
        }
        if (phrases.isEmpty() || phrases.stream().anyMatch(bars -> bars < 1)) {
            throw new IllegalArgumentException(MusicSentences.thereIsAtLeastOnePhrase());
        }
        phrases = List.copyOf(phrases);
        sections = List.copyOf(sections);
        hits = Collections.unmodifiableSortedSet(new TreeSet<>(hits));
    }

    /** Phrases of so many bars for ever. */
    public static MusicMap plain(Beats bar, int phraseBars, Tempo tempo) {
        return plain(bar, phraseBars, TempoMap.steady(bar, tempo));
    }

    public static MusicMap plain(Beats bar, int phraseBars, TempoMap tempo) {
        return new MusicMap(bar, Beats.ZERO, List.of(phraseBars), List.of(), tempo, Collections.emptySortedSet());
    }

    /**
     * Which bar of its phrase a bar is, from 1. Bars before the first are counted back as if the first phrase had been
     * going on.
     */
    public int barOfPhrase(int number) {
        int left = number - 1;
        if (left < 0) {
            return Math.floorMod(left, phrases.get(0)) + 1;
        }
        for (int bars : phrases.subList(0, phrases.size() - 1)) {
            if (left < bars) {
                return left + 1;
            }
            left -= bars;
        }
        return left % phrases.get(phrases.size() - 1) + 1;
    }

    /**
     * The same piece heard from one of its bars on: the phrase it falls into goes on to its end, and what came before
     * is left out.
     *
     * @throws IllegalArgumentException for a bar before the first
     */
    public MusicMap from(int number) {
        if (number < 1) {
            throw new IllegalArgumentException(MusicSentences.barsAreCountedFrom1Not(number));
        }
        Beats gone = bar.times(number - 1);
        List<Integer> left = new ArrayList<>();
        int end = 0;
        for (int bars : phrases) {
            end += bars;
            if (end >= number) {
                left.add(Math.min(bars, end - number + 1));
            }
        }
        int last = phrases.get(phrases.size() - 1);
        if (end < number) {
            left.add(last - barOfPhrase(number) + 1);
        }
        left.add(last);
        return new MusicMap(
                bar,
                upBeat,
                left,
                sections.stream()
                        .filter(section -> section.bar() >= number)
                        .map(section -> new MusicSection(section.bar() - number + 1, section.title()))
                        .toList(),
                tempo.from(gone),
                hits.stream()
                        .filter(hit -> hit.compareTo(gone) >= 0)
                        .map(hit -> hit.minus(gone))
                        .collect(Collectors.toCollection(TreeSet::new)));
    }

    /** Whether a phrase begins here. */
    public boolean startsPhrase(Beats at) {
        return at.ticks() % bar.ticks() == 0 && barOfPhrase(at.ticks() / bar.ticks() + 1) == 1;
    }

    /** Where the parts of the piece begin. */
    public Set<Beats> sectionStarts() {
        return sections.stream().map(section -> bar.times(section.bar() - 1)).collect(Collectors.toUnmodifiableSet());
    }

    /**
     * The same piece with its hits counted from a beat of the first bar, on which a dance begins; what strikes before
     * it is left out.
     */
    public MusicMap hitsFrom(Beats beat) {
        return withHits(hits.stream()
                .filter(hit -> hit.compareTo(beat) >= 0)
                .map(hit -> hit.minus(beat))
                .collect(Collectors.toSet()));
    }

    /** The same piece, striking elsewhere. */
    public MusicMap withHits(Set<Beats> others) {
        return withHits(new TreeSet<>(others));
    }
}
