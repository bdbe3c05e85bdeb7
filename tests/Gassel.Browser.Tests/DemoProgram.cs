namespace Gassel.Browser.Tests;

/// <summary>One program on a demo book for the tests of a class that stay out of one another's way.</summary>
public sealed class DemoProgram : IDisposable
{
    public RunningProgram Program { get; } = new(demo: true);

    public void Dispose() => Program.Dispose();
}
