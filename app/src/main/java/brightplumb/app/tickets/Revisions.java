package brightplumb.app.tickets;

import brightplumb.app.Page;
import brightplumb.app.drafting.Drafts;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.problems.NotHere;
import brightplumb.core.cutting.GeometryHash;
import brightplumb.core.garment.Drafted;
import brightplumb.core.garment.Drafting;
import brightplumb.core.garment.Engine;
import brightplumb.core.measure.Refusal;
import brightplumb.formats.sheet.DrawnPattern;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * Frozen revisions in the database: only ever added. Each keeps what was asked and the pattern that was drawn, and
 * prints from that. Nothing is drafted while a connection is held, and nothing at all when revisions are listed.
 */
@Repository
public class Revisions {

    private static final String VIEW = """
            select number, reason, made_by, made_at, request, format, engine, result_hash, (drawn is not null) as kept,
                   case when compared_engine = :engine then compared_moved end as moved
            from revision where workroom_id = :workroom and ticket_id = :ticket""";

    private final JdbcClient db;
    private final Stored stored;
    private final DrawnPatterns patterns;

    Revisions(JdbcClient db, Stored stored, DrawnPatterns patterns) {
        this.db = db;
        this.stored = stored;
        this.patterns = patterns;
    }

    /** A request with the pattern that it draws, ready to be frozen. */
    public record Drawn(PreviewRequest request, String pattern, String hash) {}

    /** A ticket's revisions, newest first. */
    Page<RevisionView> of(UUID workroom, UUID ticket, Page.Asked asked) {
        List<RevisionView> items = of(VIEW + " order by number desc limit :size offset :offset", workroom, ticket)
                .param("size", asked.size())
                .param("offset", asked.offset())
                .query(this::revision)
                .list();
        long total = db.sql("select count(*) from revision where workroom_id = :workroom and ticket_id = :ticket")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(Long.class)
                .single();
        return new Page<>(items, total, asked.page(), asked.size());
    }

    /** One revision. */
    public RevisionView require(UUID workroom, UUID ticket, int number) {
        return of(VIEW + " and number = :number", workroom, ticket)
                .param("number", number)
                .query(this::revision)
                .optional()
                .orElseThrow(() -> new NotHere("revision"));
    }

    /** The newest revision, if any was frozen. */
    public Optional<RevisionView> newest(UUID workroom, UUID ticket) {
        return of(VIEW + " order by number desc limit 1", workroom, ticket)
                .query(this::revision)
                .optional();
    }

    private JdbcClient.StatementSpec of(String sql, UUID workroom, UUID ticket) {
        return db.sql(sql).param("workroom", workroom).param("ticket", ticket).param("engine", Engine.ID);
    }

    /** One revision that somebody looks at: whether it would come out otherwise today is found once for each engine. */
    RevisionView compareWithEngine(UUID workroom, UUID ticket, int number) {
        RevisionView revision = require(workroom, ticket, number);
        if (!revision.comparable() || revision.moved() != null) {
            return revision;
        }
        String then = db.sql(
                        "select result_hash from revision where workroom_id = :workroom and ticket_id = :ticket and "
                                + "number = :number")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("number", number)
                .query(String.class)
                .single();
        boolean moved = !Drafts.hash(revision.request()).equals(then);
        db.sql("""
                        update revision set compared_engine = :engine, compared_moved = :moved
                        where workroom_id = :workroom and ticket_id = :ticket and number = :number""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("number", number)
                .param("engine", Engine.ID)
                .param("moved", moved)
                .update();
        return revision.compared(moved);
    }

    /** The pattern a revision drew; empty for one from before patterns were kept. */
    public Optional<DrawnPattern> pattern(UUID workroom, UUID ticket, int number) {
        return db.sql("""
                        select drawn from revision
                        where workroom_id = :workroom and ticket_id = :ticket and number = :number
                              and drawn is not null""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("number", number)
                .query(String.class)
                .optional()
                .map(patterns::read);
    }

    /**
     * Draws what is asked, to be frozen.
     *
     * @throws Refusal when it cannot be drafted
     */
    public Drawn draw(PreviewRequest request) {
        Drafted drafted = Drafting.draft(request.read());
        return new Drawn(request, patterns.write(DrawnPattern.of(drafted)), GeometryHash.of(drafted.pieces()));
    }

    /** Freezes what was drawn. */
    @Transactional
    public RevisionView freeze(UUID workroom, UUID ticket, Drawn drawn, String reason, String madeBy) {
        // Two revisions frozen at once take turns, so that each gets its own number.
        boolean here = db.sql("select 1 from ticket where workroom_id = :workroom and id = :ticket for update")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(Integer.class)
                .optional()
                .isPresent();
        if (!here) {
            throw new NotHere("ticket");
        }
        // Pressed twice, it is one revision.
        Optional<RevisionView> same = newest(workroom, ticket)
                .filter(last -> last.request().equals(drawn.request())
                        && last.reason().equals(reason)
                        && last.madeBy().equals(madeBy)
                        && last.engine().equals(Engine.ID));
        if (same.isPresent()) {
            return same.get();
        }
        int number = db.sql("""
                        insert into revision (workroom_id, ticket_id, number, reason, made_by, request, format, engine,
                                              result_hash, drawn, compared_engine, compared_moved)
                        values (:workroom, :ticket,
                                (select coalesce(max(number), 0) + 1 from revision
                                    where workroom_id = :workroom and ticket_id = :ticket),
                                :reason, :madeBy, :request::jsonb, :format, :engine,
                                :hash, :drawn::jsonb, :engine, false)
                        returning number""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("reason", reason)
                .param("madeBy", madeBy)
                .param("request", stored.write(drawn.request()))
                .param("format", Stored.FORMAT)
                .param("engine", Engine.ID)
                .param("hash", drawn.hash())
                .param("drawn", drawn.pattern())
                .query(Integer.class)
                .single();
        return require(workroom, ticket, number);
    }

    private RevisionView revision(ResultSet rs, int row) throws SQLException {
        String hash = rs.getString("result_hash");
        return new RevisionView(
                rs.getInt("number"),
                rs.getString("reason"),
                rs.getString("made_by"),
                rs.getTimestamp("made_at").toInstant(),
                stored.request(rs.getString("request"), rs.getInt("format")),
                rs.getString("engine"),
                GeometryHash.comparable(hash),
                rs.getBoolean("kept"),
                rs.getObject("moved", Boolean.class));
    }
}
