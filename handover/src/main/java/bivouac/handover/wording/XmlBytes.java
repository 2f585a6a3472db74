package bivouac.handover.wording;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The text of an XML file in the encoding that it says (XML 1.0, 4.3.3 and appendix F): by its mark, by its first bytes, by its
 * declaration, else UTF-8. Decoded here and not by the parser, which tells what it cannot decode to whoever reads the terminal.
 */
final class XmlBytes {

    /** A declaration stands at the very beginning, and is shorter than this. */
    private static final int BEGINNING = 200;

    private static final Pattern DECLARED =
            Pattern.compile("^<\\?xml[^>]*?encoding\\s*=\\s*[\"']([A-Za-z0-9._-]+)[\"']", Pattern.DOTALL);

    private XmlBytes() {}

    static String text(byte[] bytes) throws NotTexts {
        Charset charset = charset(bytes);
        try {
            String text = charset.newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
            return text.startsWith("\uFEFF") ? text.substring(1) : text;
        } catch (CharacterCodingException noText) {
            throw new NotTexts("This is no XML: some of its bytes are no text in " + charset.name()
                    + ", which it says it is; save it in UTF-8.");
        }
    }

    private static Charset charset(byte[] bytes) throws NotTexts {
        int first = bytes.length > 0 ? bytes[0] & 0xff : -1;
        int second = bytes.length > 1 ? bytes[1] & 0xff : -1;
        if (first == 0xfe && second == 0xff || first == 0 && second == '<') {
            return StandardCharsets.UTF_16BE;
        }
        if (first == 0xff && second == 0xfe || first == '<' && second == 0) {
            return StandardCharsets.UTF_16LE;
        }
        String beginning = new String(bytes, 0, Math.min(bytes.length, BEGINNING), StandardCharsets.ISO_8859_1);
        Matcher declared = DECLARED.matcher(beginning);
        if (!declared.find()
                || declared.group(1).toUpperCase(java.util.Locale.ROOT).startsWith("UTF-16")) {
            return StandardCharsets.UTF_8;
        }
        try {
            return Charset.forName(declared.group(1));
        } catch (IllegalCharsetNameException | UnsupportedCharsetException unknown) {
            throw new NotTexts("It says that it is in “" + declared.group(1)
                    + "”, which is no encoding that is known here; save it in UTF-8.");
        }
    }
}
