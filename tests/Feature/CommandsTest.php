<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;
use Illuminate\Support\Facades\Artisan;
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
}
