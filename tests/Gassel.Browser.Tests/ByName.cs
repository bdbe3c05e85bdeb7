using Xunit.Sdk;
using Xunit.v3;

[assembly: Xunit.TestMethodOrderer(typeof(Gassel.Browser.Tests.ByName))]

namespace Gassel.Browser.Tests;

/// <summary>
/// The tests of a class go by name. They share a demo, and the runner's own order hangs on the path
/// of the build: what passes on one machine would fail on the next.
/// </summary>
public sealed class ByName : ITestMethodOrderer
{
    public IReadOnlyCollection<TTestMethod?> OrderTestMethods<TTestMethod>(IReadOnlyCollection<TTestMethod?> testMethods)
        where TTestMethod : notnull, ITestMethod => [.. testMethods.OrderBy(m => m?.MethodName, StringComparer.Ordinal)];
}
