<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\RebuildIndex;
use App\Models\Tree;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Record\RecordKinds;
use PHPUnit\Framework\Attributes\DataProvider;

/** Commands: a sentence and a failure where something is not there, plain words without --json, and upkeep that can be run again. */
final class CommandRefusalsTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string|bool>, string}> */
    public static function refusals(): iterable
    {
        yield 'kin in a tree that is not there' => ['bough:kin', ['tree' => 'Nowhere', 'a' => '1', 'b' => '2'],
            'There is no tree of that name.'];
        yield 'kin of nobody' => ['bough:kin', ['tree' => 'Marren', 'a' => '1', 'b' => '99'], '99'];
        yield 'kin of a pointer that is none' => ['bough:kin', ['tree' => 'Marren', 'a' => '1', 'b' => '@I99@'], '@I99@'];
        yield 'an export of a tree that is not there' => ['bough:export', ['tree' => 'Nowhere', '--to' => '/tmp/nb-none.ged'],
            'There is no tree of that name.'];
        yield 'kinds of a tree that is not there' => ['bough:kinds', ['tree' => 'Nowhere'], 'There is no tree of that name.'];
        yield 'a match in a tree that is not there' => ['bough:match', ['tree' => 'Nowhere', '--record' => '/nowhere.json'],
            'There is no tree of that name.'];
        yield 'a match of a record that is not there' => ['bough:match', ['tree' => 'Marren', '--record' => '/nowhere.json'], ''];
        yield 'an import of a folder' => ['bough:import', ['file' => '/tmp', '--tree' => 'X'], ''];
    }

    /** @param  array<string, string|bool>  $said */
    #[DataProvider('refusals')]
    public function test_what_is_not_there_is_said(string $command, array $said, string $words): void
    {
        $this->person('Ewan Tarrel h b 1847');
        $stored = DB::table('trees')->count();
        self::assertSame(1, Artisan::call($command, $said));
        $output = trim(Artisan::output());
        self::assertNotSame('', $output);
        self::assertStringContainsString($words, $output);
        self::assertStringNotContainsString('Stack trace', $output);
        self::assertSame($stored, DB::table('trees')->count());
    }

    public function test_kin_in_plain_words(): void
    {
        $kit = $this->person('Kit Osk h b 1850');
        $this->relative($kit, 'mother', 'Ann Osk w b 1822');
        $this->person('Dan Drum h');
        self::assertSame(0, Artisan::call('bough:kin', ['tree' => 'Marren', 'a' => '1', 'b' => '2']));
        self::assertSame('mother (blood, 1): 1 – 2', trim(Artisan::output()));
        self::assertSame(0, Artisan::call('bough:kin', ['tree' => $this->tree->id, 'a' => '1', 'b' => '3']));
        self::assertSame('No relation is known.', trim(Artisan::output()));
        self::assertSame(0, Artisan::call('bough:kin', ['tree' => 'Marren', 'a' => $kit, 'b' => '1', '--json' => true]));
        self::assertSame('self', json_decode(Artisan::output(), true)[0]['term']);
    }

    public function test_kinds_with_roles_and_columns_in_words_and_for_programs(): void
    {
        self::assertSame(0, Artisan::call('bough:kinds'));
        $words = Artisan::output();
        self::assertSame(0, Artisan::call('bough:kinds', ['--json' => true]));
        $kinds = json_decode(Artisan::output(), true);
        self::assertSame(array_keys(RecordKinds::all()), array_column($kinds, 'kind'));
        foreach ($kinds as $kind) {
            self::assertStringContainsString("{$kind['kind']}  {$kind['name']}\n    roles: "
                .implode(', ', array_column($kind['roles'], 'code')), $words);
            self::assertNotSame([], $kind['columns'], $kind['kind']);
        }
        $own = $this->api('POST', '/record-kinds', ['template' => json_encode(RecordKinds::named('letter')->toArray())])->assertOk()
            ->json('id');
        self::assertSame(0, Artisan::call('bough:kinds', ['tree' => 'Marren', '--json' => true]));
        self::assertContains($own, array_column(json_decode(Artisan::output(), true), 'kind'));
    }

    public function test_upkeep_works_out_what_was_emptied_and_nothing_twice(): void
    {
        $this->person('Ewan Tarrel h b 1847 Hask');
        $this->relative($this->person('Kit Osk h b 1850'), 'mother', 'Ann Osk w b 1822');
        $before = $this->lines();
        DB::table('person_lines')->where('tree_id', $this->tree->id)->delete();
        self::assertSame(0, Artisan::call('bough:release'));
        self::assertEquals($before, $this->lines());
        self::assertSame(0, Artisan::call('bough:release'));
        self::assertEquals($before, $this->lines());

        DB::table('person_lines')->where('tree_id', $this->tree->id)->update(['shown_name' => 'Nobody', 'sort_name' => 'x']);
        $this->app?->call([new RebuildIndex($this->tree->id), 'handle']);
        $this->enter($this->tree);
        self::assertEquals($before, $this->lines());
    }

    public function test_a_file_goes_out_where_it_was_told_to_or_says_why_not(): void
    {
        $this->person('Ewan Tarrel h b 1847 d 1923');
        self::assertSame(1, Artisan::call('bough:export', ['tree' => 'Marren', '--to' => '/nowhere/at/all.ged']));
        self::assertStringNotContainsString('Stack trace', Artisan::output());
        $to = sys_get_temp_dir().'/nb-'.getmypid().'.ged';
        foreach (['5.5.1' => '2 VERS 5.5.1', '7' => '2 VERS 7.0'] as $standard => $line) {
            self::assertSame(0, Artisan::call('bough:export', ['tree' => 'Marren', '--to' => $to, '--standard' => $standard]));
            self::assertStringContainsString($line, (string) file_get_contents($to));
        }
        self::assertSame(1, Artisan::call('bough:export', ['tree' => 'Marren', '--to' => $to, '--standard' => '9']));
        unlink($to);
        self::assertSame(1, Tree::query()->count());
    }

    /** @return array<int, array<string, mixed>> */
    private function lines(): array
    {
        return DB::table('person_lines')->where('tree_id', $this->tree->id)->orderBy('number')->get()
            ->map(static fn (\stdClass $row): array => (array) $row)->all();
    }
}
