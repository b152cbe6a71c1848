package ablemedic.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.Prose;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a person reads stands in catalogues; the code keeps none. */
class NoProseTest {
    /**
     * What people write and files hold is read by these words; a made-up session and a form of files are written so.
     */
    private static final List<String> READ_OR_WRITTEN = List.of(
            "EnteredNumber.java: over limit",
            "EnteredNumber.java: counting up",
            "EnteredNumber.java: counts up",
            "TableOfNames.java: set to",
            "SimulatedReceiver.java: 0 radio on",
            "CaptureWriter.java: $timescale");

    @Test
    void noSentenceStandsInTheCode() {
        assertThat(Prose.below(Path.of("src/main/java")))
                .filteredOn(found -> READ_OR_WRITTEN.stream().noneMatch(found::startsWith))
                .isEmpty();
    }

    @Test
    void sentencesAreFoundWhereTheyStand() {
        assertThat(
                        Prose.in(
                                "Some.java",
                                "say(\"a motor stops\"); throw new IllegalStateException(\"no such thing\"); // a \"quoted remark\""))
                .containsExactly("Some.java: a motor stops");
    }
}
