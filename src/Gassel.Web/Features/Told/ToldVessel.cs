using Gassel.Core.Record;

namespace Gassel.Web.Features.Told;

/// <summary>What told seed lies in.</summary>
/// <param name="Word">As it is labelled, before the number of the batch.</param>
/// <param name="Setup">Of a winter container; null for what is none.</param>
internal sealed record ToldVessel(VesselKind Kind, string Word, int? Cells = null, ContainerSetup? Setup = null)
{
    private static readonly (string Word, ContainerPreset Kind)[] Containers =
    [
        ("jug", ContainerPreset.Jug4),
        ("bottle", ContainerPreset.Bottle2),
        ("tub", ContainerPreset.Tub6),
        ("pot", ContainerPreset.Pot),
        ("cold frame", ContainerPreset.ColdFrame),
    ];

    private static readonly (string Word, VesselKind Kind)[] Trays =
    [
        ("tray", VesselKind.Tray),
        ("deep cells", VesselKind.DeepCells),
        ("flat", VesselKind.Flat),
        ("pot", VesselKind.Pot),
    ];

    private static readonly (string Word, VesselKind Kind)[] Holds = [("bag", VesselKind.Bag), ("jar", VesselKind.Jar)];

    /// <summary>What may be said of seed that lies outdoors, that is sown indoors, or that is held moist.</summary>
    public static IReadOnlyList<string> Words(bool outdoors, bool sown) =>
        [
            .. outdoors ? Containers.Select(c => c.Word)
            : sown ? Trays.Select(t => t.Word)
            : Holds.Select(h => h.Word),
        ];

    /// <summary>Words that name a winter container and nothing that stands indoors, as in jugs; a pot may be either.</summary>
    public static bool IsContainerOnly(string words) =>
        words.Trim().Length > 0 && Of(words, true, false, null) is not null && Of(words, false, true, null) is null;

    /// <summary>Null where the words say nothing that fits; the first of its kind where they say nothing.</summary>
    public static ToldVessel? Of(string words, bool outdoors, bool sown, int? cells)
    {
        var said = words.Trim().ToLowerInvariant().TrimEnd('s');
        bool Fits(string word) =>
            said.Length == 0
            || word.TrimEnd('s').Contains(said, StringComparison.Ordinal)
            || said.Contains(word.TrimEnd('s'), StringComparison.Ordinal);
        if (outdoors)
            return
                Containers
                    .Where(c => Fits(c.Word))
                    .Select(c => new ToldVessel(VesselKind.Container, c.Word, null, said.Length == 0 ? null : new(c.Kind)))
                    .FirstOrDefault()
                    is { } found
                ? said.Length == 0
                    ? found with
                    {
                        Word = "container",
                    }
                    : found
                : null;
        if (sown)
            return Trays
                .Where(t => Fits(t.Word) && (cells is null || t.Kind is VesselKind.Tray or VesselKind.DeepCells))
                .Select(t => new ToldVessel(t.Kind, t.Word, cells))
                .FirstOrDefault();
        return Holds.Where(h => Fits(h.Word)).Select(h => new ToldVessel(h.Kind, h.Word)).FirstOrDefault();
    }
}
