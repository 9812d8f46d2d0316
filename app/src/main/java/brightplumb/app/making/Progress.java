package brightplumb.app.making;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** How far the making of tickets has come, in the database. Every query names the workroom. */
@Repository
public class Progress {

    /**
     * One piece of work.
     *
     * @param work its name
     * @param doneAt when it was done; null while it is not
     * @param seconds what it took so far, a running clock not counted
     * @param clockSince since when its clock runs; null while it stands
     */
    record Kept(String work, Instant doneAt, String doneBy, long seconds, Instant clockSince) {}

    private final JdbcClient db;

    Progress(JdbcClient db) {
        this.db = db;
    }

    Map<String, Kept> of(UUID workroom, UUID ticket) {
        return db
                .sql("select * from making_progress where workroom_id = :workroom and ticket_id = :ticket")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(Progress::kept)
                .list()
                .stream()
                .collect(Collectors.toMap(Kept::work, Function.identity()));
    }

    Optional<String> habit(UUID workroom, UUID ticket) {
        return db.sql("select habit from making where workroom_id = :workroom and ticket_id = :ticket")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(String.class)
                .optional();
    }

    void habit(UUID workroom, UUID ticket, String habit) {
        db.sql("""
                        insert into making (workroom_id, ticket_id, habit) values (:workroom, :ticket, :habit)
                        on conflict (ticket_id) do update set habit = excluded.habit
                        where making.workroom_id = excluded.workroom_id""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("habit", habit)
                .update();
    }

    /** Waits until nobody else changes the making of a ticket, and holds it until the transaction ends. */
    void takeTurn(UUID workroom, UUID ticket) {
        db.sql("select 1 from ticket where workroom_id = :workroom and id = :ticket for no key update")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .query(rs -> {});
    }

    /** Ticks work as done, its clock stopped; or takes the tick off, the time kept. */
    public void done(UUID workroom, UUID ticket, List<String> work, boolean done, String by) {
        clock(workroom, ticket, work, false);
        for (String each : work) {
            db.sql("""
                            insert into making_progress (workroom_id, ticket_id, work, done_at, done_by)
                            values (:workroom, :ticket, :work, case when :done then now() end, :by)
                            on conflict (ticket_id, work) do update
                            set done_at = case when :done then coalesce(making_progress.done_at, now()) end,
                                done_by = :by
                            where making_progress.workroom_id = excluded.workroom_id""")
                    .param("workroom", workroom)
                    .param("ticket", ticket)
                    .param("work", each)
                    .param("done", done)
                    .param("by", done ? by : null)
                    .update();
        }
    }

    /**
     * Starts the clock of the first of some work, every other clock of the ticket stopped; or stops those of all of it.
     */
    void clock(UUID workroom, UUID ticket, List<String> work, boolean runs) {
        db.sql("""
                        update making_progress
                        set seconds = seconds + greatest(0, extract(epoch from now() - clock_since)::bigint),
                            clock_since = null
                        where workroom_id = :workroom and ticket_id = :ticket and clock_since is not null
                          and (:all or work in (:work))""")
                .param("workroom", workroom)
                .param("ticket", ticket)
                .param("all", runs)
                .param("work", work)
                .update();
        if (runs) {
            db.sql("""
                            insert into making_progress (workroom_id, ticket_id, work, clock_since)
                            values (:workroom, :ticket, :work, now())
                            on conflict (ticket_id, work) do update set clock_since = now()
                            where making_progress.workroom_id = excluded.workroom_id""")
                    .param("workroom", workroom)
                    .param("ticket", ticket)
                    .param("work", work.get(0))
                    .update();
        }
    }

    /** Says how long work took. */
    public void took(UUID workroom, UUID ticket, List<String> work, long seconds) {
        for (int i = 0; i < work.size(); i++) {
            db.sql("""
                            insert into making_progress (workroom_id, ticket_id, work, seconds)
                            values (:workroom, :ticket, :work, :seconds)
                            on conflict (ticket_id, work) do update set seconds = :seconds, clock_since = null
                            where making_progress.workroom_id = excluded.workroom_id""")
                    .param("workroom", workroom)
                    .param("ticket", ticket)
                    .param("work", work.get(i))
                    .param("seconds", i == 0 ? seconds : 0)
                    .update();
        }
    }

    private static Kept kept(ResultSet rs, int row) throws SQLException {
        return new Kept(
                rs.getString("work"),
                instant(rs.getTimestamp("done_at")),
                rs.getString("done_by"),
                rs.getLong("seconds"),
                instant(rs.getTimestamp("clock_since")));
    }

    private static Instant instant(Timestamp at) {
        return at == null ? null : at.toInstant();
    }
}
