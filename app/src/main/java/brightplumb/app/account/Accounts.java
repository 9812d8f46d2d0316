package brightplumb.app.account;

import brightplumb.app.PlumbProperties;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Accounts, their workrooms and where they are used from, in the database. */
@Repository
public class Accounts {

    /** An account with its password's hash. */
    record Stored(Member member, String password) {}

    private final JdbcClient db;
    private final boolean demo;

    Accounts(JdbcClient db, PlumbProperties started) {
        this.db = db;
        this.demo = started.demo();
    }

    static String normal(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    /** A sign-in: when, from which address, with which browser as it calls itself. */
    record SignedIn(Instant at, String client, String browser) {}

    /** So many sign-ins of an account are kept. */
    private static final int SIGN_INS = 20;

    /** The account of an address, in its first workroom. Where the demo is off, its accounts are not there. */
    Optional<Stored> find(String email) {
        return db.sql("""
                        select a.id, a.password, a.name, a.email, w.id as workroom, w.name as workroom_name
                        from account a
                        join membership m on m.account_id = a.id
                        join workroom w on w.id = m.workroom_id
                        where a.email = :email and (:demo or not w.demo)
                        order by w.created_at limit 1""")
                .param("email", normal(email))
                .param("demo", demo)
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

    /** Whether somebody signed in to an account from there before. */
    boolean isKnown(String email, String client) {
        return db.sql("""
                        select count(*) from known_client k join account a on a.id = k.account_id
                        where a.email = :email and k.client = :client""")
                        .param("email", normal(email))
                        .param("client", client)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Remembers when an account is signed in to, and where it is used from. */
    @Transactional
    void signedIn(UUID account, String client, String browser) {
        db.sql("insert into sign_in (account_id, client, browser) values (:account, :client, :browser)")
                .param("account", account)
                .param("client", client)
                .param("browser", browser)
                .update();
        String older = """
                        delete from sign_in where account_id = :account and id not in (
                            select id from sign_in where account_id = :account order by id desc limit :most)""";
        db.sql(older).param("account", account).param("most", SIGN_INS).update();
        String known = """
                        insert into known_client (account_id, client) values (:account, :client)
                        on conflict (account_id, client) do update set seen_at = now()""";
        db.sql(known).param("account", account).param("client", client).update();
    }

    /**
     * Opens a workroom with its first account.
     *
     * @return empty when the address has an account already
     */
    @Transactional
    public Optional<Member> open(String workroom, String name, String email, String password, boolean demo) {
        Optional<UUID> account = db.sql("""
                        insert into account (email, password, name) values (:email, :password, :name)
                        on conflict (email) do nothing returning id""")
                .param("email", normal(email))
                .param("password", password)
                .param("name", name)
                .query(UUID.class)
                .optional();
        return account.map(id -> {
            UUID room = db.sql("insert into workroom (name, demo) values (:name, :demo) returning id")
                    .param("name", workroom)
                    .param("demo", demo)
                    .query(UUID.class)
                    .single();
            db.sql("insert into membership (workroom_id, account_id) values (:room, :account)")
                    .param("room", room)
                    .param("account", id)
                    .update();
            return new Member(id, room, name, workroom, normal(email));
        });
    }

    /** The latest sign-ins of an account, the newest first. */
    List<SignedIn> signIns(UUID account) {
        return db.sql("select at, client, browser from sign_in where account_id = :account order by id desc")
                .param("account", account)
                .query((rs, row) -> new SignedIn(
                        rs.getTimestamp("at").toInstant(), rs.getString("client"), rs.getString("browser")))
                .list();
    }

    /** Whether an account is of an invented workroom, which everybody shares. */
    boolean isDemo(UUID account) {
        String memberships = """
                        select count(*) from membership m join workroom w on w.id = m.workroom_id
                        where m.account_id = :account and w.demo""";
        return db.sql(memberships)
                        .param("account", account)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    /** Keeps the hash of a new recovery code in place of the one before. */
    void keepRecovery(UUID account, String hash) {
        db.sql("update account set recovery = :hash where id = :account")
                .param("account", account)
                .param("hash", hash)
                .update();
    }

    /**
     * Changes a password by a recovery code, which is used up.
     *
     * @return the account; empty where the code is not that account's
     */
    Optional<UUID> recover(String email, String codeHash, String password) {
        return db.sql("""
                        update account a set password = :password, recovery = null
                        where a.email = :email and a.recovery = :code and not exists (
                            select 1 from membership m join workroom w on w.id = m.workroom_id
                            where m.account_id = a.id and w.demo)
                        returning a.id""")
                .param("email", normal(email))
                .param("code", codeHash)
                .param("password", password)
                .query(UUID.class)
                .optional();
    }

    /** The hash of an account's password. */
    Optional<String> password(UUID account) {
        return db.sql("select password from account where id = :account")
                .param("account", account)
                .query(String.class)
                .optional();
    }

    void changePassword(UUID account, String password) {
        db.sql("update account set password = :password where id = :account")
                .param("account", account)
                .param("password", password)
                .update();
    }

    /** Removes an account, and its workroom with all that is in it where nobody else is left there. */
    @Transactional
    void leave(UUID account, UUID workroom) {
        db.sql("select 1 from workroom where id = :workroom for update")
                .param("workroom", workroom)
                .query(rs -> {});
        db.sql("delete from account where id = :account")
                .param("account", account)
                .update();
        String empty = """
                        delete from workroom w where w.id = :workroom
                        and not exists (select 1 from membership m where m.workroom_id = w.id)""";
        db.sql(empty).param("workroom", workroom).update();
    }

    /** Ends every session in the invented workrooms. */
    public void endDemoSessions() {
        String sessions = """
                        delete from spring_session where principal_name in (
                            select m.account_id::text from membership m
                            join workroom w on w.id = m.workroom_id where w.demo)""";
        db.sql(sessions).update();
    }

    /** Whether the invented workrooms are there. */
    public boolean hasDemo() {
        return db.sql("select count(*) from workroom where demo")
                        .query(Integer.class)
                        .single()
                > 0;
    }
}
