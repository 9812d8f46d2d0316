package brightplumb.app.tickets;

import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.drafting.PreviewRequest.ClothRequest;
import brightplumb.app.people.SheetView;
import brightplumb.app.people.Sheets;
import brightplumb.core.measure.Refusal;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What a ticket asks to be drafted: its settings on its person's newest sheet. */
@Service
public class TicketDrafts {

    private final Sheets sheets;

    TicketDrafts(Sheets sheets) {
        this.sheets = sheets;
    }

    /** @throws Refusal when the person was never measured */
    public PreviewRequest request(UUID workroom, TicketView ticket) {
        SheetView sheet = sheets.newest(workroom, ticket.personId())
                .orElseThrow(() -> new Refusal("measures", "This person has no measures yet; take them first"));
        Map<String, Object> measures = new LinkedHashMap<>();
        sheet.readings().forEach((key, reading) -> measures.put(key, reading.asked()));
        return new PreviewRequest(
                ticket.cut(),
                ticket.way(),
                measures,
                ticket.settings(),
                ClothRequest.of(ticket.cloth()),
                ticket.with(),
                ticket.without(),
                null,
                null,
                null,
                null);
    }
}
