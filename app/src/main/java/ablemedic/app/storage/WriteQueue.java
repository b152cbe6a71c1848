package ablemedic.app.storage;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Lets one transaction write at a time, in the order in which they came; SQLite has one writer. Those who wait hold no
 * connection, so that readers are never kept out by writers.
 */
@Component
class WriteQueue extends JdbcTransactionManager {
    private static final long serialVersionUID = 1;
    private static final Logger LOG = LoggerFactory.getLogger(WriteQueue.class);
    private static final long LONGEST_WAIT_S = 8;

    private final transient ReentrantLock turn = new ReentrantLock(true);

    WriteQueue(DataSource database) {
        super(database);
        // Else a failed commit would be tried again, without a word, when the connection is handed back.
        setRollbackOnCommitFailure(true);
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        awaitTurn();
        boolean begun = false;
        try {
            // A connection of this library can't be made read-only once it is open; that a transaction only reads is
            // kept in its status.
            DefaultTransactionDefinition open = new DefaultTransactionDefinition(definition);
            open.setReadOnly(false);
            super.doBegin(transaction, open);
            begun = true;
        } finally {
            if (!begun) {
                turn.unlock();
            }
        }
    }

    private void awaitTurn() {
        try {
            if (!turn.tryLock(LONGEST_WAIT_S, TimeUnit.SECONDS)) {
                throw new BusyException();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BusyException();
        }
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        try {
            super.doCommit(status);
        } catch (RuntimeException e) {
            // Whoever commits holds the file, so that this is no failure to commit: the driver begins the next
            // transaction within the commit, and
            // another program took the file in between. This one is written.
            if (!status.isReadOnly()
                    && Trouble.behind(e)
                            .filter(trouble -> trouble == Trouble.LOCKED)
                            .isPresent()) {
                Receipt.written();
            }
            throw e;
        }
        if (!status.isReadOnly()) {
            Receipt.written();
        }
    }

    /** A connection that fails here is thrown away, which rolls back as well; the first failure is the one to tell. */
    @Override
    protected void doRollback(DefaultTransactionStatus status) {
        try {
            super.doRollback(status);
        } catch (TransactionException e) {
            LOG.debug("Rolled back by closing the connection", e);
        }
    }

    @Override
    protected void doCleanupAfterCompletion(Object transaction) {
        try {
            super.doCleanupAfterCompletion(transaction);
        } finally {
            turn.unlock();
        }
    }
}
