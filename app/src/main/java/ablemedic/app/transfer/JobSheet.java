package ablemedic.app.transfer;

import ablemedic.app.chart.CraftDrawing.Drive;
import ablemedic.app.chart.Due;
import ablemedic.app.workup.WorkUpView;
import ablemedic.app.workup.WorkUpView.Made;
import ablemedic.app.workup.WorkUpView.Noted;
import ablemedic.app.workup.WorkUpView.ProofTest;
import ablemedic.app.workup.WorkUpView.Stage;
import ablemedic.app.workup.WorkUpView.ValueView;
import ablemedic.catalogue.Catalogue;
import ablemedic.catalogue.Param;
import ablemedic.catalogue.Words;
import ablemedic.craft.Spin;
import java.io.IOException;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** A work-up as a sheet for the owner: complaint, findings, cause, fix, proof, and what is due. */
final class JobSheet {
    private static final Words SAID = Catalogue.beside(JobSheet.class, "words").of("job-sheet");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);
    private static final float SIZE = 10;
    private static final float DRAWING = 130;
    private static final float CIRCLE = 0.5523f;

    private final WorkUpView workUp;
    private final List<Due> due;
    private final ZoneId zone;

    private JobSheet(WorkUpView workUp, List<Due> due, ZoneId zone) {
        this.workUp = workUp;
        this.due = due;
        this.zone = zone;
    }

    /**
     * The sheet as PDF.
     *
     * @param zone whose days are meant
     */
    static byte[] of(WorkUpView workUp, List<Due> due, ZoneId zone) {
        try (PdfPage page = new PdfPage()) {
            new JobSheet(workUp, due, zone).write(page);
            return page.done(
                    SAID.with("craft", workUp.head().craftId()).line("title").plain());
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private void write(PdfPage page) throws IOException {
        float right = PdfPage.RIGHT - DRAWING - 20;
        page.write(workUp.head().craftId(), 22, true, PdfPage.LEFT, right);
        page.write(workUp.head().craftName(), SIZE, false, PdfPage.LEFT, right);
        page.down(6);
        page.write(
                SAID.with("n", workUp.head().id())
                        .with("day", DAY.format(workUp.head().openedAt().atZone(zone)))
                        .line("opened")
                        .plain(),
                SIZE,
                false,
                PdfPage.LEFT,
                right);
        page.write(
                SAID.with("closed", Param.when(workUp.stage() == Stage.CLOSED))
                        .with("end", workUp.head().ended())
                        .line("state")
                        .plain(),
                SIZE,
                true,
                PdfPage.LEFT,
                right);
        page.write(
                SAID.with("minutes", new Param.Count(Math.round(workUp.head().minutes())))
                        .line("minutes")
                        .plain(),
                SIZE,
                false,
                PdfPage.LEFT,
                right);
        page.down(6);
        page.write("“" + workUp.head().complaint() + "”", 13, false, PdfPage.LEFT, right);
        page.write(workUp.head().occasion(), SIZE, false, PdfPage.LEFT, right);
        draw(page, PdfPage.RIGHT - DRAWING, 842 - 46 - DRAWING);
        page.down(Math.max(0, page.y() - (842 - 46 - DRAWING - 26)));
        made(page);
        found(page);
        proof(page);
        due(page);
        page.down(14);
        page.write(SAID.line("foot").plain(), 8, false, PdfPage.LEFT, PdfPage.RIGHT);
    }

    private void made(PdfPage page) throws IOException {
        page.heading(SAID.line("cause").plain());
        if (workUp.fixing().made().isEmpty()) {
            page.write(SAID.line("no-fix").plain(), SIZE, false, PdfPage.LEFT, PdfPage.RIGHT);
        }
        for (Made one : workUp.fixing().made()) {
            page.write(one.fault() + ".", SIZE, true, PdfPage.LEFT, PdfPage.RIGHT);
            page.write(one.title() + ".", SIZE, false, PdfPage.LEFT, PdfPage.RIGHT);
            for (ValueView value : one.values()) {
                page.write(
                        value.what() + ": before " + value.before() + ", after " + value.after(),
                        SIZE,
                        false,
                        PdfPage.LEFT + 14,
                        PdfPage.RIGHT);
            }
        }
    }

    private void found(PdfPage page) throws IOException {
        List<Noted> findings = workUp.findings().evidence().stream()
                .filter(one -> !one.takenBack() && one.sort().equals("finding"))
                .toList();
        page.heading(SAID.line("found").plain());
        for (Noted one : findings) {
            page.write(asked(one.title()) + String.join(", ", one.answers()), SIZE, false, PdfPage.LEFT, PdfPage.RIGHT);
        }
    }

    private static String asked(String title) {
        return title.endsWith("?") ? title + " " : title + ": ";
    }

    private void proof(PdfPage page) throws IOException {
        page.heading(SAID.line("proof").plain());
        if (workUp.proof() == null || workUp.proof().tests().isEmpty()) {
            page.write(SAID.line("no-proof").plain(), SIZE, false, PdfPage.LEFT, PdfPage.RIGHT);
            return;
        }
        for (ProofTest test : workUp.proof().tests()) {
            page.write(
                    asked(test.title()) + test.expected() + " – "
                            + test.state().toLowerCase(Locale.ROOT).replace('_', ' '),
                    SIZE,
                    false,
                    PdfPage.LEFT,
                    PdfPage.RIGHT);
        }
    }

    private void due(PdfPage page) throws IOException {
        page.heading(SAID.line("due").plain());
        if (due.isEmpty()) {
            page.write(SAID.line("none-due").plain(), SIZE, false, PdfPage.LEFT, PdfPage.RIGHT);
        }
        for (Due one : due) {
            page.write(one.what() + ": " + one.why(), SIZE, false, PdfPage.LEFT, PdfPage.RIGHT);
        }
    }

    /** The craft from above, the places that were put right marked. */
    private void draw(PdfPage page, float left, float bottom) throws IOException {
        PDPageContentStream pen = page.pen();
        List<Drive> drives = workUp.onBench().drawing().drives();
        double reach = drives.stream()
                .mapToDouble(
                        one -> Math.max(Math.abs(one.forwardMm()), Math.abs(one.rightMm())) + one.propDiameterMm() / 2)
                .max()
                .orElse(1);
        float scale = (float) (DRAWING / 2 / reach);
        float middleX = left + DRAWING / 2;
        float middleY = bottom + DRAWING / 2;
        for (Drive one : drives) {
            float x = middleX + (float) one.rightMm() * scale;
            float y = middleY + (float) one.forwardMm() * scale;
            pen.setLineWidth(2);
            pen.moveTo(middleX, middleY);
            pen.lineTo(x, y);
            pen.stroke();
            boolean marked = isMarked(one.name());
            pen.setLineWidth(marked ? 2.4f : 0.8f);
            circle(pen, x, y, (float) one.propDiameterMm() / 2 * scale);
            pen.stroke();
            String label = one.shortName() + (one.spin() == Spin.CLOCKWISE ? " cw" : " ccw");
            page.at(label, 7.5f, marked, x - page.width(label, 7.5f) / 2, one.forwardMm() > 0 ? y + 8 : y - 13);
            if (marked) {
                circle(pen, x, y, 4);
                pen.fill();
            }
        }
        page.at("front", 8, false, middleX - page.width("front", 8) / 2, bottom + DRAWING + 4);
    }

    private boolean isMarked(String arm) {
        return workUp.fixing().made().stream().anyMatch(one -> (one.fault() + " " + one.title())
                .toLowerCase(Locale.ROOT)
                .contains(arm.toLowerCase(Locale.ROOT)));
    }

    private static void circle(PDPageContentStream pen, float x, float y, float r) throws IOException {
        float c = CIRCLE * r;
        pen.moveTo(x + r, y);
        pen.curveTo(x + r, y + c, x + c, y + r, x, y + r);
        pen.curveTo(x - c, y + r, x - r, y + c, x - r, y);
        pen.curveTo(x - r, y - c, x - c, y - r, x, y - r);
        pen.curveTo(x + c, y - r, x + r, y - c, x + r, y);
    }
}
