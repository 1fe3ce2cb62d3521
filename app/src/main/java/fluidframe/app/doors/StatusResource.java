package fluidframe.app.doors;

import fluidframe.app.storage.Database;
import fluidframe.app.storage.Erased;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.ArrayList;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What everybody who uses the program must know just now. */
@RestController
@RequestMapping("/api/status")
@Tag(name = "status")
class StatusResource {

    static final String OPEN = DoorsSentences.everybodyOnThisNetworkCanRead();

    private final Database database;
    private final Doors doors;
    private final Erased erased;

    StatusResource(Database database, Doors doors, Erased erased) {
        this.erased = erased;
        this.database = database;
        this.doors = doors;
    }

    /**
     * @param writable whether anything can be kept
     * @param warnings sentences to show, the gravest first
     * @param erasures how many people have been erased: when that changes, nothing that was laid by is shown any more
     */
    @Schema(name = "Status")
    record StatusDocument(boolean writable, List<String> warnings, long erasures) {}

    @GetMapping
    StatusDocument status() {
        List<String> warnings = new ArrayList<>();
        String access = database.access().sentence();
        if (!access.isEmpty()) {
            warnings.add(access);
        }
        if (doors.standOpen()) {
            warnings.add(OPEN);
        }
        return new StatusDocument(access.isEmpty(), warnings, erased.count());
    }
}
