package fluidframe.app.people;

import com.fasterxml.jackson.annotation.JsonInclude;
import fluidframe.app.problems.Faults;
import fluidframe.app.storage.PlainDocument;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/**
 * Those who are taught together: a couple, two who dance the same part, one alone, or a group.
 *
 * @param dances the ids of the dances
 * @param routines the ids of the routines in work
 * @param term the ids of the only figures that are taught to them this term; absent for no such choice
 */
@JsonInclude(JsonInclude.Include.NON_EMPTY)
@Schema(name = "Couple")
public record CoupleDocument(
        @NotNull(message = "an id") String id,

        @Schema(maxLength = Faults.LONGEST_NAME) @NotNull(message = "a title")
        String title,

        @JsonInclude @NotNull(message = "members") @Size(min = 1, max = 100, message = "1 to 100 people")
        List<@Valid @NotNull(message = "a member") MemberDocument> members,

        String level,
        @Size(max = 40, message = "at most 40 dances") List<@NotNull(message = "a dance") String> dances,
        @Size(max = 40, message = "at most 40 routines") List<@NotNull(message = "a routine's id") String> routines,
        @Size(max = 400, message = "at most 400 figures") List<@NotNull(message = "a figure's id") String> term,
        @Size(max = 4000, message = "at most 4000 letters") String note)
        implements PlainDocument {

    /** One of them, and the part danced: man, lady or either. */
    @Schema(name = "Member")
    public record MemberDocument(
            @NotNull(message = "a person's id") String person,
            @NotNull(message = "man, lady or either") String part) {}

    @Override
    public CoupleDocument called(String otherId, String otherTitle) {
        return new CoupleDocument(otherId, otherTitle, members, level, dances, routines, term, note);
    }

    /** The ids of those in it. */
    public List<String> people() {
        return members.stream().map(MemberDocument::person).toList();
    }

    /** Without one of them, called by those who are left. */
    CoupleDocument without(String person, String otherId, Map<String, String> names) {
        List<MemberDocument> left = members.stream()
                .filter(member -> !member.person().equals(person))
                .toList();
        String called = left.stream().map(member -> names.get(member.person())).collect(Collectors.joining(" & "));
        return new CoupleDocument(otherId, called, left, level, dances, routines, term, note);
    }
}
