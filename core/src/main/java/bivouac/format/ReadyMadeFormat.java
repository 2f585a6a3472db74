package bivouac.format;

import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import bivouac.design.Window;
import bivouac.design.WindowFrame;
import java.util.LinkedHashMap;
import java.util.Map;

/** Message boxes, file dialogs and pickers in files. */
final class ReadyMadeFormat {

    private static final Map<String, MessageBox.Severity> SEVERITIES =
            words(MessageBox.Severity.values(), MessageBox.Severity::word);
    private static final Map<String, WindowFrame.Place> PLACES =
            words(MessageBox.PLACES.toArray(WindowFrame.Place[]::new), WindowFrame.Place::words);
    private static final Map<String, FileDialog.Asks> ASKS = words(FileDialog.Asks.values(), FileDialog.Asks::words);

    private ReadyMadeFormat() {}

    /** What each word stands for. */
    static <T> Map<String, T> words(T[] values, java.util.function.Function<T, String> word) {
        var map = new LinkedHashMap<String, T>();
        for (T value : values) {
            map.put(word.apply(value), value);
        }
        return map;
    }

    static void into(Map<String, Fields.Reader<Window>> kinds) {
        kinds.put("message box", ReadyMadeFormat::box);
        kinds.put("file dialog", ReadyMadeFormat::fileDialog);
        for (Picker.Of of : Picker.Of.values()) {
            kinds.put(of.word() + " picker", json -> picker(json, of));
        }
    }

    static JsonOut.Members write(ReadyMade window) {
        return switch (window) {
            case MessageBox box -> write(box);
            case FileDialog dialog -> write(dialog);
            case Picker picker -> write(picker);
        };
    }

    private static MessageBox box(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        f.find("window");
        Name name = f.name();
        var box = new MessageBox(
                name,
                f.text("title", name.shown()),
                f.value("severity", MessageBox.Severity.INFO, j -> Fields.oneOf(j, SEVERITIES)),
                f.text("text", ""),
                f.list("takes", WindowFormat::take),
                f.list("buttons", j -> {
                    Fields b = Fields.of(j);
                    String text = b.text("text");
                    var answer = new MessageBox.Answer(
                            text, b.text("ending", MessageBox.Answer.of(text).ending()));
                    b.done();
                    return answer;
                }),
                f.optionalText("default"),
                f.optionalText("escape"),
                f.value("opens", MessageBox.PLACES.getFirst(), j -> Fields.oneOf(j, PLACES)));
        f.done();
        return box;
    }

    private static JsonOut.Members write(MessageBox b) {
        var out = new JsonOut.Members().put("window", b.kind());
        WindowFormat.write(out, b.name());
        out.putUnless(b.title().equals(b.name().shown()), "title", b.title())
                .putUnless(
                        b.severity() == MessageBox.Severity.INFO,
                        "severity",
                        b.severity().word())
                .putUnlessEmpty("text", b.text())
                .list("takes", b.takes(), WindowFormat::write)
                .list("buttons", b.answers(), a -> new JsonOut.Members()
                        .put("text", a.text())
                        .putUnless(MessageBox.Answer.of(a.text()).equals(a), "ending", a.ending()));
        return out.put("default", b.byDefault())
                .put("escape", b.escape())
                .putUnless(
                        b.place() == MessageBox.PLACES.getFirst(),
                        "opens",
                        b.place().words());
    }

    private static FileDialog fileDialog(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        f.find("window");
        Name name = f.name();
        FileDialog.Asks asks = Fields.oneOf(f.must("asks for"), ASKS);
        var dialog = new FileDialog(
                name,
                asks,
                f.text("title", name.shown()),
                f.list("takes", WindowFormat::take),
                f.list("filters", ReadyMadeFormat::filter),
                f.yes("allFiles", asks != FileDialog.Asks.FOLDER),
                f.text("extension", ""),
                f.text("startsIn", ""),
                f.yes("asksToReplace", true));
        f.done();
        return dialog;
    }

    private static FileDialog.Filter filter(Json json) throws Unreadable {
        Fields f = Fields.of(json);
        var filter = new FileDialog.Filter(f.text("label"), f.list("patterns", Fields::asText));
        f.done();
        return filter;
    }

    private static JsonOut.Members write(FileDialog d) {
        var out = new JsonOut.Members().put("window", d.kind());
        WindowFormat.write(out, d.name());
        return out.put("asks for", d.asks().words())
                .putUnless(d.title().equals(d.name().shown()), "title", d.title())
                .list("takes", d.takes(), WindowFormat::write)
                .list("filters", d.filters(), f -> new JsonOut.Members()
                        .put("label", f.label())
                        .put("patterns", f.patterns()))
                .putUnless(d.allFiles() == (d.asks() != FileDialog.Asks.FOLDER), "allFiles", d.allFiles())
                .putUnlessEmpty("extension", d.extension())
                .putUnlessEmpty("startsIn", d.startsIn())
                .putUnless(d.asksToReplace(), "asksToReplace", false);
    }

    private static Picker picker(Json json, Picker.Of of) throws Unreadable {
        Fields f = Fields.of(json);
        f.find("window");
        Name name = f.name();
        var picker = new Picker(
                name, of, f.text("title", name.shown()), f.list("takes", WindowFormat::take), f.expression("starts"));
        f.done();
        return picker;
    }

    private static JsonOut.Members write(Picker p) {
        var out = new JsonOut.Members().put("window", p.kind());
        WindowFormat.write(out, p.name());
        return out.putUnless(p.title().equals(p.name().shown()), "title", p.title())
                .list("takes", p.takes(), WindowFormat::write)
                .put("starts", p.starts());
    }
}
