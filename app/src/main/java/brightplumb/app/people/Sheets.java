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
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcOperations;
import org.springframework.jdbc.core.namedparam.SqlParameterSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Measure sheets in the database: only ever added. */
@Repository
public class Sheets {

    private record Head(UUID id, int number, LocalDate takenOn, String takenBy, String note) {}

    private final JdbcClient db;
    private final NamedParameterJdbcOperations batch;

    Sheets(JdbcClient db, NamedParameterJdbcOperations batch) {
        this.db = db;
        this.batch = batch;
    }

    /** A person's sheets, newest first. */
    Page<SheetView> of(UUID workroom, UUID person, Page.Asked asked) {
        long total = db.sql("select count(*) from measure_sheet where workroom_id = :workroom and person_id = :person")
                .param("workroom", workroom)
                .param("person", person)
                .query(Long.class)
                .single();
        return new Page<>(newest(workroom, person, asked.size(), asked.offset()), total, asked.page(), asked.size());
    }

    /** A person's newest sheet, if they were ever measured. */
    public Optional<SheetView> newest(UUID workroom, UUID person) {
        return newest(workroom, person, 1, 0).stream().findFirst();
    }

    /** So many sheets, newest first, with their readings. */
    private List<SheetView> newest(UUID workroom, UUID person, long size, long offset) {
        Map<Head, Map<String, ReadingView>> sheets = new LinkedHashMap<>();
        db.sql("""
                        select s.id, s.number, s.taken_on, s.taken_by, s.note,
                               r.measure, r.typed, r.unit, r.mm, r.provenance, r.second_typed, r.second_mm
                        from (select * from measure_sheet where workroom_id = :workroom and person_id = :person
                              order by number desc limit :size offset :offset) s
                        left join measure_reading r on r.workroom_id = s.workroom_id and r.sheet_id = s.id
                        order by s.number desc, r.measure""")
                .param("workroom", workroom)
                .param("person", person)
                .param("size", size)
                .param("offset", offset)
                .query(rs -> {
                    Map<String, ReadingView> readings = sheets.computeIfAbsent(head(rs), head -> new LinkedHashMap<>());
                    if (rs.getString("measure") != null) {
                        readings.put(rs.getString("measure"), reading(rs));
                    }
                });
        return sheets.entrySet().stream()
                .map(sheet -> view(sheet.getKey(), sheet.getValue()))
                .toList();
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
        boolean here = db.sql("select 1 from person where workroom_id = :workroom and id = :person for update")
                .param("workroom", workroom)
                .param("person", person)
                .query(Integer.class)
                .optional()
                .isPresent();
        if (!here) {
            throw new NotHere("person");
        }
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
        batch.batchUpdate(
                """
                insert into measure_reading
                    (workroom_id, sheet_id, measure, typed, unit, mm, provenance, second_typed, second_mm)
                values (:workroom, :sheet, :measure, :typed, :unit, :mm, :provenance, :secondTyped, :secondMm)""",
                readings.entrySet().stream()
                        .map(entry -> row(workroom, id, entry.getKey(), entry.getValue()))
                        .toArray(SqlParameterSource[]::new));
        return newest(workroom, person).orElseThrow();
    }

    private static SqlParameterSource row(UUID workroom, UUID sheet, String measure, ReadingView reading) {
        return new MapSqlParameterSource()
                .addValue("workroom", workroom)
                .addValue("sheet", sheet)
                .addValue("measure", measure)
                .addValue("typed", reading.typed())
                .addValue("unit", reading.unit())
                .addValue("mm", reading.mm())
                .addValue("provenance", reading.provenance())
                .addValue("secondTyped", reading.secondTyped())
                .addValue("secondMm", reading.secondMm());
    }

    private static SheetView view(Head head, Map<String, ReadingView> readings) {
        SheetView bare = new SheetView(
                head.id(), head.number(), head.takenOn(), head.takenBy(), head.note(), readings, List.of());
        List<DoubtView> doubts = Plausibility.of(bare.sheet()).stream()
                .map(d -> new DoubtView(d.measure().key(), d.id(), d.text()))
                .toList();
        return new SheetView(head.id(), head.number(), head.takenOn(), head.takenBy(), head.note(), readings, doubts);
    }

    private static Head head(ResultSet rs) throws SQLException {
        return new Head(
                rs.getObject("id", UUID.class),
                rs.getInt("number"),
                rs.getObject("taken_on", LocalDate.class),
                rs.getString("taken_by"),
                rs.getString("note"));
    }

    private static ReadingView reading(ResultSet rs) throws SQLException {
        return new ReadingView(
                rs.getString("typed"),
                rs.getString("unit"),
                rs.getDouble("mm"),
                rs.getString("provenance"),
                rs.getString("second_typed"),
                rs.getObject("second_mm", Double.class));
    }
}
