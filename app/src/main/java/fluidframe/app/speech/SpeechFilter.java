package fluidframe.app.speech;

import fluidframe.core.couple.Titles;
import fluidframe.core.text.Speech;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.WebUtils;

/**
 * Answers each browser in the words it has chosen: man and lady, or leader and follower. They are in a cookie, which
 * comes along with pictures and files to print as well.
 */
@Component
class SpeechFilter extends OncePerRequestFilter {

    private static final String COOKIE = "titles";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.addHeader(HttpHeaders.VARY, HttpHeaders.COOKIE);
        try (Speech.Use use = Speech.of(titles(request).locale())) {
            chain.doFilter(request, response);
        }
    }

    /** Man and lady for whoever has chosen nothing that there is. */
    private static Titles titles(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE))
                .map(Cookie::getValue)
                .flatMap(Titles.LEXICON::find)
                .orElse(Titles.MAN_LADY);
    }
}
