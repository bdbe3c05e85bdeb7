using Gassel.Core.Sight;

namespace Gassel.Core.Tests.Sight;

/// <summary>Seed counted and measured in drawn pictures of which the answer is known; no photo of real seed was at hand.</summary>
public sealed class SeedSightTests
{
    private static void Near(int expected, int counted, double share) =>
        Assert.True(Math.Abs(counted - expected) <= Math.Max(share * expected, 0.5), $"{counted} of {expected}");

    [Theory]
    [InlineData(10, 1, 0, 0)]
    [InlineData(60, 1, 4, 0)]
    [InlineData(150, 0.55, 4, 0)]
    [InlineData(150, 0.7, 4, 0.06)]
    [InlineData(400, 1, 4, 0)]
    [InlineData(400, 0.6, 6, 0.04)]
    public void Seed_that_lies_apart_is_counted_within_two_in_a_hundred(int count, double shadow, double noise, double tilt)
    {
        for (var seed = 1; seed <= 2; seed++)
        {
            var picture = SeedPicture.Apart(count, seed, longMm: count > 200 ? 3 : 4, shortMm: count > 200 ? 2 : 2.4);
            var seen = SeedSight.Look(picture.Draw(shadow: shadow, noise: noise, tilt: tilt), SeedSight.CardMm);
            Near(picture.Count, seen.Count, 0.02);
            Assert.NotNull(seen.Card);
        }
    }

    [Theory]
    [InlineData(40, 0.2, 1, 3)]
    [InlineData(120, 0.4, 0.65, 4)]
    [InlineData(200, 0.5, 0.8, 4)]
    public void Seed_that_touches_is_counted_within_five_in_a_hundred_and_said(int count, double share, double shadow, double noise)
    {
        for (var seed = 1; seed <= 2; seed++)
        {
            var picture = SeedPicture.Touching(count, share, seed);
            var seen = SeedSight.Look(picture.Draw(shadow: shadow, noise: noise), SeedSight.CardMm);
            Near(picture.Count, seen.Count, 0.05);
            Assert.InRange(seen.Touching, share * count * 0.6, share * count * 1.4);
            Assert.Equal(share > 0.3, seen.Doubts.Any(d => d.Contains("touch", StringComparison.Ordinal)));
        }
    }

    /// <summary>A white card on white paper tells nothing, a dark one or its likes do.</summary>
    [Theory]
    [InlineData(60.0)]
    [InlineData(120.0)]
    public void Lengths_and_widths_are_those_that_were_drawn(double card)
    {
        var picture = SeedPicture.Apart(120, 7);
        var seen = SeedSight.Look(picture.Draw(card, shadow: 0.75, noise: 3), SeedSight.CardMm);
        Assert.Equal(SeedPicture.PixelsPerMm, seen.PixelsPerMm!.Value, 0.07);
        void Same(IEnumerable<double> drawn, SeedSpread? told)
        {
            var all = drawn.ToArray();
            Assert.Equal(all[all.Length / 2], told!.Middle, 0.15);
            Assert.Equal(all[all.Length / 10], told.Low, 0.2);
            Assert.Equal(all[all.Length * 9 / 10], told.High, 0.2);
        }
        Same(picture.Lengths, seen.Length);
        Same(picture.Widths, seen.Width);
        Assert.Empty(seen.Doubts);
    }

    [Fact]
    public void Without_a_card_it_counts_and_measures_nothing_or_by_the_scale_that_is_given()
    {
        var picture = SeedPicture.Apart(60, 3);
        var seen = SeedSight.Look(picture.Draw(card: null, noise: 3), SeedSight.CardMm);
        Near(60, seen.Count, 0.02);
        Assert.Null(seen.PixelsPerMm);
        Assert.Null(seen.Length);
        Assert.Contains(seen.Doubts, d => d.Contains("card", StringComparison.Ordinal));
        var scaled = SeedSight.Look(picture.Draw(card: null, noise: 3), SeedSight.CardMm, SeedPicture.PixelsPerMm);
        Assert.Equal(4, scaled.Length!.Middle, 0.2);
    }

    [Fact]
    public void It_says_when_it_cannot_be_sure()
    {
        var empty = SeedSight.Look(new(200, 150, [.. Enumerable.Repeat((byte)230, 200 * 150)]), SeedSight.CardMm);
        Assert.Equal(0, empty.Count);
        Assert.Contains("No seed", Assert.Single(empty.Doubts), StringComparison.Ordinal);
        var pale = SeedSight.Look(SeedPicture.Apart(60, 3).Draw(dark: 200, noise: 2), SeedSight.CardMm);
        Assert.Contains(pale.Doubts, d => d.Contains("nearly as bright", StringComparison.Ordinal));
        var small = SeedSight.Look(SeedPicture.Apart(60, 3, longMm: 0.9, shortMm: 0.7).Draw(noise: 2), SeedSight.CardMm);
        Assert.Contains(small.Doubts, d => d.Contains("small in the picture", StringComparison.Ordinal));
    }
}
