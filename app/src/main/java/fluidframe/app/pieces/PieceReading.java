package fluidframe.app.pieces;

import fluidframe.app.pieces.PieceDocument.CueWordDocument;
import fluidframe.app.pieces.PieceDocument.HitDocument;
import fluidframe.app.pieces.PieceDocument.PieceSectionDocument;
import fluidframe.app.pieces.PieceDocument.TempoChangeDocument;
import fluidframe.app.problems.Faults;
import fluidframe.app.problems.RefusedException;
import fluidframe.core.dance.Dances;
import fluidframe.core.music.TempoMap;
import fluidframe.core.piece.CueWord;
import fluidframe.core.piece.Hit;
import fluidframe.core.piece.HitKind;
import fluidframe.core.piece.Piece;
import fluidframe.core.piece.PieceSection;
import fluidframe.core.piece.SectionKind;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Reads a piece in the open format, and says of everything that cannot be where it stands and what was expected. */
public final class PieceReading {

    private static final int FEWEST_BEATS = 2;
    private static final int MOST_BEATS = 4;

    private final PieceDocument document;
    private final Faults faults;
    private Beats bar = Beats.of(MOST_BEATS);

    private PieceReading(PieceDocument document, String root) {
        this.document = document;
        this.faults = new Faults(root);
    }

    /**
     * @param root JSON pointer to the document in what was sent
     * @throws RefusedException naming everything that is wrong
     */
    public static Piece read(PieceDocument document, String root) {
        PieceReading reading = new PieceReading(document, root);
        Optional<Piece> piece = reading.piece();
        reading.faults.refuse();
        return piece.orElseThrow();
    }

    private Optional<Piece> piece() {
        faults.checkId("/id", document.id());
        faults.checkTitle("/title", document.title());
        if (document.beatsPerBar() < FEWEST_BEATS || document.beatsPerBar() > MOST_BEATS) {
            faults.add("/beatsPerBar", String.valueOf(document.beatsPerBar()), "2, 3 or 4");
            return Optional.empty();
        }
        bar = Beats.of(document.beatsPerBar());
        List<String> dances = document.dances() == null ? List.of() : document.dances();
        for (int i = 0; i < dances.size(); i++) {
            if (Dances.find(dances.get(i)).isEmpty()) {
                faults.add("/dances/" + i, dances.get(i), PiecesSentences.theIdOfADance());
            }
        }
        Beats upBeat = document.upBeat() == null
                ? Beats.ZERO
                : beats("/upBeat", document.upBeat()).orElse(Beats.ZERO);
        if (upBeat.compareTo(Beats.ZERO) < 0 || upBeat.compareTo(bar) >= 0) {
            faults.add("/upBeat", document.upBeat(), PiecesSentences.beatsFewerThanABarHas());
        }
        List<PieceSection> sections = new ArrayList<>();
        for (int i = 0; i < document.sections().size(); i++) {
            section("/sections/" + i, document.sections().get(i)).ifPresent(sections::add);
        }
        List<TempoMap.Change> changes = new ArrayList<>();
        for (int i = 0; i < document.tempo().size(); i++) {
            change("/tempo/" + i, document.tempo().get(i)).ifPresent(changes::add);
        }
        List<Hit> hits = new ArrayList<>();
        for (int i = 0; i < orEmpty(document.hits()).size(); i++) {
            HitDocument hit = document.hits().get(i);
            String place = "/hits/" + i;
            Optional<HitKind> kind = faults.term(place + "/kind", hit.kind(), HitKind.LEXICON);
            at(place, hit.bar(), hit.beat()).ifPresent(at -> kind.ifPresent(known -> hits.add(new Hit(at, known))));
        }
        List<CueWord> words = new ArrayList<>();
        for (int i = 0; i < orEmpty(document.cueWords()).size(); i++) {
            CueWordDocument cue = document.cueWords().get(i);
            String place = "/cueWords/" + i;
            at(place, cue.bar(), cue.beat())
                    .flatMap(at -> faults.tried(
                            place + "/words",
                            cue.words(),
                            "1 to " + CueWord.MOST_LETTERS + " letters",
                            () -> new CueWord(at, cue.words())))
                    .ifPresent(words::add);
        }
        if (!faults.isEmpty()) {
            return Optional.empty();
        }
        Optional<TempoMap> tempo = faults.tried(
                "/tempo",
                changes.size() + " tempos",
                PiecesSentences.atLeastOneAndOnEach(),
                () -> new TempoMap(document.beatsPerBar(), changes));
        return tempo.flatMap(map -> faults.tried(
                "",
                document.title(),
                PiecesSentences.hitsAndWordsWithinItsBars(Piece.MOST_BARS),
                () -> new Piece(
                        document.id(),
                        document.title().strip(),
                        Set.copyOf(dances),
                        bar,
                        upBeat,
                        sections,
                        map,
                        hits,
                        words,
                        document.fade())));
    }

    private static <T> List<T> orEmpty(List<T> list) {
        return list == null ? List.of() : list;
    }

    private Optional<PieceSection> section(String place, PieceSectionDocument section) {
        Optional<SectionKind> kind = faults.term(place + "/kind", section.kind(), SectionKind.LEXICON);
        String title = section.title() == null ? "" : section.title().strip();
        if (title.length() > Faults.LONGEST_NAME) {
            faults.add(place + "/title", title, PiecesSentences.atMostLetters(Faults.LONGEST_NAME));
        }
        return kind.flatMap(known -> faults.tried(
                place + "/phrases",
                String.valueOf(section.phrases()),
                PiecesSentences.theBarsOfEachPhrase1(),
                () -> new PieceSection(known, title, section.phrases())));
    }

    private Optional<TempoMap.Change> change(String place, TempoChangeDocument change) {
        return at(place, change.bar(), change.beat() == null ? "1" : change.beat())
                .flatMap(at -> faults.tried(
                        place + "/barsPerMinute",
                        String.valueOf(change.barsPerMinute()),
                        PiecesSentences.to400BarsAMinute(),
                        () -> new TempoMap.Change(at, change.barsPerMinute(), change.gradual())));
    }

    private Optional<Beats> at(String place, int number, String beat) {
        if (number < 0 || number > Piece.MOST_BARS + 1) {
            faults.add(place + "/bar", String.valueOf(number), PiecesSentences.aBarOfThePiece());
            return Optional.empty();
        }
        Optional<Beats> within = beats(place + "/beat", beat).map(counted -> counted.minus(Beats.ONE));
        if (within.filter(beats -> beats.compareTo(Beats.ZERO) < 0 || beats.compareTo(bar) >= 0)
                .isPresent()) {
            faults.add(place + "/beat", beat, PiecesSentences.aBeatOfTheBarFrom(bar));
            return Optional.empty();
        }
        return within.map(bar.times(number - 1)::plus);
    }

    private Optional<Beats> beats(String place, String text) {
        try {
            return Optional.of(Beats.parse(text));
        } catch (UnreadableTextException | ArithmeticException e) {
            faults.add(place, text, PiecesSentences.beatsSuchAs121());
            return Optional.empty();
        }
    }

    static String beat(Piece piece, Beats at) {
        return new Beats(Math.floorMod(at.ticks(), piece.bar().ticks()))
                .plus(Beats.ONE)
                .toString();
    }

    static String beatUnlessFirst(Piece piece, Beats at) {
        String beat = beat(piece, at);
        return beat.equals("1") ? null : beat;
    }
}
