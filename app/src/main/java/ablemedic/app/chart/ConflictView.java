package ablemedic.app.chart;

import ablemedic.app.http.TextPart;
import ablemedic.configuration.Setting;
import ablemedic.requirement.Conflict;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What of a record can't be right together, and the ways to put it right.
 *
 * @param id of the conflict; of what nothing on the sheet puts right, of the violation
 * @param ways none where nothing on the sheet puts it right
 */
public record ConflictView(
        String id,
        Severity severity,
        String cause,
        String remedy,
        List<String> settings,
        List<String> pads,
        List<WayView> ways) {

    /** @param way counted from 1 */
    public record WayView(int way, String title, List<List<TextPart>> steps, double minutes) {}

    public static ConflictView of(Conflict conflict) {
        return of(
                conflict.id(),
                conflict.root(),
                IntStream.range(0, conflict.ways().size())
                        .mapToObj(way -> {
                            var edit = conflict.ways().get(way).edit();
                            return new WayView(
                                    way + 1,
                                    edit.title().plain(),
                                    TextPart.of(
                                            edit.steps(), conflict.recorded().naming()),
                                    edit.minutes());
                        })
                        .toList());
    }

    /** One that nothing on the sheet puts right. */
    public static ConflictView unsolved(Violation violation) {
        return of(violation.id(), violation, List.of());
    }

    private static ConflictView of(String id, Violation violation, List<WayView> ways) {
        return new ConflictView(
                id,
                violation.severity(),
                violation.cause().plain(),
                violation.remedy().plain(),
                violation.settings().stream().map(Setting::label).toList(),
                violation.pads(),
                ways);
    }
}
