package belonax.room;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.ApplicationContext;
import org.springframework.core.Ordered;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.TestContext;
import org.springframework.test.context.TestExecutionListener;
import org.springframework.transaction.ConfigurableTransactionManager;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.util.FileSystemUtils;

/** Keeps a room aside before its first test, and puts it back after each test that wrote; its clock too. */
public final class RoomAsItWas implements TestExecutionListener, Ordered {
    private static final Map<ApplicationContext, Kept> KEPT = new ConcurrentHashMap<>();

    /** After a test its own transaction is over, and before anything closes the application. */
    @Override
    public int getOrder() {
        return 3500;
    }

    @Override
    public void prepareTestInstance(TestContext test) {
        KEPT.computeIfAbsent(test.getApplicationContext(), Kept::new);
    }

    @Override
    public void afterTestMethod(TestContext test) {
        Kept kept = KEPT.get(test.getApplicationContext());
        if (kept != null) {
            kept.putBack();
        }
    }

    /** Tables beside those of the room, and the files of its folder. */
    private static final class Kept implements TransactionExecutionListener {
        private final AtomicBoolean written = new AtomicBoolean();
        private final JdbcTemplate database;
        private final TransactionTemplate transaction;
        private final ObjectProvider<HandClock> clock;
        private final List<String> tables;
        private final Path home;
        private final Path aside;

        Kept(ApplicationContext application) {
            database = application.getBean(JdbcTemplate.class);
            clock = application.getBeanProvider(HandClock.class);
            PlatformTransactionManager manager = application.getBean(PlatformTransactionManager.class);
            transaction = new TransactionTemplate(manager);
            home = application.getBean(RoomProperties.class).home();
            aside = home.resolveSibling(home.getFileName() + "-as-it-was");
            tables = database.queryForList(
                    "select table_name from information_schema.tables where table_schema = 'PUBLIC' and table_name <> 'flyway_schema_history'",
                    String.class);
            database.execute("create schema as_it_was");
            tables.forEach(
                    table -> database.execute("create table as_it_was." + table + " as select * from public." + table));
            copy(home, aside);
            ((ConfigurableTransactionManager) manager).addListener(this);
        }

        @Override
        public void afterCommit(TransactionExecution ended, @Nullable Throwable failure) {
            if (!ended.isReadOnly()) {
                written.set(true);
            }
        }

        void putBack() {
            clock.ifAvailable(HandClock::back);
            if (written.get()) {
                transaction.executeWithoutResult(status -> putTablesBack());
                copy(aside, home);
                written.set(false);
            }
        }

        private void putTablesBack() {
            database.execute("set referential_integrity false");
            for (String table : tables) {
                database.execute("delete from public." + table);
                database.execute(
                        "insert into public." + table + " overriding system value select * from as_it_was." + table);
            }
            database.execute("set referential_integrity true");
        }

        private static void copy(Path from, Path to) {
            try {
                if (Files.isDirectory(to)) {
                    try (Stream<Path> there = Files.list(to)) {
                        for (Path path : there.toList()) {
                            FileSystemUtils.deleteRecursively(path);
                        }
                    }
                }
                if (Files.isDirectory(from)) {
                    FileSystemUtils.copyRecursively(from, to);
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
