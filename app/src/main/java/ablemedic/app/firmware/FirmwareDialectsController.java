package ablemedic.app.firmware;

import ablemedic.app.http.Refusal;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Words;
import ablemedic.craft.Settings;
import ablemedic.firmware.Ability;
import ablemedic.firmware.DialectTable;
import ablemedic.firmware.FirmwareDialect;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The firmware families that exports are read through; each goes out and in as a CSV table. */
@RestController
@RequestMapping("/api/firmware-families")
class FirmwareDialectsController {
    private static final Words REFUSALS =
            Catalogue.beside(FirmwareDialectsController.class, "refusals").of("firmware-dialects-controller");
    private static final int LONGEST_TABLE = 1024 * 1024;

    private final FirmwareDialectStore families;
    private final Clock clock;

    FirmwareDialectsController(FirmwareDialectStore families, Clock clock) {
        this.families = families;
        this.clock = clock;
    }

    /** @param own whether the workshop entered it */
    record FamilyView(String id, String label, List<String> versions, int names, boolean own) {}

    @GetMapping
    List<FamilyView> all() {
        List<String> own = families.own().stream().map(FirmwareDialect::id).toList();
        return families.all().stream()
                .map(family -> view(family, own.contains(family.id())))
                .toList();
    }

    private static FamilyView view(FirmwareDialect family, boolean own) {
        return new FamilyView(
                family.id(), family.label(), family.versions(), family.terms().size(), own);
    }

    /** The table to edit in a spreadsheet. */
    @GetMapping("/{id}")
    ResponseEntity<byte[]> table(@PathVariable String id) {
        FirmwareDialect family = families.find(id)
                .orElseThrow(() -> Refusal.unknown("id", REFUSALS.with("id", Refusal.shortened(id)), "no-dialect"));
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + family.id() + ".csv\"")
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(DialectTable.write(family).getBytes(StandardCharsets.UTF_8));
    }

    /** A table as its rows, each a list of fields; the first two are the family's own and the headings. */
    record FamilyRows(
            @NotNull @Size(max = 5002, message = "{most.names}")
            List<
                            @NotNull @Size(max = 60, message = "{most.fields}") List<
                                    @NotNull @Size(max = 4000, message = "{most.letters}") String>>
                    rows) {}

    /** What a row of a table can be about: settings by their ids, and what versions may be able to do. */
    record FamilyWords(List<Word> settings, List<Word> abilities) {}

    record Word(String id, String label) {}

    @GetMapping("/words")
    FamilyWords words() {
        return new FamilyWords(
                Settings.ALL.stream()
                        .map(setting -> new Word(setting.id(), setting.label()))
                        .toList(),
                Ability.KNOWN.entrySet().stream()
                        .map(one -> new Word(one.getKey(), one.getValue()))
                        .toList());
    }

    @GetMapping("/{id}/rows")
    FamilyRows rows(@PathVariable String id) {
        return new FamilyRows(DialectTable.rows(families.get(id, "id")));
    }

    /** Takes rows in, whole or not at all; a mistake is told by its line. */
    @PostMapping(path = "/rows", consumes = MediaType.APPLICATION_JSON_VALUE)
    FamilyView put(@org.springframework.web.bind.annotation.RequestBody @Valid FamilyRows entered) {
        return view(families.put(entered.rows(), clock.instant()), true);
    }

    /** Takes a table in, whole or not at all. */
    @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    @RequestBody(
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE,
                            schema = @Schema(type = "string", format = "binary")))
    FamilyView put(HttpServletRequest file) throws IOException {
        byte[] table = file.getInputStream().readNBytes(LONGEST_TABLE + 1);
        if (table.length > LONGEST_TABLE) {
            throw Refusal.wrong("table", REFUSALS, "table-size");
        }
        return view(families.put(new String(table, StandardCharsets.UTF_8), clock.instant()), true);
    }
}
