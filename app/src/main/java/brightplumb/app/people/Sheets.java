package brightplumb.app.people;

import brightplumb.app.Page;
import brightplumb.app.people.SheetView.DoubtView;
import brightplumb.app.people.SheetView.ReadingView;
import brightplumb.app.problems.NotHere;
import brightplumb.app.problems.Stale;
import brightplumb.core.measure.Plausibility;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Measure sheets in the database: only ever added. */
@Repository
public class Sheets {

    private record Head(UUID id, int number, LocalDate takenOn, String takenBy, String note) {}

    private final JdbcClient db;

    Sheets(JdbcClient db) {
        this.db = db;
    }

    /** A person's sheets, newest first. */
    Page<SheetView> of(UUID workroom, UUID person, Page.Asked asked) {
        List<Head> heads = db.sql("""
                        select * from measure_sheet where workroom_id = :workroom and person_id = :person
                        order by number desc limit :size offset :offset""")
                .param("workroom", workroom)
                .param("person", person)
                .param("size", asked.size())
                .param("offset", asked.offset())
                .query(Sheets::head)
                .list();
        long total = db.sql("select count(*) from measure_sheet where workroom_id = :workroom and person_id = :person")
                .param("workroom", workroom)
                .param("person", person)
                .query(Long.class)
                .single();
        return new Page<>(
                heads.stream().map(head -> whole(workroom, head)).toList(), total, asked.page(), asked.size());
    }

    /** A person's newest sheet, if they were ever measured. */
    public Optional<SheetView> newest(UUID workroom, UUID person) {
        return db.sql(
                        "select * from measure_sheet where workroom_id = :workroom and person_id = :person order by number desc limit 1")
                .param("workroom", workroom)
                .param("person", person)
                .query(Sheets::head)
                .optional()
                .map(head -> whole(workroom, head));
    }

    /**
     * Adds a sheet for a person of the workroom; its number follows the last.
     *
     * @param after the number of the newest sheet its writer had seen, or null where any will do
     * @throws Stale with the newest sheet, when there is one the writer has not seen
     * @throws NotHere when the person was removed
     */
    @Transactional
    public SheetView add(
            UUID workroom,
            UUID person,
            Integer after,
            LocalDate takenOn,
            String takenBy,
            String note,
            Map<String, ReadingView> readings) {
        // Two sheets added at once take turns, so that each gets its own number.
        db.sql("select 1 from person where workroom_id = :workroom and id = :person for update")
                .param("workroom", workroom)
                .param("person", person)
                .query(Integer.class)
                .optional()
                .orElseThrow(() -> new NotHere("person"));
        SheetView last = newest(workroom, person).orElse(null);
        if (after != null && after != (last == null ? 0 : last.number())) {
            throw new Stale(last);
        }
        UUID id = db.sql("""
                        insert into measure_sheet (workroom_id, person_id, number, taken_on, taken_by, note)
                        values (:workroom, :person, :number, :takenOn, :takenBy, :note)
                        returning id""")
                .param("workroom", workroom)
                .param("person", person)
                .param("number", last == null ? 1 : last.number() + 1)
                .param("takenOn", takenOn)
                .param("takenBy", takenBy)
                .param("note", note)
                .query(UUID.class)
                .single();
        readings.forEach((measure, reading) -> db.sql("""
                        insert into measure_reading (workroom_id, sheet_id, measure, typed, unit, mm, provenance, second_typed, second_mm)
                        values (:workroom, :sheet, :measure, :typed, :unit, :mm, :provenance, :secondTyped, :secondMm)""")
                .param("workroom", workroom)
                .param("sheet", id)
                .param("measure", measure)
                .param("typed", reading.typed())
                .param("unit", reading.unit())
                .param("mm", reading.mm())
                .param("provenance", reading.provenance())
                .param("secondTyped", reading.secondTyped())
                .param("secondMm", reading.secondMm())
                .update());
        return newest(workroom, person).orElseThrow();
    }

    private SheetView whole(UUID workroom, Head head) {
        Map<String, ReadingView> readings = new LinkedHashMap<>();
        db.sql("select * from measure_reading where workroom_id = :workroom and sheet_id = :sheet order by measure")
                .param("workroom", workroom)
                .param("sheet", head.id())
                .query(rs -> {
                    readings.put(
                            rs.getString("measure"),
                            new ReadingView(
                                    rs.getString("typed"),
                                    rs.getString("unit"),
                                    rs.getDouble("mm"),
                                    rs.getString("provenance"),
                                    rs.getString("second_typed"),
                                    rs.getObject("second_mm", Double.class)));
                });
        SheetView bare = new SheetView(
                head.id(), head.number(), head.takenOn(), head.takenBy(), head.note(), readings, List.of());
        List<DoubtView> doubts = Plausibility.of(bare.sheet()).stream()
                .map(d -> new DoubtView(d.measure().key(), d.id(), d.text()))
                .toList();
        return new SheetView(head.id(), head.number(), head.takenOn(), head.takenBy(), head.note(), readings, doubts);
    }

    private static Head head(ResultSet rs, int row) throws SQLException {
        return new Head(
                rs.getObject("id", UUID.class),
                rs.getInt("number"),
                rs.getObject("taken_on", LocalDate.class),
                rs.getString("taken_by"),
                rs.getString("note"));
    }
}
