using Gassel.Core.Record;

namespace Gassel.Web.Features.Calculators;

/// <summary>A mix by its name.</summary>
public sealed record NamedMix(string Name, IReadOnlyList<MixShare> Parts);
