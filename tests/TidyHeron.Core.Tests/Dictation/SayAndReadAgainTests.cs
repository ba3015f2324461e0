using CsCheck;
using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Core.Tests.Dictation;

public class SayAndReadAgainTests
{
    /// <summary>Each tradition with each habit of telling directions.</summary>
    public static readonly MatrixTheoryData<Tradition, DirectionHabit> Schools = new(Enum.GetValues<Tradition>(), Enum.GetValues<DirectionHabit>());

    [Theory]
    [MemberData(nameof(Schools))]
    public void A_move_said_back_and_read_again_is_the_same_move(Tradition tradition, DirectionHabit habit)
    {
        var ways = Samples.Ways with { Tradition = tradition, Directions = habit };
        Gen.Select(AnyDeed, AnyMove).Sample((before, move) =>
        {
            var form = WithACountBefore with { Moves = [.. WithACountBefore.Moves, before] };
            var words = Speech.Say(move, ways.For(form with { Moves = [.. form.Moves, move] }));
            var reading = Reader.Read(words, form, null, ways);
            reading.Unread.ShouldBeEmpty(words);
            reading.Added.Count.ShouldBe(1, words);
            var read = reading.Form.Moves[^1];
            (read with { Id = move.Id }).ShouldBe(move, words + " after " + Speech.Say(before, ways));
        }, iter: 1000);
    }

    [Theory]
    [MemberData(nameof(Schools))]
    public void Moves_said_back_on_numbered_lines_are_the_same_moves(Tradition tradition, DirectionHabit habit)
    {
        var ways = Samples.Ways with { Tradition = tradition, Directions = habit };
        AnyDeed.Array[2, 4].Sample(moves =>
        {
            var form = new Form { Moves = [.. moves] };
            var sheet = string.Join('\n', moves.Select((m, i) => $"{i + 1}. {Speech.Say(m, ways.For(form))}"));
            var read = Reader.Read(sheet, new Form(), null, ways).Form.Moves;
            read.Count.ShouldBe(moves.Length, sheet);
            read.Zip(moves, (r, m) => r with { Id = m.Id }).ShouldBe(moves, sheet);
        }, iter: 200);
    }

    /// <summary>Chance hardly ever leaves a technique alone on a line, where what its name tells of the feet counts most.</summary>
    [Theory]
    [MemberData(nameof(Stood))]
    public void Each_technique_alone_on_a_numbered_line_is_read_as_it_was_written(Tradition tradition, string stance)
    {
        var ways = Samples.Ways with { Tradition = tradition };
        var stood = Samples.Say($"step with the left foot into {stance}, right hand punch.").Form.Moves[0];
        foreach (var technique in Vocabulary.Standard.Terms.Where(t => t.Kind == TermKind.Technique))
            foreach (var move in Alone(technique))
            {
                var form = new Form { Moves = [stood, move] };
                var sheet = string.Join('\n', form.Moves.Select((m, i) => $"{i + 1}. {Speech.Say(m, ways.For(form))}"));
                var read = Reader.Read(sheet, new Form(), null, ways).Form.Moves;
                read.Count.ShouldBe(2, sheet);
                (read[1] with { Id = move.Id }).ShouldBe(move, sheet);
            }
    }

    /// <summary>Each tradition with stances led by a foot and by none.</summary>
    public static readonly MatrixTheoryData<Tradition, string> Stood = new(Enum.GetValues<Tradition>(), ["a left front stance", "a left back stance", "a left cat stance", "a horse stance"]);

    private static IEnumerable<Move> Alone(Term technique) => technique.IsKick
        ? new Side?[] { null, Side.Left, Side.Right }.Select(foot => new Move(MoveId.New()) { Kick = new Kick(technique.Id, foot, null, null) })
        : new Hand?[] { null, Hand.Left, Hand.Right, Hand.Both }.Select(hand => new Move(MoveId.New()) { Hands = [new HandAction(technique.Id, hand, null)] });

    [Fact]
    public void Where_a_weapon_is_in_play_a_block_of_the_empty_hand_is_said_and_read_as_such()
    {
        var form = Samples.Say("step with the left foot, left front stance, staff thrust. right hand high empty-hand block. right hand high block.").Form;
        var ways = Samples.Ways.For(form);

        form.Moves.Select(m => Speech.Say(m, ways)).ShouldBe([
            "step with the left foot, left front stance, staff thrust", "right hand high level empty-hand block", "right hand staff high block"]);
        Speech.Say(form.Moves[1], Samples.Ways).ShouldBe("right hand high level block");
    }

    // A shout alone is no move: it belongs to the one before.
    private static readonly Gen<Move> AnyMove = Samples.AnyMove.Where(m => !(m with { Shout = false }).IsEmpty);

    // A look or a breath alone waits for the move that follows it.
    private static readonly Gen<Move> AnyDeed = AnyMove.Where(m => m is not { Footwork: null, Turn: null, Facing: null, Stance: null, Kick: null, Hands.Count: 0 });

    // A form that has begun, so that standing ready is not taken for the opening.
    private static readonly Form WithACountBefore = Samples.Say("step with the left foot into a left front stance, right hand punch.").Form;
}
