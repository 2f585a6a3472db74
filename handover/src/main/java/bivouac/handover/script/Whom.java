package bivouac.handover.script;

import bivouac.handover.meaning.Say;
import java.util.Optional;

/**
 * The window that an act means (R2).
 *
 * @param window its shown name; empty where it can be several
 */
public record Whom(Say.Whose whose, Optional<String> window) {

    public boolean isMe() {
        return whose instanceof Say.Whose.Me;
    }
}
