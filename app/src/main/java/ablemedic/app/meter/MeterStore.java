package ablemedic.app.meter;

import ablemedic.app.storage.Json;
import ablemedic.app.storage.StoredForm;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.reading.Meter;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The meter in the database; a usual one until another is entered. */
@Repository
public class MeterStore {
  private static final StoredForm<Meter> FORM = StoredForm.of("meter", Meter.class);

  private final JdbcClient database;
  private final Json json;

  MeterStore(JdbcClient database, Json json) {
    this.database = database;
    this.json = json;
  }

  /** The meter that was entered; a usual one where none was, or where it cannot be read. */
  public Meter get() {
    try {
      return database.sql("SELECT body FROM setting WHERE name = 'meter'").query(String.class).optional()
          .map(body -> FORM.read(json, body)).orElse(Meter.USUAL);
    } catch (UnreadableRecordException e) {
      return Meter.USUAL;
    }
  }

  @Transactional
  public void set(Meter meter) {
    database.sql("INSERT INTO setting (name, body) VALUES ('meter', ?) ON CONFLICT (name) DO UPDATE SET body = excluded.body")
        .param(FORM.write(json, meter)).update();
  }
}
