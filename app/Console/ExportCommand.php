<?php

declare(strict_types=1);

namespace App\Console;

use App\Trees\CurrentTree;
use App\Trees\Exchange\ExportTree;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Version;
use NorthBough\Core\Gedcom\Writing\Writer;

final class ExportCommand extends Command
{
    use Worded;

    protected $signature = 'bough:export {tree} {--to= : the file to write} {--standard=7 : 7 or 5.5.1; --version= is understood too}';

    protected $description = 'Writes a tree as a file of the open standard';

    public function handle(CurrentTree $current): int
    {
        $tree = TreeNamed::find($this->word('tree'));
        $to = $this->word('to');
        try {
            $version = Version::named($this->word('standard'));
        } catch (NotReadable) {
            return $this->refuse('Files are written in version 7 or 5.5.1.');
        }
        if ($tree === null || $to === '') {
            return $this->refuse($tree === null ? 'There is no tree of that name.' : 'Say where to write with --to=FILE.');
        }
        $file = @fopen($to, 'wb');
        if ($file === false) {
            return $this->refuse("{$to} cannot be written.");
        }
        $current->enter($tree);
        foreach (Writer::write(new ExportTree($current), $version, Carbon::now()->toDateTimeImmutable()) as $bytes) {
            fwrite($file, $bytes);
        }
        fclose($file);
        $this->output->writeln("Wrote {$tree->name}.");

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->error($why);

        return self::FAILURE;
    }
}
