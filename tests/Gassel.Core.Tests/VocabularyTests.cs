using System.Globalization;
using Gassel.Core.Climate;
using Gassel.Core.Record;
using Gassel.Core.Treatments;

namespace Gassel.Core.Tests;

public class VocabularyTests
{
    /// <summary>A kind with words has one for each of its values, and none twice.</summary>
    [Fact]
    public void Every_value_of_a_kind_with_words_has_its_own()
    {
        var kinds = typeof(Vocabulary).Assembly.GetTypes().Where(t => t.IsEnum && Vocabulary.Of(t).Count > 0).ToList();
        Assert.True(kinds.Count > 25);
        Assert.All(kinds, kind =>
        {
            var words = Vocabulary.Of(kind);
            Assert.Equal(Enum.GetNames(kind).Order(), words.Select(w => w.Name).Order());
            Assert.Equal(words.Count, words.Select(w => w.Words.Words).Distinct().Count());
        });
    }

    /// <summary>The table says what the rule computes with.</summary>
    [Fact]
    public void The_band_of_chilling_is_the_one_that_is_counted() =>
        Assert.Equal(
            $"from {TemperatureDay.ChillFromC:0.#} to {TemperatureDay.ChillToC.ToString(CultureInfo.InvariantCulture)} °C",
            Speaker.Plain.Say(RuleOfThumb.ChillingBand)
        );

    [Fact]
    public void An_amount_in_a_name_has_a_round_number_in_each_system()
    {
        Assert.Equal("translucent jug, 4 l", Speaker.Plain.Say(ContainerPreset.Jug4.Words()));
        Assert.Equal("translucent jug, 1 gal", new Speaker(Units.UnitedStates).Say(ContainerPreset.Jug4.Words()));
        Assert.Equal("cold-moist", StepKind.ColdMoist.Words());
    }
}
