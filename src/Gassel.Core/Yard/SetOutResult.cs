namespace Gassel.Core.Yard;

/// <param name="Window">Null where no day has it.</param>
/// <param name="SafeWindow">Of the days with enough cold in nine winters of ten, those after which a killing freeze follows emergence no
/// more often than is accepted; null where none is.</param>
/// <param name="Winters">Winters counted.</param>
/// <param name="WindowWords">What the window stands for, or why there is none.</param>
/// <param name="TradeOff">What the choice of a day means, in words.</param>
public sealed record SetOutResult(
    IReadOnlyList<SetOutDate> Dates,
    SetOutWindow? Window,
    SetOutWindow? SafeWindow,
    int Winters,
    IReadOnlyList<LeftOutWinter> LeftOut,
    string WindowWords,
    string TradeOff,
    IReadOnlyList<string> Working
);
