import java.io.File;
import org.teavm.backend.javascript.JSModuleType;
import org.teavm.tooling.ConsoleTeaVMToolLog;
import org.teavm.tooling.TeaVMProblemRenderer;
import org.teavm.tooling.TeaVMTargetType;
import org.teavm.tooling.TeaVMTool;
import org.teavm.vm.TeaVMOptimizationLevel;

/**
 * Compiles the player and all of core that it uses to one script.
 *
 * <p>Arguments: the folder it goes to.
 */
public final class ToJavaScript {

    private ToJavaScript() {}

    public static void main(String[] args) throws Exception {
        File folder = new File(args[0]);
        TeaVMTool tool = new TeaVMTool();
        tool.setLog(new ConsoleTeaVMToolLog(false));
        tool.setTargetType(TeaVMTargetType.JAVASCRIPT);
        tool.setJsModuleType(JSModuleType.NONE);
        tool.setMainClass("pandel.player.Browser");
        tool.setTargetDirectory(folder);
        tool.setTargetFileName("player.js");
        tool.setClassLoader(ToJavaScript.class.getClassLoader());
        tool.setObfuscated(true);
        tool.setStrict(true);
        tool.setOptimizationLevel(TeaVMOptimizationLevel.ADVANCED);
        tool.generate();
        var wrong = tool.getProblemProvider().getSevereProblems();
        if (!wrong.isEmpty()) {
            TeaVMProblemRenderer.describeProblems(
                    tool.getDependencyInfo().getCallGraph(), tool.getProblemProvider(), new ConsoleTeaVMToolLog(false));
            System.exit(1);
        }
    }
}
