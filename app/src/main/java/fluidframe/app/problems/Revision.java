package fluidframe.app.problems;

import org.springframework.http.HttpStatus;
import org.springframework.web.server.ResponseStatusException;

/** The revision of a stored thing, as it travels in ETag and If-Match. */
public record Revision(long number) {

    /**
     * Names, with what is worked out of a stored thing, the revision it was worked out of. It is no ETag: what is
     * worked out changes with the figures too.
     */
    public static final String BASED_ON = "Based-On";

    /** @throws ResponseStatusException 428 without an If-Match, 400 where it is no revision */
    public static Revision required(String ifMatch) {
        if (ifMatch == null || ifMatch.isBlank()) {
            throw new ResponseStatusException(
                    HttpStatus.PRECONDITION_REQUIRED, ProblemsSentences.ifMatchExpectedTheEtagThat());
        }
        try {
            return new Revision(
                    Long.parseLong(ifMatch.replace("W/", "").replace("\"", "").strip()));
        } catch (NumberFormatException e) {
            throw new ResponseStatusException(
                    HttpStatus.BAD_REQUEST, ProblemsSentences.ifMatchFoundExpectedAnEtag(ifMatch));
        }
    }

    public String tag() {
        return "\"" + number + "\"";
    }
}
