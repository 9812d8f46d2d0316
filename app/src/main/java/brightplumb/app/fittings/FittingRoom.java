package brightplumb.app.fittings;

import brightplumb.app.TextRules;
import brightplumb.app.account.Member;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.drafting.RemarkView;
import brightplumb.app.problems.Stale;
import brightplumb.app.tickets.RevisionView;
import brightplumb.app.tickets.Revisions;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.CutCloth;
import brightplumb.core.garment.DraftRequest;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Fitting;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Applies what a fitting said: the draft as worn is frozen, the correction made, and the corrected draft frozen as the
 * next revision.
 */
@Service
class FittingRoom {

    private static final int LONGEST_NOTE = 1000;

    private final Tickets tickets;
    private final TicketDrafts drafts;
    private final Revisions revisions;
    private final Fittings fittings;
    private final TransactionTemplate together;

    FittingRoom(
            Tickets tickets,
            TicketDrafts drafts,
            Revisions revisions,
            Fittings fittings,
            PlatformTransactionManager transactions) {
        this.tickets = tickets;
        this.drafts = drafts;
        this.revisions = revisions;
        this.fittings = fittings;
        this.together = new TransactionTemplate(transactions);
    }

    /** What may be said of a ticket's draft as it stands. */
    List<RemarkView> remarks(Member member, UUID ticket) {
        return proposals(drafts.request(member.workroom(), tickets.require(member.workroom(), ticket)));
    }

    List<FittingView> of(Member member, UUID ticket) {
        tickets.require(member.workroom(), ticket);
        return fittings.of(member.workroom(), ticket);
    }

    private static List<RemarkView> proposals(PreviewRequest request) {
        return Fitting.of(Drafting.draft(request.read())).stream()
                .map(RemarkView::of)
                .toList();
    }

    /**
     * Applies a remark.
     *
     * @throws Stale when the ticket is no longer at that version
     * @throws Refusal when there is no such remark, it has nothing to give here, or an amount cannot be drafted, naming
     *     the field
     */
    FittingView apply(Member member, UUID id, FittingRequest asked) {
        UUID workroom = member.workroom();
        TicketView ticket = tickets.require(workroom, id);
        if (asked.version() == null) {
            throw new Refusal(new FieldPath("version"), "Say which version this was seen on");
        }
        if (asked.version() != ticket.version()) {
            throw new Stale(ticket);
        }
        String note = TextRules.note(new FieldPath("note"), asked.note(), LONGEST_NOTE)
                .strip();
        PreviewRequest worn = drafts.request(workroom, ticket);
        Map<String, Object> changes = changes(worn, asked);
        Map<String, Object> settings = new LinkedHashMap<>(ticket.settings());
        settings.putAll(changes);
        PreviewRequest corrected = worn.setting(settings);
        // All is drawn before anything is kept: what cannot be drafted is refused, and no connection waits for a draft.
        Revisions.Drawn before = revisions.draw(worn);
        Revisions.Drawn after = revisions.draw(corrected);
        String reason = reason(worn, asked.remark(), note);
        return together.execute(
                status -> keep(member, ticket, new Applied(asked, changes, before, after, reason, note)));
    }

    private record Applied(
            FittingRequest asked,
            Map<String, Object> changes,
            Revisions.Drawn before,
            Revisions.Drawn after,
            String reason,
            String note) {}

    private FittingView keep(Member member, TicketView ticket, Applied applied) {
        UUID workroom = member.workroom();
        UUID id = ticket.id();
        RevisionView before = revisions
                .newest(workroom, id)
                .filter(r -> r.request().equals(applied.before().request()))
                .orElseGet(() ->
                        revisions.freeze(workroom, id, applied.before(), "As worn at the fitting", member.name()));
        DraftRequest corrected = applied.after().request().read();
        boolean changed = tickets.change(
                workroom,
                id,
                ticket.version(),
                ticket.name(),
                ticket.cut(),
                ticket.way(),
                applied.after().request().settings(),
                corrected.cloth(),
                corrected.made(),
                ticket.promised());
        if (!changed) {
            throw new Stale(tickets.require(workroom, id));
        }
        RevisionView after = revisions.freeze(workroom, id, applied.after(), applied.reason(), member.name());
        fittings.add(
                workroom,
                id,
                applied.asked().remark(),
                applied.note(),
                applied.changes(),
                before.number(),
                after.number(),
                member.name());
        return fittings.of(workroom, id).get(0);
    }

    private static String reason(PreviewRequest worn, String remark, String note) {
        String seen = proposals(worn).stream()
                .filter(r -> r.id().equals(remark))
                .map(RemarkView::seen)
                .findFirst()
                .orElse(remark);
        return "Fitting: " + seen + (note.isEmpty() ? "" : ". " + note);
    }

    /** What a remark proposes, with the amounts the cutter has put in its place, and what spares cloth that is cut. */
    private static Map<String, Object> changes(PreviewRequest worn, FittingRequest asked) {
        RemarkView remark = proposals(worn).stream()
                .filter(r -> r.id().equals(asked.remark()))
                .findFirst()
                .orElseThrow(() -> new Refusal(new FieldPath("remark"), "There is no such remark on this garment"));
        Map<String, Object> changes = new LinkedHashMap<>(remark.settings());
        if (changes.isEmpty()) {
            throw new Refusal(new FieldPath("remark"), "This draft has nothing to give for it");
        }
        if (asked.settings() != null) {
            asked.settings().forEach((key, value) -> {
                if (!changes.containsKey(key)
                        && CutCloth.SPARING.stream().noneMatch(s -> s.key().equals(key))) {
                    throw new Refusal(FieldPath.SETTINGS.of(key), "This remark does not change it");
                }
                if (value != null) {
                    changes.put(key, value);
                }
            });
        }
        return changes;
    }
}
