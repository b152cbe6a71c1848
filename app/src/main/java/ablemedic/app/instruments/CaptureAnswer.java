package ablemedic.app.instruments;

import ablemedic.capture.CaptureReport;
import ablemedic.capture.CaptureReport.ByteAt;
import ablemedic.capture.CaptureReport.Verdict;
import ablemedic.capture.CaptureReport.Volts;
import ablemedic.capture.Captures;
import ablemedic.protocol.Heard.Channel;
import ablemedic.serial.Serial;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came of a file.
 *
 * @param signals that it holds; where no tells are given, one of them must be chosen
 * @param tells what the chosen one tells
 */
public record CaptureAnswer(List<String> signals, @Nullable Tells tells) {

    /** What a signal tells; see the report of the core. Seconds, volts, bits a second, channels in µs. */
    public record Tells(
            String form,
            double durationS,
            long edges,
            @Nullable Boolean idlesHigh,
            @Nullable Volts volts,
            @Nullable SerialTold serial,
            @Nullable CarriedTold carried,
            List<Verdict> verdicts,
            @JsonUnwrapped Strip strip) {}

    /** The line as it is drawn. */
    public record Strip(boolean stripFirstHigh, List<Double> stripS, List<ByteAt> stripBytes) {}

    /** As a serial line. */
    public record SerialTold(
            double baud,
            double u,
            double usual,
            double off,
            String framing,
            boolean inverted,
            long bytes,
            long wrongBytes) {}

    /** What its frames carry; the page of the handbook tells of the format. */
    public record CarriedTold(
            String format,
            String page,
            long good,
            long bad,
            double ratePerS,
            List<Channel> channels,
            List<String> said) {}

    public static CaptureAnswer of(Captures.Read read) {
        return new CaptureAnswer(
                read.signals(), read.report().map(CaptureAnswer::tells).orElse(null));
    }

    private static Tells tells(CaptureReport report) {
        return new Tells(
                report.form().label(),
                report.durationS(),
                report.edges(),
                report.idlesHigh().orElse(null),
                report.volts().orElse(null),
                report.serial()
                        .map(s -> new SerialTold(
                                s.baud(),
                                s.u(),
                                s.usual(),
                                s.off(),
                                s.framing().toString(),
                                s.inverted(),
                                s.bytes(),
                                s.wrongBytes()))
                        .orElse(null),
                report.carried()
                        .map(c -> new CarriedTold(
                                c.format().label(),
                                Serial.page(c.format()),
                                c.good(),
                                c.bad(),
                                c.ratePerS(),
                                c.channels(),
                                c.said()))
                        .orElse(null),
                report.verdicts(),
                new Strip(
                        report.strip().firstHigh(),
                        report.strip().seconds(),
                        report.strip().bytes()));
    }
}
