using Shouldly;
using TidyHeron.Core.Body;
using TidyHeron.Core.Figures;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Figures;

public class WeaponsTests
{
    public static IEnumerable<TheoryDataRow<string>> WeaponTechniques =>
        Samples.Ways.Vocabulary.Terms.Where(t => t.IsWeapon).Select(t => new TheoryDataRow<string>(t.Id.Value));

    [Theory]
    [MemberData(nameof(WeaponTechniques))]
    public void A_form_carries_what_its_techniques_are_done_with(string technique)
    {
        var form = new Form { Moves = [new Move(MoveId.New()) { Hands = [new HandAction(new TermId(technique), null)] }] };
        var weapon = Weapons.Of(Samples.ReadingOf(form));
        weapon.ShouldNotBeNull();
        technique.ShouldStartWith(weapon.Id);
    }

    [Theory]
    [InlineData("Form with two sai. Right foot forward, both sai stab.", "trident")]
    [InlineData("Nunchaku form. Right foot forward, strike down.", "flail")]
    [InlineData("Kama form. Right foot forward, strike down.", "sickle")]
    [InlineData("Fan form. Right foot forward, fan strike.", "fan")]
    [InlineData("Pole form. Right foot forward, thrust.", "staff")]
    public void A_form_that_names_its_weapon_carries_it(string words, string weapon) => Samples.Say(words).Form.Weapon?.Kind.ShouldBe(weapon);

    [Fact]
    public void Every_weapon_says_where_its_length_comes_from() => Weapon.All.ShouldAllBe(w => w.Source.Length > 0 && w.LengthCm > 10 && w.LengthCm < 400);
}
