package attune.app;

import attune.app.backup.CompareCommand;
import attune.app.backup.DataCheck;
import attune.app.backup.IndexRepair;
import attune.app.backup.Passphrase;
import attune.app.backup.RestoreCommand;
import attune.app.crew.OwnerResetCommand;
import attune.app.format.BadInput;
import attune.app.mix.MixCommand;
import attune.app.network.NetworkStart;
import attune.app.network.PortCheck;
import attune.app.planning.PlanCommand;
import attune.app.shelf.CheckCommand;
import attune.app.web.Time;
import attune.core.check.InvalidInputException;
import attune.core.words.Phrases;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** One jar: the web application, and the headless commands. */
@SpringBootApplication
@EnableScheduling
public class AttuneApplication {
  private static final List<String> DEMO =
      List.of("--attune.demo=true", "--attune.shop=Lantern Yard Trim Care");
  private static final String CLOCK = "--clock=";
  private static final String LANGUAGE = "--language=";
  private static final String DATA = "--attune.data=";
  private static final String PASSPHRASE = "--attune.backup.passphrase-file=";

  public static void main(String[] args) {
    System.setProperty("slf4j.internal.verbosity", "ERROR"); // stderr is for faults, a line each
    List<String> words = new ArrayList<>(Arrays.asList(args));
    speak(words);
    String command = words.isEmpty() || words.get(0).startsWith("--") ? "serve" : words.remove(0);
    switch (command) {
      case "plan" -> System.exit(new PlanCommand(out(), err()).run(words));
      case "mix" -> System.exit(new MixCommand(out(), err(), Time.machine()).run(words));
      case "check" -> System.exit(new CheckCommand(out(), err()).run(words));
      case "owner-reset" -> System.exit(new OwnerResetCommand(out(), err()).run(words));
      case "compare" -> System.exit(new CompareCommand(out(), err()).run(words));
      case "restore" -> System.exit(new RestoreCommand(out(), err()).run(words));
      case "seed-shop" -> {
        String[] settings = Stream.concat(DEMO.stream(), words.stream()).toArray(String[]::new);
        System.exit(
            SpringApplication.exit(SpringApplication.run(AttuneApplication.class, settings)));
      }
      case "serve" -> {
        String[] settings = settings(words);
        new IndexRepair(data(settings))
            .run(LocalDateTime.now(Time.machine()))
            .ifPresent(said -> err().println(said));
        new DataCheck(data(settings)).fault().ifPresent(AttuneApplication::refuse);
        Arrays.stream(settings)
            .filter(word -> word.startsWith(PASSPHRASE))
            .flatMap(
                word -> Passphrase.fault(Path.of(word.substring(PASSPHRASE.length()))).stream())
            .forEach(AttuneApplication::refuse);
        settings = onNetwork(settings);
        PortCheck.fault(List.of(settings)).ifPresent(AttuneApplication::refuse);
        SpringApplication.run(AttuneApplication.class, settings);
      }
      default -> {
        System.err.println(Phrases.of(AttuneApplication.class).say("unknown-command", command));
        System.exit(BadInput.STATUS);
      }
    }
  }

  /** Before anything is said. */
  private static void speak(List<String> words) {
    words.stream()
        .filter(word -> word.startsWith(LANGUAGE))
        .map(word -> word.substring(LANGUAGE.length()))
        .findFirst()
        .ifPresent(
            language -> {
              if (!List.of(Phrases.ENGLISH, Phrases.MARKED).contains(language)) {
                refuse(Phrases.of(AttuneApplication.class).say("language-found", language));
              }
              System.setProperty(Phrases.LANGUAGE, language);
            });
    words.removeIf(word -> word.startsWith(LANGUAGE));
  }

  private static String[] onNetwork(String[] settings) {
    try {
      return NetworkStart.settings(List.of(settings), data(settings), Time.machine().instant())
          .toArray(String[]::new);
    } catch (InvalidInputException e) {
      System.exit(BadInput.told(e, err()));
      throw e;
    }
  }

  private static void refuse(String fault) {
    err().println(fault);
    System.exit(BadInput.STATUS);
  }

  private static Path data(String[] settings) {
    return Path.of(
        Arrays.stream(settings)
            .filter(word -> word.startsWith(DATA))
            .map(word -> word.substring(DATA.length()))
            .findFirst()
            .orElse("./attune-data"));
  }

  private static String[] settings(List<String> words) {
    return words.stream()
        .flatMap(word -> word.equals("--demo") ? DEMO.stream() : Stream.of(word))
        .map(word -> word.startsWith(CLOCK) ? checked(word) : word)
        .toArray(String[]::new);
  }

  /** A clock that cannot be read is said in one line, before anything starts. */
  private static String checked(String word) {
    try {
      Time.startingAt(word.substring(CLOCK.length()));
      return "--attune.clock=" + word.substring(CLOCK.length());
    } catch (InvalidInputException e) {
      System.exit(BadInput.told(e, err()));
      throw e;
    }
  }

  private static PrintStream out() {
    return new PrintStream(new FileOutputStream(FileDescriptor.out), true, StandardCharsets.UTF_8);
  }

  private static PrintStream err() {
    return new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8);
  }
}
