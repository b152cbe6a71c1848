package ablemedic.app.reasoning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import ablemedic.app.reasoning.RecordedCase.Planned;
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
            assertThat(now.beliefs().keySet())
                    .as(which)
                    .isEqualTo(then.beliefs().keySet());
            then.beliefs().forEach((fault, belief) -> assertThat(now.beliefs().get(fault))
                    .as(which + ", " + fault)
                    .isCloseTo(belief, within(SAME)));
            assertThat(now.notInBook()).as(which).isCloseTo(then.notInBook(), within(SAME));
            assertThat(now.nothingLeft()).as(which).isCloseTo(then.nothingLeft(), within(SAME));
            samePlan(which, then.plan(), now.plan());
        }
    }

    /** The same checks in the same order, but that those which are worth the same may stand either way round. */
    private static void samePlan(String which, List<Planned> then, List<Planned> now) {
        assertThat(now).as(which).hasSameSizeAs(then);
        for (int k = 0; k < then.size(); k++) {
            Planned before = then.get(k);
            Planned here = now.get(k);
            if (here.check().equals(before.check())) {
                assertThat(here.bits()).as(which + ", " + here.check()).isCloseTo(before.bits(), within(SAME));
                assertThat(here.minutes()).as(which + ", " + here.check()).isCloseTo(before.minutes(), within(SAME));
            } else {
                assertThat(here.bits() / here.minutes())
                        .as(which + ", " + here.check() + " in the place of " + before.check())
                        .isCloseTo(before.bits() / before.minutes(), within(SAME));
            }
        }
    }
}
