package brightplumb.app.account;

import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Accounts and failed attempts to sign in, in the database. */
@Repository
class Accounts {

    /** An account with its password's hash. */
    record Stored(Member member, String password) {}

    private final JdbcClient db;

    Accounts(JdbcClient db) {
        this.db = db;
    }

    static String normal(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    /** The account of an address, in its first workroom. */
    Optional<Stored> find(String email) {
        return db.sql("""
                        select a.id, a.password, a.name, a.email, w.id as workroom, w.name as workroom_name
                        from account a
                        join membership m on m.account_id = a.id
                        join workroom w on w.id = m.workroom_id
                        where a.email = :email
                        order by w.created_at limit 1""")
                .param("email", normal(email))
                .query((rs, row) -> new Stored(
                        new Member(
                                rs.getObject("id", UUID.class),
                                rs.getObject("workroom", UUID.class),
                                rs.getString("name"),
                                rs.getString("workroom_name"),
                                rs.getString("email")),
                        rs.getString("password")))
                .optional();
    }

    /** How many attempts failed for an address in the last minutes. */
    int failures(String email, int minutes) {
        return db.sql(
                        "select count(*) from sign_in_failure where email = :email and at > now() - make_interval(mins => :minutes)")
                .param("email", normal(email))
                .param("minutes", minutes)
                .query(Integer.class)
                .single();
    }

    void failed(String email) {
        db.sql("insert into sign_in_failure (email) values (:email)")
                .param("email", normal(email))
                .update();
    }

    /** Forgets an address's failures, and all that are older than a day. */
    void succeeded(String email) {
        db.sql("delete from sign_in_failure where email = :email or at < now() - interval '1 day'")
                .param("email", normal(email))
                .update();
    }
}
