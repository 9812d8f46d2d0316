package brightplumb.app.fittings;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.Map;

/**
 * A remark to be applied.
 *
 * @param version the ticket's version it was seen on
 * @param remark the remark's id
 * @param settings amounts put in place of the proposed ones; missing where the proposal stands
 * @param note what else was said
 */
record FittingRequest(
        Integer version,
        String remark,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Map<String, Object> settings,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        String note) {}
