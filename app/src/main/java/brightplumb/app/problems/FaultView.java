package brightplumb.app.problems;

import brightplumb.core.measure.Refusal;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * A fault at a field of a request.
 *
 * @param field the path of the field; empty for the request as a whole
 * @param message what is wrong and what would do
 */
@Schema(name = "Fault")
public record FaultView(String field, String message) {

    /** Returns a fault as it is told. */
    public static FaultView of(Refusal.Fault fault) {
        return new FaultView(fault.field().path(), fault.message());
    }
}
