package brightplumb.formats.csv;

import brightplumb.core.cutting.CutPiece;
import brightplumb.core.geometry.Outlines;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * The cut list as comma-separated values (RFC 4180), a line for each piece; lengths in millimetres with a decimal
 * point, areas in square centimetres.
 */
public final class CutListCsv {

    private CutListCsv() {}

    /** The list of a garment's pieces. */
    public static String write(List<CutPiece> pieces) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(
                        "piece", "name", "cloth", "cut", "how", "on_fold", "fused", "across_mm", "along_mm", "area_cm2")
                .get();
        try (CSVPrinter csv = new CSVPrinter(out, format)) {
            for (CutPiece piece : pieces) {
                CutPiece.Needs needs = piece.needs();
                csv.printRecord(
                        piece.piece().id(),
                        piece.name(),
                        piece.piece().layer().id(),
                        piece.cut(),
                        piece.instruction(),
                        piece.onFold(),
                        piece.fused(),
                        number(needs.across()),
                        number(needs.along()),
                        number(Math.abs(Outlines.area(piece.cutLine())) / 100));
            }
        } catch (IOException e) {
            throw new UncheckedIOException("Writing to memory does not fail", e);
        }
        return out.toString();
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }
}
