package brightplumb.app.printing;

import brightplumb.app.account.Member;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.tickets.RevisionView;
import brightplumb.app.tickets.Revisions;
import brightplumb.app.tickets.TicketDrafts;
import brightplumb.app.tickets.TicketView;
import brightplumb.app.tickets.Tickets;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.formats.sheet.DrawnPattern;
import brightplumb.formats.sheet.TitleBlock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Patterns of tickets and of their revisions, with the title block that goes on their papers. */
@Service
class PrintedPatterns {

    private final Tickets tickets;
    private final TicketDrafts drafts;
    private final Revisions revisions;

    PrintedPatterns(Tickets tickets, TicketDrafts drafts, Revisions revisions) {
        this.tickets = tickets;
        this.drafts = drafts;
        this.revisions = revisions;
    }

    /** Returns a ticket's pattern as it stands, or that of a revision, which kept it. */
    PrintedPattern of(Member member, UUID id, Integer number, DayStyle days) {
        TicketView ticket = tickets.require(member.workroom(), id);
        return number == null ? standing(member, ticket, days) : frozen(member, ticket, number, days);
    }

    /** Returns the pattern of a ticket as it stands. */
    PrintedPattern standing(Member member, TicketView ticket, DayStyle days) {
        PreviewRequest request = drafts.request(member.workroom(), ticket);
        String named = revisions
                .newest(member.workroom(), ticket.id())
                .map(newest -> newest.request().equals(request)
                        ? "revision " + newest.number()
                        : "working draft after revision " + newest.number())
                .orElse("working draft");
        Drafted drafted = Drafting.draft(drafts.draft(member.workroom(), ticket));
        return new PrintedPattern(DrawnPattern.of(drafted), title(member, ticket, request.way(), named, days));
    }

    private PrintedPattern frozen(Member member, TicketView ticket, int number, DayStyle days) {
        RevisionView revision = revisions.require(member.workroom(), ticket.id(), number);
        var kept = revisions.pattern(member.workroom(), ticket.id(), number);
        DrawnPattern pattern = kept.orElseGet(
                () -> DrawnPattern.of(Drafting.draft(revision.request().read())));
        return new PrintedPattern(
                pattern, title(member, ticket, revision.request().way(), revision.title(), days));
    }

    /** Returns what is written on a ticket's papers. */
    static TitleBlock title(Member member, TicketView ticket, String way, String named, DayStyle days) {
        return new TitleBlock(
                ticket.name(),
                ticket.personName(),
                Catalogue.wayTitle(way).orElse(way),
                named,
                days.write(LocalDate.now()),
                initials(member.name()));
    }

    private static String initials(String name) {
        StringBuilder initials = new StringBuilder();
        for (String word : name.split("\\s+")) {
            if (!word.isEmpty()) {
                initials.append(Character.toUpperCase(word.charAt(0)));
            }
        }
        return initials.toString();
    }
}
