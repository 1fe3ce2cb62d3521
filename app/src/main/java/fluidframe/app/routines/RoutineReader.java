package fluidframe.app.routines;

import fluidframe.app.figures.FigureShelf;
import fluidframe.app.problems.Fault;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.routines.RoutineDocument.PlacementDocument;
import fluidframe.core.dance.Dance;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Figure;
import fluidframe.core.link.Terms;
import fluidframe.core.figure.Way;
import fluidframe.core.figure.Level;
import fluidframe.core.routine.Placement;
import fluidframe.core.routine.Routine;
import fluidframe.core.space.Alignment;
import fluidframe.core.text.UnreadableTextException;
import fluidframe.core.time.Tempo;
import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads routine documents, whose figures must be on the shelf. */
@Component
public class RoutineReader {

    private static final Pattern ID = Pattern.compile("[a-z0-9]+(?:-[a-z0-9]+)*");
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NOTE = 1000;

    private final FigureShelf shelf;

    RoutineReader(FigureShelf shelf) {
        this.shelf = shelf;
    }

    /**
     * @throws RefusedException naming everything that is wrong
     */
    public Routine read(RoutineDocument document) {
        Map<String, Figure> figures = shelf.findAll(document.placements().stream().map(PlacementDocument::figure).distinct().toList());
        return read(document, figures, "");
    }

    /**
     * @param figures the figures that may be placed, by id
     * @param root    JSON pointer to the document in what was sent
     * @throws RefusedException naming everything that is wrong
     */
    public static Routine read(RoutineDocument document, Map<String, Figure> figures, String root) {
        Reading reading = new Reading(root);
        Optional<Routine> routine = reading.routine(document, figures);
        if (!reading.faults.isEmpty()) {
            throw new RefusedException(reading.faults.get(0).sentence(), reading.faults);
        }
        return routine.orElseThrow();
    }

    private static final class Reading {

        private final String root;
        private final List<Fault> faults = new ArrayList<>();

        Reading(String root) {
            this.root = root;
        }

        Optional<Routine> routine(RoutineDocument document, Map<String, Figure> figures) {
            if (!ID.matcher(document.id()).matches() || document.id().length() > LONGEST_NAME) {
                fault("/id", document.id(), "an id of small letters, digits and hyphens");
            }
            if (document.title().isBlank() || document.title().length() > LONGEST_NAME) {
                fault("/title", document.title(), "a title of 1 to " + LONGEST_NAME + " letters");
            }
            Optional<Dance> dance = Dances.find(document.dance());
            if (dance.isEmpty()) {
                fault("/dance", document.dance(), "a dance: " + String.join(", ", Dances.all().stream().map(Dance::id).toList()));
            }
            if (document.placements().size() > Routine.MOST_PLACEMENTS) {
                fault("/placements", document.placements().size() + " placements", "at most " + Routine.MOST_PLACEMENTS);
            }
            Optional<Tempo> tempo = tempo(document.tempo());
            List<Placement> placements = new ArrayList<>();
            for (int i = 0; i < document.placements().size(); i++) {
                placement("/placements/" + i, document.placements().get(i), figures, dance).ifPresent(placements::add);
            }
            Terms terms = new Terms(document.syllabus(), level(document.level()));
            return faults.isEmpty() ? Optional.of(new Routine(document.id(), document.title().strip(), dance.orElseThrow(), tempo.orElseThrow(), terms, placements))
                    : Optional.empty();
        }

        private Optional<Tempo> tempo(int barsPerMinute) {
            try {
                return Optional.of(new Tempo(barsPerMinute));
            } catch (IllegalArgumentException e) {
                fault("/tempo", String.valueOf(barsPerMinute), "1 to 400 bars a minute");
                return Optional.empty();
            }
        }

        private Optional<Placement> placement(String place, PlacementDocument document, Map<String, Figure> figures, Optional<Dance> dance) {
            Figure figure = figures.get(document.figure());
            if (figure == null) {
                fault(place + "/figure", document.figure(), "the id of a figure in the book");
                return Optional.empty();
            }
            if (dance.isPresent() && !figure.dance().equals(dance.get())) {
                fault(place + "/figure", document.figure(), "a figure of " + dance.get().id());
            }
            String note = document.note() == null ? "" : document.note();
            if (note.length() > LONGEST_NOTE) {
                fault(place + "/note", note.length() + " letters", "at most " + LONGEST_NOTE + " letters");
            }
            Optional<Alignment> start = start(place, document.start());
            Way way = new Way(named(document.split()), named(document.finish()), named(document.timing()),
                    document.repeats() == null ? 1 : document.repeats(), named(document.school()));
            try {
                return Optional.of(Placement.of(figure, checked(figure, way), start, document.cornerAfter(), document.highlight(), note));
            } catch (IllegalArgumentException e) {
                fault(place, way.wording(), "a way in which " + figure.title() + " is danced (" + e.getMessage() + ")");
                return Optional.empty();
            }
        }

        private static Optional<String> named(String name) {
            return Optional.ofNullable(name).filter(text -> !text.isBlank());
        }

        private static Way checked(Figure figure, Way way) {
            boolean repeats = way.repeats() == 1 || figure.variants().repeat().filter(unit -> unit.times().contains(way.repeats())).isPresent();
            if (!repeats) {
                throw new IllegalArgumentException("it is not danced " + way.repeats() + " times");
            }
            return way;
        }

        private Level level(String level) {
            if (level == null || level.isBlank()) {
                return Level.OPEN;
            }
            try {
                return Level.LEXICON.read(level);
            } catch (UnreadableTextException e) {
                fault("/level", level, e.expected());
                return Level.OPEN;
            }
        }

        private Optional<Alignment> start(String place, String start) {
            if (start == null || start.isBlank()) {
                return Optional.empty();
            }
            try {
                return Optional.of(Alignment.parse(start));
            } catch (UnreadableTextException e) {
                fault(place + "/start", start, e.expected());
                return Optional.empty();
            }
        }

        private void fault(String place, String found, String expected) {
            faults.add(Fault.of(root + place, found.length() > LONGEST_NAME ? found.substring(0, LONGEST_NAME) + "…" : found, expected));
        }
    }
}
