package fluidframe.app.problems;

/** What the server's own refusals mean. */
final class ServerRefusal {

    private ServerRefusal() {}

    static String sentence(int status) {
        return switch (status) {
            case 400 -> ProblemsSentences.theRequestCannotBeReadIts();
            case 404 -> ProblemsSentences.thereIsNothingAtThisAddress();
            case 405 -> ProblemsSentences.thisCannotBeDoneAtThis();
            case 413, 414, 431 -> ProblemsSentences.theRequestIsTooLargeNothing();
            case 501, 505 -> ProblemsSentences.theProgramDoesNotSpeakThat();
            default ->
                status >= 500
                        ? ProblemsSentences.theProgramMadeAMistakeNothing()
                        : ProblemsSentences.theRequestWasRefusedNothingWas();
        };
    }
}
