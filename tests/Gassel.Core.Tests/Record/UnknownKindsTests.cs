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
        Assert.Throws<ArgumentOutOfRangeException>(() => ContainerWords.Of((ContainerPreset)99));
        Assert.Throws<ArgumentOutOfRangeException>(() => Tendings.Words((Tending)99));
        Assert.All(Enum.GetValues<Tending>(), t => Assert.NotEmpty(Tendings.Words(t)));
        Assert.All(Enum.GetValues<ContainerPreset>(), k => Assert.NotEmpty(ContainerWords.Of(k)));
        Assert.All(Enum.GetValues<PreparationStep>(), s => Assert.NotEmpty(ContainerWords.Short(s)));
    }
}
