package fluidframe.app.about;

import fluidframe.app.storage.DatabaseFile;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What runs here, and where it keeps what one gives it. */
@RestController
@RequestMapping("/api/about")
@Tag(name = "about")
class AboutResource {

    private static final String UNBUILT = AboutSentences.notBuiltAsARelease();

    private final DatabaseFile file;

    AboutResource(@Value("${spring.datasource.url}") String url) {
        this.file = DatabaseFile.at(url);
    }

    /** The program's version and the folder its data is in. */
    @Schema(name = "About")
    record AboutDocument(String version, String dataFolder) {}

    @GetMapping
    AboutDocument about() {
        return new AboutDocument(
                Optional.ofNullable(AboutResource.class.getPackage().getImplementationVersion())
                        .orElse(UNBUILT),
                file.folder().toString());
    }
}
