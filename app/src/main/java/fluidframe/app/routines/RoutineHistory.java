package fluidframe.app.routines;

import fluidframe.app.problems.UnknownException;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import org.hibernate.envers.AuditReaderFactory;
import org.hibernate.envers.DefaultRevisionEntity;
import org.hibernate.envers.RevisionType;
import org.hibernate.envers.query.AuditEntity;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Every version of a routine that was ever kept. */
@Service
class RoutineHistory {

    private final EntityManager entityManager;
    private final JsonMapper json;

    RoutineHistory(EntityManager entityManager, JsonMapper json) {
        this.entityManager = entityManager;
        this.json = json;
    }

    /** One kept version. */
    record Version(int number, Instant kept, RoutineDocument document) {
    }

    /**
     * @return the versions of a routine, the latest first
     * @throws UnknownException if there never was such a routine
     */
    @Transactional(readOnly = true)
    public List<Version> versions(String id) {
        List<?> rows = AuditReaderFactory.get(entityManager).createQuery().forRevisionsOfEntity(RoutineEntity.class, false, true)
                .add(AuditEntity.id().eq(id)).addOrder(AuditEntity.revisionNumber().desc()).getResultList();
        List<Version> versions = rows.stream().map(Object[].class::cast).filter(row -> row[2] != RevisionType.DEL).map(this::version).toList();
        if (versions.isEmpty()) {
            throw new UnknownException("routine", id);
        }
        return versions;
    }

    private Version version(Object[] row) {
        DefaultRevisionEntity revision = (DefaultRevisionEntity) row[1];
        return new Version(revision.getId(), Instant.ofEpochMilli(revision.getTimestamp()),
                json.readValue(((RoutineEntity) row[0]).document(), RoutineDocument.class));
    }
}
