package fluidframe.app.people;

import fluidframe.app.problems.Faults;
import fluidframe.app.storage.CurrentStudio;
import fluidframe.app.storage.PlainStore;
import fluidframe.core.dance.Dances;
import fluidframe.core.figure.Level;
import fluidframe.core.geometry.Dancers;
import jakarta.persistence.EntityManager;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Keeps people. */
@Service
public class PersonStore extends PlainStore<PersonEntity, PersonDocument> {

    PersonStore(
            PersonRepository repository,
            EntityManager entityManager,
            CurrentStudio studio,
            JsonMapper json,
            ApplicationEventPublisher events) {
        super("person", PersonEntity.class, PersonDocument.class, repository, entityManager, studio, json, events);
    }

    @Override
    protected PersonDocument plain(PersonDocument person) {
        Faults faults = new Faults("");
        faults.checkId("/id", person.id());
        faults.checkTitle("/title", person.title());
        checkStanding(faults, person.level(), person.dances());
        if (person.height() != null && !(person.height() >= Dancers.SHORTEST && person.height() <= Dancers.TALLEST)) {
            faults.add(
                    "/height",
                    String.valueOf(person.height()),
                    PeopleSentences.toMetres(Dancers.SHORTEST, Dancers.TALLEST));
        }
        faults.refuse();
        return person;
    }

    static void checkStanding(Faults faults, String level, List<String> dances) {
        if (level != null && !level.isBlank()) {
            faults.term("/level", level, Level.LEXICON);
        }
        for (int i = 0; dances != null && i < dances.size(); i++) {
            if (Dances.find(dances.get(i)).isEmpty()) {
                faults.add("/dances/" + i, dances.get(i), PeopleSentences.theIdOfADance());
            }
        }
    }

    @Override
    protected PersonEntity entity(long studio, PersonDocument document, String text) {
        return new PersonEntity(studio, document, text);
    }

    @Override
    protected void describe(PersonEntity entity, PersonDocument document, String text) {
        entity.describe(document, text);
    }

    @Override
    protected Object deletion(PersonEntity entity) {
        return new PersonDeletion(entity.slug(), entity.id(), entity.title());
    }
}
