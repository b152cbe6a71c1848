package ablemedic.firmware;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/** The families that ship: two invented ones, one for each numbering school, of two versions each. */
public final class Families {
    private static final List<Family> SHIPPED =
            Stream.of("alder", "birch").map(Families::load).toList();

    private Families() {}

    public static List<Family> shipped() {
        return SHIPPED;
    }

    private static Family load(String id) {
        try (InputStream table = Families.class.getResourceAsStream(id + ".csv")) {
            return FamilyTable.read(new String(table.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
