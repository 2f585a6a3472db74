package bivouac.sentence;

import bivouac.design.FacedWindow;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Name;
import bivouac.design.Picker;
import bivouac.design.Window;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/**
 * A kind of window that can be made by naming it, in the roster and in a sentence.
 *
 * @param words the kind, as it is typed
 */
public record NewWindow(String words, Function<Name, Window> maker) {

    /** All kinds, those that people make most first. */
    public static List<NewWindow> all() {
        var all = new ArrayList<NewWindow>();
        for (FacedWindow.Kind kind : List.of(FacedWindow.Kind.DIALOG, FacedWindow.Kind.CHILD, FacedWindow.Kind.MAIN)) {
            all.add(new NewWindow(
                    kind.words(), name -> FacedWindow.of(kind, name.shown()).named(name)));
        }
        all.add(new NewWindow("message box", NewWindow::box));
        all.add(new NewWindow("file dialog to open", name -> FileDialog.of(name, FileDialog.Asks.ONE)));
        all.add(new NewWindow("file dialog to open several", name -> FileDialog.of(name, FileDialog.Asks.SEVERAL)));
        all.add(new NewWindow("file dialog to save", name -> FileDialog.of(name, FileDialog.Asks.SAVE)));
        all.add(new NewWindow("folder dialog", name -> FileDialog.of(name, FileDialog.Asks.FOLDER)));
        for (Picker.Of of : Picker.Of.values()) {
            all.add(new NewWindow(of.word() + " picker", name -> Picker.of(name, of)));
        }
        // the longer words first where one begins with the other
        all.sort((a, b) -> a.words().startsWith(b.words()) ? -1 : b.words().startsWith(a.words()) ? 1 : 0);
        return List.copyOf(all);
    }

    /** One of this kind, with nothing said but its name. */
    public Window named(Name name) {
        return maker.apply(name);
    }

    private static MessageBox box(Name name) {
        var ok = MessageBox.Answer.of("OK");
        return new MessageBox(
                name,
                name.shown(),
                MessageBox.Severity.INFO,
                "",
                List.of(),
                List.of(ok),
                Optional.of(ok.ending()),
                Optional.empty());
    }
}
