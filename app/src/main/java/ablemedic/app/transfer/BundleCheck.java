package ablemedic.app.transfer;

import ablemedic.app.batteries.BatteryStore;
import ablemedic.app.chart.CraftStore;
import ablemedic.app.chart.SheetForm;
import ablemedic.app.files.FileStore;
import ablemedic.app.files.FileType;
import ablemedic.app.http.Refusal;
import ablemedic.app.routine.RoutineStore;
import ablemedic.app.setup.SetUpStore;
import ablemedic.app.storage.Json;
import ablemedic.app.storage.Packed;
import ablemedic.app.storage.UnreadableRecordException;
import ablemedic.app.transfer.ChartBundle.BatteryEntryOf;
import ablemedic.app.transfer.ChartBundle.BatteryOf;
import ablemedic.app.transfer.ChartBundle.EventOf;
import ablemedic.app.transfer.ChartBundle.FamilyOf;
import ablemedic.app.transfer.ChartBundle.RoutineOf;
import ablemedic.app.transfer.ChartBundle.SetUpOf;
import ablemedic.app.transfer.ChartBundle.SheetOf;
import ablemedic.app.transfer.ChartBundle.WorkUpOf;
import ablemedic.app.workup.EndStore;
import ablemedic.app.workup.EventForm;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Rejected;
import ablemedic.catalogue.Words;
import ablemedic.diagnosis.Occasion;
import ablemedic.export.SettingsExport;
import ablemedic.firmware.DialectTable;
import ablemedic.setup.SetUpOccasion;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/** Whether a document is a chart that can be kept: every record readable, every number pointing at something. */
@Component
class BundleCheck {
    private static final Words SAID =
            Catalogue.beside(BundleCheck.class, "words").of("bundle-check");
    private static final Words REFUSALS =
            Catalogue.beside(BundleCheck.class, "refusals").of("bundle-check");
    private static final int MOST = 20_000;
    private static final int LONGEST_WORDS = 8_000;

    private final Json json;

    BundleCheck(Json json) {
        this.json = json;
    }

    /** The document with every record in its present form. @throws Refusal with the place of what is wrong */
    ChartBundle checked(ChartBundle came) {
        if (!came.craft().craftId().matches(CraftStore.ID)) {
            throw Refusal.wrong("craft.craftId", REFUSALS, "id");
        }
        words(
                "craft.name",
                came.craft().name(),
                came.craft().craftClass(),
                Objects.requireNonNullElse(came.craft().builder(), ""));
        named("craft.state", CraftStore.State.class, came.craft().state());
        if (came.sheets().isEmpty()) {
            throw Refusal.wrong("sheets", REFUSALS, "no-sheet");
        }
        List<SheetOf> sheets = each("sheets", came.sheets(), (at, n, sheet) -> {
            need(sheet.revision() == n, at + ".revision", SAID.line("revisions").plain());
            words(at + ".reason", sheet.reason());
            return new SheetOf(
                    n,
                    sheet.reason(),
                    sheet.enteredAt(),
                    renewed(at + ".sheet", sheet.sheet(), text -> SheetForm.renewed(json, text)));
        });
        List<WorkUpOf> workUps = each("workUps", came.workUps(), (at, n, one) -> checked(at, one, sheets.size()));
        each("log", came.log(), (at, n, line) -> {
            need(
                    line.workUp() == null || line.workUp() >= 1 && line.workUp() <= workUps.size(),
                    at + ".workUp",
                    SAID.with("n", line.workUp()).line("no-work-up").plain());
            words(at + ".text", line.kind(), line.text());
            return line;
        });
        each("snapshots", came.snapshots(), (at, n, one) -> {
            need(one.number() == n, at + ".number", SAID.line("snapshots").plain());
            words(at, one.family(), one.version(), one.target(), one.why(), one.name());
            export(at + ".packed", one.packed());
            return one;
        });
        return new ChartBundle(
                came.heading(),
                came.craft(),
                sheets,
                came.log(),
                workUps,
                new ChartBundle.Runs(
                        each(
                                "routines",
                                came.runs().routines(),
                                (at, n, one) -> new RoutineOf(
                                        one.at(),
                                        one.passed(),
                                        one.minutes(),
                                        renewed(at + ".run", one.run(), text -> RoutineStore.renewed(json, text)))),
                        each("setUps", came.runs().setUps(), (at, n, one) -> {
                            named(at + ".occasion", SetUpOccasion.class, one.occasion());
                            return new SetUpOf(
                                    one.occasion(),
                                    one.begunAt(),
                                    one.endedAt(),
                                    one.version(),
                                    renewed(at + ".given", one.given(), text -> SetUpStore.renewed(json, text)));
                        })),
                came.snapshots(),
                each("batteries", came.batteries(), (at, n, one) -> {
                    need(
                            !one.label().isBlank() && one.label().length() <= 24,
                            at + ".label",
                            SAID.line("label").plain());
                    return new BatteryOf(
                            one.label(),
                            one.enteredAt(),
                            renewed(at + ".battery", one.battery(), text -> BatteryStore.renewed(json, text)),
                            each(
                                    at + ".entries",
                                    one.entries(),
                                    (where, k, entry) -> new BatteryEntryOf(
                                            entry.at(),
                                            renewed(
                                                    where + ".entry",
                                                    entry.entry(),
                                                    text -> BatteryStore.renewedEntry(json, text)))));
                }),
                each("families", came.families(), (at, n, one) -> family(at, one)),
                each("files", came.files(), (at, n, one) -> {
                    need(
                            one.workUp() == null || one.workUp() >= 1 && one.workUp() <= workUps.size(),
                            at + ".workUp",
                            SAID.with("n", one.workUp()).line("no-work-up").plain());
                    need(
                            one.line() == null
                                    || one.line() >= 1
                                            && one.line() <= came.log().size(),
                            at + ".line",
                            SAID.with("n", one.line()).line("no-line").plain());
                    need(
                            isKept(one.bytes().read()),
                            at + ".bytes",
                            SAID.with("most", FileStore.LARGEST / 1024 / 1024)
                                    .line("no-file")
                                    .plain());
                    words(at + ".name", one.name());
                    return one;
                }));
    }

    private WorkUpOf checked(String where, WorkUpOf came, int sheets) {
        need(
                came.revision() >= 1 && came.revision() <= sheets,
                where + ".revision",
                SAID.with("n", came.revision()).line("no-sheet").plain());
        named(where + ".occasion", Occasion.class, came.occasion());
        words(where + ".complaint", came.complaintKind(), came.complaint());
        List<EventOf> events = each(where + ".events", came.events(), (at, n, event) -> {
            need(event.n() == n, at + ".n", SAID.line("events").plain());
            return new EventOf(
                    n, event.at(), renewed(at + ".event", event.event(), text -> EventForm.EVENT.renewed(json, text)));
        });
        each(where + ".repairLog", came.repairLog(), (at, n, one) -> {
            words(at, one.complaint(), one.ended(), one.reason());
            Stream.of(
                            one.repaired().causes(),
                            one.repaired().kinds(),
                            one.repaired().fixes(),
                            one.repaired().changes(),
                            one.repaired().proof(),
                            Objects.requireNonNullElse(one.repaired().parts(), List.<String>of()))
                    .forEach(all -> words(at, all.toArray(String[]::new)));
            return one;
        });
        each(where + ".recordings", came.recordings(), (at, n, one) -> {
            words(at, one.checkId(), one.name(), one.outcome(), one.told());
            file(at + ".packed", one.packed());
            return one;
        });
        need(
                came.end() == null || came.end().path("version").asInt(0) == events.size(),
                where + ".end",
                SAID.line("end").plain());
        return new WorkUpOf(
                came.openedAt(),
                came.revision(),
                came.complaintKind(),
                came.complaint(),
                came.occasion(),
                came.aside(),
                events,
                came.repairLog(),
                came.recordings(),
                came.end() == null ? null : renewed(where + ".end", came.end(), text -> EndStore.renewed(json, text)));
    }

    private interface Rule<T> {
        T read(String where, int n, T one);
    }

    private static <T> List<T> each(String list, List<T> all, Rule<T> rule) {
        need(all.size() <= MOST, list, SAID.with("most", MOST).line("most").plain());
        List<T> read = new ArrayList<>();
        for (int i = 0; i < all.size(); i++) {
            read.add(rule.read(list + "[" + i + "]", i + 1, all.get(i)));
        }
        return List.copyOf(read);
    }

    private static void need(boolean holds, String where, String right) {
        if (!holds) {
            throw Refusal.wrong(where, right);
        }
    }

    private static void words(String where, String... all) {
        for (String one : all) {
            need(
                    one.length() <= LONGEST_WORDS,
                    where,
                    SAID.with("most", LONGEST_WORDS).line("letters").plain());
        }
    }

    private static <E extends Enum<E>> void named(String where, Class<E> type, String name) {
        need(
                Arrays.stream(type.getEnumConstants())
                        .anyMatch(one -> one.name().equals(name)),
                where,
                SAID.line("no-value").plain());
    }

    /** Opened as it will be opened later: what can't be shown is not kept. */
    private static void export(String where, Attached packed) {
        try {
            SettingsExport.read(Packed.unpacked(packed.read(), SettingsExport.LONGEST));
        } catch (Rejected | UnreadableRecordException e) {
            throw Refusal.wrong(where, REFUSALS.with("e", e.getMessage()), "no-export");
        }
    }

    private static boolean isKept(byte[] bytes) {
        return bytes.length <= FileStore.LARGEST && FileType.of(bytes).isPresent();
    }

    private static void file(String where, Attached packed) {
        need(
                Packed.isOne(packed.read()),
                where,
                SAID.with("most", Packed.MOST_UNPACKED / 1024 / 1024)
                        .line("packed")
                        .plain());
    }

    private static FamilyOf family(String where, FamilyOf one) {
        try {
            need(
                    DialectTable.read(one.table()).id().equals(one.id()),
                    where + ".id",
                    SAID.line("other-dialect").plain());
            return one;
        } catch (Rejected e) {
            throw e.within(where + ".table.");
        }
    }

    private JsonNode renewed(String where, JsonNode body, UnaryOperator<String> renewing) {
        try {
            return json.read(renewing.apply(json.write(body)), JsonNode.class);
        } catch (UnreadableRecordException e) {
            throw Refusal.wrong(where, e.getMessage() + ".");
        } catch (RuntimeException e) {
            // A record from outside may lack anything at all.
            throw Refusal.wrong(where, REFUSALS, "no-record");
        }
    }
}
