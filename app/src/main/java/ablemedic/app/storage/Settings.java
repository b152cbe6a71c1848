package ablemedic.app.storage;

import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** What the workshop has settled once for all crafts, each under its name. */
@Repository
public class Settings {
    private final JdbcClient database;
    private final Json json;

    Settings(JdbcClient database, Json json) {
        this.database = database;
        this.json = json;
    }

    /** What was settled; the usual where nothing was, or where it cannot be read. */
    public <T> T get(String name, StoredForm<T> form, T usual) {
        try {
            return database.sql("SELECT body FROM setting WHERE name = ?")
                    .param(name)
                    .query(String.class)
                    .optional()
                    .map(body -> form.read(json, body))
                    .orElse(usual);
        } catch (UnreadableRecordException e) {
            return usual;
        }
    }

    @Transactional
    public <T> void set(String name, StoredForm<T> form, T value) {
        database.sql(
                        "INSERT INTO setting (name, body) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET body = excluded.body")
                .params(name, form.write(json, value))
                .update();
    }
}
