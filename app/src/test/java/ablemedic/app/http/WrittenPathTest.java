package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WrittenPathTest {
    record Entry(String name, @JsonUnwrapped Sizes sizes, Place place, List<Place> all) {}

    record Sizes(double mass, Place balance) {}

    record Place(double right) {}

    @ParameterizedTest
    @CsvSource({
        "name, name",
        "sizes.mass, mass",
        "sizes.balance.right, balance.right",
        "place.right, place.right",
        "all[3].right, all[3].right",
        "unknown.right, unknown.right"
    })
    void groupsWithoutANameOfTheirsAreLeftOut(String path, String written) {
        assertThat(WrittenPath.of(Entry.class, path)).isEqualTo(written);
    }

    @Test
    void theFieldsOfARecordAreNamedAsTheyAreWritten() {
        assertThat(WrittenPath.fields(Entry.class)).containsExactly("name", "mass", "balance", "place", "all");
    }
}
