using Shouldly;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Tests.Dictation.ManyVoices;

/// <summary>
/// Made-up forms told in made-up voices: whatever way one person tells a turn and another a step, a stance or what a hand
/// does, and in whatever order, the reader understands the form. What each count should come to is known before it is told,
/// so nobody's judgement is in it; the phrases are common ways of speaking, collected by ear.
/// </summary>
public class ManyVoicesTests
{
    private const int Counts = 6, VoicesInAHall = 40;

    /// <summary>The forms are the same in each run, so that a failure can be looked at; HERON_VOICES=n tells n times as many.</summary>
    public static IEnumerable<TheoryDataRow<int>> Halls =>
        Enumerable.Range(0, 10 * int.Parse(Environment.GetEnvironmentVariable("HERON_VOICES") ?? "1")).Select(h => new TheoryDataRow<int>(h));

    [Theory]
    [MemberData(nameof(Halls))]
    public void A_form_told_in_any_voice_is_understood(int hall) => IsUnderstood(hall, r => new Voice(r));

    [Theory]
    [MemberData(nameof(Halls))]
    public void A_form_told_in_the_romanised_words_of_one_language_is_understood(int hall) => IsUnderstood(hall, r => new RomanisedVoice(r));

    private static void IsUnderstood(int hall, Func<Random, ITeller> teller)
    {
        var told = Enumerable.Range(hall * VoicesInAHall, VoicesInAHall).Select(s => (Mistake: FirstMistake(s, teller, out var said), Said: said)).ToList();
        var mistakes = told.Where(t => t.Mistake is not null).Select(t => t.Mistake).ToList();
        mistakes.ShouldBeEmpty(string.Join("\n\n", mistakes) + "\n\nPhrases that are in no form that was understood:\n" + string.Join('\n', Suspects(told)));
    }

    /// <summary>The phrases that were said only where something was misread, those said most often first: what has to be looked at when many are added.</summary>
    private static IEnumerable<string> Suspects(List<(string? Mistake, ISet<string> Said)> told) =>
        told.SelectMany(t => t.Said.Select(phrase => (phrase, IsWrong: t.Mistake is not null))).GroupBy(p => p.phrase).Where(g => g.Count() > 1 && g.All(p => p.IsWrong)).OrderByDescending(g => g.Count()).Take(20).Select(g => $"{g.Count()} × {g.Key}");

    /// <summary>The first count of a told form that was not understood; none where all were.</summary>
    internal static string? FirstMistake(int seed, Func<Random, ITeller> teller, out ISet<string> phrases)
    {
        var random = new Random(seed);
        var voice = teller(random);
        phrases = voice.Said;
        var form = new MadeUpForm(random, voice.School).Make(Counts, voice.IsNumbered);
        var (text, told) = voice.Tell(form);
        var said = Samples.Say(text);
        if (said.Unread.Count > 0) return $"{seed}: not understood: {string.Join(", ", said.Unread.Select(u => $"{text[Math.Max(0, u.Start - 90)..u.Start]}[{u.Text}]{text[(u.Start + u.Text.Length)..Math.Min(text.Length, u.Start + u.Text.Length + 40)]}".ReplaceLineEndings(" / ")))}\n  {text.ReplaceLineEndings(" / ")}";
        var (meant, read) = (MadeUpForm.MeantBy(form).ToList(), Read(said.Form));
        if (meant.SequenceEqual(read)) return null;
        var first = Enumerable.Range(0, Math.Max(meant.Count, read.Count)).First(i => meant.ElementAtOrDefault(i) != read.ElementAtOrDefault(i));
        return $"{seed}: [{told.ElementAtOrDefault(first - 1)}] {told.ElementAtOrDefault(first)}\n  meant {meant.ElementAtOrDefault(first)}\n  read  {read.ElementAtOrDefault(first)}\n  {text.ReplaceLineEndings(" / ")}";
    }

    /// <summary>What the reader makes of each count, told as <see cref="MadeUpCount.Meant"/> tells it.</summary>
    private static List<string> Read(Form form)
    {
        var reading = Samples.ReadingOf(form);
        return [.. Enumerable.Range(1, reading.Counts.DefaultIfEmpty().Max()).Select(Count)];

        string Count(int count)
        {
            var at = Enumerable.Range(0, reading.Counts.Length).Where(i => reading.Counts[i] == count).ToList();
            var posture = reading.Walk.Postures[at[^1]];
            var moves = at.Select(i => form.Moves[i]).ToList();
            // What the other hand does meanwhile, at the hip or before the body, is not told by every phrase.
            var hands = moves.SelectMany(m => m.Hands).Where(h => h.Technique.Value is not ("chamber" or "cover" or "support" or "guard" or "keep-hands")).Select(h => Named(h, posture.Lead));
            var kicks = moves.Where(m => m.Kick is not null).Select(m => ", " + m.Kick!.Technique.Value);
            return $"{posture.Heading.Degrees} {posture.Lead?.Word ?? "none"} {posture.Stance.Value.Replace("-stance", "")}, {string.Join(" then ", hands)}{string.Concat(kicks)}{(moves.Any(m => m.Shout) ? ", shout" : "")}";
        }

        // "Block low" is a block at that height, as well as the low block is; which hand a reverse punch is done with, its name says.
        static Done Named(HandAction action, Side? lead) => (action.Technique.Value, action.Level) switch
        {
            ("block", Level.Low) => new Done(SideOf(action), "low-block"),
            ("block", Level.High) => new Done(SideOf(action), "rising-block"),
            ("lunge-punch", var level) => new Done(SideOf(action) ?? lead, "punch", level),
            ("reverse-punch", var level) => new Done(SideOf(action) ?? lead?.Other, "punch", level),
            var (technique, level) => new Done(SideOf(action), technique, level),
        };

        static Side? SideOf(HandAction action) => action.Hand switch { Hand.Left => Side.Left, Hand.Right => Side.Right, _ => null };
    }
}
