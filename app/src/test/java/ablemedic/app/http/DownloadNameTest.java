package ablemedic.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DownloadNameTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
      all settings.txt            | all settings.txt
      pad.vcd                     | pad.vcd
      html.html                   | html.html.txt
      <img src=x>.HTML            | _img src_x_.HTML.txt
      ../../etc/passwd            | passwd
      C:\\bench\\run.bat          | run.bat.txt
      .html                       | html.txt
      html                        | html.txt
      ..                          | recording
      ///                         | recording
      𝔘𝔘                          | recording
      a.html.                     | a.html.txt
      """)
    void whatWouldBeOpenedAsAPageOrRunIsSavedAsText(String name, String saved) {
        assertThat(DownloadName.of(name, "recording")).isEqualTo(saved);
        assertThat(DownloadName.of(saved, "recording")).as("again").isEqualTo(saved);
    }
}
