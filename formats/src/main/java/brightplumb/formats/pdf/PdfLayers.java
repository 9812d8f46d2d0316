package brightplumb.formats.pdf;

import brightplumb.formats.sheet.Ink;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;

/** The kinds of line of a pattern as layers, which a reader of the file can switch off and on. */
final class PdfLayers {

    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("cut", "Cut line"),
            Map.entry("sew", "Sewn line"),
            Map.entry("darts", "Darts"),
            Map.entry("inner", "Folds and placed lines"),
            Map.entry("marks", "Notches and drill marks"),
            Map.entry("grain", "Grain"),
            Map.entry("fold", "Fold of the cloth"),
            Map.entry("label", "Labels"),
            Map.entry("bar", "Scale"),
            Map.entry("words", "Scale, in words"));

    private final Map<String, PDOptionalContentGroup> groups = new LinkedHashMap<>();

    private PdfLayers() {}

    /** The layers of what is drawn, known to the document. */
    static PdfLayers in(PDDocument document, List<Ink> ink) {
        PdfLayers layers = new PdfLayers();
        PDOptionalContentProperties properties = new PDOptionalContentProperties();
        for (Ink each : ink) {
            layers.groups.computeIfAbsent(each.kind(), kind -> {
                PDOptionalContentGroup group = new PDOptionalContentGroup(NAMES.getOrDefault(kind, kind));
                properties.addGroup(group);
                return group;
            });
        }
        document.getDocumentCatalog().setOCProperties(properties);
        return layers;
    }

    /** Draws everything, each kind in its layer. */
    void draw(PDPageContentStream out, PdfInk ink, List<Ink> all) throws IOException {
        for (Map.Entry<String, PDOptionalContentGroup> layer : groups.entrySet()) {
            out.beginMarkedContent(COSName.OC, layer.getValue());
            for (Ink each : all) {
                if (each.kind().equals(layer.getKey())) {
                    ink.draw(each);
                }
            }
            out.endMarkedContent();
        }
    }
}
