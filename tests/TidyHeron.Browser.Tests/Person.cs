using System.Text.Json;
using OpenQA.Selenium;
using OpenQA.Selenium.Chrome;
using Shouldly;

namespace TidyHeron.Browser.Tests;

/// <summary>Someone at a browser: looks, types and waits as a person does.</summary>
public sealed class Person : IDisposable
{
    private readonly string _profile;
    private readonly bool _ownsProfile;

    public ChromeDriver Driver { get; }

    /// <param name="profile">Folder of a browser that was used before; none for a new one.</param>
    public Person(string address, int width = 1280, int height = 800, string? profile = null)
    {
        Address = address;
        _ownsProfile = profile is null;
        _profile = profile ?? Directory.CreateTempSubdirectory("heron-browser-").FullName;
        var options = new ChromeOptions { BinaryLocation = "/usr/bin/chromium" };
        options.AddArguments("--headless", "--no-sandbox", "--disable-gpu", "--disable-background-networking", "--disable-component-update",
            "--disable-sync", "--no-first-run", "--disable-dev-shm-usage", "--force-prefers-reduced-motion", $"--user-data-dir={_profile}", $"--window-size={width},{height}");
        var service = ChromeDriverService.CreateDefaultService("/usr/bin", "chromedriver");
        service.SuppressInitialDiagnosticInformation = true;
        Driver = new ChromeDriver(service, options, TimeSpan.FromMinutes(2));
    }

    public string Address { get; }

    public void Open(string path) => Driver.Navigate().GoToUrl(Address + path);

    /// <summary>The element that a person would see, as soon as it is there.</summary>
    public IWebElement See(By by) => Until(() => Driver.FindElements(by).FirstOrDefault(e => e.Displayed), by.ToString());

    public IWebElement SeeText(string text) => See(By.XPath($"//body//*[contains(normalize-space(.), {Quote(text)}) and not(*[contains(normalize-space(.), {Quote(text)})])]"));

    public IWebElement Button(string name) => See(By.XPath($"//button[contains(normalize-space(.), {Quote(name)})]"));

    public IWebElement Field(string label) => See(By.XPath($"//*[@id=//label[normalize-space(.)={Quote(label)}]/@for]"));

    /// <summary>Waits until something is so.</summary>
    public void Until(Func<bool> condition, string what) => Until(() => condition() ? this : null, what);

    public T Until<T>(Func<T?> find, string what) where T : class
    {
        var end = DateTime.UtcNow.AddSeconds(20);
        while (true)
        {
            try
            {
                if (find() is { } found) return found;
            }
            catch (StaleElementReferenceException)
            {
                // The page was drawn anew meanwhile.
            }
            if (DateTime.UtcNow > end) throw new TimeoutException($"Not seen within 20 s: {what}. The page says: {PageText()}");
            Thread.Sleep(50);
        }
    }

    public string PageText() => Driver.FindElement(By.TagName("body")).Text;

    /// <summary>Presses keys wherever the focus is.</summary>
    public void Keys(params string[] keys)
    {
        foreach (var key in keys) new OpenQA.Selenium.Interactions.Actions(Driver).SendKeys(key).Perform();
    }

    public void KeysWith(string modifier, string key) =>
        new OpenQA.Selenium.Interactions.Actions(Driver).KeyDown(modifier).SendKeys(key).KeyUp(modifier).Perform();

    public void EnterDemo(string role)
    {
        Open("/");
        Button(role).Click();
        See(By.XPath("//h1[normalize-space(.)='Forms']"));
    }

    /// <summary>Begins a form as the demo school's head, and gives the line it is written in.</summary>
    public IWebElement BeginForm(string title)
    {
        EnterDemo("Head instructor");
        Field("Name of a new form").SendKeys(title + OpenQA.Selenium.Keys.Enter);
        return See(By.Id("say"));
    }

    /// <summary>Leaves, so that somebody else may enter.</summary>
    public void SignOut()
    {
        See(By.CssSelector("header button[aria-haspopup=menu]")).Click();
        See(By.XPath("//*[@role='menuitem'][normalize-space(.)='Sign out']")).Click();
        Until(() => Driver.FindElements(By.CssSelector("header button[aria-haspopup=menu]")).Count == 0, "signed out");
    }

    /// <summary>Rows of the score as a person reads them.</summary>
    public IReadOnlyList<string> Rows() => Driver.FindElements(By.CssSelector(".score-row")).Select(r => r.Text.ReplaceLineEndings(" ")).ToList();

    public int RowCount() => Driver.FindElements(By.CssSelector(".score-row")).Count;

    public void UntilRows(int count) => Until(() => RowCount() == count, $"{count} rows in the score");

    public void UntilSaved() => Until(() => Driver.FindElements(By.CssSelector("[data-save=saved]")).Count > 0, "Saved");

    /// <summary>What the accessibility checker finds on the page, by rule.</summary>
    public void AxeFindsNothing()
    {
        var axe = File.ReadAllText(Path.Combine(Environment.GetEnvironmentVariable("HERON_TEST_CLIENT")!, "../node_modules/axe-core/axe.min.js"));
        Driver.ExecuteScript(axe);
        var json = (string)Driver.ExecuteAsyncScript(
            "const done = arguments[arguments.length - 1]; axe.run().then(r => done(JSON.stringify(r.violations.map(v => v.id + ': ' + v.nodes.map(n => n.html.slice(0, 160)).join(' | ')))));")!;
        JsonSerializer.Deserialize<string[]>(json)!.ShouldBeEmpty(Driver.Url);
    }

    /// <summary>Ends the browser at once, as when its machine loses power.</summary>
    public void KillBrowser()
    {
        foreach (var process in System.Diagnostics.Process.GetProcesses())
        {
            try
            {
                if (File.ReadAllText($"/proc/{process.Id}/cmdline").Contains(_profile)) process.Kill();
            }
            catch (Exception e) when (e is IOException or UnauthorizedAccessException or InvalidOperationException or System.ComponentModel.Win32Exception)
            {
                // It has ended already.
            }
        }
        Driver.Dispose();
    }

    /// <summary>What the page has kept on the disk under a name that begins so; empty where nothing is.</summary>
    public string Kept(string prefix) => (string)Driver.ExecuteAsyncScript("""
        const [prefix, done] = arguments;
        const request = indexedDB.open('heron', 1);
        request.onupgradeneeded = () => request.result.createObjectStore('kept');
        request.onsuccess = () => {
            const found = request.result.transaction('kept').objectStore('kept').openCursor(IDBKeyRange.bound(prefix, prefix + '\uffff'));
            found.onsuccess = () => done(found.result ? found.result.value : '');
        };
        """, prefix)!;

    public string Profile => _profile;

    public void Dispose()
    {
        Driver.Dispose();
        if (_ownsProfile && Directory.Exists(_profile)) Try(() => Directory.Delete(_profile, recursive: true));
    }

    private static void Try(Action action)
    {
        try
        {
            action();
        }
        catch (IOException)
        {
            // The browser still holds a file; the folder is in the temporary one.
        }
    }

    private static string Quote(string text) => text.Contains('\'') ? $"\"{text}\"" : $"'{text}'";
}
