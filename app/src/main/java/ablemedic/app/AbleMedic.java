package ablemedic.app;

import ablemedic.app.storage.DatabaseFile;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import ablemedic.app.storage.FileLock;
import ablemedic.app.storage.Trouble;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import org.flywaydb.core.api.FlywayException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.SpringApplication.AbandonedRunException;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.core.env.Environment;
import org.springframework.core.env.SimpleCommandLinePropertySource;
import org.springframework.core.env.StandardEnvironment;

/** Starts the application. Exit code 2 says that it could not, and why stands on the error stream. */
@SpringBootApplication
public class AbleMedic {
    private static final Words SAID = Catalogue.beside(AbleMedic.class, "words").of("able-medic");
    private static final String USUAL_DATABASE = "data/medic.db";
    private static final String USUAL_PORT = "8642";

    /** @param ahead how far the clock is put forward, to try what a wrong clock does; nothing otherwise */
    @Bean
    Clock clock(@Value("${medic.clock-ahead}") Duration ahead) {
        return ahead.isZero() ? Clock.systemUTC() : Clock.offset(Clock.systemUTC(), ahead);
    }

    public static void main(String[] args) {
        try {
            if (!FileCommand.run(args)) {
                start(args);
            }
        } catch (AbandonedRunException e) {
            // The build looks at the beans and goes no further.
            throw e;
        } catch (UnusableException e) {
            refuse(String.valueOf(e.getMessage()));
        } catch (RuntimeException e) {
            refuse(reason(e));
        }
    }

    /** Starts on the database that the arguments name, after a look at whether it can be used and is free. */
    public static ConfigurableApplicationContext start(String... args) {
        Environment told = told(args);
        Path database = database(told);
        FileLock lock = FileLock.take(database, "http://127.0.0.1:" + port(told) + "/");
        try {
            if (told.getProperty("medic.fresh", Boolean.class, false)) {
                DatabaseFile.delete(database);
            }
            DatabaseFile.check(database);
            SpringApplication application = new SpringApplication(AbleMedic.class);
            // Registered first, so let go of last: after the database is closed.
            application.addInitializers(context -> ((DefaultListableBeanFactory) context.getBeanFactory())
                    .registerDisposableBean("databaseLock", lock::close));
            return application.run(args);
        } catch (IOException e) {
            lock.close();
            throw new UnusableException(SAID.with("database", database)
                    .with("e", e.getMessage())
                    .line("begin")
                    .plain());
        } catch (RuntimeException e) {
            lock.close();
            throw e;
        }
    }

    static Environment told(String... args) {
        var environment = new StandardEnvironment();
        environment.getPropertySources().addFirst(new SimpleCommandLinePropertySource(args));
        return environment;
    }

    static Path database(Environment told) {
        return Path.of(told.getProperty("medic.database", USUAL_DATABASE));
    }

    private static int port(Environment told) {
        String port = told.getProperty("server.port", USUAL_PORT);
        if (!port.matches("\\d{1,5}") || Integer.parseInt(port) > 65_535) {
            throw new UnusableException(SAID.with("port", port).line("port").plain());
        }
        return Integer.parseInt(port);
    }

    private static String reason(Throwable thrown) {
        Throwable root = thrown;
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof PortInUseException port) {
                return SAID.with("port", port.getPort()).line("port-in-use").plain();
            }
            root = t;
        }
        String last = root.getMessage();
        return Trouble.behind(thrown)
                .map(trouble -> trouble.of("data file"))
                .orElseGet(() -> changedSchema(thrown)
                        ? SAID.line("other-tables").plain()
                        : SAID.with("why", last).line("no-start").plain());
    }

    private static boolean changedSchema(Throwable thrown) {
        for (Throwable t = thrown; t != null; t = t.getCause()) {
            if (t instanceof FlywayException) {
                return true;
            }
        }
        return false;
    }

    private static void refuse(String reason) {
        System.err.println("Able Medic: " + reason);
        System.exit(2);
    }
}
