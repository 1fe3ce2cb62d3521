package fluidframe.app.rules;

import fluidframe.app.storage.PlainResource;
import fluidframe.app.storage.StoredPlainDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The rules of organisers over HTTP. */
@RestController
@RequestMapping("/api/profiles")
@Tag(name = "profiles")
class ProfileResource extends PlainResource<ProfileDocument> {

    private final ProfileStore store;

    ProfileResource(ProfileStore store) {
        super(store);
        this.store = store;
    }

    /** One line of the list: the titles of its divisions. */
    @Schema(name = "ProfileSummary")
    record SummaryDocument(String id, long revision, String title, List<String> divisions) {

        static SummaryDocument of(StoredPlainDocument<ProfileDocument> stored) {
            ProfileDocument document = stored.document();
            return new SummaryDocument(
                    document.id(),
                    stored.revision().number(),
                    document.title(),
                    document.divisions().stream()
                            .map(ProfileDocument.DivisionDocument::title)
                            .toList());
        }
    }

    @GetMapping
    List<SummaryDocument> list() {
        return store.all().stream().map(SummaryDocument::of).toList();
    }
}
