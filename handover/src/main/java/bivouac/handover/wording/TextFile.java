package bivouac.handover.wording;

import bivouac.design.Limits;
import bivouac.design.Wording;
import bivouac.format.SafeFile;
import bivouac.format.Unreadable;
import bivouac.format.Utf8;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
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

    /** Writes the texts, over what was there. */
    public void write(List<Wording> texts, String original, Languages languages) throws NotTexts {
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

    public List<Returned> read() throws NotTexts {
        boolean table = isTable();
        try {
            String file = Utf8.read(path, (int) Limits.LARGEST_FILE);
            return table ? TextTable.read(file) : Xliff.read(file);
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
