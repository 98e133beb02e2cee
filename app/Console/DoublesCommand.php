<?php

declare(strict_types=1);

namespace App\Console;

use App\Trees\Doubles\FindDoubles;
use App\Trees\Exchange\FilePointers;
use App\Trees\Exchange\SilentProgress;
use App\Trees\Scope\CurrentTree;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use NorthBough\Core\Linkage\Doubles\ScoredPair;
use NorthBough\Core\Linkage\ProbabilityWords;

final class DoublesCommand extends Command
{
    use EntersTree, WithoutCoverage;

    protected $signature = 'bough:doubles {tree} {--limit=0 : how many pairs are told at most; 0 for all} {--json}';

    protected $description = 'Looks for people who stand in a tree twice, keeps the pairs and tells them, the likeliest first';

    public function handle(CurrentTree $current, FindDoubles $doubles, FilePointers $pointers): int
    {
        $this->withoutCoverage();
        if (! $this->entered($current)) {
            return self::FAILURE;
        }
        ini_set('memory_limit', '3G');
        $scan = $doubles->run(new SilentProgress);
        $limit = (int) $this->word('limit');
        $pairs = $limit > 0 ? array_slice($scan->pairs, 0, $limit) : $scan->pairs;
        $refs = $pointers->ofPeople();
        if ($this->option('json')) {
            $this->output->writeln((string) json_encode([
                'pairs' => array_map(static fn (ScoredPair $pair): array => ['a' => $pair->a, 'b' => $pair->b,
                    'a_ref' => $refs[$pair->a] ?? null, 'b_ref' => $refs[$pair->b] ?? null, 'probability' => round($pair->probability, 4),
                    'working' => array_map(FindDoubles::line(...), $pair->working)], $pairs),
                'people' => $scan->people, 'candidates' => $scan->candidates, 'seconds' => round($scan->seconds, 2),
            ], JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));

            return self::SUCCESS;
        }
        $numbers = DB::table('people')->where('tree_id', $current->id())->pluck('number', 'id');
        foreach ($pairs as $pair) {
            $this->output->writeln(ProbabilityWords::of($pair->probability)."  no. {$numbers[$pair->a]} and no. {$numbers[$pair->b]}");
        }
        $this->output->writeln(count($scan->pairs).' pairs among '.number_format($scan->people).' people; '
            .number_format($scan->candidates).' candidates were compared in '.round($scan->seconds, 1).' s.');

        return self::SUCCESS;
    }
}
