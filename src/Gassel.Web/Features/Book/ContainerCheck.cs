using Gassel.Core.Record;
using Gassel.Web.Problems;

namespace Gassel.Web.Features.Book;

/// <summary>Shape of a container as described.</summary>
internal static class ContainerCheck
{
    public static Refusal? Of(string at, ContainerSetup setup) =>
        setup switch
        {
            { Kind: null, Own: null } => new(
                $"{at}.kind",
                $"{at} needs a kind, or own with litres, heightCm and transmittance; neither is there."
            ),
            { Kind: not null, Own: not null } => new($"{at}.own", $"{at} has a kind and own; valid is one of the two."),
            _ => Limits.Number($"{at}.mixCm", setup.MixCm, 1, 60)
                ?? Limits.Number($"{at}.stonesKg", setup.StonesKg, 0, 20)
                ?? (
                    setup.Own is { } own
                        ? Limits.Number($"{at}.own.litres", own.Litres, 0.2, 500)
                            ?? Limits.Number($"{at}.own.heightCm", own.HeightCm, 5, 100)
                            ?? Limits.Number($"{at}.own.transmittance", own.Transmittance, 0, 1)
                        : null
                ),
        };
}
