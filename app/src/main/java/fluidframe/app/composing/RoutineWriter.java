package fluidframe.app.composing;

import fluidframe.app.routines.RoutineDocument;
import fluidframe.app.routines.RoutineDocument.ElementDocument;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.app.routines.RoutineDocument.SectionDocument;
import fluidframe.core.couple.Part;
import fluidframe.core.figure.Way;
import fluidframe.core.link.Dancing;
import fluidframe.core.link.Element;
import fluidframe.core.link.Item;
import fluidframe.core.mending.MendedRoutine;
import fluidframe.core.notation.RepeatTimes;
import fluidframe.core.replacing.Rewritten;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Writes what the program changes in a routine; what it leaves is left in the words in which it was sent. */
final class RoutineWriter {

    private final RoutineDocument document;
    private final Routine routine;

    /**
     * @param document a routine as it was sent
     * @param routine the same, read
     */
    RoutineWriter(RoutineDocument document, Routine routine) {
        this.document = document;
        this.routine = routine;
    }

    List<PlacementDocument> placements(MendedRoutine mended) {
        return placements(mended.routine(), mended.origins());
    }

    List<PlacementDocument> placements(Rewritten rewritten) {
        return placements(rewritten.routine(), rewritten.origins());
    }

    private List<PlacementDocument> placements(Routine changed, List<Integer> origins) {
        return IntStream.range(0, origins.size())
                .mapToObj(i -> placement(changed.placements().get(i), origins.get(i)))
                .toList();
    }

    private PlacementDocument placement(Placement placement, int origin) {
        boolean sent = origin != MendedRoutine.NEW
                && routine.placements().get(origin).item().equals(placement.item());
        PlacementDocument danced =
                sent ? document.placements().get(origin) : placement(placement.item(), placement.cornerAfter());
        return as(placement, danced);
    }

    /** A placement that nobody has sent. */
    static PlacementDocument placement(Placement placement) {
        return as(placement, placement(placement.item(), placement.cornerAfter()));
    }

    /** @param danced what is danced, as it was written before or is written now */
    private static PlacementDocument as(Placement placement, PlacementDocument danced) {
        return new PlacementDocument(
                danced.figure(),
                danced.element(),
                danced.split(),
                danced.finish(),
                danced.timing(),
                danced.repeats(),
                danced.school(),
                placement.start().map(Object::toString).orElse(null),
                placement.cornerAfter(),
                placement.highlight(),
                placement.note().isEmpty() ? null : placement.note(),
                placement
                        .section()
                        .map(section -> new SectionDocument(section.title(), section.times()))
                        .orElse(null),
                placement.rounds().isEmpty() ? null : RepeatTimes.write(placement.rounds()),
                danced.entry(),
                danced.otherFoot(),
                danced.escapes());
    }

    static PlacementDocument placement(Item item, boolean cornerAfter) {
        if (item instanceof Element element) {
            return new PlacementDocument(
                    null,
                    document(element),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    cornerAfter,
                    false,
                    null,
                    null,
                    null,
                    null,
                    false,
                    null);
        }
        Dancing dancing = (Dancing) item;
        Way way = dancing.way();
        return new PlacementDocument(
                dancing.figure().id(),
                null,
                orNull(way.split()),
                orNull(way.finish()),
                orNull(way.timing()),
                way.repeats() == 1 ? null : way.repeats(),
                orNull(way.school()),
                null,
                cornerAfter,
                false,
                null,
                null,
                null,
                orNull(way.entry()),
                way.otherFoot(),
                null);
    }

    private static ElementDocument document(Element element) {
        return new ElementDocument(
                element.kind().shorthand(),
                element.beats(),
                null,
                element.part().map(Part::key).orElse(null),
                element.to().isNone() ? null : element.to().toString(),
                element.turn().isNone() ? null : element.turn().toString());
    }

    private static String orNull(Optional<String> text) {
        return text.orElse(null);
    }
}
