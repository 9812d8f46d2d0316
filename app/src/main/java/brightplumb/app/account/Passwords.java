package brightplumb.app.account;

import brightplumb.core.measure.FieldPath;
import brightplumb.core.measure.Refusal;
import com.nulabinc.zxcvbn.Pattern;
import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;

/** Passwords of sense: long enough, and none of those that everybody tries first. */
@Component
class Passwords {

    private static final int SHORTEST = 10;
    // bcrypt reads no more bytes than this; longer would silently be cut off.
    private static final int LONGEST = 72;
    // Of five grades from 0; 2 stands against guessing over a network.
    private static final int GOOD = 2;

    // A hash of no account's password, of the same cost as theirs.
    private static final String NOBODYS = "$2a$10$G49UFkm6nOKaWmWAKwuK..1iLhgIMwJtHf0tEBXnwiP418whGlroG";

    private final PasswordEncoder encoder;

    Passwords(PasswordEncoder encoder) {
        this.encoder = encoder;
    }

    /** What stands on this application's own pages is among what is tried first. */
    private static final List<String> OWN = List.of(
            "bright plumb",
            "brightplumb",
            "calico-and-chalk",
            "calico",
            "chalk",
            "plumb",
            "workroom",
            "saltmarsh playhouse",
            "saltmarsh",
            "playhouse",
            "pattern cutter",
            "trousers",
            "skirt",
            "jumpsuit",
            "bodysuit");

    private static final String COMMONEST = "passwords";

    /** The words that are guessed first; read when a password is first chosen. */
    private static final class Guesses {
        static final Zxcvbn FIRST = new Zxcvbn();
    }

    /** Whether a password can be one at all. */
    static boolean readable(String password) {
        return password != null
                && !password.isEmpty()
                && password.getBytes(StandardCharsets.UTF_8).length <= LONGEST
                && password.indexOf('\0') < 0;
    }

    /**
     * Whether it is the one of that hash; the same work is done where there is none, so that the time taken tells
     * nothing.
     */
    boolean matches(String password, String hash) {
        return encoder.matches(password, hash == null ? NOBODYS : hash) && hash != null;
    }

    /** Whether it is, as a whole, one of the commonest or one of our own words, spelt however. */
    private static boolean isCommon(Strength strength) {
        return strength.getSequence().size() == 1
                && strength.getSequence().get(0).pattern == Pattern.Dictionary
                && Set.of(COMMONEST, "user_inputs")
                        .contains(strength.getSequence().get(0).dictionaryName);
    }

    /**
     * The hash of a new password.
     *
     * @param near what is known of its owner, which it should not be made of
     * @throws Refusal at the field, when it is too short, too long or too easily guessed
     */
    String hash(FieldPath field, String password, List<String> near) {
        if (password == null || password.codePointCount(0, password.length()) < SHORTEST) {
            throw new Refusal(field, "A password has at least " + SHORTEST + " letters");
        }
        if (!readable(password)) {
            throw new Refusal(field, "A password has at most " + LONGEST + " plain letters");
        }
        List<String> first = new ArrayList<>(OWN);
        first.addAll(near);
        Strength strength = Guesses.FIRST.measure(password, first);
        if (strength.getScore() < GOOD || isCommon(strength)) {
            throw new Refusal(field, "This is among the first that would be tried; a few words together are better");
        }
        return encoder.encode(password);
    }
}
