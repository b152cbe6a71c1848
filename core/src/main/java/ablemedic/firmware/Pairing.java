package ablemedic.firmware;

import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Names;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.NamedCsvRecord;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Which firmware of one device goes with which of another. The rules stand in a table; that air and ground are of one
 * major version is common practice with no source, and the versions of boards, controllers, radios and goggles are
 * those of invented families.
 *
 * @param oneFrom the rule holds from this version of the one on; none where it always holds
 * @param otherFrom the least version of the other; none where the rule has none
 */
public record Pairing(
        Device one, Device other, Rule rule, Optional<Release> oneFrom, Optional<Release> otherFrom, String why) {
    /** Those that ship. */
    public static final List<Pairing> SHIPPED = load();

    /** What has firmware of its own. */
    public enum Device {
        BOARD,
        CONTROLLERS,
        RECEIVER,
        MODULE,
        RADIO,
        CARD,
        GOGGLES;

        public String label() {
            return Names.of(this);
        }
    }

    /** How two have to go together. */
    public enum Rule {
        SAME_MAJOR,
        AT_LEAST
    }

    /** How two versions stand to a pairing. */
    public enum Verdict {
        GOES,
        DOES_NOT,
        NOT_SAID
    }

    /**
     * What came of one pairing.
     *
     * @param right what would go; empty where it goes
     */
    public record Judged(Pairing pairing, Verdict verdict, String right) {}

    /** All pairings, held against the versions that are known. */
    public static List<Judged> judge(Map<Device, Release> versions) {
        return SHIPPED.stream()
                .map(pairing -> pairing.judged(
                        Optional.ofNullable(versions.get(pairing.one)),
                        Optional.ofNullable(versions.get(pairing.other))))
                .toList();
    }

    Judged judged(Optional<Release> ones, Optional<Release> others) {
        if (ones.isEmpty() || others.isEmpty()) {
            return new Judged(this, Verdict.NOT_SAID, "");
        }
        boolean goes =
                switch (rule) {
                    case SAME_MAJOR -> ones.get().major() == others.get().major();
                    case AT_LEAST ->
                        oneFrom.filter(from -> ones.get().compareTo(from) < 0).isPresent()
                                || others.get().compareTo(otherFrom.orElseThrow()) >= 0;
                };
        String right =
                switch (rule) {
                    case SAME_MAJOR -> said("same", String.valueOf(ones.get().major()));
                    case AT_LEAST ->
                        said("at-least", otherFrom.map(Release::toString).orElse(""));
                };
        return new Judged(this, goes ? Verdict.GOES : Verdict.DOES_NOT, goes ? "" : right);
    }

    private String said(String line, String version) {
        return Catalogue.beside(Pairing.class, "names")
                .of("pairing")
                .with("one", one.label())
                .with("other", other.label())
                .with("version", version)
                .line(line)
                .plain();
    }

    private static List<Pairing> load() {
        try (InputStream table = Pairing.class.getResourceAsStream("pairings.csv");
                CsvReader<NamedCsvRecord> rows =
                        CsvReader.builder().ofNamedCsvRecord(new InputStreamReader(table, StandardCharsets.UTF_8))) {
            List<Pairing> all = new ArrayList<>();
            for (NamedCsvRecord row : rows) {
                all.add(new Pairing(
                        device(row.getField("one")),
                        device(row.getField("other")),
                        Rule.valueOf(
                                row.getField("rule").toUpperCase(Locale.ROOT).replace('-', '_')),
                        Release.read(row.getField("one-from")),
                        Release.read(row.getField("other-from")),
                        row.getField("why")));
            }
            return List.copyOf(all);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Device device(String id) {
        return Arrays.stream(Device.values())
                .filter(one -> one.name().equalsIgnoreCase(id))
                .findFirst()
                .orElseThrow();
    }
}
