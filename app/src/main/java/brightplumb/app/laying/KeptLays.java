package brightplumb.app.laying;

import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

/** How tickets are laid, as a hand kept it, in the database. Every query names the workroom. */
@Repository
class KeptLays {

    private final JdbcClient db;
    private final JsonMapper json;

    KeptLays(JdbcClient db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    Optional<KeptLay> of(UUID workroom, UUID ticket, String layer) {
        return db.sql("select lay from ticket_lay where workroom_id = :workroom and ticket_id = :ticket and layer = "
                        + ":layer")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("layer", layer)
                .query(String.class)
                .optional()
                .map(written -> json.readValue(written, KeptLay.class));
    }

    void keep(UUID workroom, UUID ticket, String layer, KeptLay lay) {
        db.sql("""
                        insert into ticket_lay (workroom_id, ticket_id, layer, lay)
                        values (:workroom, :ticket, :layer, cast(:lay as jsonb))
                        on conflict (ticket_id, layer) do update set lay = excluded.lay
                        where ticket_lay.workroom_id = excluded.workroom_id""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("layer", layer)
                .param("lay", json.writeValueAsString(lay))
                .update();
    }

    void forget(UUID workroom, UUID ticket, String layer) {
        db.sql("delete from ticket_lay where workroom_id = :workroom and ticket_id = :ticket and layer = :layer")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("layer", layer)
                .update();
    }
}
