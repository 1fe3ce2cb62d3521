package fluidframe.app.work;

import java.util.function.BooleanSupplier;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Who waits for an answer. */
final class Caller {

    /** Under this name a request carries the question whether its caller has hung up. */
    static final String HUNG_UP = "fluidframe.caller.hung-up";

    private Caller() {}

    /** Whether the caller of the request that this thread answers has hung up; asked from that thread only. */
    static BooleanSupplier hungUp() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        Object known = request == null ? null : request.getAttribute(HUNG_UP, RequestAttributes.SCOPE_REQUEST);
        return known instanceof BooleanSupplier hungUp ? hungUp : () -> false;
    }
}
