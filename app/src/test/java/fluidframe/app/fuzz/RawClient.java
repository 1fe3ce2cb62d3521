package fluidframe.app.fuzz;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** Speaks HTTP as it is told to, also badly. */
final class RawClient {

    private static final int PATIENCE_MILLISECONDS = 30_000;

    private final int port;

    RawClient(int port) {
        this.port = port;
    }

    /** What came back. */
    record Answer(int status, String head, String body) {

        boolean isProblem() {
            return head.toLowerCase(Locale.ROOT).contains("content-type: application/problem+json")
                    && body.contains("\"title\"");
        }

        String header(String name) {
            return head.lines()
                    .filter(line -> line.toLowerCase(Locale.ROOT).startsWith(name.toLowerCase(Locale.ROOT) + ":"))
                    .findFirst()
                    .map(line -> line.substring(line.indexOf(':') + 1).strip())
                    .orElse("");
        }
    }

    /** A request on a connection of its own. */
    Answer send(String method, String target, String headers, byte[] body) throws IOException {
        String head = method + " " + target + " HTTP/1.1\r\nHost: localhost:" + port + "\r\nConnection: close\r\n"
                + headers + (body == null ? "" : "Content-Length: " + body.length + "\r\n") + "\r\n";
        ByteArrayOutputStream request = new ByteArrayOutputStream();
        request.writeBytes(head.getBytes(StandardCharsets.UTF_8));
        if (body != null) {
            request.writeBytes(body);
        }
        return exchange(request.toByteArray());
    }

    Answer exchange(byte[] request) throws IOException {
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), port)) {
            socket.setSoTimeout(PATIENCE_MILLISECONDS);
            socket.getOutputStream().write(request);
            socket.getOutputStream().flush();
            return read(socket.getInputStream());
        }
    }

    private static Answer read(InputStream in) throws IOException {
        byte[] all = in.readAllBytes();
        String text = new String(all, StandardCharsets.ISO_8859_1);
        int end = text.indexOf("\r\n\r\n");
        if (end < 0) {
            return new Answer(0, text, "");
        }
        String head = text.substring(0, end);
        String[] words = head.split(" ", 3);
        String body = text.substring(end + 4);
        return new Answer(
                Integer.parseInt(words[1]),
                head,
                head.toLowerCase(Locale.ROOT).contains("transfer-encoding: chunked") ? joined(body) : body);
    }

    /** The pieces of a body that came in pieces, each after its length. */
    private static String joined(String pieces) {
        StringBuilder body = new StringBuilder();
        int at = 0;
        while (at < pieces.length()) {
            int line = pieces.indexOf("\r\n", at);
            int length = Integer.parseInt(pieces.substring(at, line), 16);
            body.append(pieces, line + 2, line + 2 + length);
            at = line + 2 + length + 2;
        }
        return body.toString();
    }
}
