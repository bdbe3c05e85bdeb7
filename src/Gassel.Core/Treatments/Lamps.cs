namespace Gassel.Core.Treatments;

/// <summary>Lamps on a timer: on and off once a day, past midnight where off comes before on.</summary>
public readonly record struct Lamps(TimeOnly On, TimeOnly Off)
{
    /// <summary>Seedlings want 12 to 16 hours of lamp light and at least 8 of dark (common practice, no source).</summary>
    public const double LeastLightHours = 12;
    public const double LeastDarkHours = 8;

    /// <summary>24 where on and off are one: they are never off.</summary>
    public double LightHours => On == Off ? 24 : (Off - On).TotalHours;

    public double DarkHours => 24 - LightHours;

    public string Words => Text.Of($"{On:HH\\:mm} to {Off:HH\\:mm}: {LightHours:0.#} h light, {DarkHours:0.#} h dark");

    /// <summary>What is amiss; null where nothing is.</summary>
    public string? Warning =>
        this switch
        {
            { DarkHours: < LeastDarkHours } => Text.Of($"Only {DarkHours:0.#} h of dark: seedlings want at least {LeastDarkHours:0} h."),
            { LightHours: < LeastLightHours } => Text.Of(
                $"Only {LightHours:0.#} h of light: under lamps seedlings want {LeastLightHours:0} to 16 h, or they draw out."
            ),
            _ => null,
        };
}
