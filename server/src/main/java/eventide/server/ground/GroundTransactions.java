package eventide.server.ground;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Begins no write for which there is no room, and counts those that are made: in the database as the last thing of each, so
 * that nobody waits for a counter while holding it, and outside once it is on the disk.
 */
@Component("transactionManager")
class GroundTransactions extends JdbcTransactionManager {
    private static final long serialVersionUID = 1;

    private static final String COUNT = "update ground set writes = writes + 1";
    private static final String COUNTED = "select writes from ground";

    private final transient Ground ground;
    private final transient Gate gate;

    GroundTransactions(DataSource dataSource, Ground ground, Gate gate) {
        super(dataSource);
        this.ground = ground;
        this.gate = gate;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        if (!definition.isReadOnly()) {
            ground.room().check();
        }
        gate.enter();
        boolean begun = false;
        try {
            super.doBegin(transaction, definition);
            begun = true;
        } finally {
            if (!begun) {
                gate.leave();
            }
        }
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        try {
            super.doCleanupAfterCompletion(transaction);
        } finally {
            gate.leave();
        }
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        if (status.isReadOnly()) {
            super.doCommit(status);
            return;
        }
        long number = count();
        super.doCommit(status);
        ground.lastWrite().reached(number);
    }

    private long count() {
        Connection connection = DataSourceUtils.getConnection(obtainDataSource());
        try (Statement statement = connection.createStatement()) {
            statement.executeUpdate(COUNT);
            try (ResultSet row = statement.executeQuery(COUNTED)) {
                row.next();
                return row.getLong(1);
            }
        } catch (SQLException failed) {
            throw translateException("count the write", failed);
        } finally {
            DataSourceUtils.releaseConnection(connection, obtainDataSource());
        }
    }
}
