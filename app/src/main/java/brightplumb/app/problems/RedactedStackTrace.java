package brightplumb.app.problems;

/**
 * Where something went wrong, without what it said: a message may repeat what was sent, and that may be a body's
 * measure.
 */
final class RedactedStackTrace {

    private RedactedStackTrace() {}

    /** The kinds of a failure and its causes, each with all its places. */
    static String trace(Throwable failure) {
        StringBuilder trace = new StringBuilder();
        int depth = 0;
        for (Throwable cause = failure; cause != null && depth++ < 8; cause = cause.getCause()) {
            trace.append(depth == 1 ? "" : "caused by ")
                    .append(cause.getClass().getName())
                    .append('\n');
            for (StackTraceElement place : cause.getStackTrace()) {
                trace.append("    at ").append(place).append('\n');
            }
        }
        return trace.toString();
    }
}
