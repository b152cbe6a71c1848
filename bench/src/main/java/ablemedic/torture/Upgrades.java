package ablemedic.torture;

import ablemedic.program.Server;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.zip.GZIPInputStream;
import tools.jackson.databind.JsonNode;

/**
 * The demo data as each earlier form of the data file held it, opened by this program: work-ups that were open have the
 * findings and fixes they had, closed ones ended as they did and for the same cause. Beside each file stands what the
 * program of that form showed of it.
 */
final class Upgrades implements Trial {
    private static final List<Integer> FORMS = List.of(3, 4, 5, 6, 7, 8, 9, 10, 12, 13);

    @Override
    public String name() {
        return "upgrade of each form";
    }

    @Override
    public Found run(Path folder, Duration time) throws Exception {
        List<String> wrong = new ArrayList<>();
        int workUps = 0;
        int findings = 0;
        for (int form : FORMS) {
            Path file = folder.resolve("form-" + form + ".db");
            fill(file, form);
            try (InputStream shown = resource("form-" + form + ".json");
                    Server server = Server.on(file)) {
                JsonNode then = Server.JSON.readTree(shown);
                for (JsonNode one : then.get("workUps")) {
                    JsonNode now = server.ask("GET", "/api/work-ups/" + one.get("id"), "");
                    differences(one, now)
                            .forEach(difference ->
                                    wrong.add("form " + form + ", work-up " + one.get("id") + ": " + difference));
                    workUps++;
                    findings += one.get("evidence").size();
                }
                causes(
                                then.get("ledger"),
                                server.ask("GET", "/api/repair-log", "").get("entries"))
                        .forEach(difference -> wrong.add("form " + form + ": " + difference));
                if (!server.ask("GET", "/api/bench", "").get("unreadable").isEmpty()) {
                    wrong.add("form " + form + ": something can't be read");
                }
            }
        }
        return new Found(
                wrong.isEmpty(),
                FORMS.size() + " forms of the data file, " + workUps + " work-ups, " + findings
                        + " lines of what was found and done",
                wrong.isEmpty()
                        ? "the same findings, fixes, ends and causes"
                        : wrong.size() + " differ: " + String.join("; ", wrong.subList(0, Math.min(6, wrong.size()))));
    }

    private static InputStream resource(String name) {
        return Objects.requireNonNull(Upgrades.class.getResourceAsStream("released/" + name), name);
    }

    private static void fill(Path file, int form) throws IOException, SQLException {
        try (InputStream packed = new GZIPInputStream(resource("form-" + form + ".sql.gz"));
                var connection = DriverManager.getConnection("jdbc:sqlite:" + file);
                var statement = connection.createStatement()) {
            statement.executeUpdate(new String(packed.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    private static List<String> differences(JsonNode then, JsonNode now) {
        List<String> differences = new ArrayList<>();
        if (then.get("closed").asBoolean() != now.get("stage").asString().equals("CLOSED")
                || !then.get("ended").equals(now.get("ended"))) {
            differences.add("ended “" + now.get("ended").asString() + "” and not “"
                    + then.get("ended").asString() + "”");
        }
        if (then.get("evidence").size() != now.get("evidence").size()) {
            differences.add(now.get("evidence").size() + " lines and not "
                    + then.get("evidence").size());
        }
        for (int i = 0;
                i < Math.min(then.get("evidence").size(), now.get("evidence").size());
                i++) {
            JsonNode line = now.get("evidence").get(i);
            JsonNode before = then.get("evidence").get(i);
            if (!line.get("n").equals(before.get("n"))
                    || !line.get("takenBack").equals(before.get("takenBack"))
                    || line.get("answers").size() != before.get("answers").size()
                    || line.toString().contains("not weighed")) {
                differences.add("line " + before.get("n") + " " + before.get("title") + " became " + line);
            }
        }
        if (then.get("made").size() != now.get("made").size()) {
            differences.add(now.get("made").size() + " fixes and not "
                    + then.get("made").size());
        }
        return differences;
    }

    private static List<String> causes(JsonNode then, JsonNode now) {
        List<String> differences = new ArrayList<>();
        if (then.size() != now.size()) {
            return List.of(now.size() + " in the repair log and not " + then.size());
        }
        for (int i = 0; i < then.size(); i++) {
            for (String field : List.of("workUpId", "craftId", "ended", "causes", "kinds", "fixes")) {
                if (!then.get(i).get(field).equals(now.get(i).get(field))) {
                    differences.add(field + " “" + now.get(i).get(field) + "” and not “"
                            + then.get(i).get(field) + "”");
                }
            }
        }
        return differences;
    }
}
