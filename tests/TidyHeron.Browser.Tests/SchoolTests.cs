using OpenQA.Selenium;
using Shouldly;

namespace TidyHeron.Browser.Tests;

/// <summary>What the head instructor decides for the whole school.</summary>
public class SchoolTests(DemoServer demo) : IClassFixture<DemoServer>
{
    [Fact]
    public void Stances_are_chosen_as_a_set_and_changed_one_by_one()
    {
        using var person = new Person(demo.Server.Address);
        person.EnterDemo("Head instructor");
        person.Open("/school");
        person.Field("How the school stands").SendKeys("Short");
        person.SeeText("Every form is read with it from now on.");
        person.See(By.XPath("//summary[contains(., 'Every stance with its numbers')]")).Click();
        person.AxeFindsNothing();
        person.See(By.XPath("//tr[td[1][normalize-space(.)='front stance']]//button")).SendKeys(Keys.Enter); // a notice may lie over it
        var wide = person.Field("Long");
        wide.SendKeys(Keys.Control + "a");
        wide.SendKeys("rather long" + Keys.Enter);
        person.SeeText("rather long"); // told beside the field, and what was typed is still there
        person.Field("Long").GetDomProperty("value").ShouldBe("rather long");
        person.See(By.CssSelector("[role=dialog] [role=alert]"));
        wide = person.Field("Long");
        wide.SendKeys(Keys.Control + "a");
        wide.SendKeys("1.2 shoulders" + Keys.Enter);
        person.Until(() => person.Driver.FindElement(By.XPath("//tr[td[1][normalize-space(.)='front stance']]")).Text.Contains("1.2 shoulders"), "the stance changed");
        person.See(By.XPath("//summary[contains(., '(1 changed)')]"));
        person.See(By.XPath("//tr[td[1][normalize-space(.)='front stance']]//button")).SendKeys(Keys.Enter); // a notice may lie over it
        person.Button("As the set has it").Click();
        person.Until(() => person.Driver.FindElement(By.XPath("//tr[td[1][normalize-space(.)='front stance']]")).Text.Contains("1 shoulders"), "the set's own number");
        person.Field("How the school stands").SendKeys("As published");
        person.Until(() => !person.PageText().Contains("(1 changed)"), "back as it was");
    }

    [Fact]
    public void The_whole_school_goes_out_and_a_broken_file_is_refused_with_its_reason()
    {
        using var person = new Person(demo.Server.Address);
        person.EnterDemo("Head instructor");
        person.Open("/school");
        var bytes = Convert.ToInt64(person.Driver.ExecuteAsyncScript("fetch('/api/school/archive').then(r => r.arrayBuffer()).then(b => arguments[arguments.length - 1](b.byteLength))".Replace("arguments[arguments.length - 1]", "done").Insert(0, "const done = arguments[0];")));
        bytes.ShouldBeGreaterThan(5000);
        var file = Path.GetTempFileName();
        try
        {
            File.WriteAllText(file, "this is no archive");
            person.Driver.FindElement(By.CssSelector("input[type=file]")).SendKeys(file);
            person.SeeText("Nothing was taken in.");
            person.SeeText("no ZIP file");
            person.AxeFindsNothing();
        }
        finally
        {
            File.Delete(file);
        }
    }
}
