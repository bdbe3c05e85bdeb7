using Gassel.Core.Climate;
using Gassel.Core.Treatments;

namespace Gassel.Core.Places;

/// <summary>What is known of the temperatures of places.</summary>
public interface IPlaceTemperatures
{
    /// <summary>Days with readings, in order.</summary>
    IReadOnlyList<TemperatureDay> Measured(string place, ColdResponse response);

    /// <summary>Readings by eye, in order.</summary>
    IReadOnlyList<TypedReading> Typed(string place);

    /// <summary>Days by a model, in order; they go before what is assumed of the place.</summary>
    IReadOnlyList<TemperatureDay> Modelled(string place, ColdResponse response) => [];
}
