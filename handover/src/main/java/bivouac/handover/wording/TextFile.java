package bivouac.handover.wording;

import bivouac.design.Limits;
import bivouac.design.Wording;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import bivouac.format.Utf8;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** A file of texts; its ending says which format it has. */
public record TextFile(Path path) {

    private static final String TRANSLATION = ".xlf";
    private static final String TABLE = ".csv";

    /** Languages as in BCP 47; {@code into} is none where the texts stay in their language. */
    public record Languages(String from, Optional<String> into) {}

    /** Writes the texts; over what was there only where nothing came back in it. */
    public void write(List<Wording> texts, String original, Languages languages) throws NotTexts {
        keep();
        String file =
                isTable() ? TextTable.write(texts) : Xliff.write(texts, original, languages.from(), languages.into());
        try {
            SafeFile.replace(path, file.getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new NotTexts(path + " could not be written: " + SafeFile.why(e) + ".");
        } catch (Unreadable e) {
            throw new NotTexts(e.getMessage());
        }
    }

    /** What a translator wrote is not written over, nor is what nobody can tell from it. */
    private void keep() throws NotTexts {
        if (!Files.exists(path)) {
            return;
        }
        List<Returned> there;
        try {
            there = read();
        } catch (NotTexts notOurs) {
            throw new NotTexts(
                    path + " is there already, and is no file of texts that can be read; name another file, or"
                            + " take that one away. (" + notOurs.getMessage() + ")");
        }
        long back = there.stream().filter(r -> !r.after().equals(r.before())).count();
        if (back > 0) {
            throw new NotTexts(path + " holds " + (back == 1 ? "a text that was" : back + " texts that were")
                    + " written by somebody and would be lost; take them in first, or name another file.");
        }
    }

    public List<Returned> read() throws NotTexts {
        boolean table = isTable();
        try {
            return table
                    ? TextTable.read(Utf8.read(path, (int) Limits.LARGEST_FILE))
                    : Xliff.read(Utf8.bytes(path, (int) Limits.LARGEST_FILE));
        } catch (Unreadable e) {
            throw new NotTexts(e.getMessage());
        } catch (NotTexts e) {
            throw new NotTexts(path.getFileName() + ": " + e.getMessage());
        }
    }

    private boolean isTable() throws NotTexts {
        String name = String.valueOf(path.getFileName()).toLowerCase(Locale.ROOT);
        if (!name.endsWith(TABLE) && !name.endsWith(TRANSLATION)) {
            throw new NotTexts("Texts are written as " + TRANSLATION + " (XLIFF, for translation tools) or " + TABLE
                    + " (for spreadsheets); " + path.getFileName() + " is neither.");
        }
        return name.endsWith(TABLE);
    }
}
