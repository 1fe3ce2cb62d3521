package fluidframe.app.logbook;

import com.fasterxml.jackson.annotation.JsonInclude;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What was noted once: something that was danced and how it went, with the faults that were seen; words; homework.
 *
 * @param id made by whoever notes it, so that it can be handed in again without being kept twice
 * @param couple the id of whom it is about
 * @param lesson the id of the lesson it was made in; absent for none
 * @param person the id of the one of them it is about; absent for all
 * @param at when it was made, such as 2026-12-05T18:42:10Z
 * @param subject what was danced, such as figure~waltz-whisk; absent for words alone
 * @param grade lost, shaky, good or secure; there where there is a subject and no fault
 * @param faults those that were seen, such as fault~waltz-whisk~man~1~footwork~toe first
 * @param homework whether it is to be practised until the next lesson
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Note")
public record NoteDocument(
        @NotNull(message = "an id")
        @Pattern(regexp = "[a-zA-Z0-9-]{8,64}", message = "8 to 64 letters, digits and hyphens")
        String id,

        @NotNull(message = "a couple") String couple,
        String lesson,
        String person,
        @NotNull(message = "when it was made") String at,
        @Size(max = 600, message = "at most 600 letters") String subject,
        String grade,
        @Size(max = 20, message = "at most 20 faults") List<@NotNull(message = "a fault") String> faults,
        @Size(max = 2000, message = "at most 2000 letters") String words,
        @JsonInclude(JsonInclude.Include.NON_DEFAULT) boolean homework) {}
