package bivouac.design;

import java.util.ArrayList;
import java.util.List;

/** The order in which a message box shows its buttons; platforms differ, and people look for them where they are used to. */
public enum ButtonOrder {
    AS_DESIGNED("as designed"),
    DEFAULT_FIRST("default first, escape last"),
    DEFAULT_LAST("escape first, default last");

    private final String words;

    ButtonOrder(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** The answers of a box in this order; those that are neither default nor escape keep their own. */
    public List<MessageBox.Answer> of(MessageBox box) {
        if (this == AS_DESIGNED) {
            return box.answers();
        }
        var first = new ArrayList<MessageBox.Answer>();
        var middle = new ArrayList<MessageBox.Answer>();
        var last = new ArrayList<MessageBox.Answer>();
        for (MessageBox.Answer answer : box.answers()) {
            boolean isDefault = box.byDefault().filter(answer.ending()::equals).isPresent();
            boolean isEscape = !isDefault
                    && box.escapeEnding().filter(answer.ending()::equals).isPresent();
            (isDefault ? first : isEscape ? last : middle).add(answer);
        }
        var all = new ArrayList<>(this == DEFAULT_FIRST ? first : last);
        all.addAll(middle);
        all.addAll(this == DEFAULT_FIRST ? last : first);
        return List.copyOf(all);
    }
}
