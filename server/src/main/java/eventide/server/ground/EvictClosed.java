package eventide.server.ground;

import com.zaxxer.hikari.SQLExceptionOverride;
import java.sql.SQLException;
import java.util.Set;
import org.h2.api.ErrorCode;

/** A connection to a database that has closed itself is thrown away, so that the next opens it again. */
public class EvictClosed implements SQLExceptionOverride {
    private static final Set<Integer> CLOSED = Set.of(
            ErrorCode.DATABASE_IS_CLOSED,
            ErrorCode.IO_EXCEPTION_1,
            ErrorCode.IO_EXCEPTION_2,
            ErrorCode.FILE_CORRUPTED_1,
            ErrorCode.GENERAL_ERROR_1,
            ErrorCode.OBJECT_CLOSED,
            ErrorCode.CONNECTION_BROKEN_1,
            ErrorCode.DATABASE_CALLED_AT_SHUTDOWN,
            ErrorCode.OUT_OF_MEMORY);

    @java.lang.Override
    public Override adjudicate(SQLException thrown) {
        return CLOSED.contains(thrown.getErrorCode()) ? Override.MUST_EVICT : Override.CONTINUE_EVICT;
    }
}
