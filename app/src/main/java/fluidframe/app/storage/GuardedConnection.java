package fluidframe.app.storage;

import java.lang.reflect.InvocationHandler;
import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.lang.reflect.Proxy;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;

/**
 * A connection that sends nothing to the database engine once the engine has failed; closing it then only lets go of
 * it.
 */
final class GuardedConnection implements InvocationHandler {

    private static final Set<String> HARMLESS =
            Set.of("isClosed", "unwrap", "isWrapperFor", "toString", "hashCode", "equals");

    private final Connection connection;
    private final Engine engine;

    private GuardedConnection(Connection connection) throws SQLException {
        this.connection = connection;
        this.engine = Engine.beneath(connection);
    }

    static Connection of(Connection connection) throws SQLException {
        GuardedConnection guard = new GuardedConnection(connection);
        return (Connection) Proxy.newProxyInstance(
                GuardedConnection.class.getClassLoader(), new Class<?>[] {Connection.class}, guard);
    }

    @Override
    public Object invoke(Object proxy, Method method, Object[] arguments) throws Throwable {
        if (!HARMLESS.contains(method.getName()) && engine.hasFailed()) {
            if (!method.getName().equals("close")) {
                throw new SQLException(
                        "The database file has failed and is about to be opened anew.",
                        "08003",
                        ErrorCode.DATABASE_IS_CLOSED);
            }
            engine.abandon();
        }
        try {
            return method.invoke(connection, arguments);
        } catch (InvocationTargetException e) {
            throw e.getCause();
        }
    }
}
