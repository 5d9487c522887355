package ojala.core.format;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import ojala.core.format.clover.Clover;
import ojala.core.format.cobertura.Cobertura;
import ojala.core.format.coveragepy.CoveragePy;
import ojala.core.format.exchange.Exchange;
import ojala.core.format.gcov.Gcov;
import ojala.core.format.gcovtext.GcovText;
import ojala.core.format.goprofile.GoProfile;
import ojala.core.format.istanbul.Istanbul;
import ojala.core.format.jacoco.Jacoco;
import ojala.core.format.lcov.Lcov;
import ojala.core.format.llvm.Llvm;
import ojala.core.format.opencover.OpenCover;
import ojala.core.format.ruby.RubyCoverage;
import ojala.core.format.simplecov.SimpleCov;
import ojala.core.format.v8.V8;

/** The formats that Ojala reads, in the order in which they are asked. A new format is one package and one row here. */
public final class Formats {
    public static final List<Format> ALL = List.of(
            new Lcov(),
            new GoProfile(),
            new GcovText(),
            new Cobertura(),
            new Jacoco(),
            new Clover(),
            new OpenCover(),
            new Exchange(),
            new Gcov(),
            new Llvm(),
            new Istanbul(),
            new V8(),
            new CoveragePy(),
            new SimpleCov(),
            new RubyCoverage());

    private Formats() {}

    /** The first format that recognises a report by its beginning. */
    public static Optional<Format> recognise(Head head) {
        return ALL.stream().filter(format -> format.recognises(head)).findFirst();
    }

    public static Optional<Format> named(String name) {
        return ALL.stream().filter(format -> format.name().equals(name)).findFirst();
    }

    /** The names of all formats, for messages. */
    public static String names() {
        return ALL.stream().map(Format::name).collect(Collectors.joining(", "));
    }

    /** The titles of all formats, for messages. */
    public static String titles() {
        return ALL.stream().map(Format::title).collect(Collectors.joining(", "));
    }
}
