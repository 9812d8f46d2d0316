package brightplumb.app.tickets;

import brightplumb.app.BrightPlumb;
import brightplumb.app.drafting.Drafts;
import brightplumb.app.drafting.PreviewRequest;
import brightplumb.app.problems.NotHere;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/** Frozen revisions in the database: only ever added. */
@Repository
public class Revisions {

    private final JdbcClient db;
    private final JsonMapper json;
    private final Drafts drafts;

    Revisions(JdbcClient db, JsonMapper json, Drafts drafts) {
        this.db = db;
        this.json = json;
        this.drafts = drafts;
    }

    /** A ticket's revisions, newest first. */
    List<RevisionView> of(UUID workroom, UUID ticket) {
        return db.sql(
                        "select * from revision where workroom_id = :workroom and ticket_id = :ticket order by number desc")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(this::revision)
                .list();
    }

    /** One revision. */
    public RevisionView require(UUID workroom, UUID ticket, int number) {
        return db.sql(
                        "select * from revision where workroom_id = :workroom and ticket_id = :ticket and number = :number")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("number", number)
                .query(this::revision)
                .optional()
                .orElseThrow(() -> new NotHere("revision"));
    }

    /** The newest revision, if any was frozen. */
    public Optional<RevisionView> newest(UUID workroom, UUID ticket) {
        return of(workroom, ticket).stream().findFirst();
    }

    /** Freezes what a ticket asks for now. */
    @Transactional
    public RevisionView freeze(UUID workroom, UUID ticket, PreviewRequest request, String reason, String madeBy) {
        String hash = drafts.hash(request);
        db.sql("select 1 from ticket where workroom_id = :workroom and id = :ticket for update")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(Integer.class)
                .single();
        int number = db.sql("""
                        insert into revision (workroom_id, ticket_id, number, reason, made_by, request, engine, result_hash)
                        values (:workroom, :ticket,
                                (select coalesce(max(number), 0) + 1 from revision where workroom_id = :workroom and ticket_id = :ticket),
                                :reason, :madeBy, :request::jsonb, :engine, :hash)
                        returning number""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("reason", reason)
                .param("madeBy", madeBy)
                .param("request", json.writeValueAsString(request))
                .param("engine", BrightPlumb.ENGINE)
                .param("hash", hash)
                .query(Integer.class)
                .single();
        return require(workroom, ticket, number);
    }

    private RevisionView revision(ResultSet rs, int row) throws SQLException {
        PreviewRequest request = json.readValue(rs.getString("request"), PreviewRequest.class);
        return new RevisionView(
                rs.getInt("number"),
                rs.getString("reason"),
                rs.getString("made_by"),
                rs.getTimestamp("made_at").toInstant(),
                request,
                rs.getString("engine"),
                !drafts.hash(request).equals(rs.getString("result_hash")));
    }
}
