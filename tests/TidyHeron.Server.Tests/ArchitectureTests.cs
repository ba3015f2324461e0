using System.Reflection;
using NetArchTest.Rules;
using Shouldly;

namespace TidyHeron.Server.Tests;

/// <summary>The direction of the arrows between the rooms, and a feature's folders named alike on every level.</summary>
public class ArchitectureTests
{
    private static readonly Assembly Core = typeof(Core.Notation.Form).Assembly;
    private static readonly Assembly Formats = typeof(Formats.FormDocument).Assembly;
    private static readonly Assembly Store = typeof(Store.HeronDb).Assembly;

    [Fact]
    public void The_core_knows_nobody() => Core.GetReferencedAssemblies().Select(a => a.Name!)
        .ShouldAllBe(name => name.StartsWith("System", StringComparison.Ordinal) || name == "netstandard");

    [Fact]
    public void Formats_and_store_know_the_core_but_not_each_other_nor_the_server()
    {
        NotDependingOn(Formats, "TidyHeron.Store", "TidyHeron.Server", "Microsoft.EntityFrameworkCore", "Microsoft.AspNetCore");
        NotDependingOn(Store, "TidyHeron.Formats", "TidyHeron.Server");
    }

    [Fact]
    public void The_core_does_no_input_or_output_and_has_no_clock()
    {
        NotDependingOn(Core, "System.Net", "System.IO.File", "System.Threading.Timer", "System.Diagnostics.Process");
        Types.InAssembly(Core).ShouldNot().HaveDependencyOn("System.DateTimeOffset").GetResult().IsSuccessful.ShouldBeTrue();
    }

    [Fact]
    public void Notation_knows_nothing_of_what_is_computed_from_it_but_the_walk() =>
        NotDependingOn(Core, t => t.ResideInNamespace("TidyHeron.Core.Notation"), "TidyHeron.Core.Checks", "TidyHeron.Core.Dictation", "TidyHeron.Core.Floor");

    [Fact]
    public void Every_feature_of_the_server_has_a_folder_of_the_same_name_in_the_client()
    {
        var root = Repository.Root;
        var shared = new[] { "Sessions", "People", "Forms", "Dictation", "Applications", "Knowledge", "Terms" };
        foreach (var feature in shared)
        {
            Directory.Exists(Path.Combine(root, "src/TidyHeron.Server", feature)).ShouldBeTrue(feature);
            Directory.Exists(Path.Combine(root, "src/client/src/features", feature.ToLowerInvariant())).ShouldBeTrue(feature);
        }
    }

    private static void NotDependingOn(Assembly assembly, params string[] names) => NotDependingOn(assembly, t => t.HaveNameMatching(".*"), names);

    private static void NotDependingOn(Assembly assembly, Func<Predicates, PredicateList> which, params string[] names)
    {
        var result = which(Types.InAssembly(assembly).That()).ShouldNot().HaveDependencyOnAny(names).GetResult();
        result.IsSuccessful.ShouldBeTrue(string.Join(", ", result.FailingTypeNames ?? []));
    }
}

/// <summary>Where the sources are.</summary>
internal static class Repository
{
    public static string Root
    {
        get
        {
            var folder = new DirectoryInfo(AppContext.BaseDirectory);
            while (folder is not null && !File.Exists(Path.Combine(folder.FullName, "TidyHeron.slnx"))) folder = folder.Parent;
            return folder?.FullName ?? throw new InvalidOperationException("The tests do not run inside the repository.");
        }
    }
}
