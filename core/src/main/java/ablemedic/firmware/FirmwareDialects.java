package ablemedic.firmware;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/** The families that ship: two invented ones, one for each numbering convention, of two versions each. */
public final class FirmwareDialects {
    private static final List<FirmwareDialect> SHIPPED =
            Stream.of("alder", "birch").map(FirmwareDialects::load).toList();

    private FirmwareDialects() {}

    public static List<FirmwareDialect> shipped() {
        return SHIPPED;
    }

    private static FirmwareDialect load(String id) {
        try (InputStream table = FirmwareDialects.class.getResourceAsStream(id + ".csv")) {
            return DialectTable.read(new String(table.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
