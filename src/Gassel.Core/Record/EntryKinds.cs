using System.Collections.Frozen;
using System.Reflection;
using System.Text.Json.Serialization;

namespace Gassel.Core.Record;

/// <summary>What each kind of entry is called where it is sent and kept.</summary>
public static class EntryKinds
{
    private static readonly FrozenDictionary<Type, string> Names = typeof(EntryPayload)
        .GetCustomAttributes<JsonDerivedTypeAttribute>()
        .ToFrozenDictionary(a => a.DerivedType, a => (string)a.TypeDiscriminator!);

    /// <summary>"unread" for what a newer Gassel wrote and this one cannot read.</summary>
    public static string Of(EntryPayload payload) => payload is Unread unread ? unread.Kind : Names[payload.GetType()];
}
