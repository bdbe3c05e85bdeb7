using Gassel.Core.Climate;

namespace Gassel.Core.Yard;

/// <summary>A day inside with what has come together up to it.</summary>
/// <param name="Cold">Days of cold by weight since it was set out.</param>
/// <param name="Degrees">Thermal time since the cold was enough, °C·d; 0 before.</param>
public readonly record struct TaleDay(ContainerDay Inside, YardDaySource Source, double Cold, double Degrees);
