using Gassel.Core.Record;
using Gassel.Core.Yard;

namespace Gassel.Core.Tests.Record;

/// <summary>A kind that is none is a fault of whoever asks; it is never taken for another.</summary>
public class UnknownKindsTests
{
    [Fact]
    public void A_container_or_a_tending_that_is_none_is_refused()
    {
        Assert.Throws<ArgumentOutOfRangeException>(() => ContainerParameters.Of((ContainerPreset)99));
        Assert.Throws<ArgumentOutOfRangeException>(() => ((ContainerPreset)99).Words());
        Assert.Throws<ArgumentOutOfRangeException>(() => ((Tending)99).Words());
        Assert.All(Enum.GetValues<Tending>(), t => Assert.NotEmpty(t.Words()));
        Assert.All(Enum.GetValues<ContainerPreset>(), k => Assert.NotEmpty(k.Words()));
        Assert.All(Enum.GetValues<PreparationStep>(), s => Assert.NotEmpty(s.Words()));
    }
}
