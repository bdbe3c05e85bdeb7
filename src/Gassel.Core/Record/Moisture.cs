using System.Text.Json.Serialization;

namespace Gassel.Core.Record;

public enum Moisture
{
    Dry,
    Right,
    Dripping,
}
