package brightplumb.app.tickets;

import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.drafting.PreviewRequest.ClothRequest;
import brightplumb.core.cut.DraftRequest;
import brightplumb.core.measure.Refusal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;

/**
 * A ticket to be made or changed.
 *
 * @param way the cut's own where it is missing
 * @param version the version the change was made on; not needed for a new ticket
 */
record TicketRequest(
        UUID personId,
        String name,
        String cut,
        String way,
        Map<String, Object> settings,
        ClothRequest cloth,
        LocalDate promised,
        Integer version) {

    private static final int LONGEST_NAME = 120;

    /** Names and ranges checked, defaults filled in. */
    record Checked(String name, DraftRequest request, Map<String, Object> settings) {}

    /** @throws Refusal naming each field at fault */
    Checked checked() {
        if (name == null || name.isBlank() || name.strip().length() > LONGEST_NAME || name.indexOf('\0') >= 0) {
            throw new Refusal("name", "A ticket needs a name of at most 120 letters");
        }
        DraftRequest request = new PreviewRequest(cut, way, Map.of(), settings, cloth).read();
        Map<String, Object> kept = new HashMap<>();
        if (settings != null) {
            settings.forEach((key, value) -> {
                if (value != null) {
                    kept.put(key, value);
                }
            });
        }
        return new Checked(name.strip(), request, kept);
    }
}
