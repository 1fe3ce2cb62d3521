package fluidframe.core.sound;

import fluidframe.core.music.Percussion;
import fluidframe.core.piece.Hit;
import fluidframe.core.piece.HitKind;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.SectionKind;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;

/**
 * How a band plays a piece so that its parts are told apart by ear: an introduction without bass, a chorus louder and
 * with a bell, a bridge a fourth higher, a break of drums alone, an ending that comes to rest; its hits struck by all,
 * its stops and breaks silent, its swells growing, its held notes held, its fade fading.
 */
final class Arrangement {

    private static final int FOURTH = 5;
    private static final int LOW_C = 36;
    private static final int MIDDLE_C = 60;
    private static final double CHORUS = 1.25;
    private static final double SOFT = 0.6;
    private static final double STRUCK = 1;

    private final Piece piece;
    private final Beats begins;

    Arrangement(Laying laying) {
        this.piece = laying.piece();
        this.begins = laying.begins();
    }

    /**
     * What is played of a beat of the routine's count, counted from its first bar line: nothing, or so loud and so much
     * higher.
     */
    Cue arranged(Beats counted, Cue cue) {
        Beats at = counted.plus(begins);
        int bar = piece.barOf(at);
        if (bar > piece.bars()) {
            return silent(cue);
        }
        double gain = isSilent(at) ? 0 : faded(bar) * swell(at) * inSection(cue.sound(), at, bar);
        return new Cue(cue.at(), raised(cue.sound(), bar), Math.min(1, cue.gain() * gain));
    }

    private static Cue silent(Cue cue) {
        return new Cue(cue.at(), cue.sound(), 0);
    }

    private double inSection(Sound sound, Beats at, int bar) {
        boolean drums = sound instanceof Sound.Drum;
        boolean bell = sound instanceof Sound.Drum drum && drum.struck() == Percussion.BELL;
        return switch (piece.sectionOf(Math.max(1, bar)).section().kind()) {
            case INTRODUCTION -> sound instanceof Sound.Bass ? 0 : SOFT;
            case CHORUS -> CHORUS;
            case BREAK -> drums ? 1 : 0;
            case ENDING -> bar == piece.bars() && at.ticks() % piece.bar().ticks() != 0 ? 0 : bell ? 0 : 1;
            case VERSE, BRIDGE -> 1;
        };
    }

    private Sound raised(Sound sound, int bar) {
        if (piece.sectionOf(Math.max(1, bar)).section().kind() != SectionKind.BRIDGE) {
            return sound;
        }
        if (sound instanceof Sound.Bass bass) {
            return new Sound.Bass(bass.key() + FOURTH);
        }
        return sound instanceof Sound.Chord chord ? new Sound.Chord(chord.root() + FOURTH, chord.minor()) : sound;
    }

    /** After a stop to the end of its bar, in a break for the whole of it, while a note is held. */
    private boolean isSilent(Beats at) {
        return piece.hits().stream().anyMatch(hit -> {
            Beats barEnd = piece.bar().times(piece.barOf(hit.at()));
            boolean after = at.compareTo(hit.at()) > 0 && at.compareTo(barEnd) < 0;
            return hit.kind() == HitKind.BREAK && (after || at.equals(hit.at()))
                    || (hit.kind() == HitKind.STOP || hit.kind() == HitKind.HELD) && after;
        });
    }

    /** In the bar before it the music grows. */
    private double swell(Beats at) {
        return piece.hits().stream()
                .filter(hit -> hit.kind() == HitKind.SWELL)
                .filter(hit -> at.compareTo(hit.at().minus(piece.bar())) >= 0 && at.compareTo(hit.at()) < 0)
                .mapToDouble(hit -> SOFT
                        + at.minus(hit.at().minus(piece.bar())).toDouble()
                                / piece.bar().toDouble())
                .findFirst()
                .orElse(1);
    }

    private double faded(int bar) {
        int into = bar - (piece.bars() - piece.fade());
        return into <= 0 ? 1 : 1 - (double) into / (piece.fade() + 1);
    }

    /** What all strike on the hits of a stretch and of the beats before it. */
    List<Cue> struck(Beats counted, Beats before, Beats length, boolean minor) {
        List<Cue> cues = new ArrayList<>();
        for (Hit hit : piece.hits()) {
            Beats at = hit.at().minus(begins).minus(counted);
            if (at.compareTo(Beats.ZERO.minus(before)) >= 0
                    && at.compareTo(length) < 0
                    && hit.kind() != HitKind.BREAK
                    && hit.kind() != HitKind.SWELL) {
                cues.add(new Cue(at, new Sound.Drum(Percussion.LOW), STRUCK));
                cues.add(new Cue(at, new Sound.Drum(Percussion.SNARE), STRUCK));
                cues.add(new Cue(at, new Sound.Bass(LOW_C), STRUCK));
                cues.add(new Cue(at, new Sound.Chord(MIDDLE_C, minor), STRUCK));
            }
        }
        return cues;
    }
}
