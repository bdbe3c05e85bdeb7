namespace Gassel.Core.Record;

/// <summary>Tendings in the words of the log.</summary>
public static class Tendings
{
    /// <summary>Done to plants wherever they stand, not to a container.</summary>
    public static bool IsOfPlants(Tending what) => what is Tending.Fed or Tending.LampsRaised or Tending.PinchedBack;

    /// <summary>Done to whatever stands outdoors or in a frame, container or not.</summary>
    public static bool IsOfAllOutdoors(Tending what) =>
        what is Tending.Covered or Tending.CarriedIn or Tending.BackOut or Tending.Secured or Tending.Vented or Tending.Shut;

    /// <summary>Done in the yard, to a container that is out.</summary>
    public static bool IsOfContainer(Tending what) =>
        !IsOfPlants(what) && what is not (Tending.DomeAired or Tending.Vented or Tending.Shut or Tending.WinterLooked);

    /// <summary>The cap after it; null where it leaves the cap alone.</summary>
    public static CapPosition? Cap(Tending what, ContainerSetup setup) =>
        what switch
        {
            Tending.CapOn => CapPosition.On,
            Tending.CapOff => CapPosition.Off,
            Tending.TopOpen => CapPosition.Open,
            Tending.TopAsUsual => setup.UsualCap,
            _ => null,
        };

    /// <summary>The shelter after it; null where it leaves that alone.</summary>
    public static Shelter? ShelterAfter(Tending what) =>
        what switch
        {
            Tending.Covered => Shelter.Covered,
            Tending.CarriedIn => Shelter.CarriedIn,
            Tending.BackOut => Shelter.None,
            _ => null,
        };
}
