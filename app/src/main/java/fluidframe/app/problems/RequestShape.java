package fluidframe.app.problems;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses requests whose address or headers cannot be read, naming what it is, before anything stumbles over them. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
class RequestShape extends OncePerRequestFilter {

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<Refusal> refusal =
                address(request).or(() -> contentType(request)).or(() -> accept(request));
        if (refusal.isEmpty()) {
            chain.doFilter(request, response);
            return;
        }
        Refusal refused = refusal.get();
        response.setStatus(refused.status().value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream()
                .write(Problems.written(
                        refused.status().value(),
                        ProblemsSentences.notReadable(),
                        refused.fault().sentence() + ".",
                        refused.fault()));
    }

    private record Refusal(HttpStatus status, Fault fault) {}

    private static Optional<Refusal> address(HttpServletRequest request) {
        if (isUnreadable(request.getRequestURI())) {
            return Optional.of(new Refusal(
                    HttpStatus.BAD_REQUEST,
                    Fault.of(
                            ProblemsSentences.theAddress(),
                            request.getRequestURI(),
                            ProblemsSentences.percentSignsBeforeTwoHexadecimalDigits())));
        }
        String query = Optional.ofNullable(request.getQueryString()).orElse("");
        for (String pair : query.split("&")) {
            if (isUnreadable(pair)) {
                return Optional.of(new Refusal(
                        HttpStatus.BAD_REQUEST,
                        Fault.of(
                                "?" + pair.split("=", 2)[0],
                                pair,
                                ProblemsSentences.percentSignsBeforeTwoHexadecimalDigits())));
            }
        }
        return Optional.empty();
    }

    /** Whether what the percent signs stand for is no UTF-8, or no text at all. */
    private static boolean isUnreadable(String text) {
        ByteBuffer bytes = ByteBuffer.allocate(text.length() * 3 + 1);
        for (int i = 0; i < text.length(); i++) {
            if (text.charAt(i) != '%') {
                bytes.put(String.valueOf(text.charAt(i)).getBytes(StandardCharsets.UTF_8));
                continue;
            }
            int high = i + 2 < text.length() ? Character.digit(text.charAt(i + 1), 16) : -1;
            int low = i + 2 < text.length() ? Character.digit(text.charAt(i + 2), 16) : -1;
            if (high < 0 || low < 0) {
                return true;
            }
            bytes.put((byte) (high << 4 | low));
            i += 2;
        }
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(bytes.flip())
                    .chars()
                    .anyMatch(letter -> letter == 0);
        } catch (CharacterCodingException e) {
            return true;
        }
    }

    private static Optional<Refusal> contentType(HttpServletRequest request) {
        String type = request.getContentType();
        try {
            boolean taken = type == null
                    || type.isBlank()
                    || MediaType.parseMediaType(type).isConcrete() && !isForm(MediaType.parseMediaType(type));
            return taken
                    ? Optional.empty()
                    : Optional.of(new Refusal(
                            HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                            Fault.of(
                                    HttpHeaders.CONTENT_TYPE, type, ProblemsSentences.oneTypeSuchAsApplicationJson())));
        } catch (InvalidMediaTypeException e) {
            return Optional.of(new Refusal(
                    HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                    Fault.of(HttpHeaders.CONTENT_TYPE, type, ProblemsSentences.aTypeSuchAsApplicationJson())));
        }
    }

    /** Nothing here is sent as a form. */
    private static boolean isForm(MediaType type) {
        return MediaType.APPLICATION_FORM_URLENCODED.equalsTypeAndSubtype(type)
                || type.getType().equals("multipart");
    }

    private static Optional<Refusal> accept(HttpServletRequest request) {
        String types =
                Optional.ofNullable(request.getHeader(HttpHeaders.ACCEPT)).orElse("");
        try {
            MediaType.parseMediaTypes(types);
            return Optional.empty();
        } catch (InvalidMediaTypeException e) {
            return Optional.of(new Refusal(
                    HttpStatus.NOT_ACCEPTABLE,
                    Fault.of(HttpHeaders.ACCEPT, types, ProblemsSentences.typesSuchAsApplicationJson())));
        }
    }
}
