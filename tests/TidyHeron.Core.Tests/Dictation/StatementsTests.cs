using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>Sentences in which nothing is done: they say how one stands, sum up, name, or tell once more. Wording: common practice in teaching.</summary>
public sealed class StatementsTests
{
    private const string Before = "Step forward with the left foot, front stance, low block with the left. Then punch with the right, punch with the left. ";
    private const string After = " Step forward with the right, rising block.";

    [Theory]
    [InlineData("So that's a double punch.")]
    [InlineData("You've got left foot forward now.")]
    [InlineData("So now my left foot is in front.")]
    [InlineData("You're facing the front now, in a left front stance.")]
    [InlineData("So I'm in a front stance, my left leg is forward.")]
    [InlineData("So that's two punches.")]
    [InlineData("That's one block and two punches.")]
    [InlineData("That's your first two punches.")]
    [InlineData("This is still the left front stance.")]
    [InlineData("You end up in a left front stance.")]
    [InlineData("And you should be in a front stance with your left foot forward.")]
    [InlineData("So at this point my left leg is in front and I'm facing the front.")]
    [InlineData("So the weight is on the front leg.")]
    [InlineData("Now I've done a low block and two punches.")]
    [InlineData("So far it's low block, punch, punch.")]
    [InlineData("So it goes low block, right, left.")]
    [InlineData("That's low block, punch, punch.")]
    [InlineData("So block, punch, punch.")]
    [InlineData("So that was low block and the two punches.")]
    [InlineData("My left foot is still in front.")]
    [InlineData("I'm still in the front stance.")]
    [InlineData("Now my left hand is the one that's out.")]
    [InlineData("Okay so you should have your left fist out in front.")]
    [InlineData("Your hips are square to the front.")]
    [InlineData("You can see my back leg is straight.")]
    [InlineData("Remember the back heel is down.")]
    [InlineData("That's section one.")]
    [InlineData("And that's the first half.")]
    [InlineData("We call that the double punch.")]
    [InlineData("It's called a double punch.")]
    [InlineData("In Japanese that's morote zuki.")]
    [InlineData("The Japanese for that is gedan barai.")]
    [InlineData("That's what we call a low block.")]
    [InlineData("Now this is where people turn the wrong way.")]
    [InlineData("A lot of people step too short here.")]
    [InlineData("Don't lean when you punch.")]
    [InlineData("That punch goes to the solar plexus.")]
    [InlineData("The first punch is to the stomach, the second one is to the face.")]
    [InlineData("Both punches are middle level.")]
    [InlineData("Both of those are to the middle.")]
    [InlineData("And the last one has a kiai.")]
    [InlineData("We kiai on the second punch.")]
    [InlineData("There's a kiai on that one.")]
    [InlineData("You can breathe out on the punch.")]
    [InlineData("I'm going to do that again. Low block, punch, punch.")]
    [InlineData("Let me show you that one more time. Step forward with the left foot, low block, punch, punch.")]
    [InlineData("Once more from the side. So left foot forward, front stance, low block, punch, punch.")]
    [InlineData("One more time slowly. Low block. Punch. Punch.")]
    [InlineData("From the top. Left foot, low block, punch, punch.")]
    public void Nothing_is_done(string statement) =>
        Deeds(Before + statement + After).ShouldBe(Deeds(Before + After));

    [Theory]
    [InlineData("That punch goes to the face.", null, Level.High)]
    [InlineData("Both punches are to the stomach.", Level.Middle, Level.Middle)]
    [InlineData("The first punch is to the stomach, the second one is to the face.", Level.Middle, Level.High)]
    public void What_is_said_of_a_punch_is_told_with_it(string statement, Level? first, Level? second) =>
        Samples.Say(Before + statement + After).Form.Moves.Skip(1).Take(2).Select(m => m.Hands[0].Level).ShouldBe([first, second]);

    [Theory]
    [InlineData("Turn left, low block. Now you should be in a front stance.", "left front-stance 270")]
    [InlineData("Left foot to the left, low block. You're in a left cat stance.", "left cat-stance 270")]
    public void What_is_new_in_it_is_taken_in(string words, string expected) =>
        Samples.ReadingOf(words).Walk.Postures[^1].ShouldSatisfyAllConditions(p => $"{p.Lead?.Word} {p.Stance.Value} {p.Heading.Degrees}".ShouldBe(expected));

    private static List<string> Deeds(string words) =>
        [.. Samples.Say(words).Form.Moves.Select(m => Speech.Say(m with { Shout = false, Breath = null, Tempo = null, Hands = [.. m.Hands.Select(h => h with { Level = null })] }, Samples.Ways))];
}
