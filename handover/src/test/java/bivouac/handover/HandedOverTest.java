package bivouac.handover;

import static org.assertj.core.api.Assertions.assertThat;

import bivouac.design.Design;
import bivouac.format.DesignFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A program in its folder, for each toolkit: written, written again, and with the pictures of its design. */
class HandedOverTest {

    @TempDir
    Path folder;

    @ParameterizedTest
    @EnumSource
    void it_is_written_once_and_then_as_it_was(Toolkit toolkit) throws Exception {
        Design design = Projects.example("ferry-bell");
        HandedOver first = HandedOver.to(folder, design, toolkit, Optional.empty(), HandedOver.Allowed.NOTHING);
        assertThat(first.changes()).isNotEmpty().allMatch(c -> c.kind() == Change.Kind.NEW);
        HandedOver again = HandedOver.to(folder, design, toolkit, Optional.empty(), HandedOver.Allowed.NOTHING);
        assertThat(again.changes())
                .allMatch(c -> c.kind() == Change.Kind.SAME || c.kind() == Change.Kind.OWN)
                .hasSameSizeAs(first.changes());
        assertThat(again.byHand()).isZero();
    }

    @ParameterizedTest
    @EnumSource
    void what_was_changed_by_hand_is_kept_until_told_otherwise_and_what_is_yours_always(Toolkit toolkit)
            throws Exception {
        Design design = Projects.example("ferry-bell");
        HandedOver written = HandedOver.to(folder, design, toolkit, Optional.empty(), HandedOver.Allowed.NOTHING);
        Path own = folder.resolve(written.files().stream()
                .filter(WrittenFile::own)
                .findFirst()
                .orElseThrow()
                .path());
        Files.writeString(own, "mine");
        Path readme = folder.resolve("README.md");
        Files.writeString(readme, "changed");
        HandedOver kept = HandedOver.to(folder, design, toolkit, Optional.empty(), HandedOver.Allowed.NOTHING);
        assertThat(kept.byHand()).isEqualTo(1);
        assertThat(readme).hasContent("changed");
        HandedOver.to(folder, design, toolkit, Optional.empty(), new HandedOver.Allowed(true, false));
        assertThat(Files.readString(readme)).contains("## What is yours");
        assertThat(own).hasContent("mine");
    }

    @ParameterizedTest
    @EnumSource
    void pictures_go_where_the_program_looks_for_them(Toolkit toolkit) throws Exception {
        Path hut = Path.of("../examples/ridge-hut.bivouac");
        Design design = DesignFile.read(hut);
        HandedOver done = HandedOver.to(
                folder, design, toolkit, Optional.of(hut.toAbsolutePath().getParent()), HandedOver.Allowed.NOTHING);
        assertThat(folder.resolve(Handover.pictures(design, toolkit)).resolve("ridge.png"))
                .exists();
        assertThat(done.missing()).isEmpty();
    }
}
