package brightplumb.app.tickets;

import brightplumb.app.Day;
import brightplumb.app.TextRules;
import brightplumb.app.drafting.ClothView.ClothRequest;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * A ticket to be made or changed.
 *
 * @param way the cut's own where it is missing
 * @param with what is added to the cut by hand; nothing where it is missing
 * @param without what is taken off it; nothing where it is missing
 * @param version the version the change was made on; not needed for a new ticket
 */
record TicketRequest(
        UUID personId,
        String name,
        String cut,
        String way,
        Map<String, Object> settings,
        ClothRequest cloth,
        List<String> with,
        List<String> without,
        LocalDate promised,
        Integer version) {

    /** Names and ranges checked, defaults filled in. */
    record Checked(String name, DraftRequest request, Map<String, Object> settings) {}

    /** @throws Refusal naming each field at fault */
    Checked checked() {
        String called = TextRules.name(new FieldPath("name"), name, "A ticket needs a name of at most 120 letters");
        Day.within(new FieldPath("promised"), promised);
        DraftRequest request =
                new PreviewRequest(cut, way, Map.of(), settings, cloth, with, without, null, null, null, null).read();
        Map<String, Object> kept = new HashMap<>();
        if (settings != null) {
            settings.forEach((key, value) -> {
                if (value != null) {
                    kept.put(key, value);
                }
            });
        }
        return new Checked(called, request, kept);
    }
}
