using TidyHeron.Core.Notation;

namespace TidyHeron.Core.Dictation;

/// <summary>What the words of a row of steps say, in whatever order.</summary>
public sealed partial class Reader
{
    private static readonly HashSet<string> Walking = ["going", "walking", "moving", "heading", "coming", "stepping", "walk"];

    /// <summary>What the words of a sentence say of a row; null where one of them says something besides.</summary>
    private RowWords? WhatARowSays(int first, int last)
    {
        const int Most = 9; // of a kind in a row
        var said = new RowWords(first);
        for (var k = first; k <= last; k++)
        {
            var lexeme = _lexemes[k];
            var next = k < last ? _lexemes[k + 1] : null;
            var word = lexeme.Plain.Split(' ')[0];
            said.Starts |= word is "starting" or "beginning" || lexeme is { Kind: "ordinal", Plain: "first" };
            said.Walks |= Walking.Contains(word) && lexeme.Kind is "filler" or "footwork";
            switch (lexeme)
            {
                case { Kind: "stop" or "then" or "together" }: break;
                case { Kind: "again" } when next is { IsStop: true } && OnlySmallWordsBefore(k): break; // "Same again, three steps forward with a punch on each"
                case var _ when SaysEach(lexeme):
                    said.Each = true;
                    // "On every step", "each one", "with each punch".
                    if (next is { Kind: "technique" } same && same.Value == said.Done?.Value || next is { Kind: "footwork", Value: "step" } or { Kind: "number", Value: "1" } or { Plain: "time" } && (k + 2 > last || _lexemes[k + 2] is { IsStop: true } or { Kind: "filler" or "shout" or "then" } or { Plain: "and" })) k++;
                    break;
                case { Kind: "shout" } when said.Shout is null:
                    said.Shout = lexeme;
                    if (WhereOneShouts(k + 1, last) is var (on, ends)) (said.ShoutOn, k) = (on, ends);
                    break;
                case { Kind: "number" } when int.TryParse(lexeme.Value, out var number):
                    if (number == 1 && k > first && _lexemes[k - 1].Is("ordinal", "last")) break;
                    said.OneStep |= number == 1 && next is { Kind: "footwork" };
                    if (number == 1 && next is { Kind: "technique" or "level" or "footwork" }) break; // "one punch on each", "one step for each"
                    if (number is < 2 or > Most || said.Many > 0 && said.Many != number || IsCountMark(k) || next is not ({ Kind: "footwork" or "technique" or "stance" or "level" or "side" } or { IsStop: true } or { Plain: "more" })) return null;
                    said.Many = number;
                    break;
                case { Kind: "times" } when int.TryParse(lexeme.Value, out var times) && (!lexeme.Value.StartsWith('+') || next is { Kind: "footwork" or "stance" or "technique" }): // "three more steps"
                    if (times is < 2 or > Most || said.Many > 0 && said.Many != times) return null;
                    said.Many = times;
                    break;
                case { Kind: "footwork", Value: "step" or "step-back" }:
                    said.Back |= lexeme.Value == "step-back" || lexeme.Plain.EndsWith(" back", StringComparison.Ordinal);
                    if (said.Step is null || !lexeme.IsGerund) said.Steps++;
                    said.Step ??= lexeme;
                    break;
                case { Kind: "footwork", Value: "land", Plain: "coming down" } when said.Step is null: break; // the hall
                case { Kind: "way", Value: "forward" or "back" }:
                    said.Back |= lexeme.Value == "back";
                    said.Step ??= lexeme;
                    break;
                case { Kind: "place" } when said.There is null && k > first && _lexemes[k - 1] is { Kind: "footwork" } or { Kind: "filler", Plain: "to" or "the" }: said.There = lexeme; break; // "three steps to the front"
                case { Kind: "stance" } when said.Stance is null: said.Stance = lexeme; break;
                case { Kind: "level" } when said.Level is null || said.Level.Value == lexeme.Value: said.Level ??= lexeme; break;
                case { Kind: "technique" } when lexeme.IsHandTechnique && (said.Done is null || said.Done.Value == lexeme.Value):
                    said.Each |= IsPlural(lexeme) && Follows(k, "with", "doing"); // "step forward three times with rising blocks"
                    said.Done ??= lexeme;
                    said.Told++;
                    break;
                case { Kind: "side" } when next is not { Kind: "handNoun" or "stance" } && (said.Sides.Count == 0 || said.Sides[^1] != lexeme.Side):
                    said.BeginsWithAHand |= said.Sides.Count == 0 && next is { Kind: "technique" or "level" };
                    said.OfTheFeet |= said.Done is null || next is { Kind: "footNoun" };
                    said.Sides.Add(lexeme.Side);
                    break;
                case { Kind: "footNoun" } when k > first && _lexemes[k - 1].Is("side"): said.NamesAFoot = true; break;
                case { Kind: "filler" or "unread" } when lexeme.Plain.Split(' ')[^1] is "hall" or "floor" or "room": said.Walks = true; break; // "up the hall"
                case { Kind: "filler" } or { Kind: "opening", Plain: "starting with" or "beginning with" or "starting" or "beginning" } or { Kind: "note", Plain: "theres" } or { Kind: "detail", Plain: "" }: break;
                case { Kind: "ordinal", Plain: "first" } when said.Sides.Count == 1: break; // "right first"
                case { Kind: "ordinal", Value: "last" } when said.Shout is null && next is { Kind: "number", Value: "1" } or { Kind: "filler" }: break; // "and the last one you shout"
                default: return null;
            }
        }
        return said;
    }

    /// <summary>"On the last one", "on three", "on the third punch": which one, 0 for each of them, -1 for the last, and the last of these words; none where it is not told.</summary>
    private (int On, int Ends)? WhereOneShouts(int k, int last)
    {
        var on = -2;
        var begins = k;
        for (; k <= last && !_lexemes[k].IsStop; k++)
        {
            if (_lexemes[k] is { Kind: "ordinal", Value: "last" } or { Plain: "final" }) on = -1;
            else if (SaysEach(_lexemes[k])) on = 0;
            else if (on == -2 && _lexemes[k] is { Kind: "number" or "ordinal" } && int.TryParse(_lexemes[k].Value, out var number)) on = number;
            else if (!(_lexemes[k] is { Kind: "filler" or "countNoun" or "technique" } or { Kind: "number", Value: "1" } or { Kind: "footwork", Value: "step" })) break;
        }
        return on == -2 || k == begins ? null : (on, k - 1);
    }

    /// <summary>What is said of a row of steps.</summary>
    /// <param name="First">The first word.</param>
    private sealed record RowWords(int First)
    {
        /// <summary>How many are counted; 0 where none are.</summary>
        public int Many { get; set; }

        /// <summary>How often what is done is told, and how often that one steps.</summary>
        public int Told { get; set; }

        public int Steps { get; set; }

        /// <summary>"One step".</summary>
        public bool OneStep { get; set; }

        /// <summary>Sides in their order, each other than the one before.</summary>
        public List<Side> Sides { get; } = [];

        /// <summary>The sides are those of the feet; of the hand that does the first; a foot is named.</summary>
        public bool OfTheFeet { get; set; }

        public bool BeginsWithAHand { get; set; }

        public bool NamesAFoot { get; set; }

        /// <summary>"Each time"; "walking up the hall"; "starting with the right", "right first"; going back.</summary>
        public bool Each { get; set; }

        public bool Walks { get; set; }

        public bool Starts { get; set; }

        public bool Back { get; set; }

        public Lexeme? Step { get; set; }

        public Lexeme? There { get; set; }

        public Lexeme? Stance { get; set; }

        public Lexeme? Level { get; set; }

        public Lexeme? Done { get; set; }

        public Lexeme? Shout { get; set; }

        /// <summary>As <see cref="WhereOneShouts"/> tells it; -1 for the last where it tells nothing.</summary>
        public int ShoutOn { get; set; } = -1;
    }
}
