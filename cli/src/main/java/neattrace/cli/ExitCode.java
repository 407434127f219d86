package neattrace.cli;

/** What the process returns. */
final class ExitCode {

    static final int DONE = 0;
    static final int USAGE = 2;
    static final int UNREADABLE = 3;
    static final int NOT_WRITTEN = 4;
    static final int STOPPED = 5;

    private ExitCode() {}
}
