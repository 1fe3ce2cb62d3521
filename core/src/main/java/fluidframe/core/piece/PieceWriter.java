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
            lines.add("up-beat " + (piece.upBeat().equals(Beats.HALF) ? "half" : piece.upBeat()));
        }
        lines.add(piece.sections().stream().map(PieceWriter::section).collect(Collectors.joining(", ")));
        lines.addAll(tempos(piece));
        piece.hits().stream()
                .map(hit -> hit.kind() + " on " + place(piece, hit.at()))
                .forEach(lines::add);
        piece.cueWords().stream()
                .map(words -> "words \"" + words.words() + "\" on " + place(piece, words.at()))
                .forEach(lines::add);
        if (piece.fade() > 0) {
            lines.add("fade over the last " + new Fraction(piece.fade(), 1).counting("bar"));
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
                said.add("slowing to " + number(change.barsPerMinute()) + " from bar "
                        + piece.barOf(changes.get(i - 1).at()) + " to " + (bar - 1));
            } else if (i == 0 || change.barsPerMinute() != changes.get(i - 1).barsPerMinute()) {
                said.add(number(change.barsPerMinute()) + " bars a minute" + (bar == 1 ? "" : " from bar " + bar));
            }
        }
        return said;
    }

    private static String place(Piece piece, Beats at) {
        int bar = piece.barOf(at);
        Beats within = at.minus(piece.bar().times(bar - 1));
        String part =
                within.fraction().equals(Beats.HALF) ? "&" : within.fraction().equals(Beats.of(3, 4)) ? "a" : "";
        return (within.wholeBeats() + 1) + part + " of bar " + bar;
    }

    private static String number(double barsPerMinute) {
        return new DecimalFormat("0.##", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(barsPerMinute);
    }
}
