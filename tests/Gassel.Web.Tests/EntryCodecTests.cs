using Gassel.Core.Record;
using Gassel.Data;

namespace Gassel.Web.Tests;

/// <summary>What is written to the one table comes back as it was, and what cannot be read is kept.</summary>
public class EntryCodecTests
{
    public static TheoryData<EntryPayload> Payloads() =>
        [
            new StepStarted("1", 0, 60, "cold-shelf", new(VesselKind.Bag, "bag 1")),
            new StepStarted("1.2", 3),
            new StepEnded("1", 2),
            new Check("1", Moisture.Dripping, MouldSeen.Some, 3, "wiped"),
            new Moved("1", "yard"),
            new Sown("1", null, new(VesselKind.Tray, "tray 1", 72), 6.5),
            new Count("1", 12, 1, LossCause.DampingOff),
            new Note(null, "“quoted”, and a line\nbreak"),
            new VoidEntry(new Guid("01234567-89ab-7fff-bfff-ffffffffffff")),
        ];

    private static Entry Told(EntryPayload payload) =>
        new(
            Guid.NewGuid(),
            7,
            Guid.NewGuid(),
            new(2027, 3, 14),
            new(2027, 3, 14, 9, 30, 0, TimeSpan.Zero),
            new(2027, 3, 14, 15, 0, 0, TimeSpan.Zero),
            "grower",
            EntrySource.File,
            payload
        );

    private static Entry Again(Entry entry)
    {
        var row = EntryCodec.ToRow(entry, Guid.NewGuid(), default);
        row.Sequence = entry.Sequence;
        return EntryCodec.FromRow(row);
    }

    [Theory]
    [MemberData(nameof(Payloads))]
    public void Every_kind_comes_back_as_it_was(EntryPayload payload)
    {
        var entry = Told(payload);
        Assert.Equal(entry, Again(entry));
    }

    [Fact]
    public void A_split_comes_back_with_every_child()
    {
        var split = (Split)Again(Told(new Split("1", [new("1.1", 3, 3), new("1.2", 57, 0)]))).Payload;
        Assert.Equal([new("1.1", 3, 3), new SplitChild("1.2", 57, 0)], split.Children);
    }

    [Theory]
    [InlineData("count", 2, """{"part":"1","emerged":1,"lost":0}""")]
    [InlineData("planted", 1, """{"part":"1"}""")]
    [InlineData("count", 1, """{"part":"1"}""")]
    [InlineData("count", 1, "not json")]
    [InlineData("count", 1, "[]")]
    public void What_cannot_be_read_is_kept_letter_for_letter(string kind, int version, string json)
    {
        var row = EntryCodec.ToRow(Told(new Note(null, "x")), Guid.NewGuid(), default);
        (row.Kind, row.Version, row.Payload) = (kind, version, json);
        Assert.Equal(new Unread(kind, version, json), EntryCodec.FromRow(row).Payload);
    }
}
