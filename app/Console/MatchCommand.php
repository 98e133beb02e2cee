<?php

declare(strict_types=1);

namespace App\Console;

use App\Refusal;
use App\Trees\Records\RecordFile;
use App\Trees\Records\RecordMatches;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\HouseholdMatch;
use NorthBough\Core\Linkage\MatchOffer;
use NorthBough\Core\Record\Roll;
use NorthBough\Core\Record\RollLine;

final class MatchCommand extends Command
{
    use EntersTree;

    protected $signature = 'bough:match {tree} {--record= : a JSON file: kind, date, place, lines of name, role and columns} {--json}';

    protected $description = 'Says who of a tree the lines of a record may be; nothing is written';

    public function handle(CurrentTree $current, RecordMatches $lineUps, RecordFile $written): int
    {
        if (! $this->entered($current)) {
            return self::FAILURE;
        }
        try {
            $roll = $written->roll(self::contentOf($this->word('record')));
        } catch (Refusal $refusal) {
            $this->error($refusal->getMessage());

            return self::FAILURE;
        }
        $begun = microtime(true);
        $aside = array_values(array_filter($roll->lines, static fn (RollLine $line): bool => $roll->role($line)->isAside ?? false));
        $lined = $lineUps->of($roll, [], array_column($aside, 'id'));
        $seconds = round(microtime(true) - $begun, 3);
        $lines = $this->lines($roll, $lined, $current);
        if ($this->option('json')) {
            $this->output->writeln(
                (string) json_encode(['lines' => $lines, 'seconds' => $seconds], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        foreach ($lines as $at => $line) {
            $this->output->writeln("{$line['line']}  {$roll->lines[$at]->name}: {$line['proposed']} (".round(100 * $line['probability'], 1)
                .' in 100'.($line['asks'] ? ', to be asked' : '').')');
        }

        return self::SUCCESS;
    }

    /** @throws Refusal when the file cannot be read */
    private static function contentOf(string $path): string
    {
        $content = $path === '' ? false : @file_get_contents($path);

        return $content === false ? throw new Refusal('Say which file tells the record, with --record=FILE.json.') : $content;
    }

    /**
     * @return list<array{line: string|int, proposed: string, probability: float, asks: bool,
     *     offers: list<array{ref: string, probability: float, says: string}>}> in the order of the page
     */
    private function lines(Roll $roll, HouseholdMatch $householdMatch, CurrentTree $current): array
    {
        $offered = array_merge([],
            ...array_values(
                array_map(static fn (array $offers): array => array_map(static fn (MatchOffer $offer): string => $offer->personId, $offers),
                    $householdMatch->offers)));
        $refs = $this->refs([...array_values($householdMatch->placed), ...$offered], $current);

        return array_map(static function (RollLine $line) use ($householdMatch, $refs): array {
            $person = $householdMatch->placed[$line->id] ?? '';

            return [
                'line' => ctype_digit($line->id) ? (int) $line->id : $line->id,
                'proposed' => $person === '' ? 'new' : $refs[$person],
                'probability' => round($person === '' ? $householdMatch->newOdds[$line->id] ?? 1.0
                    : $householdMatch->odds($line->id, $person), 4),
                'asks' => $householdMatch->isOpen($line->id),
                'offers' => array_map(
                    static fn (MatchOffer $offer): array => ['ref' => $refs[$offer->personId], 'probability' => round($offer->odds, 4),
                        'says' => implode(' ', $offer->grounds)], $householdMatch->offers[$line->id] ?? []),
            ];
        }, $roll->lines);
    }

    /**
     * The pointer that somebody had in an imported file, or their number in the tree.
     *
     * @param  list<string>  $ids
     * @return array<string, string>
     */
    private function refs(array $ids, CurrentTree $current): array
    {
        $numbers = DB::table('people')->where('tree_id', $current->id())->whereIn('id', $ids)->pluck('number', 'id')->map(strval(...))
            ->all();
        $pointers = DB::table('file_refs')->where('tree_id', $current->id())->whereIn('person_id', $ids)->orderByDesc('id')
            ->pluck('pointer', 'person_id')->all();

        return [...$numbers, ...$pointers];
    }
}
