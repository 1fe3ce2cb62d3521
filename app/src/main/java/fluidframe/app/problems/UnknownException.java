package fluidframe.app.problems;

/** Nothing is stored under this id. */
public final class UnknownException extends RuntimeException {

    public UnknownException(String kind, String id) {
        super(ProblemsSentences.thereIsNo(kind, id));
    }
}
