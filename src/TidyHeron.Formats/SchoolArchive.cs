using System.IO.Compression;
using System.Text.Json;
using TidyHeron.Core.Body;
using TidyHeron.Core.Notation;
using TidyHeron.Core.Terms;

namespace TidyHeron.Formats;

/// <summary>One save of a form.</summary>
/// <param name="At">When.</param>
/// <param name="By">Name of who saved it.</param>
/// <param name="Form">The form as it was.</param>
public sealed record Save(DateTimeOffset At, string By, Form Form);

/// <summary>
/// A whole school in one ZIP file: <c>school.json</c> (a <see cref="SchoolDocument"/>), one form document for each of its
/// forms, and one file with all saves of each form that was saved more than once.
/// </summary>
/// <param name="School">Everything but the forms.</param>
/// <param name="Forms">The forms by the file they lie in.</param>
/// <param name="Saves">All saves of a form, oldest first, by the file they lie in.</param>
public sealed record SchoolArchive(SchoolDocument School, IReadOnlyDictionary<string, Form> Forms, IReadOnlyDictionary<string, IReadOnlyList<Save>> Saves)
{
    private const string SchoolFile = "school.json";

    /// <summary>The most bytes that an archive may hold when unpacked.</summary>
    public const long MostBytes = 256 * 1024 * 1024;

    private static readonly JsonSerializerOptions Indented = new(Json.Options) { WriteIndented = true };

    /// <summary>The archive as the bytes of a ZIP file.</summary>
    public byte[] Write()
    {
        using var bytes = new MemoryStream();
        using (var zip = new ZipArchive(bytes, ZipArchiveMode.Create, leaveOpen: true))
        {
            Put(zip, SchoolFile, School);
            foreach (var (file, form) in Forms) Put(zip, file, FormDocuments.Write(form));
            foreach (var (file, saves) in Saves) Put(zip, file, new SavesDocument([.. saves.Select(s => new SaveDocument(s.At, s.By, FormDocuments.Write(s.Form)))]));
        }
        return bytes.ToArray();

        static void Put<T>(ZipArchive zip, string name, T document)
        {
            using var entry = zip.CreateEntry(name).Open();
            JsonSerializer.Serialize(entry, document, Indented);
        }
    }

    /// <summary>Reads a ZIP file. Nothing of it is taken if anything in it is wrong.</summary>
    /// <param name="bytes">The file.</param>
    /// <param name="vocabularyOf">The vocabulary in which its forms are to be read, given the terms of the school.</param>
    /// <exception cref="BadDocumentException">With the file, the place in it and the remedy.</exception>
    public static SchoolArchive Read(byte[] bytes, Func<SchoolDocument, Vocabulary> vocabularyOf)
    {
        try
        {
            using var zip = new ZipArchive(new MemoryStream(bytes), ZipArchiveMode.Read);
            var left = MostBytes;
            var school = Take<SchoolDocument>(zip, SchoolFile, ref left);
            var errors = Check(school);
            if (errors.Count > 0) throw new BadDocumentException(errors);
            var vocabulary = vocabularyOf(school);
            var forms = new Dictionary<string, Form>();
            var saves = new Dictionary<string, IReadOnlyList<Save>>();
            foreach (var row in school.Forms)
            {
                var file = row.File;
                try
                {
                    forms[file] = FormDocuments.Read(Take<FormDocument>(zip, file, ref left), vocabulary);
                    if (row.History is not { } history) continue;
                    file = history;
                    var document = Take<SavesDocument>(zip, file, ref left);
                    if (document.Saves is null or []) throw new BadDocumentException(new Dictionary<string, string[]> { ["saves"] = ["A history holds at least one save. Leave the file out where there is none."] });
                    saves[file] = [.. document.Saves.Select((s, i) => ReadSave(s, i, vocabulary))];
                }
                catch (BadDocumentException bad)
                {
                    foreach (var (place, messages) in bad.Errors) errors[place.StartsWith(file, StringComparison.Ordinal) ? place : $"{file}, {place}"] = messages;
                }
            }
            return errors.Count == 0 ? new SchoolArchive(school, forms, saves) : throw new BadDocumentException(errors);
        }
        catch (InvalidDataException)
        {
            throw new BadDocumentException(new Dictionary<string, string[]> { ["file"] = ["This is no ZIP file, or a broken one. Choose an archive that this program wrote."] });
        }
    }

    private static Save ReadSave(SaveDocument save, int i, Vocabulary vocabulary)
    {
        var place = $"saves[{i}]";
        if (save.Form is null || string.IsNullOrWhiteSpace(save.By) || save.By.Length > 120)
            throw new BadDocumentException(new Dictionary<string, string[]> { [place] = ["A save needs the form as it was, and in \"by\" the name of who saved it, at most 120 characters."] });
        try
        {
            return new Save(save.At, save.By, FormDocuments.Read(save.Form, vocabulary));
        }
        catch (BadDocumentException bad)
        {
            throw new BadDocumentException(bad.Errors.ToDictionary(e => $"{place}.form.{e.Key}", e => e.Value));
        }
    }

    private static T Take<T>(ZipArchive zip, string file, ref long left)
    {
        if (zip.GetEntry(file) is not { } entry)
            throw new BadDocumentException(new Dictionary<string, string[]> { [file] = ["The archive does not hold this file. Choose an archive that this program wrote."] });
        // A small file can unpack to a huge one; what is really read is counted, not what it claims.
        using var stream = entry.Open();
        using var memory = new MemoryStream();
        var buffer = new byte[81920];
        for (int read; (read = stream.Read(buffer)) > 0;)
        {
            if ((left -= read) < 0) throw new BadDocumentException(new Dictionary<string, string[]> { [file] = [$"The archive holds more than {MostBytes / 1024 / 1024} MB. Part it."] });
            memory.Write(buffer, 0, read);
        }
        try
        {
            return JsonSerializer.Deserialize<T>(memory.ToArray(), Json.Options) ?? throw new JsonException("The file is empty.");
        }
        catch (JsonException bad)
        {
            throw new BadDocumentException(new Dictionary<string, string[]> { [$"{file}, line {(bad.LineNumber ?? 0) + 1}"] = [bad.Message.Split(" Path:")[0]] });
        }
    }

    private static Dictionary<string, string[]> Check(SchoolDocument school)
    {
        var errors = new Dictionary<string, string[]>();
        void Wrong(string place, string message) => errors[$"{SchoolFile}, {place}"] = [message];
        void Text(string place, string? text, int most)
        {
            if (string.IsNullOrWhiteSpace(text)) Wrong(place, "Write something here.");
            else if (text.Length > most) Wrong(place, $"At most {most} characters; these are {text.Length}.");
        }
        if (school.Format != SchoolDocument.FormatName) Wrong("format", $"Write \"{SchoolDocument.FormatName}\".");
        if (school.Version != SchoolDocument.CurrentVersion) Wrong("version", $"Only version {SchoolDocument.CurrentVersion} can be read.");
        Text("name", school.Name, 120);
        for (var i = 0; i < school.Ranks.Count; i++) Text($"ranks[{i}]", school.Ranks[i], 80);
        for (var i = 0; i < school.Classes.Count; i++) Text($"classes[{i}]", school.Classes[i], 80);
        var files = school.Forms.Select(f => f.File).ToHashSet();
        if (files.Count != school.Forms.Count) Wrong("forms", "Two forms lie in the same file. Give each its own.");
        for (var i = 0; i < school.Forms.Count; i++)
            if (school.Forms[i].SharedFrom is { } rank && !school.Ranks.Contains(rank)) Wrong($"forms[{i}].sharedFrom", $"No rank is called \"{rank}\". Name one of the ranks.");
        for (var i = 0; i < school.Students.Count; i++)
        {
            var (student, place) = (school.Students[i], $"students[{i}]");
            Text($"{place}.name", student.Name, 120);
            if (student.Rank is { } rank && !school.Ranks.Contains(rank)) Wrong($"{place}.rank", $"No rank is called \"{rank}\". Name one of the ranks.");
            if (student.Class is { } @class && !school.Classes.Contains(@class)) Wrong($"{place}.class", $"No class is called \"{@class}\". Name one of the classes.");
            if (student.Measured is { } measured && measured != new MeasuredParts())
            {
                if (student.HeightCm is not { } height) Wrong($"{place}.measured", "Give the height too: the rest of the body follows from it.");
                else
                    try
                    {
                        _ = new BodyMeasures(height, measured);
                    }
                    catch (ArgumentOutOfRangeException wrong)
                    {
                        Wrong(wrong.ParamName == "statureCm" ? $"{place}.heightCm" : $"{place}.measured.{wrong.ParamName}", wrong.Message.Split(" (Parameter")[0]);
                    }
            }
            if (student.HeightCm is < (int)BodyMeasures.LeastStatureCm or > (int)BodyMeasures.GreatestStatureCm) Wrong($"{place}.heightCm", "Give a height from 80 to 230 cm, or leave it out.");
            for (var k = 0; k < (student.Marks?.Count ?? 0); k++)
            {
                if (!files.Contains(student.Marks![k].Form)) Wrong($"{place}.marks[{k}].form", $"No form lies in \"{student.Marks[k].Form}\".");
                Text($"{place}.marks[{k}].section", student.Marks[k].Section, 40);
                Text($"{place}.marks[{k}].by", student.Marks[k].By, 120);
            }
        }
        for (var i = 0; i < school.Applications.Count; i++)
        {
            var (application, place) = (school.Applications[i], $"applications[{i}]");
            Text($"{place}.name", application.Name, 120);
            for (var k = 0; k < (application.Steps?.Count ?? 0); k++) Text($"{place}.steps[{k}].text", application.Steps![k].Text, 500);
            for (var k = 0; k < (application.Links?.Count ?? 0); k++)
                if (!files.Contains(application.Links![k].Form)) Wrong($"{place}.links[{k}].form", $"No form lies in \"{application.Links[k].Form}\".");
        }
        return errors;
    }
}
