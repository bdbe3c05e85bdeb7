namespace Gassel.Data.Rows;

/// <summary>The devices that ship, all simulated.</summary>
public enum DeviceKind
{
    FridgeProbe,
    MatThermostat,
    RoomProbe,

    /// <summary>In the air of the yard, out of the sun.</summary>
    YardThermometer,
}
