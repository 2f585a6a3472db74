package bivouac.sentence;

import bivouac.design.FacedWindow;
import bivouac.design.Part;
import bivouac.design.Row;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Where a typed part stands: at the end of its window, or on a page of it (P8): {@code text field Name on page Guests}.
 *
 * @param rest what is said of the part before that
 */
public record OnPage(String rest, Optional<Row.Page> page) {

    private static final String WORDS = " on page ";

    /** A page that the window does not have is no page, and the words belong to what stands on the part. */
    static OnPage of(FacedWindow face, String typed) {
        int at = StepTyping.lower(typed).lastIndexOf(WORDS);
        if (at < 0) {
            return new OnPage(typed, Optional.empty());
        }
        Optional<Row.Page> page = read(face, typed.substring(at + WORDS.length()));
        return new OnPage(page.isPresent() ? typed.substring(0, at).strip() : typed, page);
    }

    /** A page by its words, whatever the case; the first where several have them. */
    public static Optional<Row.Page> read(FacedWindow face, String typed) {
        return face.pages().stream()
                .filter(p -> write(face, p).equalsIgnoreCase(typed.strip())
                        || p.item().equalsIgnoreCase(typed.strip()))
                .findFirst();
    }

    /** What a page is called: what stands on it; where two have the same, with the name of the pages. */
    public static String write(FacedWindow face, Row.Page page) {
        boolean twice = face.pages().stream()
                        .filter(p -> p.item().equalsIgnoreCase(page.item()))
                        .count()
                > 1;
        return twice ? page.item() + " of " + page.pages() : page.item();
    }

    /** All pages of a window, as they are typed. */
    public static List<String> all(FacedWindow face) {
        return face.pages().stream().map(p -> write(face, p)).toList();
    }

    static List<String> offers(FacedWindow face) {
        return all(face).stream().map(p -> WORDS.stripLeading() + p).toList();
    }

    /** A button stands beside the buttons before it; everything else begins a row, unless it is said to stand beside. */
    List<Row> place(List<Row> rows, Part part, boolean beside) {
        if (Row.of(part).isStatusLine() && !rows.isEmpty() && rows.getLast().isStatusLine()) {
            return joined(rows, rows.size() - 1, part);
        }
        boolean underAll = page.isEmpty() && !Row.of(part).isStatusLine();
        int behind = page.isPresent() ? endOf(rows, page.get()) : underAll ? endOfBody(rows) : rows.size();
        boolean goesOn = behind > 0
                && rows.get(behind - 1).page().equals(page)
                && !rows.get(behind - 1).isStatusLine();
        boolean buttonsLast = goesOn && rows.get(behind - 1).isButtons();
        boolean isButton = part instanceof Part.Button;
        // where something that is no button goes: above the buttons, which stay at the foot
        int end = buttonsLast && !isButton ? behind - 1 : behind;
        boolean joins = end > 0 && (beside && (goesOn || page.isEmpty()) || isButton && buttonsLast);
        if (joins) {
            return joined(rows, end - 1, part);
        }
        var changed = new ArrayList<>(rows);
        changed.add(end, Row.of(part).on(page));
        return changed;
    }

    private static List<Row> joined(List<Row> rows, int at, Part part) {
        var parts = new ArrayList<>(rows.get(at).parts());
        parts.add(part);
        var changed = new ArrayList<>(rows);
        changed.set(at, changed.get(at).with(parts));
        return changed;
    }

    /** The status line stays at the foot. */
    private static int endOfBody(List<Row> rows) {
        int end = rows.size();
        while (end > 0 && rows.get(end - 1).isStatusLine()) {
            end--;
        }
        return end;
    }

    /** Behind the last row of the page; of its pages, where it has none yet; behind the pages themselves. */
    private static int endOf(List<Row> rows, Row.Page page) {
        Predicate<Row> onIt = r -> r.page().equals(Optional.of(page));
        Predicate<Row> onOthers = r -> r.page().map(Row.Page::pages).equals(Optional.of(page.pages()));
        Predicate<Row> pages = r -> r.holds(page.pages());
        for (Predicate<Row> wanted : List.of(onIt, onOthers, pages)) {
            for (int i = rows.size(); i > 0; i--) {
                if (wanted.test(rows.get(i - 1))) {
                    return i;
                }
            }
        }
        return rows.size();
    }
}
