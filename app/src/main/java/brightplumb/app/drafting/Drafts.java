package brightplumb.app.drafting;

import brightplumb.core.cut.Drafting;
import brightplumb.core.measure.Refusal;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.springframework.stereotype.Service;
import tools.jackson.databind.json.JsonMapper;

/** Drafts as they are answered, and what tells one from another. */
@Service
public class Drafts {

    private final JsonMapper json;

    Drafts(JsonMapper json) {
        this.json = json;
    }

    /** The pieces of a draft as a hash: the same while the same request gives the same pattern. */
    public String hash(PreviewRequest request) {
        try {
            byte[] pieces = json.writeValueAsBytes(
                    DraftViews.of(Drafting.draft(request.read())).pieces());
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(pieces));
        } catch (Refusal refused) {
            return "refused: " + HexFormat.of().formatHex(refused.getMessage().getBytes(StandardCharsets.UTF_8));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256", e);
        }
    }
}
