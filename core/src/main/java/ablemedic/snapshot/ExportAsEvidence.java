package ablemedic.snapshot;

import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.configuration.Configuration;
import ablemedic.configuration.Device;
import ablemedic.configuration.Setting;
import ablemedic.craft.Craft;
import ablemedic.diagnosis.Check;
import ablemedic.diagnosis.Fault;
import ablemedic.diagnosis.Fix;
import ablemedic.diagnosis.Fix.Value;
import ablemedic.diagnosis.Reading;
import ablemedic.family.Complaint;
import ablemedic.family.CraftFault;
import ablemedic.family.Odds;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/**
 * A settings export that a work-up may take for a finding. Where it has several settings otherwise than the sheet and
 * together they give cause for the complaint, that they were told so is one suspect by itself, put right by entering
 * them all: a flash seldom loses one thing alone. Where they give none, the sheet is only behind: what no fault
 * accounts for is then taken for what the craft is told, and speaks against nothing.
 *
 * @param check the settings export as a check
 * @param fault that several settings are as it lists them; nothing where they do not matter to the complaint
 */
public record ExportAsEvidence(Check<Craft> check, Optional<Fault<Craft>> fault) {
    /** The handbook page of that suspect. */
    public static final String KIND = "settings-otherwise";

    /** How often several settings are otherwise at once. Common practice, no source. */
    private static final Odds ODDS = new Odds(.01, .0005, .004, .04, .0005, .001, .004);
    /** By so much likelier the complaint must be with them than without. */
    private static final double MATTERS = 0.3;

    private static final double MINUTES = 6;

    /**
     * @param id of the snapshot among those of all crafts
     * @param number of the snapshot on its craft's chart
     * @param sheet the craft as on its sheet
     * @param amiss what stands known of the complaint when nobody saw how it shows; asked for where several settings
     *     differ
     * @param faults that a settings export could show
     */
    public static ExportAsEvidence of(
            long id,
            int number,
            Snapshot snapshot,
            Craft sheet,
            Supplier<Optional<Check<Craft>>> amiss,
            Collection<Fault<Craft>> faults) {
        List<Configuration.Difference> differences = snapshot.differencesFrom(sheet.configuration()).stream()
                .filter(one -> one.setting().device() == Device.FLIGHT_BOARD)
                .toList();
        if (differences.isEmpty()) {
            return new ExportAsEvidence(ExportCheck.of(id, number, snapshot), Optional.empty());
        }
        Set<Setting<?>> otherwise =
                differences.stream().map(Configuration.Difference::setting).collect(Collectors.toSet());
        Craft listed = sheet.with(sheet.configuration().taking(otherwise::contains, snapshot.told()));
        if (differences.size() > 1
                && amiss.get()
                        .filter(check -> likely(check, listed) - likely(check, sheet) > MATTERS)
                        .isPresent()) {
            return new ExportAsEvidence(
                    ExportCheck.of(id, number, snapshot),
                    Optional.of(otherwise(id, number, differences, otherwise, snapshot)));
        }
        Set<Setting<?>> accounted = faults.stream()
                .map(fault -> fault.applyTo(sheet))
                .flatMap(faulty -> otherwise.stream()
                        .filter(setting -> !sheet.configuration()
                                        .get(setting)
                                        .equals(faulty.configuration().get(setting))
                                && snapshot.isAlike(setting, faulty.configuration())))
                .collect(Collectors.toSet());
        return new ExportAsEvidence(
                ExportCheck.of(
                        id,
                        number,
                        snapshot,
                        told -> told.taking(
                                setting -> otherwise.contains(setting)
                                        && !accounted.contains(setting)
                                        && told.get(setting)
                                                .equals(sheet.configuration().get(setting)),
                                snapshot.told())),
                Optional.empty());
    }

    /** The fault that a settings export makes, by the id of its check. */
    public static String faultId(String checkId) {
        return "as-" + checkId;
    }

    private static double likely(Check<Craft> amiss, Craft craft) {
        return amiss.outlook(craft).likelihood(Reading.Chosen.of(Complaint.TRUE));
    }

    private static Fault<Craft> otherwise(
            long id,
            int number,
            List<Configuration.Difference> differences,
            Set<Setting<?>> otherwise,
            Snapshot snapshot) {
        Words words = SnapshotWords.of("settings-otherwise")
                .with("n", new Param.Count(differences.size()))
                .with("number", Param.whole(number, ""));
        return new CraftFault(
                faultId(ExportCheck.id(id)),
                KIND,
                "settings",
                sheet -> words.title(),
                ODDS,
                craft -> craft.with(craft.configuration().taking(otherwise::contains, snapshot.told())),
                (sheet, faulty) -> List.of(new Fix<>(
                        "put-back",
                        "settings-before-" + id,
                        words.line("back"),
                        words.steps("back"),
                        differences.stream()
                                .map(one -> new Value(one.setting().label(), one.after(), one.before()))
                                .toList(),
                        MINUTES,
                        craft ->
                                craft.with(craft.configuration().taking(otherwise::contains, sheet.configuration())))));
    }
}
