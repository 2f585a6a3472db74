package bivouac.design;

/** A part with other values in what all parts have; the one place where a changed part is put together. */
final class PartCopy {

    private PartCopy() {}

    /** @param script of its trigger; left out where its kind has none */
    static Part of(Part part, Name name, Script script, Traits traits) {
        return switch (part) {
            case Part.Caption p -> new Part.Caption(name, p.text(), p.size(), traits);
            case Part.Picture p -> new Part.Picture(name, p.file(), traits);
            case Part.Progress p -> new Part.Progress(name, p.label(), p.task(), traits);
            case Part.Link p -> new Part.Link(name, p.text(), p.address(), script, traits);
            case Part.TextField p ->
                new Part.TextField(name, p.label(), p.starts(), p.longest(), p.entry(), script, traits);
            case Part.ValueField p -> new Part.ValueField(name, p.label(), p.holds(), p.starts(), script, traits);
            case Part.Choice p ->
                new Part.Choice(name, p.label(), p.items(), p.follows(), p.starts(), p.drawn(), script, traits);
            case Part.ListOfRows p ->
                new Part.ListOfRows(
                        name, p.label(), p.columns(), p.first(), p.several(), p.byHand(), script, p.moments(), traits);
            case Part.TickBox p -> new Part.TickBox(name, p.text(), p.ticked(), script, traits);
            case Part.Button p -> new Part.Button(name, p.text(), p.isDefault(), p.each(), script, traits);
            case Part.MenuCommand p ->
                new Part.MenuCommand(
                        name,
                        p.text(),
                        p.shortcut(),
                        p.ticking(),
                        p.separated(),
                        p.tool(),
                        p.each(),
                        p.does(),
                        script,
                        traits);
        };
    }
}
