<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/** Drawings and reports from the command line, with the options that their kinds describe. */
final class PresentCommandsTest extends TestCase
{
    private const FILE = <<<'GED'
        0 HEAD
        1 GEDC
        2 VERS 7.0
        0 @A@ INDI
        1 NAME Ewan /Tarrel/
        1 BIRT
        2 DATE 1847
        1 FAMC @F1@
        1 FAMS @F2@
        0 @B@ INDI
        1 NAME Moll /Stair/
        1 BIRT
        2 DATE 1866
        2 SOUR @S@
        1 FAMS @F2@
        0 @C@ INDI
        1 NAME Magnus /Tarrel/
        1 BIRT
        2 DATE 1818
        1 FAMS @F1@
        0 @L@ INDI
        1 NAME Una /Tarrel/
        1 BIRT
        2 DATE 1990
        1 FAMC @F2@
        0 @F1@ FAM
        1 HUSB @C@
        1 CHIL @A@
        0 @F2@ FAM
        1 HUSB @A@
        1 WIFE @B@
        1 CHIL @L@
        0 @S@ SOUR
        1 TITL Register of St Osmund
        0 TRLR
        GED;

    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/'.Str::uuid7();
        mkdir($this->folder);
        file_put_contents("{$this->folder}/in.ged", self::FILE);
        Artisan::call('bough:import', ['file' => "{$this->folder}/in.ged", '--tree' => 'Tolsay', '--json' => true]);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_drawing_by_pointer_with_its_options_and_without_the_living(): void
    {
        [$code, $said, $svg] = $this->wrote('bough:draw', 'ancestors', ['@A@'], 'svg');
        self::assertSame(0, $code, $said);
        self::assertStringContainsString('Magnus Tarrel', $svg);
        self::assertStringContainsString('Wrote ancestors. Living people are hidden in it; the tree has 1.', $said);
        [, , $alone] = $this->wrote('bough:draw', 'ancestors', ['@A@'], 'svg', ['--generations' => '1']);
        self::assertStringNotContainsString('Magnus Tarrel', $alone);
        self::assertStringContainsString('1 parent not drawn', $alone);

        [, , $shielded] = $this->wrote('bough:draw', 'descendants', ['@A@'], 'svg');
        self::assertStringNotContainsString('Una', $shielded);
        $before = DB::table('change_sets')->count();
        [, $said, $kept] = $this->wrote('bough:draw', 'descendants', ['@A@'], 'svg', ['--living' => 'keep']);
        self::assertStringContainsString('Una Tarrel', $kept);
        self::assertStringContainsString('in full', $said);
        self::assertSame($before + 1, DB::table('change_sets')->count(), 'That the living left in full is in the journal.');
        self::assertStringStartsWith('%PDF', $this->wrote('bough:draw', 'ancestors', ['@A@'], 'pdf')[2]);
    }

    /** @return iterable<string, array{list<string>}> */
    public static function couples(): iterable
    {
        yield 'a family by its pointer' => [['@F2@']];
        yield 'both partners' => [['@B@', '@A@']];
        yield 'one who had no other' => [['@B@']];
    }

    /** @param  list<string>  $subject */
    #[DataProvider('couples')]
    public function test_a_report_of_a_couple(array $subject): void
    {
        [$code, $said, $html] = $this->wrote('bough:report', 'family', $subject, 'html');

        self::assertSame(0, $code, $said);
        self::assertStringContainsString('<h1><span class="name">Ewan Tarrel and Moll Stair</span></h1>', $html);
        self::assertStringContainsString('Register of St Osmund', $html);
        self::assertStringNotContainsString('Una', $html);
    }

    public function test_options_of_a_report(): void
    {
        $html = $this->wrote('bough:report', 'family', ['@F2@'], 'html', ['--notes' => 'no'])[2];
        self::assertStringNotContainsString('Register of St Osmund', $html);
    }

    /** @return iterable<string, array{string, string, list<string>, string, array<string, string>, string}> */
    public static function refused(): iterable
    {
        yield 'no such kind' => ['bough:draw', 'wheel', ['@A@'], 'svg', [],
            'There is no kind of drawing called “wheel”. There are: ancestors, descendants, fan, hourglass, kindred, path, lifespans.'];
        yield 'nobody' => ['bough:draw', 'ancestors', ['@Z@'], 'svg', [], 'Nobody in this tree is @Z@.'];
        yield 'two for one' => ['bough:draw', 'ancestors', ['@A@', '@B@'], 'svg', [], 'This kind is about one person.'];
        yield 'a format that is none' => ['bough:draw', 'ancestors', ['@A@'], 'doc', [], 'It ends in .svg or .pdf or .png or .json.'];
        yield 'too many generations' => ['bough:draw', 'ancestors', ['@A@'], 'svg', ['--generations' => '13'],
            'Generations is a number from 1 to 12, not “13”.'];
        yield 'an option of another kind' => ['bough:report', 'family', ['@F2@'], 'html', ['--claims' => 'no'],
            '“claims” is no option of this kind.'];
        yield 'no couple' => ['bough:report', 'family', ['@B@', '@C@'], 'html', [], '@B@ and @C@ are no couple in this tree.'];
        yield 'one of two couples' => ['bough:report', 'family', ['@L@'], 'html', [], '@L@ has no family as a partner'];
        yield 'a record that is none' => ['bough:report', 'record', ['7'], 'html', [], 'There is no record 7 in this tree.'];
        yield 'neither shielded nor kept' => ['bough:report', 'family', ['@F2@'], 'html', ['--living' => 'perhaps'],
            'Living people are shielded or kept'];
    }

    /**
     * @param  list<string>  $subject
     * @param  array<string, string>  $options
     */
    #[DataProvider('refused')]
    public function test_what_cannot_be_made_is_refused_in_a_sentence(
        string $command,
        string $kind,
        array $subject,
        string $format,
        array $options,
        string $sentence,
    ): void {
        $before = DB::table('change_sets')->count();
        [$code, $said, $written] = $this->wrote($command, $kind, $subject, $format, $options + ['--living' => 'keep']);

        self::assertSame($before, DB::table('change_sets')->count(), 'What was not made did not leave, and the journal does not say so.');
        self::assertSame([1, ''], [$code, $written]);
        self::assertStringContainsString($sentence, (string) preg_replace('/\s+/', ' ', $said));
    }

    /**
     * @param  list<string>  $subject
     * @param  array<string, string>  $options
     * @return array{int, string, string} the exit code, what was said, what was written
     */
    private function wrote(string $command, string $kind, array $subject, string $format, array $options = []): array
    {
        $to = "{$this->folder}/out.{$format}";
        @unlink($to);
        $code = Artisan::call($command, ['tree' => 'Tolsay', 'kind' => $kind, 'subject' => $subject, '--to' => $to] + $options);

        return [$code, Artisan::output(), is_file($to) ? (string) file_get_contents($to) : ''];
    }
}
