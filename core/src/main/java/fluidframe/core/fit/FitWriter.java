package fluidframe.core.fit;

import fluidframe.core.dance.Dance;
import fluidframe.core.piece.Hit;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.Piece;
import fluidframe.core.routine.Score;
import fluidframe.core.routine.ScoreStep;
import fluidframe.core.routine.ScoredPlacement;
import fluidframe.core.time.Beats;
import fluidframe.core.work.Stopping;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Lays a score on its piece. A dance that begins on its second beat dances every bar from there to the first beat of
 * the next, so its phrases and its end are counted from that beat.
 */
final class FitWriter {

    private final Score score;
    private final Laying laying;
    private final Piece piece;
    private final Beats begins;
    private final Beats ends;
    /** From the bar line to where the dance begins its bars. */
    private final Beats offset;

    FitWriter(Score score, Laying laying) {
        this.score = score;
        this.laying = laying;
        this.piece = laying.piece();
        this.begins = laying.begins().plus(score.firstBeat());
        this.ends = begins.plus(score.length());
        this.offset = score.firstBeat();
    }

    Fit write() {
        List<HitFit> hits = piece.hits().stream()
                .filter(hit -> hit.at().compareTo(begins) >= 0 && hit.at().compareTo(ends) < 0)
                .map(this::hit)
                .toList();
        List<Misfit> misfits = new ArrayList<>(music());
        Beats left = piece.length().plus(offset).minus(ends);
        if (left.compareTo(Beats.ZERO) < 0) {
            misfits.add(new Misfit.TooLong(Beats.ZERO.minus(left)));
        } else if (left.isPositive()) {
            misfits.add(new Misfit.TooShort(left));
        }
        List<Integer> phrases = new ArrayList<>();
        for (int bar : piece.phraseStarts()) {
            Beats at = piece.bar().times(bar - 1).plus(offset);
            if (at.compareTo(begins) >= 0 && at.compareTo(ends) < 0) {
                straddled(bar, at).ifPresentOrElse(misfits::add, () -> phrases.add(bar));
            }
        }
        misfits.addAll(highlights());
        int heard = phrases.size()
                + (int) misfits.stream()
                        .filter(Misfit.Straddles.class::isInstance)
                        .count();
        return new Fit(score, laying, begins, ends, left, sections(), phrases, heard, hits, misfits);
    }

    private List<Misfit> music() {
        Dance dance = score.routine().dance();
        List<Misfit> misfits = new ArrayList<>();
        if (!piece.dances().isEmpty() && !piece.dances().contains(dance.id())) {
            misfits.add(new Misfit.OtherDance(dance.id()));
        }
        double tempo = piece.tempo().barsPerMinute(begins.toDouble());
        if (!dance.isUsualAt(tempo)) {
            misfits.add(new Misfit.UnusualTempo(tempo));
        }
        return misfits;
    }

    private Beats onset(ScoredPlacement placed) {
        return begins.plus(placed.onset());
    }

    private Optional<Misfit> straddled(int bar, Beats at) {
        for (int passage = 0; passage < score.placements().size(); passage++) {
            Stopping.check();
            Beats from = onset(score.placements().get(passage));
            Beats to = from.plus(score.placements().get(passage).length());
            if (from.compareTo(at) < 0 && to.compareTo(at) > 0) {
                boolean section = piece.begun().stream().anyMatch(begun -> begun.bar() == bar);
                return Optional.of(new Misfit.Straddles(bar, section, passage, at.minus(from), to.minus(at)));
            }
        }
        return Optional.empty();
    }

    private HitFit hit(Hit hit) {
        Beats at = hit.at().minus(begins);
        List<ScoreStep> on =
                score.steps().stream().filter(step -> step.onset().equals(at)).toList();
        List<ScoreStep> under = score.steps().stream()
                .filter(step -> step.onset().compareTo(at) < 0
                        && step.onset().plus(step.length()).compareTo(at) > 0)
                .toList();
        return new HitFit(hit, at, on.isEmpty() ? under : on, !on.isEmpty());
    }

    /** Only where the piece strikes at all can a highlight miss. */
    private List<Misfit> highlights() {
        if (piece.hits().isEmpty()) {
            return List.of();
        }
        return IntStream.range(0, score.placements().size())
                .filter(passage -> score.placements().get(passage).placement().highlight())
                .boxed()
                .flatMap(passage -> {
                    Beats from = onset(score.placements().get(passage));
                    Beats to = from.plus(score.placements().get(passage).length());
                    boolean met = piece.hits().stream()
                            .anyMatch(hit ->
                                    hit.at().compareTo(from) >= 0 && hit.at().compareTo(to) < 0);
                    Hit nearest = piece.hits().stream()
                            .min(Comparator.comparing(
                                    hit -> Math.abs(hit.at().minus(from).ticks())))
                            .orElseThrow();
                    return met
                            ? Stream.<Misfit>empty()
                            : Stream.of(new Misfit.HighlightOffHit(passage, nearest, from.minus(nearest.at())));
                })
                .toList();
    }

    private List<SectionFit> sections() {
        List<SectionFit> sections = new ArrayList<>();
        for (Piece.Begun begun : piece.begun()) {
            Beats from = piece.bar().times(begun.bar() - 1).plus(offset);
            Beats to = piece.bar().times(begun.end() - 1).plus(offset);
            List<Integer> passages = IntStream.range(0, score.placements().size())
                    .filter(passage -> {
                        Beats at = onset(score.placements().get(passage));
                        return at.compareTo(from) >= 0 && at.compareTo(to) < 0;
                    })
                    .boxed()
                    .toList();
            Beats danced = later(Beats.ZERO, earlier(to, ends).minus(later(from, begins)));
            sections.add(new SectionFit(
                    begun,
                    passages,
                    danced,
                    to.minus(from).minus(danced),
                    piece.tempo().seconds(to.minus(offset)) - piece.tempo().seconds(from.minus(offset))));
        }
        return sections;
    }

    private static Beats earlier(Beats one, Beats other) {
        return one.compareTo(other) <= 0 ? one : other;
    }

    private static Beats later(Beats one, Beats other) {
        return one.compareTo(other) >= 0 ? one : other;
    }
}
