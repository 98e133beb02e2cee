<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Tests\Gedcom\SaysTheSame;

final class CommandsTest extends TestCase
{
    public function test_a_date_as_json(): void
    {
        self::assertSame(0, Artisan::call('bough:date', ['text' => 'abt 1850', '--json' => true]));
        self::assertSame([
            'typed' => 'abt 1850', 'kind' => 'about', 'earliest' => '1848-01-01', 'latest' => '1852-12-31', 'precision' => 'year',
            'readings' => [['earliest' => '1848-01-01', 'latest' => '1852-12-31']], 'normal' => 'ABT 1850', 'shown' => 'about 1850',
            'calendar' => 'GREGORIAN', 'ambiguous' => false, 'problem' => '',
        ], json_decode(Artisan::output(), true));
        Artisan::call('bough:date', ['text' => '3/4/1902', '--order' => 'mdy', '--json' => true]);
        self::assertSame('4 MAR 1902', json_decode(Artisan::output(), true)['normal']);
    }

    public function test_a_file_in_and_out(): void
    {
        self::assertSame(0,
            Artisan::call('bough:import', ['file' => self::coreFile('isles-551.ged'), '--tree' => 'From a file', '--json' => true]));
        $report = json_decode(Artisan::output(), true);
        self::assertSame(
            ['tree', 'people', 'families', 'events', 'sources', 'records', 'media', 'notes', 'lines', 'unplaced', 'kept', 'repaired',
                'pictures', 'seconds'], array_keys($report));
        self::assertSame([3, 1, 70], [$report['people'], $report['families'], $report['lines']]);

        $to = (string) tempnam(sys_get_temp_dir(), 'nb');
        self::assertSame(0,
            Artisan::call('bough:export', ['tree' => 'From a file', '--to' => $to, '--standard' => '5.5.1', '--living' => 'keep']));
        self::assertSame(SaysTheSame::normalised((string) file_get_contents(self::coreFile('isles-551.ged'))),
            SaysTheSame::normalised((string) file_get_contents($to)));
    }

    public function test_a_refused_file_gets_a_sentence_and_makes_no_tree(): void
    {
        self::assertSame(1, Artisan::call('bough:import', ['file' => base_path('composer.json'), '--tree' => 'Nothing']));
        self::assertStringContainsString('not a GEDCOM file', Artisan::output());
        self::assertSame(0, Tree::withTrashed()->where('name', 'Nothing')->count());
        self::assertSame(1, Artisan::call('bough:import', ['file' => '/nowhere.ged', '--tree' => 'Nothing']));
        self::assertSame(1, Artisan::call('bough:export', ['tree' => 'Nothing', '--to' => '/tmp/x']));
    }

    public function test_the_demo_loads_once_and_every_screen_has_something_true(): void
    {
        // Forty pictures wait to be cut into tiles, as they do outside of tests; PicturesTest cuts.
        config(['queue.default' => 'long']);
        foreach (['first', 'second'] as $time) {
            self::assertSame(0, Artisan::call('bough:demo', ['--unless-there' => true]), $time);
        }
        $user = User::query()->where('email', config('northbough.demo.email'))->firstOrFail();
        $this->actingAs($user);
        $this->tree = Tree::query()->where('name', 'Marren Isles')->firstOrFail();

        self::assertSame(1, Tree::query()->where('name', 'Marren Isles')->count());
        self::assertGreaterThanOrEqual(120, $this->api('GET', '/people')->json('total'));
        self::assertNotNull($this->tree->centre_person_id);
        $waits = array_column($this->api('GET', '/desk')->json('yours'), 'text');
        $unplaced = array_filter($waits, static fn (string $text): bool => str_contains($text, 'not placed on'));
        self::assertCount(3, array_diff($waits, $unplaced));
        // Some rolls are half placed, so that there is something to decide.
        self::assertContains('Six names are not placed on Census of Marren, 1881, district 4, sheet 9.', $unplaced);
        self::assertGreaterThan(10, count($this->api('GET', "/drawings/ancestors/{$this->tree->centre_person_id}")->json('areas')));
        self::assertGreaterThanOrEqual(150, DB::table('roll_lines')->where('tree_id', $this->tree->id)->distinct()->count('record_id'));
        self::assertSame([40, 40], [$this->api('GET', '/pictures')->json('total'), DB::table('jobs')->where('queue', 'previews')->count()]);
        self::assertSame([], DB::table('events')->where('tree_id', $this->tree->id)->where('standing', 'rival')->pluck('kind')->all(),
            'A roll of the demo contradicts its family by a slip of ours.');
        self::assertSame(0, DB::table('runs')->where('tree_id', $this->tree->id)->count());
    }
}
