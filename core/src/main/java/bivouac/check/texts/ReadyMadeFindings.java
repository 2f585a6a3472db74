package bivouac.check.texts;

import bivouac.check.finding.Finding;
import bivouac.check.finding.Finding.Kind;
import bivouac.check.finding.Finding.Weight;
import bivouac.check.known.Place;
import bivouac.check.ways.NameRepair;
import bivouac.check.ways.ReadyMadeRepair;
import bivouac.design.Design;
import bivouac.design.FileDialog;
import bivouac.design.MessageBox;
import bivouac.design.Picker;
import bivouac.design.ReadyMade;
import java.util.HashSet;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What is wrong with message boxes and file dialogs by themselves. */
public final class ReadyMadeFindings {

    /** What people write who mean all files of a kind: csv, or .csv. */
    private static final Pattern EXTENSION = Pattern.compile("\\.?[a-z0-9]{1,5}");

    private ReadyMadeFindings() {}

    public static void into(List<Finding> found, Design design, ReadyMade window) {
        switch (window) {
            case MessageBox box -> box(found, box);
            case FileDialog dialog -> dialog(found, design, dialog);
            case Picker picker -> {
                // what it picks first is an expression, and checked as those are
            }
        }
    }

    private static void box(List<Finding> found, MessageBox box) {
        String name = box.name().shown();
        AccessKeyFindings.into(found, box);
        if (box.text().isBlank()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.EMPTY_MESSAGE,
                    name + " says nothing.",
                    "A message box without a text tells nobody what happened or what to answer.",
                    Place.window(name),
                    List.of(new ReadyMadeRepair.SayItsName(name))));
        }
        if (box.answers().isEmpty()) {
            found.add(new Finding(
                    Weight.WRONG,
                    Kind.NO_WAY_OUT,
                    name + " has no button.",
                    "It is always waited for (C7), so the application would hang.",
                    Place.window(name),
                    List.of(new ReadyMadeRepair.AddButton(name))));
        }
        for (var key : ReadyMadeRepair.Means.Key.values()) {
            var marked = key == ReadyMadeRepair.Means.Key.ENTER ? box.byDefault() : box.escape();
            marked.filter(e -> box.ending(e).isEmpty())
                    .ifPresent(e -> found.add(new Finding(
                            Weight.WRONG,
                            Kind.DANGLING,
                            name + " has no button “" + e + "”, which " + key.word + " is to press.",
                            "The key would do nothing.",
                            Place.window(name),
                            List.of(new ReadyMadeRepair.MeansNothing(name, key)))));
        }
    }

    private static void dialog(List<Finding> found, Design design, FileDialog dialog) {
        String name = dialog.name().shown();
        var labels = new HashSet<String>();
        for (FileDialog.Filter filter : dialog.offered()) {
            filter.patterns().stream()
                    .filter(p -> !FileDialog.Filter.isPattern(p))
                    .forEach(p -> found.add(new Finding(
                            Weight.WRONG,
                            Kind.FILTER,
                            "“" + p + "” in the filter “" + filter.label() + "” of " + name
                                    + " is no pattern of file names.",
                            "No file would be shown; a pattern is for example *.csv, without a folder.",
                            Place.window(name),
                            List.of(new ReadyMadeRepair.MendPattern(name, p)))));
            filter.patterns().stream()
                    .filter(p -> FileDialog.Filter.isPattern(p) && !p.contains("*") && !p.contains("?"))
                    .forEach(p -> found.add(new Finding(
                            EXTENSION.matcher(p).matches() ? Weight.RISKY : Weight.HINT,
                            Kind.FILTER,
                            "“" + p + "” in the filter “" + filter.label() + "” of " + name
                                    + " has no star, and so means the one file of that name.",
                            "A pattern for all files of a kind is for example *.csv.",
                            Place.window(name),
                            List.of(new ReadyMadeRepair.MendPattern(name, p)))));
            if (filter.patterns().isEmpty()) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.FILTER,
                        "The filter “" + filter.label() + "” of " + name + " has no pattern.",
                        "No file would be shown; write for example: " + filter.label() + ": *.csv.",
                        Place.window(name),
                        List.of(new ReadyMadeRepair.RemoveFilter(name, filter.label()))));
            }
            if (!labels.add(filter.label())) {
                found.add(new Finding(
                        Weight.WRONG,
                        Kind.NAME_TWICE,
                        "Two filters of " + name + " are called “" + filter.label() + "”.",
                        "What comes back names the filter, and only the first can be chosen; nobody could tell which one was on.",
                        Place.window(name),
                        List.of(NameRepair.second(NameRepair.Of.FILTER, name, filter.label()))));
            }
        }
        if (dialog.asks() == FileDialog.Asks.SAVE
                && dialog.extension().isEmpty()
                && dialog.offered().stream().allMatch(f -> f.extension().isEmpty())) {
            found.add(new Finding(
                    Weight.HINT,
                    Kind.FILTER,
                    name + " adds no extension to a name typed without one.",
                    "The file would not be found by its kind later; give it a filter or an extension.",
                    Place.window(name),
                    List.of(new ReadyMadeRepair.AddExtension(name, extension(design)))));
        }
        if (!dialog.asksToReplace() && dialog.asks() == FileDialog.Asks.SAVE) {
            found.add(new Finding(
                    Weight.RISKY,
                    Kind.FILTER,
                    name + " does not ask before it replaces a file.",
                    "A name typed twice would overwrite the first file without a word (C8).",
                    Place.window(name),
                    List.of(new ReadyMadeRepair.AskToReplace(name))));
        }
    }

    /** What the other dialogs of the design are about; where none says it, text. */
    private static String extension(Design design) {
        return design.windows().stream()
                .filter(FileDialog.class::isInstance)
                .map(FileDialog.class::cast)
                .flatMap(d -> Stream.concat(
                        Stream.of(d.extension()), d.offered().stream().map(FileDialog.Filter::extension)))
                .filter(e -> !e.isEmpty())
                .findFirst()
                .orElse("txt");
    }
}
