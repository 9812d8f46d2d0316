package brightplumb.app.tickets;

import brightplumb.app.drafting.ClothView.ClothRequest;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.people.SheetView;
import brightplumb.app.people.Sheets;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.MadeWith;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** What a ticket asks to be drafted: its settings on its person's newest sheet. */
@Service
public class TicketDrafts {

    private final Sheets sheets;

    TicketDrafts(Sheets sheets) {
        this.sheets = sheets;
    }

    /**
     * Checks that a ticket can still be drafted with what it would be changed to. One that cannot be drafted as it
     * stands may be changed to anything, so that it can be put right step by step; and a tape that is still missing is
     * taken at the next station.
     *
     * @param would the change, on no body
     * @throws Refusal naming each amount or operation at fault
     */
    void checkDrawable(UUID workroom, TicketView current, DraftRequest would) {
        sheets.newest(workroom, current.personId()).map(SheetView::sheet).ifPresent(sheet -> {
            List<Refusal.Fault> faults = faults(
                    new DraftRequest(would.cut(), would.way(), sheet, would.byHand(), would.cloth(), would.made()));
            if (!faults.isEmpty() && faults(draft(workroom, current)).isEmpty()) {
                throw new Refusal(faults);
            }
        });
    }

    /** What a hand set that cannot be drafted; what the tape says or leaves out is no fault of hers. */
    private static List<Refusal.Fault> faults(DraftRequest request) {
        try {
            Drafting.drawn(request);
            return List.of();
        } catch (Refusal refused) {
            return refused.faults().stream().anyMatch(fault -> fault.field().isIn(FieldPath.MEASURES))
                    ? List.of()
                    : refused.faults();
        }
    }

    /**
     * Returns what a ticket asks to be drafted, on its person's newest sheet.
     *
     * @throws Refusal when the person was never measured, or naming each field at fault
     */
    public DraftRequest draft(UUID workroom, TicketView ticket) {
        return DraftRequest.of(
                ticket.cut(),
                ticket.way(),
                measured(workroom, ticket).sheet(),
                ticket.settings(),
                ticket.cloth().cloth(),
                new MadeWith(Set.copyOf(ticket.with()), Set.copyOf(ticket.without())));
    }

    private SheetView measured(UUID workroom, TicketView ticket) {
        return sheets.newest(workroom, ticket.personId())
                .orElseThrow(() -> new Refusal(FieldPath.MEASURES, "This person has no measures yet; take them first"));
    }

    /**
     * Returns the same as a request that can be kept, as a revision keeps it.
     *
     * @throws Refusal when the person was never measured
     */
    public PreviewRequest request(UUID workroom, TicketView ticket) {
        SheetView sheet = measured(workroom, ticket);
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
