package brightplumb.app.door;

import java.sql.SQLException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.QueryTimeoutException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;

/** Whether something went wrong because the database is away, and not because of what was asked. */
public final class Database {

    private Database() {}

    /** True when a connection could not be had, or broke, somewhere among the causes. */
    public static boolean away(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof CannotGetJdbcConnectionException
                    || cause instanceof DataAccessResourceFailureException
                    || cause instanceof CannotCreateTransactionException
                    // A transaction that can be neither kept nor rolled back has lost its connection.
                    || cause instanceof TransactionSystemException
                    || cause instanceof QueryTimeoutException
                    || cause instanceof SQLException sql && broken(sql.getSQLState())) {
                return true;
            }
        }
        return false;
    }

    /** Class 08 is a broken connection, 57P a server that goes or comes. */
    private static boolean broken(String state) {
        return state != null && (state.startsWith("08") || state.startsWith("57P"));
    }
}
