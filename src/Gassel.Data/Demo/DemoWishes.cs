using Gassel.Core.Planning;
using Gassel.Data.Rows;

namespace Gassel.Data.Demo;

/// <summary>What the invented nursery wants for next spring.</summary>
internal static class DemoWishes
{
    private static readonly WishWhen NextYear = new(WishWhenKind.FromLastFrost, Year: 2028);

    private static readonly Wish[] All =
    [
        new("balsamroot", 30, new(WishWhenKind.FromLastFrost, Year: 2029), LotId: 2, For: "slope garden"),
        new("globemallow", 40, NextYear, LotId: 3, Priority: 3, For: "school yard"),
        new("alumroot", 60, NextYear, LotId: 5),
        new("blue-flax", 80, new(WishWhenKind.FromLastFrost, Weeks: 2, Year: 2028), LotId: 18, For: "meadow of Odila"),
        new("elegant-penstemon", 44, NextYear, LotId: 16, AreaM2: 4, SpacingCm: 30),
        new("scarlet-gilia", 24, NextYear, LotId: 7, Priority: 1),
        new("prairie-smoke", 50, NextYear, WishSource.Gather),
        new("blanketflower", 36, NextYear, WishSource.Buy, Priority: 1),
    ];

    public static IEnumerable<WishRow> Rows =>
        All.Select(
            (wish, i) =>
                new WishRow
                {
                    Id = new Guid(0, 0, 22, 0, 0, 0, 0, 0, 0, 0, (byte)(i + 1)),
                    Number = i + 1,
                    Wish = CoreJson.Write(wish),
                    MadeAt = new DateTimeOffset(2027, 3, 13, 19, 0, 0, TimeSpan.FromHours(-6)).ToUnixTimeMilliseconds(),
                    Who = "grower",
                }
        );
}
