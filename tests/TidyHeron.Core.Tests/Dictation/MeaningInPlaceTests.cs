using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation;

/// <summary>What words mean where they stand: each row is a rule of the reader, with what it says back.</summary>
public class MeaningInPlaceTests
{
    [Theory]
    [InlineData("Slide with the right foot to the left, left cat stance.", "slide with the right foot to the left, left cat stance")]
    [InlineData("Mawatte, turn 90 degrees left, left low block.", "turn 90 degrees left, left hand low block")]
    [InlineData("Left front stance. Right stick block.", "left front stance, right hand truncheon block")]
    [InlineData("Both sticks strike down.", "both hands truncheon strike")]
    [InlineData("Left sai thrust to the throat.", "left hand high level trident thrust")]
    [InlineData("Left front stance, left low block. Step right, same block.", "left front stance, left hand low block / step with the right foot, low block")]
    [InlineData("Right front kick. Land in front, right punch.", "right foot front kick landing in front / right hand punch")]
    [InlineData("Right front kick, right punch.", "right foot front kick / then right hand punch")]
    [InlineData("Right front kick while left hand blocks.", "right foot front kick, while left hand block")]
    [InlineData("Side kick and back fist at the same time with the right.", "right foot side kick, while right hand back fist")]
    [InlineData("Put the kicking foot down behind, left knife hand.", "left hand knife-hand block")]
    [InlineData("Left back stance, knife hand.", "left back stance, knife-hand block")]
    [InlineData("Left front stance, knife hand.", "left front stance, knife-hand strike")]
    [InlineData("Knife hand to the neck.", "high level knife-hand strike")]
    [InlineData("Left hand sweeps low.", "left hand low level sweeping block")]
    [InlineData("Sweep with the left foot.", "left foot foot sweep")]
    [InlineData("Right cross.", "right hand reverse punch")]
    [InlineData("Jab with the left, cross with the right.", "left hand jab / then right hand reverse punch")]
    [InlineData("Cross the left foot behind the right.", "cross behind with the left foot")]
    [InlineData("Cross the right foot behind, step left into horse stance.", "cross behind with the right foot / then step, horse stance")]
    [InlineData("Cross both arms low, then cross them high.", "low level arms crossed / then high level arms crossed")]
    [InlineData("Step the left foot across in front.", "cross in front with the left foot")]
    [InlineData("Slide your right foot behind, left cat stance.", "slide back with the right foot, left cat stance")]
    [InlineData("Lift the right knee.", "lift the foot with the right foot")]
    [InlineData("Bring the left knee up.", "lift the foot with the left foot")]
    [InlineData("Right knee to the stomach.", "right foot middle level knee strike")]
    [InlineData("Left knee goes down to the floor.", "kneel with the left foot")]
    [InlineData("Left front stance. Left knee back down.", "left front stance / kneel with the left foot")]
    [InlineData("Kneel on the right knee. Stand up.", "kneel with the right foot / rise")]
    [InlineData("Pick up the right foot to the left one.", "pull together with the right foot")]
    [InlineData("Pull the right foot back, left cat stance.", "step back with the right foot, left cat stance")]
    [InlineData("Pull the right foot back.", "pull together with the right foot")]
    [InlineData("Left foot to right foot, turn clockwise, and move the right foot to three o'clock, right front stance.", "pull together with the left foot / then step with the right foot, turn 90 degrees right, facing three o'clock, right front stance")]
    [InlineData("Look over your right shoulder and go out to the other side, right front stance.", "step, turn 180 degrees right, right front stance, look over the shoulder")]
    [InlineData("Turn all the way round to the left.", "turn 180 degrees left")]
    [InlineData("Spin all the way round to the left.", "spin, turn 360 degrees left")]
    [InlineData("Turn to nine.", "turn, facing nine o'clock")]
    [InlineData("Face twelve.", "facing twelve o'clock")]
    [InlineData("Face 45 left.", "facing 10:30")]
    [InlineData("Step with the right foot back to six.", "step back with the right foot, facing six o'clock")]
    [InlineData("Turn back to the front.", "turn, facing twelve o'clock")]
    [InlineData("Turn your hips to nine o'clock.", "turn, facing nine o'clock")]
    [InlineData("LF forward, RH punch.", "step with the left foot, right hand punch")]
    [InlineData("Right foot steps back behind you, left back stance.", "step back with the right foot, left back stance")]
    [InlineData("Left foot forward left cat stance.", "step with the left foot, left cat stance")]
    [InlineData("From the left front stance, reverse punch.", "reverse punch")]
    [InlineData("Left back fist, right punch together.", "left hand back fist / with right hand punch")]
    [InlineData("Low block, back fist, low block, all right hand.", "right hand low block / then right hand back fist / then right hand low block")]
    [InlineData("Two fast punches, right then left.", "right hand punch, fast / then left hand punch")]
    [InlineData("Three steps forward with rising blocks.", "step, rising block / step, rising block / step, rising block")]
    [InlineData("Punch left, slowly, then two fast punches.", "left hand punch, slow / then punch, fast / then punch")]
    [InlineData("Left front stance, low block. Hold there.", "left front stance, low block, and hold")]
    [InlineData("Left front stance, left low block, same stance.", "stay in place, left front stance, left hand low block")]
    [InlineData("Roll forward. Left front kick.", "roll / left foot front kick")]
    [InlineData("Get up with the right foot forward.", "rise with the right foot, right short front stance")]
    [InlineData("Staff strike to the temple.", "high level staff diagonal strike")]
    [InlineData("Staff, sweep low. Block high. Uppercut.", "low level staff sweep / high level staff high block / staff rising strike")]
    [InlineData("Raise the sword overhead and cut straight down.", "high level downward cut")]
    [InlineData("Low block... no, sorry, high block.", "rising block")]
    [InlineData("Both elbows down.", "both hands dropping elbow")]
    [InlineData("Right palm block over the left palm.", "right hand palm-heel block")]
    [InlineData("Right back fist to the right.", "right hand back fist")]
    [InlineData("With the right foot step up and left side kick.", "step with the right foot / then left foot side kick")]
    [InlineData("Left leg kicks, front kick.", "left foot front kick")]
    [InlineData("Eleven: hold it, breathing in.", "stay in place, breathe in, and hold")]
    [InlineData("One's a left step with a jab. Two's the cross on the spot.", "step with the left foot, jab / stay in place, reverse punch")]
    [InlineData("Move one is bow stance punch. Step the left foot out into left bow stance, right punch. Move two, horse stance. Right foot forward, horse stance.", "step with the left foot, left bow stance, right hand punch / step with the right foot, horse stance")]
    [InlineData("Three and four: reverse punch left then right.", "left hand reverse punch / right hand reverse punch")]
    [InlineData("Walk three steps, right, left, right.", "step with the right foot / step with the left foot / step with the right foot")]
    [InlineData("Three rising blocks, step right rising block, step left rising block, step right rising block.", "step, right hand rising block / step, left hand rising block / step, right hand rising block")]
    [InlineData("Three rising blocks, stepping, right, left, right.", "step, right hand rising block / step, left hand rising block / step, right hand rising block")]
    [InlineData("Horse stance, hit three times, left, right, left.", "horse stance, left hand strike / right hand strike / left hand strike")]
    [InlineData("Block with the right arm outside block.", "right hand outside block")]
    [InlineData("Strike with the left knife hand.", "left hand knife-hand strike")]
    [InlineData("The right fist draws back to the hip and punches.", "right hand at the hip / then right hand punch")]
    [InlineData("Left palm guards.", "left hand guard")]
    [InlineData("Double block, left hand middle, right hand high.", "left hand middle level block while right hand high level block")]
    [InlineData("Right lunge punch as the right foot steps into front stance.", "step with the right foot, front stance, right hand lunge punch")]
    [InlineData("Left front stance. Pull everything back to cat stance.", "left front stance / slide back, left cat stance")]
    [InlineData("Right foot stamps, left foot forward into bow stance.", "stomp with the right foot / then step with the left foot, bow stance")]
    [InlineData("Stand up, lift the left knee.", "lift the foot with the left foot")]
    [InlineData("Low block left, then rising block right at 45.", "left hand low block / turn 45 degrees right, right hand rising block")]
    [InlineData("Turn around to the left, 270, low block.", "turn 270 degrees left, low block")]
    [InlineData("Turn one hundred and eighty to the right.", "turn 180 degrees right")]
    [InlineData("Right foot to three o'clock, sitting stance facing twelve.", "step with the right foot to the right, facing twelve o'clock, horse stance")]
    [InlineData("Left front stance to the left with a low block.", "step to the left, left front stance, low block")]
    [InlineData("Step left with the left foot, cat stance.", "step with the left foot to the left, cat stance")]
    [InlineData("The right hand spears forward.", "right hand spear hand")]
    [InlineData("Left foot forward into bow, right fist through.", "step with the left foot, bow stance, right hand punch")]
    [InlineData("Reverse punch. Then turn to the left, left low block.", "reverse punch / turn 90 degrees left, left hand low block")]
    [InlineData("Left back stance, left knife-hand block. Step right, same with the other hand.", "left back stance, left hand knife-hand block / step with the right foot, right hand knife-hand block")]
    [InlineData("With the bo parry low right.", "right hand low level staff side block")]
    [InlineData("Guarding block with a knife-hand.", "knife-hand block")]
    [InlineData("Knife hand middle guarding block.", "middle level knife-hand block")]
    [InlineData("Low block with an X-fist.", "X-block")]
    [InlineData("Strike shomen with the bo.", "staff overhead strike")]
    [InlineData("Left elbow strikes the right palm.", "left hand elbow strike")]
    [InlineData("Twisted high block.", "rising block")]
    [InlineData("Both hands push the bo out.", "staff guard")]
    [InlineData("The right palm spears up.", "right hand spear hand")]
    [InlineData("Left inward knife hand.", "left hand knife-hand strike")]
    [InlineData("Right low block against the kick.", "right hand low block")]
    [InlineData("Two gedan barai.", "low block / then low block")]
    [InlineData("Left foot slips out.", "slide with the left foot")]
    [InlineData("Right tiger claw rises to the face.", "right hand high level tiger claw")]
    [InlineData("The left foot opens to the left.", "step with the left foot to the left")]
    [InlineData("Bow left, right palm strike.", "left bow stance, right hand palm-heel strike")]
    [InlineData("Left foot behind the right, cross.", "cross behind with the left foot, cross stance")]
    [InlineData("Right crescent kick to the left palm.", "right foot inside crescent kick")]
    [InlineData("Sanchin? No, zenkutsu dachi, punch.", "front stance, punch")]
    [InlineData("L. foot fwd, front stance, R. punch.", "step with the left foot, front stance, right hand punch")]
    [InlineData("Draw the bow to the left, horse stance.", "horse stance")]
    public void Words_mean_what_they_mean_where_they_stand(string words, string meant)
    {
        var said = Samples.Say(words);
        string.Join(" / ", said.Form.Moves.Select(m => Mark(m.Counting) + Speech.Say(m, Samples.Ways))).ShouldBe(meant);
        said.Unread.ShouldBeEmpty();
    }

    private static string Mark(Counting counting) => counting switch { Counting.Then => "then ", Counting.Together => "with ", Counting.Uncounted => "– ", _ => "" };

    [Theory] // What was said first and taken back no longer counts.
    [InlineData("step with the left, no, right foot", "step with the right foot")]
    [InlineData("left hand, no, right hand low block", "right hand low block")]
    [InlineData("front stance, sorry, left back stance", "left back stance")]
    [InlineData("low punch, I mean high punch", "high level punch")]
    [InlineData("turn 90, no, 180 left", "turn 180 degrees left")]
    [InlineData("facing three o'clock, correction, nine o'clock", "facing nine o'clock")]
    [InlineData("step forward, rather step back", "step back")]
    [InlineData("low block... wait no, rising block", "rising block")]
    [InlineData("Step forward, left low block... hang on, that's step back, right low block", "step back, right hand low block")]
    [InlineData("left foot slides to the right, no wait, left foot steps forward", "step with the left foot")]
    [InlineData("left reverse punch, no it's a jab with the left hand", "left hand jab")]
    public void What_was_taken_back_is_gone(string words, string meant)
    {
        var said = Samples.Say(words);
        string.Join(" / ", said.Form.Moves.Select(m => Mark(m.Counting) + Speech.Say(m, Samples.Ways))).ShouldBe(meant);
        said.Unread.ShouldBeEmpty();
    }

    [Theory] // An ambiguous word is read one way, says so, and offers the other.
    [InlineData("Left back stance, knife hand.", "knife-hand strike")]
    [InlineData("Left front stance, knife hand.", "knife-hand block")]
    [InlineData("Turn all the way round to the left.", "360 degrees")]
    [InlineData("Step left, left front stance.", "with the left foot")]
    [InlineData("Look to your left, step into left front stance, low block.", "look ahead")]
    [InlineData("Go left, walking stance, low block.", "left foot")]
    [InlineData("Left front stance. Right front kick, right punch.", "front kick, bring it back")]
    [InlineData("Left front stance. Draw the left foot back to cat stance.", "step")]
    [InlineData("Horse stance. Left foot to the right.", "right, stepping")]
    [InlineData("Horse stance. Turn left into left bow stance. Turn right into right bow stance.", "right 90 degrees")]
    [InlineData("Left walking stance. Left foot forward, left punch, walking stance. Turn 180 right, right back stance. Left foot forward, left punch.", "punch in back stance")]
    [InlineData("One. Left back stance. Two. Right knife-hand block.", "hand knife-hand block")]
    [InlineData("Left walking stance, side block.", "staff side block")]
    [InlineData("Step right foot to left.", "the left")]
    [InlineData("Left front stance. Turn 270, low block.", "270 degrees left")]
    [InlineData("Left front stance. Turn 180, low block.", "180 degrees right")]
    [InlineData("Turn left 45, left front stance. Turn to the right, low block.", "right 90 degrees")]
    [InlineData("Turn left 45, left front stance. Straight ahead, right front stance.", "forward")]
    [InlineData("Left front stance. Right front kick, set it down in front, horse stance sideways.", "horse stance turned 90 degrees right")]
    [InlineData("Left front stance. Step to the corner, low block.", "45 degrees left")]
    [InlineData("Turn left 45, left back stance. Turn right, low block to the other side.", "180 degrees")]
    [InlineData("Left front stance, low block. Step, punch. Then left, low block.", "left hand")]
    [InlineData("Left front stance, low block. Step, punch. Turn left, low block. Three punches.", "punches on the spot")]
    [InlineData("Left front stance. Turn a little to the right, low block.", "90 degrees")]
    [InlineData("Horse stance. Shift into right bow stance.", "bow stance, facing twelve o'clock")]
    [InlineData("Turn left, left front stance, low block. Left foot back, yoi.", "yoi facing nine o'clock")]
    [InlineData("Left front stance. Front kick, down, punch.", "bring it back")]
    [InlineData("Left front stance. The left foot slides back, hammer fist. Step through, right punch.", "steps back")]
    [InlineData("Left front stance, low block. Left cat stance, block. Left foot forward, palm strike.", "left foot in cat stance")]
    [InlineData("Turn left 45, left front stance. Right foot turn, low block.", "right 90 degrees")]
    [InlineData("Right front stance, low block. Turn to the middle, left low block.", "the front")]
    public void What_could_mean_two_things_offers_the_other(string words, string instead)
    {
        var told = Samples.Say(words).Fields.Where(f => f.Instead.Length > 0).ShouldHaveSingleItem();
        told.Assumption.ShouldNotBeEmpty();
        told.Instead.ShouldBe(instead);
        var other = words[..told.Start] + told.Instead + words[(told.Start + told.Length)..];
        var again = Samples.Say(other);
        again.Unread.ShouldBeEmpty(other);
        string.Join("/", again.Form.Moves.Select(m => Speech.Say(m, Samples.Ways))).ShouldNotBe(string.Join("/", Samples.Say(words).Form.Moves.Select(m => Speech.Say(m, Samples.Ways))));
    }
}
