package ablemedic;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "ablemedic", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule theReasoningKnowsNoTrade = noClasses().that().resideInAPackage("..diagnosis..")
      .should().dependOnClassesThat().resideInAnyPackage("..craft..", "..takeoff..", "..handbook..");

  @ArchTest
  static final ArchRule theCraftKnowsNoReasoning = noClasses().that().resideInAPackage("..craft..")
      .should().dependOnClassesThat().resideInAnyPackage("..diagnosis..", "..takeoff..");

  @ArchTest
  static final ArchRule packagesFormNoCircle = slices().matching("ablemedic.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule theCoreIsPlainJava = classes().that().resideInAPackage("ablemedic..")
      .should().onlyDependOnClassesThat().resideInAnyPackage("ablemedic..", "java..", "org.hipparchus..");
}
