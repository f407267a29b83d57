package vantbreeze.trials;

import java.nio.file.Files;
import java.nio.file.Path;

/** Runs the trials. */
public final class Trials {

    private Trials() { }

    public static void main(String[] arguments) throws Exception {
        House.Start start = House.Start.ofLayout(Path.of(arguments[0])).with("-Xmx512m", "-XX:TieredStopAtLevel=1");
        System.out.println(new KillTrial(start, Files.createTempDirectory("vantbreeze-kills"), 13).run(Integer.parseInt(arguments[1])));
    }
}
