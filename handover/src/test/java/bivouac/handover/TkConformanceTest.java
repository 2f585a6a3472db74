package bivouac.handover;

class TkConformanceTest extends ConformanceTest {

    TkConformanceTest() {
        super(Toolkit.TK);
    }
}
