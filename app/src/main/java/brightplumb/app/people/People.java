package brightplumb.app.people;

import brightplumb.app.Page;
import brightplumb.app.problems.NotHere;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** People in the database. Every query names the workroom. */
@Repository
public class People {

    private static final String VIEW = """
            select p.id, p.name, p.note, p.version, p.created_at,
                   (select count(*) from measure_sheet s
                       where s.workroom_id = p.workroom_id and s.person_id = p.id) as sheets,
                   (select max(taken_on) from measure_sheet s
                       where s.workroom_id = p.workroom_id and s.person_id = p.id) as last_taken,
                   (select count(*) from ticket t where t.workroom_id = p.workroom_id and t.person_id = p.id) as tickets
            from person p where p.workroom_id = :workroom""";

    private final JdbcClient db;

    People(JdbcClient db) {
        this.db = db;
    }

    Page<PersonView> list(UUID workroom, Page.Asked asked) {
        String found = asked.searches() ? " and " + asked.finds("p.name") : "";
        var items = db.sql(VIEW + found + " order by lower(p.name), p.id limit :size offset :offset")
                .param("workroom", workroom)
                .param("pattern", asked.pattern())
                .param("word", asked.word())
                .param("size", asked.size())
                .param("offset", asked.offset())
                .query(People::person)
                .list();
        long total = db.sql("select count(*) from person p where p.workroom_id = :workroom" + found)
                .param("workroom", workroom)
                .param("pattern", asked.pattern())
                .param("word", asked.word())
                .query(Long.class)
                .single();
        return new Page<>(items, total, asked.page(), asked.size());
    }

    Optional<PersonView> find(UUID workroom, UUID id) {
        return db.sql(VIEW + " and p.id = :id")
                .param("workroom", workroom)
                .param("id", id)
                .query(People::person)
                .optional();
    }

    /**
     * Returns a person of the workroom.
     *
     * @throws NotHere when the workroom has no such person
     */
    public PersonView require(UUID workroom, UUID id) {
        return find(workroom, id).orElseThrow(() -> new NotHere("person"));
    }

    /** Adds a person and answers their id. */
    public UUID add(UUID workroom, String name, String note) {
        return db.sql("insert into person (workroom_id, name, note) values (:workroom, :name, :note) returning id")
                .param("workroom", workroom)
                .param("name", name)
                .param("note", note)
                .query(UUID.class)
                .single();
    }

    /** Changes a person who is still at a version, or at any where it is null; answers false when they are not. */
    boolean change(UUID workroom, UUID id, Integer version, String name, String note) {
        return db.sql("""
                        update person set name = :name, note = :note, version = version + 1
                        where workroom_id = :workroom and id = :id
                              and version = coalesce(cast(:version as int), version)""")
                        .param("workroom", workroom)
                        .param("id", id)
                        .param("version", version)
                        .param("name", name)
                        .param("note", note)
                        .update()
                == 1;
    }

    /** Removes a person and, with them, their sheets, tickets and revisions. */
    boolean remove(UUID workroom, UUID id) {
        return db.sql("delete from person where workroom_id = :workroom and id = :id")
                        .param("workroom", workroom)
                        .param("id", id)
                        .update()
                == 1;
    }

    private static PersonView person(ResultSet rs, int row) throws SQLException {
        return new PersonView(
                rs.getObject("id", UUID.class),
                rs.getString("name"),
                rs.getString("note"),
                rs.getInt("sheets"),
                rs.getObject("last_taken", LocalDate.class),
                rs.getInt("tickets"),
                rs.getInt("version"),
                rs.getTimestamp("created_at").toInstant());
    }
}
