using Gassel.Core;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace Gassel.Web.Features.Calendar;

/// <summary>All-day events after RFC 5545.</summary>
internal static class CalendarFile
{
    /// <summary>An alarm on days on which hours matter, this many hours into the day (our assumption).</summary>
    private const int AlarmHour = 8;

    public static string Write(string name, IEnumerable<CalendarEntry> entries, DateTimeOffset now, Speaker speaker)
    {
        var calendar = new Ical.Net.Calendar { ProductId = "-//Gassel//EN", Method = "PUBLISH" };
        calendar.AddProperty("X-WR-CALNAME", name);
        foreach (var entry in entries)
        {
            var day = entry.Day.On;
            var item = new CalendarEvent
            {
                Uid = entry.Uid,
                Sequence = (int)Math.Min(int.MaxValue, entry.Revision),
                DtStamp = new CalDateTime(now.UtcDateTime, "UTC"),
                Start = new CalDateTime(day),
                End = new CalDateTime(day.AddDays(1)),
                Summary = speaker.Say(entry.Day.Words),
                Description = speaker.Say(entry.Day.Detail),
                // the day stays free for other things
                Transparency = TransparencyType.Transparent,
            };
            if (entry.Day.Alarm)
            {
                item.Alarms.Add(
                    new Alarm
                    {
                        Action = AlarmAction.Display,
                        Description = speaker.Say(entry.Day.Words),
                        Trigger = new Trigger(Duration.FromHours(AlarmHour)),
                    }
                );
            }
            calendar.Events.Add(item);
        }
        return new CalendarSerializer().SerializeToString(calendar)
            ?? throw new InvalidOperationException("the calendar could not be written");
    }
}
