package ablemedic.app.transfer;

import ablemedic.snapshot.ExportCheck;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The numbers that a database gives to what belongs to a craft, beside those that travel: its work-ups and the lines of
 * its log counted from 1, its snapshots by their own number.
 *
 * @param workUps by id, in their order
 * @param lines of the log, by id, in their order
 * @param snapshots id by number
 */
record LocalNumbers(List<Long> workUps, List<Long> lines, Map<Integer, Long> snapshots) {
    /** How a work-up that revised a sheet gives its reason. */
    private static final Pattern BY_WORK_UP = Pattern.compile("work-up (\\d{1,15})(: .*)", Pattern.DOTALL);

    private static final String LINE = "line";
    private static final String CHECK = "checkId";
    private static final String LISTING = ExportCheck.KIND + "-";

    static LocalNumbers of(JdbcClient database, String craftId) {
        Map<Integer, Long> snapshots = new TreeMap<>();
        database.sql("SELECT number, id FROM snapshot WHERE craft_id = ?")
                .param(craftId)
                .query((rs, n) -> snapshots.put(rs.getInt(1), rs.getLong(2)))
                .list();
        return new LocalNumbers(
                database.sql("SELECT id FROM work_up WHERE craft_id = ? ORDER BY id")
                        .param(craftId)
                        .query(Long.class)
                        .list(),
                database.sql("SELECT id FROM log_entry WHERE craft_id = ? ORDER BY id")
                        .param(craftId)
                        .query(Long.class)
                        .list(),
                snapshots);
    }

    /** The number of a work-up that travels; none for none. */
    @Nullable
    Integer workUp(long id) {
        return workUps.contains(id) ? workUps.indexOf(id) + 1 : null;
    }

    /** The number of a line of the log that travels; none for none. */
    @Nullable
    Integer line(long id) {
        return lines.contains(id) ? lines.indexOf(id) + 1 : null;
    }

    /** The reason of a sheet, by the number that travels where a work-up gave it. */
    String travelling(String reason) {
        return renumbered(reason, id -> Optional.ofNullable(workUp(id)).map(Integer::longValue));
    }

    /** The reason of a sheet by the number of this database. */
    String local(String reason) {
        return renumbered(
                reason,
                n -> n >= 1 && n <= workUps.size() ? Optional.of(workUps.get((int) (long) n - 1)) : Optional.empty());
    }

    private static String renumbered(String reason, Function<Long, Optional<Long>> number) {
        Matcher of = BY_WORK_UP.matcher(reason);
        return !of.matches()
                ? reason
                : number.apply(Long.parseLong(of.group(1)))
                        .map(n -> "work-up " + n + of.group(2))
                        .orElse(reason);
    }

    /** An event with the numbers that travel. */
    JsonNode travelling(JsonNode event) {
        if (event instanceof ObjectNode node) {
            long line = node.path(LINE).asLong(0);
            if (node.has(LINE)) {
                node.put(LINE, lines.stream().filter(id -> id <= line).count());
            }
            String check = node.path(CHECK).asString("");
            snapshots.forEach((number, id) -> {
                if (check.equals(LISTING + id)) {
                    node.put(CHECK, LISTING + number);
                }
            });
        }
        return event;
    }

    /** An event with the numbers of this database. */
    JsonNode local(JsonNode event) {
        if (event instanceof ObjectNode node) {
            if (node.has(LINE)) {
                int line = (int) Math.min(node.path(LINE).asLong(0), lines.size());
                node.put(LINE, line <= 0 ? 0L : lines.get(line - 1));
            }
            String check = node.path(CHECK).asString("");
            snapshots.forEach((number, id) -> {
                if (check.equals(LISTING + number)) {
                    node.put(CHECK, LISTING + id);
                }
            });
        }
        return event;
    }
}
