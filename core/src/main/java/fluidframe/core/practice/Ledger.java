package fluidframe.core.practice;

import fluidframe.core.memory.Grade;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Everything that a couple have practised, as it stands now. The order in which notes come in does not matter: they
 * count in the order in which they were made.
 */
public final class Ledger {

    private final Map<Subject, Practised> standing;

    private Ledger(Map<Subject, Practised> standing) {
        this.standing = standing;
    }

    /**
     * A fault that is seen is lost. One that was seen before is looked for whenever its figure is danced again: where
     * it is not seen, it goes as the figure goes. Where only faults were noted nothing is said of the figure.
     */
    public static Ledger of(List<Noted> notes) {
        Map<Subject, Practised> standing = new LinkedHashMap<>();
        Map<String, List<Subject.Fault>> known = new LinkedHashMap<>();
        notes.stream().sorted(Comparator.comparing(Noted::at)).forEach(note -> {
            note.grade().ifPresent(grade -> {
                practise(standing, note.subject(), grade, note);
                if (note.subject() instanceof Subject.Whole whole && grade != Grade.LOST) {
                    known.getOrDefault(whole.id(), List.of()).stream()
                            .filter(fault -> !note.faults().contains(fault))
                            .forEach(fault -> practise(standing, fault, grade, note));
                }
            });
            for (Subject.Fault fault : note.faults()) {
                if (!standing.containsKey(fault)) {
                    known.merge(
                            fault.id(),
                            List.of(fault),
                            (before, more) -> Stream.concat(before.stream(), more.stream())
                                    .toList());
                }
                practise(standing, fault, Grade.LOST, note);
            }
        });
        return new Ledger(standing);
    }

    private static void practise(Map<Subject, Practised> standing, Subject subject, Grade grade, Noted note) {
        standing.compute(
                subject,
                (key, before) ->
                        before == null ? Practised.first(subject, grade, note.at()) : before.then(grade, note.at()));
    }

    public Optional<Practised> of(Subject subject) {
        return Optional.ofNullable(standing.get(subject));
    }

    public Collection<Practised> all() {
        return standing.values();
    }

    public Stage stage(Subject subject) {
        return of(subject).map(Practised::stage).orElse(Stage.NOT_SHOWN);
    }

    /** The ids of the figures that are steady or secure. */
    public List<String> known() {
        return standing.values().stream()
                .filter(each ->
                        each.subject() instanceof Subject.Whole && each.stage().compareTo(Stage.STEADY) >= 0)
                .map(each -> ((Subject.Whole) each.subject()).id())
                .toList();
    }
}
