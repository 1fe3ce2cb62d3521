package fluidframe.app.doors;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.Map;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;

/**
 * Tells the browser with every answer what its pages may do: load only what comes with the program, be framed by
 * nobody, and send nothing about.
 */
final class HeaderValve extends ValveBase {

    private static final Map<String, String> HEADERS = Map.of(
            "Content-Security-Policy",
                    "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; media-src 'self' blob:; "
                            + "font-src 'self'; connect-src 'self' blob:; worker-src 'self' blob:; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
            "X-Content-Type-Options", "nosniff",
            "X-Frame-Options", "DENY",
            "Referrer-Policy", "no-referrer",
            "Permissions-Policy", "camera=(), geolocation=(), microphone=(), payment=(), usb=()",
            "Cross-Origin-Opener-Policy", "same-origin",
            "Cross-Origin-Resource-Policy", "same-origin");

    HeaderValve() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        HEADERS.forEach(response::setHeader);
        getNext().invoke(request, response);
    }
}
