package brightplumb.app.laying;

import brightplumb.core.lay.ByHand;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;

/**
 * How a ticket is laid on one of its cloths, as a hand set it.
 *
 * @param layer the cloth; the shell where it is missing
 * @param copies how many are cut, 1 to 20
 * @param width of a cloth that is not the shell, mm; the shell's is its ticket's
 * @param folded whether such a cloth lies folded
 * @param sheet the corners of a piece of cloth in place of cloth off the bolt
 * @param avoided seams in it that no piece may cross
 * @param beside other tickets that are cut from the same cloth, by their ids
 * @param pieced whether bands that would lie on a fold are cut in two
 * @param placements where each piece was laid; missing where that is left to the search
 * @param hash of the pieces that were laid; it is not asked for
 */
record KeptLay(
        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        String layer,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Integer copies,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Double width,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Boolean folded,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        List<List<Double>> sheet,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        List<List<List<Double>>> avoided,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        List<String> beside,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Boolean pieced,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        List<Hand> placements,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        String hash) {

    /** A cloth on which no hand has set anything. */
    static KeptLay unset(String layer) {
        return new KeptLay(layer, null, null, null, null, null, null, null, null, null);
    }

    /** Where a piece was laid: its outline begins at x and y on the cloth, mm. */
    record Hand(String garment, String piece, int copy, boolean flipped, int angle, double x, double y) {
        ByHand read() {
            return new ByHand(garment == null ? "" : garment, piece, copy, flipped, angle, x, y);
        }
    }

    KeptLay of(List<Hand> otherPlacements, String otherHash) {
        return new KeptLay(layer, copies, width, folded, sheet, avoided, beside, pieced, otherPlacements, otherHash);
    }
}
