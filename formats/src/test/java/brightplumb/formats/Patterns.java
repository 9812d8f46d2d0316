package brightplumb.formats;

import static brightplumb.core.rule.HemSettings.LENGTH;

import brightplumb.core.garment.Bodies;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.rule.Cloth;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Map;

/** A pattern to write in the tests. */
final class Patterns {

    private Patterns() {}

    static Drafted drafted(String cut) {
        Map<String, Object> length =
                Catalogue.of(cut).orElseThrow().settings().contains(LENGTH) ? Map.of("length", 640.0) : Map.of();
        return Drafting.draft(DraftRequest.of(cut, null, Bodies.inches(28, 38, 8), length, Cloth.WOVEN));
    }

    static PatternSheet skirt(String person) {
        return PatternSheet.of(
                DrawnPattern.of(drafted("straight-skirt")),
                new TitleBlock("Test skirt", person, "House", "revision 2", "25 November 2026", "WH"));
    }

    /** What is written to a stream. */
    interface Writing {
        void to(OutputStream out) throws IOException;
    }

    /** What was written, as bytes. */
    static byte[] written(Writing writing) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            writing.to(bytes);
        } catch (IOException e) {
            throw new AssertionError("Writing to memory does not fail", e);
        }
        return bytes.toByteArray();
    }
}
