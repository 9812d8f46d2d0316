package brightplumb.app.making;

import brightplumb.app.account.Member;
import brightplumb.app.drafting.DraftView.NotionView;
import brightplumb.app.drafting.ExhibitView;
import brightplumb.app.drafting.FigureView;
import brightplumb.app.making.MakingView.HabitView;
import brightplumb.app.making.MakingView.MakingStepView;
import brightplumb.app.problems.NotHere;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.Cut;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Making;
import brightplumb.core.garment.Notions;
import brightplumb.core.making.Planned;
import brightplumb.core.making.Sequence;
import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import brightplumb.core.pattern.Seam;
import brightplumb.core.table.MakingStep;
import brightplumb.core.table.StepId;
import brightplumb.core.table.Supply;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** The making of a ticket as its draft stands now: what was ticked stays ticked when the draft or the habit changes. */
@Service
public class MakingRoom {

    private static final long LONGEST = 360_000;

    private final Tickets tickets;
    private final TicketDrafts drafts;
    private final Progress progress;
    private final TransactionTemplate together;

    MakingRoom(Tickets tickets, TicketDrafts drafts, Progress progress, PlatformTransactionManager transactions) {
        this.tickets = tickets;
        this.drafts = drafts;
        this.progress = progress;
        this.together = new TransactionTemplate(transactions);
    }

    /** A ticket's draft and its order of making. */
    public record Made(Drafted drafted, Planned planned) {}

    /** The order of a ticket by its own habit, or by its cut's. */
    public Made made(UUID workroom, TicketView ticket) {
        Drafted drafted = Drafting.draft(drafts.draft(workroom, ticket));
        Cut cut = drafted.request().cut();
        Sequence habit = progress.habit(workroom, ticket.id())
                .flatMap(id -> Making.habit(cut, id))
                .orElse(cut.order());
        return new Made(drafted, Making.of(drafted, habit));
    }

    MakingView of(Member member, UUID id) {
        UUID workroom = member.workroom();
        Made made = made(workroom, tickets.require(workroom, id));
        Map<String, Progress.Kept> kept = progress.of(workroom, id);
        return new MakingView(
                made.planned().sequence().id(),
                Making.habits(made.drafted().request().cut()).stream()
                        .map(s -> new HabitView(s.id(), s.title(), s.about()))
                        .toList(),
                made.planned().steps().stream().map(s -> view(s, kept)).toList(),
                Notions.of(made.drafted()).stream().map(NotionView::of).toList(),
                kept.values().stream().mapToLong(Progress.Kept::seconds).sum());
    }

    /** @throws Refusal when the cut is not made by such a habit */
    MakingView habit(Member member, UUID id, MakingRequest asked) {
        TicketView ticket = tickets.require(member.workroom(), id);
        Cut cut = drafts.draft(member.workroom(), ticket).cut();
        String habit = asked.habit() == null ? "" : asked.habit();
        if (Making.habit(cut, habit).isEmpty()) {
            throw new Refusal(new FieldPath("habit"), "This garment is not made by such a habit");
        }
        progress.habit(member.workroom(), id, habit);
        return of(member, id);
    }

    /**
     * Says what came of a step.
     *
     * @throws NotHere when the order has no such step
     */
    MakingView step(Member member, UUID id, String name, StepRequest asked) {
        UUID workroom = member.workroom();
        Made made = made(workroom, tickets.require(workroom, id));
        MakingStep step = made.planned().steps().stream()
                .map(Planned.Step::step)
                .filter(s -> s.id().id().equals(name))
                .findFirst()
                .orElseThrow(() -> new NotHere("step"));
        if (asked.seconds() != null && (asked.seconds() < 0 || asked.seconds() > LONGEST)) {
            throw new Refusal(new FieldPath("seconds"), "A step takes between nothing and a hundred hours");
        }
        List<String> work = step.does();
        together.executeWithoutResult(status -> {
            // A step is several rows: those who tick at once take turns, or each would wait for a row of the other's.
            progress.takeTurn(workroom, id);
            if (asked.seconds() != null) {
                progress.took(workroom, id, work, asked.seconds());
            }
            if (asked.clock() != null) {
                progress.clock(workroom, id, work, asked.clock());
            }
            if (asked.done() != null) {
                progress.done(workroom, id, work, asked.done(), member.name());
            }
        });
        return of(member, id);
    }

    private static MakingStepView view(Planned.Step planned, Map<String, Progress.Kept> all) {
        MakingStep step = planned.step();
        List<Progress.Kept> kept =
                step.does().stream().map(all::get).filter(Objects::nonNull).toList();
        boolean done = kept.size() == step.does().size() && kept.stream().allMatch(k -> k.doneAt() != null);
        Instant doneAt = done
                ? kept.stream()
                        .map(Progress.Kept::doneAt)
                        .max(Instant::compareTo)
                        .orElse(null)
                : null;
        return new MakingStepView(
                step.id().id(),
                step.title(),
                step.work().name().toLowerCase(Locale.ROOT),
                step.pieces().stream().map(Object::toString).toList(),
                step.seams().stream().map(Seam::id).toList(),
                planned.widths(),
                planned.letOut(),
                step.stitch(),
                step.how(),
                step.looks().stream().map(FigureView::of).toList(),
                step.notions().stream().map(Supply::id).sorted().toList(),
                planned.cautions(),
                planned.after().stream().map(StepId::id).sorted().toList(),
                ExhibitView.of(planned.exhibit()),
                done,
                doneAt,
                done ? kept.get(0).doneBy() : null,
                kept.stream().mapToLong(Progress.Kept::seconds).sum(),
                kept.stream()
                        .map(Progress.Kept::clockSince)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null));
    }
}
