namespace Gassel.Core.Messages;

/// <param name="Alarm">Of one that is over: as it was told last.</param>
public sealed record AlarmToSend(Alarm Alarm, AlarmReason Reason);
