namespace Gassel.Core.Record;

/// <summary>What symptoms mean for the record.</summary>
public static class Symptoms
{
    /// <summary>The cause under which its losses are recorded; null where none dies of it alone.</summary>
    public static LossCause? LossOf(Symptom what) =>
        what switch
        {
            Symptom.FungusGnats => LossCause.FungusGnats,
            Symptom.DampingOff => LossCause.DampingOff,
            Symptom.GreyMould => LossCause.GreyMould,
            Symptom.SpiderMites => LossCause.SpiderMites,
            Symptom.Aphids => LossCause.Aphids,
            Symptom.Slugs => LossCause.Slugs,
            Symptom.Mice => LossCause.Mice,
            Symptom.Birds => LossCause.Birds,
            Symptom.ScorchedLeaves => LossCause.Scorched,
            _ => null,
        };

    /// <summary>What spreads from one vessel to the next; the others come from where it stands.</summary>
    public static bool Spreads(Symptom what) => what <= Symptom.Birds;
}
