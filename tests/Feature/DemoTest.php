<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;
use App\Models\User;
use App\Trees\Exchange\ExportTree;
use App\Trees\Exchange\WriteFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tests\Gedcom\Grammar\Checker;
use ZipArchive;

/** The demo, worked on by many hands: as it is loaded, and out, in, and out again, zipped with its pictures, in either version. */
final class DemoTest extends TestCase
{
    /** One test, since loading the demo takes longer than all that is asked of it. */
    public function test_the_demo_loads_once_has_something_true_on_every_screen_goes_out_and_comes_back_byte_for_byte(): void
    {
        // Forty pictures wait to be cut into tiles, as they do outside of tests; PicturesTest cuts.
        config(['queue.default' => 'long']);
        foreach (['first', 'second'] as $time) {
            self::assertSame(0, Artisan::call('bough:demo', ['--unless-there' => true]), $time);
        }
        $this->hasSomethingTrueOnEveryScreen();
        $this->goesOutAndComesBack($this->tree);
    }

    private function hasSomethingTrueOnEveryScreen(): void
    {
        $user = User::query()->where('email', config('northbough.demo.email'))->firstOrFail();
        $this->actingAs($user);
        $this->tree = Tree::query()->where('name', 'Marren Isles')->sole();
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

    /** Whatever was written once is written the same way from then on. */
    private function goesOutAndComesBack(Tree $tree): void
    {
        foreach (Version::cases() as $version) {
            $path = $this->out($tree, $version);
            [$first, $pictures] = self::read($path);
            self::assertSame([], Checker::faults($first));
            self::assertGreaterThan(20, count($pictures));
            $path = $this->out($this->in("Marren Isles there {$version->value}", $path), $version);
            [$out, $picturesAgain] = self::read($path);
            self::assertSame([], Checker::faults($out));
            self::assertEquals($pictures, $picturesAgain, 'Whatever bytes came in go out.');
            $path = $this->out($this->in("Marren Isles back {$version->value}", $path), $version);
            self::assertSame(explode("\n", $out), explode("\n", self::read($path)[0]));
            File::delete($path);
        }
    }

    private function out(Tree $tree, Version $version): string
    {
        $this->enter($tree->refresh());

        return WriteFile::spooled(app(ExportTree::class), $version, $tree->id, new \DateTimeImmutable('2026-01-02 03:04:05'), true)->path;
    }

    /** @return array{string, array<string, string>} the file, and a hash of each picture by its path */
    private static function read(string $path): array
    {
        $zip = new ZipArchive;
        $zip->open($path);
        $pictures = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $pictures += $zip->getNameIndex($at) === 'gedcom.ged' ? []
                : [(string) $zip->getNameIndex($at) => md5((string) $zip->getFromIndex($at))];
        }
        $file = (string) $zip->getFromName('gedcom.ged');
        $zip->close();
        ksort($pictures);

        return [$file, $pictures];
    }

    private function in(string $name, string $path): Tree
    {
        self::assertSame(0, Artisan::call('bough:import', ['file' => $path, '--tree' => $name]), Artisan::output());
        File::delete($path);

        return Tree::query()->where('name', $name)->firstOrFail();
    }
}
