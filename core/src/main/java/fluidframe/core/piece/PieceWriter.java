package fluidframe.core.piece;

import fluidframe.core.music.TempoMap;
import fluidframe.core.text.Fraction;
import fluidframe.core.time.Beats;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/**
 * Writes a piece as a coach would note it down; {@link PieceReader} reads it back the same, but for tempos finer than a
 * hundredth.
 */
public final class PieceWriter {

    private PieceWriter() {}

    public static String write(Piece piece) {
        List<String> lines = new ArrayList<>();
        if (!piece.title().isEmpty()) {
            lines.add("\"" + piece.title() + "\"");
        }
        lines.add("in " + piece.bar().wholeBeats());
        if (piece.upBeat().isPositive()) {
            lines.add(PieceSentences.upBeatHalf(piece.upBeat().equals(Beats.HALF), piece.upBeat()));
        }
        lines.add(piece.sections().stream().map(PieceWriter::section).collect(Collectors.joining(", ")));
        lines.addAll(tempos(piece));
        piece.hits().stream()
                .map(hit -> hit.kind() + " on " + place(piece, hit.at()))
                .forEach(lines::add);
        piece.cueWords().stream()
                .map(words -> PieceSentences.wordsOn(words.words(), place(piece, words.at())))
                .forEach(lines::add);
        if (piece.fade() > 0) {
            lines.add(PieceSentences.fadeOverTheLast(new Fraction(piece.fade(), 1).counting("bar")));
        }
        return String.join("; ", lines);
    }

    private static String section(PieceSection section) {
        String name = section.title().isEmpty() ? section.kind().wording() : section.title();
        return name + " "
                + (section.phrases().size() == 1
                        ? section.bars()
                        : section.bars() + " ("
                                + section.phrases().stream()
                                        .map(String::valueOf)
                                        .collect(Collectors.joining("+")) + ")");
    }

    private static List<String> tempos(Piece piece) {
        List<String> said = new ArrayList<>();
        List<TempoMap.Change> changes = piece.tempo().changes();
        for (int i = 0; i < changes.size(); i++) {
            TempoMap.Change change = changes.get(i);
            int bar = piece.barOf(change.at());
            if (change.gradual()) {
                said.add(PieceSentences.slowingToFromBarTo(
                        number(change.barsPerMinute()),
                        piece.barOf(changes.get(i - 1).at()),
                        (bar - 1)));
            } else if (i == 0 || change.barsPerMinute() != changes.get(i - 1).barsPerMinute()) {
                said.add(PieceSentences.barsAMinuteFromBar(number(change.barsPerMinute()), bar == 1, bar));
            }
        }
        return said;
    }

    private static String place(Piece piece, Beats at) {
        int bar = piece.barOf(at);
        Beats within = at.minus(piece.bar().times(bar - 1));
        String part =
                within.fraction().equals(Beats.HALF) ? "&" : within.fraction().equals(Beats.of(3, 4)) ? "a" : "";
        return PieceSentences.ofBar((within.wholeBeats() + 1) + part, bar);
    }

    private static String number(double barsPerMinute) {
        return new DecimalFormat("0.##", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(barsPerMinute);
    }
}
