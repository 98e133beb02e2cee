<?php

declare(strict_types=1);

namespace App\Console;

use App\Counted;
use App\Models\Tree;
use App\Models\User;
use App\Refusal;
use App\Trees\Doubles\DoublesInFile;
use App\Trees\Exchange\ImportTree;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use Illuminate\Support\Str;
use NorthBough\Core\Gedcom\In\ImportOptions;
use NorthBough\Core\Gedcom\NotReadable;

final class ImportCommand extends Command
{
    use Worded;

    /** So many of those who are likely in the tree are named. */
    private const TOLD = 10;

    protected $signature = 'bough:import {file} {--tree= : name or id; a name that is not there makes a new tree} {--owner= : e-mail of '
        .'whoever owns a new tree} {--dry-run : look at it only} {--encoding= : how its letters are read, where the file says it wrongly} '
        .'{--start= : pointer of the person whose kin come in, such as @I1@} {--generations=3 : how many up and down from there} {--json}';

    protected $description = 'Brings a GEDCOM file into a tree';

    public function handle(ImportTree $import, CurrentTree $current, DoublesInFile $look): int
    {
        $file = $this->word('file');
        if (! is_readable($file) || is_dir($file)) {
            $this->error("There is no file at {$file} that can be read.");

            return self::FAILURE;
        }
        if ($this->option('dry-run')) {
            return $this->look($look, $current, $file);
        }
        $owner = $this->option('owner') === null ? User::query()->orderBy('created_at')->first() : User::query()
            ->where('email', $this->option('owner'))->first();
        $name = trim($this->word('tree'));
        if ($name === '' || $owner === null) {
            $this->error($name === '' ? 'Say which tree with --tree=NAME.'
                : 'There is no such account to own the tree. Make one in the page first.');

            return self::FAILURE;
        }
        $existing = TreeNamed::find($name);
        $tree = $existing ?? Tree::begin($name, $owner);
        try {
            $report = $current->within($tree,
                fn (): array => $import->run($file, basename($file), $owner, new SilentProgress, choice: $this->wanted()));
        } catch (NotReadable|Refusal $refused) {
            if ($existing === null) {
                $tree->forceDelete();
            }
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $leftOut = $report['leftOut']['people'];
        unset($report['version'], $report['again'], $report['repositories'], $report['other'], $report['noted'],
            $report['pictures']['missingCount'], $report['leftOut'], $report['before'], $report['after']);
        $this->output->writeln($this->option('json')
            ? (string) json_encode($report, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE)
            : 'Brought '.Counted::of($report['people'], 'person', 'people').', '.Counted::of($report['families'], 'family').', '
            .Counted::of($report['events'], 'event').' and '.Counted::of($report['sources'], 'source')." into {$tree->name}; "
                .Counted::of(count($report['unplaced']), 'line').' to look at.'
                .($leftOut === 0 ? '' : ' '.Counted::of($leftOut, 'person', 'people').' left out.'));

        return self::SUCCESS;
    }

    private function wanted(): ImportOptions
    {
        $start = trim($this->word('start'));

        return new ImportOptions(strtoupper(trim($this->word('encoding'))), $start === '' ? '' : '@'.trim($start, '@').'@',
            max(0, (int) $this->word('generations')));
    }

    /** What the file is; nothing of it is brought in. A tree that is not there has nobody whom it could be like. */
    private function look(DoublesInFile $look, CurrentTree $current, string $file): int
    {
        $tree = TreeNamed::find(trim($this->word('tree'))) ?? new Tree(['name' => '']);
        $tree->id ??= (string) Str::uuid7();
        try {
            $seen = $current->within($tree, static fn (): array => $look->look($file, new SilentProgress));
        } catch (NotReadable $refused) {
            $this->error($refused->getMessage());

            return self::FAILURE;
        }
        $this->output->writeln($this->option('json')
            ? (string) json_encode($seen, JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_INVALID_UTF8_SUBSTITUTE)
            : "Version {$seen['version']}".($seen['program'] === '' ? '' : " by {$seen['program']}").", {$seen['encoding']}: "
            .Counted::of($seen['people'], 'person', 'people').', '.Counted::of($seen['families'], 'family')
                .($seen['firstYear'] === null ? '' : ", {$seen['firstYear']} to {$seen['lastYear']}")
                    .", {$seen['lines']} lines, {$seen['oddCount']} of them odd; {$seen['pictures']['found']} pictures came, "
                    ."{$seen['pictures']['missingCount']} did not. "
                        .($seen['inDoubt']
                            ? 'Its letters are not what it says; say with --encoding how they are read: '
                            .implode(', ', array_column($seen['readings'], 'name')).'. ' : '')
                                .($seen['alike'] ?: 'Nothing was brought in.').self::here($seen['here']));

        return self::SUCCESS;
    }

    /** @param  array{count: int, people: list<array{pointer: string, says: string, number: int, shown: string}>}  $here */
    private static function here(array $here): string
    {
        $told = array_map(static fn (array $one): string => "{$one['pointer']} {$one['says']} is no. {$one['number']}, {$one['shown']}",
            array_slice($here['people'], 0, self::TOLD));

        return $told === [] ? '' : ' Likely in the tree already: '.implode('; ', $told)
            .($here['count'] > count($told) ? '; and '.($here['count'] - count($told)).' more.' : '.');
    }
}
