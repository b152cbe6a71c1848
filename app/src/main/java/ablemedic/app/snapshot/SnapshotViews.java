package ablemedic.app.snapshot;

import ablemedic.app.chart.SnapshotStore.Read;
import ablemedic.app.chart.SnapshotStore.Row;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.family.Complaint;
import ablemedic.firmware.FirmwareDialect;
import ablemedic.firmware.Understood;
import ablemedic.firmware.Understood.Kind;
import ablemedic.requirement.Severity;
import ablemedic.requirement.Violation;
import ablemedic.snapshot.Change;
import ablemedic.snapshot.Consequence;
import ablemedic.snapshot.ExportCheck;
import ablemedic.snapshot.RestoreCommand;
import ablemedic.uart.CraftLine;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** What the screen of a craft's snapshots shows. */
final class SnapshotViews {
    private static final Words SAID =
            Catalogue.beside(SnapshotViews.class, "words").of("snapshot-views");

    private SnapshotViews() {}

    /**
     * A snapshot in the list.
     *
     * @param checkId by which a work-up takes it for a finding
     * @param settings how many it holds that are known
     * @param odd lines and names that are not understood
     */
    record SnapshotRow(
            int number,
            String checkId,
            String family,
            String version,
            String target,
            String why,
            String name,
            Instant takenAt,
            long settings,
            long odd) {}

    static SnapshotRow row(Row row, Optional<FirmwareDialect> family) {
        return new SnapshotRow(
                row.number(),
                ExportCheck.id(row.id()),
                family.map(FirmwareDialect::label).orElse(row.family()),
                row.version(),
                row.target(),
                row.why(),
                row.name(),
                row.takenAt(),
                row.counted().settings(),
                row.counted().odd());
    }

    /** A snapshot with what does not go with the craft and what is not understood. */
    record SnapshotView(
            SnapshotRow row, String form, String encoding, List<LintView> lint, List<NotUnderstood> notUnderstood) {}

    /**
     * @param settings those that it is about
     * @param pads those whose wires have a part in it
     * @param settles the complaint that it can be the cause of; empty where it is none by itself
     */
    record LintView(
            Severity severity,
            String cause,
            String remedy,
            List<LintSetting> settings,
            List<LintPad> pads,
            String settles) {}

    record LintSetting(String id, String label) {}

    /** @param label as it is printed on the board */
    record LintPad(String address, String label) {}

    /** @param line of the file, from 1 */
    record NotUnderstood(int line, String text, String why) {}

    static LintView lint(Violation lint, List<Complaint> complaints) {
        return new LintView(
                lint.severity(),
                lint.cause().plain(),
                lint.remedy().plain(),
                lint.settings().stream()
                        .map(one -> new LintSetting(one.id(), one.label()))
                        .toList(),
                lint.pads().stream()
                        .map(pad -> new LintPad(pad, CraftLine.End.printed(pad)))
                        .toList(),
                complaints.stream()
                        .filter(one -> one.id().equals(lint.complaint()))
                        .map(one -> one.label().plain())
                        .findFirst()
                        .orElse(""));
    }

    static List<NotUnderstood> notUnderstood(Read read) {
        return Stream.concat(
                        read.export().odd().stream().map(odd -> new NotUnderstood(odd.line(), odd.text(), odd.why())),
                        read.understood().stream()
                                .flatMap(all -> all.lines().stream())
                                .filter(line -> line.kind() != Kind.KNOWN)
                                .map(SnapshotViews::notUnderstood))
                .sorted(Comparator.comparingInt(NotUnderstood::line))
                .toList();
    }

    private static NotUnderstood notUnderstood(Understood.Line line) {
        return new NotUnderstood(
                line.line(),
                line.name() + " = " + line.value(),
                line.kind() == Kind.OTHER_VERSION
                        ? SAID.with("value", line.said()).line("other-version").plain()
                        : line.said());
    }

    /**
     * What changed from one snapshot to another.
     *
     * @param complaint of the open work-up, against which the changes are weighed; none where none is open
     * @param text to paste, which puts back what was set and is not now
     */
    record ChangesView(
            int since,
            int number,
            @Nullable String complaint,
            List<ChangeView> changes,
            List<PutBackView> putBack,
            String text) {}

    /** @param weight how many times likelier it makes what was found in the open work-up */
    record ChangeView(
            String settingId,
            String group,
            String label,
            String before,
            String after,
            List<String> causes,
            List<String> ends,
            double weight) {}

    static ChangeView change(Change change) {
        return new ChangeView(
                change.setting().id(),
                change.setting().group(),
                change.setting().label(),
                change.before(),
                change.after(),
                change.causes().stream().map(Consequence::label).toList(),
                change.ends().stream().map(Consequence::label).toList(),
                change.weight());
    }

    /** @param line to paste; none where this version has no name for the setting */
    record PutBackView(
            String settingId,
            String label,
            String before,
            String now,
            @Nullable String line) {}

    static PutBackView putBack(RestoreCommand one) {
        return new PutBackView(
                one.setting().id(),
                one.setting().label(),
                one.before(),
                one.now(),
                one.line().orElse(null));
    }

    /** What would follow from another value. */
    record WhatIf(
            String label, String before, String after, List<String> causes, List<String> cures, List<LintView> lint) {}
}
