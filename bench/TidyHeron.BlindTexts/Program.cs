using TidyHeron.Core;
using TidyHeron.Core.Dictation;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Tests.Dictation.BlindTexts;

// How often the reader is wrong on texts it was not tuned to:
//   dotnet run -c Release --project bench/TidyHeron.BlindTexts                  the texts of the tests
//   dotnet run -c Release --project bench/TidyHeron.BlindTexts -- FILE...       others
//   dotnet run -c Release --project bench/TidyHeron.BlindTexts -- read "words"  what some words are read as; a file's name, or "-" for what is typed
// A text counts its first mistake only: one turn taken wrongly puts every heading after it wrong.

if (args is ["read", .. var words])
{
    Show(string.Join(' ', words) is var told && told == "-" ? Console.In.ReadToEnd() : File.Exists(told) ? File.ReadAllText(told) : told);
    return 0;
}

var (texts, counts, mistakes) = (0, 0, 0);
foreach (var text in (args.Length > 0 ? args : Directory.GetFiles(Path.Combine(AppContext.BaseDirectory, "texts"), "*.txt").Order().ToArray()).SelectMany(BlindText.In))
{
    var read = text.Read();
    (texts, counts) = (texts + 1, counts + text.Meant.Length);
    if (text.FirstMistake(read) is not (> 0 and var at)) continue;
    mistakes++;
    Console.WriteLine($"{text.Name}, count {at}: meant {text.Meant.ElementAtOrDefault(at - 1)?.ToString() ?? "no such count"}; read {read.ElementAtOrDefault(at - 1)?.ToString() ?? "no such count"} ({text.Meant.Length} meant, {read.Count} read)");
}
Console.WriteLine($"{texts} texts, {counts} counts, {mistakes} first mistakes: {100.0 * mistakes / Math.Max(counts, 1):0.0} in a hundred counts.");
return 0;

static void Show(string words)
{
    var reading = Reader.Read(words, new Form(), null, Conventions.Standard);
    var pieces = WordsOfMoves.Of(words, reading);
    var rows = Row.Of(reading.Form);
    for (var i = 0; i < rows.Count; i++) Console.WriteLine($"{i + 1,3}  {rows[i]}");
    Console.WriteLine();
    for (var i = 0; i < reading.Added.Count; i++)
    {
        var move = reading.Form.Moves.First(m => m.Id == reading.Added[i]);
        Console.WriteLine($"{move.Counting,-9} {Speech.Say(move with { Note = "" }, Conventions.Standard.For(reading.Form))}{(move.Note.Length > 0 ? $" [{move.Note}]" : "")}\n          < {words.Substring(pieces[i].Start, pieces[i].Length)}");
    }
    foreach (var guess in reading.Fields.Where(f => f.Assumption.Length > 0 || f.Unheeded))
        Console.WriteLine($"{(guess.Unheeded ? "came to nothing" : "taken")}: \"{words.Substring(guess.Start, guess.Length)}\" {guess.Assumption} {(guess.Instead.Length > 0 ? $"(or \"{guess.Instead}\")" : "")}");
    foreach (var unread in reading.Unread) Console.WriteLine($"not read: \"{unread.Text}\"");
}
