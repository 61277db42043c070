import com.sun.source.tree.ClassTree;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.MethodTree;
import com.sun.source.tree.Tree;
import com.sun.source.tree.VariableTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.SourcePositions;
import com.sun.source.util.TreeScanner;
import com.sun.source.util.Trees;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import javax.lang.model.element.Modifier;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;

/**
 * How long the pieces of the Java code are: a line of tab-separated kind, lines and where for each
 * file, method, constructor (its parameters) and record (its components). Test code is told apart,
 * since a case may be as long as its story.
 *
 * <p>{@code java tools/Figures.java DIRECTORY...}
 */
public final class Figures {
  private final Trees trees;
  private final SourcePositions positions;

  private Figures(JavacTask task) {
    trees = Trees.instance(task);
    positions = trees.getSourcePositions();
  }

  public static void main(String[] roots) throws IOException {
    List<Path> files = new ArrayList<>();
    for (String root : roots) {
      try (Stream<Path> all = Files.walk(Path.of(root))) {
        all.filter(path -> path.toString().endsWith(".java"))
            .filter(path -> !path.toString().contains("/target/"))
            .sorted()
            .forEach(files::add);
      }
    }
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, null);
    Iterable<? extends JavaFileObject> sources = manager.getJavaFileObjectsFromPaths(files);
    JavacTask task =
        (JavacTask) compiler.getTask(null, manager, problem -> {}, List.of("-proc:none"), null, sources);
    Figures figures = new Figures(task);
    for (CompilationUnitTree unit : task.parse()) {
      figures.tell(unit);
    }
  }

  private void tell(CompilationUnitTree unit) {
    String path = Path.of("").toAbsolutePath().relativize(Path.of(unit.getSourceFile().toUri())).toString();
    boolean test = path.contains("/src/test/");
    tell(test ? "test-file" : "file", unit.getLineMap().getLineNumber(end(unit, unit)), path);
    if (!test) {
      new Pieces(unit, path).scan(unit, null);
    }
  }

  private static void tell(String kind, long lines, String where) {
    System.out.println(kind + "\t" + lines + "\t" + where);
  }

  private long end(CompilationUnitTree unit, Tree tree) {
    return Math.max(0, positions.getEndPosition(unit, tree) - 1);
  }

  private final class Pieces extends TreeScanner<Void, Void> {
    private final CompilationUnitTree unit;
    private final String path;
    private boolean inRecord;

    Pieces(CompilationUnitTree unit, String path) {
      this.unit = unit;
      this.path = path;
    }

    @Override
    public Void visitMethod(MethodTree method, Void none) {
      if (method.getBody() != null && method.getName().contentEquals("<init>") && !inRecord) {
        tell("constructor", method.getParameters().size(), at(method) + " constructor");
      }
      if (method.getBody() != null) {
        tell("method", lines(method), at(method) + " " + method.getName());
      }
      return super.visitMethod(method, none);
    }

    @Override
    public Void visitClass(ClassTree type, Void none) {
      if (type.getKind() == Tree.Kind.RECORD) {
        long components =
            type.getMembers().stream()
                .filter(member -> member instanceof VariableTree)
                .filter(member -> !((VariableTree) member).getModifiers().getFlags().contains(Modifier.STATIC))
                .count();
        tell("record", components, at(type) + " " + type.getSimpleName());
      }
      boolean outer = inRecord;
      inRecord = type.getKind() == Tree.Kind.RECORD; // its parameters are what it holds
      super.visitClass(type, none);
      inRecord = outer;
      return none;
    }

    private long lines(Tree tree) {
      return line(end(unit, tree)) - line(start(tree)) + 1;
    }

    private long start(Tree tree) {
      // the declaration, without what is written above it
      return tree instanceof MethodTree method && method.getBody() != null
          ? signature(method)
          : positions.getStartPosition(unit, tree);
    }

    private long signature(MethodTree method) {
      long after = positions.getEndPosition(unit, method.getModifiers());
      return after < 0 ? positions.getStartPosition(unit, method) : after;
    }

    private long line(long position) {
      return unit.getLineMap().getLineNumber(position);
    }

    private String at(Tree tree) {
      return path + ":" + line(positions.getStartPosition(unit, tree));
    }
  }
}
