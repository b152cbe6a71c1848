package ablemedic.parts;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.OutsideCheck;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The published form of a sort, held against what ships by a validator that is not ours. */
class PartTypeSchemaTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Schema SCHEMA = schema();

    private static Schema schema() {
        try {
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(Files.readString(Path.of("../docs/part-type.schema.json")), InputFormat.JSON);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    static Stream<JsonNode> shipped() throws IOException {
        try (Stream<Path> files = Files.list(Path.of("src/main/resources/ablemedic/parts"))) {
            return files.filter(file -> file.toString().endsWith(".json")).sorted().toList().stream()
                    .flatMap(file -> JSON.readTree(file.toFile()).valueStream());
        }
    }

    @ParameterizedTest
    @MethodSource("shipped")
    @OutsideCheck(kind = OutsideCheck.Kind.REFERENCE_LIBRARY, source = "networknt JSON Schema validator, draft 2020-12")
    void everySortThatShipsKeepsToThePublishedForm(JsonNode sort) {
        assertThat(SCHEMA.validate(sort.toString(), InputFormat.JSON))
                .as(sort.get("id").asString())
                .isEmpty();
        JsonNode written = JSON.valueToTree(JSON.treeToValue(withSwitches(sort), PartType.class));
        assertThat(SCHEMA.validate(written.toString(), InputFormat.JSON))
                .as("as it is sent")
                .isEmpty();
    }

    /** With every yes or no written out. */
    private static JsonNode withSwitches(JsonNode sort) {
        sort.get("pads").forEach(pad -> {
            ((ObjectNode) pad).put("usb", pad.path("usb").asBoolean(false));
            ((ObjectNode) pad).put("volts", pad.path("volts").asDouble(0));
        });
        sort.path("capacitors")
                .forEach(c -> ((ObjectNode) c).put("bulky", c.path("bulky").asBoolean(false)));
        sort.path("regulators")
                .forEach(r -> ((ObjectNode) r).put("linear", r.path("linear").asBoolean(false)));
        return sort;
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{}",
                "{\"id\": \"X Y\"}",
                "[]",
                "{\"id\": \"a\", \"label\": \"A\", \"shortName\": \"A\", \"kind\": \"TEAPOT\", \"lowestV\": 1, \"highestV\": 2, \"pads\": []}"
            })
    void whatIsNoSortDoesNot(String text) {
        assertThat(SCHEMA.validate(text, InputFormat.JSON)).isNotEmpty();
    }
}
