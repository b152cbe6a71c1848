package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.testing.Prose;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a person reads stands in catalogues; the application's code keeps none. */
class NoProseTest {
    /** Forms of files and of other programs, names of this one, and by what a note of a new part is known. */
    private static final List<String> FORMS = List.of(
            "AbleMedic.java: Able Medic",
            "OpenApi.java: Able Medic",
            "PdfPage.java: Able Medic",
            "LanCertificate.java: CN=",
            "DueCalendar.java: -//",
            "ChartsManifest.java: left out.txt",
            "BackupCheck.java: SQLite format",
            "Trouble.java: No space left",
            "UnreadableJson.java: out of range",
            "MotorStarts.java: \\\\b",
            "JobSheet.java: d MMM",
            "PapersController.java: d MMM",
            // How a file is named in a sentence: one word is its kind, the other its name.
            "AbleMedic.java: data file",
            "Problems.java: data file",
            "ReadyTag.java: \n        <svg",
            "TopDrawing.java: \n",
            "WiringDrawing.java: \n",
            "Attached.java: a file beside",
            "NotedLines.java: own test",
            "Watchers.java: still here");

    @Test
    void noSentenceStandsInTheCode() {
        assertThat(Prose.below(Path.of("src/main/java")))
                .filteredOn(found -> FORMS.stream().noneMatch(found::startsWith))
                .isEmpty();
    }
}
