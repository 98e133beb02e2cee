<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Tree;
use App\Trees\Exchange\ExportTree;
use App\Trees\Exchange\WriteFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Tests\Gedcom\Grammar\Checker;
use ZipArchive;

/** The demo, worked on by many hands: out, in, and out again, zipped with its pictures, in either version. */
final class ThereAndBackTest extends TestCase
{
    public function test_the_demo_goes_out_and_comes_back_byte_for_byte_from_the_second_time_on(): void
    {
        config(['queue.default' => 'long']);
        self::assertSame(0, Artisan::call('bough:demo', ['--unless-there' => true]));
        $tree = Tree::query()->where('name', 'Marren Isles')->firstOrFail();
        foreach (Version::cases() as $version) {
            [$first, $pictures] = $this->out($tree, $version);
            self::assertSame([], Checker::faults($first));
            self::assertGreaterThan(20, count($pictures));
            $second = $this->in("Marren Isles there {$version->value}", $tree, $version);
            [$out, $picturesAgain] = $this->out($second, $version);
            self::assertSame([], Checker::faults($out));
            self::assertEquals($pictures, $picturesAgain, 'Whatever bytes came in go out.');
            $third = $this->in("Marren Isles back {$version->value}", $second, $version);
            [$again] = $this->out($third, $version);
            self::assertSame(explode("\n", $out), explode("\n", $again));
        }
    }

    /** @return array{string, array<string, string>} the file, and a hash of each picture by its path */
    private function out(Tree $tree, Version $version): array
    {
        $this->enter($tree->refresh());
        $path = WriteFile::spooled(app(ExportTree::class), $version, $tree->id, new \DateTimeImmutable('2026-01-02 03:04:05'), true)->path;
        $zip = new ZipArchive;
        $zip->open($path);
        $pictures = [];
        for ($at = 0; $at < $zip->numFiles; $at++) {
            $pictures += $zip->getNameIndex($at) === 'gedcom.ged' ? []
                : [(string) $zip->getNameIndex($at) => md5((string) $zip->getFromIndex($at))];
        }
        $file = (string) $zip->getFromName('gedcom.ged');
        $zip->close();
        File::delete($path);
        ksort($pictures);

        return [$file, $pictures];
    }

    private function in(string $name, Tree $from, Version $version): Tree
    {
        $this->enter($from->refresh());
        $path = WriteFile::spooled(app(ExportTree::class), $version, $from->id, new \DateTimeImmutable('2026-01-02 03:04:05'), true)->path;
        self::assertSame(0, Artisan::call('bough:import', ['file' => $path, '--tree' => $name]), Artisan::output());
        File::delete($path);

        return Tree::query()->where('name', $name)->firstOrFail();
    }
}
