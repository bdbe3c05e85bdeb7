using Gassel.Core.Treatments;

namespace Gassel.Core.Places;

/// <summary>An amount of cold by all schools.</summary>
/// <param name="Days">By the calendar, as far as something is known or assumed of them.</param>
/// <param name="Effective">Days weighted by the species' own response.</param>
/// <param name="EffectiveByDefault">Days weighted by <see cref="ColdResponse.Default"/>.</param>
public readonly record struct ColdAmount(double Days, double ChillHours, double Effective, double EffectiveByDefault)
{
    public static ColdAmount operator +(ColdAmount a, ColdAmount b) =>
        new(a.Days + b.Days, a.ChillHours + b.ChillHours, a.Effective + b.Effective, a.EffectiveByDefault + b.EffectiveByDefault);
}
