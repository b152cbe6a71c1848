package ablemedic.app.transfer;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;

/**
 * A document that is written from top to bottom on A4, a new page where one is full. Lengths are points from the lower
 * left corner.
 */
final class PdfPage implements AutoCloseable {
    static final float LEFT = 50;
    static final float RIGHT = PDRectangle.A4.getWidth() - 50;
    private static final float TOP = PDRectangle.A4.getHeight() - 46;
    private static final float BOTTOM = 50;
    private static final float LEADING = 1.32f;
    private static final float BOLD = 0.35f;
    /**
     * The font that comes with the library; it has Latin, Greek and Cyrillic letters, arrows and the signs of units.
     */
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private final PDDocument document = new PDDocument();
    private final PDType0Font font;
    private PDPageContentStream pen;
    private float y = TOP;

    PdfPage() throws IOException {
        try (InputStream in = Objects.requireNonNull(PDDocument.class.getResourceAsStream(FONT))) {
            font = PDType0Font.load(document, in, true);
        }
        pen = turn();
    }

    private PDPageContentStream turn() throws IOException {
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        y = TOP;
        return new PDPageContentStream(document, page);
    }

    PDPageContentStream pen() {
        return pen;
    }

    float y() {
        return y;
    }

    void down(float points) {
        y -= points;
    }

    /** Writes words, broken into lines that fit from a left to a right edge; gives how many there were. */
    int write(String words, float size, boolean bold, float left, float right) throws IOException {
        List<String> lines = lines(words, size, right - left);
        for (String line : lines) {
            room(size * LEADING);
            y -= size * LEADING;
            at(line, size, bold, left, y);
        }
        return lines.size();
    }

    /** Begins a new page where so much is not left. */
    void room(float points) throws IOException {
        if (y - points < BOTTOM) {
            pen.close();
            pen = turn();
        }
    }

    /** A heading with a rule under it. */
    void heading(String words) throws IOException {
        room(60);
        y -= 8;
        write(words, 11.5f, true, LEFT, RIGHT);
        y -= 4;
        rule(LEFT, RIGHT, y);
    }

    void rule(float from, float to, float at) throws IOException {
        pen.setLineWidth(0.6f);
        pen.moveTo(from, at);
        pen.lineTo(to, at);
        pen.stroke();
    }

    /** Writes words at a place, without looking whether they fit. */
    void at(String words, float size, boolean bold, float left, float base) throws IOException {
        pen.beginText();
        pen.setFont(font, size);
        pen.setRenderingMode(bold ? RenderingMode.FILL_STROKE : RenderingMode.FILL);
        pen.setLineWidth(BOLD);
        pen.newLineAtOffset(left, base);
        pen.showText(writable(words));
        pen.endText();
        pen.setRenderingMode(RenderingMode.FILL);
    }

    float width(String words, float size) throws IOException {
        return font.getStringWidth(writable(words)) / 1000 * size;
    }

    private List<String> lines(String words, float size, float width) throws IOException {
        List<String> lines = new ArrayList<>();
        for (String paragraph : words.split("\n")) {
            StringBuilder line = new StringBuilder();
            for (String word : paragraph.strip().split(" +")) {
                String rest = word;
                if (line.length() > 0 && width(line + " " + rest, size) > width) {
                    lines.add(line.toString());
                    line.setLength(0);
                }
                while (line.length() == 0 && rest.length() > 1 && width(rest, size) > width) {
                    int fits = fitting(rest, size, width);
                    lines.add(rest.substring(0, fits));
                    rest = rest.substring(fits);
                }
                line.append(line.length() > 0 ? " " : "").append(rest);
            }
            lines.add(line.toString());
        }
        return lines;
    }

    private int fitting(String word, float size, float width) throws IOException {
        int fits = 1;
        while (fits < word.length() && width(word.substring(0, fits + 1), size) <= width) {
            fits++;
        }
        return fits;
    }

    /** The words with a question mark for every letter that the font has not. */
    private String writable(String words) {
        StringBuilder all = new StringBuilder();
        words.codePoints().forEach(letter -> {
            String one = Character.toString(Character.isWhitespace(letter) ? ' ' : letter);
            try {
                font.encode(one);
                all.append(one);
            } catch (IllegalArgumentException | IOException e) {
                all.append('?');
            }
        });
        return all.toString();
    }

    int pages() {
        return document.getNumberOfPages();
    }

    byte[] done(String title) throws IOException {
        pen.close();
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setProducer("Able Medic");
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        document.save(bytes);
        return bytes.toByteArray();
    }

    @Override
    public void close() throws IOException {
        document.close();
    }
}
