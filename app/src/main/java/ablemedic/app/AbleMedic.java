package ablemedic.app;

import ablemedic.app.storage.DatabaseFile;
import ablemedic.app.storage.DatabaseFile.UnusableException;
import java.nio.file.Path;
import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.core.env.StandardEnvironment;
import org.springframework.core.env.SimpleCommandLinePropertySource;

/** Starts the application. Exit code 2 says that it could not, and why stands on the error stream. */
@SpringBootApplication
public class AbleMedic {
  private static final String USUAL_DATABASE = "data/medic.db";

  @Bean
  Clock clock() {
    return Clock.systemUTC();
  }

  public static void main(String[] args) {
    try {
      start(args);
    } catch (UnusableException e) {
      refuse(e.getMessage());
    } catch (RuntimeException e) {
      refuse(reason(e));
    }
  }

  /** Starts on the database that the arguments name, after a look at whether it can be used. */
  public static ConfigurableApplicationContext start(String... args) {
    var environment = new StandardEnvironment();
    environment.getPropertySources().addFirst(new SimpleCommandLinePropertySource(args));
    DatabaseFile.check(Path.of(environment.getProperty("medic.database", USUAL_DATABASE)));
    return SpringApplication.run(AbleMedic.class, args);
  }

  private static String reason(Throwable thrown) {
    for (Throwable t = thrown; t != null; t = t.getCause()) {
      if (t instanceof PortInUseException port) {
        return "Port " + port.getPort() + " is in use. Stop what uses it, or choose another, as in PORT=9000 ./medic serve.";
      }
    }
    Throwable root = thrown;
    while (root.getCause() != null) {
      root = root.getCause();
    }
    return "Could not start: " + root.getMessage();
  }

  private static void refuse(String reason) {
    System.err.println("Able Medic: " + reason);
    System.exit(2);
  }
}
