<?php

declare(strict_types=1);

namespace App\Console;

use App\Counted;
use App\Refusal;
use App\Trees\Exchange\LivingTold;
use App\Trees\Exchange\NotWritten;
use App\Trees\Exchange\PrivacyAwareExport;
use App\Trees\Exchange\WriteFile;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\NotReadable;
use NorthBough\Core\Gedcom\Out\ShieldedRows;
use NorthBough\Core\Gedcom\Version;

final class ExportCommand extends Command
{
    use KeepsLiving;
    use Worded;

    protected $signature = 'bough:export {tree} {--to= : the file to write} {--standard=7 : 7 or 5.5.1; --version= is understood too} '
        .'{--living=shield : shield or keep}';

    protected $description = 'Writes a tree as a GEDCOM file';

    public function handle(CurrentTree $current, PrivacyAwareExport $export): int
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
        $current->enter($tree);
        try {
            $rows = $export->rows($this->keepsLiving() ? LivingTold::everybody(null) : LivingTold::nobody(), 'Wrote a file');
        } catch (Refusal $problem) {
            return $this->refuse($problem->getMessage());
        }
        $now = Carbon::now()->toDateTimeImmutable();
        try {
            if (preg_match('/\.(gdz|zip)$/i', $to) === 1) {
                $written = WriteFile::spooled($rows, $version, $tree->id, $now, true);
                if (! @copy($written->path, $to)) {
                    throw NotWritten::to($to);
                }
                File::delete($written->path);
            } else {
                $written = WriteFile::plain($rows, $version, $to, $now);
            }
        } catch (NotWritten $problem) {
            return $this->refuse($problem->getMessage());
        }
        $this->output->writeln("Wrote {$tree->name}. ".($rows instanceof ShieldedRows
            ? Counted::of($rows->withheld(), 'living person', 'living people').' hidden.'
            : 'Living people are in it in full; the journal says so.'));
        if ($written->sentence($version->value) !== '') {
            $this->output->writeln($written->sentence($version->value));
        }
        foreach ($rows instanceof ShieldedRows ? $rows->namedIn() : [] as $text) {
            $this->output->writeln('A living person was named in: '.Str::limit(Str::squish($text), 120));
        }

        return self::SUCCESS;
    }

    private function refuse(string $why): int
    {
        $this->error($why);

        return self::FAILURE;
    }
}
