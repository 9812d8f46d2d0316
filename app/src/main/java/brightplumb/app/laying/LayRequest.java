package brightplumb.app.laying;

import brightplumb.app.drafting.ClothView.ClothRequest;
import brightplumb.app.drafting.PreviewRequest;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.Map;

/**
 * A lay that is asked for without a ticket: a draft as it is asked for, and how it is laid.
 *
 * @param lay how it is laid; once, on the shell's cloth, where it is missing
 */
record LayRequest(
        String cut,
        String way,
        Map<String, Object> measures,
        Map<String, Object> settings,
        ClothRequest cloth,
        List<String> with,
        List<String> without,
        LayAsked lay) {

    PreviewRequest draft() {
        return new PreviewRequest(cut, way, measures, settings, cloth, with, without, false, null, null, null);
    }

    LayAsked asked() {
        return lay == null ? LayAsked.ONCE : lay;
    }

    /**
     * How it is laid.
     *
     * @param layer the cloth: shell, lining, fusing, pocketing; the shell where it is missing
     * @param copies how many garments, 1 to 20; one where it is missing
     * @param sheet the corners of a piece of cloth in place of a width, mm; null for cloth off the bolt
     * @param avoided seams in it that no piece may cross, two places each
     * @param pieced whether bands that would lie on a fold are cut in two
     * @param tries how many lays are tried, 1 to 5000; as many as its pieces deserve where it is missing
     * @param along how much cloth there is, mm, where the longest that can be cut from it is asked for
     */
    record LayAsked(
            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            String layer,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Integer copies,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            List<List<Double>> sheet,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            List<List<List<Double>>> avoided,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Boolean pieced,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Integer tries,

            @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
            Double along) {

        static final LayAsked ONCE = new LayAsked(null, null, null, null, null, null, null);
    }
}
