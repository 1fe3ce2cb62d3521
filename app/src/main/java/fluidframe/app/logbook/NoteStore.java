package fluidframe.app.logbook;

import fluidframe.app.figures.FigureStore;
import fluidframe.app.people.CoupleDeletion;
import fluidframe.app.people.CoupleStore;
import fluidframe.app.people.PersonDeletion;
import fluidframe.app.problems.RefusedException;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.StoredForm;
import fluidframe.core.practice.Noted;
import fluidframe.core.practice.Subject;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Keeps what was noted. A note is kept once, however often it is handed in; they are kept in the order in which they
 * come.
 */
@Service
public class NoteStore implements StoredForm {

    private final NoteRepository repository;
    private final CoupleStore couples;
    private final LessonStore lessons;
    private final FigureStore figures;
    private final CurrentStudio studio;
    private final JsonMapper json;

    NoteStore(
            NoteRepository repository,
            CoupleStore couples,
            LessonStore lessons,
            FigureStore figures,
            CurrentStudio studio,
            JsonMapper json) {
        this.repository = repository;
        this.couples = couples;
        this.lessons = lessons;
        this.figures = figures;
        this.studio = studio;
        this.json = json;
    }

    /**
     * Takes notes in, each for itself: one that cannot be kept keeps no other from it.
     *
     * @param takenBack the ids of notes that were taken back after they were made
     */
    @Transactional
    public List<NoteOutcome> take(List<NoteDocument> notes, List<String> takenBack) {
        List<NoteOutcome> outcomes = new ArrayList<>();
        for (NoteDocument note : notes) {
            outcomes.add(takenBack.contains(note.id()) ? NoteOutcome.gone(note.id()) : take(note));
        }
        for (String id : takenBack) {
            repository.findByStudioIdAndSlug(studio.id(), id).ifPresent(repository::delete);
            if (outcomes.stream().noneMatch(outcome -> outcome.id().equals(id))) {
                outcomes.add(NoteOutcome.gone(id));
            }
        }
        return outcomes;
    }

    private NoteOutcome take(NoteDocument note) {
        Optional<NoteEntity> there = repository.findByStudioIdAndSlug(studio.id(), note.id());
        if (there.isPresent()) {
            return there.get().document().equals(json.writeValueAsString(note))
                    ? NoteOutcome.known(note.id())
                    : NoteOutcome.refused(note.id(), LogbookSentences.thereIsAlreadyAnotherNoteWith());
        }
        try {
            NoteReading reading = NoteReading.of(note);
            Optional<Long> couple = couples.find(note.couple());
            Optional<Long> lesson = Optional.ofNullable(note.lesson()).flatMap(lessons::find);
            Optional<String> objection = objection(note, reading, couple, lesson);
            if (objection.isPresent()) {
                return NoteOutcome.refused(note.id(), objection.get());
            }
            repository.saveAndFlush(new NoteEntity(
                    studio.id(),
                    note.id(),
                    couple.orElseThrow(),
                    lesson.orElse(null),
                    reading.at(),
                    json.writeValueAsString(note)));
            return NoteOutcome.kept(note.id());
        } catch (RefusedException e) {
            return NoteOutcome.refused(note.id(), e.getMessage());
        }
    }

    private Optional<String> objection(
            NoteDocument note, NoteReading reading, Optional<Long> couple, Optional<Long> lesson) {
        if (couple.isEmpty()) {
            return Optional.of(LogbookSentences.thesePeopleHaveBeenErasedMeanwhile());
        }
        if (note.lesson() != null && lesson.isEmpty()) {
            return Optional.of(LogbookSentences.theLessonWasDeletedMeanwhile());
        }
        Set<String> wanted =
                reading.danced().map(Noted::subject).map(NoteStore::figuresOf).orElse(Set.of());
        return figures.findAll(wanted).size() < wanted.size()
                ? Optional.of(LogbookSentences.theFigureIsNotInThe())
                : Optional.empty();
    }

    private static Set<String> figuresOf(Subject subject) {
        return subject instanceof Subject.Seam seam
                ? Set.of(seam.from(), seam.to())
                : subject.figure().map(Set::of).orElse(Set.of());
    }

    @Override
    public String table() {
        return "note";
    }

    @Override
    public Object read(String document) {
        return json.readValue(document, NoteDocument.class);
    }

    /** Everything noted of a couple, the earliest first. */
    @Transactional(readOnly = true)
    public List<NoteDocument> of(long couple) {
        return documents(repository.findAllByCoupleIdOrderByMadeAtAscIdAsc(couple));
    }

    /** Everything noted in a lesson, the earliest first. */
    @Transactional(readOnly = true)
    public List<NoteDocument> in(long lesson) {
        return documents(repository.findAllByLessonIdOrderByMadeAtAscIdAsc(lesson));
    }

    private List<NoteDocument> documents(List<NoteEntity> entities) {
        return entities.stream()
                .map(entity -> json.readValue(entity.document(), NoteDocument.class))
                .toList();
    }

    /** How far the notes of each couple go. */
    @Transactional(readOnly = true)
    Map<Long, NoteRepository.Extent> extents() {
        return repository.extents(studio.id()).stream()
                .collect(Collectors.toMap(
                        NoteRepository.Extent::couple, extent -> extent, (one, other) -> one, HashMap::new));
    }

    @EventListener
    @Order(1)
    @Transactional
    public void leave(CoupleDeletion leaving) {
        repository.deleteAllInBatch(repository.findAllByCoupleIdOrderByMadeAtAscIdAsc(leaving.number()));
    }

    /** What was noted of one of a couple goes with them. */
    @EventListener
    @Order(0)
    @Transactional
    public void leave(PersonDeletion leaving) {
        couples.with(leaving.number()).stream()
                .map(couple -> couples.number(couple.id()))
                .flatMap(number -> repository.findAllByCoupleIdOrderByMadeAtAscIdAsc(number).stream())
                .filter(entity -> leaving.id()
                        .equals(json.readValue(entity.document(), NoteDocument.class)
                                .person()))
                .forEach(repository::delete);
        repository.flush();
    }

    /** What was noted in a lesson that is thrown away stays with the couple. */
    @EventListener
    @Transactional
    public void keep(LessonDeletion leaving) {
        repository.findAllByLessonIdOrderByMadeAtAscIdAsc(leaving.number()).forEach(NoteEntity::leaveLesson);
        repository.flush();
    }
}
