package fluidframe.app.backups;

import fluidframe.app.backups.Backups.Kept;
import fluidframe.app.backups.Backups.Restored;
import fluidframe.app.bodies.SentBody;
import fluidframe.app.problems.ConflictException;
import fluidframe.app.storage.Presence;
import io.swagger.v3.oas.annotations.Parameter;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Backups over HTTP: made, listed, given out and brought back. */
@RestController
@RequestMapping("/api")
@Tag(name = "backups")
class BackupResource {

    private static final String ZIP = "application/zip";

    private final Backups backups;
    private final Presence presence;

    BackupResource(Backups backups, Presence presence) {
        this.backups = backups;
        this.presence = presence;
    }

    /** A kept backup: its name, when it was made, how large it is, and when it is thrown away at the latest. */
    @Schema(name = "Backup")
    record BackupDocument(String name, String made, long bytes, String until) {

        static BackupDocument of(Kept kept) {
            return new BackupDocument(
                    kept.name(),
                    kept.made().toString(),
                    kept.bytes(),
                    kept.until().toString());
        }
    }

    /** What came back, and the name of the backup of what there was before. */
    @Schema(name = "Restored")
    record RestoredDocument(int figures, int routines, String before) {

        static RestoredDocument of(Restored restored) {
            return new RestoredDocument(restored.figures(), restored.routines(), restored.before());
        }
    }

    @GetMapping("/backups")
    List<BackupDocument> list() {
        return backups.list().stream().map(BackupDocument::of).toList();
    }

    @PostMapping("/backups")
    @ResponseStatus(HttpStatus.CREATED)
    BackupDocument make(
            @Parameter(hidden = true) @RequestHeader(name = Presence.HEADER, required = false) String word) {
        requireMeant(word);
        return BackupDocument.of(backups.make());
    }

    @GetMapping(path = "/backups/{name}", produces = ZIP)
    @ApiResponse(
            responseCode = "200",
            content = @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary")))
    ResponseEntity<Resource> give(@PathVariable String name) {
        Path file = backups.file(name);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(ZIP))
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(new FileSystemResource(file));
    }

    /** What a backup would bring back, against what there is now. */
    @GetMapping("/backups/{name}/contents")
    BackupContents contents(@PathVariable String name) {
        return backups.contents(backups.file(name));
    }

    /** What a backup that is sent would bring back; nothing is changed. */
    @PostMapping(path = "/backup-contents", consumes = ZIP)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary")))
    BackupContents contents(HttpServletRequest request) throws IOException {
        return backups.contents(SentBody.of(request).file());
    }

    /** Throws a backup away. */
    @DeleteMapping("/backups/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable String name) {
        backups.delete(name);
    }

    /** Brings back a backup that is kept here. */
    @PostMapping("/backups/{name}/restoration")
    RestoredDocument restore(@PathVariable String name) {
        return RestoredDocument.of(backups.restore(backups.file(name)));
    }

    /** Brings back a backup that is sent. */
    @PostMapping(path = "/restorations", consumes = ZIP)
    @io.swagger.v3.oas.annotations.parameters.RequestBody(
            content = @Content(mediaType = ZIP, schema = @Schema(type = "string", format = "binary")))
    RestoredDocument restore(
            HttpServletRequest request,
            @Parameter(hidden = true) @RequestHeader(name = Presence.HEADER, required = false) String word)
            throws IOException {
        requireMeant(word);
        return RestoredDocument.of(backups.restore(SentBody.of(request).file()));
    }

    private void requireMeant(String word) {
        if (!presence.isMeant(word)) {
            throw new ConflictException(BackupsSentences.anotherProgramThanTheOneThat());
        }
    }
}
