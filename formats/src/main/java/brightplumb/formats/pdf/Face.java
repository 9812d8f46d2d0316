package brightplumb.formats.pdf;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/**
 * The typeface of printed pages, read once and lent to one document at a time: reading it costs several times what a
 * whole pattern does. As many are kept as were ever written at once.
 */
final class Face implements AutoCloseable {

    // The face that comes inside PDFBox itself, so that no font of the machine is needed.
    private static final String FILE = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final Queue<TrueTypeFont> KEPT = new ConcurrentLinkedQueue<>();

    private final TrueTypeFont face;

    private Face(TrueTypeFont face) {
        this.face = face;
    }

    /** A face nobody else writes with until it is closed. */
    static Face borrow() {
        TrueTypeFont kept = KEPT.poll();
        return new Face(kept == null ? read() : kept);
    }

    private static TrueTypeFont read() {
        try (InputStream in = PDDocument.class.getResourceAsStream(FILE)) {
            TrueTypeFont face = new TTFParser().parse(new RandomAccessReadBuffer(in));
            // A label has no ligatures worth looking for at every word.
            face.setEnableGsub(false);
            return face;
        } catch (IOException e) {
            throw new UncheckedIOException("The typeface could not be read", e);
        }
    }

    /** As a font of a document; only the letters used go into its file. */
    PDFont in(PDDocument document) throws IOException {
        return PDType0Font.load(document, face, true);
    }

    @Override
    public void close() {
        KEPT.add(face);
    }
}
