package brightplumb.app.tickets;

import brightplumb.app.limits.Work;
import brightplumb.app.limits.WorkPools;
import brightplumb.app.people.SheetView;
import brightplumb.app.people.Sheets;
import brightplumb.app.tickets.CutBookView.LeanView;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.measure.Measure;
import brightplumb.core.measure.Refusal;
import brightplumb.core.measure.Sheet;
import brightplumb.core.measure.UsualBody;
import brightplumb.core.table.Verdict;
import brightplumb.formats.svg.SmallOutline;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.stereotype.Service;

/** Every cut as it would be on somebody: its picture, what it would still need from the tape, and what would lean. */
@Service
class CutBook {

    private final Sheets sheets;
    private final WorkPools pools;

    CutBook(Sheets sheets, WorkPools pools) {
        this.sheets = sheets;
        this.pools = pools;
    }

    /** The book on a person's newest sheet; on a usual body where there is none. */
    List<CutBookView> on(UUID workroom, UUID person) {
        Optional<Sheet> taken = sheets.newest(workroom, person).map(SheetView::sheet);
        return taken.map(sheet -> drawn(cut -> on(cut, sheet))).orElseGet(this::usual);
    }

    /** The book on a usual body. */
    List<CutBookView> usual() {
        return drawn(CutBook::unmeasured);
    }

    /** Each cut is drafted by itself, as many at a time as the machine has cores. */
    private List<CutBookView> drawn(Function<Cut, CutBookView> each) {
        return pools.run(
                Work.CUT_BOOK, () -> Catalogue.CUTS.parallelStream().map(each).toList());
    }

    private static CutBookView unmeasured(Cut cut) {
        return view(cut, Drafting.draft(asked(cut, UsualBody.SHEET)), List.of(), false);
    }

    private static CutBookView on(Cut cut, Sheet sheet) {
        try {
            return view(cut, Drafting.draft(asked(cut, sheet)), List.of(), true);
        } catch (Refusal refused) {
            List<String> missing = refused.faults().stream()
                    .map(Refusal.Fault::field)
                    .flatMap(field -> Arrays.stream(Measure.values())
                            .filter(m -> m.field().equals(field)))
                    .map(Measure::key)
                    .distinct()
                    .toList();
            try {
                return view(cut, Drafting.draft(asked(cut, UsualBody.filling(sheet))), missing, false);
            } catch (Refusal still) {
                return CutBookView.undrawn(cut.id(), cut.way(), missing, refused.getMessage());
            }
        }
    }

    private static DraftRequest asked(Cut cut, Sheet sheet) {
        return DraftRequest.of(cut.id(), null, sheet, Map.of(), null);
    }

    private static CutBookView view(Cut cut, Drafted drafted, List<String> missing, boolean hers) {
        List<LeanView> leans = new ArrayList<>();
        if (hers) {
            drafted.checks().stream()
                    .filter(c -> c.verdict() == Verdict.OFF || c.verdict() == Verdict.WATCH)
                    .sorted((a, b) -> b.verdict().compareTo(a.verdict()))
                    .forEach(c -> leans.add(new LeanView(
                            c.id().id(), c.title(), c.verdict().name().toLowerCase(Locale.ROOT), c.text())));
        }
        return new CutBookView(
                cut.id(),
                cut.way(),
                OutlineView.of(SmallOutline.of(drafted)),
                hers,
                missing,
                hers
                        ? drafted.estimates().stream()
                                .map(e -> e.measure())
                                .map(Measure::key)
                                .toList()
                        : List.of(),
                leans,
                null);
    }
}
