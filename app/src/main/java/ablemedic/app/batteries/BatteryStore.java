package ablemedic.app.batteries;

import ablemedic.app.chart.Corrections;
import ablemedic.app.chart.Corrections.EntryCorrection;
import ablemedic.app.chart.Corrections.What;
import ablemedic.app.chart.ElectricEntry.BatteryOnSheet;
import ablemedic.app.http.Refusal;
import ablemedic.app.storage.Folded;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.StoredForm;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.storage.Unreadables;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.power.LandingVoltageRule;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Batteries and their entries in the database. */
@Repository
public class BatteryStore {
    private static final Words SAID =
            Catalogue.beside(BatteryStore.class, "words").of("battery-store");
    private static final Words REFUSALS =
            Catalogue.beside(BatteryStore.class, "refusals").of("battery-store");
    private final JdbcClient database;
    private final Corrections corrections;
    private final Unreadables unreadables;
    private final Json json;

    BatteryStore(JdbcClient database, Corrections corrections, Json json, Unreadables unreadables) {
        this.unreadables = unreadables;
        this.database = database;
        this.corrections = corrections;
        this.json = json;
    }

    /** A battery: what it is, the rule by which it is flown, the craft's charge scale. */
    public record Battery(String label, BatteryOnSheet kind, LandingVoltageRule rule) {}

    /** A battery as text, in the present form. @throws UnreadableRecordException where it is none */
    public static String renewed(Json json, String text) {
        BODY.read(json, text).kind().kind();
        return BODY.renewed(json, text);
    }

    /** An entry of a battery as text, in the present form. @throws UnreadableRecordException where it is none */
    public static String renewedEntry(Json json, String text) {
        return ENTRY.renewed(json, text);
    }

    private record Body(BatteryOnSheet kind, LandingVoltageRule rule) {}

    private static final StoredForm<Body> BODY = StoredForm.of(
            SAID.line("battery").plain(), Body.class, first -> StoredForm.rename(first, "school", "rule"));
    private static final StoredForm<BatteryEvent> ENTRY =
            StoredForm.of(SAID.line("entry").plain(), BatteryEvent.class);

    /**
     * What happened to a battery. Voltages in volts, current in amperes, charge in milliampere-hours; left out where
     * not known.
     *
     * @param craft the craft ID of the craft that it flew
     * @param usedMah counted on the craft
     * @param chargedMah put back by the charger
     */
    public record BatteryEvent(
            @Nullable String craft,
            @Nullable Double minutes,
            @Nullable Double usedMah,
            @Nullable Double chargedMah,
            @Nullable Double restV,
            @Nullable Double loadV,
            @Nullable Double loadA,
            String note) {}

    /** An entry with its time. */
    public record Dated(long id, Instant at, BatteryEvent entry) {}

    public List<Battery> all() {
        return database.sql("SELECT * FROM battery ORDER BY label").query((rs, n) -> readable(rs)).list().stream()
                .flatMap(Optional::stream)
                .toList();
    }

    /** Labels of those that this version cannot read. */
    public List<String> unreadable() {
        return database
                .sql("SELECT * FROM battery ORDER BY label")
                .query((rs, n) -> readable(rs).isPresent() ? "" : rs.getString("label"))
                .list()
                .stream()
                .filter(label -> !label.isEmpty())
                .toList();
    }

    private Optional<Battery> readable(ResultSet rs) throws SQLException {
        try {
            Battery battery = battery(rs);
            battery.kind().kind();
            return Optional.of(battery);
        } catch (UnreadableRecordException | Rejected e) {
            return Optional.empty();
        }
    }

    /**
     * The pack of this label.
     *
     * @throws Refusal when there is none
     */
    Battery get(String label) {
        return find(label)
                .orElseThrow(
                        () -> Refusal.unknown("label", REFUSALS.with("label", Refusal.shortened(label)), "no-battery"));
    }

    private Optional<Battery> find(String label) {
        return database.sql(
                        "SELECT * FROM battery WHERE folded = ? OR label = ? ORDER BY label = ? COLLATE BINARY DESC LIMIT 1")
                .params(Folded.of(label), label, label)
                .query((rs, n) -> battery(rs))
                .optional();
    }

    private Battery battery(ResultSet rs) throws SQLException {
        Body body = BODY.read(json, rs.getString("body"));
        return new Battery(rs.getString("label"), body.kind(), body.rule());
    }

    @Transactional
    public void enter(Battery battery, Instant at) {
        if (find(battery.label()).isPresent()) {
            throw Refusal.conflict("label", REFUSALS.with("battery", battery.label()), "label-taken");
        }
        database.sql("INSERT INTO battery (label, folded, body, entered_at) VALUES (?, ?, ?, ?)")
                .params(
                        battery.label(),
                        Folded.of(battery.label()),
                        BODY.write(json, new Body(battery.kind(), battery.rule())),
                        at.toString())
                .update();
    }

    @Transactional
    public void change(Battery battery) {
        database.sql("UPDATE battery SET body = ? WHERE label = ?")
                .params(BODY.write(json, new Body(battery.kind(), battery.rule())), battery.label())
                .update();
    }

    @Transactional
    public void add(String label, BatteryEvent entry, Instant at) {
        database.sql("INSERT INTO battery_entry (label, at, body) VALUES (?, ?, ?)")
                .params(label, at.toString(), ENTRY.write(json, entry))
                .update();
    }

    /** The rules by which the batteries are flown that flew a craft. */
    public Set<LandingVoltageRule> rules(String craftId) {
        return all().stream()
                .filter(battery -> entries(battery.label()).stream()
                        .anyMatch(entry -> craftId.equals(entry.entry().craft())))
                .map(Battery::rule)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(LandingVoltageRule.class)));
    }

    /** Newest first. */
    public List<Dated> entries(String label) {
        return unreadables.rows(
                "battery_entry",
                database.sql("SELECT * FROM battery_entry WHERE label = ? AND NOT withdrawn ORDER BY id DESC")
                        .param(label),
                (rs, n) -> new Dated(
                        rs.getLong("id"),
                        unreadables.time("battery_entry", rs, "at"),
                        ENTRY.read(json, rs.getString("body"))));
    }

    /** Puts another entry in the place of one, or nothing; what was there stays in its history. */
    @Transactional
    public void correct(String label, long id, @Nullable BatteryEvent entry, String reason, Instant at) {
        String before = database.sql("SELECT body FROM battery_entry WHERE label = ? AND id = ? AND NOT withdrawn")
                .params(label, id)
                .query(String.class)
                .optional()
                .orElseThrow(() ->
                        Refusal.unknown("id", REFUSALS.with("label", label).with("id", id), "no-entry"));
        corrections.add(What.PACK, new EntryCorrection(id, at, before, reason, entry == null));
        if (entry == null) {
            database.sql("UPDATE battery_entry SET withdrawn = 1 WHERE id = ?")
                    .param(id)
                    .update();
        } else {
            database.sql("UPDATE battery_entry SET body = ? WHERE id = ?")
                    .params(ENTRY.write(json, entry), id)
                    .update();
        }
    }
}
