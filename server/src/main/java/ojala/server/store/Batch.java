package ojala.server.store;

import java.util.Collection;
import java.util.function.BiConsumer;
import org.apache.ibatis.session.ExecutorType;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Writes many rows in one go, in a transaction of their own. */
@Component
public class Batch {
    private final SqlSessionFactory sessions;
    private final TransactionTemplate transaction;

    Batch(SqlSessionFactory sessions, PlatformTransactionManager transactions) {
        this.sessions = sessions;
        this.transaction = new TransactionTemplate(transactions);
        this.transaction.setPropagationBehavior(TransactionTemplate.PROPAGATION_REQUIRES_NEW);
    }

    /** Calls the mapper once per row; the database gets them in batches. */
    public <M, R> void write(Class<M> mapper, Collection<R> rows, BiConsumer<M, R> call) {
        if (rows.isEmpty()) {
            return;
        }
        transaction.executeWithoutResult(status -> {
            try (SqlSession session = sessions.openSession(ExecutorType.BATCH)) {
                M batched = session.getMapper(mapper);
                rows.forEach(row -> call.accept(batched, row));
                session.flushStatements();
            }
        });
    }
}
