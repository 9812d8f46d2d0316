package brightplumb.app.tickets;

import brightplumb.app.Page;
import brightplumb.app.drafting.ClothView;
import brightplumb.app.problems.NotHere;
import brightplumb.core.garment.MadeWith;
import brightplumb.core.rule.Cloth;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** Tickets in the database. Every query names the workroom. */
@Repository
public class Tickets {

    private static final String VIEW = """
            select t.*, p.name as person_name,
                   (select count(*) from revision r
                       where r.workroom_id = t.workroom_id and r.ticket_id = t.id) as revisions,
                   (select coalesce(max(s.number), 0) from measure_sheet s
                       where s.workroom_id = t.workroom_id and s.person_id = t.person_id) as sheet
            from ticket t join person p on p.workroom_id = t.workroom_id and p.id = t.person_id
            where t.workroom_id = :workroom""";
    private static final TypeReference<List<String>> NAMES = new TypeReference<>() {};
    private static final TypeReference<Map<String, Object>> SETTINGS = new TypeReference<>() {};

    private final JdbcClient db;
    private final JsonMapper json;
    private final Stored stored;

    Tickets(JdbcClient db, JsonMapper json, Stored stored) {
        this.db = db;
        this.json = json;
        this.stored = stored;
    }

    Page<TicketView> list(UUID workroom, UUID person, Page.Asked asked) {
        String which = (person == null ? "" : " and t.person_id = :person") + (asked.searches() ? found(asked) : "");
        var items = db.sql(VIEW + which
                        + " order by t.promised nulls last, lower(t.name), t.id limit :size offset :offset")
                .param("workroom", workroom)
                .param("person", person)
                .param("pattern", asked.pattern())
                .param("word", asked.word())
                .param("size", asked.size())
                .param("offset", asked.offset())
                .query(this::ticket)
                .list();
        long total = db.sql("select count(*) from ticket t where t.workroom_id = :workroom" + which)
                .param("workroom", workroom)
                .param("person", person)
                .param("pattern", asked.pattern())
                .param("word", asked.word())
                .query(Long.class)
                .single();
        return new Page<>(items, total, asked.page(), asked.size());
    }

    /** By a ticket's name or its person's, each by its own index. */
    private static String found(Page.Asked asked) {
        return """
                 and t.id in (
                    select n.id from ticket n where n.workroom_id = :workroom and %s
                    union all
                    select o.id from person q join ticket o on o.workroom_id = q.workroom_id and o.person_id = q.id
                    where q.workroom_id = :workroom and %s)
                """.formatted(asked.finds("n.name"), asked.finds("q.name"));
    }

    /** The tickets of a workroom that are promised soonest, up to a hundred. */
    public List<TicketView> soonest(UUID workroom) {
        return list(workroom, null, Page.Asked.of("", 0, 100)).items();
    }

    Optional<TicketView> find(UUID workroom, UUID id) {
        return db.sql(VIEW + " and t.id = :id")
                .param("workroom", workroom)
                .param("id", id)
                .query(this::ticket)
                .optional();
    }

    /**
     * Returns a ticket of the workroom.
     *
     * @throws NotHere when the workroom has no such ticket
     */
    public TicketView require(UUID workroom, UUID id) {
        return find(workroom, id).orElseThrow(() -> new NotHere("ticket"));
    }

    /** Adds a ticket for a person of the workroom and answers its id. */
    public UUID add(
            UUID workroom,
            UUID person,
            String name,
            String cut,
            String way,
            Map<String, Object> settings,
            Cloth cloth,
            MadeWith made,
            LocalDate promised) {
        return db.sql("""
                        insert into ticket (workroom_id, person_id, name, cut, way, settings, cloth,
                                            made_with, made_without, format, promised)
                        values (:workroom, :person, :name, :cut, :way, :settings::jsonb, :cloth::jsonb,
                                :with::jsonb, :without::jsonb, :format, :promised)
                        returning id""")
                .param("workroom", workroom)
                .param("person", person)
                .param("name", name)
                .param("cut", cut)
                .param("way", way)
                .param("settings", stored.write(settings))
                .param("cloth", stored.write(ClothView.of(cloth)))
                .param("with", stored.write(made.with().stream().sorted().toList()))
                .param("without", stored.write(made.without().stream().sorted().toList()))
                .param("format", Stored.FORMAT)
                .param("promised", promised)
                .query(UUID.class)
                .single();
    }

    /** Changes a ticket that is still at a version; answers false when it is not. */
    public boolean change(
            UUID workroom,
            UUID id,
            int version,
            String name,
            String cut,
            String way,
            Map<String, Object> settings,
            Cloth cloth,
            MadeWith made,
            LocalDate promised) {
        return db.sql("""
                        update ticket set name = :name, cut = :cut, way = :way, settings = :settings::jsonb,
                               cloth = :cloth::jsonb, made_with = :with::jsonb, made_without = :without::jsonb,
                               format = :format, promised = :promised, version = version + 1, updated_at = now()
                        where workroom_id = :workroom and id = :id and version = :version""")
                        .param("workroom", workroom)
                        .param("id", id)
                        .param("version", version)
                        .param("name", name)
                        .param("cut", cut)
                        .param("way", way)
                        .param("settings", stored.write(settings))
                        .param("cloth", stored.write(ClothView.of(cloth)))
                        .param(
                                "with",
                                stored.write(made.with().stream().sorted().toList()))
                        .param(
                                "without",
                                stored.write(made.without().stream().sorted().toList()))
                        .param("format", Stored.FORMAT)
                        .param("promised", promised)
                        .update()
                == 1;
    }

    boolean remove(UUID workroom, UUID id) {
        return db.sql("delete from ticket where workroom_id = :workroom and id = :id")
                        .param("workroom", workroom)
                        .param("id", id)
                        .update()
                == 1;
    }

    private TicketView ticket(ResultSet rs, int row) throws SQLException {
        return new TicketView(
                rs.getObject("id", UUID.class),
                rs.getObject("person_id", UUID.class),
                rs.getString("person_name"),
                rs.getString("name"),
                rs.getString("cut"),
                rs.getString("way"),
                json.readValue(rs.getString("settings"), SETTINGS),
                stored.cloth(rs.getString("cloth"), rs.getInt("format")),
                json.readValue(rs.getString("made_with"), NAMES),
                json.readValue(rs.getString("made_without"), NAMES),
                rs.getObject("promised", LocalDate.class),
                rs.getInt("version"),
                rs.getInt("revisions"),
                rs.getTimestamp("updated_at").toInstant(),
                null,
                rs.getInt("sheet"));
    }
}
