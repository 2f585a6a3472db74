package frame;

import java.awt.datatransfer.DataFlavor;
import java.awt.datatransfer.UnsupportedFlavorException;
import java.io.File;
import java.io.IOException;
import java.util.List;
import java.util.function.Consumer;
import javax.swing.TransferHandler;

/** Files can be dropped on a window (F2); fields for text take text, and no files. */
@SuppressWarnings("serial")
final class DroppedFiles extends TransferHandler {

    private final transient Consumer<List<String>> dropped;

    DroppedFiles(Consumer<List<String>> dropped) {
        this.dropped = dropped;
    }

    @Override
    public boolean canImport(TransferSupport support) {
        return support.isDataFlavorSupported(DataFlavor.javaFileListFlavor);
    }

    @Override
    public boolean importData(TransferSupport support) {
        try {
            List<?> files = (List<?>) support.getTransferable().getTransferData(DataFlavor.javaFileListFlavor);
            dropped.accept(files.stream().map(f -> ((File) f).getAbsolutePath()).toList());
            return true;
        } catch (UnsupportedFlavorException | IOException gone) {
            return false;
        }
    }
}
