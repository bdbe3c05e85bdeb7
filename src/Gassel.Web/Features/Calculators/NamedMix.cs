using Gassel.Core.Planning;
using Gassel.Core.Record;
using Gassel.Core.Treatments;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Calculators;

/// <summary>A mix by its name.</summary>
public sealed record NamedMix(string Name, IReadOnlyList<MixShare> Parts);
