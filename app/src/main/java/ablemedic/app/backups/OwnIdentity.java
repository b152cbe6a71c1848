package ablemedic.app.backups;

import ablemedic.app.storage.Identity;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Which data file this program works on. */
@Component
class OwnIdentity {
    private final JdbcClient database;
    private final Path file;

    OwnIdentity(JdbcClient database, @Value("${medic.database}") String file) {
        this.database = database;
        this.file = Path.of(file);
    }

    /** The name that its backups bear; a file that was copied here, or moved, takes a new one. */
    @Transactional
    public String name() {
        return database.sql("SELECT identity, place FROM data_file")
                .query((rs, n) -> new Identity(rs.getString(1), rs.getString(2)))
                .optional()
                .filter(known -> known.isOf(file))
                .orElseGet(() -> {
                    Identity drawn = Identity.drawn(file);
                    database.sql("INSERT OR REPLACE INTO data_file (one, identity, place) VALUES (1, ?, ?)")
                            .params(drawn.name(), drawn.place())
                            .update();
                    return drawn;
                })
                .name();
    }
}
