using Gassel.Core.Planning;

namespace Gassel.Web.Features.Calculators;

/// <summary>What mixing begins with.</summary>
/// <param name="Litres">Of one vessel; starter values, from memory.</param>
public sealed record MixStart(IReadOnlyList<NamedMix> Mixes, IReadOnlyDictionary<MixVessel, double> Litres, double Settling);
