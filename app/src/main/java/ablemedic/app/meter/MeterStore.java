package ablemedic.app.meter;

import ablemedic.app.storage.Json;
import ablemedic.reading.Meter;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** The meter in the database; a usual one until another is entered. */
@Repository
public class MeterStore {
  private final JdbcClient database;
  private final Json json;

  MeterStore(JdbcClient database, Json json) {
    this.database = database;
    this.json = json;
  }

  public Meter get() {
    return database.sql("SELECT body FROM setting WHERE name = 'meter'").query(String.class).optional()
        .map(body -> json.read(body, Meter.class)).orElse(Meter.USUAL);
  }

  void set(Meter meter) {
    database.sql("INSERT INTO setting VALUES ('meter', ?) ON CONFLICT (name) DO UPDATE SET body = excluded.body")
        .param(json.write(meter)).update();
  }
}
