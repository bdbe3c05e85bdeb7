namespace Gassel.Web.Features.Calculators;

/// <summary>What the simulator begins with.</summary>
public sealed record ContainerStart(IReadOnlyList<ContainerStartKind> Kinds);
