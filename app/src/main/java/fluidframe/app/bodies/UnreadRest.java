package fluidframe.app.bodies;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicBoolean;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/**
 * Closes the connection of whoever is answered before all of their body has come. The server would wait for the rest of
 * it, byte for byte, to use the connection again.
 */
final class UnreadRest extends ValveBase {

    UnreadRest() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        getNext().invoke(request, response);
        if (!request.isAsync() && isUnread(request.getCoyoteRequest())) {
            request.getCoyoteRequest().action(ActionCode.DISABLE_SWALLOW_INPUT, null);
        }
    }

    private static boolean isUnread(org.apache.coyote.Request request) {
        AtomicBoolean read = new AtomicBoolean();
        request.action(ActionCode.REQUEST_BODY_FULLY_READ, read);
        if (read.get()) {
            return false;
        }
        request.action(ActionCode.AVAILABLE, Boolean.TRUE);
        long left = request.getContentLengthLong() - request.getBytesRead();
        return request.getContentLengthLong() < 0 || left > request.getAvailable();
    }
}
