package brightplumb.app.fittings;

import brightplumb.core.fitting.Remark;
import brightplumb.core.garment.Catalogue;
import brightplumb.core.measure.Sentence;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Fittings in the database: only ever added. Every query names the workroom. */
@Repository
class Fittings {

    private static final TypeReference<Map<String, Object>> CHANGES = new TypeReference<>() {};

    private final JdbcClient db;
    private final JsonMapper json;

    Fittings(JdbcClient db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    /** A ticket's fittings, newest first. */
    List<FittingView> of(UUID workroom, UUID ticket) {
        return db.sql("select * from fitting where workroom_id = :workroom and ticket_id = :ticket order by "
                        + "after_rev desc, made_at desc")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(this::fitting)
                .list();
    }

    void add(
            UUID workroom,
            UUID ticket,
            String remark,
            String note,
            Map<String, Object> changes,
            int before,
            int after,
            String madeBy) {
        db.sql("""
                        insert into fitting (workroom_id, ticket_id, remark, note, changes,
                                             before_rev, after_rev, made_by)
                        values (:workroom, :ticket, :remark, :note, :changes::jsonb, :before, :after, :madeBy)""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("remark", remark)
                .param("note", note)
                .param("changes", json.writeValueAsString(changes))
                .param("before", before)
                .param("after", after)
                .param("madeBy", madeBy)
                .update();
    }

    private FittingView fitting(ResultSet rs, int row) throws SQLException {
        Optional<Remark> remark = Catalogue.remark(rs.getString("remark"));
        return new FittingView(
                rs.getObject("id", UUID.class),
                rs.getString("remark"),
                remark.map(Remark::seen).orElse(rs.getString("remark")),
                remark.map(Remark::correction).orElse(Sentence.EMPTY),
                rs.getString("note"),
                json.readValue(rs.getString("changes"), CHANGES),
                rs.getInt("before_rev"),
                rs.getInt("after_rev"),
                rs.getString("made_by"),
                rs.getTimestamp("made_at").toInstant());
    }
}
