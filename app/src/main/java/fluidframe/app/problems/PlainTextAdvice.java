package fluidframe.app.problems;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Optional;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lets no text in that no file could hold: control characters but for tabs and ends of lines, halves of characters, and code points that are none.
 * They would make drawings and other files that nothing can open. What is sent as bytes is no text.
 */
@RestControllerAdvice
class PlainTextAdvice extends RequestBodyAdviceAdapter {

    /** What a backslash in a JSON text makes a control character, or any character, of. */
    private static final String ESCAPED = "ubf";

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return type != byte[].class;
    }

    @Override
    public HttpInputMessage beforeBodyRead(HttpInputMessage message, MethodParameter parameter, Type type,
                                           Class<? extends HttpMessageConverter<?>> converter) throws IOException {
        byte[] body = message.getBody().readAllBytes();
        String text = new String(body, StandardCharsets.UTF_8);
        if (isSuspect(text)) {
            check(text);
        }
        return new HttpInputMessage() {
            @Override
            public InputStream getBody() {
                return new ByteArrayInputStream(body);
            }

            @Override
            public HttpHeaders getHeaders() {
                return message.getHeaders();
            }
        };
    }

    /** Also of much that is allowed; what is suspect is looked at again. Every body comes through here, so it is one look at each letter. */
    private static boolean isSuspect(String text) {
        for (int at = 0; at < text.length(); at++) {
            char letter = text.charAt(at);
            boolean escapes = letter == '\\' && at + 1 < text.length() && ESCAPED.indexOf(text.charAt(at + 1)) >= 0;
            if (escapes || !Character.isSurrogate(letter) && isUnprintable(letter)) {
                return true;
            }
        }
        return false;
    }

    private static void check(String text) {
        JsonNode tree;
        try {
            tree = JsonMapper.shared().readTree(text);
        } catch (JacksonException e) {
            // What is no JSON is refused, or read, by whoever reads it next; raw control characters are in neither.
            refuse("", text);
            return;
        }
        check("", tree);
    }

    private static void check(String place, JsonNode node) {
        if (node.isString()) {
            refuse(place, node.asString());
        }
        for (Map.Entry<String, JsonNode> property : node.properties()) {
            refuse(place, property.getKey());
            check(place + "/" + property.getKey(), property.getValue());
        }
        if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                check(place + "/" + i, node.get(i));
            }
        }
    }

    private static void refuse(String place, String text) {
        unprintable(text).ifPresent(code -> {
            Fault fault = new Fault(place, code, "text without control characters", (place.isEmpty() ? "The text" : place) + ": found the control character " + code
                    + ", expected text without any", java.util.List.of());
            throw new RefusedException(fault.sentence() + ". Nothing was stored.", java.util.List.of(fault));
        });
    }

    private static Optional<String> unprintable(String text) {
        return text.codePoints().filter(PlainTextAdvice::isUnprintable).mapToObj("U+%04X"::formatted).findFirst();
    }

    private static boolean isUnprintable(int code) {
        boolean layout = code == '\t' || code == '\n' || code == '\r';
        return Character.isISOControl(code) && !layout || code >= Character.MIN_SURROGATE && code <= Character.MAX_SURROGATE || (code & 0xFFFE) == 0xFFFE;
    }
}
