package fluidframe.app.problems;

/** What the server's own refusals mean. */
final class ServerRefusal {

    private ServerRefusal() {}

    static String sentence(int status) {
        return switch (status) {
            case 400 -> "The request cannot be read: its address or its headers are malformed. Nothing was changed.";
            case 404 -> "There is nothing at this address.";
            case 405 -> "This cannot be done at this address.";
            case 413, 414, 431 -> "The request is too large. Nothing was changed.";
            case 501, 505 -> "The program does not speak that form of HTTP. Nothing was changed.";
            default ->
                status >= 500
                        ? "The program made a mistake; nothing was changed. The log says more."
                        : "The request was refused. Nothing was changed.";
        };
    }
}
