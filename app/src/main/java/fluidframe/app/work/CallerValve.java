package fluidframe.app.work;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.function.BooleanSupplier;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;

/**
 * Lets work find out that its caller has hung up. The server itself would only notice when it writes the answer; this
 * looks whether the connection has ended, without waiting and without reading anything that belongs to the request.
 */
final class CallerValve extends ValveBase {

    CallerValve() {
        super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
        request.setAttribute(Caller.HUNG_UP, (BooleanSupplier) () -> hasEnded(request.getCoyoteRequest()));
        getNext().invoke(request, response);
    }

    /** Once the body has been read nothing more is due on the connection but its end. */
    private static boolean hasEnded(org.apache.coyote.Request request) {
        request.action(ActionCode.AVAILABLE, Boolean.TRUE);
        return request.getAvailable() > 0;
    }
}
