package fluidframe.app.routines;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import fluidframe.app.dances.StudioDances;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.floor.Floors;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.Problems;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument.DancersDocument;
import fluidframe.app.routines.RoutineDocument.ElementDocument;
import fluidframe.app.routines.RoutineDocument.EscapeDocument;
import fluidframe.app.routines.RoutineDocument.MusicDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.routines.RoutineDocument.SectionDocument;
import fluidframe.app.storage.Changes;
import fluidframe.app.storage.Edition;
import fluidframe.core.couple.Part;
import fluidframe.core.couple.RelationChange;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.figure.Level;
import fluidframe.core.figure.Way;
import fluidframe.core.geometry.Dancers;
import fluidframe.core.link.Conditions;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.ElementKind;
import fluidframe.core.link.Item;
import fluidframe.core.notation.RepeatTimes;
import fluidframe.core.piece.Laying;
import fluidframe.core.piece.Piece;
import fluidframe.core.routine.Floor;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.routine.RoutineKind;
import fluidframe.core.routine.Section;
import fluidframe.core.space.Alignment;
import fluidframe.core.space.Turn;
import fluidframe.core.text.Id;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Beats;
import fluidframe.core.time.Tempo;
import fluidframe.core.work.TooMuchException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/** Reads routine documents, whose figures must be on the store. */
@Component
public class RoutineReader {

    static final int LONGEST_NAME = 120;
    static final int LONGEST_NOTE = 1000;

    /** In all that is remembered: a hundred routines of ordinary length. */
    private static final int MOST_PLACEMENTS = 3_000;

    private final Changes changes;
    private final StudioDances dances;
    private final FigureStore store;
    private final PieceStore pieces;
    private final Cache<State, Routine> known = Caffeine.newBuilder()
            .maximumWeight(MOST_PLACEMENTS)
            .weigher((State state, Routine routine) -> 1 + routine.placements().size())
            .build();

    RoutineReader(Changes changes, StudioDances dances, FigureStore store, PieceStore pieces) {
        this.changes = changes;
        this.dances = dances;
        this.store = store;
        this.pieces = pieces;
    }

    /** A routine as it was sent, and its figures and its piece as they were then. */
    private record State(long era, RoutineDocument document, List<Edition> figures, Optional<Piece> piece) {}

    /**
     * Reads a routine once for each state of it and of its figures.
     *
     * @throws RefusedException naming everything that is wrong
     */
    public Routine read(RoutineDocument document) {
        Optional<Piece> piece = document.pieceId().flatMap(pieces::find);
        State state = new State(changes.era(), document, store.editions(document.figures()), piece);
        Routine remembered = known.getIfPresent(state);
        if (remembered == null) {
            remembered = read(document, store.findAll(document.figures()), piece);
            known.put(state, remembered);
        }
        return remembered;
    }

    /**
     * A routine of the studio's dances.
     *
     * @param figures the figures that may be placed, by id
     * @param piece the piece it is danced to, if there is one of that id
     * @throws RefusedException naming everything that is wrong
     */
    public Routine read(RoutineDocument document, Map<String, Figure> figures, Optional<Piece> piece) {
        return read(document, figures, piece, dances::find, "");
    }

    /**
     * A routine of the dances as the catalogue has them: for books, which go from one studio to another.
     *
     * @param figures the figures that may be placed, by id
     * @param piece the piece it is danced to, if there is one of that id
     * @param root JSON pointer to the document in what was sent
     * @throws RefusedException naming everything that is wrong
     */
    public static Routine readOfCatalogue(
            RoutineDocument document, Map<String, Figure> figures, Optional<Piece> piece, String root) {
        return read(document, figures, piece, Dances::find, root);
    }

    private static Routine read(
            RoutineDocument document,
            Map<String, Figure> figures,
            Optional<Piece> piece,
            Function<String, Optional<Dance>> dances,
            String root) {
        Reading reading = new Reading(root, piece, dances);
        Optional<Routine> routine = reading.routine(document, figures);
        if (!reading.faults.isEmpty()) {
            throw new RefusedException(reading.faults.get(0).sentence(), reading.faults);
        }
        return routine.orElseThrow();
    }

    private static Part part(String text) {
        return Part.named(text).orElseThrow(() -> new UnreadableTextException(text, RoutinesSentences.manOrLady()));
    }

    private static final class Reading {

        private final String root;
        private final Optional<Piece> piece;
        private final Function<String, Optional<Dance>> dances;
        private final List<Fault> faults = new ArrayList<>();

        Reading(String root, Optional<Piece> piece, Function<String, Optional<Dance>> dances) {
            this.dances = dances;
            this.piece = piece;
            this.root = root;
        }

        Optional<Routine> routine(RoutineDocument document, Map<String, Figure> figures) {
            if (!Id.isId(document.id())) {
                fault("/id", document.id(), RoutinesSentences.anIdOfSmallLettersDigits());
            }
            if (document.title().isBlank() || document.title().length() > LONGEST_NAME) {
                fault("/title", document.title(), RoutinesSentences.aTitleOf1ToLetters(LONGEST_NAME));
            }
            Optional<Dance> dance = dances.apply(document.dance());
            if (dance.isEmpty()) {
                fault(
                        "/dance",
                        document.dance(),
                        "a dance: "
                                + String.join(
                                        ", ",
                                        Dances.all().stream().map(Dance::id).toList()));
            }
            if (document.placements().size() > Routine.MOST_PLACEMENTS) {
                fault(
                        "/placements",
                        document.placements().size() + " placements",
                        RoutinesSentences.atMost(Routine.MOST_PLACEMENTS));
            }
            Optional<Tempo> tempo = tempo(document.tempo());
            List<Placement> placements = new ArrayList<>();
            for (int i = 0; i < document.placements().size(); i++) {
                placement("/placements/" + i, document.placements().get(i), figures, dance)
                        .ifPresent(placements::add);
            }
            named(document.kind()).flatMap(kind -> read("/kind", kind, RoutineKind.LEXICON::read));
            Conditions conditions = new Conditions(document.syllabus(), level(document.level()));
            Dancers dancers = dancers(document.dancers());
            Floor floor =
                    Floors.read(document.floor(), dance.map(Dance::travels).orElse(true), root + "/floor", faults);
            Optional<Laying> laying = Optional.ofNullable(document.music()).flatMap(music -> laying(music, dance));
            return faults.isEmpty()
                    ? assembled(document, dance.orElseThrow(), tempo.orElseThrow(), conditions, placements)
                            .map(each -> each.on(floor).by(dancers))
                            .map(each -> laying.map(each::to).orElse(each))
                    : Optional.empty();
        }

        private Optional<Laying> laying(MusicDocument music, Optional<Dance> dance) {
            if (piece.isEmpty()) {
                fault("/music/piece", music.piece(), RoutinesSentences.theIdOfAPiece());
                return Optional.empty();
            }
            int from = music.from() == null ? 1 : music.from();
            if (from < 1 || from > piece.get().bars()) {
                fault(
                        "/music/from",
                        String.valueOf(from),
                        RoutinesSentences.aBarOf1To(
                                piece.get().title(), piece.get().bars()));
                return Optional.empty();
            }
            Beats bar =
                    dance.map(each -> each.rhythm().bar()).orElse(piece.get().bar());
            if (!bar.equals(piece.get().bar())) {
                fault(
                        "/music/piece",
                        piece.get().title() + " in " + piece.get().bar(),
                        RoutinesSentences.aPieceWithBeatsInA(bar));
                return Optional.empty();
            }
            return Optional.of(new Laying(piece.get(), from));
        }

        private Dancers dancers(DancersDocument document) {
            try {
                return document == null ? Dancers.USUAL : new Dancers(document.man(), document.lady());
            } catch (IllegalArgumentException e) {
                fault(
                        "/dancers",
                        document.man() + " m and " + document.lady() + " m",
                        RoutinesSentences.heightsOfMToM(Dancers.SHORTEST, Dancers.TALLEST));
                return Dancers.USUAL;
            }
        }

        private Optional<Routine> assembled(
                RoutineDocument document, Dance dance, Tempo tempo, Conditions conditions, List<Placement> placements) {
            try {
                return Optional.of(
                        new Routine(document.id(), document.title().strip(), dance, tempo, conditions, placements));
            } catch (TooMuchException e) {
                fault("/placements", e.found(), e.expected());
                return Optional.empty();
            }
        }

        private Optional<Tempo> tempo(int barsPerMinute) {
            try {
                return Optional.of(new Tempo(barsPerMinute));
            } catch (IllegalArgumentException e) {
                fault("/tempo", String.valueOf(barsPerMinute), RoutinesSentences.to400BarsAMinute());
                return Optional.empty();
            }
        }

        private Optional<Placement> placement(
                String place, PlacementDocument document, Map<String, Figure> figures, Optional<Dance> dance) {
            Optional<? extends Item> item = document.element() == null
                    ? figure(place, document, figures, dance)
                    : element(place, document, dance);
            String note = document.note() == null ? "" : document.note();
            if (note.length() > LONGEST_NOTE) {
                fault(place + "/note", note.length() + " letters", RoutinesSentences.atMostLetters(LONGEST_NOTE));
            }
            Optional<Alignment> start = start(place, document.start());
            Optional<Section> section = section(place + "/section", document.section());
            SortedSet<Integer> rounds = rounds(place + "/rounds", document.rounds());
            escapes(place + "/escapes", document, figures, dance);
            return item.map(each ->
                    new Placement(each, start, document.cornerAfter(), document.highlight(), note, section, rounds));
        }

        /** An escape dances what the book has; it has none of its own. */
        private void escapes(
                String place, PlacementDocument document, Map<String, Figure> figures, Optional<Dance> dance) {
            List<EscapeDocument> escapes = document.escapes() == null ? List.of() : document.escapes();
            for (int i = 0; i < escapes.size(); i++) {
                for (int j = 0; j < escapes.get(i).placements().size(); j++) {
                    String at = place + "/" + i + "/placements/" + j;
                    PlacementDocument danced = escapes.get(i).placements().get(j);
                    if (danced.escapes() != null && !danced.escapes().isEmpty()) {
                        fault(at + "/escapes", "escapes", RoutinesSentences.noEscapesWithinAnEscape());
                    } else {
                        placement(at, danced, figures, dance);
                    }
                }
            }
        }

        private Optional<Section> section(String place, SectionDocument document) {
            if (document == null) {
                return Optional.empty();
            }
            if (document.title().isBlank() || document.title().length() > LONGEST_NAME) {
                fault(place + "/title", document.title(), RoutinesSentences.aTitleOf1ToLetters(LONGEST_NAME));
            }
            try {
                return Optional.of(new Section(document.title().strip(), document.times()));
            } catch (IllegalArgumentException e) {
                fault(place + "/times", String.valueOf(document.times()), "1 to " + Section.MOST_TIMES);
                return Optional.empty();
            }
        }

        private SortedSet<Integer> rounds(String place, String rounds) {
            return rounds == null || rounds.isBlank()
                    ? Collections.emptySortedSet()
                    : read(place, rounds, RepeatTimes::parse).orElse(Collections.emptySortedSet());
        }

        private <T> Optional<T> read(String place, String text, Function<String, T> parse) {
            try {
                return Optional.of(parse.apply(text));
            } catch (UnreadableTextException e) {
                fault(place, text, e.expected());
                return Optional.empty();
            }
        }

        private Optional<Element> element(String place, PlacementDocument document, Optional<Dance> dance) {
            ElementDocument element = document.element();
            if (document.figure() != null) {
                fault(place, document.figure(), RoutinesSentences.eitherAFigureOrAnElement());
            }
            String at = place + "/element";
            if (element.beats() == null == (element.bars() == null)) {
                fault(at, "", RoutinesSentences.aLengthInBeatsOrIn());
                return Optional.empty();
            }
            Optional<ElementKind> kind = read(at + "/kind", element.kind(), ElementKind.LEXICON::read);
            Optional<Part> part = named(element.part()).flatMap(text -> read(at + "/part", text, RoutineReader::part));
            RelationChange to = named(element.to())
                    .flatMap(text -> read(at + "/to", text, RelationChange::parse))
                    .orElse(RelationChange.NONE);
            Turn turn = named(element.turn())
                    .flatMap(text -> read(at + "/turn", text, Turn::parse))
                    .orElse(Turn.NONE);
            int perBar = dance.map(each -> each.rhythm().beatsPerBar()).orElse(1);
            long beats = element.beats() != null ? element.beats() : (long) element.bars() * perBar;
            if (beats < 1 || beats > Element.MOST_BEATS) {
                fault(
                        at + (element.beats() != null ? "/beats" : "/bars"),
                        String.valueOf(element.beats() != null ? element.beats() : element.bars()),
                        RoutinesSentences.toBeatsInAll(Element.MOST_BEATS));
                return Optional.empty();
            }
            return kind.map(each -> new Element(each, (int) beats, part, to, turn));
        }

        private Optional<Dancing> figure(
                String place, PlacementDocument document, Map<String, Figure> figures, Optional<Dance> dance) {
            Figure figure = document.figure() == null ? null : figures.get(document.figure());
            if (figure == null) {
                fault(place + "/figure", String.valueOf(document.figure()), RoutinesSentences.theIdOfAFigureIn());
                return Optional.empty();
            }
            if (dance.isPresent() && !figure.dance().id().equals(dance.get().id())) {
                fault(
                        place + "/figure",
                        document.figure(),
                        RoutinesSentences.aFigureOf(dance.get().id()));
            }
            Way way = new Way(
                    named(document.split()),
                    named(document.finish()),
                    named(document.timing()),
                    document.repeats() == null ? 1 : document.repeats(),
                    named(document.school()),
                    named(document.entry()),
                    document.otherFoot());
            try {
                return Optional.of(Dancing.of(figure, checked(figure, way)));
            } catch (IllegalArgumentException e) {
                fault(place, way.wording(), RoutinesSentences.aWayInWhichIsDanced(figure.title(), e.getMessage()));
                return Optional.empty();
            }
        }

        private static Optional<String> named(String name) {
            return Optional.ofNullable(name).filter(text -> !text.isBlank());
        }

        private static Way checked(Figure figure, Way way) {
            boolean repeats = way.repeats() == 1
                    || figure.variants()
                            .repeat()
                            .filter(unit -> unit.times().contains(way.repeats()))
                            .isPresent();
            if (!repeats) {
                throw new IllegalArgumentException(RoutinesSentences.itIsNotDancedTimes(way.repeats()));
            }
            return way;
        }

        private Level level(String level) {
            return named(level)
                    .flatMap(text -> read("/level", text, Level.LEXICON::read))
                    .orElse(Level.OPEN);
        }

        private Optional<Alignment> start(String place, String start) {
            return named(start).flatMap(text -> read(place + "/start", text, Alignment::parse));
        }

        private void fault(String place, String found, String expected) {
            faults.add(Fault.of(root + place, found, expected));
            if (faults.size() >= Problems.MOST_FAULTS) {
                throw new RefusedException(faults.get(0).sentence(), faults);
            }
        }
    }
}
