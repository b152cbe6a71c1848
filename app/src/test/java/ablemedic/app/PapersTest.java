package ablemedic.app;

import static org.assertj.core.api.Assertions.assertThat;

import ablemedic.app.RunningApp.App;
import ablemedic.testing.OutsideCheck;
import ablemedic.testing.OutsideCheck.Kind;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.lowagie.text.pdf.PdfReader;
import com.lowagie.text.pdf.parser.PdfTextExtractor;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.Component;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** Papers that go along with a craft, read back by other libraries; tables in and out; backups. */
@ExtendWith(RunningApp.class)
class PapersTest {
    @TempDir
    Path folder;

    private static long closedOf(App app, String craftId) {
        for (JsonNode one : app.get("/api/crafts/" + craftId).get("workUps")) {
            if (!one.get("open").asBoolean()) {
                return one.get("id").asLong();
            }
        }
        throw new AssertionError(craftId + " has no closed work-up");
    }

    private static byte[] bytes(App app, String path) throws IOException, InterruptedException {
        var response = HttpClient.newHttpClient()
                .send(HttpRequest.newBuilder(URI.create(app.url(path))).build(), BodyHandlers.ofByteArray());
        assertThat(response.statusCode()).as(path).isEqualTo(200);
        return response.body();
    }

    @Test
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "OpenPDF reads back what PDFBox wrote")
    void aJobSheetIsOnePageWithComplaintCauseFixProofAndWhatIsDue(App app) throws IOException, InterruptedException {
        long id = closedOf(app, "WHIMBREL");
        PdfReader pdf = new PdfReader(bytes(app, "/api/work-ups/" + id + "/job-sheet?zone=Europe/Dublin"));
        assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        String text = new PdfTextExtractor(pdf).getTextFromPage(1).replaceAll("\\s+", " ");
        JsonNode view = app.get("/api/work-ups/" + id);
        assertThat(text)
                .contains("WHIMBREL")
                .contains(view.get("complaint").asString())
                .contains("Closed: solved and proven")
                .contains("minutes at the bench")
                .contains("Due on this craft");
        view.get("made").forEach(one -> assertThat(text)
                .contains(one.get("fault").asString())
                .contains(one.get("title").asString()));
        assertThat(text).contains("before AETR, after TAER").contains("passed");
        assertThat(pdf.getPageContent(1).length).as("the drawing is in it").isGreaterThan(3000);
        assertThat(app.send("GET", "/api/work-ups/9999/job-sheet", "").statusCode())
                .isEqualTo(404);
        assertThat(app.send("GET", "/api/work-ups/" + id + "/job-sheet?zone=Nowhere/At-all", "")
                        .statusCode())
                .isEqualTo(422);
    }

    @Test
    void everyJobSheetOfTheDemoBenchCanBeReadAndLettersThatNoFontHasHarmNothing(App app)
            throws IOException, InterruptedException {
        for (JsonNode craft : app.get("/api/crafts")) {
            for (JsonNode one :
                    app.get("/api/crafts/" + craft.get("craftId").asString()).get("workUps")) {
                assertThat(new PdfReader(bytes(app, "/api/work-ups/" + one.get("id") + "/job-sheet"))
                                .getNumberOfPages())
                        .as(one.toString())
                        .isBetween(1, 3);
            }
        }
        app.ask(
                "POST",
                "/api/crafts",
                "{\"craftId\":\"INK\",\"name\":\"\",\"craftClass\":\"INCH_5\",\"spins\":\"INWARD\",\"numbering\":\"REAR_RIGHT_FIRST\",\"mode\":\"LEVEL\"}");
        JsonNode opened = app.ask(
                "POST",
                "/api/work-ups",
                "{\"craftId\":\"INK\",\"complaint\":\"\uD83D\uDE81 → 落ちた Ωµ " + "w".repeat(90)
                        + "\",\"occasion\":\"NOTHING_KNOWN\",\"seen\":{}}");
        assertThat(new PdfTextExtractor(new PdfReader(bytes(app, "/api/work-ups/" + opened.get("id") + "/job-sheet")))
                        .getTextFromPage(1))
                .contains("→")
                .contains("Ω")
                .contains("Still open");
    }

    @Test
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "ZXing reads the code that another library made")
    void theCodeOfALabelOpensTheChart(App app) throws Exception {
        String svg = new String(bytes(app, "/api/crafts/EIDER/label"), StandardCharsets.UTF_8);
        assertThat(svg).contains(">EIDER<").doesNotContain("<script");
        Matcher box = Pattern.compile("viewBox=\"0 0 (\\d+) \\1\" shape").matcher(svg);
        assertThat(box.find()).isTrue();
        int side = Integer.parseInt(box.group(1));
        int scale = 4;
        int[] pixels = new int[side * scale * side * scale];
        Arrays.fill(pixels, 0xFFFFFF);
        Matcher module = Pattern.compile("M(\\d+),(\\d+)h1v1h-1z").matcher(svg);
        while (module.find()) {
            for (int i = 0; i < scale * scale; i++) {
                pixels[
                        (Integer.parseInt(module.group(2)) * scale + i / scale) * side * scale
                                + Integer.parseInt(module.group(1)) * scale
                                + i % scale] = 0;
            }
        }
        BinaryBitmap picture =
                new BinaryBitmap(new HybridBinarizer(new RGBLuminanceSource(side * scale, side * scale, pixels)));
        assertThat(new QRCodeReader().decode(picture).getText()).isEqualTo(app.url("/crafts/EIDER"));
    }

    @Test
    @OutsideCheck(kind = Kind.REFERENCE_LIBRARY, source = "ical4j reads and validates the calendar, RFC 5545")
    void whatIsDueIsACalendar(App app) throws Exception {
        Calendar calendar = new CalendarBuilder()
                .build(new StringReader(
                        new String(bytes(app, "/api/due.ics?zone=Europe/Dublin"), StandardCharsets.UTF_8)));
        calendar.validate();
        int due = 0;
        for (JsonNode craft : app.get("/api/crafts")) {
            due += app.get("/api/crafts/" + craft.get("craftId").asString())
                    .get("due")
                    .size();
        }
        assertThat(calendar.<VEvent>getComponents(Component.VEVENT))
                .hasSize(due)
                .allSatisfy(event -> {
                    assertThat(event.getSummary().getValue()).contains(": ");
                    assertThat(event.getUid()).isPresent();
                });
    }

    @Test
    void everyDrawingIsWellFormedAndHasFourMotors(App app) throws Exception {
        for (JsonNode craft : app.get("/api/crafts")) {
            var drawing = DocumentBuilderFactory.newInstance()
                    .newDocumentBuilder()
                    .parse(new ByteArrayInputStream(bytes(
                            app,
                            "/api/crafts/" + craft.get("craftId").asString().replace(" ", "%20") + "/drawing")));
            assertThat(drawing.getElementsByTagName("circle").getLength())
                    .as(craft.toString())
                    .isEqualTo(4);
            assertThat(drawing.getElementsByTagName("text").item(0).getTextContent())
                    .contains("motor");
            wiresAreDrawn(app, craft.get("craftId").asString());
        }
    }

    @Test
    void tablesAreSafeToOpenInASpreadsheet(App app) throws IOException, InterruptedException {
        String readings = new String(
                bytes(app, "/api/work-ups/" + closedOf(app, "WHIMBREL") + "/readings.csv"), StandardCharsets.UTF_8);
        assertThat(readings).startsWith("\uFEFF\"at\",\"craft\"").contains("roll 1001; pitch 1500");
        String batteries = new String(bytes(app, "/api/batteries.csv"), StandardCharsets.UTF_8);
        assertThat(batteries.lines().count()).isGreaterThan(4);
        app.ask("POST", "/api/batteries/A1/entries", "{\"note\":\"=1+1\"}");
        assertThat(new String(bytes(app, "/api/batteries.csv"), StandardCharsets.UTF_8))
                .contains("\"'=1+1\"");
    }

    @Test
    void craftsComeInByATableAllOrNone() {
        try (App app = App.empty(folder)) {
            String table =
                    "craft_id,name,class,parts,layout,cells\nONE,First,inch_5,receiver;gnss,STACK,4\nTWO,,INCH_7,,,\n\"THREE\",\"a, b\",,camera;video,,6\n";
            var entered = app.sendAs(
                    "POST", "/api/crafts/table", table.getBytes(StandardCharsets.UTF_8), "application/octet-stream");
            assertThat(entered.statusCode()).as(entered.body()).isEqualTo(201);
            assertThat(app.get("/api/crafts")).hasSize(3);
            assertThat(app.get("/api/crafts/ONE").get("facts").toString())
                    .contains("receiver")
                    .contains("4 cells");
            for (String[] wrong : new String[][] {
                {"craft_id,colour\nX,red\n", "line 1"},
                {"craft_id,class\nX,INCH_99\n", "line 2"},
                {"craft_id\nFOUR\nONE\n", "line 3"},
                {"craft_id,parts\nX,flux\n", "line 2"},
                {"craft_id,cells\nX,many\n", "line 2"},
                {"craft_id\n", "no craft"},
                {"", "no craft"},
                {"name\nx\n", "line 1"}
            }) {
                var refused = app.sendAs(
                        "POST",
                        "/api/crafts/table",
                        wrong[0].getBytes(StandardCharsets.UTF_8),
                        "application/octet-stream");
                assertThat(refused.statusCode()).as(wrong[0]).isEqualTo(422);
                assertThat(refused.body()).as(wrong[0]).contains(wrong[1]);
            }
            assertThat(app.get("/api/crafts")).as("nothing is half taken in").hasSize(3);
        }
    }

    @Test
    void backupsAreMadeThinnedAndHoldAllThatThereIs() throws IOException {
        Path database = folder.resolve("kept.db");
        try (App app = App.on(database)) {
            app.ask(
                    "POST",
                    "/api/crafts",
                    "{\"craftId\":\"KEPT\",\"name\":\"\",\"craftClass\":\"INCH_5\",\"spins\":\"INWARD\",\"numbering\":\"REAR_RIGHT_FIRST\",\"mode\":\"LEVEL\"}");
            assertThat(app.get("/api/backups").get("all")).isEmpty();
            app.ask("PUT", "/api/backups", "{\"every\":\"DAY\",\"keep\":2}");
            for (int i = 0; i < 3; i++) {
                app.ask("POST", "/api/backups", "");
            }
            assertThat(app.get("/api/backups").get("all")).hasSize(2);
            assertThat(app.refused(422, "PUT", "/api/backups", "{\"every\":\"DAY\",\"keep\":0}")
                            .toString())
                    .contains("keep");
            app.refused(400, "PUT", "/api/backups", "{\"every\":\"HOUR\",\"keep\":3}");
        }
        Path newest = Path.of(
                folder.resolve("backups").toString(),
                Files.list(folder.resolve("backups"))
                        .map(Path::getFileName)
                        .map(Path::toString)
                        .sorted()
                        .reduce((a, b) -> b)
                        .orElseThrow());
        Path copy = folder.resolve("copy.db");
        Files.copy(newest, copy);
        try (App app = App.on(copy)) {
            assertThat(app.get("/api/crafts/KEPT").get("craftId").asString()).isEqualTo("KEPT");
        }
    }

    /**
     * Against the sheet: a line for each wire, a ring for each pad, a box for each part, and none of them outside the
     * drawing.
     */
    private static void wiresAreDrawn(App app, String craftId) throws Exception {
        JsonNode electrics = app.get("/api/crafts/" + craftId.replace(" ", "%20") + "/build-sheet")
                .path("electrics");
        if (!electrics.isObject()) {
            app.refused(409, "GET", "/api/crafts/" + craftId.replace(" ", "%20") + "/wires-drawing", "");
            return;
        }
        var drawing = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(
                        bytes(app, "/api/crafts/" + craftId.replace(" ", "%20") + "/wires-drawing")));
        assertThat(drawing.getElementsByTagName("path").getLength())
                .as(craftId)
                .isEqualTo(electrics.get("wires").size());
        assertThat(drawing.getElementsByTagName("rect").getLength())
                .as(craftId)
                .isEqualTo(electrics.get("parts").size());
        String[] box = drawing.getDocumentElement().getAttribute("viewBox").split(" ");
        var rings = drawing.getElementsByTagName("circle");
        assertThat(rings.getLength())
                .as(craftId)
                .isGreaterThanOrEqualTo(2 * electrics.get("parts").size());
        for (int i = 0; i < rings.getLength(); i++) {
            var ring = rings.item(i).getAttributes();
            assertThat(Double.parseDouble(ring.getNamedItem("cx").getTextContent()))
                    .isBetween(0.0, Double.parseDouble(box[2]));
            assertThat(Double.parseDouble(ring.getNamedItem("cy").getTextContent()))
                    .isBetween(0.0, Double.parseDouble(box[3]));
        }
    }
}
