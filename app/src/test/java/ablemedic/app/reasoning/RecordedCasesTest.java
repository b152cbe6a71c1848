package ablemedic.app.reasoning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** What the engine says of some hundreds of cases stays what it was, to a billionth. */
class RecordedCasesTest {
  private static final double SAME = 1e-9;

  @Test
  void beliefsBitsAndPlansAreAsRecorded() throws IOException {
    JsonMapper json = JsonMapper.builder().build();
    List<String> lines = Files.readAllLines(Path.of("src/test/resources/recorded-cases.jsonl"));
    assertThat(lines).hasSizeGreaterThan(200);
    for (int i = 0; i < lines.size(); i++) {
      RecordedCase then = json.readValue(lines.get(i), RecordedCase.class);
      RecordedCase now = then.now();
      String which = "case " + (i + 1);
      assertThat(now.beliefs().keySet()).as(which).isEqualTo(then.beliefs().keySet());
      then.beliefs().forEach((fault, belief) ->
          assertThat(now.beliefs().get(fault)).as(which + ", " + fault).isCloseTo(belief, within(SAME)));
      assertThat(now.notInBook()).as(which).isCloseTo(then.notInBook(), within(SAME));
      assertThat(now.nothingLeft()).as(which).isCloseTo(then.nothingLeft(), within(SAME));
      assertThat(now.plan().stream().map(RecordedCase.Planned::check)).as(which)
          .isEqualTo(then.plan().stream().map(RecordedCase.Planned::check).toList());
      for (int k = 0; k < then.plan().size(); k++) {
        assertThat(now.plan().get(k).bits()).as(which + ", " + then.plan().get(k).check())
            .isCloseTo(then.plan().get(k).bits(), within(SAME));
        assertThat(now.plan().get(k).minutes()).as(which).isCloseTo(then.plan().get(k).minutes(), within(SAME));
      }
    }
  }
}
