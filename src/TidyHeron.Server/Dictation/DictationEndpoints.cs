using Microsoft.AspNetCore.Http.HttpResults;
using TidyHeron.Core.Body;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Floor;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Readings;
using TidyHeron.Formats;
using TidyHeron.Server.Infrastructure;
using TidyHeron.Server.Readings;

namespace TidyHeron.Server.Dictation;

/// <param name="Text">Words as they are said aloud.</param>
/// <param name="Form">The form so far; an empty one where it is missing.</param>
/// <param name="After">Id of the move after which the new ones go; the end where it is missing.</param>
/// <param name="HeightCm">Stature of the performer for whom the readings are, 80 to 230 cm.</param>
public sealed record DictationRequest(string Text, FormDocument? Form = null, string? After = null, double HeightCm = BodyMeasures.ReferenceStatureCm);

/// <param name="Form">The form with what was said put in.</param>
/// <param name="Moves">The moves that were said.</param>
/// <param name="Fields">What was understood, by characters of the text.</param>
/// <param name="Unread">What was not understood.</param>
/// <param name="Findings">What contradicts itself in the moves that were said.</param>
/// <param name="Readings">Everything computed from the form with what was said put in.</param>
/// <param name="ClosingTurns">Turns that, taken otherwise, would bring a form that ends far from its start back to it; none where it ends near enough or does not come back to standing.</param>
public sealed record DictationResponse(FormDocument Form, IReadOnlyList<SaidMove> Moves, IReadOnlyList<SaidField> Fields,
    IReadOnlyList<SaidUnread> Unread, IReadOnlyList<SaidFinding> Findings, ReadingsResponse Readings, IReadOnlyList<SaidTurn> ClosingTurns);

/// <param name="Count">The count of the turn.</param>
/// <param name="Turned">Signed degrees of the turn as it was read, to the right positive.</param>
/// <param name="Would">Signed degrees that it would turn; 0 for none.</param>
/// <param name="EndsCm">How far from where it began the form would then end.</param>
public sealed record SaidTurn(int Count, int Turned, int Would, double EndsCm);

/// <param name="Id">Id of the move in the form.</param>
/// <param name="Count">Its number; 0 for a move without one.</param>
/// <param name="Stance">Stance term stood in afterwards.</param>
/// <param name="Lead">Leading foot afterwards; none in an even stance.</param>
/// <param name="Heading">Degrees clockwise from the opening front, 0 to 359.</param>
/// <param name="Turn">Signed degrees of the turn that led there, to the right positive; 0 for none.</param>
/// <param name="Shout">Whether it carries a shout.</param>
/// <param name="Text">The move said back in words.</param>
/// <param name="Start">First character of the words it was read from.</param>
/// <param name="Length">How many characters; 0 where it has no words of its own.</param>
public sealed record SaidMove(string Id, int Count, string Stance, Side? Lead, int Heading, int Turn, bool Shout, string Text, int Start, int Length);

/// <param name="Move">Position in <c>moves</c>; -1 for a command.</param>
/// <param name="Field">Which part of the move.</param>
/// <param name="Start">First character.</param>
/// <param name="Length">How many characters.</param>
/// <param name="Assumption">What was taken for granted; empty where nothing was.</param>
/// <param name="Instead">Words that, put in their place, say the other thing they could mean; empty where there is none.</param>
/// <param name="Unheeded">Whether it was said and plays no part in its move.</param>
public sealed record SaidField(int Move, string Field, int Start, int Length, string Assumption, string Instead, bool Unheeded);

public sealed record SaidUnread(int Start, int Length, string Text);

/// <param name="Rule">The rule that found it.</param>
/// <param name="Move">Position in <c>moves</c>.</param>
/// <param name="Message">What is wrong, in words.</param>
public sealed record SaidFinding(string Rule, int Move, string Message);

/// <summary>Words to moves: a pure computation.</summary>
public static class DictationEndpoints
{
    public const int MostCharacters = 100_000;

    public static void MapDictation(this IEndpointRouteBuilder api) =>
        api.MapPost("/dictation", Read).WithName("dictate").WithTags("Dictation").WithMetadata(new NoTokenNeeded());

    private static async Task<Ok<DictationResponse>> Read(DictationRequest request, SchoolWays school, CancellationToken cancellation)
    {
        new Validation().Check("text", request.Text is not null, "Send the words to read.")
            .AtMost("text", request.Text, MostCharacters).Throw();
        var ways = await school.Get(cancellation);
        var form = request.Form is { } document ? FormDocuments.Read(document, ways.Vocabulary) : new Form();
        var reading = Reader.Read(request.Text!, form, request.After is { } after ? new MoveId(after) : null, ways);
        var readings = FormReading.Of(reading.Form, Performer.Of(request.HeightCm), ways);
        var positions = reading.Added.Select((id, i) => (id, i)).ToDictionary(p => p.id, p => p.i);
        return TypedResults.Ok(new DictationResponse(
            FormDocuments.Write(reading.Form),
            reading.Added.Zip(WordsOfMoves.Of(request.Text!, reading), (id, words) => Describe(readings, reading.Form.IndexOf(id), words.Start, words.Length)).ToArray(),
            reading.Fields.Select(f => new SaidField(f.Move is { } m ? positions.GetValueOrDefault(m, -1) : -1, f.Field, f.Start, f.Length, f.Assumption, f.Instead, f.Unheeded)).ToArray(),
            reading.Unread.Select(u => new SaidUnread(u.Start, u.Length, u.Text)).ToArray(),
            readings.Findings.Where(f => positions.ContainsKey(f.Move)).Select(f => new SaidFinding(f.Rule, positions[f.Move], f.Message)).ToArray(),
            ReadingsResponse.From(readings),
            (ClosingReading.Of(readings)?.Turns ?? []).Select(t => new SaidTurn(t.Count, t.Turned.Degrees, t.Would.Degrees, ReadingsResponse.Round(t.EndsCm))).ToArray()));
    }

    private static SaidMove Describe(FormReading reading, int index, int start, int length)
    {
        var posture = reading.Walk.Postures[index];
        var move = reading.Form.Moves[index];
        return new SaidMove(move.Id.Value, reading.Counts[index], posture.Stance.Value, posture.Lead, posture.Heading.Degrees,
            posture.Turned.Degrees, move.Shout, Speech.Say(move, reading.Ways), start, length);
    }
}
