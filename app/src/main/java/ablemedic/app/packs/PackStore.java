package ablemedic.app.packs;

import ablemedic.app.chart.ElectricEntry.PackEntry;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Json;
import ablemedic.power.LandingSchool;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Packs and their entries in the database. */
@Repository
public class PackStore {
  private final JdbcClient database;
  private final Json json;

  PackStore(JdbcClient database, Json json) {
    this.database = database;
    this.json = json;
  }

  /** A pack: what it is, the school by which it is flown, the craft's charge scale. */
  public record Pack(String label, PackEntry kind, LandingSchool school) {}

  private record Body(PackEntry kind, LandingSchool school) {}

  /**
   * What happened to a pack. Voltages in volts, current in amperes, charge in milliampere-hours; left out where not known.
   *
   * @param craft      the mark of the craft that it flew
   * @param usedMah    counted on the craft
   * @param chargedMah put back by the charger
   */
  public record PackEvent(
      @Nullable String craft,
      @Nullable Double minutes,
      @Nullable Double usedMah,
      @Nullable Double chargedMah,
      @Nullable Double restV,
      @Nullable Double loadV,
      @Nullable Double loadA,
      String note) {}

  /** An entry with its time. */
  public record Dated(Instant at, PackEvent entry) {}

  public List<Pack> all() {
    return database.sql("SELECT * FROM pack ORDER BY label").query((rs, n) -> pack(rs)).list();
  }

  /**
   * The pack of this label.
   *
   * @throws Refusal when there is none
   */
  Pack get(String label) {
    return find(label).orElseThrow(() -> Refusal.unknown("label", "No pack is labelled “" + label + "”."));
  }

  private Optional<Pack> find(String label) {
    return database.sql("SELECT * FROM pack WHERE label = ?").param(label).query((rs, n) -> pack(rs)).optional();
  }

  private Pack pack(java.sql.ResultSet rs) throws java.sql.SQLException {
    Body body = json.read(rs.getString("body"), Body.class);
    return new Pack(rs.getString("label"), body.kind(), body.school());
  }

  public void enter(Pack pack, Instant at) {
    if (find(pack.label()).isPresent()) {
      throw Refusal.conflict("label", "There is a pack labelled “" + pack.label() + "” already. Choose another label.");
    }
    database.sql("INSERT INTO pack VALUES (?, ?, ?)")
        .params(pack.label(), json.write(new Body(pack.kind(), pack.school())), at.toString()).update();
  }

  void change(Pack pack) {
    database.sql("UPDATE pack SET body = ? WHERE label = ?")
        .params(json.write(new Body(pack.kind(), pack.school())), pack.label()).update();
  }

  public void add(String label, PackEvent entry, Instant at) {
    database.sql("INSERT INTO pack_entry (label, at, body) VALUES (?, ?, ?)")
        .params(label, at.toString(), json.write(entry)).update();
  }

  /** Newest first. */
  List<Dated> entries(String label) {
    return database.sql("SELECT * FROM pack_entry WHERE label = ? ORDER BY at DESC, id DESC").param(label)
        .query((rs, n) -> new Dated(Instant.parse(rs.getString("at")), json.read(rs.getString("body"), PackEvent.class))).list();
  }
}
