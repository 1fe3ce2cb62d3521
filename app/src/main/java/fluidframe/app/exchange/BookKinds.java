package fluidframe.app.exchange;

import fluidframe.app.amalgamations.AmalgamationDocument;
import fluidframe.app.amalgamations.AmalgamationReading;
import fluidframe.app.amalgamations.AmalgamationStore;
import fluidframe.app.events.EventDocument;
import fluidframe.app.events.EventReading;
import fluidframe.app.events.EventStore;
import fluidframe.app.exchange.Choices.Kind;
import fluidframe.app.figures.FigureDocument;
import fluidframe.app.figures.FigureReading;
import fluidframe.app.figures.FigureStore;
import fluidframe.app.pieces.PieceDocument;
import fluidframe.app.pieces.PieceReading;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.postures.PostureDocument;
import fluidframe.app.postures.PostureReading;
import fluidframe.app.postures.PostureStore;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineReader;
import fluidframe.app.routines.RoutineStore;
import fluidframe.app.rules.ProfileDocument;
import fluidframe.app.rules.ProfileReading;
import fluidframe.app.rules.ProfileStore;
import fluidframe.core.figure.Figure;
import fluidframe.core.piece.Piece;
import fluidframe.core.rules.Profile;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** The kinds of plain documents that a book holds. A new one is named here and has its list in {@link BookDocument}. */
@Component
class BookKinds {

    private final BookKind<PieceDocument> pieces;
    private final BookKind<ProfileDocument> profiles;
    private final BookKind<EventDocument> events;
    private final BookKind<PostureDocument> postures;
    private final BookKind<AmalgamationDocument> amalgamations;

    private final PieceStore storedPieces;
    private final ProfileStore storedProfiles;
    private final RoutineStore storedRoutines;
    private final FigureStore storedFigures;

    BookKinds(
            PieceStore pieces,
            ProfileStore profiles,
            EventStore events,
            PostureStore postures,
            AmalgamationStore amalgamations,
            RoutineStore routines,
            FigureStore figures,
            JsonMapper json) {
        this.storedPieces = pieces;
        this.storedProfiles = profiles;
        this.storedRoutines = routines;
        this.storedFigures = figures;
        this.pieces = BookKind.of(Kind.PIECE, pieces, BookDocument::pieces, PieceReading::read);
        this.profiles = BookKind.of(Kind.PROFILE, profiles, BookDocument::profiles, ProfileReading::read);
        this.events = new BookKind<>(
                Kind.EVENT,
                events,
                BookDocument::events,
                book -> (event, root) -> check(event, root, book),
                event -> json.writeValueAsString(event.complete()),
                (event, others) -> event.referring(others.of(Kind.PROFILE), others.of(Kind.ROUTINE)));
        this.postures = BookKind.of(Kind.POSTURE, postures, BookDocument::postures, PostureReading::read);
        this.amalgamations = new BookKind<>(
                Kind.AMALGAMATION,
                amalgamations,
                BookDocument::amalgamations,
                this::amalgamationsOf,
                json::writeValueAsString,
                (amalgamation, others) -> amalgamation.dancing(others.of(Kind.FIGURE)));
    }

    /** Those that come in before routines, which are danced to them. */
    List<BookKind<?>> beforeRoutines() {
        return List.of(pieces);
    }

    /** Those that come in after routines, to which they may refer. */
    List<BookKind<?>> afterRoutines() {
        return List.of(profiles, events, postures, amalgamations);
    }

    Optional<Piece> findPiece(String id) {
        return storedPieces.find(id);
    }

    /** Amalgamations are read with the figures that the book brings, or those there are. */
    private BookKind.Check<AmalgamationDocument> amalgamationsOf(BookDocument book) {
        Set<String> needed = Optional.ofNullable(book.amalgamations()).orElse(List.of()).stream()
                .flatMap(amalgamation -> amalgamation.figures().stream())
                .collect(Collectors.toSet());
        Map<String, Figure> figures = new HashMap<>(storedFigures.findAll(needed));
        for (FigureDocument figure : Optional.ofNullable(book.figures()).orElse(List.of())) {
            if (needed.contains(figure.id())) {
                figures.put(figure.id(), FigureReading.ofCatalogue().accepted(figure, ""));
            }
        }
        return (amalgamation, root) -> AmalgamationReading.read(
                amalgamation, routine -> RoutineReader.readOfCatalogue(routine, figures, Optional.empty(), root), root);
    }

    /** An event is read with the rules and routines that the book brings, or those there are. */
    private void check(EventDocument event, String root, BookDocument book) {
        Optional<Profile> profile = Optional.ofNullable(book.profiles()).orElse(List.of()).stream()
                .filter(each -> each.id().equals(event.profile()))
                .findFirst()
                .map(each -> ProfileReading.read(each, ""))
                .or(() -> storedProfiles.find(event.profile()));
        Set<String> known = new HashSet<>(storedRoutines.existing(event.routines()));
        Optional.ofNullable(book.routines()).orElse(List.of()).stream()
                .map(RoutineDocument::id)
                .forEach(known::add);
        EventReading.read(event, profile, known, root);
    }
}
