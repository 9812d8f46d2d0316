package brightplumb.app.printing;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.formats.pdf.Paged;
import brightplumb.formats.pdf.RollPdf;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.DrawnPieces;
import brightplumb.formats.sheet.PatternSheet;
import brightplumb.formats.sheet.TitleBlock;

/** A pattern to be printed, with what is written on it. */
record PrintedPattern(DrawnPattern pattern, TitleBlock title) {

    private static final double NARROWEST_ROLL = 200;
    private static final double WIDEST_ROLL = 5000;

    /** Returns all pieces beside each other. */
    PatternSheet sheet() {
        return PatternSheet.of(pattern, title);
    }

    /**
     * Returns the pieces laid for the paper they are printed on.
     *
     * @param necklines {@code together} where pieces that differ in nothing but the neck share a sheet, or
     *     {@code apart}
     * @param roll how wide the roll is, 200 to 5,000 mm
     * @param parts how many times smaller a model is; 1 at full size
     */
    PatternSheet laid(PrintOptions options, String necklines, double roll, int parts) {
        DrawnPieces pieces = pieces(necklines);
        if (!options.onRoll()) {
            return Paged.of(pieces, options.tiles(), parts);
        }
        if (!(roll >= NARROWEST_ROLL && roll <= WIDEST_ROLL)) {
            throw new Refusal(new FieldPath("roll"), "A roll is 20 cm to 5 m wide");
        }
        return RollPdf.sheet(pieces, roll, parts);
    }

    private DrawnPieces pieces(String necklines) {
        return switch (necklines) {
            case "together" -> DrawnPieces.shared(pattern, title);
            case "apart" -> DrawnPieces.of(pattern, title);
            default -> throw new Refusal(new FieldPath("necklines"), "Necklines are drawn together or apart");
        };
    }
}
