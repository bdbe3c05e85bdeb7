using Gassel.Core.Record;

namespace Gassel.Core.Yard;

/// <summary>From what a container is to what the model reckons with.</summary>
public static class SetupParameters
{
    extension(ContainerSetup setup)
    {
        public ContainerParameters Parameters =>
            setup.Kind is { } kind ? ContainerParameters.Of(kind)
            : setup.Own is { } own ? ContainerParameters.OfVessel(own.Litres, own.HeightCm, setup.MixCm, own.Transmittance)
            : ContainerParameters.Of(ContainerPreset.Jug4);
    }
}
