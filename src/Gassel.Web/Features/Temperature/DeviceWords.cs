using Gassel.Data.Rows;

namespace Gassel.Web.Features.Temperature;

/// <summary>Devices in words.</summary>
internal static class DeviceWords
{
    public static string Of(DeviceKind device) =>
        device switch
        {
            DeviceKind.FridgeProbe => "Fridge probe",
            DeviceKind.MatThermostat => "Heat-mat thermostat",
            DeviceKind.YardThermometer => "Yard thermometer",
            _ => "Room probe",
        };
}
