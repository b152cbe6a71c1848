package ablemedic.app.firmware;

import ablemedic.app.http.Refusal;
import ablemedic.firmware.Family;
import ablemedic.firmware.FamilyTable;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.parameters.RequestBody;
import jakarta.servlet.http.HttpServletRequest;
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

/** The firmware families that listings are read through; each goes out and in as a CSV table. */
@RestController
@RequestMapping("/api/firmware-families")
class FamiliesController {
  private static final int LONGEST_TABLE = 1024 * 1024;

  private final FamilyStore families;
  private final Clock clock;

  FamiliesController(FamilyStore families, Clock clock) {
    this.families = families;
    this.clock = clock;
  }

  /** @param own whether the workshop entered it */
  record FamilyView(String id, String label, List<String> versions, int names, boolean own) {}

  @GetMapping
  List<FamilyView> all() {
    List<String> own = families.own().stream().map(Family::id).toList();
    return families.all().stream().map(family -> view(family, own.contains(family.id()))).toList();
  }

  private static FamilyView view(Family family, boolean own) {
    return new FamilyView(family.id(), family.label(), family.versions(), family.terms().size(), own);
  }

  /** The table to edit in a spreadsheet. */
  @GetMapping("/{id}")
  ResponseEntity<byte[]> table(@PathVariable String id) {
    Family family = families.find(id).orElseThrow(() -> Refusal.unknown("id", "There is no firmware family “" + Refusal.shortened(id) + "”."));
    return ResponseEntity.ok().header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + family.id() + ".csv\"")
        .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8)).body(FamilyTable.write(family).getBytes(StandardCharsets.UTF_8));
  }

  /** Takes a table in, whole or not at all. */
  @PostMapping(consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  @RequestBody(content = @Content(mediaType = MediaType.APPLICATION_OCTET_STREAM_VALUE, schema = @Schema(type = "string", format = "binary")))
  FamilyView put(HttpServletRequest file) throws IOException {
    byte[] table = file.getInputStream().readNBytes(LONGEST_TABLE + 1);
    if (table.length > LONGEST_TABLE) {
      throw Refusal.wrong("table", "A table of names has at most 1 MB.");
    }
    return view(families.put(new String(table, StandardCharsets.UTF_8), clock.instant()), true);
  }
}
