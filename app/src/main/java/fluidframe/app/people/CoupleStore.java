package fluidframe.app.people;

import fluidframe.app.problems.Faults;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.app.storage.StoredPlainDocument;
import jakarta.persistence.EntityManager;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Keeps couples, groups and those who are taught alone. */
@Service
public class CoupleStore extends PlainStore<CoupleEntity, CoupleDocument> {

    private static final Set<String> PARTS = Set.of("man", "lady", "either");

    private final CoupleRepository repository;
    private final PersonStore people;
    private final ApplicationEventPublisher events;
    private final Erasure erasure;

    CoupleStore(
            CoupleRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events,
            PersonStore people,
            Erasure erasure) {
        super("couple", CoupleEntity.class, CoupleDocument.class, repository, entityManager, studio, json, events);
        this.repository = repository;
        this.people = people;
        this.events = events;
        this.erasure = erasure;
    }

    /** Those somebody is taught with. */
    @Transactional(readOnly = true)
    public List<CoupleDocument> with(long person) {
        return repository.with(studio(), person).stream().map(this::documentOf).toList();
    }

    /** The titles of all, by their ids. */
    @Transactional(readOnly = true)
    public Map<String, String> titles() {
        return all().stream()
                .map(StoredPlainDocument::document)
                .collect(Collectors.toMap(CoupleDocument::id, CoupleDocument::title));
    }

    /** A couple with its number in the database, if there is one of that id. */
    @Transactional(readOnly = true)
    public Optional<Long> find(String id) {
        return stored(id).map(CoupleEntity::id);
    }

    /** Every couple by its number in the database, by title. */
    @Transactional(readOnly = true)
    public Map<Long, CoupleDocument> byNumber() {
        return repository.findAllByStudioIdOrderByTitleAscSlugAsc(studio()).stream()
                .collect(Collectors.toMap(CoupleEntity::id, this::documentOf, (one, other) -> one, LinkedHashMap::new));
    }

    /**
     * Whoever is erased is taken out of every couple; a couple of nobody is erased too, and one that is left goes by
     * another id, for the old one may hold a name.
     */
    @EventListener
    @Order(1)
    @Transactional
    public void leave(PersonDeletion leaving) {
        Map<String, String> names = people.all().stream()
                .map(StoredPlainDocument::document)
                .collect(Collectors.toMap(PersonDocument::id, PersonDocument::title));
        for (CoupleEntity entity : repository.with(studio(), leaving.number())) {
            String anonymous = "couple-" + entity.id();
            CoupleDocument left = documentOf(entity).without(leaving.id(), anonymous, names);
            if (left.members().isEmpty()) {
                events.publishEvent(deletion(entity));
                repository.delete(entity);
                repository.flush();
            } else {
                describe(entity, left, write(left));
                flushed(entity);
                erasure.rename(entity.id(), entity.slug(), anonymous);
            }
        }
    }

    @Override
    protected CoupleDocument plain(CoupleDocument couple) {
        Faults faults = new Faults("");
        faults.checkId("/id", couple.id());
        faults.checkTitle("/title", couple.title());
        PersonStore.checkStanding(faults, couple.level(), couple.dances());
        Set<String> known =
                people.all().stream().map(person -> person.document().id()).collect(Collectors.toSet());
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < couple.members().size(); i++) {
            CoupleDocument.MemberDocument member = couple.members().get(i);
            if (!known.contains(member.person()) || !seen.add(member.person())) {
                faults.add("/members/" + i + "/person", member.person(), PeopleSentences.theIdOfSomebodyOnce());
            }
            if (!PARTS.contains(member.part())) {
                faults.add("/members/" + i + "/part", member.part(), PeopleSentences.manLadyOrEither());
            }
        }
        faults.refuse();
        return couple;
    }

    private Set<Long> numbers(CoupleDocument document) {
        return document.people().stream().map(people::number).collect(Collectors.toSet());
    }

    @Override
    protected CoupleEntity entity(long studio, CoupleDocument document, String text) {
        return new CoupleEntity(studio, document, text, numbers(document));
    }

    @Override
    protected void describe(CoupleEntity entity, CoupleDocument document, String text) {
        entity.describe(document, text, numbers(document));
    }

    @Override
    protected Object deletion(CoupleEntity entity) {
        return new CoupleDeletion(entity.slug(), entity.id());
    }
}
