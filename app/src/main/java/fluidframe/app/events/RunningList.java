package fluidframe.app.events;

import fluidframe.app.events.DayDocuments.CallDocument;
import fluidframe.app.events.DayDocuments.CalledDocument;
import fluidframe.app.events.EventDocument.EntryDocument;
import fluidframe.app.pieces.PieceStore;
import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineStore;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.day.DayPlan;
import fluidframe.core.piece.Piece;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Who is called when, where each couple begins, and what is played. */
@Component
class RunningList {

    private final RoutineStore routines;
    private final PieceStore pieces;

    RunningList(RoutineStore routines, PieceStore pieces) {
        this.routines = routines;
        this.pieces = pieces;
    }

    List<CallDocument> calls(Event event, DayPlan plan) {
        Map<String, RoutineDocument> danced = routines.all().stream()
                .map(stored -> stored.document())
                .filter(document -> event.document().routines().contains(document.id()))
                .collect(Collectors.toMap(RoutineDocument::id, Function.identity()));
        Map<String, String> titles = new HashMap<>();
        danced.values().stream()
                .flatMap(document -> document.pieceId().stream())
                .distinct()
                .forEach(id -> pieces.find(id).map(Piece::title).ifPresent(title -> titles.put(id, title)));
        return plan.calls().stream()
                .map(call -> {
                    String round = call.planned().round().id();
                    List<CalledDocument> couples = call.couples().stream()
                            .map(couple -> {
                                Optional<RoutineDocument> routine =
                                        routineOf(event, round, couple, call.dance(), danced);
                                return new CalledDocument(
                                        couple,
                                        call.side(couple),
                                        routine.map(RoutineDocument::id).orElse(null),
                                        routine.flatMap(RoutineDocument::pieceId)
                                                .map(titles::get)
                                                .orElse(null));
                            })
                            .toList();
                    return new CallDocument(
                            round,
                            call.planned().round().title(),
                            DayDocuments.time(call.start()),
                            DayDocuments.time(call.end()),
                            call.planned().round().floor(),
                            call.dance(),
                            call.heat(),
                            call.planned().heats().size(),
                            event.divisions().get(round).music(),
                            couples);
                })
                .toList();
    }

    private static Optional<RoutineDocument> routineOf(
            Event event, String round, String couple, String dance, Map<String, RoutineDocument> danced) {
        return event.document().rounds().stream()
                .filter(each -> each.id().equals(round))
                .flatMap(each -> each.entries().stream())
                .filter(entry -> entry.couple().equals(couple))
                .map(EntryDocument::routines)
                .filter(ids -> ids != null)
                .flatMap(List::stream)
                .map(danced::get)
                .filter(routine -> routine != null
                        && Dances.find(routine.dance())
                                .map(Dance::title)
                                .filter(dance::equals)
                                .isPresent())
                .findFirst();
    }
}
