package brightplumb.app.account;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * Somebody signed in, in a workroom. Every query is scoped by its workroom.
 *
 * @param account the account
 * @param workroom the workroom
 * @param name the person's name
 * @param workroomName the workroom's name
 * @param email the address signed in with
 */
public record Member(UUID account, UUID workroom, String name, String workroomName, String email)
        implements Serializable, Principal {

    @Override
    public String getName() {
        return account.toString();
    }
}
