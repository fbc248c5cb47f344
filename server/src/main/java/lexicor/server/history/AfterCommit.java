package lexicor.server.history;

import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What is to happen once the running transaction is stored, and not if it is not. */
public final class AfterCommit {
    private AfterCommit() {}

    public static void run(Runnable then) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                then.run();
            }
        });
    }
}
