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
        var others = typeof(Core.Record.Entry)
            .Assembly.GetReferencedAssemblies()
            .Select(a => a.Name!)
            .Where(n =>
                n != "MathNet.Numerics"
                && !(
                    n.StartsWith("System.", StringComparison.Ordinal)
                    && !n.StartsWith("System.Data", StringComparison.Ordinal)
                    && !n.StartsWith("System.Net", StringComparison.Ordinal)
                )
            );
        Assert.Empty(others);
    }

    [Fact]
    public void The_core_reads_no_clock_and_no_disk()
    {
        string[] banned = ["System.TimeProvider", "System.IO.File", "System.IO.Directory", "System.Environment", "System.Console"];
        var sinners = House
            .Types.Where(t => t.Namespace.FullName.StartsWith("Gassel.Core", StringComparison.Ordinal))
            .SelectMany(t =>
                t.Dependencies.Where(d => banned.Contains(d.Target.FullName)).Select(d => $"{t.FullName} → {d.Target.FullName}")
            );
        Assert.Empty(sinners);
        string[] clocks = ["get_Now", "get_UtcNow", "get_Today"];
        var clockReaders = House
            .MethodMembers.Where(m => m.DeclaringType.Namespace.FullName.StartsWith("Gassel.Core", StringComparison.Ordinal))
            .SelectMany(m => m.Dependencies.OfType<ArchUnitNET.Domain.Dependencies.MethodCallDependency>())
            .Where(d => clocks.Any(c => d.TargetMember.Name.StartsWith(c, StringComparison.Ordinal)));
        Assert.Empty(clockReaders);
    }

    [Fact]
    public void Rooms_know_each_other_one_way_only()
    {
        var circle = Rooms.InACircle(Rooms.Arrows(House));
        Assert.True(circle.Count == 0, string.Join('\n', circle.Select(a => $"{a.From} → {a.To}: {a.Because}")));
    }

    [Fact]
    public void An_arrow_put_in_on_purpose_is_found()
    {
        var arrows = Rooms.Arrows(House);
        Assert.Contains(arrows, a => a is { From: "Core.Due", To: "Core.Record" });
        var back = new Rooms.Arrow("Core.Record", "Core.Due", "put in");
        var circle = Rooms.InACircle([.. arrows, back]);
        Assert.Contains(back, circle);
        Assert.Contains(circle, a => a is { From: "Core.Due", To: "Core.Record" });
        // over three rooms as well
        Assert.Contains(Rooms.InACircle([.. arrows, new("Core.Treatments", "Core.Closing", "put in")]), a => a.From == "Core.Closing");
    }

    [Fact]
    public void The_floors_stand_on_each_other()
    {
        string[] floors = ["Core", "Data", "Web"];
        int Floor(string room) => Array.IndexOf(floors, room.Split('.')[0]);
        Assert.DoesNotContain(Rooms.Arrows(House), a => Floor(a.To) > Floor(a.From));
        Assert.Contains(Rooms.Arrows(House), a => Floor(a.From) == 2 && Floor(a.To) == 0);
    }
}
