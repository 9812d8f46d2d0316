package brightplumb.app.making;

import io.swagger.v3.oas.annotations.media.Schema;

/**
 * What came of a step. What is absent stays as it is.
 *
 * @param done whether it is done
 * @param clock whether its clock runs; starting one stops every other of the ticket
 * @param seconds how long it took, said by hand; 0 to 360000
 */
record StepRequest(
        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Boolean done,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Boolean clock,

        @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED)
        Long seconds) {}
