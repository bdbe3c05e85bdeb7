using Gassel.Core.Record;

namespace Gassel.Core.Growing;

/// <summary>
/// What to do about something seen before anything is lost, and when to look at it again. All common practice, no source; the days are our
/// assumption.
/// </summary>
/// <param name="ToDo">In the order of the work.</param>
/// <param name="Caution">Where the work can hurt somebody; null elsewhere.</param>
/// <param name="LookAgainDays">After so many days.</param>
public sealed record SymptomAdvice(Symptom What, string Sign, string ToDo, string? Caution, int LookAgainDays)
{
    /// <summary>Whatever is sprayed or spread.</summary>
    public string Products { get; } = "Whatever you spray or spread, follow its label and your local rules.";

    public static IReadOnlyList<SymptomAdvice> All { get; } = [.. Enum.GetValues<Symptom>().Select(Of)];

    public static SymptomAdvice Of(Symptom what) =>
        what switch
        {
            Symptom.FungusGnats => new(
                what,
                "Small dark flies run over the mix.",
                "Let the surface dry between waterings and water from below. Hang sticky cards. Boil the water for the next mix.",
                "Boiling water scalds: let the mix cool before you reach in.",
                5
            ),
            Symptom.DampingOff => new(
                what,
                "Seedlings fall over, thin and dark at the mix.",
                "Take out what fell with the mix around it. Dome off, moving air, less water. Dust the surface with milled sphagnum. Wash "
                    + "hands and tools before the next tray.",
                "Sphagnum dust can infect cuts and irritate lungs: gloves and mask.",
                2
            ),
            Symptom.GreyMould => new(
                what,
                "Grey fur on leaves and stems.",
                "Pick off dead leaves, stand them wider apart, give air. No water over the leaves, none in the evening.",
                "Do not breathe the dust of mould: gloves, and work in moving air.",
                3
            ),
            Symptom.SpiderMites => new(
                what,
                "Fine pale dots on leaves, fine webs below.",
                "Rinse the leaves from below. Stand the vessel by itself. Dry hot air favours them.",
                null,
                4
            ),
            Symptom.Aphids => new(
                what,
                "Soft insects at the tips, sticky leaves.",
                "Rinse or wipe them off. Stand the vessel by itself. Look at its neighbours.",
                null,
                4
            ),
            Symptom.Slugs => new(
                what,
                "Ragged holes, slime in the morning.",
                "Lift trays off the ground, look under rims, pick slugs off by hand after dark.",
                null,
                2
            ),
            Symptom.Mice => new(
                what,
                "Seed dug up, stems bitten off.",
                "Cover with fine mesh, weigh it down, take large seed out of reach.",
                "Droppings of mice can carry disease: wet them before you wipe them up; gloves and mask.",
                2
            ),
            Symptom.Birds => new(what, "Seedlings pulled out, mix scattered.", "Cover with mesh that birds cannot get caught in.", null, 3),
            Symptom.Leggy => new(
                what,
                "Long, thin and pale towards the light.",
                $"Lamps nearer, tubes {RuleOfThumb.TubesAbove} above the leaves, 14 to 16 h a day; cooler; turn those on a sill. Pinch or "
                    + "pot deeper where the kind bears it.",
                "Switch lamps off before touching them; keep water away from their cables.",
                7
            ),
            Symptom.PaleLeaves => new(
                what,
                "Leaves turn yellow, old ones first.",
                "See whether the mix is wet and cold; let it dry a little. If it is not, feed weakly by the label.",
                null,
                7
            ),
            Symptom.PurpleLeaves => new(
                what,
                "Leaves turn purple below.",
                "Most often cold roots: stand them warmer. If it stays, feed weakly by the label. Some kinds are purple by nature.",
                null,
                7
            ),
            _ => new(
                what,
                "Dry pale patches after sun or wind, or close under a lamp.",
                "Into shade and out of the wind, lamps higher. Water the mix, not the leaves. Harden off more slowly.",
                "Switch lamps off before touching them.",
                4
            ),
        };

    /// <summary>Day of the next look.</summary>
    public DateOnly LookAgain(DateOnly seen) => seen.AddDays(LookAgainDays);
}
