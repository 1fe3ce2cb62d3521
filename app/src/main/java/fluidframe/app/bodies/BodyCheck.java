package fluidframe.app.bodies;

import fluidframe.app.problems.Fault;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.json.JsonMapper;

/**
 * Looks through a body once before anything is made of it. No more values than anybody sends are let in, and no text
 * that no file could hold: control characters but for tabs and ends of lines, halves of characters, and code points
 * that are none. They would make drawings and other files that nothing can open. What is no JSON is refused, in better
 * words, by whoever reads it.
 */
@Component
class BodyCheck {

    private final JsonMapper json;

    BodyCheck(JsonMapper json) {
        this.json = json;
    }

    /** What is wrong with it, if anything is. */
    Optional<Fault> fault(SentBody body, String contentType) throws IOException {
        MediaType type = contentType == null || contentType.isBlank()
                ? MediaType.APPLICATION_OCTET_STREAM
                : MediaType.parseMediaType(contentType);
        if (type.getType().equals("text")) {
            try (InputStream text = body.read()) {
                return unprintable("", new String(text.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
        return type.getSubtype().endsWith("json") ? ofJson(body) : Optional.empty();
    }

    private Optional<Fault> ofJson(SentBody body) throws IOException {
        int most = body.bound().values();
        int values = 0;
        try (InputStream text = body.read();
                JsonParser parser = json.createParser(text)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                values++;
                if (most > 0 && values > most) {
                    return Optional.of(Fault.of("", "more", BodiesSentences.atMostValues(most)));
                }
                if (token == JsonToken.VALUE_STRING || token == JsonToken.PROPERTY_NAME) {
                    String place = isSuspect(parser.getString())
                            ? parser.streamReadContext().pathAsPointer().toString()
                            : "";
                    Optional<Fault> fault = unprintable(place, parser.getString());
                    if (fault.isPresent()) {
                        return fault;
                    }
                }
            }
            body.has(values);
            return Optional.empty();
        } catch (JacksonException notOne) {
            return Optional.empty();
        }
    }

    private static Optional<Fault> unprintable(String place, String text) {
        if (!isSuspect(text)) {
            return Optional.empty();
        }
        return text.codePoints()
                .filter(BodyCheck::isUnprintable)
                .mapToObj("U+%04X"::formatted)
                .findFirst()
                .map(code -> new Fault(
                        place,
                        code,
                        BodiesSentences.textWithoutControlCharacters(),
                        BodiesSentences.theTextFoundTheControlCharacter(place.isEmpty(), place, code),
                        java.util.List.of()));
    }

    /**
     * Also of much that is allowed; what is suspect is looked at again. Every text comes through here, so it is one
     * look at each letter.
     */
    private static boolean isSuspect(String text) {
        for (int at = 0; at < text.length(); at++) {
            char letter = text.charAt(at);
            if (letter < ' ' || letter >= 0x7f && (letter < 0xa0 || letter >= Character.MIN_SURROGATE)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isUnprintable(int code) {
        boolean layout = code == '\t' || code == '\n' || code == '\r';
        return Character.isISOControl(code) && !layout
                || code >= Character.MIN_SURROGATE && code <= Character.MAX_SURROGATE
                || (code & 0xFFFE) == 0xFFFE;
    }
}
