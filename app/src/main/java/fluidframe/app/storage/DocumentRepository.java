package fluidframe.app.storage;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.NoRepositoryBean;

/** Documents by their number, and by their slug in their studio. */
@NoRepositoryBean
public interface DocumentRepository<E extends StoredDocument> extends JpaRepository<E, Long> {

    Optional<E> findByStudioIdAndSlug(long studio, String slug);

    List<E> findAllByStudioIdAndSlugIn(long studio, Collection<String> slugs);

    /** How often each has been changed. */
    @Query("select e.slug as slug, e.revision as revision from #{#entityName} e where e.studioId = :studio")
    List<SlugRevision> revisions(long studio);

    /** Which revision of a document is stored. */
    interface SlugRevision {

        String getSlug();

        long getRevision();
    }

    /** In the order of lists: by title. */
    List<E> findAllByStudioIdOrderByTitleAscSlugAsc(long studio);
}
