package fluidframe.core.phrase;

import fluidframe.core.step.HipMove;
import fluidframe.core.text.Token;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** "Hips settle to the left after half a beat", "turn left on the half beat, then incline right". */
public final class BodyPhrasing implements Phrasing {

    private enum Kind {
        MOVE,
        HIP,
        SIDE,
        AT,
        BEATS,
        IGNORED
    }

    private record Piece(Kind kind, String text) {}

    private static final Phrasebook<Piece> BOOK = new Phrasebook<Piece>()
            .terms(List.of(HipMove.values()), move -> new Piece(Kind.MOVE, move.shorthand()))
            .say(move("settle"), "(hip|hips) settle|settles|settled|settling")
            .say(move("turn"), "(hip|hips) turn|turns|turned|turning|twist|twists (of) (hips)", "hip twist")
            .say(move("incline"), "(hip|hips) incline|inclines|inclined|tilt|tilts")
            .say(move("direct"), "direct (hip) (action)", "(hip|hips) turn and incline", "direct hip|hips")
            .say(move("lift"), "(hip|hips) lift|lifts|lifted|raise|raises", "hip lift")
            .say(move("maintain"), "(hip|hips) stay|stays|maintain|maintains|held")
            .say(move("fig8"), "figure of eight", "figure 8", "figure eight")
            .say(move("stretch"), "(body) stretch|stretches|stretching")
            .say(move("ribs"), "rib|ribs (cage) (answers)", "ribcage (answers)")
            .say(move("head"), "head (turns|turn|closed|open)")
            .say(move("spot"), "(head) spot|spots|spotting")
            .say(move("roll"), "(body) roll|rolls|rolling")
            .say(move("bounce"), "bounce|bounces|bouncing (action)", "knees and ankles give")
            .say(move("glide"), "glide|glides|gliding", "no bounce")
            .say(move("neutral"), "(hip|hips) neutral")
            .say(new Piece(Kind.SIDE, "R"), "right|r|rt")
            .say(new Piece(Kind.SIDE, "L"), "left|l|lt")
            .say(new Piece(Kind.AT, ""), "after|@|on (the)")
            .say(new Piece(Kind.BEATS, "1/2"), "half (a) (beat)", "half way", "halfway", "and|&")
            .say(new Piece(Kind.BEATS, "1/4"), "quarter (of) (a) (beat)")
            .say(new Piece(Kind.BEATS, "3/4"), "three quarters (of) (a) (beat)")
            .say(new Piece(Kind.IGNORED, ""), "beat|beats|of|foot|body|action")
            .say(new Piece(Kind.HIP, ""), "hip|hips");
    private static final List<String> OF_THE_HIP = List.of("settle", "incline", "turn", "lift");

    private static Piece move(String shorthand) {
        return new Piece(Kind.MOVE, shorthand);
    }

    @Override
    public List<String> nearest(String word) {
        return BOOK.nearest(word, Piece::text);
    }

    @Override
    public Reading read(String text, Situation situation) {
        Sentence<Piece> sentence = Sentence.read(text, BOOK, BodyPhrasing::number);
        List<String> entries = new ArrayList<>();
        boolean sided = false;
        boolean timed = false;
        boolean at = false;
        boolean hip = sentence.meanings().stream().noneMatch(piece -> piece.kind() == Kind.MOVE)
                && sentence.meanings().stream().anyMatch(piece -> piece.kind() == Kind.HIP);
        if (hip) {
            String side = sentence.meanings().stream()
                    .filter(piece -> piece.kind() == Kind.SIDE)
                    .map(piece -> " " + piece.text())
                    .findFirst()
                    .orElse("");
            return new Reading(OF_THE_HIP.stream().map(move -> move + side).toList(), false, sentence.leftovers());
        }
        for (Sentence.Said<Piece> said : sentence.said()) {
            Piece piece = said.meaning();
            int last = entries.size() - 1;
            switch (piece.kind()) {
                case MOVE -> {
                    entries.add(piece.text());
                    sided = false;
                    timed = false;
                }
                case SIDE -> {
                    if (last < 0 || sided || timed) {
                        sentence.leave(said);
                    } else {
                        entries.set(last, entries.get(last) + " " + piece.text());
                        sided = true;
                    }
                }
                case BEATS -> {
                    if (at && last >= 0 && !timed) {
                        entries.set(last, entries.get(last) + " @" + piece.text());
                        timed = true;
                    } else if (!piece.text().equals("1/2") || at) {
                        sentence.leave(said);
                    }
                }
                default -> {}
            }
            at = piece.kind() == Kind.AT;
        }
        return entries.isEmpty()
                ? new Reading(List.of(), false, sentence.leftovers())
                : Reading.sure(String.join("; ", entries), sentence.leftovers());
    }

    private static Optional<Piece> number(Token token) {
        return token.isNumber() ? Optional.of(new Piece(Kind.BEATS, token.word())) : Optional.empty();
    }
}
