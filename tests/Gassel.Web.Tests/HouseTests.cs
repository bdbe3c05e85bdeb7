using ArchUnitNET.Domain;
using ArchUnitNET.Loader;

namespace Gassel.Web.Tests;

/// <summary>Arrows point one way: web → data → core, and the core knows nobody but MathNet and the base library.</summary>
public class HouseTests
{
    private static readonly Architecture House = new ArchLoader()
        .LoadAssemblies(typeof(Core.Record.Entry).Assembly, typeof(Data.GasselDb).Assembly, typeof(Hosting.GasselHost).Assembly)
        .Build();

    [Fact]
    public void The_core_references_MathNet_and_the_base_library_alone()
    {
        var others = typeof(Core.Record.Entry).Assembly.GetReferencedAssemblies().Select(a => a.Name!)
            .Where(n => n != "MathNet.Numerics" && !(n.StartsWith("System.", StringComparison.Ordinal) && !n.StartsWith("System.Data", StringComparison.Ordinal) && !n.StartsWith("System.Net", StringComparison.Ordinal)));
        Assert.Empty(others);
    }

    [Fact]
    public void The_core_reads_no_clock_and_no_disk()
    {
        string[] banned = ["System.TimeProvider", "System.IO.File", "System.IO.Directory", "System.Environment", "System.Console"];
        var sinners = House.Types.Where(t => t.Namespace.FullName.StartsWith("Gassel.Core", StringComparison.Ordinal))
            .SelectMany(t => t.Dependencies.Where(d => banned.Contains(d.Target.FullName)).Select(d => $"{t.FullName} → {d.Target.FullName}"));
        Assert.Empty(sinners);
        string[] clocks = ["get_Now", "get_UtcNow", "get_Today"];
        var clockReaders = House.MethodMembers.Where(m => m.DeclaringType.Namespace.FullName.StartsWith("Gassel.Core", StringComparison.Ordinal))
            .SelectMany(m => m.Dependencies.OfType<ArchUnitNET.Domain.Dependencies.MethodCallDependency>())
            .Where(d => clocks.Any(c => d.TargetMember.Name.StartsWith(c, StringComparison.Ordinal)));
        Assert.Empty(clockReaders);
    }

    [Theory]
    [InlineData("Gassel.Core", "Gassel.Data")]
    [InlineData("Gassel.Core", "Gassel.Web")]
    [InlineData("Gassel.Data", "Gassel.Web")]
    public void No_floor_looks_up(string lower, string upper)
    {
        var sinners = House.Types.Where(t => t.Namespace.FullName.StartsWith(lower, StringComparison.Ordinal))
            .SelectMany(t => t.Dependencies.Where(d => d.Target.Namespace?.FullName.StartsWith(upper, StringComparison.Ordinal) == true).Select(d => $"{t.FullName} → {d.Target.FullName}"));
        Assert.Empty(sinners);
    }
}
